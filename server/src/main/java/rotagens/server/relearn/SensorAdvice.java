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
import rotagens.core.fact.ThermalState;
import rotagens.core.inspection.LimitDates;
import rotagens.core.inspection.SensorBattery;
import rotagens.core.inspection.VehicleEvents.Symptom;
import rotagens.core.measure.Money;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Rule;
import rotagens.core.measure.Units;
import rotagens.core.policy.Policy;
import rotagens.core.policy.PolicyNumber;
import rotagens.core.rotation.LaborCosts;
import rotagens.core.sensor.SensorReplacementOptions;
import rotagens.core.sensor.WarningLampReport;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Sensor;
import rotagens.server.fleet.FleetCache;
import rotagens.server.fleet.VehicleAssessment;
import rotagens.server.fleet.VehiclePositions;
import rotagens.server.relearn.RelearnViews.SensorReplacementOptionsView;
import rotagens.server.relearn.RelearnViews.WarningLampComparison;
import rotagens.server.vehicleevent.VehicleEventStore;

/** What the records say about a vehicle's sensors beside a relearn: a dead one, a lamp the gauge doesn't bear out. */
@Service
class SensorAdvice {

    private final FleetCache fleet;
    private final VehicleEventStore history;

    SensorAdvice(FleetCache fleet, VehicleEventStore history) {
        this.fleet = fleet;
        this.history = history;
    }

    @Transactional(readOnly = true)
    List<WarningLampComparison> lamps(long vehicleId, Units units) {
        VehicleAssessment vehicleAssessment = fleet.get(vehicleId);
        List<WarningLampComparison> found = new ArrayList<>();
        for (VehicleEventStore.Reported report : history.reports(vehicleId)) {
            LocalDate on = LocalDate.ofInstant(report.at(), ZoneId.of("UTC"));
            if (report.symptom() != Symptom.WARNING_LAMP
                    || report.state() == VehicleEventStore.State.DISMISSED
                    || report.corner().isEmpty()
                    || !WarningLampReport.counts(on, vehicleAssessment.today())) {
                continue;
            }
            Map<Position, Pressure> gauge = new HashMap<>();
            Map<Position, Pressure> targets = new HashMap<>();
            vehicleAssessment.fitted().forEach((position, installedTire) -> {
                vehicleAssessment
                        .state()
                        .at(position)
                        .lastPressure()
                        .filter(reading -> reading.thermalState() == ThermalState.COLD
                                && !reading.on().isBefore(on))
                        .flatMap(Reading::pressure)
                        .ifPresent(pressure -> gauge.put(position, pressure));
                vehicleAssessment
                        .target(position, installedTire.tire().model())
                        .pressure()
                        .ifPresent(target -> targets.put(position, target));
            });
            named(report.corner())
                    .flatMap(corner -> WarningLampReport.violations(corner, gauge, targets))
                    .ifPresent(says -> found.add(new WarningLampComparison(on, report.corner(), says.in(units))));
        }
        return found;
    }

    private static Optional<Position> named(String corner) {
        return Position.CODE.matcher(corner).matches() ? Optional.of(Position.parse(corner)) : Optional.empty();
    }

    @Transactional(readOnly = true)
    SensorReplacementOptionsView oneOrAll(long vehicleId, String dead) {
        VehicleAssessment vehicleAssessment = fleet.get(vehicleId);
        Position position = VehiclePositions.of(vehicleAssessment, dead);
        Policy.ClassPolicy policy = vehicleAssessment.policy().of(vehicleAssessment.vehicleClass());
        List<SensorReplacementOptions.SensorStatus> sensors = vehicleAssessment.layout().positions().stream()
                .filter(at -> at.equals(position)
                        || vehicleAssessment
                                .vehicle()
                                .sensorAt(at)
                                .filter(sensor -> sensor.location() == Sensor.Location.INSIDE)
                                .isPresent())
                .map(at -> new SensorReplacementOptions.SensorStatus(
                        at.code(),
                        at.equals(position),
                        vehicleAssessment
                                .vehicle()
                                .sensorAt(at)
                                .flatMap(Sensor::installedOn)
                                .map(on -> SensorBattery.mayEndFrom(on, vehicleAssessment.policyAt(at))),
                        tireDue(vehicleAssessment, at)))
                .toList();
        LaborCosts laborCosts = LaborCosts.on(vehicleAssessment.vehicle(), vehicleAssessment.policy());
        SensorReplacementOptions found = SensorReplacementOptions.of(
                sensors,
                new SensorReplacementOptions.Costs(
                        new Money(Math.round(policy.number(PolicyNumber.SENSOR_PRICE) * 100)),
                        laborCosts.liftMinutes() + laborCosts.mountMinutes(),
                        (int) policy.number(PolicyNumber.RELEARN_MINUTES),
                        laborCosts.dollarsAnHour()),
                vehicleAssessment.today());
        return new SensorReplacementOptionsView(
                position.code(),
                sensors.stream()
                        .map(SensorReplacementOptions.SensorStatus::position)
                        .toList(),
                found.isAllCheaper(),
                found.oneNow().label(),
                found.oneInAll().label(),
                found.all().label(),
                found.lines().stream().map(line -> line.in(Units.US)).toList(),
                found.cheaper().in(Units.US),
                found.safer().in(Units.US));
    }

    /** The day a tire comes off anyway: the earliest of its own clocks, its sensor's aside. */
    private static Optional<LocalDate> tireDue(VehicleAssessment vehicleAssessment, Position position) {
        return LimitDates.of(
                        vehicleAssessment.state(),
                        vehicleAssessment.state().at(position),
                        vehicleAssessment.policyAt(position),
                        vehicleAssessment.today())
                .stream()
                .filter(limitDate -> limitDate.rule() != Rule.SENSOR_BATTERY)
                .map(LimitDates.LimitDate::date)
                .findFirst();
    }
}
