package rotagens.core.policy;

import static rotagens.core.policy.PolicyWords.WORDS;

import java.util.List;
import rotagens.core.measure.InvalidInputException;

/**
 * A choice between schools that a fleet may make. Unlike a number no option is stricter: the narrowest scope that chose wins, a
 * class before the whole fleet.
 */
public enum PolicyChoice {
    /** Where a rotation for even wear may move tires. */
    EVEN_WEAR_SCOPE(
            WORDS.say("rotatingForEvenWearMoves"),
            WORDS.say("whereverItHelpsMostPractice"),
            new Option("ANYWHERE", WORDS.say("whereverItHelpsMost")),
            new Option("WITHIN_AXLES", WORDS.say("leftAndRightWithinTheir")),
            new Option("BETWEEN_AXLES", WORDS.say("frontAndRearFromAxle")));

    /**
     * One way to choose.
     *
     * @param code as it is stored
     * @param label as people read it, for the middle of a sentence
     */
    public record Option(String code, String label) {}

    private final String title;
    private final String source;
    private final List<Option> options;

    /** The first option is this product's default. */
    PolicyChoice(String title, String source, Option... options) {
        this.title = title;
        this.source = source;
        this.options = List.of(options);
    }

    /**
     * What is chosen.
     *
     * @return begins the sentence that an option’s label ends
     */
    public String title() {
        return title;
    }

    /**
     * Why the default is what it is.
     *
     * @return for the screen
     */
    public String source() {
        return source;
    }

    /**
     * Every way to choose.
     *
     * @return the default first
     */
    public List<Option> options() {
        return options;
    }

    /**
     * This product’s default.
     *
     * @return what holds where the fleet has chosen nothing
     */
    public Option defaultValue() {
        return options.get(0);
    }

    /**
     * The option of a code.
     *
     * @param code as it is stored
     * @return the option
     * @throws InvalidInputException where none has this code, naming those there are
     */
    public Option option(String code) {
        return options.stream()
                .filter(one -> one.code().equals(code))
                .findFirst()
                .orElseThrow(() -> new InvalidInputException(WORDS.say(
                        "chooseOne",
                        "options",
                        String.join("; ", options.stream().map(Option::label).toList()))));
    }
}
