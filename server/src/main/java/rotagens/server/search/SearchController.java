package rotagens.server.search;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What the jump field asks with every letter. */
@RestController
class SearchController {

    /** What was found: a vehicle, a position, a tire or a person. */
    enum Kind {
        VEHICLE,
        POSITION,
        TIRE,
        PERSON
    }

    /** One place to go to. */
    record SearchResult(Kind type, long id, @Nullable String position, String label, String hint) {}

    private final SearchIndex index;

    SearchController(SearchIndex index) {
        this.index = index;
    }

    @GetMapping("/api/search")
    List<SearchResult> search(@RequestParam(defaultValue = "") String q) {
        return index.find(q);
    }
}
