package rotagens.core.inspection;

import static rotagens.core.inspection.InspectionWords.WORDS;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import rotagens.core.alert.AlertKind;
import rotagens.core.fact.Reading;
import rotagens.core.inspection.VehicleEvents.Symptom;
import rotagens.core.inspection.VehicleEvents.Type;
import rotagens.core.measure.Message;
import rotagens.core.policy.Policy;
import rotagens.core.vehicle.Position.OnAxle;
import rotagens.core.vehicle.Side;
import rotagens.core.wear.GrooveDepths;

/**
 * What a driver's report asks to be checked, in that order, each check with what is on record for it. Pressure is the cause until
 * proven otherwise; only what a check finds becomes work.
 *
 * @param first what has to be known before anything is touched; empty where nothing does
 */
public record Triage(Optional<Message> first, List<Step> steps) {

    /** A check. */
    public enum Check {
        /** What a blow may have hurt. */
        STRIKE(WORDS.say("sidewallsWheelAndJoints")),
        /** All tires, cold. */
        PRESSURES(WORDS.say("coldPressuresLeftAgainstRight")),
        /** Grooves from shoulder to shoulder. */
        TREAD(WORDS.say("treadAcrossEachAxle")),
        /** Toe, camber and thrust angle. */
        ALIGNMENT(WORDS.say("alignment")),
        /** What lets a wheel hop or wander. */
        JOINTS(WORDS.say("shocksAndJoints")),
        /** What makes a wheel run out of round. */
        BALANCE(WORDS.say("balanceBeadAndFlatSpots")),
        /** Whether the lamp warns where it should. */
        THRESHOLD(WORDS.say("targetAgainstWarningThreshold"));

        private final String label;

        Check(String words) {
            this.label = words;
        }

        /**
         * What to check, in words.
         *
         * @return for a list
         */
        public String label() {
            return label;
        }
    }

    /**
     * One check.
     *
     * @param known what is on record for it, newest first
     * @param suspicious whether what is on record already speaks for it
     */
    public record Step(Check check, List<Message> known, boolean suspicious) {}

    private static final double DRIFTS_PSI = 10;
    private static final double UNEVEN_32NDS = 2;

    /**
     * What to check for a symptom, with the figures of a vehicle.
     *
     * @param vehicle the vehicle as it is on that day
     * @param events what happened to the vehicle, and what drivers said
     * @param symptom what the driver noticed
     * @param policy the fleet's policy
     * @param today the day it is judged on
     * @return the checks in their order, with this vehicle’s own figures
     */
    public static Triage of(
            VehicleState vehicle, VehicleEvents events, Symptom symptom, Policy policy, LocalDate today) {
        List<Step> steps = new ArrayList<>();
        for (Check check : order(symptom)) {
            steps.add(
                    switch (check) {
                        case PRESSURES -> pressures(vehicle, policy, today);
                        case TREAD -> tread(vehicle);
                        case ALIGNMENT -> last(check, events, List.of(Type.ALIGNMENT), today);
                        case JOINTS -> last(check, events, List.of(Type.SHOCKS, Type.JOINTS), today);
                        case STRIKE -> strikes(vehicle, events);
                        case BALANCE -> balance(vehicle);
                        case THRESHOLD -> threshold(vehicle, policy, today);
                    });
        }
        Optional<Message> first = symptom.asksToGaugeAll()
                ? Optional.of(WORDS.message("gaugeEveryTireFillNone"))
                : symptom == Symptom.STRUCK ? Optional.of(WORDS.message("lookAtBothSidewalls")) : Optional.empty();
        return new Triage(first, List.copyOf(steps));
    }

    private static List<Check> order(Symptom symptom) {
        return switch (symptom) {
            case PULL_LEFT, PULL_RIGHT, STEERING_WHEEL_OFF_CENTER ->
                List.of(Check.PRESSURES, Check.TREAD, Check.ALIGNMENT, Check.JOINTS, Check.STRIKE);
            case VIBRATION, NOISE -> List.of(Check.BALANCE, Check.TREAD, Check.JOINTS, Check.PRESSURES, Check.STRIKE);
            case HARSH_RIDE, LONGER_STOPPING -> List.of(Check.PRESSURES, Check.JOINTS, Check.TREAD);
            case WARNING_LAMP, SOFT_TIRE -> List.of(Check.PRESSURES, Check.THRESHOLD, Check.STRIKE);
            case STRUCK -> List.of(Check.STRIKE, Check.PRESSURES, Check.ALIGNMENT, Check.JOINTS);
        };
    }

    private static Step pressures(VehicleState vehicle, Policy policy, LocalDate today) {
        List<Message> known = new ArrayList<>();
        boolean suspicious = false;
        for (int axle = 1; axle <= vehicle.vehicle().layout().axles().size(); axle++) {
            List<TireState> here = on(vehicle, axle);
            List<Message> figures = here.stream().map(Triage::gauged).toList();
            known.add(WORDS.message("axle", "axle", axle, "figures", Message.join(figures, ", ")));
            double left = mean(here, Side.LEFT);
            double right = mean(here, Side.RIGHT);
            if (Math.abs(left - right) >= DRIFTS_PSI - 1e-6) {
                suspicious = true;
                known.add(WORDS.message(
                        "axleIsPsiLower",
                        "axle",
                        axle,
                        "left",
                        Math.round(Math.abs(left - right)),
                        "isLess",
                        left < right));
            }
            suspicious |= here.stream().anyMatch(state -> isLow(vehicle, state, policy, today));
        }
        return new Step(Check.PRESSURES, known, suspicious);
    }

    private static boolean isLow(VehicleState vehicle, TireState state, Policy policy, LocalDate today) {
        boolean alerted = state.alerts().open().stream()
                .anyMatch(alert -> alert.kind() == AlertKind.RUN_FLAT
                        || alert.kind() == AlertKind.UNDER_MINIMUM
                        || alert.kind() == AlertKind.LEAK
                        || alert.kind() == AlertKind.SUSPECTED_LEAK);
        return alerted
                || state.tire().isPresent()
                        && FactIntake.inForce(vehicle, state.position(), policy, today)
                                .target()
                                .flatMap(target -> state.lastCold()
                                        .flatMap(Reading::pressure)
                                        .filter(read -> read.psi() < 0.95 * target.psi()))
                                .isPresent();
    }

    private static Message gauged(TireState state) {
        return state.lastCold()
                .map(cold -> WORDS.message(
                        "on4",
                        "position",
                        state.position().code(),
                        "pressure",
                        cold.pressure().orElseThrow(),
                        "on",
                        cold.on()))
                .orElse(WORDS.message(
                        "noColdReading", "position", state.position().code()));
    }

    private static double mean(List<TireState> here, Side side) {
        return here.stream()
                .filter(state -> ((OnAxle) state.position()).side() == side)
                .flatMap(state -> state.lastCold().flatMap(Reading::pressure).stream())
                .mapToDouble(read -> read.psi())
                .average()
                .orElse(Double.NaN);
    }

    private static List<TireState> on(VehicleState vehicle, int axle) {
        return vehicle.tires().values().stream()
                .filter(state -> state.position() instanceof OnAxle on && on.axle() == axle)
                .toList();
    }

    private static Step tread(VehicleState vehicle) {
        List<Message> known = new ArrayList<>();
        boolean suspicious = false;
        for (TireState state : vehicle.tires().values()) {
            Optional<TireState.Dated<GrooveDepths>> read = state.completeTread();
            if (!(state.position() instanceof OnAxle)) {
                continue;
            }
            if (read.isEmpty()) {
                known.add(WORDS.message(
                        "neverMeasuredAcross", "position", state.position().code()));
                continue;
            }
            GrooveDepths grooveDepths = read.get().value();
            double apart = Math.abs(grooveDepths.outer().orElseThrow().thirtySeconds()
                    - grooveDepths.inner().orElseThrow().thirtySeconds());
            suspicious |= apart >= UNEVEN_32NDS - 1e-9;
            known.add(WORDS.message(
                    "onOneShoulder",
                    "position",
                    state.position().code(),
                    "outer",
                    grooveDepths.outer().get(),
                    "center",
                    grooveDepths.center().orElseThrow(),
                    "inner",
                    grooveDepths.inner().get(),
                    "on",
                    read.get().on(),
                    "isMore",
                    apart >= UNEVEN_32NDS - 1e-9));
        }
        return new Step(Check.TREAD, known, suspicious);
    }

    private static Step last(Check check, VehicleEvents events, List<Type> types, LocalDate today) {
        List<Message> known = new ArrayList<>();
        boolean recent = true;
        for (Type type : types) {
            Optional<LocalDate> on = events.last(type);
            known.add(on.map(day -> WORDS.message("last", "type", type.label(), "day", day))
                    .orElse(WORDS.message("noOnRecord", "type", type.label())));
            recent &= on.filter(day -> day.isAfter(today.minusYears(1))).isPresent();
        }
        return new Step(check, known, !recent);
    }

    private static Step strikes(VehicleState vehicle, VehicleEvents events) {
        List<Message> known = new ArrayList<>();
        vehicle.tires().values().stream()
                .flatMap(state -> state.alerts().open().stream()
                        .filter(alert -> alert.kind() == AlertKind.STRIKE)
                        .map(alert -> WORDS.message(
                                "struckAtOnNotLooked",
                                "position",
                                state.position().code(),
                                "on",
                                alert.on())))
                .forEach(known::add);
        boolean open = !known.isEmpty();
        events.events().stream()
                .filter(event -> event.type() == Type.CURB_STRIKE)
                .max(Comparator.comparing(VehicleEvents.Event::on))
                .ifPresent(event -> known.add(WORDS.message("lastStrikeOnRecord", "on", event.on())));
        return new Step(Check.STRIKE, known.isEmpty() ? List.of(WORDS.message("noStrikeOnRecord")) : known, open);
    }

    private static Step balance(VehicleState vehicle) {
        List<Message> known = vehicle.tires().values().stream()
                .flatMap(state -> state.open().stream()
                        .filter(open -> open.finding().wearShape().isPresent())
                        .map(open -> WORDS.message(
                                "since",
                                "position",
                                state.position().code(),
                                "finding",
                                open.finding().label(),
                                "on",
                                open.on())))
                .toList();
        return new Step(
                Check.BALANCE, known.isEmpty() ? List.of(WORDS.message("nothingSeenOrFelt")) : known, !known.isEmpty());
    }

    private static Step threshold(VehicleState vehicle, Policy policy, LocalDate today) {
        List<Message> known = new ArrayList<>();
        boolean[] close = {false};
        vehicle.pressures(policy, today).axles().forEach((axle, answer) -> {
            boolean both =
                    answer.warning().isPresent() && answer.target().pressure().isPresent();
            known.add(
                    both
                            ? WORDS.message(
                                    "axleWarnsAtTarget",
                                    "axle",
                                    axle,
                                    "warning",
                                    answer.warning().get(),
                                    "pressure",
                                    answer.target().pressure().get())
                            : WORDS.message("axleWhereItWarnsIsnt", "axle", axle));
            close[0] |= both
                    && answer.warning().get().psi()
                            > 0.95 * answer.target().pressure().get().psi();
        });
        return new Step(Check.THRESHOLD, known, close[0]);
    }

    /**
     * The check to do next: the first that nobody has done; empty once all are.
     *
     * @param done checks somebody ticked
     * @return the next one
     */
    public Optional<Check> next(Set<Check> done) {
        return steps.stream()
                .map(Step::check)
                .filter(check -> !done.contains(check))
                .findFirst();
    }
}
