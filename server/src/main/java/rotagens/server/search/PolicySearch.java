package rotagens.server.search;

import static rotagens.server.search.SearchWords.WORDS;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import rotagens.core.policy.PolicyChoice;
import rotagens.core.policy.PolicyNumber;
import rotagens.server.search.SearchController.Kind;
import rotagens.server.search.SearchController.SearchResult;

/** The fleet's settings by the words of their titles. */
final class PolicySearch {

    private static final int LEAST = 3;

    private PolicySearch() {}

    /** Every number and choice of the policy whose title or topic holds all the words; of one or two letters none. */
    static List<SearchResult> find(List<String> words) {
        if (SearchText.bare(String.join("", words)).length() < LEAST) {
            return List.of();
        }
        Stream<SearchResult> numbers = Arrays.stream(PolicyNumber.values())
                .filter(number -> holds(number.title() + " " + number.topic().title(), words))
                .map(number -> new SearchResult(
                        Kind.POLICY,
                        number.ordinal(),
                        null,
                        number.topic().name().toLowerCase(Locale.ROOT),
                        number.name(),
                        number.title(),
                        WORDS.say("policy", "topic", number.topic().title().toLowerCase(Locale.ROOT))));
        Stream<SearchResult> choices = Arrays.stream(PolicyChoice.values())
                .filter(choice -> holds(choice.title(), words))
                .map(choice -> new SearchResult(
                        Kind.POLICY,
                        choice.ordinal(),
                        null,
                        "choices",
                        choice.name(),
                        choice.title(),
                        WORDS.say("policyChoices")));
        return Stream.concat(numbers, choices).toList();
    }

    private static boolean holds(String title, List<String> words) {
        String bare = SearchText.bare(title);
        return words.stream().allMatch(word -> bare.contains(SearchText.bare(word)));
    }
}
