package rotagens.server.planning;

import static rotagens.server.storage.generated.Tables.JOB;
import static rotagens.server.storage.generated.Tables.PERSON;
import static rotagens.server.storage.generated.Tables.POSTPONEMENT;
import static rotagens.server.storage.generated.Tables.ROTATION_PLAN;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.jooq.DSLContext;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.measure.Message;
import rotagens.core.measure.Units;
import rotagens.core.planning.WorkType;

/** What somebody decided otherwise than the rules or the plan would have it, by name. */
@Service
public class Overrides {

    /**
     * A decision.
     *
     * @param what what was overruled or put off
     */
    public record Override(Instant at, String what, String reason, String by) {}

    private final DSLContext db;

    Overrides(DSLContext db) {
        this.db = db;
    }

    /** Rotations arranged against a rule, and due work that was left until later. */
    @Transactional(readOnly = true)
    public List<Override> ofVehicle(long vehicleId) {
        List<Override> all = new ArrayList<>(
                db.select(JOB.CREATED_AT, ROTATION_PLAN.OVERRIDDEN_RULES, ROTATION_PLAN.OVERRIDE_REASON, PERSON.NAME)
                        .from(ROTATION_PLAN)
                        .join(JOB)
                        .on(JOB.ID.eq(ROTATION_PLAN.JOB_ID))
                        .join(PERSON)
                        .on(PERSON.ID.eq(JOB.CREATED_BY_ID))
                        .where(JOB.VEHICLE_ID.eq(vehicleId), ROTATION_PLAN.OVERRIDE_REASON.ne(""))
                        .fetch(row -> new Override(
                                row.value1(), "Rotation against: " + row.value2(), row.value3(), row.value4())));
        all.addAll(db.select(POSTPONEMENT.asterisk(), PERSON.NAME)
                .from(POSTPONEMENT)
                .join(PERSON)
                .on(PERSON.ID.eq(POSTPONEMENT.PERSON_ID))
                .where(POSTPONEMENT.VEHICLE_ID.eq(vehicleId))
                .fetch(row -> new Override(
                        row.get(POSTPONEMENT.RECORDED_AT),
                        Message.of(
                                        "Left until {}: {}",
                                        row.get(POSTPONEMENT.UNTIL_DATE),
                                        work(row.get(POSTPONEMENT.DUE_ITEM_KEY)))
                                .in(Units.US),
                        row.get(POSTPONEMENT.REASON),
                        row.get(PERSON.NAME))));
        return all;
    }

    /** The work a key names, in words. */
    private static String work(String key) {
        String[] parts = key.split(":", 2);
        return WorkType.valueOf(parts[0]).label()
                + (parts.length < 2 || parts[1].isEmpty() ? "" : " at " + parts[1].replace("+", ", "));
    }
}
