package rotagens.server.policy;

import static rotagens.server.policy.PolicyWords.WORDS;
import static rotagens.server.storage.generated.Tables.POLICY_SETTING;
import static rotagens.server.storage.generated.Tables.VEHICLE_CLASS;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jooq.DSLContext;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.policy.Policy;
import rotagens.core.policy.Policy.Scope;
import rotagens.core.policy.PolicyChoice;
import rotagens.core.policy.PolicyNumber;
import rotagens.server.cache.ChangeTracker;
import rotagens.server.web.ProblemException;

/** The numbers this fleet has set. */
@Service
public class PolicyStore {

    private final DSLContext db;
    private final PolicyChoiceStore choices;
    private final ChangeTracker changeTracker;
    private final Clock clock;

    PolicyStore(DSLContext db, PolicyChoiceStore choices, ChangeTracker changeTracker, Clock clock) {
        this.changeTracker = changeTracker;
        this.db = db;
        this.choices = choices;
        this.clock = clock;
    }

    /** A number as it was set for a scope, with who signed it, when and why. */
    public record StoredSetting(
            PolicyNumber number,
            Scope scope,
            double value,
            String setBy,
            String reason,
            Instant at,
            boolean isCleared) {}

    @Transactional(readOnly = true)
    public Policy inForce() {
        return policyOf(signed());
    }

    private Policy policyOf(List<StoredSetting> storedSetting) {
        return new Policy(
                storedSetting.stream()
                        .map(one -> new Policy.Setting(one.number(), one.scope(), one.value(), one.setBy()))
                        .toList(),
                choices.inForce());
    }

    /** What counts now: the newest line of each number and scope that wasn't withdrawn. */
    @Transactional(readOnly = true)
    public List<StoredSetting> signed() {
        return List.copyOf(newest(history()).values().stream()
                .filter(one -> !one.isCleared())
                .toList());
    }

    private static Map<Object, StoredSetting> newest(List<StoredSetting> oldestFirst) {
        Map<Object, StoredSetting> newest = new LinkedHashMap<>();
        oldestFirst.forEach(one -> newest.put(List.of(one.number(), one.scope()), one));
        return newest;
    }

    /** Every line ever signed, oldest first. */
    @Transactional(readOnly = true)
    public List<StoredSetting> history() {
        return db.select(POLICY_SETTING.asterisk(), VEHICLE_CLASS.NAME)
                .from(POLICY_SETTING)
                .leftJoin(VEHICLE_CLASS)
                .on(VEHICLE_CLASS.ID.eq(POLICY_SETTING.VEHICLE_CLASS_ID))
                .orderBy(POLICY_SETTING.ID)
                .fetch(row -> new StoredSetting(
                        PolicyNumber.valueOf(row.get(POLICY_SETTING.NUMBER)),
                        new Scope(
                                row.get(VEHICLE_CLASS.NAME),
                                row.get(POLICY_SETTING.AXLE),
                                row.get(POLICY_SETTING.MANUFACTURER)),
                        row.get(POLICY_SETTING.VALUE),
                        row.get(POLICY_SETTING.SET_BY),
                        row.get(POLICY_SETTING.REASON),
                        row.get(POLICY_SETTING.RECORDED_AT),
                        row.get(POLICY_SETTING.IS_CLEARED)));
    }

    /** The policy as it would be with one more line signed; nothing is kept. */
    @Transactional(readOnly = true)
    public Policy with(PolicyNumber number, Scope scope, Optional<Double> value) {
        List<StoredSetting> lines = new ArrayList<>(history());
        lines.add(new StoredSetting(
                number, scope, value.orElse(0.0), scope.label(), "", clock.instant(), value.isEmpty()));
        return policyOf(
                newest(lines).values().stream().filter(one -> !one.isCleared()).toList());
    }

    /** Signs a number for a scope; without a value the scope's own is withdrawn. */
    @Transactional
    public void sign(PolicyNumber number, Scope scope, Optional<Double> value, String why, String by) {
        changeTracker.judgementsOnly();
        write(number, scope, value, why, WORDS.say("signedBy", "scope", scope.label(), "by", by));
    }

    /** Signs a choice for a class of vehicles, null for all; without an option the class's own is withdrawn. */
    @Transactional
    public void choose(PolicyChoice choice, String vehicleClass, Optional<String> option, String why, String by) {
        changeTracker.judgementsOnly();
        Scope scope = Scope.ofClass(vehicleClass);
        choices.sign(choice, classId(scope), option, why, WORDS.say("signedBy", "scope", scope.label(), "by", by));
    }

    /** Sets a number for a scope as part of setting up a fleet. */
    @Transactional
    public void set(PolicyNumber number, Scope scope, double value, String setBy) {
        write(number, scope, Optional.of(value), "", setBy);
    }

    private void write(PolicyNumber number, Scope scope, Optional<Double> value, String why, String setBy) {
        db.insertInto(POLICY_SETTING)
                .set(POLICY_SETTING.NUMBER, number.name())
                .set(POLICY_SETTING.VEHICLE_CLASS_ID, classId(scope))
                .set(POLICY_SETTING.AXLE, scope.axle())
                .set(POLICY_SETTING.MANUFACTURER, scope.maker())
                .set(POLICY_SETTING.VALUE, value.orElse(number.defaultValue()))
                .set(POLICY_SETTING.IS_CLEARED, value.isEmpty())
                .set(POLICY_SETTING.SET_BY, setBy)
                .set(POLICY_SETTING.REASON, why)
                .set(POLICY_SETTING.RECORDED_AT, clock.instant())
                .execute();
    }

    private Long classId(Scope scope) {
        return scope.vehicleClass() == null
                ? null
                : db.select(VEHICLE_CLASS.ID)
                        .from(VEHICLE_CLASS)
                        .where(VEHICLE_CLASS.NAME.eq(scope.vehicleClass()))
                        .fetchOptional(VEHICLE_CLASS.ID)
                        .orElseThrow(() -> ProblemException.field("vehicleClass", WORDS.say("thereIsNoSuchClass")));
    }
}
