package rotagens.server.pressure;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.fact.Reading;
import rotagens.core.inspection.LossStatement;
import rotagens.core.inspection.TireState;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Units;
import rotagens.core.pressure.AxlePressure;
import rotagens.core.pressure.NextCheck;
import rotagens.core.pressure.PressureLoss;
import rotagens.core.pressure.TemperatureCorrection;
import rotagens.core.vehicle.Position;
import rotagens.server.fleet.FleetCache;
import rotagens.server.fleet.VehicleAssessment;
import rotagens.server.inspection.Readings;
import rotagens.server.pressure.LoadPressureViews.LossPoint;
import rotagens.server.pressure.LoadPressureViews.PressureLossView;

/** How each tire of a vehicle loses air, and when it has to be checked next. */
@Service
class PressureLossPages {

    private final FleetCache fleet;
    private final Readings readings;

    PressureLossPages(FleetCache fleet, Readings readings) {
        this.fleet = fleet;
        this.readings = readings;
    }

    // ---- loss

    @Transactional(readOnly = true)
    List<PressureLossView> loss(long vehicleId, Units units) {
        VehicleAssessment vehicleAssessment = fleet.get(vehicleId);
        Map<Long, String> gas = readings.gas(vehicleId);
        return vehicleAssessment.fitted().keySet().stream()
                .sorted(java.util.Comparator.comparingInt(
                        vehicleAssessment.layout().walkAroundOrder()::indexOf))
                .map(position -> loss(vehicleAssessment, position, gas, units))
                .toList();
    }

    private static PressureLossView loss(
            VehicleAssessment vehicleAssessment, Position position, Map<Long, String> gas, Units units) {
        TireState state = vehicleAssessment.state().at(position);
        LossStatement lossStatement = LossStatement.of(state);
        Optional<Pressure> target = vehicleAssessment
                .target(position, state.tire().orElseThrow().model())
                .pressure();
        Optional<Double> need = vehicleAssessment.pressures().at(position).flatMap(AxlePressure::minimumForLoadPsi);
        int interval = vehicleAssessment
                .policyAt(position)
                .days(vehicleAssessment.pressures().checkIntervalDays());
        Optional<NextCheck> next = state.lastCold()
                .map(read -> NextCheck.of(
                        read.pressure().orElseThrow().psi(),
                        read.on(),
                        need,
                        state.loss().expected(),
                        interval));
        List<PressureLoss.ColdReading> since = PressureLoss.sinceFill(state.coldPoints());
        return new PressureLossView(
                position.code(),
                vehicleAssessment.layout().nameOf(position),
                state.loss()
                        .worst()
                        .map(PressureLoss::rate)
                        .map(words -> words.in(units))
                        .orElse(null),
                lossStatement.kind(),
                lossStatement.statement().in(units),
                next.flatMap(NextCheck::reachesMinimum)
                        .filter(day -> day.isBefore(vehicleAssessment.today().plusYears(5)))
                        .orElse(null),
                next.map(NextCheck::due).orElse(null),
                target.map(Pressure::psi).orElse(null),
                need.orElse(null),
                LoadPressurePages.in(target, units),
                need.map(psi -> LoadPressurePages.tenth(psi).format(units)).orElse(null),
                gas.get(state.tire().orElseThrow().id()),
                state.readings().stream()
                        .filter(reading -> reading.pressure().isPresent())
                        .map(reading -> point(reading, since, units))
                        .toList());
    }

    private static LossPoint point(Reading reading, List<PressureLoss.ColdReading> since, Units units) {
        LocalDate from = since.isEmpty() ? LocalDate.MAX : since.get(0).on();
        Optional<rotagens.core.measure.Temperature> first =
                since.isEmpty() ? Optional.empty() : since.get(0).at();
        Double corrected = reading.hasColdPressure()
                        && !reading.on().isBefore(from)
                        && first.isPresent()
                        && reading.temperature().isPresent()
                ? TemperatureCorrection.psiAt(
                        reading.pressure().orElseThrow().psi(),
                        reading.temperature().get(),
                        first.get())
                : null;
        return new LossPoint(
                reading.on(),
                reading.pressure().orElseThrow().psi(),
                reading.pressure().get().format(units),
                corrected,
                reading.temperature().map(air -> air.format(units)).orElse(null),
                reading.isInflation(),
                reading.hasColdPressure());
    }
}
