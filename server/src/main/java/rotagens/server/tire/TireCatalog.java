package rotagens.server.tire;

import static rotagens.server.tire.TireWords.WORDS;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.measure.Money;
import rotagens.core.tire.TireModel;
import rotagens.server.web.ProblemException;

/** The catalogue of tire models: what is the same on every tire of a kind, so that a second tire takes its DOT code and nothing else. */
@Service
public class TireCatalog {

    /** Which snow mark is molded. */
    public enum SnowRating {
        NONE,
        MUD_AND_SNOW,
        SEVERE_SNOW
    }

    /**
     * What stands on the sidewall beside what the rules need.
     *
     * @param diameter overall diameter from the maker's data as entered, for sizes whose notation doesn't give it
     * @param grades treadwear, traction and temperature as molded
     */
    public record Details(
            Optional<String> diameter,
            boolean isTubeless,
            String plies,
            SnowRating snowRating,
            String utqgGrades,
            Optional<Money> price) {

        public static final Details NONE =
                new Details(Optional.empty(), true, "", SnowRating.NONE, "", Optional.empty());
    }

    /** A model on file. */
    public record Model(long id, int version, TireModel model, Details details, int tires) {}

    private final TireModelStore store;

    TireCatalog(TireModelStore store) {
        this.store = store;
    }

    @Transactional(readOnly = true)
    public List<Model> all() {
        return store.all();
    }

    @Transactional(readOnly = true)
    public Map<Long, TireModel> byId() {
        return store.byId();
    }

    @Transactional(readOnly = true)
    public Model get(long id) {
        return store.get(id).orElseThrow(() -> ProblemException.notFound(WORDS.say("thereIsNoSuchTire2")));
    }

    public boolean has(long id) {
        return store.has(id);
    }

    @Transactional
    public long add(TireModel model, Details details) {
        refuseTwice(model, null);
        return store.add(model, details);
    }

    /** Changes a model for all its tires; somebody else's change meanwhile is not overwritten. */
    @Transactional
    public Model change(long id, int seen, TireModel model, Details details) {
        if (get(id).version() != seen) {
            throw ProblemException.changedMeanwhile(WORDS.say("anotherUserChangedThisModel"), null);
        }
        refuseTwice(model, id);
        store.change(id, seen + 1, model, details);
        return get(id);
    }

    /** The model that carries exactly this maker, name, size and rating, if one is on file. */
    @Transactional(readOnly = true)
    public Optional<Long> find(TireModel model) {
        return store.find(model);
    }

    private void refuseTwice(TireModel model, Long own) {
        find(model).filter(other -> !other.equals(own)).ifPresent(other -> {
            throw ProblemException.field("name", WORDS.say("thisModel"));
        });
    }
}
