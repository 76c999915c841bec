package rotagens.server.importexport;

import static rotagens.server.importexport.ImportexportWords.WORDS;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jooq.Cursor;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.jooq.Table;
import rotagens.core.fact.Finding;
import rotagens.core.inspection.Gauge;
import rotagens.core.jobsheet.TireChanger.TireChangerType;
import rotagens.core.jobsheet.VisitEntryType;
import rotagens.core.measure.Units;
import rotagens.core.planning.Part;
import rotagens.core.planning.WorkType;
import rotagens.core.policy.PolicyNumber;
import rotagens.core.vehicle.AxleRole;
import rotagens.core.vehicle.LoadState;
import rotagens.core.vehicle.PilotType;
import rotagens.core.vehicle.VehicleType;
import rotagens.server.people.Role;
import rotagens.server.storage.TableShapes;
import rotagens.server.tire.TireStore.StockState;

/** Looks through an export on its stage: every figure is one, every code is known, what refers to something finds it. */
final class ExportCheck {

    private static final Map<String, Class<? extends Enum<?>>> CODES = Map.ofEntries(
            Map.entry("person.role", Role.class),
            Map.entry("person.units", Units.class),
            Map.entry("vehicle.type", VehicleType.class),
            Map.entry("axle.role", AxleRole.class),
            Map.entry("wheel.pilot_type", PilotType.class),
            Map.entry("job_item.work_type", WorkType.class),
            Map.entry("finding.type", Finding.class),
            Map.entry("policy_setting.number", PolicyNumber.class),
            Map.entry("stock.state", StockState.class),
            Map.entry("scale_ticket.load_state", LoadState.class),
            Map.entry("gauge.type", Gauge.Type.class),
            Map.entry("tire_changer.type", TireChangerType.class),
            Map.entry("visit_entry.type", VisitEntryType.class),
            Map.entry("part_movement.part", Part.class),
            Map.entry("part_level.part", Part.class));

    private ExportCheck() {}

    /** What is wrong, in words; empty where nothing is. */
    static Optional<String> fault(DSLContext stage) {
        if (!stage.fetch("PRAGMA foreign_key_check").isEmpty()) {
            return Optional.of(WORDS.say("itsRecordsDoNotAgree"));
        }
        List<String> tables = ExportTables.tables(stage);
        return TableShapes.all().stream()
                .filter(table -> tables.contains(table.getName()))
                .flatMap(table -> figures(stage, table).stream())
                .findFirst()
                .or(() -> CODES.entrySet().stream()
                        .flatMap(code -> unknown(stage, code.getKey(), code.getValue()).stream())
                        .findFirst());
    }

    private static Optional<String> figures(DSLContext stage, Table<?> table) {
        int row = 0;
        try (Cursor<?> rows = stage.selectFrom(table).fetchLazy()) {
            while (rows.hasNext()) {
                row++;
                Record ignored = rows.fetchNext();
            }
            return Optional.empty();
        } catch (RuntimeException unreadable) {
            return Optional.of(WORDS.say("inRowHoldsSomething", "name", table.getName(), "row", row == 0 ? 1 : row));
        }
    }

    private static Optional<String> unknown(DSLContext stage, String column, Class<? extends Enum<?>> codes) {
        String[] name = column.split("\\.");
        List<String> known =
                Arrays.stream(codes.getEnumConstants()).map(Enum::name).toList();
        return stage
                .fetch("select distinct " + ExportTables.quoted(name[1]) + " from " + ExportTables.quoted(name[0]))
                .map(row -> row.get(0, String.class))
                .stream()
                .filter(code -> code != null && !code.isEmpty() && !known.contains(code))
                .findFirst()
                .map(code -> WORDS.say(
                        "inIsNoKnownHere",
                        "table",
                        name[0],
                        "code",
                        code.length() > 40 ? code.substring(0, 40) + "…" : code,
                        "column",
                        name[1].replace('_', ' ')));
    }
}
