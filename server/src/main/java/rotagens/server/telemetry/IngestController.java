package rotagens.server.telemetry;

import static rotagens.server.telemetry.TelemetryWords.WORDS;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import rotagens.core.measure.InvalidInputException;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Temperature;
import rotagens.core.sensor.SensorStream.Sample;
import rotagens.server.people.People;
import rotagens.server.people.PeopleByName;
import rotagens.server.telemetry.IngestViews.IngestView;
import rotagens.server.telemetry.IngestViews.OdometerBatchRequest;
import rotagens.server.telemetry.IngestViews.PressureBatchRequest;
import rotagens.server.telemetry.IngestViews.PressureRow;
import rotagens.server.telemetry.IngestViews.RowFault;
import rotagens.server.telemetry.IngestViews.SensorAlarmBatchRequest;
import rotagens.server.telemetry.SensorPlaces.Place;
import rotagens.server.web.EventStreams;
import rotagens.server.web.ProblemException;

/**
 * What machines send, in batches: each row by itself, good rows on record though others are faulty, and a row that came before
 * adds nothing.
 */
@RestController
class IngestController {

    private static final int MOST_ROWS = 500;

    private final SensorIngest sensors;
    private final SensorPlaces places;
    private final OdometerIngest odometers;
    private final EventStreams streams;
    private final People people;
    private final PeopleByName byName;

    IngestController(
            SensorIngest sensors,
            SensorPlaces places,
            OdometerIngest odometers,
            EventStreams streams,
            People people,
            PeopleByName byName) {
        this.sensors = sensors;
        this.places = places;
        this.odometers = odometers;
        this.streams = streams;
        this.people = people;
        this.byName = byName;
    }

    /** Odometer readings of a telematics system. */
    @PostMapping("/api/ingest/odometers")
    IngestView ingestOdometers(@RequestBody OdometerBatchRequest batch) {
        return each(batch.rows(), row -> odometers.take(row));
    }

    /** Pressures of sensors, with their temperatures. */
    @PostMapping("/api/ingest/pressures")
    IngestView ingestPressures(@RequestBody PressureBatchRequest batch) {
        Set<Long> heard = new TreeSet<>();
        IngestView taken = each(batch.rows(), row -> {
            Place place = places.find(row.sensorId(), row.unit(), row.position());
            heard.add(place.vehicle().id());
            return sensors.take(place, sample(row));
        });
        heard.forEach(sensors::listen);
        return taken;
    }

    /** Alarms that sensors raise by themselves. */
    @PostMapping("/api/ingest/sensor-alarms")
    IngestView ingestSensorAlarms(@RequestBody SensorAlarmBatchRequest batch) {
        return each(batch.rows(), row -> {
            Place place = places.find(row.sensorId(), row.unit(), row.position());
            if (row.type() == null) {
                throw ProblemException.field("type", WORDS.say("sayWhichAlarm"));
            }
            sensors.alarm(place, row.type(), at(row.at()));
            return true;
        });
    }

    /** Tells an open page what is noticed anywhere in the fleet. */
    @GetMapping(value = "/api/events", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter watchFleet() {
        return streams.open(FleetNotices.TOPIC, "person " + people.me(), "watching", "");
    }

    /** A figure read by a gauge, for the page its holder has paired. */
    record GaugeReadingRequest(
            @Nullable String person, @Nullable String figure) {}

    /** Puts a gauge’s or analyzer’s figure into the field with focus on the page its holder has paired. */
    @PostMapping("/api/ingest/gauge-readings")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void ingestGaugeReading(@RequestBody GaugeReadingRequest read) {
        long personId = byName.idOf(read.person() == null ? "" : read.person())
                .orElseThrow(() -> ProblemException.field("person", WORDS.say("nobodyOnFileHas")));
        String figure = read.figure() == null ? "" : read.figure().strip();
        if (figure.isEmpty() || figure.length() > 20) {
            throw ProblemException.field("figure", WORDS.say("sendTheFigure2"));
        }
        if (!streams.tell("gauge of " + personId, "reading", figure)) {
            throw ProblemException.conflict(WORDS.say("noPageOfThisPerson"));
        }
    }

    private static Instant at(@Nullable Instant said) {
        return Optional.ofNullable(said)
                .orElseThrow(() -> ProblemException.field("at", WORDS.say("sayWhenForExample2026")));
    }

    private static Sample sample(PressureRow row) {
        String temperature = row.temperature() == null ? "" : row.temperature();
        return new Sample(
                at(row.at()),
                pressure(row.pressure() == null ? "" : row.pressure()),
                temperature.isBlank()
                        ? Optional.empty()
                        : Optional.of(Temperature.parse(unitsNamed("temperature", temperature), Temperature.Unit.F)),
                Optional.ofNullable(row.parkedSince()));
    }

    private static Pressure pressure(String text) {
        try {
            return Pressure.parse(unitsNamed("pressure", text), Pressure.Unit.PSI);
        } catch (InvalidInputException e) {
            throw ProblemException.field("pressure", e.getMessage());
        }
    }

    /** A machine's figure without a unit may be any: 7 is bar here and psi there. */
    private static String unitsNamed(String field, String text) {
        if (text.strip().matches("[-+0-9.,\\s]*")) {
            throw ProblemException.field(field, WORDS.say("sendTheFigure3"));
        }
        return text;
    }

    private static <T> IngestView each(@Nullable List<T> rows, Function<T, Boolean> take) {
        if (rows == null || rows.isEmpty() || rows.size() > MOST_ROWS) {
            throw ProblemException.field("rows", WORDS.say("send1ToRows", "mostRows", MOST_ROWS));
        }
        int taken = 0;
        int same = 0;
        List<RowFault> faults = new ArrayList<>();
        for (int at = 0; at < rows.size(); at++) {
            int number = at;
            try {
                if (take.apply(rows.get(at))) {
                    taken++;
                } else {
                    same++;
                }
            } catch (ProblemException e) {
                e.problem()
                        .getFields()
                        .forEach(wrong -> faults.add(new RowFault(number, wrong.field(), wrong.message())));
                if (e.problem().getFields().isEmpty()) {
                    if (e.problem().getStatus() == HttpStatus.SERVICE_UNAVAILABLE.value()) {
                        throw e;
                    }
                    faults.add(new RowFault(number, "", e.problem().getDetail()));
                }
            } catch (InvalidInputException e) {
                faults.add(new RowFault(number, "", e.getMessage()));
            }
        }
        return new IngestView(taken, same, faults);
    }
}
