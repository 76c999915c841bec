package rotagens.server.sensors;

import static rotagens.server.sensors.SensorsWords.WORDS;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import rotagens.core.fact.Verdict;
import rotagens.core.inspection.LimitDates;
import rotagens.core.inspection.SensorBattery;
import rotagens.core.measure.Rule;
import rotagens.core.measure.Units;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Sensor;
import rotagens.server.cache.ChangeTracker;
import rotagens.server.fleet.FleetCache;
import rotagens.server.fleet.VehicleAssessment;
import rotagens.server.fleet.VehiclePositions;
import rotagens.server.people.People;
import rotagens.server.vehicle.SensorStore;
import rotagens.server.web.InputValidator;
import rotagens.server.web.ProblemException;

/** The sensors of a vehicle: which is where, since when, and how long its battery may last. */
@RestController
class SensorController {

    /**
     * One position's sensor.
     *
     * @param code null where none is on file
     * @param mayEnd from this day the battery may end; null where nobody knows since when it is in service
     */
    record SensorRow(
            String position,
            String positionName,
            @Nullable String sensorId,
            Sensor.@Nullable Location location,
            @Nullable String locationLabel,
            @Nullable LocalDate installedDate,
            @Nullable LocalDate expectedEnd,
            @Nullable LocalDate overdue,
            @Nullable Verdict verdict) {}

    record SensorEventView(Instant at, String by, String code, String description, String position, String note) {}

    record SensorsView(
            String unit,
            boolean hasWorkingSensors,
            List<SensorRow> rows,
            String explanation,
            List<SensorEventView> history) {}

    /**
     * A sensor put on record, or taken off where {@code code} is empty.
     *
     * @param before the ID that was on file there when the person looked; null for none
     */
    record SensorRequest(
            @Nullable String before,
            @Nullable String sensorId,
            Sensor.@Nullable Location location,
            @Nullable LocalDate installedDate,
            @Nullable String note) {}

    private final FleetCache fleet;
    private final SensorStore sensors;
    private final People people;
    private final ChangeTracker changeTracker;
    private final Clock clock;

    SensorController(FleetCache fleet, SensorStore sensors, People people, ChangeTracker changeTracker, Clock clock) {
        this.fleet = fleet;
        this.sensors = sensors;
        this.people = people;
        this.changeTracker = changeTracker;
        this.clock = clock;
    }

    /** The sensors of a vehicle with age, battery and place. */
    @GetMapping("/api/vehicles/{id}/sensors")
    @Transactional(readOnly = true)
    public SensorsView listSensors(@PathVariable long id, @RequestParam(defaultValue = "US") Units units) {
        VehicleAssessment vehicleAssessment = fleet.get(id);
        List<SensorRow> lines = vehicleAssessment.state().vehicle().layout().positions().stream()
                .map(position -> line(vehicleAssessment, position))
                .toList();
        String because = vehicleAssessment.state().vehicle().sensors().keySet().stream()
                .flatMap(position -> clock(vehicleAssessment, position).stream())
                .findFirst()
                .map(limitDate -> limitDate.reason().explanation().in(units))
                .orElse("");
        return new SensorsView(
                vehicleAssessment.unit(),
                vehicleAssessment.vehicle().hasWorkingSensors(),
                lines,
                because,
                sensors.history(id).stream()
                        .map(event -> new SensorEventView(
                                event.at(),
                                event.by(),
                                event.code(),
                                words(event.type()),
                                event.position(),
                                event.note()))
                        .toList());
    }

    private static String words(String kind) {
        return switch (kind) {
            case "INSTALLED" -> WORDS.say("putOnRecord");
            case "MOVED" -> WORDS.say("movedHere");
            default -> WORDS.say("takenOff");
        };
    }

    private static Optional<LimitDates.LimitDate> clock(VehicleAssessment vehicleAssessment, Position position) {
        return SensorBattery.overdue(
                vehicleAssessment.state().vehicle(),
                position,
                vehicleAssessment.policyAt(position),
                vehicleAssessment.today());
    }

    private static SensorRow line(VehicleAssessment vehicleAssessment, Position position) {
        Optional<Sensor> sensor = vehicleAssessment.state().vehicle().sensorAt(position);
        return new SensorRow(
                position.code(),
                vehicleAssessment.state().vehicle().layout().nameOf(position),
                sensor.map(Sensor::sensorId).orElse(null),
                sensor.map(Sensor::location).orElse(null),
                sensor.map(one -> one.location().label()).orElse(null),
                sensor.flatMap(Sensor::installedOn).orElse(null),
                sensor.flatMap(Sensor::installedOn)
                        .map(fitted -> SensorBattery.mayEndFrom(fitted, vehicleAssessment.policyAt(position)))
                        .orElse(null),
                clock(vehicleAssessment, position)
                        .map(LimitDates.LimitDate::date)
                        .orElse(null),
                vehicleAssessment.judgements().get(position).reasons().stream()
                        .filter(verdictReason -> verdictReason.reason().rule() == Rule.SENSOR_BATTERY)
                        .findFirst()
                        .map(verdictReason -> verdictReason.verdict())
                        .orElse(null));
    }

    /** Records a sensor at a position: its ID, where it was made, replaced or serviced. */
    @PutMapping("/api/vehicles/{id}/sensors/{position}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Transactional
    public void setSensor(@PathVariable long id, @PathVariable String position, @RequestBody SensorRequest typed) {
        changeTracker.only(id);
        VehicleAssessment vehicleAssessment = fleet.get(id);
        Position at = VehiclePositions.of(vehicleAssessment, position);
        String before = vehicleAssessment
                .state()
                .vehicle()
                .sensorAt(at)
                .map(Sensor::sensorId)
                .orElse("");
        if (!before.equals(typed.before() == null ? "" : typed.before())) {
            throw ProblemException.conflict(WORDS.say(
                    "anotherUserChangedTheSensor", "at", at.code(), "before", before, "hasBefore", !before.isEmpty()));
        }
        InputValidator wrong = new InputValidator();
        String note = wrong.text("note", typed.note(), 200);
        LocalDate today = vehicleAssessment.today();
        if (typed.sensorId() == null || typed.sensorId().isBlank()) {
            wrong.unless(!before.isEmpty(), "sensorId", WORDS.say("enterTheIdPrinted"));
            wrong.refuseIfWrong();
            sensors.takeOff(vehicleAssessment.placeId(at), clock.instant(), people.me(), note, null);
            return;
        }
        Optional<String> code = wrong.required("sensorId", typed.sensorId(), Sensor::readCode);
        wrong.unless(typed.location() != null, "location", WORDS.say("whereDoesItSit"));
        wrong.unless(
                typed.installedDate() == null || !typed.installedDate().isAfter(today),
                "installedDate",
                WORDS.say("thisDayLiesAheadCheck"));
        wrong.unless(
                typed.installedDate() == null || typed.installedDate().isAfter(today.minusYears(30)),
                "installedDate",
                WORDS.say("moreThan30YearsAgo"));
        wrong.refuseIfWrong();
        sensors.put(
                vehicleAssessment.placeId(at),
                new Sensor(code.orElseThrow(), typed.location(), Optional.ofNullable(typed.installedDate())),
                clock.instant(),
                people.me(),
                note,
                null);
    }
}
