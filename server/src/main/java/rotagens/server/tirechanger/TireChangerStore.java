package rotagens.server.tirechanger;

import static rotagens.server.storage.generated.Tables.TIRE_CHANGER;
import static rotagens.server.tirechanger.TirechangerWords.WORDS;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.jobsheet.BeadStep;
import rotagens.core.jobsheet.TireChanger;
import rotagens.core.measure.Length;
import rotagens.core.measure.Units;
import rotagens.server.storage.generated.tables.records.TireChangerRecord;
import rotagens.server.web.ProblemException;

/** The shop's tire changers, with the limits of their plates and their own sheets of valve positions. */
@Service
public class TireChangerStore {

    /** A machine on file; its limits as they were entered. */
    public record OnFile(
            long id,
            int version,
            TireChanger tireChanger,
            String maxTireDiameter,
            String minRimDiameter,
            String maxRimDiameter,
            String maxWidth,
            boolean retired) {}

    private final DSLContext db;

    TireChangerStore(DSLContext db) {
        this.db = db;
    }

    @Transactional(readOnly = true)
    public List<OnFile> all() {
        return db.selectFrom(TIRE_CHANGER)
                .orderBy(TIRE_CHANGER.RETIRED_AT.isNotNull(), TIRE_CHANGER.NAME)
                .fetch(TireChangerStore::onFile);
    }

    /** Those in use. */
    @Transactional(readOnly = true)
    public List<OnFile> inUse() {
        return all().stream().filter(one -> !one.retired()).toList();
    }

    @Transactional(readOnly = true)
    public OnFile get(long id) {
        return all().stream()
                .filter(one -> one.id() == id)
                .findFirst()
                .orElseThrow(() -> ProblemException.notFound(WORDS.say("thereIsNoSuchMachine")));
    }

    private static OnFile onFile(TireChangerRecord row) {
        return new OnFile(
                row.getId(),
                row.getVersion(),
                new TireChanger(
                        row.getName(),
                        TireChanger.TireChangerType.valueOf(row.getType()),
                        length(row.getMaxTireDiameter()),
                        inches(row.getMinRimDiameter()),
                        inches(row.getMaxRimDiameter()),
                        length(row.getMaxWidth()),
                        valvePositions(row.getValvePositions())),
                row.getMaxTireDiameter(),
                row.getMinRimDiameter(),
                row.getMaxRimDiameter(),
                row.getMaxWidth(),
                row.getRetiredAt() != null);
    }

    private static Optional<Length> length(String stored) {
        return stored.isEmpty() ? Optional.empty() : Optional.of(Length.parse(stored, Units.US));
    }

    private static OptionalDouble inches(String stored) {
        return stored.isEmpty() ? OptionalDouble.empty() : OptionalDouble.of(Double.parseDouble(stored));
    }

    private static Map<BeadStep, Integer> valvePositions(String stored) {
        Map<BeadStep, Integer> valves = new EnumMap<>(BeadStep.class);
        Arrays.stream(stored.split(" ")).filter(part -> part.contains("=")).forEach(part -> {
            String[] pair = part.split("=");
            valves.put(BeadStep.valueOf(pair[0]), Integer.parseInt(pair[1]));
        });
        return valves;
    }

    /** Adds one with its limits in inches. */
    @Transactional
    public long add(TireChanger tireChanger) {
        return add(new TireChangerRequest.Read(
                tireChanger,
                tireChanger
                        .maxTireDiameter()
                        .map(length -> length.format(Units.US))
                        .orElse(""),
                tireChanger.minRimDiameter().isPresent()
                        ? TireChangerRequest.plain(tireChanger.minRimDiameter().getAsDouble())
                        : "",
                tireChanger.maxRimDiameter().isPresent()
                        ? TireChangerRequest.plain(tireChanger.maxRimDiameter().getAsDouble())
                        : "",
                tireChanger.maxWidth().map(length -> length.format(Units.US)).orElse("")));
    }

    /** Adds one; refuses a name that is taken. */
    @Transactional
    long add(TireChangerRequest.Read read) {
        refuseTaken(read.machine().name(), 0);
        TireChangerRecord row = db.newRecord(TIRE_CHANGER);
        fill(row, read);
        row.insert();
        return row.getId();
    }

    /** Changes one that nobody changed since it was seen. */
    @Transactional
    void change(long id, int version, TireChangerRequest.Read read) {
        TireChangerRecord row = db.fetchOptional(TIRE_CHANGER, TIRE_CHANGER.ID.eq(id))
                .orElseThrow(() -> ProblemException.notFound(WORDS.say("thereIsNoSuchMachine")));
        if (row.getVersion() != version) {
            throw ProblemException.changedMeanwhile(WORDS.say("anotherUserChangedThisTire"), onFile(row));
        }
        refuseTaken(read.machine().name(), id);
        fill(row, read);
        row.setVersion(version + 1);
        row.update();
    }

    private void refuseTaken(String name, long but) {
        if (db.fetchExists(
                TIRE_CHANGER,
                DSL.lower(TIRE_CHANGER.NAME).eq(name.toLowerCase(java.util.Locale.ROOT)),
                TIRE_CHANGER.ID.ne(but))) {
            throw ProblemException.field("name", WORDS.say("anotherMachineHasThisName"));
        }
    }

    private static void fill(TireChangerRecord row, TireChangerRequest.Read read) {
        List<String> valves = new ArrayList<>();
        read.machine().valvePositions().forEach((step, angle) -> valves.add(step + "=" + angle));
        row.setName(read.machine().name());
        row.setType(read.machine().type().name());
        row.setMaxTireDiameter(read.maxTireDiameter());
        row.setMinRimDiameter(read.minRimDiameter());
        row.setMaxRimDiameter(read.maxRimDiameter());
        row.setMaxWidth(read.maxWidth());
        row.setValvePositions(valves.stream().sorted().collect(Collectors.joining(" ")));
    }
}
