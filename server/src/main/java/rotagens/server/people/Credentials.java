package rotagens.server.people;

import static rotagens.server.people.PeopleWords.WORDS;

import com.nulabinc.zxcvbn.Zxcvbn;
import java.nio.charset.StandardCharsets;
import java.text.Normalizer;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** What a person's name and password have to be, so that nobody is taken for another and nothing is guessed. */
final class Credentials {

    static final int SHORTEST_PASSWORD = 12;

    private static final int LONGEST_PASSWORD_BYTES = 72;
    private static final int LONGEST_NAME = 60;

    /** So many guesses an attacker with the stolen file would still need, as a power of ten. */
    private static final double LEAST_GUESSES_LOG10 = 9;

    private static final Zxcvbn GUESSER = new Zxcvbn();

    private Credentials() {}

    /** A name in the one form in which it is kept and compared: letters composed, one space between words. */
    static String name(String typed) {
        return Normalizer.normalize(typed == null ? "" : typed, Normalizer.Form.NFKC)
                .strip()
                .replaceAll("\\s+", " ");
    }

    /** What is wrong with a name; empty where nothing is. */
    static Optional<String> faultOfName(String name) {
        if (name.isEmpty() || name.length() > LONGEST_NAME) {
            return Optional.of(WORDS.say("enterAName", "longestName", LONGEST_NAME));
        }
        boolean isInvisible = name.codePoints().anyMatch(letter -> switch (Character.getType(letter)) {
            case Character.CONTROL,
                    Character.FORMAT,
                    Character.PRIVATE_USE,
                    Character.SURROGATE,
                    Character.UNASSIGNED -> true;
            default -> false;
        });
        if (isInvisible) {
            return Optional.of(WORDS.say("characterInThisNameCant"));
        }
        Set<Character.UnicodeScript> scripts = name.codePoints()
                .filter(Character::isLetter)
                .mapToObj(Character.UnicodeScript::of)
                .filter(script ->
                        script != Character.UnicodeScript.COMMON && script != Character.UnicodeScript.INHERITED)
                .collect(Collectors.toSet());
        return scripts.size() > 1 ? Optional.of(WORDS.say("thisNameMixesLetters")) : Optional.empty();
    }

    /** What is wrong with a password; empty where nothing is. */
    static Optional<String> faultOfPassword(String password, String name) {
        String given = password == null ? "" : password;
        if (given.length() < SHORTEST_PASSWORD) {
            return Optional.of(WORDS.say("passwordHasAtLeastCharacters", "shortestPassword", SHORTEST_PASSWORD));
        }
        if (given.getBytes(StandardCharsets.UTF_8).length > LONGEST_PASSWORD_BYTES) {
            return Optional.of(
                    WORDS.say("passwordHasAtMostCharacters", "longestPasswordBytes", LONGEST_PASSWORD_BYTES));
        }
        if (given.equalsIgnoreCase(name)) {
            return Optional.of(WORDS.say("passwordMustNot"));
        }
        boolean isGuessed = GUESSER.measure(given, List.of(name, "rotagens", "fleet", "tire"))
                        .getGuessesLog10()
                < LEAST_GUESSES_LOG10;
        return isGuessed ? Optional.of(WORDS.say("thisPasswordIsAmong")) : Optional.empty();
    }
}
