package rotagens.server.inspection;

import static rotagens.server.inspection.InspectionWords.WORDS;
import static rotagens.server.storage.generated.Tables.FINDING;
import static rotagens.server.storage.generated.Tables.FINDING_CLEARANCE;
import static rotagens.server.storage.generated.Tables.GAUGE;
import static rotagens.server.storage.generated.Tables.LEAK_REPAIR;
import static rotagens.server.storage.generated.Tables.PERSON;
import static rotagens.server.storage.generated.Tables.POSITION;
import static rotagens.server.storage.generated.Tables.READING;
import static rotagens.server.storage.generated.Tables.READING_VOID;
import static rotagens.server.storage.generated.Tables.WALK_AROUND;
import static rotagens.server.storage.generated.Tables.WALK_AROUND_ENTRY;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import rotagens.core.fact.Finding;
import rotagens.core.fact.Repair;
import rotagens.core.fact.ThermalState;
import rotagens.core.wear.GrooveDepths;
import rotagens.server.inspection.ReadingLog.Fact;
import rotagens.server.inspection.Readings.Look;
import rotagens.server.inspection.Readings.Values;

/** The lines of what was read, found and cleared. */
@Repository
class ReadingLogStore {

    private final DSLContext db;

    ReadingLogStore(DSLContext db) {
        this.db = db;
    }

    List<Fact> ofVehicle(long vehicleId, int most) {
        var places = DSL.select(POSITION.ID).from(POSITION).where(POSITION.VEHICLE_ID.eq(vehicleId));
        List<Fact> facts = facts(
                READING.POSITION_ID.in(places),
                FINDING.POSITION_ID.in(places),
                LEAK_REPAIR.POSITION_ID.in(places),
                most);
        facts.addAll(leftOut(vehicleId, most));
        return facts;
    }

    List<Fact> ofTire(long tireId, int most) {
        return facts(READING.TIRE_ID.eq(tireId), FINDING.TIRE_ID.eq(tireId), LEAK_REPAIR.TIRE_ID.eq(tireId), most);
    }

    /** Positions left out of finished walk-arounds, or lacking what was asked, with the reason somebody gave. */
    private List<Fact> leftOut(long vehicleId, int most) {
        return db.select(WALK_AROUND_ENTRY.asterisk())
                .from(WALK_AROUND_ENTRY)
                .join(WALK_AROUND)
                .on(WALK_AROUND.ID.eq(WALK_AROUND_ENTRY.WALK_AROUND_ID))
                .where(WALK_AROUND.VEHICLE_ID.eq(vehicleId))
                .and(WALK_AROUND.FINISHED_AT.isNotNull())
                .and(WALK_AROUND_ENTRY.SKIP_REASON.ne(""))
                .orderBy(WALK_AROUND_ENTRY.SAVED_AT.desc())
                .limit(most)
                .fetch(row -> new Fact(
                        row.get(WALK_AROUND_ENTRY.SAVED_AT),
                        "skipped",
                        row.get(WALK_AROUND_ENTRY.POSITION_ID),
                        row.get(WALK_AROUND_ENTRY.PERSON_ID),
                        "Skipped: " + row.get(WALK_AROUND_ENTRY.SKIP_REASON)));
    }

    private List<Fact> facts(Condition ofReadings, Condition ofFindings, Condition ofRepairs, int most) {
        List<Fact> facts = new ArrayList<>();
        Map<Long, String> gauges = db.select(GAUGE.ID, GAUGE.NAME).from(GAUGE).fetchMap(GAUGE.ID, GAUGE.NAME);
        Map<Long, String> voided = db.select(READING_VOID.READING_ID, PERSON.NAME, READING_VOID.REASON)
                .from(READING_VOID)
                .join(READING)
                .on(READING.ID.eq(READING_VOID.READING_ID))
                .join(PERSON)
                .on(PERSON.ID.eq(READING_VOID.PERSON_ID))
                .where(ofReadings)
                .fetchMap(row -> row.value1(), row -> WORDS.say("by", "name", row.value2(), "reason", row.value3()));
        db.select(LEAK_REPAIR.asterisk())
                .from(LEAK_REPAIR)
                .where(ofRepairs)
                .orderBy(LEAK_REPAIR.RECORDED_AT.desc())
                .limit(most)
                .forEach(row -> facts.add(new Fact(
                        row.get(LEAK_REPAIR.RECORDED_AT),
                        "cleared",
                        row.get(LEAK_REPAIR.POSITION_ID),
                        row.get(LEAK_REPAIR.PERSON_ID),
                        WORDS.say(
                                "leak",
                                "repair",
                                Repair.valueOf(row.get(LEAK_REPAIR.REPAIR)).label(),
                                "note",
                                row.get(LEAK_REPAIR.NOTE).isEmpty() ? "" : " · " + row.get(LEAK_REPAIR.NOTE)))));
        db.selectFrom(READING)
                .where(ofReadings)
                .orderBy(READING.READ_AT.desc())
                .limit(most)
                .forEach(row -> facts.add(new Fact(
                        row.getReadAt(),
                        "reading",
                        row.getPositionId(),
                        row.getPersonId(),
                        Optional.of(new Values(
                                Optional.ofNullable(row.getPressure()),
                                ThermalState.valueOf(row.getThermalState()),
                                new GrooveDepths(
                                        Optional.ofNullable(row.getDepthOuter()),
                                        Optional.ofNullable(row.getDepthCenter()),
                                        Optional.ofNullable(row.getDepthInner()),
                                        Optional.ofNullable(row.getLowestDepth())),
                                Optional.ofNullable(row.getOdometer()),
                                Optional.ofNullable(row.getTemperature()),
                                row.getIsInflation(),
                                row.getGas(),
                                Look.of(
                                                row.getTreadInterval(),
                                                row.getDotSide(),
                                                row.getPressureGaugeId(),
                                                row.getTreadGaugeId())
                                        .with(Readings.grid(row.getTreadGrid()))
                                        .pure(row.getPurity() == null ? "" : row.getPurity()))),
                        Stream.of(row.getPressureGaugeId(), row.getTreadGaugeId())
                                .filter(java.util.Objects::nonNull)
                                .distinct()
                                .map(gauges::get)
                                .toList(),
                        "",
                        row.getId(),
                        voided.getOrDefault(row.getId(), ""))));
        db.selectFrom(FINDING)
                .where(ofFindings)
                .orderBy(FINDING.FOUND_AT.desc())
                .limit(most)
                .forEach(row -> facts.add(new Fact(
                        row.getFoundAt(),
                        "finding",
                        row.getPositionId(),
                        row.getPersonId(),
                        Finding.valueOf(row.getType()).label()
                                + Readings.sidewall(row.getSidewall())
                                        .map(side -> ", " + side.label())
                                        .orElse(""))));
        db.select(FINDING_CLEARANCE.asterisk(), FINDING.POSITION_ID, FINDING.TYPE)
                .from(FINDING_CLEARANCE)
                .join(FINDING)
                .on(FINDING.ID.eq(FINDING_CLEARANCE.FINDING_ID))
                .where(ofFindings)
                .orderBy(FINDING_CLEARANCE.RECORDED_AT.desc())
                .limit(most)
                .forEach(row -> facts.add(new Fact(
                        row.get(FINDING_CLEARANCE.RECORDED_AT),
                        "cleared",
                        row.get(FINDING.POSITION_ID),
                        row.get(FINDING_CLEARANCE.PERSON_ID),
                        cleared(
                                Finding.valueOf(row.get(FINDING.TYPE)),
                                row.get(FINDING_CLEARANCE.CLEARED_BY),
                                row.get(FINDING_CLEARANCE.NOTE)))));
        return facts;
    }

    private static String cleared(Finding finding, String how, String note) {
        String words = how.equals("PROFESSIONAL") ? WORDS.say("foundSoundByAProfessional") : WORDS.say("fixed");
        return finding.label() + ": " + words + (note.isEmpty() ? "" : " · " + note);
    }
}
