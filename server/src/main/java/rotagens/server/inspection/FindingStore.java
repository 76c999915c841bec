package rotagens.server.inspection;

import static rotagens.server.storage.generated.Tables.FINDING;
import static rotagens.server.storage.generated.Tables.FINDING_CLEARANCE;
import static rotagens.server.storage.generated.Tables.LEAK_REPAIR;
import static rotagens.server.storage.generated.Tables.PROFESSIONAL_INSPECTION;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import rotagens.core.fact.Finding;
import rotagens.core.fact.Repair;
import rotagens.server.inspection.Readings.Entry;
import rotagens.server.inspection.Readings.Found;

/** What eye and hand found, what cleared it, and what a qualified person said. Only ever added to. */
@Repository
class FindingStore {

    private final DSLContext db;

    FindingStore(DSLContext db) {
        this.db = db;
    }

    void repaired(Entry entry, Repair repair, String note) {
        db.insertInto(LEAK_REPAIR)
                .set(LEAK_REPAIR.TIRE_ID, entry.tireId())
                .set(LEAK_REPAIR.POSITION_ID, entry.placeId())
                .set(LEAK_REPAIR.REPAIR, repair.name())
                .set(LEAK_REPAIR.RECORDED_AT, entry.at())
                .set(LEAK_REPAIR.PERSON_ID, entry.personId())
                .set(LEAK_REPAIR.NOTE, note)
                .set(LEAK_REPAIR.JOB_ID, entry.jobId())
                .execute();
    }

    Set<Found> open(long tireId) {
        return new java.util.HashSet<>(db.select(FINDING.TYPE, FINDING.SIDEWALL)
                .from(FINDING)
                .leftJoin(FINDING_CLEARANCE)
                .on(FINDING_CLEARANCE.FINDING_ID.eq(FINDING.ID))
                .where(FINDING.TIRE_ID.eq(tireId))
                .and(FINDING_CLEARANCE.ID.isNull())
                .fetch(row -> new Found(Finding.valueOf(row.value1()), Readings.sidewall(row.value2()))));
    }

    void found(Entry entry, Found found) {
        db.insertInto(FINDING)
                .set(FINDING.TIRE_ID, entry.tireId())
                .set(FINDING.POSITION_ID, entry.placeId())
                .set(FINDING.TYPE, found.finding().name())
                .set(FINDING.SIDEWALL, found.stored())
                .set(FINDING.FOUND_AT, entry.at())
                .set(FINDING.PERSON_ID, entry.personId())
                .set(FINDING.WALK_AROUND_ID, entry.walkAroundId())
                .set(FINDING.JOB_ID, entry.jobId())
                .execute();
    }

    void clear(Entry entry, Collection<Finding> kinds, String how, String note) {
        Set<String> names = kinds.stream().map(Enum::name).collect(Collectors.toSet());
        List<Long> open = new ArrayList<>(db.select(FINDING.ID)
                .from(FINDING)
                .leftJoin(FINDING_CLEARANCE)
                .on(FINDING_CLEARANCE.FINDING_ID.eq(FINDING.ID))
                .where(FINDING.TIRE_ID.eq(entry.tireId()))
                .and(FINDING.TYPE.in(names))
                .and(FINDING_CLEARANCE.ID.isNull())
                .fetch(FINDING.ID));
        for (long id : open) {
            db.insertInto(FINDING_CLEARANCE)
                    .set(FINDING_CLEARANCE.FINDING_ID, id)
                    .set(FINDING_CLEARANCE.CLEARED_BY, how)
                    .set(FINDING_CLEARANCE.RECORDED_AT, entry.at())
                    .set(FINDING_CLEARANCE.PERSON_ID, entry.personId())
                    .set(FINDING_CLEARANCE.NOTE, note)
                    .set(FINDING_CLEARANCE.JOB_ID, entry.jobId())
                    .execute();
        }
    }

    void professional(Entry entry, String professional, boolean sound, String note) {
        db.insertInto(PROFESSIONAL_INSPECTION)
                .set(PROFESSIONAL_INSPECTION.TIRE_ID, entry.tireId())
                .set(PROFESSIONAL_INSPECTION.RECORDED_AT, entry.at())
                .set(PROFESSIONAL_INSPECTION.PROFESSIONAL, professional)
                .set(PROFESSIONAL_INSPECTION.IS_SERVICEABLE, sound)
                .set(PROFESSIONAL_INSPECTION.NOTE, note)
                .set(PROFESSIONAL_INSPECTION.PERSON_ID, entry.personId())
                .set(PROFESSIONAL_INSPECTION.JOB_ID, entry.jobId())
                .execute();
    }
}
