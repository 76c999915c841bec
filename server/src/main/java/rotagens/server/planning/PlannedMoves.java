package rotagens.server.planning;

import static rotagens.server.planning.PlanningWords.WORDS;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import rotagens.core.rotation.MovePlan.MoveMethod;
import rotagens.server.tire.TireStore;
import rotagens.server.tire.TireStore.Line;
import rotagens.server.vehicle.VehicleStore;
import rotagens.server.web.ProblemException;

/** The moves an accepted rotation is made of: kept with its job, carried out all at once when it is signed off. */
@Component
public class PlannedMoves {

    /**
     * One tire's move.
     *
     * @param lift wheels that are off together share a number
     * @param tireId null for a tire to buy
     * @param fromPlace null where it comes from stock or is bought
     * @param toPlace null where it comes off
     * @param wheelFrom the place the wheel comes from that ends up under it; null where the wheel stays
     */
    public record Planned(
            int lift, Long tireId, long modelId, Long fromPlace, Long toPlace, Long wheelFrom, MoveMethod how) {}

    /** An accepted rotation. */
    public record Plan(
            long jobId,
            String purpose,
            LocalDate nextVisit,
            String overridden,
            String overrideReason,
            List<Planned> moves) {}

    /** An open rotation of a vehicle. */
    public record OpenPlan(long jobId, LocalDate day) {}

    private final RotationPlanStore store;
    private final TireStore tireStore;
    private final VehicleStore vehicleStore;

    PlannedMoves(RotationPlanStore store, TireStore tireStore, VehicleStore vehicleStore) {
        this.store = store;
        this.tireStore = tireStore;
        this.vehicleStore = vehicleStore;
    }

    public void add(Plan plan) {
        store.add(plan);
    }

    public Optional<Plan> of(long jobId) {
        return store.of(jobId);
    }

    /** The rotation a vehicle waits for, if one is open. */
    public Optional<OpenPlan> openOf(long vehicleId) {
        return store.openOf(vehicleId);
    }

    /** Tires from stock that open rotations speak for, each with the vehicle it is meant for. */
    public Map<Long, String> spokenFor() {
        return store.spokenFor();
    }

    /**
     * Carries a rotation out: every tire to its place, every wheel with its inside sensor to its own, in one transaction. Refused
     * whole where a tire isn't where the plan found it.
     *
     * @param bought by place, the tires newly on record that are meant for it
     */
    void carryOut(Plan plan, Map<Long, Long> bought, Line line) {
        List<TireStore.Step> steps = new ArrayList<>();
        for (Planned move : plan.moves()) {
            Long tireId = move.tireId() == null ? bought.get(move.toPlace()) : move.tireId();
            Optional<Long> there = move.fromPlace() == null ? Optional.empty() : tireStore.at(move.fromPlace());
            boolean asPlanned = move.fromPlace() == null
                    ? move.tireId() == null || tireStore.isInStock(tireId)
                    : there.filter(tire -> Objects.equals(tire, tireId)).isPresent();
            if (!asPlanned) {
                throw moved(move.fromPlace());
            }
            steps.add(new TireStore.Step(tireId, move.fromPlace(), move.toPlace()));
        }
        Set<Long> emptied = plan.moves().stream()
                .map(Planned::fromPlace)
                .filter(Objects::nonNull)
                .collect(Collectors.toSet());
        plan.moves().stream()
                .map(Planned::toPlace)
                .filter(to ->
                        to != null && !emptied.contains(to) && tireStore.at(to).isPresent())
                .findFirst()
                .ifPresent(to -> {
                    throw moved(to);
                });
        tireStore.rearrange(steps, line);
        Map<Long, Long> wheels = new HashMap<>();
        plan.moves().stream()
                .filter(move -> move.wheelFrom() != null)
                .forEach(move -> wheels.put(move.toPlace(), move.wheelFrom()));
        vehicleStore.moveWheels(wheels, line.at(), line.personId(), plan.jobId());
    }

    private ProblemException moved(Long placeId) {
        return ProblemException.conflict(WORDS.say("tiresWereMovedSince", "where", where(placeId)));
    }

    private String where(Long placeId) {
        return placeId == null
                ? WORDS.say("inStock")
                : vehicleStore
                        .codeOf(placeId)
                        .map(code -> WORDS.say("at", "code", code))
                        .orElse("");
    }
}
