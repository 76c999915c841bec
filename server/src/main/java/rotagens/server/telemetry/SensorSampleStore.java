package rotagens.server.telemetry;

import static rotagens.server.storage.generated.Tables.SENSOR_SAMPLE;

import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.sensor.SensorStream.Sample;
import rotagens.server.cache.ChangeTracker;
import rotagens.server.storage.generated.tables.records.SensorSampleRecord;

/** What sensors sent in the last days, by position. */
@Repository
class SensorSampleStore {

    private static final Duration REMEMBERED = Duration.ofDays(7);

    private final DSLContext db;
    private final ChangeTracker changeTracker;
    private final java.time.Clock clock;

    SensorSampleStore(DSLContext db, ChangeTracker changeTracker, java.time.Clock clock) {
        this.db = db;
        this.changeTracker = changeTracker;
        this.clock = clock;
    }

    /** Whether this very sample came before. */
    boolean has(long positionId, Instant at) {
        return db.fetchExists(SENSOR_SAMPLE, SENSOR_SAMPLE.POSITION_ID.eq(positionId), SENSOR_SAMPLE.SAMPLED_AT.eq(at));
    }

    /** The samples of a position since then, oldest first. */
    List<Sample> since(long positionId, Instant from) {
        return db.selectFrom(SENSOR_SAMPLE)
                .where(SENSOR_SAMPLE.POSITION_ID.eq(positionId), SENSOR_SAMPLE.SAMPLED_AT.ge(from))
                .orderBy(SENSOR_SAMPLE.SAMPLED_AT)
                .fetch(SensorSampleStore::sample);
    }

    /** The last one that went on record as a reading. */
    Optional<Sample> lastKept(long positionId) {
        return db.selectFrom(SENSOR_SAMPLE)
                .where(SENSOR_SAMPLE.POSITION_ID.eq(positionId), SENSOR_SAMPLE.IS_KEPT.isTrue())
                .orderBy(SENSOR_SAMPLE.SAMPLED_AT.desc())
                .limit(1)
                .fetchOptional(SensorSampleStore::sample);
    }

    /** When each position was heard last. */
    Map<Long, Instant> heard(List<Long> positionIds) {
        Map<Long, Instant> heard = new HashMap<>();
        db.select(SENSOR_SAMPLE.POSITION_ID, DSL.max(SENSOR_SAMPLE.SAMPLED_AT))
                .from(SENSOR_SAMPLE)
                .where(SENSOR_SAMPLE.POSITION_ID.in(positionIds))
                .groupBy(SENSOR_SAMPLE.POSITION_ID)
                .forEach(row -> heard.put(row.value1(), row.value2()));
        return heard;
    }

    void add(long positionId, Sample sample, boolean isKept) {
        db.insertInto(SENSOR_SAMPLE)
                .set(SENSOR_SAMPLE.POSITION_ID, positionId)
                .set(SENSOR_SAMPLE.SAMPLED_AT, sample.at())
                .set(SENSOR_SAMPLE.PRESSURE, sample.pressure())
                .set(SENSOR_SAMPLE.TEMPERATURE, sample.temperature().orElse(null))
                .set(SENSOR_SAMPLE.PARKED_AT, sample.parkedSince().orElse(null))
                .set(SENSOR_SAMPLE.IS_KEPT, isKept)
                .execute();
    }

    /** Lets go of samples that tell nothing any more; what was kept as a reading stays on record. */
    @Scheduled(initialDelayString = "PT15M", fixedDelayString = "PT6H")
    @Transactional
    public void purge() {
        changeTracker.draftsOnly();
        db.deleteFrom(SENSOR_SAMPLE)
                .where(SENSOR_SAMPLE.SAMPLED_AT.lt(clock.instant().minus(REMEMBERED)))
                .execute();
    }

    private static Sample sample(SensorSampleRecord row) {
        return new Sample(
                row.getSampledAt(),
                row.getPressure(),
                Optional.ofNullable(row.getTemperature()),
                Optional.ofNullable(row.getParkedAt()));
    }
}
