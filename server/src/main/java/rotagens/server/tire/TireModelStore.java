package rotagens.server.tire;

import static rotagens.server.storage.generated.Tables.TIRE;
import static rotagens.server.storage.generated.Tables.TIRE_MODEL;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import rotagens.core.measure.Money;
import rotagens.core.tire.LoadRange;
import rotagens.core.tire.LoadRatings;
import rotagens.core.tire.ServiceDescription;
import rotagens.core.tire.TireModel;
import rotagens.core.tire.TireSize;
import rotagens.server.storage.generated.tables.records.TireModelRecord;
import rotagens.server.tire.TireCatalog.Details;
import rotagens.server.tire.TireCatalog.Model;
import rotagens.server.tire.TireCatalog.SnowRating;

/** Tire models as they are molded. */
@Repository
class TireModelStore {

    private final DSLContext db;

    TireModelStore(DSLContext db) {
        this.db = db;
    }

    /** By maker, name, size and load range, each with how many tires are of it. */
    List<Model> all() {
        Map<Long, Integer> counts = db.select(TIRE.TIRE_MODEL_ID, DSL.count())
                .from(TIRE)
                .groupBy(TIRE.TIRE_MODEL_ID)
                .fetchMap(row -> row.value1(), row -> row.value2());
        return db.selectFrom(TIRE_MODEL)
                .orderBy(TIRE_MODEL.MANUFACTURER, TIRE_MODEL.NAME, TIRE_MODEL.SIZE, TIRE_MODEL.LOAD_RANGE)
                .fetch(row -> onFile(row, counts.getOrDefault(row.getId(), 0)));
    }

    Map<Long, TireModel> byId() {
        return db.selectFrom(TIRE_MODEL).fetchMap(TIRE_MODEL.ID, TireModelStore::model);
    }

    Optional<Model> get(long id) {
        return db.selectFrom(TIRE_MODEL)
                .where(TIRE_MODEL.ID.eq(id))
                .fetchOptional(row -> onFile(row, db.fetchCount(TIRE, TIRE.TIRE_MODEL_ID.eq(id))));
    }

    boolean has(long id) {
        return db.fetchExists(TIRE_MODEL, TIRE_MODEL.ID.eq(id));
    }

    long add(TireModel model, Details details) {
        TireModelRecord row = db.newRecord(TIRE_MODEL);
        fill(row, model, details);
        row.insert();
        return row.getId();
    }

    void change(long id, int version, TireModel model, Details details) {
        TireModelRecord row =
                db.selectFrom(TIRE_MODEL).where(TIRE_MODEL.ID.eq(id)).fetchSingle();
        fill(row, model, details);
        row.setVersion(version);
        row.update();
    }

    /** The model that carries exactly this maker, name, size and rating, if one is on file. */
    Optional<Long> find(TireModel model) {
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

    private static Model onFile(TireModelRecord row, int tires) {
        return new Model(row.getId(), row.getVersion(), model(row), details(row), tires);
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
