package rotagens.server.walkaround;

import static rotagens.server.storage.generated.Tables.PERSON;
import static rotagens.server.storage.generated.Tables.WALK_AROUND;
import static rotagens.server.storage.generated.Tables.WALK_AROUND_ENTRY;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import rotagens.core.fact.Finding;
import rotagens.core.fact.Sidewall;
import rotagens.core.fact.ThermalState;
import rotagens.core.inspection.WalkAroundScope;
import rotagens.core.measure.Distance;
import rotagens.core.measure.Pressure;
import rotagens.core.wear.GrooveDepths;
import rotagens.core.wear.TreadGrid;
import rotagens.core.wear.TreadInterval;
import rotagens.server.clock.DatedLedger;
import rotagens.server.inspection.Readings;
import rotagens.server.inspection.Readings.Found;
import rotagens.server.inspection.Readings.Look;

/** Walk-arounds and what has been entered in them so far. */
@Repository
class WalkAroundStore implements DatedLedger {

    record OpenWalkAround(
            long id,
            long vehicleId,
            WalkAroundScope scope,
            long personId,
            String person,
            Instant startedAt,
            Instant finishedAt) {}

    /**
     * The figures and findings of one position, read from what was typed.
     *
     * @param tread the zones; where several places were measured, their medians
     * @param grid the single depths where several places were measured
     * @param look what was noted beside the figures
     * @param innerFindings seen on the inner sidewall
     * @param skipped why this position was left out; empty where it wasn't
     * @param dotCode as read off a tire whose code isn't on file; empty where nobody did
     * @param confirmed fields whose unusual figure a person has said is right
     */
    record EntryValues(
            Optional<Pressure> pressure,
            ThermalState thermalState,
            GrooveDepths tread,
            Optional<TreadGrid> grid,
            Look look,
            List<Finding> findings,
            List<Finding> innerSidewallFindings,
            List<Finding> fixed,
            String skipReason,
            String dotCode,
            List<String> confirmed) {

        EntryValues skipReason(String reason) {
            return new EntryValues(
                    pressure,
                    thermalState,
                    tread,
                    grid,
                    look,
                    findings,
                    innerSidewallFindings,
                    fixed,
                    reason,
                    dotCode,
                    confirmed);
        }

        /** A position nobody looked at, and why. */
        static EntryValues leftOut(String reason) {
            return new EntryValues(
                    Optional.empty(),
                    ThermalState.UNKNOWN,
                    GrooveDepths.UNMEASURED,
                    Optional.empty(),
                    Look.NONE,
                    List.of(),
                    List.of(),
                    List.of(),
                    reason,
                    "",
                    List.of());
        }

        /** All that was found, each on its sidewall. */
        List<Found> found() {
            List<Found> all = new ArrayList<>();
            findings.forEach(finding -> all.add(new Found(finding, side(finding, Sidewall.OUTER))));
            innerSidewallFindings.forEach(finding -> all.add(new Found(finding, side(finding, Sidewall.INNER))));
            return all;
        }

        private static Optional<Sidewall> side(Finding finding, Sidewall side) {
            return finding.area() == Finding.Area.SIDEWALL ? Optional.of(side) : Optional.empty();
        }
    }

    record Stored(long placeId, int version, long personId, String person, Instant savedAt, EntryValues figures) {}

    private final DSLContext db;

    WalkAroundStore(DSLContext db) {
        this.db = db;
    }

    Optional<OpenWalkAround> openOn(long vehicleId) {
        return db.select(WALK_AROUND.asterisk(), PERSON.NAME)
                .from(WALK_AROUND)
                .join(PERSON)
                .on(PERSON.ID.eq(WALK_AROUND.PERSON_ID))
                .where(WALK_AROUND.VEHICLE_ID.eq(vehicleId))
                .and(WALK_AROUND.FINISHED_AT.isNull())
                .fetchOptional(WalkAroundStore::walk);
    }

    Optional<OpenWalkAround> get(long id) {
        return db.select(WALK_AROUND.asterisk(), PERSON.NAME)
                .from(WALK_AROUND)
                .join(PERSON)
                .on(PERSON.ID.eq(WALK_AROUND.PERSON_ID))
                .where(WALK_AROUND.ID.eq(id))
                .fetchOptional(WalkAroundStore::walk);
    }

    private static OpenWalkAround walk(org.jooq.Record row) {
        return new OpenWalkAround(
                row.get(WALK_AROUND.ID),
                row.get(WALK_AROUND.VEHICLE_ID),
                WalkAroundScope.valueOf(row.get(WALK_AROUND.SCOPE)),
                row.get(WALK_AROUND.PERSON_ID),
                row.get(PERSON.NAME),
                row.get(WALK_AROUND.STARTED_AT),
                row.get(WALK_AROUND.FINISHED_AT));
    }

    long start(long vehicleId, WalkAroundScope scope, long personId, Instant at) {
        return db.insertInto(WALK_AROUND)
                .set(WALK_AROUND.VEHICLE_ID, vehicleId)
                .set(WALK_AROUND.SCOPE, scope.name())
                .set(WALK_AROUND.PERSON_ID, personId)
                .set(WALK_AROUND.STARTED_AT, at)
                .returning(WALK_AROUND.ID)
                .fetchOne(WALK_AROUND.ID);
    }

    void finish(long id, Instant at, Optional<Distance> odometer, String skipped) {
        db.update(WALK_AROUND)
                .set(WALK_AROUND.FINISHED_AT, at)
                .set(WALK_AROUND.SKIP_REASON, skipped)
                .set(WALK_AROUND.ODOMETER, odometer.orElse(null))
                .where(WALK_AROUND.ID.eq(id))
                .execute();
    }

    Map<Long, Stored> entries(long walkAroundId) {
        Map<Long, Stored> byPlace = new HashMap<>();
        db.select(WALK_AROUND_ENTRY.asterisk(), PERSON.NAME)
                .from(WALK_AROUND_ENTRY)
                .join(PERSON)
                .on(PERSON.ID.eq(WALK_AROUND_ENTRY.PERSON_ID))
                .where(WALK_AROUND_ENTRY.WALK_AROUND_ID.eq(walkAroundId))
                .forEach(row -> byPlace.put(
                        row.get(WALK_AROUND_ENTRY.POSITION_ID),
                        new Stored(
                                row.get(WALK_AROUND_ENTRY.POSITION_ID),
                                row.get(WALK_AROUND_ENTRY.VERSION),
                                row.get(WALK_AROUND_ENTRY.PERSON_ID),
                                row.get(PERSON.NAME),
                                row.get(WALK_AROUND_ENTRY.SAVED_AT),
                                new EntryValues(
                                        Optional.ofNullable(row.get(WALK_AROUND_ENTRY.PRESSURE)),
                                        ThermalState.valueOf(row.get(WALK_AROUND_ENTRY.THERMAL_STATE)),
                                        new GrooveDepths(
                                                Optional.ofNullable(row.get(WALK_AROUND_ENTRY.DEPTH_OUTER)),
                                                Optional.ofNullable(row.get(WALK_AROUND_ENTRY.DEPTH_CENTER)),
                                                Optional.ofNullable(row.get(WALK_AROUND_ENTRY.DEPTH_INNER)),
                                                Readings.grid(row.get(WALK_AROUND_ENTRY.TREAD_GRID))
                                                        .map(TreadGrid::lowest)),
                                        Readings.grid(row.get(WALK_AROUND_ENTRY.TREAD_GRID)),
                                        new Look(
                                                Optional.ofNullable(row.get(WALK_AROUND_ENTRY.TREAD_INTERVAL))
                                                        .map(TreadInterval::valueOf),
                                                Readings.facing(row.get(WALK_AROUND_ENTRY.DOT_SIDE)),
                                                row.get(WALK_AROUND_ENTRY.PRESSURE_GAUGE_ID),
                                                row.get(WALK_AROUND_ENTRY.TREAD_GAUGE_ID)),
                                        findings(row.get(WALK_AROUND_ENTRY.FINDINGS)),
                                        findings(row.get(WALK_AROUND_ENTRY.INNER_SIDEWALL_FINDINGS)),
                                        findings(row.get(WALK_AROUND_ENTRY.FIXED_FINDINGS)),
                                        row.get(WALK_AROUND_ENTRY.SKIP_REASON),
                                        row.get(WALK_AROUND_ENTRY.DOT_CODE),
                                        row.get(WALK_AROUND_ENTRY.CONFIRMED).isEmpty()
                                                ? List.of()
                                                : List.of(row.get(WALK_AROUND_ENTRY.CONFIRMED)
                                                        .split(","))))));
        return byPlace;
    }

    void save(long walkAroundId, Stored entry) {
        var row = db.newRecord(WALK_AROUND_ENTRY);
        row.setWalkAroundId(walkAroundId);
        row.setPositionId(entry.placeId());
        row.setVersion(entry.version());
        row.setPersonId(entry.personId());
        row.setSavedAt(entry.savedAt());
        row.setPressure(entry.figures().pressure().orElse(null));
        row.setThermalState(entry.figures().thermalState().name());
        row.setDepthOuter(entry.figures().tread().outer().orElse(null));
        row.setDepthCenter(entry.figures().tread().center().orElse(null));
        row.setDepthInner(entry.figures().tread().inner().orElse(null));
        row.setTreadGrid(entry.figures().grid().map(Readings::text).orElse(""));
        row.setFindings(names(entry.figures().findings()));
        row.setInnerSidewallFindings(names(entry.figures().innerSidewallFindings()));
        row.setFixedFindings(names(entry.figures().fixed()));
        Look look = entry.figures().look();
        row.setTreadInterval(look.treadInterval().map(Enum::name).orElse(null));
        row.setDotSide(Readings.facing(look.dotOutward()));
        row.setPressureGaugeId(look.pressureGauge());
        row.setTreadGaugeId(look.treadGauge());
        row.setSkipReason(entry.figures().skipReason());
        row.setDotCode(entry.figures().dotCode());
        row.setConfirmed(String.join(",", entry.figures().confirmed()));
        if (entry.version() == 1) {
            db.executeInsert(row);
        } else {
            db.update(WALK_AROUND_ENTRY)
                    .set(row)
                    .where(WALK_AROUND_ENTRY.WALK_AROUND_ID.eq(walkAroundId))
                    .and(WALK_AROUND_ENTRY.POSITION_ID.eq(entry.placeId()))
                    .execute();
        }
    }

    /** A line a place, its depths as entered. */
    private static List<Finding> findings(String stored) {
        return stored.isEmpty()
                ? List.of()
                : Arrays.stream(stored.split(",")).map(Finding::valueOf).toList();
    }

    private static String names(List<Finding> findings) {
        return findings.stream().map(Enum::name).distinct().collect(Collectors.joining(","));
    }

    @Override
    public List<Instant> lastStored(int most) {
        return db.select(WALK_AROUND.STARTED_AT)
                .from(WALK_AROUND)
                .orderBy(WALK_AROUND.ID.desc())
                .limit(most)
                .fetch(WALK_AROUND.STARTED_AT);
    }
}
