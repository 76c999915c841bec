package rotagens.server.loads;

import static rotagens.server.storage.generated.Tables.BODY_CHANGE;
import static rotagens.server.storage.generated.Tables.CHALK_TEST_PASS;
import static rotagens.server.storage.generated.Tables.CHALK_TEST_RESULT;
import static rotagens.server.storage.generated.Tables.LOAD_STATE_SETTING;
import static rotagens.server.storage.generated.Tables.PERSON;
import static rotagens.server.storage.generated.Tables.PRESSURE_METHOD_CHOICE;
import static rotagens.server.storage.generated.Tables.WARNING_THRESHOLD;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.TableField;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.measure.Pressure;
import rotagens.core.pressure.ChalkTest;
import rotagens.core.pressure.LoadCharts;
import rotagens.core.pressure.LoadStates;
import rotagens.core.pressure.PressureInputs;
import rotagens.core.pressure.PressureInputs.ChalkTestResult;
import rotagens.core.pressure.PressureInputs.MethodChoice;
import rotagens.core.pressure.PressureInputs.WarningThreshold;
import rotagens.core.pressure.PressureMethod;
import rotagens.core.vehicle.LoadState;

/** What people have set and found about pressures: schools chosen, trims, warning thresholds, load states. Only ever added to. */
@Service
public class PressureStore {

    private final DSLContext db;
    private final LoadChartStore charts;
    private final ScaleTicketStore scaleTicketStore;
    private final TripStore tripStore;
    private final Clock clock;

    PressureStore(
            DSLContext db, LoadChartStore charts, ScaleTicketStore scaleTicketStore, TripStore tripStore, Clock clock) {
        this.db = db;
        this.charts = charts;
        this.scaleTicketStore = scaleTicketStore;
        this.tripStore = tripStore;
        this.clock = clock;
    }

    /** The facts of some vehicles, given how each usually travels; with a null vehicle those of all. */
    @Transactional(readOnly = true)
    public Map<Long, PressureInputs> facts(Long vehicleId, Map<Long, LoadState> usual) {
        return facts(vehicleId, LocalDate.now(clock), usual);
    }

    /** One vehicle's as they were on each of several days: what was recorded later is left out. */
    @Transactional(readOnly = true)
    public Map<LocalDate, PressureInputs> facts(long vehicleId, Collection<LocalDate> days, LoadState usual) {
        Undated undated = undated(vehicleId);
        Map<LocalDate, PressureInputs> byDay = new HashMap<>();
        days.forEach(day -> byDay.put(
                day, facts(vehicleId, day, Map.of(vehicleId, usual), undated).get(vehicleId)));
        return byDay;
    }

    /** The same as they were on a day: what was recorded later is left out. */
    @Transactional(readOnly = true)
    public Map<Long, PressureInputs> facts(Long vehicleId, LocalDate today, Map<Long, LoadState> usual) {
        return facts(vehicleId, today, usual, undated(vehicleId));
    }

    /** What is read once for all days: the charts, and what bears its own date. */
    private record Undated(
            LoadCharts book,
            Map<Long, String> names,
            Map<Long, List<ScaleTicketStore.Stored>> weighed,
            Map<Long, List<TripStore.StoredTrip>> trips) {}

    private Undated undated(Long vehicleId) {
        Map<Long, String> names = names();
        return new Undated(charts.book(), names, scaleTicketStore.of(vehicleId), tripStore.all(vehicleId, names));
    }

    private Map<Long, PressureInputs> facts(
            Long vehicleId, LocalDate today, Map<Long, LoadState> usual, Undated undated) {
        Map<Long, String> names = undated.names();
        Map<Long, MethodChoice> methodChoices = choices(vehicleId, today, names);
        Map<Long, Map<Integer, ChalkTestResult>> chalkTestResults = trims(vehicleId, today, names);
        Map<Long, Map<Integer, WarningThreshold>> warningThresholds = thresholds(vehicleId, today, names);
        Map<Long, List<LoadStates.LoadStateSetting>> loadStateSettings = settings(vehicleId, today, names);
        Map<Long, LocalDate> bodies = db
                .select(BODY_CHANGE.VEHICLE_ID, BODY_CHANGE.CHANGE_DATE)
                .from(BODY_CHANGE)
                .where(of(BODY_CHANGE.VEHICLE_ID, vehicleId))
                .and(BODY_CHANGE.CHANGE_DATE.le(today))
                .orderBy(BODY_CHANGE.CHANGE_DATE)
                .fetchGroups(row -> row.value1(), row -> row.value2())
                .entrySet()
                .stream()
                .collect(java.util.stream.Collectors.toMap(
                        Map.Entry::getKey,
                        one -> one.getValue().get(one.getValue().size() - 1)));
        Map<Long, PressureInputs> facts = new HashMap<>();
        usual.forEach((id, state) -> facts.put(
                id,
                new PressureInputs(
                        undated.book(),
                        undated.weighed().getOrDefault(id, List.of()).stream()
                                .map(ScaleTicketStore.Stored::slip)
                                .filter(scaleTicket -> !scaleTicket.on().isAfter(today))
                                .toList(),
                        LoadStates.on(
                                today,
                                state,
                                loadStateSettings.getOrDefault(id, List.of()),
                                undated.trips().getOrDefault(id, List.of()).stream()
                                        .map(TripStore.StoredTrip::trip)
                                        .toList()),
                        Optional.ofNullable(methodChoices.get(id)),
                        chalkTestResults.getOrDefault(id, Map.of()),
                        warningThresholds.getOrDefault(id, Map.of()),
                        Optional.ofNullable(bodies.get(id)))));
        return facts;
    }

    private static Condition of(TableField<?, Long> column, Long vehicleId) {
        return vehicleId == null ? DSL.noCondition() : column.eq(vehicleId);
    }

    private Map<Long, String> names() {
        return db.select(PERSON.ID, PERSON.NAME).from(PERSON).fetchMap(PERSON.ID, PERSON.NAME);
    }

    private Instant endOf(LocalDate day) {
        return day.plusDays(1).atStartOfDay(clock.getZone()).toInstant();
    }

    private LocalDate day(Instant at) {
        return LocalDate.ofInstant(at, clock.getZone());
    }

    // ---- the school chosen

    private Map<Long, MethodChoice> choices(Long vehicleId, LocalDate day, Map<Long, String> names) {
        Map<Long, MethodChoice> newest = new HashMap<>();
        db.selectFrom(PRESSURE_METHOD_CHOICE)
                .where(of(PRESSURE_METHOD_CHOICE.VEHICLE_ID, vehicleId))
                .and(PRESSURE_METHOD_CHOICE.RECORDED_AT.lt(endOf(day)))
                .orderBy(PRESSURE_METHOD_CHOICE.ID)
                .forEach(row -> {
                    if (row.getMethod().isEmpty()) {
                        newest.remove(row.getVehicleId());
                    } else {
                        newest.put(
                                row.getVehicleId(),
                                new MethodChoice(
                                        PressureMethod.valueOf(row.getMethod()),
                                        row.getReason(),
                                        names.get(row.getPersonId()),
                                        day(row.getRecordedAt()),
                                        row.getAllowsBelowPlacard(),
                                        perAxle(row.getTires())));
                    }
                });
        return newest;
    }

    /** Chooses a school; without one the vehicle goes back to our own order. */
    @Transactional
    public void choose(
            long vehicleId,
            Optional<PressureMethod> pressureMethod,
            String reason,
            boolean belowPlacard,
            Map<Integer, String> tires,
            long personId) {
        choose(vehicleId, pressureMethod, reason, belowPlacard, tires, clock.instant(), personId);
    }

    /** A choice made earlier. */
    @Transactional
    public void choose(
            long vehicleId,
            Optional<PressureMethod> pressureMethod,
            String reason,
            boolean belowPlacard,
            Map<Integer, String> tires,
            Instant at,
            long personId) {
        db.insertInto(PRESSURE_METHOD_CHOICE)
                .set(PRESSURE_METHOD_CHOICE.VEHICLE_ID, vehicleId)
                .set(
                        PRESSURE_METHOD_CHOICE.METHOD,
                        pressureMethod.map(PressureMethod::name).orElse(""))
                .set(PRESSURE_METHOD_CHOICE.REASON, reason)
                .set(PRESSURE_METHOD_CHOICE.ALLOWS_BELOW_PLACARD, belowPlacard)
                .set(PRESSURE_METHOD_CHOICE.TIRES, perAxle(tires))
                .set(PRESSURE_METHOD_CHOICE.RECORDED_AT, at)
                .set(PRESSURE_METHOD_CHOICE.PERSON_ID, personId)
                .execute();
    }

    /** The tires of each axle, a line an axle. */
    private static String perAxle(Map<Integer, String> tires) {
        StringBuilder lines = new StringBuilder();
        tires.forEach(
                (axle, tire) -> lines.append(axle).append('\t').append(tire).append('\n'));
        return lines.toString();
    }

    private static Map<Integer, String> perAxle(String lines) {
        Map<Integer, String> tires = new LinkedHashMap<>();
        lines.lines().forEach(line -> {
            int tab = line.indexOf('\t');
            tires.put(Integer.parseInt(line.substring(0, tab)), line.substring(tab + 1));
        });
        return tires;
    }

    // ---- chalk line

    private Map<Long, Map<Integer, ChalkTestResult>> trims(Long vehicleId, LocalDate day, Map<Long, String> names) {
        Map<Long, Map<Integer, ChalkTestResult>> chalkTestResults = new HashMap<>();
        db.selectFrom(CHALK_TEST_RESULT)
                .where(of(CHALK_TEST_RESULT.VEHICLE_ID, vehicleId))
                .and(CHALK_TEST_RESULT.RECORDED_AT.lt(endOf(day)))
                .orderBy(CHALK_TEST_RESULT.ID)
                .forEach(row -> chalkTestResults
                        .computeIfAbsent(row.getVehicleId(), id -> new HashMap<>())
                        .put(
                                row.getAxle(),
                                new ChalkTestResult(
                                        row.getPressure(),
                                        LoadState.valueOf(row.getLoadState()),
                                        day(row.getRecordedAt()),
                                        names.get(row.getPersonId()),
                                        row.getTires())));
        return chalkTestResults;
    }

    @Transactional
    public void trim(long vehicleId, int axle, Pressure pressure, LoadState state, String tires, long personId) {
        trim(vehicleId, axle, pressure, state, tires, clock.instant(), personId);
    }

    /** A trial made earlier. */
    @Transactional
    public void trim(
            long vehicleId, int axle, Pressure pressure, LoadState state, String tires, Instant at, long personId) {
        db.insertInto(CHALK_TEST_RESULT)
                .set(CHALK_TEST_RESULT.VEHICLE_ID, vehicleId)
                .set(CHALK_TEST_RESULT.AXLE, axle)
                .set(CHALK_TEST_RESULT.PRESSURE, pressure)
                .set(CHALK_TEST_RESULT.LOAD_STATE, state.name())
                .set(CHALK_TEST_RESULT.TIRES, tires)
                .set(CHALK_TEST_RESULT.RECORDED_AT, at)
                .set(CHALK_TEST_RESULT.PERSON_ID, personId)
                .execute();
    }

    /** The passes of an axle's trial of today, in order. */
    @Transactional(readOnly = true)
    public List<ChalkTest.Pass> passes(long vehicleId, int axle) {
        return db.selectFrom(CHALK_TEST_PASS)
                .where(CHALK_TEST_PASS.VEHICLE_ID.eq(vehicleId), CHALK_TEST_PASS.AXLE.eq(axle))
                .and(CHALK_TEST_PASS.TEST_DATE.eq(LocalDate.now(clock)))
                .orderBy(CHALK_TEST_PASS.ID)
                .fetch(row -> new ChalkTest.Pass(
                        row.getPressure(), ChalkTest.ContactPattern.valueOf(row.getContactPattern())));
    }

    @Transactional
    public void pass(long vehicleId, int axle, ChalkTest.Pass pass, long personId) {
        db.insertInto(CHALK_TEST_PASS)
                .set(CHALK_TEST_PASS.VEHICLE_ID, vehicleId)
                .set(CHALK_TEST_PASS.AXLE, axle)
                .set(CHALK_TEST_PASS.TEST_DATE, LocalDate.now(clock))
                .set(CHALK_TEST_PASS.PRESSURE, pass.pressure())
                .set(CHALK_TEST_PASS.CONTACT_PATTERN, pass.contactPattern().name())
                .set(CHALK_TEST_PASS.RECORDED_AT, clock.instant())
                .set(CHALK_TEST_PASS.PERSON_ID, personId)
                .execute();
    }

    // ---- warning thresholds

    private Map<Long, Map<Integer, WarningThreshold>> thresholds(
            Long vehicleId, LocalDate day, Map<Long, String> names) {
        Map<Long, Map<Integer, WarningThreshold>> warningThresholds = new HashMap<>();
        db.selectFrom(WARNING_THRESHOLD)
                .where(of(WARNING_THRESHOLD.VEHICLE_ID, vehicleId))
                .and(WARNING_THRESHOLD.RECORDED_AT.lt(endOf(day)))
                .orderBy(WARNING_THRESHOLD.ID)
                .forEach(row -> warningThresholds
                        .computeIfAbsent(row.getVehicleId(), id -> new HashMap<>())
                        .put(
                                row.getAxle(),
                                new WarningThreshold(
                                        Optional.ofNullable(row.getPressure()),
                                        row.getPercentBelow() == null ? 0 : row.getPercentBelow() / 100,
                                        day(row.getRecordedAt()),
                                        names.get(row.getPersonId()),
                                        row.getReason(),
                                        row.getIsLowered(),
                                        row.getTires())));
        return warningThresholds;
    }

    /** Records what a system is set to. One set lower than before keeps its mark for good. */
    @Transactional
    public void threshold(
            long vehicleId,
            int axle,
            Optional<Pressure> fixed,
            Optional<Double> percentBelow,
            boolean lowered,
            String why,
            String tires,
            long personId) {
        threshold(vehicleId, axle, fixed, percentBelow, lowered, why, tires, clock.instant(), personId);
    }

    /** A setting made earlier. */
    @Transactional
    public void threshold(
            long vehicleId,
            int axle,
            Optional<Pressure> fixed,
            Optional<Double> percentBelow,
            boolean lowered,
            String why,
            String tires,
            Instant at,
            long personId) {
        db.insertInto(WARNING_THRESHOLD)
                .set(WARNING_THRESHOLD.VEHICLE_ID, vehicleId)
                .set(WARNING_THRESHOLD.AXLE, axle)
                .set(WARNING_THRESHOLD.PRESSURE, fixed.orElse(null))
                .set(WARNING_THRESHOLD.PERCENT_BELOW, percentBelow.orElse(null))
                .set(WARNING_THRESHOLD.REASON, why)
                .set(WARNING_THRESHOLD.IS_LOWERED, lowered)
                .set(WARNING_THRESHOLD.TIRES, tires)
                .set(WARNING_THRESHOLD.RECORDED_AT, at)
                .set(WARNING_THRESHOLD.PERSON_ID, personId)
                .execute();
    }

    // ---- load states and trips

    private Map<Long, List<LoadStates.LoadStateSetting>> settings(
            Long vehicleId, LocalDate day, Map<Long, String> names) {
        return db.selectFrom(LOAD_STATE_SETTING)
                .where(of(LOAD_STATE_SETTING.VEHICLE_ID, vehicleId))
                .and(LOAD_STATE_SETTING.RECORDED_AT.lt(endOf(day)))
                .orderBy(LOAD_STATE_SETTING.ID)
                .fetchGroups(
                        row -> row.getVehicleId(),
                        row -> new LoadStates.LoadStateSetting(
                                LoadState.valueOf(row.getLoadState()),
                                row.getFromDate(),
                                Optional.ofNullable(row.getUntilDate()),
                                names.get(row.getPersonId())));
    }

    @Transactional
    public void set(long vehicleId, LoadStates.LoadStateSetting loadStateSetting, long personId) {
        db.insertInto(LOAD_STATE_SETTING)
                .set(LOAD_STATE_SETTING.VEHICLE_ID, vehicleId)
                .set(LOAD_STATE_SETTING.LOAD_STATE, loadStateSetting.state().name())
                .set(LOAD_STATE_SETTING.FROM_DATE, loadStateSetting.from())
                .set(LOAD_STATE_SETTING.UNTIL_DATE, loadStateSetting.until().orElse(null))
                .set(LOAD_STATE_SETTING.RECORDED_AT, clock.instant())
                .set(LOAD_STATE_SETTING.PERSON_ID, personId)
                .execute();
    }

    /** Records that body or fixed equipment changed: weights before it are old. */
    @Transactional
    public void bodyChanged(long vehicleId, LocalDate day, String note, long personId) {
        db.insertInto(BODY_CHANGE)
                .set(BODY_CHANGE.VEHICLE_ID, vehicleId)
                .set(BODY_CHANGE.CHANGE_DATE, day)
                .set(BODY_CHANGE.NOTE, note)
                .set(BODY_CHANGE.RECORDED_AT, clock.instant())
                .set(BODY_CHANGE.PERSON_ID, personId)
                .execute();
    }
}
