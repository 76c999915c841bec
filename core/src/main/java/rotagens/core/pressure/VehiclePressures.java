package rotagens.core.pressure;

import static rotagens.core.pressure.PressureWords.WORDS;

import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import rotagens.core.measure.Message;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Reason;
import rotagens.core.measure.Rule;
import rotagens.core.policy.Policy;
import rotagens.core.policy.PolicyNumber;
import rotagens.core.tire.TireModel;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Position.OnAxle;
import rotagens.core.vehicle.Vehicle;

/** The cold pressures of a vehicle, axle by axle: every school's answer, the one taken, and what has to be known about it. */
public record VehiclePressures(Vehicle vehicle, PressureInputs facts, Map<Integer, AxlePressure> axles) {

    /**
     * Works out every axle from what is fitted and on record. All tires of one axle get the same pressure.
     *
     * @param vehicle the vehicle
     * @param fitted the models on it, by position
     * @param facts what is on record of loads, choices and charts
     * @param policy the fleet’s numbers
     * @param today the day
     * @return each axle with its target, where there is one
     */
    public static VehiclePressures of(
            Vehicle vehicle,
            Map<Position, TireModel> fitted,
            PressureInputs facts,
            Policy.ClassPolicy policy,
            LocalDate today) {
        Map<Integer, AxlePressure> axles = new LinkedHashMap<>();
        double together = 0;
        for (int axle = 1; axle <= vehicle.layout().axles().size(); axle++) {
            Map<Position, TireModel> here = new LinkedHashMap<>();
            for (Position position : vehicle.layout().positions()) {
                if (position instanceof OnAxle on && on.axle() == axle && fitted.containsKey(position)) {
                    here.put(position, fitted.get(position));
                }
            }
            Policy.ClassPolicy onAxle =
                    policy.at(vehicle.layout().axles().get(axle - 1).role().label(), null);
            AxlePressure answer = new AxlePressureCalculator(vehicle, axle, here, facts, onAxle, today).solve();
            answer = new AxleNotices(vehicle, facts, onAxle, answer).added();
            OptionalDouble rated = RatingNotices.ratedLb(vehicle, axle, here);
            together += rated.orElse(Double.NaN);
            axles.put(
                    axle,
                    answer.with(RatingNotices.axle(
                            vehicle, axle, rated, answer.load().isPresent())));
        }
        // What concerns the vehicle as a whole is said at its first axle.
        AxlePressure first = axles.get(1);
        boolean weighed = axles.values().stream().allMatch(axle -> axle.load().isPresent());
        axles.put(
                1,
                first.with(first.load().flatMap(load -> RatingNotices.gross(vehicle, load)))
                        .with(
                                Double.isNaN(together)
                                        ? Optional.empty()
                                        : RatingNotices.vehicle(vehicle, together, weighed)));
        return new VehiclePressures(vehicle, facts, axles);
    }

    /** Names the models on an axle, so that another model, size or load range is noticed. */
    static String tireKey(List<TireModel> tires) {
        return tires.stream()
                .map(tire -> tire.title() + " " + tire.sidewall())
                .sorted()
                .collect(Collectors.joining(" + "));
    }

    /**
     * The models on each axle today, as records keep them.
     *
     * @return by axle from 1
     */
    public Map<Integer, String> tires() {
        Map<Integer, String> keys = new LinkedHashMap<>();
        axles.forEach((axle, answer) -> keys.put(axle, tireKey(answer.tires())));
        return keys;
    }

    /**
     * The axle of a position, worked out.
     *
     * @param position one of the vehicle’s
     * @return empty for a spare, and where the axle’s tires aren’t on file
     */
    public Optional<AxlePressure> at(Position position) {
        return position instanceof OnAxle on ? Optional.ofNullable(axles.get(on.axle())) : Optional.empty();
    }

    /**
     * The target at a position. A spare must be ready for any axle: it takes the highest, up to its own maximum.
     *
     * @param position one of the vehicle’s
     * @param tire the model there
     * @param policy the fleet’s numbers
     * @return with the reason
     */
    public TargetPressure targetAt(Position position, TireModel tire, Policy.ClassPolicy policy) {
        if (position instanceof OnAxle on) {
            AxlePressure answer = axles.get(on.axle());
            return answer.speaksFor(tire) ? answer.target() : answer.oddSize(tire);
        }
        Optional<Pressure> highest = axles.values().stream()
                .flatMap(answer -> answer.target().pressure().stream())
                .max(java.util.Comparator.comparingDouble(Pressure::psi));
        Optional<Pressure> maximum =
                MaximumPressure.at(vehicle, position, tire, policy).map(MaximumPressure::pressure);
        Optional<Pressure> pressure = highest.map(
                goal -> maximum.filter(most -> most.psi() < goal.psi()).orElse(goal));
        return new TargetPressure(
                pressure,
                Reason.of(
                        Rule.PLACARD,
                        pressure.map(goal -> WORDS.message("spareIsReadyForAny", "goal", goal))
                                .orElse(WORDS.message("noAxleHasATarget")),
                        WORDS.message("spare"),
                        Message.of(""),
                        WORDS.say("itTakesTheVehiclesHighest")));
    }

    /**
     * Whether a check has to come sooner because the system warns too late somewhere.
     *
     * @return of any axle
     */
    public boolean isThresholdTooLow() {
        return axles.values().stream()
                .flatMap(answer -> answer.notices().stream())
                .anyMatch(notice ->
                        notice.reason().rule() == Rule.WARNING_THRESHOLD && notice.severity() == Notice.Severity.WATCH);
    }

    /**
     * How often at least a gauge comes out: sooner where no sensor works, or it warns too late.
     *
     * @return the number that says how many days
     */
    public PolicyNumber checkIntervalDays() {
        return vehicle.hasWorkingSensors() && !isThresholdTooLow()
                ? PolicyNumber.PRESSURE_CHECK_DAYS
                : PolicyNumber.PRESSURE_CHECK_DAYS_NO_SENSOR;
    }

    /**
     * Said where front against rear turns the placard’s relation round: a sign of an empty setting.
     *
     * @return empty where the relation is the placard’s
     */
    public Optional<Message> frontRearReversal() {
        for (int front = 1; front < axles.size(); front++) {
            Vehicle.Placard first = vehicle.placards().get(front);
            Vehicle.Placard next = vehicle.placards().get(front + 1);
            Optional<Pressure> here = axles.get(front).target().pressure();
            Optional<Pressure> behind = axles.get(front + 1).target().pressure();
            if (first == null || next == null || here.isEmpty() || behind.isEmpty()) {
                continue;
            }
            double asMade = first.pressure().psi() - next.pressure().psi();
            double asSet = here.get().psi() - behind.get().psi();
            if (asMade * asSet < 0) {
                return Optional.of(WORDS.message(
                        "axleAtAndAxle",
                        "front",
                        front,
                        "here",
                        here.get(),
                        "rear",
                        front + 1,
                        "behind",
                        behind.get(),
                        "frontPlacard",
                        first.pressure(),
                        "rearPlacard",
                        next.pressure()));
            }
        }
        return Optional.empty();
    }
}
