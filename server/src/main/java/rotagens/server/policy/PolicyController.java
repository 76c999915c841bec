package rotagens.server.policy;

import static rotagens.server.policy.PolicyWords.WORDS;

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
import rotagens.core.policy.PolicyTopic;
import rotagens.server.people.People;
import rotagens.server.policy.PolicyStore.StoredSetting;
import rotagens.server.web.InputValidator;
import rotagens.server.web.ProblemException;

/** The numbers a fleet may set, who signed them, when and why. */
@RestController
class PolicyController {

    /** As one scope has set it. */
    record PolicySettingView(String scope, String value, String setBy, String reason, Instant at, boolean isCleared) {}

    /**
     * One number.
     *
     * @param settings what counts now
     * @param earlier what once did, newest first
     */
    record PolicyNumberView(
            PolicyNumber number,
            PolicyTopic topic,
            String topicTitle,
            String title,
            String unit,
            String defaultValue,
            String source,
            PolicyNumber.StricterSide stricter,
            List<PolicySettingView> settings,
            List<PolicySettingView> earlier) {}

    /** One way to choose. */
    record PolicyOptionView(String code, String label) {}

    /** A choice between schools; the narrowest scope that chose wins. */
    record PolicyChoiceView(
            PolicyChoice choice,
            String title,
            String defaultOption,
            String source,
            List<PolicyOptionView> options,
            List<PolicySettingView> settings,
            List<PolicySettingView> earlier) {}

    /** An option to sign for a class; without one the class's own is withdrawn. */
    record PolicyChoiceRequest(
            @Nullable String vehicleClass,
            @Nullable String option,
            @Nullable String reason) {}

    private final PolicyStore policyStore;
    private final PolicyChoiceStore listPolicyChoices;
    private final People people;

    PolicyController(PolicyStore policyStore, PolicyChoiceStore choices, People people) {
        this.policyStore = policyStore;
        this.listPolicyChoices = choices;
        this.people = people;
    }

    /** What was chosen, from which day, for which class or vehicle. */
    @GetMapping("/api/policy-choices")
    List<PolicyChoiceView> listPolicyChoices() {
        List<PolicyChoiceStore.StoredChoice> now = listPolicyChoices.now();
        List<PolicyChoiceStore.StoredChoice> earlier = listPolicyChoices.history().stream()
                .filter(one -> !now.contains(one))
                .toList();
        return Arrays.stream(PolicyChoice.values())
                .map(choice -> new PolicyChoiceView(
                        choice,
                        choice.title(),
                        choice.defaultValue().label(),
                        choice.source(),
                        choice.options().stream()
                                .map(one -> new PolicyOptionView(one.code(), one.label()))
                                .toList(),
                        made(choice, now),
                        newestFirst(made(choice, earlier))))
                .toList();
    }

    private static List<PolicySettingView> made(
            PolicyChoice choice, List<PolicyChoiceStore.StoredChoice> storedChoice) {
        return storedChoice.stream()
                .filter(one -> one.choice() == choice)
                .map(one -> new PolicySettingView(
                        one.vehicleClass() == null
                                ? WORDS.say("wholeFleet")
                                : WORDS.say("class", "vehicleClass", one.vehicleClass()),
                        choice.option(one.option()).label(),
                        one.setBy(),
                        one.reason(),
                        one.at(),
                        one.isCleared()))
                .toList();
    }

    /** Makes a choice of the fleet’s policy from a day on. */
    @PutMapping("/api/policy-choices/{choice}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void setPolicyChoice(@PathVariable PolicyChoice choice, @RequestBody PolicyChoiceRequest typed) {
        InputValidator wrong = new InputValidator();
        Optional<String> option = wrong.optional(
                "option", typed.option(), code -> choice.option(code).code());
        String why = wrong.text("reason", typed.reason(), LONGEST_WHY);
        wrong.unless(!why.isEmpty(), "reason", WORDS.say("enterAReason2"));
        wrong.refuseIfWrong();
        policyStore.choose(
                choice,
                typed.vehicleClass() == null || typed.vehicleClass().isBlank() ? null : typed.vehicleClass(),
                option,
                why,
                people.get(people.me()).name());
    }

    private static final int LONGEST_WHY = 300;

    /** Every rule with its number, its floor and where the number comes from. */
    @GetMapping("/api/policy")
    List<PolicyNumberView> getPolicy() {
        List<StoredSetting> now = policyStore.signed();
        List<StoredSetting> ever = policyStore.history();
        return Arrays.stream(PolicyNumber.values())
                .map(number -> new PolicyNumberView(
                        number,
                        number.topic(),
                        number.topic().title(),
                        number.title(),
                        number.unit(),
                        number.label(number.defaultValue()),
                        number.source(),
                        number.stricter(),
                        of(number, now),
                        newestFirst(of(
                                number,
                                ever.stream().filter(one -> !now.contains(one)).toList()))))
                .toList();
    }

    private static List<PolicySettingView> newestFirst(List<PolicySettingView> oldestFirst) {
        List<PolicySettingView> turned = new ArrayList<>(oldestFirst);
        Collections.reverse(turned);
        return turned;
    }

    private static List<PolicySettingView> of(PolicyNumber number, List<StoredSetting> storedSetting) {
        return storedSetting.stream()
                .filter(one -> one.number() == number)
                .map(one -> new PolicySettingView(
                        one.scope().equals(Scope.FLEET)
                                ? WORDS.say("wholeFleet")
                                : one.scope().label().replaceFirst("^fleet policy for ", ""),
                        number.label(one.value()),
                        one.setBy(),
                        one.reason(),
                        one.at(),
                        one.isCleared()))
                .toList();
    }

    /** Sets a number of the policy from a day on; stricter than the law only. */
    @PutMapping("/api/policy/{number}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void setPolicyNumber(@PathVariable PolicyNumber number, @RequestBody PolicySettingRequest typed) {
        PolicySettingRequest.Read read = typed.read(number, true);
        read.value()
                .flatMap(value -> policyStore
                        .inForce()
                        .of(
                                read.scope().vehicleClass() == null
                                        ? ""
                                        : read.scope().vehicleClass())
                        .against(number, value))
                .ifPresent(why -> {
                    throw ProblemException.field("value", why);
                });
        policyStore.sign(
                number,
                read.scope(),
                read.value(),
                read.reason(),
                people.get(people.me()).name());
    }
}
