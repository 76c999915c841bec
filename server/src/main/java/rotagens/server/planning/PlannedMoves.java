package rotagens.server.planning;

import static rotagens.server.storage.generated.Tables.JOB;
import static rotagens.server.storage.generated.Tables.POSITION;
import static rotagens.server.storage.generated.Tables.ROTATION_MOVE;
import static rotagens.server.storage.generated.Tables.ROTATION_PLAN;
import static rotagens.server.storage.generated.Tables.VEHICLE;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import rotagens.core.rotation.MovePlan.MoveMethod;
import rotagens.server.storage.generated.tables.records.RotationPlanRecord;
import rotagens.server.tire.TireStore;
import rotagens.server.tire.TireStore.Line;
import rotagens.server.vehicle.VehicleStore;
import rotagens.server.web.ProblemException;

/** The moves an accepted rotation is made of: kept with its job, carried out all at once when it is signed off. */
@Repository
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

    private final DSLContext db;
    private final TireStore tireStore;
    private final VehicleStore vehicleStore;

    PlannedMoves(DSLContext db, TireStore tireStore, VehicleStore vehicleStore) {
        this.db = db;
        this.tireStore = tireStore;
        this.vehicleStore = vehicleStore;
    }

    public void add(Plan plan) {
        long id = db.insertInto(ROTATION_PLAN)
                .set(ROTATION_PLAN.JOB_ID, plan.jobId())
                .set(ROTATION_PLAN.GOAL, plan.purpose())
                .set(ROTATION_PLAN.NEXT_VISIT_DATE, plan.nextVisit())
                .set(ROTATION_PLAN.OVERRIDDEN_RULES, plan.overridden())
                .set(ROTATION_PLAN.OVERRIDE_REASON, plan.overrideReason())
                .returning(ROTATION_PLAN.ID)
                .fetchOne(ROTATION_PLAN.ID);
        for (Planned move : plan.moves()) {
            db.insertInto(ROTATION_MOVE)
                    .set(ROTATION_MOVE.ROTATION_PLAN_ID, id)
                    .set(ROTATION_MOVE.LIFT, move.lift())
                    .set(ROTATION_MOVE.TIRE_ID, move.tireId())
                    .set(ROTATION_MOVE.TIRE_MODEL_ID, move.modelId())
                    .set(ROTATION_MOVE.FROM_POSITION_ID, move.fromPlace())
                    .set(ROTATION_MOVE.TO_POSITION_ID, move.toPlace())
                    .set(ROTATION_MOVE.WHEEL_FROM_POSITION_ID, move.wheelFrom())
                    .set(ROTATION_MOVE.METHOD, move.how().name())
                    .execute();
        }
    }

    public Optional<Plan> of(long jobId) {
        RotationPlanRecord plan = db.selectFrom(ROTATION_PLAN)
                .where(ROTATION_PLAN.JOB_ID.eq(jobId))
                .fetchOne();
        if (plan == null) {
            return Optional.empty();
        }
        List<Planned> moves = db.selectFrom(ROTATION_MOVE)
                .where(ROTATION_MOVE.ROTATION_PLAN_ID.eq(plan.getId()))
                .orderBy(ROTATION_MOVE.LIFT, ROTATION_MOVE.ID)
                .fetch(row -> new Planned(
                        row.getLift(),
                        row.getTireId(),
                        row.getTireModelId(),
                        row.getFromPositionId(),
                        row.getToPositionId(),
                        row.getWheelFromPositionId(),
                        MoveMethod.valueOf(row.getMethod())));
        return Optional.of(new Plan(
                jobId,
                plan.getGoal(),
                plan.getNextVisitDate(),
                plan.getOverriddenRules(),
                plan.getOverrideReason(),
                moves));
    }

    /** The rotation a vehicle waits for, if one is open. */
    public Optional<OpenPlan> openOf(long vehicleId) {
        return db.select(JOB.ID, JOB.SCHEDULED_DATE)
                .from(JOB)
                .join(ROTATION_PLAN)
                .on(ROTATION_PLAN.JOB_ID.eq(JOB.ID))
                .where(JOB.VEHICLE_ID.eq(vehicleId), JOB.COMPLETED_AT.isNull(), JOB.UNSCHEDULED_AT.isNull())
                .limit(1)
                .fetchOptional(row -> new OpenPlan(row.value1(), row.value2()));
    }

    /** Tires from stock that open rotations speak for, each with the vehicle it is meant for. */
    public Map<Long, String> spokenFor() {
        Map<Long, String> all = new HashMap<>();
        db.select(ROTATION_MOVE.TIRE_ID, VEHICLE.UNIT)
                .from(ROTATION_MOVE)
                .join(ROTATION_PLAN)
                .on(ROTATION_PLAN.ID.eq(ROTATION_MOVE.ROTATION_PLAN_ID))
                .join(JOB)
                .on(JOB.ID.eq(ROTATION_PLAN.JOB_ID))
                .join(VEHICLE)
                .on(VEHICLE.ID.eq(JOB.VEHICLE_ID))
                .where(JOB.COMPLETED_AT.isNull(), JOB.UNSCHEDULED_AT.isNull())
                .and(ROTATION_MOVE.FROM_POSITION_ID.isNull())
                .and(ROTATION_MOVE.TIRE_ID.isNotNull())
                .forEach(row -> all.put(row.value1(), row.value2()));
        return all;
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
        return ProblemException.conflict("Tires were moved since this rotation was planned: look" + where(placeId)
                + ". Nothing was changed. Unschedule the job and propose the rotation again.");
    }

    private String where(Long placeId) {
        return placeId == null
                ? " in stock"
                : db.select(POSITION.CODE)
                        .from(POSITION)
                        .where(POSITION.ID.eq(placeId))
                        .fetchOptional(POSITION.CODE)
                        .map(code -> " at " + code)
                        .orElse("");
    }
}
