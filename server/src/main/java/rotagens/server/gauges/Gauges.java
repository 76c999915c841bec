package rotagens.server.gauges;

import static rotagens.server.storage.generated.Tables.GAUGE;
import static rotagens.server.storage.generated.Tables.GAUGE_CALIBRATION;
import static rotagens.server.storage.generated.Tables.PERSON;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jooq.DSLContext;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.inspection.Gauge;
import rotagens.server.web.ProblemException;

/** The fleet's gauges by the name painted on them, and when each was at the master gauge. Checks are only ever added. */
@Service
public class Gauges {

    /** One check against a master gauge. */
    public record Calibration(LocalDate on, String by, String note) {}

    /** A gauge on file, its checks newest first. */
    public record OnFile(long id, Gauge gauge, boolean retired, List<Calibration> calibrations) {}

    private final DSLContext db;
    private final Clock clock;

    Gauges(DSLContext db, Clock clock) {
        this.db = db;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public List<OnFile> all() {
        Map<Long, List<Calibration>> checks = db.select(GAUGE_CALIBRATION.asterisk(), PERSON.NAME)
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
        return db.selectFrom(GAUGE).orderBy(GAUGE.NAME).fetch(row -> {
            List<Calibration> own = checks.getOrDefault(row.getId(), List.of());
            return new OnFile(
                    row.getId(),
                    new Gauge(
                            row.getName(),
                            Gauge.Type.valueOf(row.getType()),
                            own.stream().findFirst().map(Calibration::on)),
                    row.getRetiredAt() != null,
                    own);
        });
    }

    /** The gauge with an id, which must read that kind of figure; null stays null: nobody said which. */
    @Transactional(readOnly = true)
    public Long known(Long id, Gauge.Type type) {
        if (id == null) {
            return null;
        }
        return db.select(GAUGE.ID)
                .from(GAUGE)
                .where(GAUGE.ID.eq(id), GAUGE.TYPE.eq(type.name()))
                .fetchOptional(GAUGE.ID)
                .orElseThrow(() -> ProblemException.field(
                        type == Gauge.Type.PRESSURE ? "pressureGauge" : "treadGauge",
                        "There is no such gauge for " + type.label() + ". Choose it again."));
    }

    /** Puts a gauge on file. */
    @Transactional
    public long add(String name, Gauge.Type type, Optional<LocalDate> calibrated, long personId) {
        if (db.fetchExists(GAUGE, GAUGE.NAME.equalIgnoreCase(name))) {
            throw ProblemException.field("name", "Another gauge is called " + name + " already.");
        }
        long id = db.insertInto(GAUGE)
                .set(GAUGE.NAME, name)
                .set(GAUGE.TYPE, type.name())
                .returning(GAUGE.ID)
                .fetchOne(GAUGE.ID);
        calibrated.ifPresent(on -> calibrated(id, on, "", personId));
        return id;
    }

    /** Records a check against a master gauge. */
    @Transactional
    public void calibrated(long id, LocalDate on, String note, long personId) {
        refuseUnknown(id);
        db.insertInto(GAUGE_CALIBRATION)
                .set(GAUGE_CALIBRATION.GAUGE_ID, id)
                .set(GAUGE_CALIBRATION.CALIBRATION_DATE, on)
                .set(GAUGE_CALIBRATION.NOTE, note)
                .set(GAUGE_CALIBRATION.RECORDED_AT, clock.instant())
                .set(GAUGE_CALIBRATION.PERSON_ID, personId)
                .execute();
    }

    /** Takes a gauge out of use, or back. */
    @Transactional
    public void retire(long id, boolean retired) {
        refuseUnknown(id);
        db.update(GAUGE)
                .set(GAUGE.RETIRED_AT, retired ? clock.instant() : null)
                .where(GAUGE.ID.eq(id))
                .execute();
    }

    private void refuseUnknown(long id) {
        if (!db.fetchExists(GAUGE, GAUGE.ID.eq(id))) {
            throw ProblemException.notFound("There is no such gauge.");
        }
    }
}
