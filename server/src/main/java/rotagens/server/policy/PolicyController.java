package rotagens.server.policy;

import java.time.Instant;
import java.util.Arrays;
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
import rotagens.core.policy.PolicyNumber;
import rotagens.server.people.People;
import rotagens.server.policy.Policies.Signed;
import rotagens.server.web.Entries;

/** The numbers a fleet may set, and who signed them. */
@RestController
class PolicyController {

    /** As one scope has set it; without a class it is the fleet's. */
    record Setting(@Nullable String vehicleClass, String value, String setBy, Instant at) {}

    record NumberView(
            PolicyNumber number,
            String title,
            String unit,
            String byDefault,
            PolicyNumber.Stricter stricter,
            List<Setting> settings) {}

    /** A value to sign for a scope; without a value the scope's own is withdrawn. */
    record Sign(@Nullable String vehicleClass, @Nullable String value) {}

    private final Policies policies;
    private final People people;

    PolicyController(Policies policies, People people) {
        this.policies = policies;
        this.people = people;
    }

    @GetMapping("/api/policy")
    List<NumberView> policy() {
        List<Signed> signed = policies.signed();
        return Arrays.stream(PolicyNumber.values())
                .map(number -> new NumberView(
                        number,
                        number.title(),
                        number.unit(),
                        number.words(number.byDefault()),
                        number.stricter(),
                        signed.stream()
                                .filter(one -> one.number() == number)
                                .map(one -> new Setting(
                                        one.vehicleClass().orElse(null),
                                        number.words(one.value()),
                                        one.setBy(),
                                        one.at()))
                                .toList()))
                .toList();
    }

    @PutMapping("/api/policy/{number}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void sign(@PathVariable PolicyNumber number, @RequestBody Sign typed) {
        Entries wrong = new Entries();
        Optional<Double> value = wrong.optional("value", typed.value(), text -> read(number, text));
        wrong.refuseIfWrong();
        policies.sign(
                number, typed.vehicleClass(), value, people.get(people.me()).name());
    }

    private static double read(PolicyNumber number, String text) {
        try {
            double value = Double.parseDouble(text.strip().replace(',', '.'));
            number.refuseImplausible(value);
            return value;
        } catch (NumberFormatException e) {
            throw new rotagens.core.measure.InvalidEntry("Enter a plain figure in " + number.unit() + ".");
        }
    }
}
