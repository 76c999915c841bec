package rotagens.server.inspection;

import static rotagens.server.storage.generated.Tables.ALERT_FOLD;
import static rotagens.server.storage.generated.Tables.TIRE_ALERT;
import static rotagens.server.storage.generated.Tables.TIRE_GROOVE;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import rotagens.core.alert.Alert;
import rotagens.core.alert.AlertKind;
import rotagens.core.alert.Groove;
import rotagens.core.alert.TireAlerts;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Quantity;
import rotagens.core.measure.TreadDepth;
import rotagens.server.storage.BatchInsert;
import rotagens.server.storage.generated.tables.records.TireAlertRecord;
import rotagens.server.storage.generated.tables.records.TireGrooveRecord;

/** The alerts of tires as folded, and each groove's standing depth: kept for speed, written with the facts they come from. */
@Component
class TireAlertStore {

    private final DSLContext db;

    TireAlertStore(DSLContext db) {
        this.db = db;
    }

    /** Puts what a tire's ledger comes to in the place of what was stored. */
    void keep(long tireId, TireAlerts alerts) {
        db.deleteFrom(TIRE_ALERT).where(TIRE_ALERT.TIRE_ID.eq(tireId)).execute();
        db.deleteFrom(TIRE_GROOVE).where(TIRE_GROOVE.TIRE_ID.eq(tireId)).execute();
        List<TireAlertRecord> rows = new ArrayList<>();
        for (Alert alert : alerts.all()) {
            TireAlertRecord row = new TireAlertRecord();
            row.setTireId(tireId);
            row.setType(alert.kind().name());
            row.setKey(alert.key());
            row.setOpenedDate(alert.on());
            row.setOpenedBy(alert.by());
            row.setValue(alert.value().map(TireAlertStore::stored).orElse(null));
            row.setLimitValue(alert.limit().map(TireAlertStore::stored).orElse(null));
            row.setTopUps(alert.topUps());
            row.setRepairedDate(alert.repairedOn().orElse(null));
            alert.cleared().ifPresent(cleared -> {
                row.setClearedDate(cleared.on());
                row.setClearedBy(cleared.by());
                row.setClearedHow(cleared.how());
            });
            rows.add(row);
        }
        BatchInsert.into(db, rows);
        List<TireGrooveRecord> grooves = new ArrayList<>();
        for (Groove groove : alerts.grooves()) {
            TireGrooveRecord row = new TireGrooveRecord();
            row.setTireId(tireId);
            row.setZone(groove.zone().name());
            row.setDepthRemaining(groove.depth());
            row.setGrooves(groove.grooves());
            row.setLocations(groove.places());
            row.setReadDate(groove.on());
            row.setReadBy(groove.by());
            grooves.add(row);
        }
        BatchInsert.into(db, grooves);
    }

    private static String stored(Quantity quantity) {
        return quantity instanceof Pressure pressure ? pressure.asEntered() : ((TreadDepth) quantity).asEntered();
    }

    /** As stored, by tire; tires without a line have none. */
    Map<Long, TireAlerts> of(Collection<Long> tireIds) {
        return of(TIRE_ALERT.TIRE_ID.in(tireIds), TIRE_GROOVE.TIRE_ID.in(tireIds));
    }

    /** Of the tires fitted on one vehicle or, with null, on all. */
    Map<Long, TireAlerts> ofFitted(@Nullable Long vehicleId) {
        var fitted = TireHistoryStore.tires(vehicleId);
        return of(TIRE_ALERT.TIRE_ID.in(fitted), TIRE_GROOVE.TIRE_ID.in(fitted));
    }

    private Map<Long, TireAlerts> of(Condition whichAlerts, Condition whichGrooves) {
        Map<Long, List<Alert>> alerts = new HashMap<>();
        db.selectFrom(TIRE_ALERT)
                .where(whichAlerts)
                .orderBy(TIRE_ALERT.ID)
                .forEach(row -> alerts.computeIfAbsent(row.getTireId(), id -> new ArrayList<>())
                        .add(alert(row)));
        Map<Long, List<Groove>> grooves = new HashMap<>();
        db.selectFrom(TIRE_GROOVE)
                .where(whichGrooves)
                .orderBy(TIRE_GROOVE.ID)
                .forEach(row -> grooves.computeIfAbsent(row.getTireId(), id -> new ArrayList<>())
                        .add(new Groove(
                                Groove.Zone.valueOf(row.getZone()),
                                row.getDepthRemaining(),
                                row.getGrooves(),
                                row.getLocations(),
                                row.getReadDate(),
                                row.getReadBy())));
        Map<Long, TireAlerts> all = new HashMap<>();
        alerts.forEach((tire, known) -> all.put(tire, TireAlerts.stored(grooves.getOrDefault(tire, List.of()), known)));
        grooves.forEach((tire, known) -> all.putIfAbsent(tire, TireAlerts.stored(known, List.of())));
        return all;
    }

    private static Alert alert(TireAlertRecord row) {
        AlertKind kind = AlertKind.valueOf(row.getType());
        return new Alert(
                kind,
                row.getKey(),
                row.getOpenedDate(),
                row.getOpenedBy(),
                quantity(kind, row.getValue()),
                quantity(kind, row.getLimitValue()),
                row.getTopUps(),
                Optional.ofNullable(row.getRepairedDate()),
                Optional.ofNullable(row.getClearedDate())
                        .map(day -> new Alert.Cleared(day, row.getClearedBy(), row.getClearedHow())));
    }

    private static Optional<Quantity> quantity(AlertKind kind, String stored) {
        return Optional.ofNullable(stored)
                .map(text -> kind == AlertKind.TREAD
                        ? TreadDepth.parse(text, TreadDepth.Unit.THIRTY_SECONDS)
                        : Pressure.parse(text, Pressure.Unit.PSI));
    }

    /** Whether every tire of this data folder has been folded. */
    boolean isFolded() {
        return db.fetchExists(ALERT_FOLD);
    }

    void folded(Instant at) {
        db.insertInto(ALERT_FOLD).set(ALERT_FOLD.FOLDED_AT, at).execute();
    }
}
