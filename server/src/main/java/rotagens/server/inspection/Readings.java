package rotagens.server.inspection;

import static rotagens.server.storage.generated.Tables.FINDING;
import static rotagens.server.storage.generated.Tables.FINDING_CLEARANCE;
import static rotagens.server.storage.generated.Tables.FITMENT;
import static rotagens.server.storage.generated.Tables.PERSON;
import static rotagens.server.storage.generated.Tables.PLACE;
import static rotagens.server.storage.generated.Tables.PROFESSIONAL_INSPECTION;
import static rotagens.server.storage.generated.Tables.READING;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.fact.Finding;
import rotagens.core.fact.OpenFinding;
import rotagens.core.fact.Reading;
import rotagens.core.fact.Sidewall;
import rotagens.core.fact.Warmth;
import rotagens.core.measure.Distance;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Temperature;
import rotagens.core.wear.Tread;
import rotagens.core.wear.TreadBound;
import rotagens.server.storage.generated.tables.records.ReadingRecord;

/** What was read and found on tires, by whom, and what cleared a finding. Only ever added to. */
@Service
public class Readings {

    /** Where and by whom something is recorded; one of walk-round and job may be null. */
    public record Entry(long tireId, long placeId, Instant at, long personId, Long walkRoundId, Long jobId) {}

    /**
     * What was read.
     *
     * @param filled air was added or let out just before
     * @param gas what it was filled with; empty text where nobody said
     */
    public record Values(
            Optional<Pressure> pressure,
            Warmth warmth,
            Tread tread,
            Optional<Distance> odometer,
            Optional<Temperature> temperature,
            boolean filled,
            String gas,
            Look look) {

        /** Whether a gauge said anything. */
        public boolean hasFigures() {
            return pressure.isPresent() || !tread.isEmpty();
        }

        /** The same reading, whatever was noted beside its figures. */
        public boolean sameFigures(Values other) {
            return new Values(pressure, warmth, tread, odometer, temperature, filled, gas)
                    .equals(new Values(
                            other.pressure,
                            other.warmth,
                            other.tread,
                            other.odometer,
                            other.temperature,
                            other.filled,
                            other.gas));
        }

        /** Nothing noted beside the figures. */
        public Values(
                Optional<Pressure> pressure,
                Warmth warmth,
                Tread tread,
                Optional<Distance> odometer,
                Optional<Temperature> temperature,
                boolean filled,
                String gas) {
            this(pressure, warmth, tread, odometer, temperature, filled, gas, Look.NONE);
        }

        public Values(Optional<Pressure> pressure, Warmth warmth, Tread tread, Optional<Distance> odometer) {
            this(pressure, warmth, tread, odometer, Optional.empty(), false, "");
        }
    }

    /**
     * What was noted beside the figures.
     *
     * @param bound what a wear bar or a coin said where no gauge was at hand
     * @param dotOutward whether the sidewall with the full DOT code faced outward; empty where nobody looked
     * @param pressureGauge its id, or null where nobody said which
     * @param treadGauge its id, or null where nobody said which
     */
    public record Look(Optional<TreadBound> bound, Optional<Boolean> dotOutward, Long pressureGauge, Long treadGauge) {

        public static final Look NONE = new Look(Optional.empty(), Optional.empty(), null, null);

        static Look of(String bound, String dotFaces, Long pressureGauge, Long treadGauge) {
            return new Look(
                    Optional.ofNullable(bound).map(TreadBound::valueOf), facing(dotFaces), pressureGauge, treadGauge);
        }

        boolean saysNothing() {
            return bound.isEmpty() && dotOutward.isEmpty();
        }
    }

    /** Which way the DOT code faces, as stored. */
    public static String facing(Optional<Boolean> dotOutward) {
        return dotOutward.map(outward -> outward ? "OUT" : "IN").orElse("");
    }

    /** Which way the DOT code faces, from the store. */
    public static Optional<Boolean> facing(String stored) {
        return stored.isEmpty() ? Optional.empty() : Optional.of(stored.equals("OUT"));
    }

    private final DSLContext db;
    private final Clock clock;

    Readings(DSLContext db, Clock clock) {
        this.db = db;
        this.clock = clock;
    }

    /** What stands open on each of these tires, wherever they are. */
    @Transactional(readOnly = true)
    public Map<Long, List<OpenFinding>> open(Collection<Long> tireIds) {
        Map<Long, String> names = db.select(PERSON.ID, PERSON.NAME).from(PERSON).fetchMap(PERSON.ID, PERSON.NAME);
        return open(FINDING.TIRE_ID.in(tireIds), names);
    }

    /** What stands open on the tires a condition names. */
    Map<Long, List<OpenFinding>> open(Condition which, Map<Long, String> names) {
        return db.select(FINDING.TIRE_ID, FINDING.KIND, FINDING.AT, FINDING.PERSON_ID, FINDING.SIDEWALL)
                .from(FINDING)
                .leftJoin(FINDING_CLEARANCE)
                .on(FINDING_CLEARANCE.FINDING_ID.eq(FINDING.ID))
                .where(FINDING_CLEARANCE.ID.isNull())
                .and(which)
                .orderBy(FINDING.AT)
                .fetchGroups(
                        row -> row.value1(),
                        row -> new OpenFinding(
                                Finding.valueOf(row.value2()),
                                day(row.value3()),
                                names.get(row.value4()),
                                sidewall(row.value5())));
    }

    /** The last tread measured on a tire, wherever it was; its pressure belongs to the place it was at. */
    @Transactional(readOnly = true)
    public Optional<Reading> lastReading(long tireId) {
        return Optional.ofNullable(lastTread(List.of(tireId)).get(tireId))
                .map(last -> new Reading(
                        day(last.getKey()), "", Optional.empty(), Optional.empty(), Warmth.UNKNOWN, last.getValue()));
    }

    /** The last tread measured on each of these tires, with its instant. */
    @Transactional(readOnly = true)
    public Map<Long, Map.Entry<Instant, Tread>> lastTread(Collection<Long> tireIds) {
        Map<Long, Map.Entry<Instant, Tread>> last = new HashMap<>();
        db.selectFrom(READING)
                .where(READING.TIRE_ID.in(tireIds))
                .and(READING.DEPTH_OUTER.isNotNull())
                .orderBy(READING.AT)
                .forEach(row -> last.put(
                        row.getTireId(),
                        Map.entry(
                                row.getAt(),
                                new Tread(
                                        Optional.ofNullable(row.getDepthOuter()),
                                        Optional.ofNullable(row.getDepthCenter()),
                                        Optional.ofNullable(row.getDepthInner())))));
        return last;
    }

    /** What each fitted tire of a vehicle was last filled with, where somebody said. */
    @Transactional(readOnly = true)
    public Map<Long, String> gas(long vehicleId) {
        Map<Long, String> last = new HashMap<>();
        db.select(READING.TIRE_ID, READING.GAS)
                .from(READING)
                .join(FITMENT)
                .on(FITMENT.TIRE_ID.eq(READING.TIRE_ID))
                .join(PLACE)
                .on(PLACE.ID.eq(FITMENT.PLACE_ID))
                .where(PLACE.VEHICLE_ID.eq(vehicleId))
                .and(READING.GAS.ne(""))
                .orderBy(READING.AT, READING.ID)
                .forEach(row -> last.put(row.value1(), row.value2()));
        return last;
    }

    /** Reads what a tire is filled with: air, nitrogen, or nothing said. */
    public static String gasOf(String text) {
        String gas = text == null ? "" : text.strip().toUpperCase(java.util.Locale.ROOT);
        if (!Set.of("", "AIR", "NITROGEN").contains(gas)) {
            throw new rotagens.core.measure.InvalidEntry("Write air or nitrogen.");
        }
        return gas;
    }

    /** Adds a reading; one without any figure, interval or facing is nothing and isn't kept. */
    @Transactional
    public void read(Entry entry, Values values) {
        read(List.of(Map.entry(entry, values)));
    }

    /** Adds many at once. */
    @Transactional
    public void read(List<Map.Entry<Entry, Values>> many) {
        db.batchInsert(many.stream()
                        .filter(one -> one.getValue().pressure().isPresent()
                                || !one.getValue().tread().isEmpty()
                                || !one.getValue().look().saysNothing())
                        .map(one -> row(one.getKey(), one.getValue()))
                        .toList())
                .execute();
    }

    private static ReadingRecord row(Entry entry, Values values) {
        ReadingRecord row = new ReadingRecord();
        row.setTireId(entry.tireId());
        row.setPlaceId(entry.placeId());
        row.setAt(entry.at());
        row.setPersonId(entry.personId());
        row.setPressure(values.pressure().orElse(null));
        row.setWarmth(values.warmth().name());
        row.setDepthOuter(values.tread().outer().orElse(null));
        row.setDepthCenter(values.tread().center().orElse(null));
        row.setDepthInner(values.tread().inner().orElse(null));
        row.setDepthLowest(values.tread().lowestAnywhere().orElse(null));
        row.setOdometer(values.odometer().orElse(null));
        row.setTemperature(values.temperature().orElse(null));
        row.setIsFill(values.filled());
        row.setGas(values.gas());
        row.setBound(values.look().bound().map(Enum::name).orElse(null));
        row.setDotFaces(facing(values.look().dotOutward()));
        row.setPressureGaugeId(values.pressure().isPresent() ? values.look().pressureGauge() : null);
        row.setTreadGaugeId(values.tread().isEmpty() ? null : values.look().treadGauge());
        row.setWalkRoundId(entry.walkRoundId());
        row.setJobId(entry.jobId());
        return row;
    }

    /** Adds findings that aren't open already, none of them on a sidewall that anybody named. */
    @Transactional
    public void found(Entry entry, Collection<Finding> findings) {
        found(
                entry,
                findings.stream()
                        .map(finding -> new Found(finding, Optional.empty()))
                        .toList());
    }

    /** One thing found, and on which sidewall where that was said. */
    public record Found(Finding finding, Optional<Sidewall> sidewall) {

        String stored() {
            return sidewall.map(Enum::name).orElse("");
        }
    }

    /** Adds findings that aren't open already; one on each sidewall counts as two. */
    @Transactional
    public void found(Entry entry, List<Found> findings) {
        Set<Found> open = openNow(entry.tireId());
        for (Found found : findings) {
            if (open.add(found)) {
                Finding finding = found.finding();
                db.insertInto(FINDING)
                        .set(FINDING.TIRE_ID, entry.tireId())
                        .set(FINDING.PLACE_ID, entry.placeId())
                        .set(FINDING.KIND, finding.name())
                        .set(FINDING.SIDEWALL, found.stored())
                        .set(FINDING.AT, entry.at())
                        .set(FINDING.PERSON_ID, entry.personId())
                        .set(FINDING.WALK_ROUND_ID, entry.walkRoundId())
                        .set(FINDING.JOB_ID, entry.jobId())
                        .execute();
            }
        }
    }

    static Optional<Sidewall> sidewall(String stored) {
        return stored.isEmpty() ? Optional.empty() : Optional.of(Sidewall.valueOf(stored));
    }

    private Set<Found> openNow(long tireId) {
        return new java.util.HashSet<>(db.select(FINDING.KIND, FINDING.SIDEWALL)
                .from(FINDING)
                .leftJoin(FINDING_CLEARANCE)
                .on(FINDING_CLEARANCE.FINDING_ID.eq(FINDING.ID))
                .where(FINDING.TIRE_ID.eq(tireId))
                .and(FINDING_CLEARANCE.ID.isNull())
                .fetch(row -> new Found(Finding.valueOf(row.value1()), sidewall(row.value2()))));
    }

    /** Clears the open findings of some kinds on a tire. */
    @Transactional
    public void clear(Entry entry, Collection<Finding> findings, String how, String note) {
        Set<String> kinds = findings.stream().map(Enum::name).collect(Collectors.toSet());
        List<Long> open = new ArrayList<>(db.select(FINDING.ID)
                .from(FINDING)
                .leftJoin(FINDING_CLEARANCE)
                .on(FINDING_CLEARANCE.FINDING_ID.eq(FINDING.ID))
                .where(FINDING.TIRE_ID.eq(entry.tireId()))
                .and(FINDING.KIND.in(kinds))
                .and(FINDING_CLEARANCE.ID.isNull())
                .fetch(FINDING.ID));
        for (long id : open) {
            db.insertInto(FINDING_CLEARANCE)
                    .set(FINDING_CLEARANCE.FINDING_ID, id)
                    .set(FINDING_CLEARANCE.HOW, how)
                    .set(FINDING_CLEARANCE.AT, entry.at())
                    .set(FINDING_CLEARANCE.PERSON_ID, entry.personId())
                    .set(FINDING_CLEARANCE.NOTE, note)
                    .set(FINDING_CLEARANCE.JOB_ID, entry.jobId())
                    .execute();
        }
    }

    /** Records a qualified person's verdict on a tire. */
    @Transactional
    public void professional(Entry entry, String professional, boolean sound, String note) {
        db.insertInto(PROFESSIONAL_INSPECTION)
                .set(PROFESSIONAL_INSPECTION.TIRE_ID, entry.tireId())
                .set(PROFESSIONAL_INSPECTION.AT, entry.at())
                .set(PROFESSIONAL_INSPECTION.PROFESSIONAL, professional)
                .set(PROFESSIONAL_INSPECTION.IS_SOUND, sound)
                .set(PROFESSIONAL_INSPECTION.NOTE, note)
                .set(PROFESSIONAL_INSPECTION.PERSON_ID, entry.personId())
                .set(PROFESSIONAL_INSPECTION.JOB_ID, entry.jobId())
                .execute();
    }

    private LocalDate day(Instant at) {
        return LocalDate.ofInstant(at, clock.getZone());
    }
}
