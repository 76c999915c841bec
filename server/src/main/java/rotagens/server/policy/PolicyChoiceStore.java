package rotagens.server.policy;

import static rotagens.server.storage.generated.Tables.POLICY_CHOICE;
import static rotagens.server.storage.generated.Tables.VEHICLE_CLASS;

import java.time.Clock;
import java.time.Instant;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.policy.Policy;
import rotagens.core.policy.PolicyChoice;

/** The choices between schools this fleet has made: the newest line of a choice and class counts. */
@Service
class PolicyChoiceStore {

    /** A choice as it was made for a class, null for the whole fleet. */
    record StoredChoice(
            PolicyChoice choice,
            @Nullable String vehicleClass,
            String option,
            boolean isCleared,
            String setBy,
            String reason,
            Instant at) {}

    private final DSLContext db;
    private final Clock clock;

    PolicyChoiceStore(DSLContext db, Clock clock) {
        this.db = db;
        this.clock = clock;
    }

    /** Every line ever signed, oldest first. */
    @Transactional(readOnly = true)
    List<StoredChoice> history() {
        return db.select(POLICY_CHOICE.asterisk(), VEHICLE_CLASS.NAME)
                .from(POLICY_CHOICE)
                .leftJoin(VEHICLE_CLASS)
                .on(VEHICLE_CLASS.ID.eq(POLICY_CHOICE.VEHICLE_CLASS_ID))
                .orderBy(POLICY_CHOICE.ID)
                .fetch(row -> new StoredChoice(
                        PolicyChoice.valueOf(row.get(POLICY_CHOICE.CHOICE)),
                        row.get(VEHICLE_CLASS.NAME),
                        row.get(POLICY_CHOICE.OPTION),
                        row.get(POLICY_CHOICE.IS_CLEARED),
                        row.get(POLICY_CHOICE.SET_BY),
                        row.get(POLICY_CHOICE.REASON),
                        row.get(POLICY_CHOICE.RECORDED_AT)));
    }

    /** What counts now. */
    @Transactional(readOnly = true)
    List<StoredChoice> now() {
        Map<Object, StoredChoice> newest = new LinkedHashMap<>();
        history().forEach(one -> newest.put(Arrays.asList(one.choice(), one.vehicleClass()), one));
        return newest.values().stream().filter(one -> !one.isCleared()).toList();
    }

    List<Policy.ChosenOption> inForce() {
        return now().stream()
                .map(one -> new Policy.ChosenOption(one.choice(), one.vehicleClass(), one.option()))
                .toList();
    }

    /** Signs an option for a class or all; without one the class's own is withdrawn. */
    @Transactional
    void sign(PolicyChoice choice, @Nullable Long classId, Optional<String> option, String why, String setBy) {
        db.insertInto(POLICY_CHOICE)
                .set(POLICY_CHOICE.CHOICE, choice.name())
                .set(POLICY_CHOICE.VEHICLE_CLASS_ID, classId)
                .set(
                        POLICY_CHOICE.OPTION,
                        option.map(choice::option).orElse(choice.defaultValue()).code())
                .set(POLICY_CHOICE.IS_CLEARED, option.isEmpty())
                .set(POLICY_CHOICE.SET_BY, setBy)
                .set(POLICY_CHOICE.REASON, why)
                .set(POLICY_CHOICE.RECORDED_AT, clock.instant())
                .execute();
    }
}
