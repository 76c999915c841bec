package rotagens.server.importexport;

import static rotagens.server.importexport.ImportexportWords.WORDS;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import rotagens.core.measure.Distance;
import rotagens.core.measure.InvalidInputException;
import rotagens.core.measure.Units;
import rotagens.server.cache.ChangeTracker;
import rotagens.server.people.People;
import rotagens.server.vehicle.OdometerLedger;
import rotagens.server.vehicle.OdometerStore;
import rotagens.server.vehicle.VehicleRegister;
import rotagens.server.vehicle.VehicleStore;
import rotagens.server.web.InputValidator;

/** Odometer readings, one a row. */
@Component
class OdometerCsv implements CsvFormat {

    private static final String FIELD = "odometer";

    /** So many vehicles' odometers are read by one question. */
    private static final int VEHICLES_AT_ONCE = 500;

    private final VehicleStore vehicleStore;
    private final OdometerStore odometerStore;
    private final VehicleRegister register;
    private final People people;
    private final ChangeTracker changeTracker;
    private final Clock clock;

    OdometerCsv(
            VehicleStore vehicleStore,
            OdometerStore odometerStore,
            VehicleRegister register,
            People people,
            ChangeTracker changeTracker,
            Clock clock) {
        this.vehicleStore = vehicleStore;
        this.odometerStore = odometerStore;
        this.register = register;
        this.people = people;
        this.changeTracker = changeTracker;
        this.clock = clock;
    }

    @Override
    public Type kind() {
        return Type.ODOMETERS;
    }

    @Override
    public List<Column> columns() {
        return List.of(
                Column.must(
                        "unit",
                        WORDS.say("vehiclesUnitNumberForExample"),
                        "vehicle",
                        "unitnumber",
                        "unitno",
                        "unitid",
                        "fleetnumber",
                        "truck",
                        "bus"),
                Column.must("day", WORDS.say("whenItWasRead2026"), "date", "readon", "readingdate", "asof"),
                Column.must(
                        "odometer",
                        WORDS.say("readingWithMiOrKm"),
                        "miles",
                        "mileage",
                        "km",
                        "odometerreading",
                        "odo",
                        "currentodometer",
                        "hubometer"),
                CsvFormat.confirmed());
    }

    @Override
    public Set<String> days() {
        return Set.of("day");
    }

    @Override
    public Session open(Units units) {
        return new OdometersOfFile(units);
    }

    /** Looked at from what was read once and the rows before: nothing is written until a part is stored. */
    private final class OdometersOfFile implements Session {

        private final Units units;
        private final VehiclesOfFile vehicles = new VehiclesOfFile(register, vehicleStore);
        private final Map<Long, OdometerLedger> ledgers = new HashMap<>();

        OdometersOfFile(Units units) {
            this.units = units;
        }

        @Override
        public void begin(List<Cells> rows) {
            LocalDate first = rows.stream()
                    .flatMap(row -> attempt(() -> day(row)))
                    .min(Comparator.naturalOrder())
                    .orElseGet(() -> LocalDate.now(clock));
            List<Long> named = rows.stream()
                    .flatMap(row -> vehicles.named(row.or("unit", "")).stream())
                    .distinct()
                    .toList();
            for (int at = 0; at < named.size(); at += VEHICLES_AT_ONCE) {
                ledgers.putAll(odometerStore.ledgers(
                        Set.copyOf(named.subList(at, Math.min(at + VEHICLES_AT_ONCE, named.size()))),
                        first.atStartOfDay(clock.getZone()).toInstant()));
            }
        }

        private Stream<LocalDate> attempt(Supplier<LocalDate> day) {
            try {
                return Stream.of(day.get());
            } catch (InvalidInputException saidWithItsRow) {
                return Stream.empty();
            }
        }

        private LocalDate day(Cells row) {
            return CsvCells.day(row.or("day", ""), LocalDate.now(clock));
        }

        @Override
        public Planned plan(Cells row) {
            InputValidator wrong = new InputValidator();
            Optional<Long> vehicle = vehicles.named(row.or("unit", ""));
            wrong.unless(vehicle.isPresent(), "unit", WORDS.say("noVehicleOnFile", "unit", row.or("unit", "")));
            Optional<LocalDate> day = wrong.required("day", row.or("day", ""), text -> day(row));
            Optional<Distance> reading = wrong.required(
                    "odometer",
                    row.or("odometer", ""),
                    text -> Distance.parse(text, units == Units.US ? Distance.Unit.MILES : Distance.Unit.KM));
            Optional<Boolean> confirmed = wrong.attempt(CONFIRMED, () -> CsvCells.yes(row.or(CONFIRMED, "")));
            wrong.refuseIfWrong();
            long id = vehicle.orElseThrow();
            Distance figure = reading.orElseThrow();
            String what = vehicles.unit(id) + ", " + figure.asEntered();
            OdometerLedger ledger = ledgers.get(id);
            if (ledger.isKnown(day.orElseThrow(), figure)) {
                return new Planned(new Taken(Outcome.SAME, what), row, null);
            }
            OdometerStore.NewReading read = new OdometerStore.NewReading(
                    id,
                    figure,
                    CsvCells.at(day.orElseThrow(), clock),
                    OdometerStore.askIn(confirmed.orElseThrow(), units));
            ledger.check(read.at(), figure, FIELD, read.askIn());
            ledger.add(read.at(), figure);
            return new Planned(new Taken(Outcome.ADDED, what), row, read);
        }

        @Override
        public void store(List<Planned> rows) {
            List<OdometerStore.NewReading> read = rows.stream()
                    .filter(Planned::isToBeStored)
                    .map(row -> (OdometerStore.NewReading) row.write())
                    .toList();
            changeTracker.only(read.stream()
                    .map(OdometerStore.NewReading::vehicleId)
                    .distinct()
                    .toArray(Long[]::new));
            odometerStore.readAll(read, people.me(), FIELD);
        }

        @Override
        public boolean isPlannedByWriting() {
            return false;
        }
    }

    @Override
    public List<List<String>> rows(BiFunction<Object, Units, String> shown, Units units) {
        List<List<String>> rows = new ArrayList<>();
        for (VehicleStore.OnFile vehicle : vehicleStore.all()) {
            odometerStore
                    .all(vehicle.id())
                    .forEach(one -> rows.add(List.of(
                            vehicle.facts().unit(), one.on().toString(), shown.apply(one.reading(), units), "")));
        }
        return rows;
    }
}
