package rotagens.core.inspection;

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
import rotagens.core.measure.Phrase;
import rotagens.core.measure.Pressure;
import rotagens.core.policy.Policy;
import rotagens.core.policy.PolicyNumber;
import rotagens.core.pressure.AxleAnswer;
import rotagens.core.pressure.LossRate;
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
public record Diagnosis(WearPattern pattern, List<Weighed> causes, Optional<String> conflict, List<String> unknown) {

    /** One cause with the evidence found. */
    public record Weighed(WearCause cause, List<Phrase> supports, List<Phrase> against) {

        int score() {
            return supports.size() - against.size();
        }
    }

    private static final int FEW_READINGS = 3;
    private static final double SPARE_RESERVE = 0.25;
    private static final int SYMPTOM_DAYS = 180;
    /** After alignment or shock work a tread needs so long to tell of the time since. */
    private static final int SETTLING_DAYS = 60;

    /** The pattern of a tire as its newest whole reading and open signs show it; empty where nothing tells. */
    public static Optional<WearPattern> pattern(TireState state, double difference) {
        Set<Shape> signs = EnumSet.noneOf(Shape.class);
        state.open().forEach(open -> open.finding().wearShape().ifPresent(signs::add));
        return WearPattern.classify(
                state.completeTread().map(TireState.Dated::value).orElse(rotagens.core.wear.Tread.UNMEASURED),
                difference,
                signs);
    }

    /** For one tire; empty where its pattern can't be told. An even tread has no causes. */
    public static Optional<Diagnosis> of(
            VehicleState vehicle, Position position, VehicleEvents events, Policy policy, LocalDate today) {
        Policy.ForClass here = vehicle.policyAt(policy, vehicle.at(position));
        double difference = here.number(PolicyNumber.WEAR_DIFFERENCE);
        return pattern(vehicle.at(position), difference)
                .map(shape -> new Doctor(vehicle, position, events, policy, here, today, shape).diagnosis());
    }

    /** Gathers the evidence for one tire. */
    private static final class Doctor {

        private final VehicleState vehicle;
        private final Position position;
        private final TireState state;
        private final VehicleEvents events;
        private final Policy.ForClass policy;
        private final LocalDate today;
        private final WearPattern pattern;
        private final Optional<AxleAnswer> axle;
        private final Map<WearCause, List<Phrase>> supports = new EnumMap<>(WearCause.class);
        private final Map<WearCause, List<Phrase>> against = new EnumMap<>(WearCause.class);
        private final List<String> unknown = new ArrayList<>();

        Doctor(
                VehicleState vehicle,
                Position position,
                VehicleEvents events,
                Policy whole,
                Policy.ForClass policy,
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
            List<Weighed> weighed = possible.stream()
                    .map(cause -> new Weighed(
                            cause,
                            List.copyOf(supports.getOrDefault(cause, List.of())),
                            List.copyOf(against.getOrDefault(cause, List.of()))))
                    .sorted(Comparator.comparingInt(Weighed::score).reversed())
                    .toList();
            return new Diagnosis(pattern, weighed, conflict(weighed), List.copyOf(unknown));
        }

        private static Optional<String> conflict(List<Weighed> weighed) {
            if (weighed.isEmpty()) {
                return Optional.empty();
            }
            Weighed first = weighed.get(0);
            if (!first.supports().isEmpty() && !first.against().isEmpty()) {
                return Optional.of("The evidence on " + first.cause().words()
                        + " goes both ways: check it first, mend nothing yet.");
            }
            boolean level = weighed.size() > 1
                    && weighed.get(1).score() == first.score()
                    && !first.supports().isEmpty();
            return level
                    ? Optional.of("As much speaks for " + weighed.get(1).cause().words() + " as for "
                            + first.cause().words() + ".")
                    : Optional.empty();
        }

        private void says(boolean supporting, Phrase what, WearCause... causes) {
            for (WearCause cause : causes) {
                (supporting ? supports : against)
                        .computeIfAbsent(cause, any -> new ArrayList<>())
                        .add(what);
            }
        }

        /** Pressures on target rule pressure down; most of them off it speak for it. */
        private void pressureHistory() {
            Optional<Pressure> target = axle.flatMap(answer -> answer.target().pressure());
            List<Double> cold =
                    state.coldPoints().stream().map(LossRate.Point::psi).toList();
            if (target.isEmpty() || cold.size() < FEW_READINGS) {
                unknown.add("Its pressure history: " + (target.isEmpty() ? "no target" : "fewer than 3 cold readings")
                        + ".");
                return;
            }
            double goal = target.get().psi();
            double allowed = Math.max(
                    policy.number(PolicyNumber.PRESSURE_TOLERANCE_SHARE) / 100 * goal,
                    policy.number(PolicyNumber.PRESSURE_TOLERANCE_LEAST));
            long low = cold.stream().filter(psi -> psi < goal - allowed - 1e-6).count();
            long high = cold.stream().filter(psi -> psi > goal + allowed + 1e-6).count();
            if (2 * high >= cold.size()) {
                says(
                        true,
                        Phrase.of("{} of {} cold readings over the target {}", high, cold.size(), target.get()),
                        WearCause.OVER_INFLATION);
                says(
                        false,
                        Phrase.of("{} of {} cold readings were high", high, cold.size()),
                        WearCause.UNDER_INFLATION,
                        WearCause.LEAK);
            } else if (2 * low >= cold.size()) {
                says(
                        true,
                        Phrase.of("{} of {} cold readings under the target {}", low, cold.size(), target.get()),
                        WearCause.UNDER_INFLATION);
                says(
                        false,
                        Phrase.of("{} of {} cold readings were low", low, cold.size()),
                        WearCause.OVER_INFLATION,
                        WearCause.HARD_CORNERING);
            } else if (low + high == 0) {
                Phrase clean = Phrase.of("All {} cold readings on the target {}", cold.size(), target.get());
                says(false, clean, WearCause.OVER_INFLATION, WearCause.UNDER_INFLATION, WearCause.LEAK);
                says(true, clean, WearCause.HARD_CORNERING, WearCause.LOAD_NOT_CARRIED);
            }
        }

        private void leak() {
            Optional<LossRate> rate = state.lossRate();
            if (rate.filter(LossRate::isLeak).isPresent()) {
                says(
                        true,
                        Phrase.of(
                                "It loses at least {} % a month",
                                Math.round(rate.get().low() * 1000) / 10.0),
                        WearCause.LEAK,
                        WearCause.UNDER_INFLATION);
            } else if (rate.isPresent() && rate.get().high() <= LossRate.NORMAL_MONTHLY) {
                says(false, Phrase.of("It holds its air: under 5 % a month"), WearCause.LEAK);
            }
        }

        /** The recorded load against what the target carries. */
        private void load() {
            Optional<Double> reserve = axle.flatMap(AxleAnswer::reserve);
            if (reserve.isEmpty()) {
                unknown.add("Its load: weigh the vehicle.");
                return;
            }
            Load carried = Load.lb(
                    Math.rint(axle.flatMap(AxleAnswer::load).orElseThrow().perTireLb()));
            Phrase words = Phrase.of(
                    "{} weighed, the target carries {}",
                    carried,
                    Load.lb(Math.floor(
                            axle.flatMap(AxleAnswer::capacityAtTargetLb).orElseThrow())));
            if (reserve.get() >= SPARE_RESERVE) {
                says(true, words, WearCause.LOAD_NOT_CARRIED, WearCause.OVER_INFLATION);
                says(false, words, WearCause.OVERLOAD);
            } else if (reserve.get() < 0) {
                says(true, words, WearCause.OVERLOAD);
            } else {
                says(false, words, WearCause.OVERLOAD, WearCause.LOAD_NOT_CARRIED);
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
                            && other.place() == on.place())
                    .findFirst();
            Optional<WearPattern> theirs =
                    across.flatMap(mate -> pattern(mate, policy.number(PolicyNumber.WEAR_DIFFERENCE)));
            if (theirs.isEmpty()) {
                unknown.add("The tread across the axle: measure "
                        + across.map(mate -> mate.position().code()).orElse("the other side") + ".");
                return;
            }
            String code = across.get().position().code();
            if (theirs.get().shape() == shape) {
                Phrase both = Phrase.of("{} is worn on the same edge", code);
                says(true, both, WearCause.TOE);
                says(false, both, WearCause.CAMBER);
            } else {
                Phrase alone = Phrase.of(
                        "{} across the axle is {}", code, theirs.get().shape().words());
                says(true, alone, WearCause.CAMBER);
                says(false, alone, WearCause.TOE);
            }
        }

        private void reports() {
            LocalDate since = today.minusDays(SYMPTOM_DAYS);
            events.reported(since, VehicleEvents.Symptom.PULL_LEFT, VehicleEvents.Symptom.PULL_RIGHT)
                    .ifPresent(report -> pull(report));
            events.reported(since, VehicleEvents.Symptom.WHEEL_OFF_CENTER)
                    .ifPresent(report -> says(true, reported(report), WearCause.TOE, WearCause.AXLE_LINE));
            events.reported(since, VehicleEvents.Symptom.VIBRATION)
                    .ifPresent(report -> says(
                            true,
                            reported(report),
                            WearCause.IMBALANCE,
                            WearCause.SHOCKS,
                            WearCause.BEARING,
                            WearCause.BRAKE));
            events.reported(since, VehicleEvents.Symptom.HARSH_RIDE)
                    .ifPresent(report -> says(
                            true,
                            reported(report),
                            WearCause.OVER_INFLATION,
                            WearCause.LOAD_NOT_CARRIED,
                            WearCause.SHOCKS));
            events.reported(since, VehicleEvents.Symptom.NOISE)
                    .ifPresent(report -> says(true, reported(report), WearCause.BEARING));
            events.reported(since, VehicleEvents.Symptom.SOFT_TIRE, VehicleEvents.Symptom.LAMP)
                    .ifPresent(report -> says(true, reported(report), WearCause.UNDER_INFLATION, WearCause.LEAK));
        }

        /** A pull with one side 10 psi low is pressure until proven otherwise. */
        private void pull(VehicleEvents.Report report) {
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
                says(
                        false,
                        Phrase.of("It pulls, but one side is 10 psi low: pressure until proven otherwise"),
                        WearCause.TOE,
                        WearCause.CAMBER);
            } else {
                says(true, reported(report), WearCause.TOE, WearCause.CAMBER);
            }
        }

        private static Phrase reported(VehicleEvents.Report report) {
            return Phrase.of(
                    "A driver reported on {}: {}", report.on(), report.symptom().words());
        }

        /** Alignment, shocks and joints done since the reading before last speak against what they cure. */
        private void work() {
            LocalDate shown = state.completeTread().map(TireState.Dated::on).orElse(today);
            done(VehicleEvents.Kind.ALIGNMENT, shown, WearCause.TOE, WearCause.CAMBER, WearCause.AXLE_LINE);
            done(VehicleEvents.Kind.SHOCKS, shown, WearCause.SHOCKS);
            done(VehicleEvents.Kind.JOINTS, shown, WearCause.CAMBER, WearCause.TOE);
            events.last(VehicleEvents.Kind.CURB_STRIKE)
                    .filter(on -> on.isAfter(today.minusYears(1)))
                    .ifPresent(on -> says(
                            true,
                            Phrase.of("A curb strike on {}", on),
                            WearCause.CAMBER,
                            WearCause.TOE,
                            WearCause.AXLE_LINE));
            events.last(VehicleEvents.Kind.HARD_BRAKING)
                    .filter(on -> on.isAfter(today.minusDays(SYMPTOM_DAYS)))
                    .ifPresent(on -> says(true, Phrase.of("Hard braking on {}", on), WearCause.BRAKE));
            vehicle.vehicle()
                    .parkedSince()
                    .filter(since -> since.isBefore(today.minusDays(policy.days(PolicyNumber.PARKED_DAYS))))
                    .ifPresent(since -> says(true, Phrase.of("Parked since {}", since), WearCause.PARKING));
            boolean needsAlignmentHistory = WearCause.of(pattern.shape()).contains(WearCause.TOE);
            if (needsAlignmentHistory
                    && events.last(VehicleEvents.Kind.ALIGNMENT).isEmpty()) {
                unknown.add("When it was last aligned.");
            }
            if (pattern.shape() == Shape.CUPPING
                    && events.last(VehicleEvents.Kind.SHOCKS).isEmpty()) {
                unknown.add("When its shocks were last replaced.");
            }
        }

        /** Work done well before the reading speaks against what it cures; done later, the tread still tells of the time before. */
        private void done(VehicleEvents.Kind kind, LocalDate shown, WearCause... cures) {
            events.last(kind).filter(on -> on.isAfter(shown.minusYears(1))).ifPresent(on -> {
                if (on.isBefore(shown.minusDays(SETTLING_DAYS))) {
                    says(false, Phrase.of("{} on {}, and the tread was read since", capital(kind.words()), on), cures);
                } else {
                    unknown.add("Whether it still wears so: " + kind.words() + " since, measure again in "
                            + SETTLING_DAYS + " days.");
                }
            });
        }

        private static String capital(String words) {
            return Character.toUpperCase(words.charAt(0)) + words.substring(1);
        }
    }
}
