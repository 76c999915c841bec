package rotagens.server.search;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What the jump field asks with every letter. */
@RestController
class SearchController {

    /** What was found. */
    enum Kind {
        VEHICLE,
        POSITION,
        TIRE,
        /** A tire model of the catalog. */
        MODEL,
        /** Everything the catalog has of one manufacturer. */
        MANUFACTURER,
        /** A number or a choice of the fleet's policy. */
        POLICY,
        PERSON
    }

    /**
     * One place to go to.
     *
     * @param part of a policy: the part of its page
     * @param key of a policy: the number's or choice's own name
     */
    record SearchResult(
            Kind type,
            long id,
            @Nullable String position,
            @Nullable String part,
            @Nullable String key,
            String label,
            String hint) {

        static SearchResult of(Kind type, long id, String label, String hint) {
            return new SearchResult(type, id, null, null, null, label, hint);
        }
    }

    private final SearchIndex index;

    SearchController(SearchIndex index) {
        this.index = index;
    }

    /** Vehicles, positions, tires and people by what is typed. */
    @GetMapping("/api/search")
    List<SearchResult> search(@RequestParam(defaultValue = "") String q) {
        return index.find(q);
    }
}
