package rotagens.server.policy;

import static rotagens.server.storage.generated.Tables.POLICY_SETTING;
import static rotagens.server.storage.generated.Tables.VEHICLE_CLASS;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.jooq.DSLContext;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.policy.Policy;
import rotagens.core.policy.PolicyNumber;
import rotagens.server.storage.generated.tables.PolicySetting;
import rotagens.server.web.ProblemException;

/** The numbers this fleet has set. */
@Service
public class Policies {

    private final DSLContext db;
    private final Clock clock;

    Policies(DSLContext db, Clock clock) {
        this.db = db;
        this.clock = clock;
    }

    /** A number as the fleet or one class has set it, with who signed it and when. */
    public record Signed(PolicyNumber number, Optional<String> vehicleClass, double value, String setBy, Instant at) {}

    @Transactional(readOnly = true)
    public Policy inForce() {
        return new Policy(signed().stream()
                .map(one -> new Policy.Setting(one.number(), one.vehicleClass().orElse(null), one.value(), one.setBy()))
                .toList());
    }

    /** What counts now: the newest line of each number and scope that wasn't withdrawn. */
    @Transactional(readOnly = true)
    public List<Signed> signed() {
        PolicySetting newer = POLICY_SETTING.as("newer");
        return db.select(POLICY_SETTING.asterisk(), VEHICLE_CLASS.NAME)
                .from(POLICY_SETTING)
                .leftJoin(VEHICLE_CLASS)
                .on(VEHICLE_CLASS.ID.eq(POLICY_SETTING.VEHICLE_CLASS_ID))
                .where(POLICY_SETTING.IS_WITHDRAWN.isFalse())
                .andNotExists(db.selectOne()
                        .from(newer)
                        .where(newer.NUMBER.eq(POLICY_SETTING.NUMBER))
                        .and(newer.VEHICLE_CLASS_ID.isNotDistinctFrom(POLICY_SETTING.VEHICLE_CLASS_ID))
                        .and(newer.ID.gt(POLICY_SETTING.ID)))
                .orderBy(POLICY_SETTING.ID)
                .fetch(row -> new Signed(
                        PolicyNumber.valueOf(row.get(POLICY_SETTING.NUMBER)),
                        Optional.ofNullable(row.get(VEHICLE_CLASS.NAME)),
                        row.get(POLICY_SETTING.VALUE),
                        row.get(POLICY_SETTING.SET_BY),
                        row.get(POLICY_SETTING.AT)));
    }

    /** Signs a number for one class, or for the fleet where the class is null; without a value the scope's own is withdrawn. */
    @Transactional
    public void sign(PolicyNumber number, String vehicleClass, Optional<Double> value, String by) {
        Long classId = vehicleClass == null
                ? null
                : db.select(VEHICLE_CLASS.ID)
                        .from(VEHICLE_CLASS)
                        .where(VEHICLE_CLASS.NAME.eq(vehicleClass))
                        .fetchOptional(VEHICLE_CLASS.ID)
                        .orElseThrow(() -> ProblemException.field("vehicleClass", "There is no such class."));
        String scope = vehicleClass == null ? "fleet policy" : "fleet policy for class " + vehicleClass;
        db.insertInto(POLICY_SETTING)
                .set(POLICY_SETTING.NUMBER, number.name())
                .set(POLICY_SETTING.VEHICLE_CLASS_ID, classId)
                .set(POLICY_SETTING.VALUE, value.orElse(number.byDefault()))
                .set(POLICY_SETTING.IS_WITHDRAWN, value.isEmpty())
                .set(POLICY_SETTING.SET_BY, scope + ", signed by " + by)
                .set(POLICY_SETTING.AT, clock.instant())
                .execute();
    }

    /** Sets a number for one class, or for the fleet where the class is null. */
    @Transactional
    public void set(PolicyNumber number, Long vehicleClassId, double value, String setBy) {
        db.insertInto(POLICY_SETTING)
                .set(POLICY_SETTING.NUMBER, number.name())
                .set(POLICY_SETTING.VEHICLE_CLASS_ID, vehicleClassId)
                .set(POLICY_SETTING.VALUE, value)
                .set(POLICY_SETTING.SET_BY, setBy)
                .set(POLICY_SETTING.AT, clock.instant())
                .execute();
    }
}
