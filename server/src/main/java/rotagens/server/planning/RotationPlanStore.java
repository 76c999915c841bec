package rotagens.server.planning;

import static rotagens.server.storage.generated.Tables.JOB;
import static rotagens.server.storage.generated.Tables.PERSON;
import static rotagens.server.storage.generated.Tables.ROTATION_MOVE;
import static rotagens.server.storage.generated.Tables.ROTATION_PLAN;
import static rotagens.server.storage.generated.Tables.VEHICLE;

import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import rotagens.core.rotation.MovePlan.MoveMethod;
import rotagens.server.planning.PlannedMoves.OpenPlan;
import rotagens.server.planning.PlannedMoves.Plan;
import rotagens.server.planning.PlannedMoves.Planned;
import rotagens.server.storage.generated.tables.records.RotationPlanRecord;

/** Accepted rotations and their moves. */
@Repository
class RotationPlanStore {

    /** A rotation arranged against a rule: when, against which, why and by whom. */
    record Overridden(Instant at, String rules, String reason, String by) {}

    private final DSLContext db;

    RotationPlanStore(DSLContext db) {
        this.db = db;
    }

    void add(Plan plan) {
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

    Optional<Plan> of(long jobId) {
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
    Optional<OpenPlan> openOf(long vehicleId) {
        return db.select(JOB.ID, JOB.SCHEDULED_DATE)
                .from(JOB)
                .join(ROTATION_PLAN)
                .on(ROTATION_PLAN.JOB_ID.eq(JOB.ID))
                .where(JOB.VEHICLE_ID.eq(vehicleId), JOB.COMPLETED_AT.isNull(), JOB.UNSCHEDULED_AT.isNull())
                .limit(1)
                .fetchOptional(row -> new OpenPlan(row.value1(), row.value2()));
    }

    /** Tires from stock that open rotations speak for, each with the vehicle it is meant for. */
    Map<Long, String> spokenFor() {
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

    /** A vehicle's rotations that were arranged against a rule. */
    List<Overridden> overriddenOf(long vehicleId) {
        return db.select(JOB.CREATED_AT, ROTATION_PLAN.OVERRIDDEN_RULES, ROTATION_PLAN.OVERRIDE_REASON, PERSON.NAME)
                .from(ROTATION_PLAN)
                .join(JOB)
                .on(JOB.ID.eq(ROTATION_PLAN.JOB_ID))
                .join(PERSON)
                .on(PERSON.ID.eq(JOB.CREATED_BY_ID))
                .where(JOB.VEHICLE_ID.eq(vehicleId), ROTATION_PLAN.OVERRIDE_REASON.ne(""))
                .fetch(row -> new Overridden(row.value1(), row.value2(), row.value3(), row.value4()));
    }
}
