package rotagens.core.planning;

import static rotagens.core.planning.PlanningWords.WORDS;

import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import rotagens.core.inspection.VehicleState;
import rotagens.core.measure.InvalidInputException;
import rotagens.core.measure.Message;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Units;
import rotagens.core.policy.Policy;
import rotagens.core.pressure.VehiclePressures;
import rotagens.core.vehicle.LoadState;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Position.OnAxle;

/**
 * What a booked trip makes of a vehicle's pressures: raised before it, restored the day after. Positions in the order of a
 * walk-around, only those whose target changes.
 *
 * @param raise what to set before the trip, and why
 * @param restore what to set after it, and why
 */
public record TripWork(Map<Position, Message> raise, Map<Position, Message> restore) {

    private static final double SAME_PSI = 0.05;

    /**
     * Works it out with the tires and weights on record.
     *
     * @param vehicle as it is now
     * @param loaded how it will be loaded
     * @param policy the fleet’s policy
     * @param today the day it is asked
     * @param units those of whoever books it, for the refusal
     * @return axles whose pressure has to be raised before the trip and set back after it
     * @throws InvalidInputException where an axle can't carry that load at any pressure allowed
     */
    public static TripWork of(VehicleState vehicle, LoadState loaded, Policy policy, LocalDate today, Units units) {
        VehiclePressures now = vehicle.pressures(policy, today);
        VehiclePressures then = vehicle.with(vehicle.facts().loaded(loaded)).pressures(policy, today);
        then.axles().values().stream()
                .filter(answer ->
                        answer.load().isPresent() && answer.target().pressure().isEmpty())
                .findFirst()
                .ifPresent(answer -> {
                    throw new InvalidInputException(WORDS.say(
                            "axleCantCarry",
                            "axle",
                            answer.axle(),
                            "target",
                            answer.target().reason().statement().in(units)));
                });
        return new TripWork(
                changes(vehicle, now, then, WORDS.say("raise"), loaded),
                changes(
                        vehicle,
                        then,
                        now,
                        WORDS.say("restore"),
                        vehicle.facts().currentLoadState().state()));
    }

    private static Map<Position, Message> changes(
            VehicleState vehicle, VehiclePressures from, VehiclePressures to, String verb, LoadState state) {
        Map<Position, Message> changes = new LinkedHashMap<>();
        for (Position position : vehicle.vehicle().layout().walkAroundOrder()) {
            if (!(position instanceof OnAxle on) || vehicle.at(position).tire().isEmpty()) {
                continue;
            }
            Optional<Pressure> before = from.axles().get(on.axle()).target().pressure();
            Optional<Pressure> after = to.axles().get(on.axle()).target().pressure();
            boolean same = before.isPresent()
                    && after.isPresent()
                    && Math.abs(before.get().psi() - after.get().psi()) < SAME_PSI;
            if (after.isPresent() && !same) {
                changes.put(
                        position,
                        before.map(psi -> WORDS.message(
                                        "toForLoadFrom",
                                        "verb",
                                        verb,
                                        "after",
                                        after.get(),
                                        "state",
                                        state.label(),
                                        "psi",
                                        psi))
                                .orElseGet(() -> WORDS.message(
                                        "toForLoad", "verb", verb, "after", after.get(), "state", state.label())));
            }
        }
        return changes;
    }
}
