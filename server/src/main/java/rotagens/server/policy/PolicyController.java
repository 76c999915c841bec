package rotagens.server.policy;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import rotagens.core.policy.Policy.Scope;
import rotagens.core.policy.PolicyNumber;
import rotagens.server.people.People;
import rotagens.server.policy.Policies.Signed;

/** The numbers a fleet may set, who signed them, when and why. */
@RestController
class PolicyController {

    /** As one scope has set it. */
    record Setting(String scope, String value, String setBy, String why, Instant at, boolean withdrawn) {}

    /**
     * One number.
     *
     * @param settings what counts now
     * @param earlier what once did, newest first
     */
    record NumberView(
            PolicyNumber number,
            String title,
            String unit,
            String byDefault,
            String source,
            PolicyNumber.Stricter stricter,
            List<Setting> settings,
            List<Setting> earlier) {}

    private final Policies policies;
    private final People people;

    PolicyController(Policies policies, People people) {
        this.policies = policies;
        this.people = people;
    }

    @GetMapping("/api/policy")
    List<NumberView> policy() {
        List<Signed> now = policies.signed();
        List<Signed> ever = policies.history();
        return Arrays.stream(PolicyNumber.values())
                .map(number -> new NumberView(
                        number,
                        number.title(),
                        number.unit(),
                        number.words(number.byDefault()),
                        number.source(),
                        number.stricter(),
                        of(number, now),
                        newestFirst(of(
                                number,
                                ever.stream().filter(one -> !now.contains(one)).toList()))))
                .toList();
    }

    private static List<Setting> newestFirst(List<Setting> oldestFirst) {
        List<Setting> turned = new ArrayList<>(oldestFirst);
        Collections.reverse(turned);
        return turned;
    }

    private static List<Setting> of(PolicyNumber number, List<Signed> signed) {
        return signed.stream()
                .filter(one -> one.number() == number)
                .map(one -> new Setting(
                        one.scope().equals(Scope.FLEET)
                                ? "the whole fleet"
                                : one.scope().words().replaceFirst("^fleet policy for ", ""),
                        number.words(one.value()),
                        one.setBy(),
                        one.why(),
                        one.at(),
                        one.withdrawn()))
                .toList();
    }

    @PutMapping("/api/policy/{number}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void sign(@PathVariable PolicyNumber number, @RequestBody PolicyEntry typed) {
        PolicyEntry.Read read = typed.read(number, true);
        policies.sign(
                number,
                read.scope(),
                read.value(),
                read.why(),
                people.get(people.me()).name());
    }
}
