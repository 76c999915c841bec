package rotagens.server.gauges;

import static rotagens.server.storage.generated.Tables.GAUGE;
import static rotagens.server.storage.generated.Tables.GAUGE_CALIBRATION;
import static rotagens.server.storage.generated.Tables.PERSON;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;
import rotagens.core.inspection.Gauge;
import rotagens.server.gauges.Gauges.Calibration;

/** Gauges by name, and their checks, which are only ever added. */
@Repository
class GaugeStore {

    /** @param retired whether it is out of use */
    record StoredGauge(long id, String name, Gauge.Type type, boolean retired) {}

    private final DSLContext db;

    GaugeStore(DSLContext db) {
        this.db = db;
    }

    /** By name. */
    List<StoredGauge> all() {
        return db.selectFrom(GAUGE)
                .orderBy(GAUGE.NAME)
                .fetch(row -> new StoredGauge(
                        row.getId(), row.getName(), Gauge.Type.valueOf(row.getType()), row.getRetiredAt() != null));
    }

    /** The checks of each gauge, the newest first. */
    Map<Long, List<Calibration>> calibrations() {
        return db.select(GAUGE_CALIBRATION.asterisk(), PERSON.NAME)
                .from(GAUGE_CALIBRATION)
                .join(PERSON)
                .on(PERSON.ID.eq(GAUGE_CALIBRATION.PERSON_ID))
                .orderBy(GAUGE_CALIBRATION.CALIBRATION_DATE.desc(), GAUGE_CALIBRATION.ID.desc())
                .fetchGroups(
                        row -> row.get(GAUGE_CALIBRATION.GAUGE_ID),
                        row -> new Calibration(
                                row.get(GAUGE_CALIBRATION.CALIBRATION_DATE),
                                row.get(PERSON.NAME),
                                row.get(GAUGE_CALIBRATION.NOTE)));
    }

    boolean exists(long id) {
        return db.fetchExists(GAUGE, GAUGE.ID.eq(id));
    }

    boolean exists(long id, Gauge.Type type) {
        return db.fetchExists(GAUGE, GAUGE.ID.eq(id), GAUGE.TYPE.eq(type.name()));
    }

    boolean isNamed(String name) {
        return db.fetchExists(GAUGE, GAUGE.NAME.equalIgnoreCase(name));
    }

    long add(String name, Gauge.Type type) {
        return db.insertInto(GAUGE)
                .set(GAUGE.NAME, name)
                .set(GAUGE.TYPE, type.name())
                .returning(GAUGE.ID)
                .fetchSingle(GAUGE.ID);
    }

    void addCalibration(long gaugeId, LocalDate on, String note, Instant at, long by) {
        db.insertInto(GAUGE_CALIBRATION)
                .set(GAUGE_CALIBRATION.GAUGE_ID, gaugeId)
                .set(GAUGE_CALIBRATION.CALIBRATION_DATE, on)
                .set(GAUGE_CALIBRATION.NOTE, note)
                .set(GAUGE_CALIBRATION.RECORDED_AT, at)
                .set(GAUGE_CALIBRATION.PERSON_ID, by)
                .execute();
    }

    /** @param at when it went out of use; null where it comes back */
    void retire(long id, @Nullable Instant at) {
        db.update(GAUGE).set(GAUGE.RETIRED_AT, at).where(GAUGE.ID.eq(id)).execute();
    }
}
