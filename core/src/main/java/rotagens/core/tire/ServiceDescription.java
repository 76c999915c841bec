package rotagens.core.tire;

import static rotagens.core.tire.TireWords.WORDS;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import rotagens.core.measure.InvalidInputException;

/**
 * Load index single, dual where given, and speed symbol: {@code 121/118S}.
 *
 * @param single the index of a single tire
 * @param dual the index as one of a dual; empty on passenger tires
 * @param speed empty where only the index was read
 */
public record ServiceDescription(LoadIndex single, Optional<LoadIndex> dual, Optional<SpeedSymbol> speed) {

    static final String PATTERN = "\\(?([0-9]{1,3})(?:/([0-9]{1,3}))?(A8|[B-HJ-NP-WY])?\\)?";
    private static final Pattern WHOLE = Pattern.compile(PATTERN);

    /**
     * Checks that both indices can stand together.
     *
     * @param single the index of a single tire
     * @param dual the index as one of a dual
     * @param speed the symbol behind
     * @throws InvalidInputException where the dual index lies above the single one
     */
    public ServiceDescription {
        if (dual.isPresent() && dual.get().number() > single.number()) {
            throw new InvalidInputException(
                    WORDS.say("dualIndexIsAbove", "dual", dual.get().number(), "single", single.number()));
        }
    }

    /**
     * Reads {@code 121/118S}, {@code 97t} or {@code 109 Q}.
     *
     * @param text as typed or read
     * @return the description
     * @throws InvalidInputException where it is none, or an index or symbol doesn’t exist
     */
    public static ServiceDescription parse(String text) {
        Matcher whole =
                WHOLE.matcher(text == null ? "" : text.toUpperCase(Locale.ROOT).replaceAll("\\s+", ""));
        if (!whole.matches()) {
            throw new InvalidInputException(WORDS.say("serviceDescriptionIsTheLoad"));
        }
        return of(whole.group(1), whole.group(2), whole.group(3));
    }

    static ServiceDescription of(String single, String dual, String speed) {
        return new ServiceDescription(
                new LoadIndex(Integer.parseInt(single)),
                Optional.ofNullable(dual).map(index -> new LoadIndex(Integer.parseInt(index))),
                Optional.ofNullable(speed).map(SpeedSymbol::of));
    }

    /**
     * As molded.
     *
     * @return {@code 121/118S}
     */
    public String molded() {
        return single.number()
                + dual.map(index -> "/" + index.number()).orElse("")
                + speed.map(SpeedSymbol::name).orElse("");
    }
}
