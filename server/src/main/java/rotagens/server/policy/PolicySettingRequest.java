package rotagens.server.policy;

import static rotagens.server.policy.PolicyWords.WORDS;

import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import rotagens.core.measure.InvalidInputException;
import rotagens.core.policy.Policy.Scope;
import rotagens.core.policy.PolicyNumber;
import rotagens.server.web.InputValidator;

/** A value to sign for a scope, or to look at before; without a value the scope's own is withdrawn. */
public record PolicySettingRequest(
        @Nullable String vehicleClass,
        @Nullable String axle,
        @Nullable String manufacturer,
        @Nullable String value,
        @Nullable String reason) {

    private static final Set<String> AXLES = Set.of("steer", "drive", "tag", "pusher", "trailer");

    /** The entry read. */
    public record Read(Scope scope, Optional<Double> value, String reason) {}

    /** Reads every field; signing takes a reason, looking at it doesn't. */
    public Read read(PolicyNumber number, boolean signing) {
        InputValidator wrong = new InputValidator();
        Optional<Double> figure = wrong.optional("value", value, text -> figure(number, text));
        String given = wrong.text("reason", reason, 300);
        wrong.unless(!signing || !given.isEmpty(), "reason", WORDS.say("enterAReason"));
        wrong.unless(axle == null || axle.isBlank() || AXLES.contains(axle), "axle", WORDS.say("thereIsNoSuchAxle"));
        String by = wrong.text("manufacturer", manufacturer, 60);
        wrong.refuseIfWrong();
        return new Read(new Scope(orNull(vehicleClass), orNull(axle), orNull(by)), figure, given);
    }

    private static String orNull(String text) {
        return text == null || text.isBlank() ? null : text;
    }

    private static double figure(PolicyNumber number, String text) {
        try {
            double value = Double.parseDouble(text.strip().replace(',', '.'));
            number.requirePlausible(value);
            return value;
        } catch (NumberFormatException e) {
            throw new InvalidInputException(WORDS.say("enterAPlainNumber", "number", number.unit()));
        }
    }
}
