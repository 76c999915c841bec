package rotagens.server.pressure;

import static rotagens.server.pressure.PressureWords.WORDS;

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
import rotagens.core.fact.ThermalState;
import rotagens.core.inspection.FactIntake;
import rotagens.core.inspection.PlausibilityCheck;
import rotagens.core.inspection.TireState;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Temperature;
import rotagens.core.measure.Units;
import rotagens.core.policy.PolicyNumber;
import rotagens.core.pressure.Adjustment;
import rotagens.core.pressure.MaximumPressure;
import rotagens.core.pressure.RunFlat;
import rotagens.core.pressure.TemperatureCorrection;
import rotagens.core.tire.TireModel;
import rotagens.core.vehicle.Position;
import rotagens.core.wear.GrooveDepths;
import rotagens.server.cache.ChangeTracker;
import rotagens.server.facts.FactLog;
import rotagens.server.fleet.FleetCache;
import rotagens.server.fleet.VehicleAssessment;
import rotagens.server.fleet.VehiclePositions;
import rotagens.server.inspection.Readings;
import rotagens.server.people.People;
import rotagens.server.tire.TireStore.InstalledTire;
import rotagens.server.web.InputValidator;
import rotagens.server.web.ProblemException;

/** Measuring and adjusting round a vehicle: cap off, gauge, add or release, gauge again, cap on, one position after the other. */
@Service
class PressureRound {

    /**
     * One position in the order of the round.
     *
     * @param fillTo what to bring it to where it stands; the target, or more in a bay warmer than the yard
     */
    record PressureRoundPosition(
            String position,
            String name,
            @Nullable String tire,
            @Nullable String target,
            @Nullable String fillTo,
            @Nullable String fillStatement,
            @Nullable String isRunFlat,
            @Nullable String maximum,
            @Nullable String minimumForLoad,
            @Nullable String last,
            @Nullable LocalDate lastOn,
            @Nullable String gas,
            @Nullable String waits) {}

    record PressureRoundView(String unit, String state, List<PressureRoundPosition> positions) {}

    /**
     * What was done at one valve.
     *
     * @param before what the gauge said first
     * @param after what it said after air was added or let out; blank where nothing was
     * @param parkedHours how long it has stood; blank counts as hot
     */
    record CheckedPressureRequest(
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
    record PressureAdviceView(
            Adjustment.Action action,
            @Nullable String to,
            String statement,
            boolean done,
            @Nullable String axle) {}

    private final FleetCache fleet;
    private final Readings readings;
    private final FactLog facts;
    private final People people;
    private final ChangeTracker changeTracker;
    private final Clock clock;

    PressureRound(
            FleetCache fleet,
            Readings readings,
            FactLog facts,
            People people,
            ChangeTracker changeTracker,
            Clock clock) {
        this.fleet = fleet;
        this.readings = readings;
        this.facts = facts;
        this.people = people;
        this.changeTracker = changeTracker;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    PressureRoundView round(long vehicleId, String bay, String coldest, Units units) {
        VehicleAssessment vehicleAssessment = fleet.get(vehicleId);
        InputValidator typed = new InputValidator();
        Air air = air(typed, bay, coldest, units);
        typed.refuseIfWrong();
        Map<Long, String> gas = readings.gas(vehicleId);
        return new PressureRoundView(
                vehicleAssessment.unit(),
                vehicleAssessment.state().facts().currentLoadState().state().label(),
                vehicleAssessment.layout().walkAroundOrder().stream()
                        .map(position -> stop(vehicleAssessment, position, air, gas, units))
                        .toList());
    }

    private record Air(Optional<Temperature> here, Optional<Temperature> coldest) {}

    private static Air air(InputValidator typed, String here, String coldest, Units units) {
        return new Air(
                typed.optional("air", here, text -> Temperature.parse(text, units)),
                typed.optional("coldest", coldest, text -> Temperature.parse(text, units)));
    }

    private static PressureRoundPosition stop(
            VehicleAssessment vehicleAssessment, Position position, Air air, Map<Long, String> gas, Units units) {
        Optional<InstalledTire> installedTire =
                Optional.ofNullable(vehicleAssessment.fitted().get(position));
        Optional<TireModel> model = installedTire.map(here -> here.tire().model());
        Optional<Pressure> target =
                model.flatMap(tire -> vehicleAssessment.target(position, tire).pressure());
        Optional<Pressure> maximum = model.flatMap(tire -> maximum(vehicleAssessment, position, tire));
        Optional<TemperatureCorrection.CorrectedPressure> correctedPressure =
                target.map(goal -> fill(goal, air, maximum));
        Optional<Reading> last = vehicleAssessment.state().at(position).lastCold();
        boolean waits = vehicleAssessment.state().at(position).open().stream()
                .anyMatch(open -> open.finding() == Finding.RUN_FLAT);
        return new PressureRoundPosition(
                position.code(),
                vehicleAssessment.layout().nameOf(position),
                model.map(tire -> tire.title() + " " + tire.size().molded()).orElse(null),
                LoadPressurePages.in(target, units),
                LoadPressurePages.in(correctedPressure.map(TemperatureCorrection.CorrectedPressure::pressure), units),
                correctedPressure
                        .map(one -> one.statement().in(units))
                        .filter(says -> !says.isEmpty())
                        .orElse(null),
                target.map(goal -> LoadPressurePages.tenth(RunFlat.SHARE * goal.psi())
                                .format(units))
                        .orElse(null),
                LoadPressurePages.in(maximum, units),
                vehicleAssessment
                        .pressures()
                        .at(position)
                        .flatMap(answer -> answer.minimumForLoadPsi())
                        .map(psi -> LoadPressurePages.tenth(psi).format(units))
                        .orElse(null),
                LoadPressurePages.in(last.flatMap(Reading::pressure), units),
                last.map(Reading::on).orElse(null),
                installedTire.map(here -> gas.get(here.tire().id())).orElse(null),
                installedTire.isEmpty() ? WORDS.say("noTireOnFileHere") : waits ? WORDS.say("ranAt80") : null);
    }

    private static Optional<Pressure> maximum(VehicleAssessment vehicleAssessment, Position position, TireModel tire) {
        return MaximumPressure.at(vehicleAssessment.vehicle(), position, tire, vehicleAssessment.policyAt(position))
                .map(MaximumPressure::pressure);
    }

    private static TemperatureCorrection.CorrectedPressure fill(Pressure target, Air air, Optional<Pressure> maximum) {
        return air.here().isPresent() && air.coldest().isPresent()
                ? TemperatureCorrection.fill(
                        target, air.here().get(), air.coldest().get(), maximum)
                : new TemperatureCorrection.CorrectedPressure(target, false, rotagens.core.measure.Message.of(""));
    }

    private record Read(
            VehicleAssessment assessment,
            Position position,
            InstalledTire fitted,
            Optional<Pressure> target,
            Adjustment adjustment,
            Pressure before,
            Optional<Pressure> after,
            ThermalState thermalState,
            Optional<Temperature> air,
            String gas,
            String purity) {}

    private Read read(long vehicleId, String code, CheckedPressureRequest given, Units units) {
        VehicleAssessment vehicleAssessment = fleet.get(vehicleId);
        Position position = VehiclePositions.of(vehicleAssessment, code);
        InstalledTire installedTire = Optional.ofNullable(
                        vehicleAssessment.fitted().get(position))
                .orElseThrow(() -> ProblemException.conflict(WORDS.say("noTireIsOnFile")));
        InputValidator typed = new InputValidator();
        Optional<Pressure> before = typed.required("before", given.before(), text -> Pressure.parse(text, units));
        Optional<Pressure> after = typed.optional("after", given.after(), text -> Pressure.parse(text, units));
        Air air = air(typed, given.air(), given.coldest(), units);
        Optional<String> gas = typed.attempt("gas", () -> Readings.gasOf(given.gas()));
        Optional<String> purity = typed.attempt("purity", () -> Readings.purityOf(given.purity(), gas.orElse("")));
        Optional<ThermalState> thermalState = typed.optional("parkedHours", given.parkedHours(), PressureRound::warmth);
        typed.refuseIfWrong();
        TireModel model = installedTire.tire().model();
        Optional<Pressure> target = vehicleAssessment.target(position, model).pressure();
        Optional<Pressure> maximum = maximum(vehicleAssessment, position, model);
        // Raising a target is work at the valve; run flat is what was driven at 80 % or less of the target it had.
        Optional<Pressure> drivenAt = target.flatMap(goal -> vehicleAssessment
                .state()
                .at(position)
                .drivenAt(new Reading(
                                vehicleAssessment.today(),
                                "",
                                Optional.empty(),
                                before,
                                thermalState.orElse(ThermalState.UNKNOWN),
                                GrooveDepths.UNMEASURED)
                        .with(FactIntake.inForce(
                                vehicleAssessment.state(),
                                position,
                                vehicleAssessment.policy(),
                                vehicleAssessment.today()))));
        Pressure now = after.orElse(before.orElseThrow());
        ThermalState stood = thermalState.orElse(ThermalState.UNKNOWN);
        Adjustment adjustment = target.map(goal -> {
                    Pressure fillTo = fill(goal, air, maximum).pressure();
                    Adjustment first =
                            Adjustment.of(before.get(), stood == ThermalState.COLD, goal, drivenAt, fillTo, maximum);
                    return after.isEmpty() || first.action() == Adjustment.Action.STOP
                            ? first
                            : Adjustment.of(now, stood == ThermalState.COLD, goal, drivenAt, fillTo, maximum);
                })
                .orElseGet(() -> Adjustment.withoutTarget(now, stood == ThermalState.COLD, maximum));
        return new Read(
                vehicleAssessment,
                position,
                installedTire,
                target,
                adjustment,
                before.get(),
                after,
                stood,
                air.here(),
                gas.orElseThrow(),
                purity.orElseThrow());
    }

    private static ThermalState warmth(String text) {
        try {
            double hours = Double.parseDouble(text.strip().replace(',', '.'));
            if (hours >= 0 && hours <= 24 * 400) {
                return ThermalState.afterParked(Duration.ofMinutes(Math.round(hours * 60)));
            }
        } catch (NumberFormatException e) {
            // said below, the same way
        }
        throw new rotagens.core.measure.InvalidInputException(WORDS.say("enterHowManyHours"));
    }

    /** What to do at the valve, while it is typed; nothing is stored. */
    @Transactional(readOnly = true)
    PressureAdviceView advise(long vehicleId, String code, CheckedPressureRequest given, Units units) {
        return view(read(vehicleId, code, given, units), units);
    }

    private static PressureAdviceView view(Read read, Units units) {
        Adjustment.Action action = read.adjustment().action();
        return new PressureAdviceView(
                action,
                LoadPressurePages.in(read.adjustment().to(), units),
                read.adjustment().statement().in(units) + ".",
                action.endsHere(),
                action == Adjustment.Action.NONE ? unequal(read, units) : null);
    }

    /** All tires of one axle carry the same pressure: names the one last read too far off. */
    private static @Nullable String unequal(Read read, Units units) {
        double allowed = read.assessment().policyAt(read.position()).number(PolicyNumber.PRESSURE_SPREAD);
        double here = read.after().orElse(read.before()).psi();
        return read.assessment().state().axleMates(read.position()).stream()
                .filter(mate -> mate.lastCold()
                        .filter(cold -> Math.abs(cold.pressure().orElseThrow().psi() - here) > allowed + 1e-6)
                        .isPresent())
                .map(mate -> WORDS.say(
                        "wasLastReadBringAll",
                        "position",
                        mate.position().code(),
                        "pressure",
                        mate.lastCold().orElseThrow().pressure().orElseThrow().format(units),
                        "allowed",
                        Pressure.psi(allowed).format(units)))
                .findFirst()
                .orElse(null);
    }

    /** Keeps what the gauge said before and after. */
    @Transactional
    PressureAdviceView save(long vehicleId, String code, CheckedPressureRequest given, Units units) {
        changeTracker.only(vehicleId);
        Read read = read(vehicleId, code, given, units);
        InForce then = FactIntake.inForce(
                read.assessment().state(),
                read.position(),
                read.assessment().policy(),
                read.assessment().today());
        TireState state = read.assessment().state().at(read.position());
        read.after()
                .flatMap(after -> FactIntake.refusesFill(state, Optional.of(first(read)), after, then))
                .ifPresent(why -> {
                    throw ProblemException.field("after", why.in(units));
                });
        if (!Boolean.TRUE.equals(given.confirmed())) {
            InputValidator asked = new InputValidator();
            PlausibilityCheck.in(state, first(read)).values().forEach(why -> asked.ask("before", why.in(units)));
            asked.refuseIfWrong();
        }
        Readings.Entry where = new Readings.Entry(
                read.fitted().tire().id(), read.fitted().placeId(), clock.instant(), people.me(), null, null);
        facts.record(
                read.after().isPresent()
                        ? FactLog.Observation.read(
                                where,
                                values(read, read.before(), false),
                                values(read, read.after().get(), true))
                        : FactLog.Observation.read(where, values(read, read.before(), false)));
        return view(read, units);
    }

    /** What the gauge said first, as a reading. */
    private static Reading first(Read read) {
        return values(read, read.before(), false).asReading(read.assessment().today());
    }

    private static Readings.Values values(Read read, Pressure pressure, boolean filled) {
        return new Readings.Values(
                Optional.of(pressure),
                read.thermalState(),
                GrooveDepths.UNMEASURED,
                Optional.empty(),
                read.air(),
                filled,
                filled ? read.gas() : "",
                filled ? Readings.Look.NONE.pure(read.purity()) : Readings.Look.NONE);
    }
}
