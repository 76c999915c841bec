package rotagens.server.search;

import static rotagens.server.search.SearchWords.WORDS;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.server.search.SearchController.Kind;
import rotagens.server.search.SearchController.SearchResult;
import rotagens.server.search.SearchStore.Hit;

/**
 * Finds vehicles, positions, tires, models, people and policy by what people type; spaces, hyphens and case don't count. Three or
 * more characters are looked for anywhere through the trigram index, fewer as the beginning of a term. A position code at the end
 * narrows a vehicle to that place.
 */
@Service
class SearchIndex {

    private static final int MOST = 12;
    private static final int LONGEST = 60;
    private static final Pattern POSITION_TEXT = Pattern.compile("(?i)[1-9][LR]?[OI]?|S[1-9]?");
    /** A unit and a position written in one. */
    private static final Pattern JOINED = Pattern.compile("(?i)(.+?)([1-9][LR][OI]?|S[1-9]?)");

    private final SearchStore store;

    SearchIndex(SearchStore store) {
        this.store = store;
    }

    @Transactional(readOnly = true)
    List<SearchResult> find(String typed) {
        String text = SearchText.bare(typed);
        if (text.isEmpty() || typed.length() > LONGEST) {
            return List.of();
        }
        List<String> words = Arrays.asList(typed.strip().split("\\s+"));
        List<SearchResult> searchResults = new ArrayList<>();
        String last = words.get(words.size() - 1);
        Matcher joined = JOINED.matcher(text);
        if (words.size() > 1 && POSITION_TEXT.matcher(last).matches()) {
            String unit = SearchText.bare(String.join("", words.subList(0, words.size() - 1)));
            searchResults.addAll(store.positions(store.hits(unit, true), last));
        } else if (words.size() == 1 && joined.matches()) {
            searchResults.addAll(store.positions(store.vehicleNamed(joined.group(1)), joined.group(2)));
        }
        searchResults.addAll(goals(store.hits(text, false)));
        searchResults.addAll(PolicySearch.find(words));
        return searchResults.stream().distinct().limit(MOST).toList();
    }

    private List<SearchResult> goals(Set<Hit> hits) {
        Map<Long, SearchResult> vehicles = store.vehicles(ids(hits, "VEHICLE"));
        Map<Long, SearchResult> tires = store.tires(ids(hits, "TIRE"));
        Map<Long, SearchResult> people = store.people(ids(hits, "PERSON"));
        Map<Long, SearchResult> models = store.models(ids(hits, "MODEL"));
        List<SearchResult> searchResults = new ArrayList<>();
        for (Hit hit : hits) {
            SearchResult searchResult = switch (hit.type()) {
                case "VEHICLE" -> vehicles.get(hit.id());
                case "TIRE" -> tires.get(hit.id());
                case "MODEL" -> models.get(hit.id());
                default -> people.get(hit.id());
            };
            if (searchResult != null) {
                searchResults.add(searchResult);
            }
        }
        searchResults.addAll(0, manufacturers(searchResults));
        return searchResults;
    }

    /** Where several models of one manufacturer are found, all of them at once are the nearest place to go. */
    private static List<SearchResult> manufacturers(List<SearchResult> found) {
        Map<String, Long> models = found.stream()
                .filter(one -> one.type() == Kind.MODEL)
                .collect(Collectors.groupingBy(
                        one -> one.hint().split(": ", 2)[0], LinkedHashMap::new, Collectors.counting()));
        return models.entrySet().stream()
                .filter(one -> one.getValue() > 1)
                .map(one ->
                        SearchResult.of(Kind.MANUFACTURER, 0, one.getKey(), WORDS.say("allModelsOfThisManufacturer")))
                .toList();
    }

    private static List<Long> ids(Set<Hit> hits, String kind) {
        return hits.stream().filter(hit -> hit.type().equals(kind)).map(Hit::id).toList();
    }
}
