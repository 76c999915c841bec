package rotagens.server.policy;

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
import rotagens.server.changes.Changes;
import rotagens.server.web.ProblemException;

/** The numbers this fleet has set. */
@Service
public class Policies {

    private final DSLContext db;
    private final PolicyChoices choices;
    private final Changes changes;
    private final Clock clock;

    Policies(DSLContext db, PolicyChoices choices, Changes changes, Clock clock) {
        this.changes = changes;
        this.db = db;
        this.choices = choices;
        this.clock = clock;
    }

    /** A number as it was set for a scope, with who signed it, when and why. */
    public record Signed(
            PolicyNumber number, Scope scope, double value, String setBy, String why, Instant at, boolean withdrawn) {}

    @Transactional(readOnly = true)
    public Policy inForce() {
        return policyOf(signed());
    }

    private Policy policyOf(List<Signed> signed) {
        return new Policy(
                signed.stream()
                        .map(one -> new Policy.Setting(one.number(), one.scope(), one.value(), one.setBy()))
                        .toList(),
                choices.inForce());
    }

    /** What counts now: the newest line of each number and scope that wasn't withdrawn. */
    @Transactional(readOnly = true)
    public List<Signed> signed() {
        return List.copyOf(newest(history()).values().stream()
                .filter(one -> !one.withdrawn())
                .toList());
    }

    private static Map<Object, Signed> newest(List<Signed> oldestFirst) {
        Map<Object, Signed> newest = new LinkedHashMap<>();
        oldestFirst.forEach(one -> newest.put(List.of(one.number(), one.scope()), one));
        return newest;
    }

    /** Every line ever signed, oldest first. */
    @Transactional(readOnly = true)
    public List<Signed> history() {
        return db.select(POLICY_SETTING.asterisk(), VEHICLE_CLASS.NAME)
                .from(POLICY_SETTING)
                .leftJoin(VEHICLE_CLASS)
                .on(VEHICLE_CLASS.ID.eq(POLICY_SETTING.VEHICLE_CLASS_ID))
                .orderBy(POLICY_SETTING.ID)
                .fetch(row -> new Signed(
                        PolicyNumber.valueOf(row.get(POLICY_SETTING.NUMBER)),
                        new Scope(
                                row.get(VEHICLE_CLASS.NAME),
                                row.get(POLICY_SETTING.AXLE),
                                row.get(POLICY_SETTING.MAKER)),
                        row.get(POLICY_SETTING.VALUE),
                        row.get(POLICY_SETTING.SET_BY),
                        row.get(POLICY_SETTING.WHY),
                        row.get(POLICY_SETTING.AT),
                        row.get(POLICY_SETTING.IS_WITHDRAWN)));
    }

    /** The policy as it would be with one more line signed; nothing is kept. */
    @Transactional(readOnly = true)
    public Policy with(PolicyNumber number, Scope scope, Optional<Double> value) {
        List<Signed> lines = new ArrayList<>(history());
        lines.add(new Signed(number, scope, value.orElse(0.0), scope.words(), "", clock.instant(), value.isEmpty()));
        return policyOf(
                newest(lines).values().stream().filter(one -> !one.withdrawn()).toList());
    }

    /** Signs a number for a scope; without a value the scope's own is withdrawn. */
    @Transactional
    public void sign(PolicyNumber number, Scope scope, Optional<Double> value, String why, String by) {
        changes.judgementsOnly();
        write(number, scope, value, why, scope.words() + ", signed by " + by);
    }

    /** Signs a choice for a class of vehicles, null for all; without an option the class's own is withdrawn. */
    @Transactional
    public void choose(PolicyChoice choice, String vehicleClass, Optional<String> option, String why, String by) {
        changes.judgementsOnly();
        Scope scope = Scope.ofClass(vehicleClass);
        choices.sign(choice, classId(scope), option, why, scope.words() + ", signed by " + by);
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
                .set(POLICY_SETTING.MAKER, scope.maker())
                .set(POLICY_SETTING.VALUE, value.orElse(number.byDefault()))
                .set(POLICY_SETTING.IS_WITHDRAWN, value.isEmpty())
                .set(POLICY_SETTING.SET_BY, setBy)
                .set(POLICY_SETTING.WHY, why)
                .set(POLICY_SETTING.AT, clock.instant())
                .execute();
    }

    private Long classId(Scope scope) {
        return scope.vehicleClass() == null
                ? null
                : db.select(VEHICLE_CLASS.ID)
                        .from(VEHICLE_CLASS)
                        .where(VEHICLE_CLASS.NAME.eq(scope.vehicleClass()))
                        .fetchOptional(VEHICLE_CLASS.ID)
                        .orElseThrow(() -> ProblemException.field("vehicleClass", "There is no such class."));
    }
}
