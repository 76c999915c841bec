package rotagens.core.inspection;

import static rotagens.core.inspection.InspectionWords.WORDS;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import rotagens.core.measure.Load;
import rotagens.core.measure.Message;
import rotagens.core.measure.Pressure;
import rotagens.core.policy.Policy;
import rotagens.core.policy.PolicyNumber;
import rotagens.core.pressure.AxlePressure;
import rotagens.core.pressure.PressureLoss;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Position.OnAxle;
import rotagens.core.wear.WearPattern;
import rotagens.core.wear.WearPattern.Shape;

/**
 * Why a tread wears as it does: the causes of its pattern, ranked by what the fleet's own records say for and against each.
 *
 * @param causes most likely first
 * @param conflict said where the leading cause has evidence against it, or two causes stand equal
 * @param unknown what nobody has measured yet and would tell more
 */
public record Diagnosis(
        WearPattern pattern, List<RankedCause> causes, Optional<String> conflict, List<String> unknown) {

    /** One cause with the evidence found. */
    public record RankedCause(WearCause cause, List<Message> evidenceFor, List<Message> evidenceAgainst) {

        int score() {
            return evidenceFor.size() - evidenceAgainst.size();
        }
    }

    private static final int FEW_READINGS = 3;
    private static final double SPARE_RESERVE = 0.25;
    private static final int SYMPTOM_DAYS = 180;
    /** After alignment or shock work a tread needs so long to tell of the time since. */
    private static final int SETTLING_DAYS = 60;

    /**
     * The pattern of a tire as its newest whole reading and open signs show it; empty where nothing tells.
     *
     * @param state the tire there, with what is on record about it
     * @param difference 32nds between grooves that make a pattern
     * @return the pattern; even counts as one
     */
    public static Optional<WearPattern> pattern(TireState state, double difference) {
        Set<Shape> signs = EnumSet.noneOf(Shape.class);
        state.open().forEach(open -> open.finding().wearShape().ifPresent(signs::add));
        return WearPattern.classify(
                state.completeTread().map(TireState.Dated::value).orElse(rotagens.core.wear.GrooveDepths.UNMEASURED),
                difference,
                signs);
    }

    /**
     * For one tire; empty where its wear pattern is unknown. An even tread has no causes.
     *
     * @param vehicle the vehicle as it is on that day
     * @param position the position
     * @param events what happened to the vehicle, and what drivers said
     * @param policy the fleet's policy
     * @param today the day it is judged on
     * @return the causes, most likely first, each with its evidence and its check
     */
    public static Optional<Diagnosis> of(
            VehicleState vehicle, Position position, VehicleEvents events, Policy policy, LocalDate today) {
        Policy.ClassPolicy here = vehicle.policyAt(policy, vehicle.at(position));
        double difference = here.number(PolicyNumber.WEAR_DIFFERENCE);
        return pattern(vehicle.at(position), difference)
                .map(shape -> new CauseRanking(vehicle, position, events, policy, here, today, shape).diagnosis());
    }

    /** Gathers the evidence for one tire. */
    private static final class CauseRanking {

        private final VehicleState vehicle;
        private final Position position;
        private final TireState state;
        private final VehicleEvents events;
        private final Policy.ClassPolicy policy;
        private final LocalDate today;
        private final WearPattern pattern;
        private final Optional<AxlePressure> axle;
        private final Map<WearCause, List<Message>> supports = new EnumMap<>(WearCause.class);
        private final Map<WearCause, List<Message>> against = new EnumMap<>(WearCause.class);
        private final List<String> unknown = new ArrayList<>();

        CauseRanking(
                VehicleState vehicle,
                Position position,
                VehicleEvents events,
                Policy whole,
                Policy.ClassPolicy policy,
                LocalDate today,
                WearPattern pattern) {
            this.vehicle = vehicle;
            this.position = position;
            this.state = vehicle.at(position);
            this.events = events;
            this.policy = policy;
            this.today = today;
            this.pattern = pattern;
            this.axle = vehicle.pressures(whole, today).at(position);
        }

        Diagnosis diagnosis() {
            List<WearCause> possible = WearCause.of(pattern.shape());
            if (!possible.isEmpty()) {
                pressureHistory();
                leak();
                load();
                otherSide();
                reports();
                work();
            }
            List<RankedCause> rankedCause = possible.stream()
                    .map(cause -> new RankedCause(
                            cause,
                            List.copyOf(supports.getOrDefault(cause, List.of())),
                            List.copyOf(against.getOrDefault(cause, List.of()))))
                    .sorted(Comparator.comparingInt(RankedCause::score).reversed())
                    .toList();
            return new Diagnosis(pattern, rankedCause, conflict(rankedCause), List.copyOf(unknown));
        }

        private static Optional<String> conflict(List<RankedCause> rankedCause) {
            if (rankedCause.isEmpty()) {
                return Optional.empty();
            }
            RankedCause first = rankedCause.get(0);
            if (!first.evidenceFor().isEmpty() && !first.evidenceAgainst().isEmpty()) {
                return Optional.of(WORDS.say(
                        "evidenceOnIsAmbiguousCheck", "cause", first.cause().label()));
            }
            boolean level = rankedCause.size() > 1
                    && rankedCause.get(1).score() == first.score()
                    && !first.evidenceFor().isEmpty();
            return level
                    ? Optional.of(WORDS.say(
                            "asMuchSpeaks",
                            "one",
                            rankedCause.get(1).cause().label(),
                            "other",
                            first.cause().label()))
                    : Optional.empty();
        }

        private void statement(boolean supporting, Message what, WearCause... causes) {
            for (WearCause cause : causes) {
                (supporting ? supports : against)
                        .computeIfAbsent(cause, any -> new ArrayList<>())
                        .add(what);
            }
        }

        /** Pressures on target rule pressure down; most of them off it speak for it. */
        private void pressureHistory() {
            Optional<Pressure> target = axle.flatMap(answer -> answer.target().pressure());
            List<Double> cold = state.coldPoints().stream()
                    .map(PressureLoss.ColdReading::psi)
                    .toList();
            if (target.isEmpty() || cold.size() < FEW_READINGS) {
                unknown.add(WORDS.say("itsPressureHistoryFewerThan", "hasTarget", !target.isEmpty()));
                return;
            }
            double goal = target.get().psi();
            double allowed = Math.max(
                    policy.number(PolicyNumber.PRESSURE_TOLERANCE_SHARE) / 100 * goal,
                    policy.number(PolicyNumber.PRESSURE_TOLERANCE_MINIMUM));
            long low = cold.stream().filter(psi -> psi < goal - allowed - 1e-6).count();
            long high = cold.stream().filter(psi -> psi > goal + allowed + 1e-6).count();
            if (2 * high >= cold.size()) {
                statement(
                        true,
                        WORDS.message("ofColdReadingsOver", "high", high, "count", cold.size(), "target", target.get()),
                        WearCause.OVER_INFLATION);
                statement(
                        false,
                        WORDS.message("ofColdReadingsWereHigh", "high", high, "count", cold.size()),
                        WearCause.UNDER_INFLATION,
                        WearCause.LEAK);
            } else if (2 * low >= cold.size()) {
                statement(
                        true,
                        WORDS.message("ofColdReadingsUnder", "low", low, "count", cold.size(), "target", target.get()),
                        WearCause.UNDER_INFLATION);
                statement(
                        false,
                        WORDS.message("ofColdReadingsWereLow", "low", low, "count", cold.size()),
                        WearCause.OVER_INFLATION,
                        WearCause.HARD_CORNERING);
            } else if (low + high == 0) {
                Message clean = WORDS.message("allColdReadings", "count", cold.size(), "target", target.get());
                statement(false, clean, WearCause.OVER_INFLATION, WearCause.UNDER_INFLATION, WearCause.LEAK);
                statement(true, clean, WearCause.HARD_CORNERING, WearCause.LOAD_BELOW_PRESSURE);
            }
        }

        private void leak() {
            Optional<PressureLoss> rate = state.pressureLoss();
            if (rate.filter(PressureLoss::isLeak).isPresent()) {
                statement(
                        true,
                        WORDS.message(
                                "itLosesAtLeast", "low", Math.round(rate.get().low() * 1000) / 10.0),
                        WearCause.LEAK,
                        WearCause.UNDER_INFLATION);
            } else if (rate.isPresent() && rate.get().high() <= PressureLoss.NORMAL_MONTHLY) {
                statement(false, WORDS.message("itHoldsItsAirUnder"), WearCause.LEAK);
            }
        }

        /** The recorded load against what the target carries. */
        private void load() {
            Optional<Double> reserve = axle.flatMap(AxlePressure::reserve);
            if (reserve.isEmpty()) {
                unknown.add(WORDS.say("itsLoadWeighTheVehicle"));
                return;
            }
            Load carried = Load.lb(
                    Math.rint(axle.flatMap(AxlePressure::load).orElseThrow().perTireLb()));
            Message words = WORDS.message(
                    "weighedTheTargetCarries",
                    "carried",
                    carried,
                    "axle",
                    Load.lb(Math.floor(
                            axle.flatMap(AxlePressure::capacityAtTargetLb).orElseThrow())));
            if (reserve.get() >= SPARE_RESERVE) {
                statement(true, words, WearCause.LOAD_BELOW_PRESSURE, WearCause.OVER_INFLATION);
                statement(false, words, WearCause.OVERLOAD);
            } else if (reserve.get() < 0) {
                statement(true, words, WearCause.OVERLOAD);
            } else {
                statement(false, words, WearCause.OVERLOAD, WearCause.LOAD_BELOW_PRESSURE);
            }
        }

        /** Both steer tires worn on the same edge point to toe, one alone to camber. */
        private void otherSide() {
            Shape shape = pattern.shape();
            boolean shoulder = shape == Shape.OUTER_SHOULDER || shape == Shape.INNER_SHOULDER;
            if (!shoulder || !(position instanceof OnAxle on)) {
                return;
            }
            Optional<TireState> across = vehicle.axleMates(position).stream()
                    .filter(mate -> mate.position() instanceof OnAxle other
                            && other.side() != on.side()
                            && other.dualSlot() == on.dualSlot())
                    .findFirst();
            Optional<WearPattern> theirs =
                    across.flatMap(mate -> pattern(mate, policy.number(PolicyNumber.WEAR_DIFFERENCE)));
            if (theirs.isEmpty()) {
                unknown.add(WORDS.say(
                        "treadAcrossTheAxleMeasure",
                        "across",
                        across.map(mate -> mate.position().code()).orElse(WORDS.say("otherSide"))));
                return;
            }
            String code = across.get().position().code();
            if (theirs.get().shape() == shape) {
                Message both = WORDS.message("isWornOnTheSame", "code", code);
                statement(true, both, WearCause.TOE);
                statement(false, both, WearCause.CAMBER);
            } else {
                Message alone = WORDS.message(
                        "acrossTheAxle",
                        "code",
                        code,
                        "shape",
                        theirs.get().shape().label());
                statement(true, alone, WearCause.CAMBER);
                statement(false, alone, WearCause.TOE);
            }
        }

        private void reports() {
            LocalDate since = today.minusDays(SYMPTOM_DAYS);
            events.reported(since, VehicleEvents.Symptom.PULL_LEFT, VehicleEvents.Symptom.PULL_RIGHT)
                    .ifPresent(driverReport -> pull(driverReport));
            events.reported(since, VehicleEvents.Symptom.STEERING_WHEEL_OFF_CENTER)
                    .ifPresent(driverReport ->
                            statement(true, reported(driverReport), WearCause.TOE, WearCause.AXLE_ALIGNMENT));
            events.reported(since, VehicleEvents.Symptom.VIBRATION)
                    .ifPresent(driverReport -> statement(
                            true,
                            reported(driverReport),
                            WearCause.OUT_OF_BALANCE,
                            WearCause.SHOCKS,
                            WearCause.BEARING,
                            WearCause.BRAKE));
            events.reported(since, VehicleEvents.Symptom.HARSH_RIDE)
                    .ifPresent(driverReport -> statement(
                            true,
                            reported(driverReport),
                            WearCause.OVER_INFLATION,
                            WearCause.LOAD_BELOW_PRESSURE,
                            WearCause.SHOCKS));
            events.reported(since, VehicleEvents.Symptom.NOISE)
                    .ifPresent(driverReport -> statement(true, reported(driverReport), WearCause.BEARING));
            events.reported(since, VehicleEvents.Symptom.SOFT_TIRE, VehicleEvents.Symptom.WARNING_LAMP)
                    .ifPresent(driverReport ->
                            statement(true, reported(driverReport), WearCause.UNDER_INFLATION, WearCause.LEAK));
        }

        /** A pull with one side 10 psi low is pressure until proven otherwise. */
        private void pull(VehicleEvents.DriverReport driverReport) {
            boolean oneSideLow = state.lastCold().isPresent()
                    && vehicle.axleMates(position).stream()
                            .flatMap(mate -> mate.lastCold().stream())
                            .anyMatch(mate ->
                                    Math.abs(mate.pressure().orElseThrow().psi()
                                                    - state.lastCold()
                                                            .get()
                                                            .pressure()
                                                            .orElseThrow()
                                                            .psi())
                                            >= 10);
            if (oneSideLow) {
                statement(false, WORDS.message("itPullsButOneSide"), WearCause.TOE, WearCause.CAMBER);
            } else {
                statement(true, reported(driverReport), WearCause.TOE, WearCause.CAMBER);
            }
        }

        private static Message reported(VehicleEvents.DriverReport driverReport) {
            return WORDS.message(
                    "driverReported",
                    "on",
                    driverReport.on(),
                    "symptom",
                    driverReport.symptom().label());
        }

        /** Alignment, shocks and joints done since the reading before last speak against what they cure. */
        private void work() {
            LocalDate shown = state.completeTread().map(TireState.Dated::on).orElse(today);
            done(VehicleEvents.Type.ALIGNMENT, shown, WearCause.TOE, WearCause.CAMBER, WearCause.AXLE_ALIGNMENT);
            done(VehicleEvents.Type.SHOCKS, shown, WearCause.SHOCKS);
            done(VehicleEvents.Type.JOINTS, shown, WearCause.CAMBER, WearCause.TOE);
            events.last(VehicleEvents.Type.CURB_STRIKE)
                    .filter(on -> on.isAfter(today.minusYears(1)))
                    .ifPresent(on -> statement(
                            true,
                            WORDS.message("curbStrike2", "on", on),
                            WearCause.CAMBER,
                            WearCause.TOE,
                            WearCause.AXLE_ALIGNMENT));
            events.last(VehicleEvents.Type.HARD_BRAKING)
                    .filter(on -> on.isAfter(today.minusDays(SYMPTOM_DAYS)))
                    .ifPresent(on -> statement(true, WORDS.message("hardBraking2", "on", on), WearCause.BRAKE));
            vehicle.vehicle()
                    .parkedSince()
                    .filter(since -> since.isBefore(today.minusDays(policy.days(PolicyNumber.PARKED_DAYS))))
                    .ifPresent(since ->
                            statement(true, WORDS.message("parkedSince", "since", since), WearCause.LONG_PARKING));
            boolean needsAlignmentHistory = WearCause.of(pattern.shape()).contains(WearCause.TOE);
            if (needsAlignmentHistory
                    && events.last(VehicleEvents.Type.ALIGNMENT).isEmpty()) {
                unknown.add(WORDS.say("whenItWasLastAligned"));
            }
            if (pattern.shape() == Shape.CUPPING
                    && events.last(VehicleEvents.Type.SHOCKS).isEmpty()) {
                unknown.add(WORDS.say("whenItsShocksWereLast"));
            }
        }

        /** Work done well before the reading speaks against what it cures; done later, the tread still tells of the time before. */
        private void done(VehicleEvents.Type type, LocalDate shown, WearCause... cures) {
            events.last(type).filter(on -> on.isAfter(shown.minusYears(1))).ifPresent(on -> {
                if (on.isBefore(shown.minusDays(SETTLING_DAYS))) {
                    statement(
                            false,
                            WORDS.message("onAndTheTreadWas", "capital", capital(type.label()), "on", on),
                            cures);
                } else {
                    unknown.add(
                            WORDS.say("whetherItStillWearsSo", "type", type.label(), "settlingDays", SETTLING_DAYS));
                }
            });
        }

        private static String capital(String words) {
            return Character.toUpperCase(words.charAt(0)) + words.substring(1);
        }
    }
}
