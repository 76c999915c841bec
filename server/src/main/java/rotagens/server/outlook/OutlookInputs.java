package rotagens.server.outlook;

import java.time.LocalDate;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import rotagens.core.inspection.LimitDates;
import rotagens.core.inspection.SensorBattery;
import rotagens.core.inspection.TireState;
import rotagens.core.inspection.TreadLimits;
import rotagens.core.measure.InvalidInputException;
import rotagens.core.measure.Money;
import rotagens.core.measure.TreadDepth;
import rotagens.core.outlook.OutlookPolicy;
import rotagens.core.outlook.OutlookVehicle;
import rotagens.core.outlook.OutlookVehicle.InstalledTire;
import rotagens.core.policy.Policy;
import rotagens.core.policy.PolicyNumber;
import rotagens.core.rotation.LaborCosts;
import rotagens.core.tire.DotCode;
import rotagens.core.vehicle.Position;
import rotagens.core.wear.WearRate;
import rotagens.server.fleet.VehicleAssessment;
import rotagens.server.purchasing.Purchasing;
import rotagens.server.tire.TireCatalog;
import rotagens.server.tire.TireStore;

/** Puts together what the years ahead depend on, from the records and the policy, or from a policy only tried. */
@Component
class OutlookInputs {

    private static final double USUAL_DEPTH = 14;
    private static final double USUAL_SPREAD = 0.3;
    private static final double MOST_SPREAD = 0.8;
    private static final int ENOUGH_DELIVERIES = 3;
    private static final int DELIVERIES_LOOKED_AT = 200;

    /** Numbers tried instead of the policy's; empty ones stay. */
    record WhatIf(
            @Nullable Double overallYears,
            @Nullable Double steerYears,
            @Nullable Double pull,
            @Nullable Integer visitMonths,
            @Nullable Double growthPercent) {

        static final WhatIf NOTHING = new WhatIf(null, null, null, null, null);
    }

    /** @param unpriced positions whose tire has no price in the catalogue */
    record Gathered(List<OutlookVehicle> vehicles, int unpriced, int wearUnknown) {}

    private final Purchasing purchasing;
    private final TireCatalog tireCatalog;

    OutlookInputs(Purchasing purchasing, TireCatalog tireCatalog) {
        this.purchasing = purchasing;
        this.tireCatalog = tireCatalog;
    }

    Gathered of(List<VehicleAssessment> vehicleAssessments, WhatIf whatIf) {
        OptionalDouble delivered = deliveredMonths();
        Map<Long, Optional<Money>> prices = new HashMap<>();
        List<OutlookVehicle> vehicles = new ArrayList<>();
        int unpriced = 0;
        int wearUnknown = 0;
        for (VehicleAssessment vehicleAssessment : vehicleAssessments) {
            Policy.ClassPolicy policy = vehicleAssessment.policy().of(vehicleAssessment.vehicleClass());
            List<InstalledTire> installedTires = new ArrayList<>();
            for (Map.Entry<Position, TireStore.InstalledTire> one :
                    vehicleAssessment.fitted().entrySet()) {
                Optional<Money> price = prices.computeIfAbsent(
                        one.getValue().modelId(),
                        id -> tireCatalog.get(id).details().price());
                unpriced += price.isEmpty() ? 1 : 0;
                InstalledTire installedTire = spot(vehicleAssessment, one.getKey(), one.getValue(), price, whatIf);
                wearUnknown += installedTire.perDay() == 0 && one.getKey() instanceof Position.OnAxle ? 1 : 0;
                installedTires.add(installedTire);
            }
            LaborCosts laborCosts = LaborCosts.on(vehicleAssessment.vehicle(), vehicleAssessment.policy());
            vehicles.add(new OutlookVehicle(
                    vehicleAssessment.id(),
                    vehicleAssessment.unit(),
                    vehicleAssessment.vehicleClass(),
                    vehicleAssessment.yard(),
                    installedTires,
                    laborCosts.liftMinutes(),
                    laborCosts.mountMinutes(),
                    new OutlookPolicy(
                            or(whatIf.overallYears(), policy.number(PolicyNumber.OVERALL_AGE)),
                            or(whatIf.steerYears(), policy.number(PolicyNumber.STEER_AGE)),
                            whatIf.visitMonths() == null
                                    ? policy.days(PolicyNumber.NEXT_VISIT_MONTHS)
                                    : whatIf.visitMonths(),
                            delivered.orElse(policy.number(PolicyNumber.NEW_TIRE_MONTHS)),
                            or(whatIf.growthPercent(), policy.number(PolicyNumber.PRICE_GROWTH)) / 100,
                            policy.number(PolicyNumber.EARLY_FAILURE_RATE) / 100,
                            policy.number(PolicyNumber.SENSOR_LIMIT),
                            Math.round(policy.number(PolicyNumber.SENSOR_PRICE) * 100),
                            Math.round(policy.number(PolicyNumber.LABOR_RATE) * 100))));
        }
        return new Gathered(vehicles, unpriced, wearUnknown);
    }

    private static double or(@Nullable Double tried, double policy) {
        return tried == null ? policy : tried;
    }

    private static InstalledTire spot(
            VehicleAssessment vehicleAssessment,
            Position position,
            TireStore.InstalledTire installedTire,
            Optional<Money> price,
            WhatIf whatIf) {
        var vehicle = vehicleAssessment.vehicle();
        TireState state = vehicleAssessment.state().at(position);
        LocalDate today = vehicleAssessment.today();
        Policy.ClassPolicy policy = vehicleAssessment.policyAt(position);
        double milesPerDay =
                position instanceof Position.OnAxle ? vehicle.milesPerDay().orElse(0) : 0;
        Optional<WearRate> rate = state.wearRate();
        double perDay = rate.map(WearRate::perMile).orElse(0.0) * milesPerDay;
        double spread = rate.map(one -> Math.min(MOST_SPREAD, one.plusMinus() / one.perMile()))
                .orElse(USUAL_SPREAD);
        Optional<Double> depth = state.tread()
                .flatMap(dated -> dated.value()
                        .lowest()
                        .map(lowest -> lowest.thirtySeconds()
                                - perDay * Math.max(0, ChronoUnit.DAYS.between(dated.on(), today))));
        double pull = whatIf.pull() == null
                ? TreadLimits.at(vehicle, position, policy).pull().thirtySeconds()
                : Math.max(
                        whatIf.pull(),
                        TreadLimits.at(vehicle, position, policy).legal().thirtySeconds());
        return new InstalledTire(
                position,
                installedTire.tire().model().size().molded(),
                installedTire.tire().dotWeek().map(made -> made.weekStart()),
                depth,
                installedTire
                        .tire()
                        .model()
                        .originalDepth()
                        .map(TreadDepth::thirtySeconds)
                        .orElse(USUAL_DEPTH),
                perDay,
                spread,
                pull,
                LimitDates.hasSteerLimit(vehicle, position),
                SensorBattery.overdue(vehicle, position, policy, today).map(LimitDates.LimitDate::date),
                price.map(Money::cents).orElse(0L));
    }

    /** How old tires really were when they came, from the deliveries on record; empty while there are too few. */
    private OptionalDouble deliveredMonths() {
        List<Double> months = new ArrayList<>();
        purchasing.lastArrived(DELIVERIES_LOOKED_AT).forEach(one -> {
            LocalDate came = one.at().atZone(ZoneOffset.UTC).toLocalDate();
            try {
                months.add(ChronoUnit.DAYS.between(
                                DotCode.parse(one.code(), came).date().weekStart(), came)
                        / 30.4375);
            } catch (InvalidInputException unreadable) {
                // Kept as it was typed then; it just doesn't count here.
            }
        });
        return months.size() < ENOUGH_DELIVERIES
                ? OptionalDouble.empty()
                : months.stream().mapToDouble(Double::doubleValue).average();
    }
}
