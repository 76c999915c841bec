package rotagens.server.sensors;

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
import rotagens.core.inspection.TireClocks;
import rotagens.core.measure.Rule;
import rotagens.core.measure.Units;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Sensor;
import rotagens.server.changes.Changes;
import rotagens.server.fleet.Fleet;
import rotagens.server.fleet.Fleet.Standing;
import rotagens.server.people.People;
import rotagens.server.vehicle.VehicleSensors;
import rotagens.server.web.Entries;
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
    record SensorLine(
            String position,
            String positionName,
            @Nullable String code,
            Sensor.@Nullable Mount mount,
            @Nullable String mountWords,
            @Nullable LocalDate fitted,
            @Nullable LocalDate mayEnd,
            @Nullable LocalDate overdue,
            @Nullable Verdict verdict) {}

    record SensorEventView(Instant at, String by, String code, String what, String position, String note) {}

    record SensorsView(
            String unit, boolean sensorsWork, List<SensorLine> lines, String because, List<SensorEventView> history) {}

    /**
     * A sensor put on record, or taken off where {@code code} is empty.
     *
     * @param before the ID that was on file there when the person looked; null for none
     */
    record PutSensor(
            @Nullable String before,
            @Nullable String code,
            Sensor.@Nullable Mount mount,
            @Nullable LocalDate fitted,
            @Nullable String note) {}

    private final Fleet fleet;
    private final VehicleSensors sensors;
    private final People people;
    private final Changes changes;
    private final Clock clock;

    SensorController(Fleet fleet, VehicleSensors sensors, People people, Changes changes, Clock clock) {
        this.fleet = fleet;
        this.sensors = sensors;
        this.people = people;
        this.changes = changes;
        this.clock = clock;
    }

    @GetMapping("/api/vehicles/{id}/sensors")
    @Transactional(readOnly = true)
    public SensorsView of(@PathVariable long id, @RequestParam(defaultValue = "US") Units units) {
        Standing standing = fleet.get(id);
        List<SensorLine> lines = standing.state().vehicle().layout().positions().stream()
                .map(position -> line(standing, position))
                .toList();
        String because = standing.state().vehicle().sensors().keySet().stream()
                .flatMap(position -> clock(standing, position).stream())
                .findFirst()
                .map(clock -> clock.reason().because().in(units))
                .orElse("");
        return new SensorsView(
                standing.onFile().facts().unit(),
                standing.onFile().facts().sensorsWork(),
                lines,
                because,
                sensors.history(id).stream()
                        .map(event -> new SensorEventView(
                                event.at(),
                                event.by(),
                                event.code(),
                                words(event.kind()),
                                event.position(),
                                event.note()))
                        .toList());
    }

    private static String words(String kind) {
        return switch (kind) {
            case "FITTED" -> "put on record";
            case "MOVED" -> "moved here";
            default -> "taken off";
        };
    }

    private static Optional<TireClocks.Clock> clock(Standing standing, Position position) {
        return TireClocks.sensor(standing.state().vehicle(), position, standing.policyAt(position), standing.today());
    }

    private static SensorLine line(Standing standing, Position position) {
        Optional<Sensor> sensor = standing.state().vehicle().sensorAt(position);
        return new SensorLine(
                position.code(),
                standing.state().vehicle().layout().nameOf(position),
                sensor.map(Sensor::code).orElse(null),
                sensor.map(Sensor::mount).orElse(null),
                sensor.map(one -> one.mount().words()).orElse(null),
                sensor.flatMap(Sensor::fittedOn).orElse(null),
                sensor.flatMap(Sensor::fittedOn)
                        .map(fitted -> TireClocks.batteryMayEndFrom(fitted, standing.policyAt(position)))
                        .orElse(null),
                clock(standing, position).map(TireClocks.Clock::date).orElse(null),
                standing.judgements().get(position).reasons().stream()
                        .filter(judged -> judged.reason().rule() == Rule.SENSOR_BATTERY)
                        .findFirst()
                        .map(judged -> judged.verdict())
                        .orElse(null));
    }

    @PutMapping("/api/vehicles/{id}/sensors/{position}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Transactional
    public void put(@PathVariable long id, @PathVariable String position, @RequestBody PutSensor typed) {
        changes.only(id);
        Standing standing = fleet.get(id);
        Position at = standing.position(position);
        String before =
                standing.state().vehicle().sensorAt(at).map(Sensor::code).orElse("");
        if (!before.equals(typed.before() == null ? "" : typed.before())) {
            throw ProblemException.conflict("Somebody else changed the sensor on record at " + at.code()
                    + " meanwhile: " + (before.isEmpty() ? "none now" : "it is " + before + " now")
                    + ". Look at it again.");
        }
        Entries wrong = new Entries();
        String note = wrong.text("note", typed.note(), 200);
        LocalDate today = standing.today();
        if (typed.code() == null || typed.code().isBlank()) {
            wrong.unless(!before.isEmpty(), "code", "Enter the ID printed on the sensor.");
            wrong.refuseIfWrong();
            sensors.takeOff(standing.placeId(at), clock.instant(), people.me(), note, null);
            return;
        }
        Optional<String> code = wrong.required("code", typed.code(), Sensor::readCode);
        wrong.unless(typed.mount() != null, "mount", "Where does it sit?");
        wrong.unless(
                typed.fitted() == null || !typed.fitted().isAfter(today),
                "fitted",
                "This day lies ahead. Check the date.");
        wrong.unless(
                typed.fitted() == null || typed.fitted().isAfter(today.minusYears(30)),
                "fitted",
                "More than 30 years ago. Check the year.");
        wrong.refuseIfWrong();
        sensors.put(
                standing.placeId(at),
                new Sensor(code.orElseThrow(), typed.mount(), Optional.ofNullable(typed.fitted())),
                clock.instant(),
                people.me(),
                note,
                null);
    }
}
