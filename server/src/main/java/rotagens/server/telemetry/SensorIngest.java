package rotagens.server.telemetry;

import static rotagens.server.telemetry.TelemetryWords.WORDS;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.alert.AlertKind;
import rotagens.core.alert.TireAlerts;
import rotagens.core.fact.Finding;
import rotagens.core.fact.InForce;
import rotagens.core.fact.TireFact;
import rotagens.core.measure.Message;
import rotagens.core.sensor.SensorStream;
import rotagens.core.sensor.SensorStream.Sample;
import rotagens.core.vehicle.Position;
import rotagens.core.wear.GrooveDepths;
import rotagens.server.cache.ChangeTracker;
import rotagens.server.facts.FactLog;
import rotagens.server.facts.FactLog.Observation;
import rotagens.server.fleet.FleetAssessor;
import rotagens.server.fleet.FleetCache;
import rotagens.server.inspection.ReadingLog;
import rotagens.server.inspection.Readings;
import rotagens.server.jobsheet.SheetsUnderWay;
import rotagens.server.people.People;
import rotagens.server.telemetry.IngestViews.SensorAlarmType;
import rotagens.server.telemetry.SensorPlaces.Place;
import rotagens.server.tire.TireStore;
import rotagens.server.tire.TireStore.InstalledTire;
import rotagens.server.vehicle.SensorStore;
import rotagens.server.vehicleevent.VehicleEventStore;
import rotagens.server.web.ProblemException;

/**
 * Takes a sensor's sample by the same door as a gauge's reading. What a sample opens, suspected leak, hot and low, a sensor gone
 * silent, is open and told in the same transaction: no alarm waits for another look.
 */
@Service
class SensorIngest {

    private static final Duration LOOKED_BACK = Duration.ofHours(4);
    private static final Duration MOST_AHEAD = Duration.ofMinutes(5);
    private static final Duration OLDEST = Duration.ofDays(30);

    private final SensorSampleStore samples;
    private final SensorStore sensors;
    private final TireStore tires;
    private final FactLog log;
    private final FleetCache fleet;
    private final FleetAssessor fleetAssessor;
    private final VehicleEventStore events;
    private final ReadingLog readings;
    private final SheetsUnderWay sheets;
    private final FleetNotices notices;
    private final ChangeTracker changeTracker;
    private final People people;
    private final Clock clock;

    SensorIngest(
            SensorSampleStore samples,
            SensorStore sensors,
            TireStore tires,
            FactLog log,
            FleetCache fleet,
            FleetAssessor fleetAssessor,
            VehicleEventStore events,
            ReadingLog readings,
            SheetsUnderWay sheets,
            FleetNotices notices,
            ChangeTracker changeTracker,
            People people,
            Clock clock) {
        this.samples = samples;
        this.sensors = sensors;
        this.tires = tires;
        this.log = log;
        this.fleet = fleet;
        this.fleetAssessor = fleetAssessor;
        this.events = events;
        this.readings = readings;
        this.sheets = sheets;
        this.notices = notices;
        this.changeTracker = changeTracker;
        this.people = people;
        this.clock = clock;
    }

    /**
     * Takes one sample.
     *
     * @return false where this very sample came before
     * @throws ProblemException where no tire is on file there, or the time can’t be
     */
    @Transactional
    public boolean take(Place place, Sample sample) {
        refuseWrongTime(sample.at());
        if (samples.has(place.placeId(), sample.at())) {
            changeTracker.draftsOnly();
            return false;
        }
        InstalledTire tire = tireAt(place);
        if (SensorStream.isWorkedOn(sheets.lastStepOfOpen(place.vehicle().id(), sample.at()), sample)) {
            changeTracker.draftsOnly();
            samples.add(place.placeId(), sample, false);
            return true;
        }
        TireAlerts before = alertsAt(place);
        Optional<Message> fast = isKnownLeak(before) ? Optional.empty() : fastLoss(place, tire, sample);
        Readings.Values values = values(sample);
        LocalDate day = LocalDate.ofInstant(sample.at(), clock.getZone());
        TireAlerts after = before.after(new TireFact.Read(values.asReading(day).with(inForce(place, day))));
        boolean isNoticed = fast.isPresent()
                || !after.openedSince(before).isEmpty()
                || !after.clearedSince(before).isEmpty();
        Optional<Sample> lastKept =
                samples.lastKept(place.placeId()).filter(last -> !last.at().isBefore(tire.at()));
        boolean isKept = SensorStream.isKept(lastKept, sample, isNoticed);
        samples.add(place.placeId(), sample, isKept);
        if (!isKept) {
            changeTracker.draftsOnly();
            return true;
        }
        changeTracker.only(place.vehicle().id());
        Observation read = Observation.read(
                new Readings.Entry(tire.tire().id(), place.placeId(), sample.at(), people.me(), null, null), values);
        log.record(fast.isEmpty() ? read : read.with(List.of(new Readings.Found(Finding.FAST_LOSS, Optional.empty()))));
        tell(place, sample, fast, before);
        return true;
    }

    /** What is open now that wasn't, as the ledger has it: a sample that comes late may open nothing any more. */
    private void tell(Place place, Sample sample, Optional<Message> fast, TireAlerts before) {
        fast.ifPresent(said -> notices.opened(place, AlertKind.SUSPECTED_LEAK.label(), said, sample.at()));
        alertsAt(place).openedSince(before).stream()
                .filter(alert -> fast.isEmpty() || alert.kind() != AlertKind.SUSPECTED_LEAK)
                .forEach(alert -> notices.opened(place, alert.kind().label(), alert.statement(), sample.at()));
    }

    private InstalledTire tireAt(Place place) {
        return Optional.ofNullable(tires.fitted(place.vehicle().id()).get(place.placeId()))
                .orElseThrow(() -> ProblemException.field("position", WORDS.say("noTireIsOnFile")));
    }

    private TireAlerts alertsAt(Place place) {
        return fleet.get(place.vehicle().id()).state().at(place.position()).alerts();
    }

    /** Air that goes by itself: counted from when this tire came there, was last filled, or the vehicle was worked on. */
    private Optional<Message> fastLoss(Place place, InstalledTire tire, Sample sample) {
        List<Sample> lately = samples.since(place.placeId(), sample.at().minus(LOOKED_BACK));
        if (SensorStream.fastLoss(lately, sample, tire.at()).isEmpty()) {
            return Optional.empty();
        }
        Instant from = Stream.of(
                        Optional.of(tire.at()),
                        sheets.lastStep(place.vehicle().id(), sample.at()),
                        readings.ofTire(tire.tire().id()).stream()
                                .filter(fact -> !fact.isVoided())
                                .filter(fact -> fact.values()
                                        .filter(Readings.Values::filled)
                                        .isPresent())
                                .map(ReadingLog.Fact::at)
                                .max(Comparator.naturalOrder()))
                .flatMap(Optional::stream)
                .max(Comparator.naturalOrder())
                .orElseThrow();
        return SensorStream.fastLoss(lately, sample, from);
    }

    private static boolean isKnownLeak(TireAlerts alerts) {
        return alerts.open().stream()
                .filter(alert -> alert.kind() == AlertKind.LEAK || alert.kind() == AlertKind.SUSPECTED_LEAK)
                .anyMatch(alert -> alert.repairedOn().isEmpty());
    }

    private InForce inForce(Place place, LocalDate day) {
        return fleetAssessor.inForce(place.vehicle().id(), day).getOrDefault(place.placeId(), InForce.UNKNOWN);
    }

    private void refuseWrongTime(Instant at) {
        Instant now = clock.instant();
        if (at.isAfter(now.plus(MOST_AHEAD)) || at.isBefore(now.minus(OLDEST))) {
            throw ProblemException.field("at", WORDS.say("thisTimeLies"));
        }
    }

    /** The air temperature a rate of loss needs is the tire's own once it is cold; of a hot tire it tells nothing of the air. */
    private static Readings.Values values(Sample sample) {
        boolean isCold = sample.thermalState() == rotagens.core.fact.ThermalState.COLD;
        return new Readings.Values(
                Optional.of(sample.pressure()),
                sample.thermalState(),
                GrooveDepths.UNMEASURED,
                Optional.empty(),
                isCold ? sample.temperature() : Optional.empty(),
                false,
                "",
                Readings.Look.NONE);
    }

    /** After a batch: which sensors of these vehicles were not heard while others were. */
    @Transactional
    public void listen(long vehicleId) {
        var vehicle = fleet.get(vehicleId).onFile();
        Map<Long, Instant> heard = samples.heard(List.copyOf(vehicle.places().values()));
        Optional<Instant> newest = heard.values().stream().max(Instant::compareTo);
        changeTracker.draftsOnly();
        vehicle.places().forEach((position, placeId) -> {
            Instant last = heard.get(placeId);
            if (last == null || newest.isEmpty()) {
                return;
            }
            boolean isSilent = SensorStream.isSilent(last, newest.get());
            if (sensors.setSilent(placeId, isSilent ? Optional.of(last) : Optional.empty())) {
                changeTracker.only(vehicleId);
                if (isSilent) {
                    notices.opened(
                            new Place(vehicle, position, placeId),
                            WORDS.say("silentSensor"),
                            WORDS.message(
                                    "sensorHasBeenSilentSince", "zone", LocalDate.ofInstant(last, clock.getZone())),
                            newest.get());
                }
            }
        });
    }

    /** What a sensor raises by itself: a fast loss opens its alert; the rest comes as a report that asks to gauge every corner. */
    @Transactional
    public void alarm(Place place, SensorAlarmType type, Instant at) {
        refuseWrongTime(at);
        changeTracker.only(place.vehicle().id());
        Position position = place.position();
        if (type == SensorAlarmType.FAST_LOSS) {
            InstalledTire tire = tireAt(place);
            if (!isKnownLeak(alertsAt(place))) {
                log.record(Observation.found(
                        new Readings.Entry(tire.tire().id(), place.placeId(), at, people.me(), null, null),
                        List.of(new Readings.Found(Finding.FAST_LOSS, Optional.empty()))));
            }
        } else {
            events.report(
                    place.vehicle().id(),
                    rotagens.core.inspection.VehicleEvents.Symptom.WARNING_LAMP,
                    position.code(),
                    WORDS.say("sensorAlarm", "type", type.label()),
                    people.named(people.me()),
                    at);
        }
        notices.opened(
                place, WORDS.say("sensorAlarm2"), WORDS.message("sensorRaisedAnAlarm", "type", type.label()), at);
    }
}
