package rotagens.server.exchange;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.BiFunction;
import org.springframework.stereotype.Component;
import rotagens.core.fact.Reading;
import rotagens.core.fact.Warmth;
import rotagens.core.inspection.TreadEntry;
import rotagens.core.inspection.Unusual;
import rotagens.core.measure.Distance;
import rotagens.core.measure.InvalidEntry;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Temperature;
import rotagens.core.measure.TreadDepth;
import rotagens.core.measure.Units;
import rotagens.core.vehicle.Position;
import rotagens.core.wear.Tread;
import rotagens.server.facts.FactLog;
import rotagens.server.inspection.ReadingFacts;
import rotagens.server.inspection.Readings;
import rotagens.server.people.People;
import rotagens.server.tire.Tires;
import rotagens.server.tire.Tires.Fitted;
import rotagens.server.vehicle.VehicleRegister;
import rotagens.server.vehicle.Vehicles;
import rotagens.server.web.Entries;

/** Readings of pressure and tread, one tire a row; they belong to the tire that was at the place on that day. */
@Component
class ReadingSheet implements Sheet {

    private final FactLog log;
    private final ReadingFacts facts;
    private final Tires tires;
    private final Vehicles vehicles;
    private final VehicleRegister register;
    private final People people;
    private final Clock clock;

    ReadingSheet(
            FactLog log,
            ReadingFacts facts,
            Tires tires,
            Vehicles vehicles,
            VehicleRegister register,
            People people,
            Clock clock) {
        this.log = log;
        this.facts = facts;
        this.tires = tires;
        this.vehicles = vehicles;
        this.register = register;
        this.people = people;
        this.clock = clock;
    }

    @Override
    public Kind kind() {
        return Kind.READINGS;
    }

    @Override
    public List<Column> columns() {
        return List.of(
                Column.must("unit", "the vehicle’s unit number, for example LC-01", "vehicle", "unitnumber"),
                Column.must("position", "where on it: 1L, 2RO, S1", "wheelposition"),
                Column.must("day", "when it was read: 2026-07-28 or 28 Jul 2026", "date", "readon"),
                Column.may("pressure", "as read: 82, or with its unit: 565 kPa", "psi"),
                Column.may("warmth", "cold, hot or unknown; unknown counts as hot", "hotcold", "coldhot"),
                Column.may("outer", "tread depth at the outer groove: 9/32", "treadouter"),
                Column.may("center", "at the center groove", "treadcenter", "centre"),
                Column.may("inner", "at the inner groove", "treadinner"),
                Column.may("odometer", "odometer at the time", "miles", "mileage"),
                Column.may("temperature", "of the air where it stood: 65 F or 18 C", "airtemperature"),
                Column.may("filled", "yes where air was added or let out just before", "fill"),
                Column.may("gas", "air or nitrogen, where known", "fillgas"),
                Column.may("purity", "of nitrogen, in percent: 96.5", "nitrogenpurity"),
                Sheet.confirmed());
    }

    @Override
    public Taken take(Cells row, Units units) {
        Entries wrong = new Entries();
        LocalDate today = LocalDate.now(clock);
        Optional<Long> vehicle = register.idOf(row.or("unit", ""));
        wrong.unless(vehicle.isPresent(), "unit", "No vehicle on file is called “" + row.or("unit", "") + "”.");
        Optional<Position> position = wrong.required("position", row.or("position", ""), Position::parse);
        Optional<LocalDate> day = wrong.required("day", row.or("day", ""), text -> Fields.day(text, today));
        Optional<Pressure> pressure = wrong.optional(
                "pressure",
                row.or("pressure", ""),
                text -> Pressure.parse(text, units == Units.US ? Pressure.Unit.PSI : Pressure.Unit.KPA));
        Optional<Warmth> warmth = wrong.attempt("warmth", () -> warmth(row.or("warmth", "unknown")));
        Optional<Distance> odometer = wrong.optional(
                "odometer",
                row.or("odometer", ""),
                text -> Distance.parse(text, units == Units.US ? Distance.Unit.MILES : Distance.Unit.KM));
        Optional<Temperature> temperature = wrong.optional(
                "temperature",
                row.or("temperature", ""),
                text -> Temperature.parse(text, units == Units.US ? Temperature.Unit.F : Temperature.Unit.C));
        Optional<Boolean> filled = wrong.attempt("filled", () -> Fields.yes(row.or("filled", "")));
        Optional<Boolean> confirmed = wrong.attempt(CONFIRMED, () -> Fields.yes(row.or(CONFIRMED, "")));
        Optional<String> gas = wrong.attempt("gas", () -> Readings.gasOf(row.or("gas", "")));
        Optional<String> purity =
                wrong.attempt("purity", () -> Readings.purityOf(row.or("purity", ""), gas.orElse("")));
        Optional<Fitted> there = vehicle.isEmpty() || position.isEmpty() || day.isEmpty()
                ? Optional.empty()
                : fitted(vehicle.get(), position.get(), day.get(), wrong);
        Optional<TreadDepth> original = there.flatMap(one -> one.tire().model().originalDepth());
        Tread tread = new Tread(
                depth("outer", row, original, wrong, units),
                depth("center", row, original, wrong, units),
                depth("inner", row, original, wrong, units));
        wrong.unless(
                pressure.isPresent() || !tread.isEmpty() || row.get("pressure").isPresent(),
                "pressure",
                "The row holds neither pressure nor tread.");
        wrong.refuseIfWrong();
        Fitted fitted = there.orElseThrow();
        Instant at = Fields.at(day.orElseThrow(), clock);
        String what = row.or("unit", "") + " " + row.or("position", "");
        Readings.Values values = new Readings.Values(
                pressure,
                warmth.orElseThrow(),
                tread,
                odometer,
                temperature,
                filled.orElseThrow(),
                gas.orElseThrow(),
                Readings.Look.NONE.pure(purity.orElseThrow()));
        List<ReadingFacts.Fact> ofTire = facts.ofTire(fitted.tire().id()).stream()
                .filter(fact -> !fact.isVoided())
                .toList();
        boolean known = ofTire.stream()
                .anyMatch(fact -> fact.values().filter(values::sameFigures).isPresent()
                        && day(fact).equals(day.get()));
        if (known) {
            return new Taken(Outcome.SAME, what);
        }
        if (!confirmed.orElseThrow()) {
            askAboutUnusual(ofTire, values, at, units);
        }
        log.record(FactLog.Look.read(
                new Readings.Entry(fitted.tire().id(), fitted.placeId(), at, people.me(), null, null), values));
        return new Taken(Outcome.ADDED, what);
    }

    /** Held against what was read on the tire before that day; rows of one file count for those after them. */
    private void askAboutUnusual(List<ReadingFacts.Fact> ofTire, Readings.Values read, Instant at, Units units) {
        List<Reading> before = ofTire.stream()
                .filter(fact -> !fact.at().isAfter(at))
                .sorted(Comparator.comparing(ReadingFacts.Fact::at).reversed())
                .flatMap(fact -> fact.values().map(values -> values.asReading(day(fact))).stream())
                .toList();
        Entries asked = new Entries();
        Unusual.in(before, read.asReading(LocalDate.ofInstant(at, clock.getZone())))
                .forEach((figure, why) -> asked.ask(
                        figure.name().toLowerCase(Locale.ROOT),
                        why.in(units) + " In a file, enter yes in the column " + CONFIRMED + "."));
        asked.refuseIfWrong();
    }

    private LocalDate day(ReadingFacts.Fact fact) {
        return LocalDate.ofInstant(fact.at(), clock.getZone());
    }

    private Optional<Fitted> fitted(long vehicleId, Position position, LocalDate day, Entries wrong) {
        Long place = vehicles.places(vehicleId).get(position);
        Fitted there = place == null ? null : tires.fitted(vehicleId).get(place);
        wrong.unless(place != null, "position", "The vehicle has no position " + position.code() + ".");
        wrong.unless(place == null || there != null, "position", "No tire is on file there. Bring the tires in first.");
        boolean before =
                there != null && there.tire().fittedOn().filter(day::isBefore).isPresent();
        wrong.unless(!before, "day", "On that day another tire was there, or none. The present one was fitted later.");
        return Optional.ofNullable(there);
    }

    private static Optional<TreadDepth> depth(
            String column, Cells row, Optional<TreadDepth> original, Entries wrong, Units units) {
        TreadDepth.Unit scale = units == Units.US ? TreadDepth.Unit.THIRTY_SECONDS : TreadDepth.Unit.MM;
        return wrong.optional(
                column,
                row.or(column, ""),
                text -> TreadEntry.plausible(TreadDepth.parse(text, scale), original, units));
    }

    private static Warmth warmth(String text) {
        try {
            return Warmth.valueOf(text.strip().toUpperCase(Locale.ROOT));
        } catch (IllegalArgumentException e) {
            throw new InvalidEntry("Write cold, hot or unknown.");
        }
    }

    @Override
    public List<List<String>> rows(BiFunction<Object, Units, String> shown, Units units) {
        List<List<String>> rows = new ArrayList<>();
        for (Vehicles.OnFile vehicle : vehicles.all()) {
            for (ReadingFacts.Fact fact : facts.ofVehicle(vehicle.id())) {
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
                        values.warmth().name().toLowerCase(Locale.ROOT),
                        shown.apply(values.tread().outer(), units),
                        shown.apply(values.tread().center(), units),
                        shown.apply(values.tread().inner(), units),
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
