package rotagens.server.pressure;

import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.fact.Finding;
import rotagens.core.fact.InForce;
import rotagens.core.fact.Reading;
import rotagens.core.fact.Warmth;
import rotagens.core.inspection.FactIntake;
import rotagens.core.inspection.TireState;
import rotagens.core.inspection.Unusual;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Temperature;
import rotagens.core.measure.Units;
import rotagens.core.policy.PolicyNumber;
import rotagens.core.pressure.Adjustment;
import rotagens.core.pressure.AirTemperature;
import rotagens.core.pressure.Maximum;
import rotagens.core.pressure.RunFlat;
import rotagens.core.tire.TireModel;
import rotagens.core.vehicle.Position;
import rotagens.core.wear.Tread;
import rotagens.server.changes.Changes;
import rotagens.server.facts.FactLog;
import rotagens.server.fleet.Fleet;
import rotagens.server.fleet.Fleet.Standing;
import rotagens.server.inspection.Readings;
import rotagens.server.people.People;
import rotagens.server.tire.Tires.Fitted;
import rotagens.server.web.Entries;
import rotagens.server.web.ProblemException;

/** Measuring and adjusting round a vehicle: cap off, gauge, add or release, gauge again, cap on, one position after the other. */
@Service
class PressureRound {

    /**
     * One position in the order of the round.
     *
     * @param fillTo what to bring it to where it stands; the target, or more in a bay warmer than the yard
     */
    record RoundStop(
            String position,
            String name,
            @Nullable String tire,
            @Nullable String target,
            @Nullable String fillTo,
            @Nullable String fillSays,
            @Nullable String runFlat,
            @Nullable String maximum,
            @Nullable String need,
            @Nullable String last,
            @Nullable LocalDate lastOn,
            @Nullable String gas,
            @Nullable String waits) {}

    record Round(String unit, String state, List<RoundStop> stops) {}

    /**
     * What was done at one valve.
     *
     * @param before what the gauge said first
     * @param after what it said after air was added or let out; blank where nothing was
     * @param parkedHours how long it has stood; blank counts as hot
     */
    record Gauged(
            @Nullable String before,
            @Nullable String after,
            @Nullable String parkedHours,
            @Nullable String air,
            @Nullable String coldest,
            @Nullable String gas,
            @Nullable String purity,
            @Nullable Boolean confirmed) {}

    /**
     * What to do next.
     *
     * @param axle said where another tire of the axle was last read too far from this one
     */
    record Advice(
            Adjustment.What what,
            @Nullable String to,
            String says,
            boolean done,
            @Nullable String axle) {}

    private final Fleet fleet;
    private final Readings readings;
    private final FactLog facts;
    private final People people;
    private final Changes changes;
    private final Clock clock;

    PressureRound(Fleet fleet, Readings readings, FactLog facts, People people, Changes changes, Clock clock) {
        this.fleet = fleet;
        this.readings = readings;
        this.facts = facts;
        this.people = people;
        this.changes = changes;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    Round round(long vehicleId, String bay, String coldest, Units units) {
        Standing standing = fleet.get(vehicleId);
        Entries typed = new Entries();
        Air air = air(typed, bay, coldest, units);
        typed.refuseIfWrong();
        Map<Long, String> gas = readings.gas(vehicleId);
        return new Round(
                standing.onFile().facts().unit(),
                standing.state().facts().preset().state().words(),
                standing.onFile().facts().layout().walkRound().stream()
                        .map(position -> stop(standing, position, air, gas, units))
                        .toList());
    }

    private record Air(Optional<Temperature> here, Optional<Temperature> coldest) {}

    private static Air air(Entries typed, String here, String coldest, Units units) {
        return new Air(
                typed.optional("air", here, text -> Temperature.parse(text, units)),
                typed.optional("coldest", coldest, text -> Temperature.parse(text, units)));
    }

    private static RoundStop stop(Standing standing, Position position, Air air, Map<Long, String> gas, Units units) {
        Optional<Fitted> fitted = Optional.ofNullable(standing.fitted().get(position));
        Optional<TireModel> model = fitted.map(here -> here.tire().model());
        Optional<Pressure> target =
                model.flatMap(tire -> standing.target(position, tire).pressure());
        Optional<Pressure> maximum = model.flatMap(tire -> maximum(standing, position, tire));
        Optional<AirTemperature.Fill> fill = target.map(goal -> fill(goal, air, maximum));
        Optional<Reading> last = standing.state().at(position).lastCold();
        boolean waits =
                standing.state().at(position).open().stream().anyMatch(open -> open.finding() == Finding.RAN_LOW);
        return new RoundStop(
                position.code(),
                standing.onFile().facts().layout().nameOf(position),
                model.map(tire -> tire.title() + " " + tire.size().molded()).orElse(null),
                LoadPressurePages.in(target, units),
                LoadPressurePages.in(fill.map(AirTemperature.Fill::pressure), units),
                fill.map(one -> one.says().in(units))
                        .filter(says -> !says.isEmpty())
                        .orElse(null),
                target.map(goal -> LoadPressurePages.tenth(RunFlat.SHARE * goal.psi())
                                .in(units))
                        .orElse(null),
                LoadPressurePages.in(maximum, units),
                standing.pressures()
                        .at(position)
                        .flatMap(answer -> answer.needPsi())
                        .map(psi -> LoadPressurePages.tenth(psi).in(units))
                        .orElse(null),
                LoadPressurePages.in(last.flatMap(Reading::pressure), units),
                last.map(Reading::on).orElse(null),
                fitted.map(here -> gas.get(here.tire().id())).orElse(null),
                fitted.isEmpty()
                        ? "No tire on file here."
                        : waits
                                ? "Ran at 80 % of its target or less: no air before a tire professional looked inside."
                                : null);
    }

    private static Optional<Pressure> maximum(Standing standing, Position position, TireModel tire) {
        return Maximum.at(standing.onFile().facts(), position, tire, standing.policyAt(position))
                .map(Maximum::pressure);
    }

    private static AirTemperature.Fill fill(Pressure target, Air air, Optional<Pressure> maximum) {
        return air.here().isPresent() && air.coldest().isPresent()
                ? AirTemperature.fill(target, air.here().get(), air.coldest().get(), maximum)
                : new AirTemperature.Fill(target, false, rotagens.core.measure.Phrase.of(""));
    }

    private record Read(
            Standing standing,
            Position position,
            Fitted fitted,
            Optional<Pressure> target,
            Adjustment adjustment,
            Pressure before,
            Optional<Pressure> after,
            Warmth warmth,
            Optional<Temperature> air,
            String gas,
            String purity) {}

    private Read read(long vehicleId, String code, Gauged given, Units units) {
        Standing standing = fleet.get(vehicleId);
        Position position = standing.position(code);
        Fitted fitted = Optional.ofNullable(standing.fitted().get(position))
                .orElseThrow(() -> ProblemException.conflict("No tire is on file here: record it first."));
        Entries typed = new Entries();
        Optional<Pressure> before = typed.required("before", given.before(), text -> Pressure.parse(text, units));
        Optional<Pressure> after = typed.optional("after", given.after(), text -> Pressure.parse(text, units));
        Air air = air(typed, given.air(), given.coldest(), units);
        Optional<String> gas = typed.attempt("gas", () -> Readings.gasOf(given.gas()));
        Optional<String> purity = typed.attempt("purity", () -> Readings.purityOf(given.purity(), gas.orElse("")));
        Optional<Warmth> warmth = typed.optional("parkedHours", given.parkedHours(), PressureRound::warmth);
        typed.refuseIfWrong();
        TireModel model = fitted.tire().model();
        Optional<Pressure> target = standing.target(position, model).pressure();
        Optional<Pressure> maximum = maximum(standing, position, model);
        // Raising a target is work at the valve; run flat is what was driven at 80 % or less of the target it had.
        Optional<Pressure> drivenAt = target.flatMap(goal -> standing.state()
                .at(position)
                .drivenAt(new Reading(
                                standing.today(),
                                "",
                                Optional.empty(),
                                before,
                                warmth.orElse(Warmth.UNKNOWN),
                                Tread.UNMEASURED)
                        .with(FactIntake.inForce(standing.state(), position, standing.policy(), standing.today()))));
        Pressure now = after.orElse(before.orElseThrow());
        Warmth stood = warmth.orElse(Warmth.UNKNOWN);
        Adjustment adjustment = target.map(goal -> {
                    Pressure fillTo = fill(goal, air, maximum).pressure();
                    Adjustment first =
                            Adjustment.of(before.get(), stood == Warmth.COLD, goal, drivenAt, fillTo, maximum);
                    return after.isEmpty() || first.what() == Adjustment.What.STOP
                            ? first
                            : Adjustment.of(now, stood == Warmth.COLD, goal, drivenAt, fillTo, maximum);
                })
                .orElse(new Adjustment(
                        Adjustment.What.LEAVE,
                        Optional.empty(),
                        rotagens.core.measure.Phrase.of("No target here yet: the reading is kept, no air is added")));
        return new Read(
                standing,
                position,
                fitted,
                target,
                adjustment,
                before.get(),
                after,
                stood,
                air.here(),
                gas.orElseThrow(),
                purity.orElseThrow());
    }

    private static Warmth warmth(String text) {
        try {
            double hours = Double.parseDouble(text.strip().replace(',', '.'));
            if (hours >= 0 && hours <= 24 * 400) {
                return Warmth.afterStanding(Duration.ofMinutes(Math.round(hours * 60)));
            }
        } catch (NumberFormatException e) {
            // said below, the same way
        }
        throw new rotagens.core.measure.InvalidEntry("Enter how many hours it has stood, for example 12.");
    }

    /** What to do at the valve, while it is typed; nothing is stored. */
    @Transactional(readOnly = true)
    Advice advise(long vehicleId, String code, Gauged given, Units units) {
        return view(read(vehicleId, code, given, units), units);
    }

    private static Advice view(Read read, Units units) {
        Adjustment.What what = read.adjustment().what();
        return new Advice(
                what,
                LoadPressurePages.in(read.adjustment().to(), units),
                read.adjustment().says().in(units) + ".",
                what == Adjustment.What.LEAVE || what == Adjustment.What.WAIT || what == Adjustment.What.STOP,
                what == Adjustment.What.LEAVE ? unequal(read, units) : null);
    }

    /** All tires of one axle carry the same pressure: names the one last read too far off. */
    private static @Nullable String unequal(Read read, Units units) {
        double allowed = read.standing().policyAt(read.position()).number(PolicyNumber.PRESSURE_SPREAD);
        double here = read.after().orElse(read.before()).psi();
        return read.standing().state().axleMates(read.position()).stream()
                .filter(mate -> mate.lastCold()
                        .filter(cold -> Math.abs(cold.pressure().orElseThrow().psi() - here) > allowed + 1e-6)
                        .isPresent())
                .map(mate -> mate.position().code() + " was last read "
                        + mate.lastCold().orElseThrow().pressure().orElseThrow().in(units)
                        + ": bring all tires of the axle within "
                        + Pressure.psi(allowed).in(units) + ".")
                .findFirst()
                .orElse(null);
    }

    /** Keeps what the gauge said before and after. */
    @Transactional
    Advice save(long vehicleId, String code, Gauged given, Units units) {
        changes.only(vehicleId);
        Read read = read(vehicleId, code, given, units);
        InForce then = FactIntake.inForce(
                read.standing().state(),
                read.position(),
                read.standing().policy(),
                read.standing().today());
        TireState state = read.standing().state().at(read.position());
        read.after()
                .flatMap(after -> FactIntake.refusesFill(state, Optional.of(first(read)), after, then))
                .ifPresent(why -> {
                    throw ProblemException.field("after", why.in(units));
                });
        if (!Boolean.TRUE.equals(given.confirmed())) {
            Entries asked = new Entries();
            Unusual.in(state, first(read)).values().forEach(why -> asked.ask("before", why.in(units)));
            asked.refuseIfWrong();
        }
        Readings.Entry where = new Readings.Entry(
                read.fitted().tire().id(), read.fitted().placeId(), clock.instant(), people.me(), null, null);
        facts.record(
                read.after().isPresent()
                        ? FactLog.Look.read(
                                where,
                                values(read, read.before(), false),
                                values(read, read.after().get(), true))
                        : FactLog.Look.read(where, values(read, read.before(), false)));
        return view(read, units);
    }

    /** What the gauge said first, as a reading. */
    private static Reading first(Read read) {
        return values(read, read.before(), false).asReading(read.standing().today());
    }

    private static Readings.Values values(Read read, Pressure pressure, boolean filled) {
        return new Readings.Values(
                Optional.of(pressure),
                read.warmth(),
                Tread.UNMEASURED,
                Optional.empty(),
                read.air(),
                filled,
                filled ? read.gas() : "",
                filled ? Readings.Look.NONE.pure(read.purity()) : Readings.Look.NONE);
    }
}
