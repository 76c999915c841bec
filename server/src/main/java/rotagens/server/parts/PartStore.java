package rotagens.server.parts;

import static rotagens.server.storage.generated.Tables.PART_LEVEL;
import static rotagens.server.storage.generated.Tables.PART_MOVEMENT;
import static rotagens.server.storage.generated.Tables.YARD;

import java.time.Clock;
import java.time.Instant;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.planning.Part;

/** Counts small parts by yard, from every movement on record. */
@Service
public class PartStore {

    /** When more are ordered: no more than these are left; and up to how many. */
    public record Level(int reorderPoint, int orderUpTo) {}

    private enum Reason {
        COUNTED,
        DELIVERED,
        USED
    }

    private final DSLContext db;
    private final Clock clock;

    PartStore(DSLContext db, Clock clock) {
        this.db = db;
        this.clock = clock;
    }

    /** The yards, by name. */
    @Transactional(readOnly = true)
    public List<String> yards() {
        return db.select(YARD.NAME).from(YARD).orderBy(YARD.NAME).fetch(YARD.NAME);
    }

    /** How many of each part lie at each yard; a part nobody ever counted there is not in it. */
    @Transactional(readOnly = true)
    public Map<String, Map<Part, Integer>> counts() {
        Map<String, Map<Part, Integer>> counts = new HashMap<>();
        db.select(YARD.NAME, PART_MOVEMENT.PART, DSL.sum(PART_MOVEMENT.CHANGE))
                .from(PART_MOVEMENT)
                .join(YARD)
                .on(YARD.ID.eq(PART_MOVEMENT.YARD_ID))
                .groupBy(YARD.NAME, PART_MOVEMENT.PART)
                .forEach(row -> counts.computeIfAbsent(row.value1(), none -> new EnumMap<>(Part.class))
                        .put(Part.valueOf(row.value2()), row.value3().intValue()));
        return counts;
    }

    @Transactional(readOnly = true)
    public Map<String, Map<Part, Level>> levels() {
        Map<String, Map<Part, Level>> levels = new HashMap<>();
        db.select(YARD.NAME, PART_LEVEL.PART, PART_LEVEL.REORDER_POINT, PART_LEVEL.ORDER_UP_TO)
                .from(PART_LEVEL)
                .join(YARD)
                .on(YARD.ID.eq(PART_LEVEL.YARD_ID))
                .forEach(row -> levels.computeIfAbsent(row.value1(), none -> new EnumMap<>(Part.class))
                        .put(
                                Part.valueOf(row.value2()),
                                new Level(row.value3().intValue(), row.value4().intValue())));
        return levels;
    }

    /** Somebody counted the shelf: what was on record is put right. */
    @Transactional
    public void counted(String yard, Part part, int count, long by) {
        int known = counts().getOrDefault(yard, Map.of()).getOrDefault(part, 0);
        move(yard, part, count - known, Reason.COUNTED, null, clock.instant(), by);
    }

    @Transactional
    public void delivered(String yard, Part part, int count, long by) {
        move(yard, part, count, Reason.DELIVERED, null, clock.instant(), by);
    }

    /** A closed job has used these up. */
    @Transactional
    public void used(String yard, Map<Part, Integer> parts, long jobId, Instant at, long by) {
        parts.forEach((part, count) -> move(yard, part, -count, Reason.USED, jobId, at, by));
    }

    @Transactional
    public void level(String yard, Part part, Level level) {
        long yardId = yardId(yard).orElseThrow();
        db.insertInto(PART_LEVEL)
                .set(PART_LEVEL.YARD_ID, yardId)
                .set(PART_LEVEL.PART, part.name())
                .set(PART_LEVEL.REORDER_POINT, level.reorderPoint())
                .set(PART_LEVEL.ORDER_UP_TO, level.orderUpTo())
                .onConflict(PART_LEVEL.YARD_ID, PART_LEVEL.PART)
                .doUpdate()
                .set(PART_LEVEL.REORDER_POINT, level.reorderPoint())
                .set(PART_LEVEL.ORDER_UP_TO, level.orderUpTo())
                .execute();
    }

    private Optional<Long> yardId(String yard) {
        return db.select(YARD.ID).from(YARD).where(YARD.NAME.eq(yard)).fetchOptional(YARD.ID);
    }

    private void move(String yard, Part part, int change, Reason reason, Long jobId, Instant at, long by) {
        db.insertInto(PART_MOVEMENT)
                .set(PART_MOVEMENT.YARD_ID, yardId(yard).orElseThrow())
                .set(PART_MOVEMENT.PART, part.name())
                .set(PART_MOVEMENT.CHANGE, change)
                .set(PART_MOVEMENT.REASON, reason.name())
                .set(PART_MOVEMENT.JOB_ID, jobId)
                .set(PART_MOVEMENT.RECORDED_AT, at)
                .set(PART_MOVEMENT.PERSON_ID, by)
                .execute();
    }
}
