package rotagens.server.policy;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import rotagens.core.policy.Policy.Scope;
import rotagens.core.policy.PolicyChoice;
import rotagens.core.policy.PolicyNumber;
import rotagens.server.people.People;
import rotagens.server.policy.Policies.Signed;
import rotagens.server.web.Entries;
import rotagens.server.web.ProblemException;

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

    /** One way to choose. */
    record PolicyOptionView(String code, String words) {}

    /** A choice between schools; the narrowest scope that chose wins. */
    record PolicyChoiceView(
            PolicyChoice choice,
            String title,
            String byDefault,
            String source,
            List<PolicyOptionView> options,
            List<Setting> settings,
            List<Setting> earlier) {}

    /** An option to sign for a class; without one the class's own is withdrawn. */
    record PolicyChoiceEntry(
            @Nullable String vehicleClass,
            @Nullable String option,
            @Nullable String why) {}

    private final Policies policies;
    private final PolicyChoices choices;
    private final People people;

    PolicyController(Policies policies, PolicyChoices choices, People people) {
        this.policies = policies;
        this.choices = choices;
        this.people = people;
    }

    @GetMapping("/api/policy-choices")
    List<PolicyChoiceView> choices() {
        List<PolicyChoices.Made> now = choices.now();
        List<PolicyChoices.Made> earlier =
                choices.history().stream().filter(one -> !now.contains(one)).toList();
        return Arrays.stream(PolicyChoice.values())
                .map(choice -> new PolicyChoiceView(
                        choice,
                        choice.title(),
                        choice.byDefault().words(),
                        choice.source(),
                        choice.options().stream()
                                .map(one -> new PolicyOptionView(one.code(), one.words()))
                                .toList(),
                        made(choice, now),
                        newestFirst(made(choice, earlier))))
                .toList();
    }

    private static List<Setting> made(PolicyChoice choice, List<PolicyChoices.Made> made) {
        return made.stream()
                .filter(one -> one.choice() == choice)
                .map(one -> new Setting(
                        one.vehicleClass() == null ? "the whole fleet" : "class " + one.vehicleClass(),
                        choice.option(one.option()).words(),
                        one.setBy(),
                        one.why(),
                        one.at(),
                        one.withdrawn()))
                .toList();
    }

    @PutMapping("/api/policy/choices/{choice}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void choose(@PathVariable PolicyChoice choice, @RequestBody PolicyChoiceEntry typed) {
        Entries wrong = new Entries();
        Optional<String> option = wrong.optional(
                "option", typed.option(), code -> choice.option(code).code());
        String why = wrong.text("why", typed.why(), LONGEST_WHY);
        wrong.unless(!why.isEmpty(), "why", "Say why: it stands beside the choice from now on.");
        wrong.refuseIfWrong();
        policies.choose(
                choice,
                typed.vehicleClass() == null || typed.vehicleClass().isBlank() ? null : typed.vehicleClass(),
                option,
                why,
                people.get(people.me()).name());
    }

    private static final int LONGEST_WHY = 300;

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
        read.value()
                .flatMap(value -> policies.inForce()
                        .of(
                                read.scope().vehicleClass() == null
                                        ? ""
                                        : read.scope().vehicleClass())
                        .against(number, value))
                .ifPresent(why -> {
                    throw ProblemException.field("value", why);
                });
        policies.sign(
                number,
                read.scope(),
                read.value(),
                read.why(),
                people.get(people.me()).name());
    }
}
