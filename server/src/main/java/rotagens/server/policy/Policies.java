package rotagens.server.policy;

import static rotagens.server.storage.generated.Tables.POLICY_SETTING;
import static rotagens.server.storage.generated.Tables.VEHICLE_CLASS;

import java.time.Clock;
import org.jooq.DSLContext;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.policy.Policy;
import rotagens.core.policy.PolicyNumber;

/** The numbers this fleet has set. */
@Service
public class Policies {

    private final DSLContext db;
    private final Clock clock;

    Policies(DSLContext db, Clock clock) {
        this.db = db;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public Policy inForce() {
        return new Policy(
                db.select(POLICY_SETTING.NUMBER, VEHICLE_CLASS.NAME, POLICY_SETTING.VALUE, POLICY_SETTING.SET_BY)
                        .from(POLICY_SETTING)
                        .leftJoin(VEHICLE_CLASS)
                        .on(VEHICLE_CLASS.ID.eq(POLICY_SETTING.VEHICLE_CLASS_ID))
                        .fetch(row -> new Policy.Setting(
                                PolicyNumber.valueOf(row.value1()), row.value2(), row.value3(), row.value4())));
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
