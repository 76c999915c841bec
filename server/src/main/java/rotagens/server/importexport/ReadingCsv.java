package rotagens.server.importexport;

import static rotagens.server.importexport.ImportexportWords.WORDS;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import rotagens.core.fact.Reading;
import rotagens.core.fact.ThermalState;
import rotagens.core.inspection.PlausibilityCheck;
import rotagens.core.inspection.TreadInput;
import rotagens.core.measure.Distance;
import rotagens.core.measure.InvalidInputException;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Temperature;
import rotagens.core.measure.TreadDepth;
import rotagens.core.measure.Units;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.PositionNames;
import rotagens.core.wear.GrooveDepths;
import rotagens.server.cache.ChangeTracker;
import rotagens.server.facts.FactLog;
import rotagens.server.inspection.ReadingLog;
import rotagens.server.inspection.Readings;
import rotagens.server.people.People;
import rotagens.server.tire.TireStore;
import rotagens.server.tire.TireStore.InstalledTire;
import rotagens.server.vehicle.VehicleRegister;
import rotagens.server.vehicle.VehicleStore;
import rotagens.server.web.InputValidator;

/** Readings of pressure and tread, one tire a row; they belong to the tire that was at the place on that day. */
@Component
class ReadingCsv implements CsvFormat {

    private final FactLog log;
    private final ReadingLog facts;
    private final TireStore tireStore;
    private final VehicleStore vehicleStore;
    private final VehicleRegister register;
    private final People people;
    private final ChangeTracker changeTracker;
    private final Clock clock;

    ReadingCsv(
            FactLog log,
            ReadingLog facts,
            TireStore tireStore,
            VehicleStore vehicleStore,
            VehicleRegister register,
            People people,
            ChangeTracker changeTracker,
            Clock clock) {
        this.log = log;
        this.facts = facts;
        this.tireStore = tireStore;
        this.vehicleStore = vehicleStore;
        this.register = register;
        this.people = people;
        this.changeTracker = changeTracker;
        this.clock = clock;
    }

    @Override
    public Type kind() {
        return Type.READINGS;
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
                        "truck",
                        "bus"),
                Column.must(
                        "position",
                        WORDS.say("whereOnIt1L"),
                        "wheelposition",
                        "tirepos",
                        "tireposition",
                        "pos",
                        "wheelpos"),
                Column.must("day", WORDS.say("whenItWasRead2026"), "date", "readon", "inspectiondate", "inspected"),
                Column.may(
                        "pressure",
                        WORDS.say("asRead82"),
                        "psi",
                        "cold",
                        "coldpsi",
                        "coldpressure",
                        "tirepressure",
                        "air",
                        "airpressure"),
                Column.may("warmth", WORDS.say("coldHotOrUnknownUnknown"), "hotcold", "coldhot"),
                Column.may("outer", WORDS.say("treadDepthAtTheOuter"), "treadouter"),
                Column.may("center", WORDS.say("atTheCenterGroove"), "treadcenter", "centre"),
                Column.may("inner", WORDS.say("atTheInnerGroove"), "treadinner"),
                Column.may(
                        "lowest",
                        WORDS.say("lowestDepthAnywhereWhereOnly"),
                        "tread",
                        "depth",
                        "treaddepth",
                        "lowesttread"),
                Column.may("odometer", WORDS.say("odometerAtTheTime"), "miles", "mileage"),
                Column.may("temperature", WORDS.say("ofTheAirWhere"), "airtemperature"),
                Column.may("filled", WORDS.say("yesWhereAirWasAdded"), "fill"),
                Column.may("gas", WORDS.say("airOrNitrogenWhereKnown"), "fillgas"),
                Column.may("purity", WORDS.say("ofNitrogenInPercent96"), "nitrogenpurity"),
                CsvFormat.confirmed());
    }

    @Override
    public Set<String> days() {
        return Set.of("day");
    }

    @Override
    public Map<String, String> measures() {
        return Map.ofEntries(
                Map.entry("", "pressure"),
                Map.entry("psi", "pressure"),
                Map.entry("kPa", "pressure"),
                Map.entry("bar", "pressure"),
                Map.entry("pressure", "pressure"),
                Map.entry("press", "pressure"),
                Map.entry("air", "pressure"),
                Map.entry("cold", "pressure"),
                Map.entry("coldpressure", "pressure"),
                Map.entry("tread", "lowest"),
                Map.entry("depth", "lowest"),
                Map.entry("treaddepth", "lowest"),
                Map.entry("/32", "lowest"),
                Map.entry("mm", "lowest"));
    }

    @Override
    public Session open(Units units) {
        VehiclesOfFile vehicles = new VehiclesOfFile(register, vehicleStore);
        return new RowByRow(vehicles::expect, row -> take(row, units, vehicles));
    }

    private Taken take(Cells row, Units units, VehiclesOfFile vehicles) {
        InputValidator wrong = new InputValidator();
        LocalDate today = LocalDate.now(clock);
        Optional<Long> vehicle = vehicles.named(row.or("unit", ""));
        wrong.unless(vehicle.isPresent(), "unit", WORDS.say("noVehicleOnFile", "unit", row.or("unit", "")));
        Optional<Position> position = wrong.required(
                "position",
                row.or("position", ""),
                text -> vehicle.isEmpty()
                        ? Position.parse(text)
                        : PositionNames.read(
                                text, vehicles.get(vehicle.get()).facts().layout()));
        Optional<LocalDate> day = wrong.required("day", row.or("day", ""), text -> CsvCells.day(text, today));
        Optional<Pressure> pressure = wrong.optional(
                "pressure",
                row.or("pressure", ""),
                text -> Pressure.parse(text, units == Units.US ? Pressure.Unit.PSI : Pressure.Unit.KPA));
        Optional<ThermalState> thermalState = wrong.attempt("warmth", () -> warmth(row.or("warmth", "unknown")));
        Optional<Distance> odometer = wrong.optional(
                "odometer",
                row.or("odometer", ""),
                text -> Distance.parse(text, units == Units.US ? Distance.Unit.MILES : Distance.Unit.KM));
        Optional<Temperature> temperature = wrong.optional(
                "temperature",
                row.or("temperature", ""),
                text -> Temperature.parse(text, units == Units.US ? Temperature.Unit.F : Temperature.Unit.C));
        Optional<Boolean> filled = wrong.attempt("filled", () -> CsvCells.yes(row.or("filled", "")));
        Optional<Boolean> confirmed = wrong.attempt(CONFIRMED, () -> CsvCells.yes(row.or(CONFIRMED, "")));
        Optional<String> gas = wrong.attempt("gas", () -> Readings.gasOf(row.or("gas", "")));
        Optional<String> purity =
                wrong.attempt("purity", () -> Readings.purityOf(row.or("purity", ""), gas.orElse("")));
        Optional<InstalledTire> there = vehicle.isEmpty() || position.isEmpty() || day.isEmpty()
                ? Optional.empty()
                : fitted(vehicles.get(vehicle.get()), position.get(), day.get(), wrong);
        Optional<TreadDepth> original = there.flatMap(one -> one.tire().model().originalDepth());
        GrooveDepths grooveDepths = new GrooveDepths(
                depth("outer", row, original, wrong, units),
                depth("center", row, original, wrong, units),
                depth("inner", row, original, wrong, units),
                depth("lowest", row, original, wrong, units));
        wrong.unless(
                pressure.isPresent()
                        || !grooveDepths.isEmpty()
                        || row.get("pressure").isPresent(),
                "pressure",
                WORDS.say("rowHoldsNeitherPressureNor"));
        wrong.refuseIfWrong();
        changeTracker.only(vehicle.orElseThrow());
        InstalledTire installedTire = there.orElseThrow();
        Instant at = CsvCells.at(day.orElseThrow(), clock);
        String what = vehicles.get(vehicle.get()).facts().unit() + " "
                + position.orElseThrow().code();
        Readings.Values values = new Readings.Values(
                pressure,
                thermalState.orElseThrow(),
                grooveDepths,
                odometer,
                temperature,
                filled.orElseThrow(),
                gas.orElseThrow(),
                Readings.Look.NONE.pure(purity.orElseThrow()));
        List<ReadingLog.Fact> ofTire = facts.ofTire(installedTire.tire().id()).stream()
                .filter(fact -> !fact.isVoided())
                .toList();
        boolean known = ofTire.stream()
                .anyMatch(fact -> fact.values().filter(values::sameFigures).isPresent()
                        && day(fact).equals(day.get()));
        String kept = what + ", " + figures(values);
        if (known) {
            return new Taken(Outcome.SAME, kept);
        }
        if (!confirmed.orElseThrow()) {
            askAboutUnusual(ofTire, values, at, units);
        }
        log.record(FactLog.Observation.read(
                new Readings.Entry(installedTire.tire().id(), installedTire.placeId(), at, people.me(), null, null),
                values));
        return new Taken(Outcome.ADDED, kept);
    }

    /** The figures as they are kept, each with its unit. */
    private static String figures(Readings.Values values) {
        List<String> figures = new ArrayList<>();
        values.pressure()
                .ifPresent(pressure -> figures.add(pressure.asEntered() + " "
                        + values.thermalState().name().toLowerCase(Locale.ROOT)));
        GrooveDepths tread = values.tread();
        if (tread.outer().isPresent()
                || tread.center().isPresent()
                || tread.inner().isPresent()) {
            figures.add(WORDS.say(
                    "tread",
                    "inner",
                    Stream.of(tread.outer(), tread.center(), tread.inner())
                            .map(groove -> groove.map(TreadDepth::asEntered).orElse("–"))
                            .collect(Collectors.joining(" · "))));
        }
        tread.lowestAnywhere().ifPresent(lowest -> figures.add(WORDS.say("lowest", "lowest", lowest.asEntered())));
        values.odometer().ifPresent(odometer -> figures.add(odometer.asEntered()));
        return String.join(", ", figures);
    }

    /** Held against what was read on the tire before that day; rows of one file count for those after them. */
    private void askAboutUnusual(List<ReadingLog.Fact> ofTire, Readings.Values read, Instant at, Units units) {
        List<Reading> before = ofTire.stream()
                .filter(fact -> !fact.at().isAfter(at))
                .sorted(Comparator.comparing(ReadingLog.Fact::at).reversed())
                .flatMap(fact -> fact.values().map(values -> values.asReading(day(fact))).stream())
                .toList();
        InputValidator asked = new InputValidator();
        PlausibilityCheck.in(before, read.asReading(LocalDate.ofInstant(at, clock.getZone())))
                .forEach((checkedValue, why) -> asked.ask(
                        checkedValue.name().toLowerCase(Locale.ROOT),
                        WORDS.say("inAFileEnterYes", "why", why.in(units), "confirmed", CONFIRMED)));
        asked.refuseIfWrong();
    }

    private LocalDate day(ReadingLog.Fact fact) {
        return LocalDate.ofInstant(fact.at(), clock.getZone());
    }

    private Optional<InstalledTire> fitted(
            VehicleStore.OnFile vehicle, Position position, LocalDate day, InputValidator wrong) {
        Long place = vehicle.places().get(position);
        InstalledTire there =
                place == null ? null : tireStore.fitted(vehicle.id()).get(place);
        wrong.unless(place != null, "position", WORDS.say("vehicleHasNoPosition", "position", position.code()));
        wrong.unless(place == null || there != null, "position", WORDS.say("noTireIsOnFile"));
        boolean before = there != null
                && there.tire().installedOn().filter(day::isBefore).isPresent();
        wrong.unless(!before, "day", WORDS.say("onThatDayAnotherTire"));
        return Optional.ofNullable(there);
    }

    private static Optional<TreadDepth> depth(
            String column, Cells row, Optional<TreadDepth> original, InputValidator wrong, Units units) {
        TreadDepth.Unit scale = units == Units.US ? TreadDepth.Unit.THIRTY_SECONDS : TreadDepth.Unit.MM;
        return wrong.optional(
                column,
                row.or(column, ""),
                text -> TreadInput.plausible(TreadDepth.parse(text, scale), original, units));
    }

    private static ThermalState warmth(String text) {
        try {
            return ThermalState.valueOf(text.strip().toUpperCase(Locale.ROOT));
        } catch (IllegalArgumentException e) {
            throw new InvalidInputException(WORDS.say("writeColdHotOrUnknown"));
        }
    }

    @Override
    public List<List<String>> rows(BiFunction<Object, Units, String> shown, Units units) {
        List<List<String>> rows = new ArrayList<>();
        for (VehicleStore.OnFile vehicle : vehicleStore.all()) {
            for (ReadingLog.Fact fact : facts.ofVehicle(vehicle.id())) {
                Optional<Position> position = vehicle.places().entrySet().stream()
                        .filter(place -> place.getValue() == fact.placeId())
                        .map(java.util.Map.Entry::getKey)
                        .findFirst();
                if (fact.isVoided()
                        || fact.values().filter(Readings.Values::hasFigures).isEmpty()
                        || position.isEmpty()) {
                    continue;
                }
                Readings.Values values = fact.values().get();
                rows.add(List.of(
                        vehicle.facts().unit(),
                        position.get().code(),
                        LocalDate.ofInstant(fact.at(), clock.getZone()).toString(),
                        shown.apply(values.pressure(), units),
                        values.thermalState().name().toLowerCase(Locale.ROOT),
                        shown.apply(values.tread().outer(), units),
                        shown.apply(values.tread().center(), units),
                        shown.apply(values.tread().inner(), units),
                        shown.apply(values.tread().lowestAnywhere(), units),
                        shown.apply(values.odometer(), units),
                        shown.apply(values.temperature(), units),
                        values.filled() ? "yes" : "",
                        values.gas().toLowerCase(Locale.ROOT),
                        values.look().purity(),
                        ""));
            }
        }
        return rows;
    }
}
