package rotagens.server.relearn;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.fact.Reading;
import rotagens.core.fact.Warmth;
import rotagens.core.inspection.TireClocks;
import rotagens.core.inspection.VehicleEvents.Symptom;
import rotagens.core.measure.Money;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Rule;
import rotagens.core.measure.Units;
import rotagens.core.policy.Policy;
import rotagens.core.policy.PolicyNumber;
import rotagens.core.rotation.Labor;
import rotagens.core.sensor.LampReport;
import rotagens.core.sensor.OneOrAll;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Sensor;
import rotagens.server.events.VehicleHistory;
import rotagens.server.fleet.Fleet;
import rotagens.server.fleet.Fleet.Standing;
import rotagens.server.relearn.RelearnViews.LampAgainstGauge;
import rotagens.server.relearn.RelearnViews.OneOrAllView;

/** What the records say about a vehicle's sensors beside a relearn: a dead one, a lamp the gauge doesn't bear out. */
@Service
class SensorAdvice {

    private final Fleet fleet;
    private final VehicleHistory history;

    SensorAdvice(Fleet fleet, VehicleHistory history) {
        this.fleet = fleet;
        this.history = history;
    }

    @Transactional(readOnly = true)
    List<LampAgainstGauge> lamps(long vehicleId, Units units) {
        Standing standing = fleet.get(vehicleId);
        List<LampAgainstGauge> found = new ArrayList<>();
        for (VehicleHistory.Reported report : history.reports(vehicleId)) {
            LocalDate on = LocalDate.ofInstant(report.at(), ZoneId.of("UTC"));
            if (report.symptom() != Symptom.LAMP
                    || report.state() == VehicleHistory.State.DISMISSED
                    || report.corner().isEmpty()
                    || !LampReport.counts(on, standing.today())) {
                continue;
            }
            Map<Position, Pressure> gauge = new HashMap<>();
            Map<Position, Pressure> targets = new HashMap<>();
            standing.fitted().forEach((position, fitted) -> {
                standing.state()
                        .at(position)
                        .lastPressure()
                        .filter(reading ->
                                reading.warmth() == Warmth.COLD && !reading.on().isBefore(on))
                        .flatMap(Reading::pressure)
                        .ifPresent(pressure -> gauge.put(position, pressure));
                standing.target(position, fitted.tire().model())
                        .pressure()
                        .ifPresent(target -> targets.put(position, target));
            });
            named(report.corner())
                    .flatMap(corner -> LampReport.against(corner, gauge, targets))
                    .ifPresent(says -> found.add(new LampAgainstGauge(on, report.corner(), says.in(units))));
        }
        return found;
    }

    private static Optional<Position> named(String corner) {
        return Position.CODE.matcher(corner).matches() ? Optional.of(Position.parse(corner)) : Optional.empty();
    }

    @Transactional(readOnly = true)
    OneOrAllView oneOrAll(long vehicleId, String dead) {
        Standing standing = fleet.get(vehicleId);
        Position position = standing.position(dead);
        Policy.ForClass policy = standing.policy().of(standing.onFile().facts().vehicleClass());
        List<OneOrAll.One> sensors = standing.onFile().facts().layout().positions().stream()
                .filter(at -> at.equals(position)
                        || standing.onFile()
                                .facts()
                                .sensorAt(at)
                                .filter(sensor -> sensor.mount() == Sensor.Mount.INSIDE)
                                .isPresent())
                .map(at -> new OneOrAll.One(
                        at.code(),
                        at.equals(position),
                        standing.onFile()
                                .facts()
                                .sensorAt(at)
                                .flatMap(Sensor::fittedOn)
                                .map(on -> TireClocks.batteryMayEndFrom(on, standing.policyAt(at))),
                        tireDue(standing, at)))
                .toList();
        Labor labor = Labor.on(standing.onFile().facts(), standing.policy());
        OneOrAll found = OneOrAll.of(
                sensors,
                new OneOrAll.Prices(
                        new Money(Math.round(policy.number(PolicyNumber.SENSOR_PRICE) * 100)),
                        labor.liftMinutes() + labor.mountMinutes(),
                        (int) policy.number(PolicyNumber.RELEARN_MINUTES),
                        labor.dollarsAnHour()),
                standing.today());
        return new OneOrAllView(
                position.code(),
                found.oneNow().words(),
                found.oneInAll().words(),
                found.all().words(),
                found.lines().stream().map(line -> line.in(Units.US)).toList(),
                found.cheaper().in(Units.US),
                found.safer().in(Units.US));
    }

    /** The day a tire comes off anyway: the earliest of its own clocks, its sensor's aside. */
    private static Optional<LocalDate> tireDue(Standing standing, Position position) {
        return TireClocks.of(
                        standing.state(), standing.state().at(position), standing.policyAt(position), standing.today())
                .stream()
                .filter(clock -> clock.rule() != Rule.SENSOR_BATTERY)
                .map(TireClocks.Clock::date)
                .findFirst();
    }
}
