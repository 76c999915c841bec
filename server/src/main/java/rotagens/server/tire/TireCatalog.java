package rotagens.server.tire;

import static rotagens.server.storage.generated.Tables.TIRE;
import static rotagens.server.storage.generated.Tables.TIRE_MODEL;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.measure.Money;
import rotagens.core.tire.LoadRange;
import rotagens.core.tire.LoadRatings;
import rotagens.core.tire.ServiceDescription;
import rotagens.core.tire.TireModel;
import rotagens.core.tire.TireSize;
import rotagens.server.storage.generated.tables.records.TireModelRecord;
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

    private final DSLContext db;

    TireCatalog(DSLContext db) {
        this.db = db;
    }

    @Transactional(readOnly = true)
    public List<Model> all() {
        Map<Long, Integer> counts = new HashMap<>();
        db.select(TIRE.TIRE_MODEL_ID, DSL.count())
                .from(TIRE)
                .groupBy(TIRE.TIRE_MODEL_ID)
                .forEach(row -> counts.put(row.value1(), row.value2()));
        return db.selectFrom(TIRE_MODEL)
                .orderBy(TIRE_MODEL.MANUFACTURER, TIRE_MODEL.NAME, TIRE_MODEL.SIZE, TIRE_MODEL.LOAD_RANGE)
                .fetch(row -> new Model(
                        row.getId(), row.getVersion(), model(row), details(row), counts.getOrDefault(row.getId(), 0)));
    }

    @Transactional(readOnly = true)
    public Map<Long, TireModel> byId() {
        Map<Long, TireModel> models = new HashMap<>();
        db.selectFrom(TIRE_MODEL).forEach(row -> models.put(row.getId(), model(row)));
        return models;
    }

    @Transactional(readOnly = true)
    public Model get(long id) {
        TireModelRecord row = record(id);
        return new Model(
                id, row.getVersion(), model(row), details(row), db.fetchCount(TIRE, TIRE.TIRE_MODEL_ID.eq(id)));
    }

    public boolean has(long id) {
        return db.fetchExists(TIRE_MODEL, TIRE_MODEL.ID.eq(id));
    }

    @Transactional
    public long add(TireModel model, Details details) {
        refuseTwice(model, null);
        TireModelRecord row = db.newRecord(TIRE_MODEL);
        fill(row, model, details);
        row.insert();
        return row.getId();
    }

    /** Changes a model for all its tires; somebody else's change meanwhile is not overwritten. */
    @Transactional
    public Model change(long id, int seen, TireModel model, Details details) {
        TireModelRecord row = record(id);
        if (row.getVersion() != seen) {
            throw ProblemException.changedMeanwhile(
                    "Another user changed this model after you opened it. Compare both versions. Nothing was overwritten.",
                    null);
        }
        refuseTwice(model, id);
        fill(row, model, details);
        row.setVersion(seen + 1);
        row.update();
        return get(id);
    }

    /** The model that carries exactly this maker, name, size and rating, if one is on file. */
    @Transactional(readOnly = true)
    public Optional<Long> find(TireModel model) {
        return db.select(TIRE_MODEL.ID)
                .from(TIRE_MODEL)
                .where(
                        TIRE_MODEL.MANUFACTURER.equalIgnoreCase(model.manufacturer()),
                        TIRE_MODEL.NAME.equalIgnoreCase(model.name()),
                        TIRE_MODEL.SIZE.eq(model.size().molded()),
                        TIRE_MODEL.LOAD_RANGE.eq(range(model)),
                        TIRE_MODEL.SERVICE_DESCRIPTION.eq(service(model)))
                .fetchOptional(TIRE_MODEL.ID);
    }

    private void refuseTwice(TireModel model, Long own) {
        find(model).filter(other -> !other.equals(own)).ifPresent(other -> {
            throw ProblemException.field("name", "This model is in the catalog already with the same size and rating.");
        });
    }

    private TireModelRecord record(long id) {
        return db.selectFrom(TIRE_MODEL)
                .where(TIRE_MODEL.ID.eq(id))
                .fetchOptional()
                .orElseThrow(() -> ProblemException.notFound("There is no such tire model."));
    }

    private static void fill(TireModelRecord row, TireModel model, Details details) {
        row.setManufacturer(model.manufacturer());
        row.setName(model.name());
        row.setSize(model.size().molded());
        row.setServiceDescription(service(model));
        row.setLoadRange(range(model));
        row.setMaxLoadSingle(model.ratings().moldedSingle().orElse(null));
        row.setMaxLoadDual(model.ratings().moldedDual().orElse(null));
        row.setMoldedPressure(model.moldedPressure().orElse(null));
        row.setOriginalDepth(model.originalDepth().orElse(null));
        row.setIsDirectional(model.isDirectional());
        row.setIsSteerAllowed(model.isSteerAllowed());
        row.setMeasuredDiameter(details.diameter().orElse(null));
        row.setIsTubeless(details.isTubeless());
        row.setPlies(details.plies());
        row.setSnowRating(details.snowRating().name());
        row.setUtqgGrades(details.utqgGrades());
        row.setPriceCents(details.price().map(Money::cents).orElse(null));
    }

    private static String range(TireModel model) {
        return model.ratings().range().map(LoadRange::name).orElse("");
    }

    private static String service(TireModel model) {
        return model.ratings().service().map(ServiceDescription::molded).orElse("");
    }

    private static TireModel model(TireModelRecord row) {
        return new TireModel(
                row.getManufacturer(),
                row.getName(),
                TireSize.parse(row.getSize()),
                new LoadRatings(
                        Optional.of(row.getServiceDescription())
                                .filter(text -> !text.isEmpty())
                                .map(ServiceDescription::parse),
                        Optional.of(row.getLoadRange())
                                .filter(text -> !text.isEmpty())
                                .map(LoadRange::parse),
                        Optional.ofNullable(row.getMaxLoadSingle()),
                        Optional.ofNullable(row.getMaxLoadDual())),
                Optional.ofNullable(row.getMoldedPressure()),
                Optional.ofNullable(row.getOriginalDepth()),
                row.getIsDirectional(),
                row.getIsSteerAllowed());
    }

    private static Details details(TireModelRecord row) {
        return new Details(
                Optional.ofNullable(row.getMeasuredDiameter()),
                row.getIsTubeless(),
                row.getPlies(),
                SnowRating.valueOf(row.getSnowRating()),
                row.getUtqgGrades(),
                Optional.ofNullable(row.getPriceCents()).map(Money::new));
    }
}
