package rotagens.server.demo;

import java.time.Clock;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.springframework.boot.autoconfigure.condition.ConditionalOnBooleanProperty;
import org.springframework.stereotype.Component;
import rotagens.core.fact.ThermalState;
import rotagens.core.measure.Distance;
import rotagens.core.measure.Money;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.TreadDepth;
import rotagens.core.planning.WorkType;
import rotagens.core.tire.DotWeek;
import rotagens.core.tire.TireModel;
import rotagens.core.vehicle.Position;
import rotagens.core.wear.GrooveDepths;
import rotagens.server.demo.DemoFleet.Kind;
import rotagens.server.facts.FactLog;
import rotagens.server.inspection.Readings;
import rotagens.server.planning.PastJobs;
import rotagens.server.purchasing.PastOrders;
import rotagens.server.purchasing.PastOrders.PastOrder;
import rotagens.server.tire.TireStore;
import rotagens.server.tire.TireStore.DotKind;
import rotagens.server.tire.TireStore.Line;
import rotagens.server.tire.TireStore.StockLocation;
import rotagens.server.tire.TireStore.StockState;
import rotagens.server.vehicle.OdometerStore;
import rotagens.server.vehicle.VehicleRegister;
import rotagens.server.vehicle.VehicleStore;

/**
 * The two years before the demo's week: jobs done month by month on the vehicles there are, three vehicles sold since with the
 * tires bought for them and why those went, and the larger part of the fleet, with nothing wrong. Only the whole demo has it.
 */
@Component
@ConditionalOnBooleanProperty(name = "rotagens.demo.week", matchIfMissing = true)
class DemoPast {

    private static final int DAYS = 730;
    private static final int SOLD_DAYS_AGO = 16;
    private static final int DAYS_BETWEEN_JOBS = 61;
    private static final int LEAST_DAYS_AGO = 33;

    /** A vehicle that was sold: its tires were run {@code life} days, more or less. */
    private record Sold(String unit, Kind kind, String yard, int life, String supplier) {}

    private static final List<Sold> SOLD = List.of(
            new Sold("LC-90", DemoFleet.COACH, "Eastbank", 310, "Kettlewell Wheel & Rubber"),
            new Sold("SH-90", DemoFleet.SHUTTLE, "Millrace", 230, "Marrow Street Tire Service"),
            new Sold("VN-90", DemoFleet.VAN, "Northgate", 190, "Marrow Street Tire Service"));

    /** Vehicles with nothing wrong: how many of a kind, what their units are called and numbered from. */
    private record Healthy(Kind kind, String letters, int from, int count, String supplier) {}

    private static final List<Healthy> HEALTHY = List.of(
            new Healthy(DemoFleet.VAN, "VN", 6, 12, "Marrow Street Tire Service"),
            new Healthy(DemoFleet.PICKUP, "SP", 6, 9, "Marrow Street Tire Service"),
            new Healthy(DemoFleet.EQUIPMENT_TRAILER, "TR", 4, 3, "Marrow Street Tire Service"));

    /** The days ago they were last walked around, the last of them first. */
    private static final List<Integer> WALKS = List.of(4, 18, 46);

    /** Why tires went, the most frequent most often. */
    private static final List<String> CAUSES = List.of(
            "tread at its limit",
            "tread at its limit",
            "tread at its limit",
            "puncture not repairable",
            "sidewall cracks",
            "tread at its limit",
            "age",
            "puncture not repairable",
            "damage");

    private static final List<PastJobs.Item> SMALL_WORK = List.of(
            new PastJobs.Item(WorkType.SET_PRESSURE, null, "Under its target", "Set cold, cap put on."),
            new PastJobs.Item(WorkType.FIX_DEFECT, null, "Valve cap missing", "Metal cap put on."),
            new PastJobs.Item(WorkType.SET_PRESSURE, null, "Duals apart", "Both set to the target, cold."),
            new PastJobs.Item(WorkType.FIX_DEFECT, null, "Stone in the tread", "Taken out, no hole under it."));

    private final VehicleStore vehicles;
    private final OdometerStore odometerStore;
    private final VehicleRegister register;
    private final TireStore tires;
    private final PastOrders orders;
    private final PastJobs jobs;
    private final FactLog facts;
    private final Clock clock;
    private final Random scatter = new Random(730);
    private final List<FactLog.Observation> seen = new ArrayList<>();
    private int number = 301;

    DemoPast(
            VehicleStore vehicles,
            OdometerStore odometerStore,
            VehicleRegister register,
            TireStore tires,
            PastOrders orders,
            PastJobs jobs,
            FactLog facts,
            Clock clock) {
        this.facts = facts;
        this.vehicles = vehicles;
        this.odometerStore = odometerStore;
        this.register = register;
        this.tires = tires;
        this.orders = orders;
        this.jobs = jobs;
        this.clock = clock;
    }

    /** @param today the vehicles that are on the road today */
    void fill(List<VehicleStore.OnFile> today, Map<TireModel, Long> models, long coordinator, long technician) {
        today.forEach(vehicle -> smallJobs(vehicle, coordinator, technician));
        SOLD.forEach(sold -> life(sold, models.get(sold.kind().tire()), coordinator, technician));
        int yard = 0;
        for (Healthy healthy : HEALTHY) {
            for (int one = 0; one < healthy.count(); one++) {
                fresh(
                        healthy,
                        "%s-%02d".formatted(healthy.letters(), healthy.from() + one),
                        DemoFleet.YARDS.get(yard++ % DemoFleet.YARDS.size()),
                        models.get(healthy.kind().tire()),
                        coordinator,
                        technician);
            }
        }
        facts.record(seen);
    }

    /** A vehicle on a set of tires bought within the year, walked around as it should be and found good. */
    private void fresh(Healthy healthy, String unit, String yard, long modelId, long coordinator, long technician) {
        Kind kind = healthy.kind();
        VehicleStore.OnFile vehicle =
                vehicles.get(register.add(DemoVehicle.entry(kind, unit, yard, Optional.empty(), position -> false)));
        int fitted = 50 + scatter.nextInt(280);
        change(
                vehicle,
                new Sold(unit, kind, yard, 0, healthy.supplier()),
                vehicle.facts().layout().positions(),
                modelId,
                fitted,
                coordinator,
                technician);
        Map<Long, TireStore.InstalledTire> on = tires.fitted(vehicle.id());
        double odometer = 20_000 + scatter.nextInt(40_000);
        List<Integer> walks = new ArrayList<>(WALKS);
        Collections.reverse(walks);
        // Within six weeks none of them loses as much as a gauge shows.
        for (int ago : walks) {
            LocalDate day = LocalDate.now(clock).minusDays(ago);
            Distance miles = Distance.miles(Math.round(odometer - ago * kind.milesPerDay()));
            odometerStore.read(vehicle.id(), miles, at(day), technician, "odometer", Optional.empty());
            vehicle.places()
                    .forEach((position, place) -> seen.add(
                            look(kind, position, on.get(place), fitted - WALKS.get(0), at(day), technician, miles)));
        }
    }

    private FactLog.Observation look(
            Kind kind,
            Position position,
            TireStore.InstalledTire tire,
            int daysRun,
            Instant at,
            long technician,
            Distance odometer) {
        double worn = position instanceof Position.OnAxle
                ? daysRun * kind.milesPerDay() * kind.thirtySecondsPer10kMiles() / 10_000
                : 0;
        double depth = Math.round(
                kind.tire().originalDepth().map(TreadDepth::thirtySeconds).orElse(12.0) - worn);
        double target = position instanceof Position.OnAxle on
                ? kind.placardPsi().get(on.axle() - 1)
                : kind.placardPsi().stream().mapToInt(Integer::intValue).max().orElseThrow();
        return FactLog.Observation.read(
                new Readings.Entry(tire.tire().id(), tire.placeId(), at, technician, null, null),
                new Readings.Values(
                        Optional.of(Pressure.psi(target)),
                        ThermalState.COLD,
                        GrooveDepths.of32nds(depth, depth, depth),
                        Optional.of(odometer),
                        Optional.empty(),
                        false,
                        "",
                        Readings.Look.NONE));
    }

    private void smallJobs(VehicleStore.OnFile vehicle, long coordinator, long technician) {
        List<Position> positions = vehicle.facts().layout().positions();
        for (int ago = DAYS - scatter.nextInt(DAYS_BETWEEN_JOBS); ago > LEAST_DAYS_AGO; ago -= DAYS_BETWEEN_JOBS) {
            PastJobs.Item work = SMALL_WORK.get(scatter.nextInt(SMALL_WORK.size()));
            long place = vehicle.places().get(positions.get(scatter.nextInt(positions.size())));
            LocalDate day = workday(ago);
            jobs.record(
                    vehicle.id(),
                    day,
                    at(day),
                    coordinator,
                    technician,
                    List.of(new PastJobs.Item(work.workType(), place, work.reason(), work.done())));
        }
    }

    /** Axle by axle, set after set, until the vehicle was sold. */
    private void life(Sold sold, long modelId, long coordinator, long technician) {
        VehicleStore.OnFile vehicle = vehicles.get(register.add(
                DemoVehicle.entry(sold.kind(), sold.unit(), sold.yard(), Optional.empty(), position -> false)));
        for (int axle = 1; axle <= sold.kind().axles().size(); axle++) {
            List<Position> positions = onAxle(vehicle, axle);
            int start = DAYS - scatter.nextInt(sold.life());
            for (int ago = start; ago > SOLD_DAYS_AGO + LEAST_DAYS_AGO; ago -= sold.life() + scatter.nextInt(60)) {
                change(vehicle, sold, positions, modelId, ago, coordinator, technician);
            }
        }
        register.retire(vehicle.id(), true);
    }

    private void change(
            VehicleStore.OnFile vehicle,
            Sold sold,
            List<Position> positions,
            long modelId,
            int daysAgo,
            long coordinator,
            long technician) {
        LocalDate day = workday(daysAgo);
        Money price = new Money(
                sold.kind().tire() == DemoFleet.COACH_TIRE
                        ? 44_000 + scatter.nextInt(30) * 100L
                        : 19_900 + scatter.nextInt(20) * 100L);
        List<PastOrders.Tire> came = new ArrayList<>();
        List<PastJobs.Item> done = new ArrayList<>();
        for (Position position : positions) {
            long place = vehicle.places().get(position);
            String cause = CAUSES.get(scatter.nextInt(CAUSES.size()));
            tires.takeOff(place, new StockLocation(StockState.SCRAPPED, null, ""), line(day, technician, "", null))
                    .ifPresent(old -> tires.store(
                            old,
                            "SCRAPPED",
                            new StockLocation(StockState.SCRAPPED, null, ""),
                            line(day, technician, cause, TreadDepth.of32nds(4 + scatter.nextInt(3)))));
            long tire = tires.add(new TireStore.New(modelId, false, Optional.of("LM" + number++), Optional.of(price)));
            String code = DemoVehicle.tin(scatter) + DotWeek.stampFor(day.minusDays(60));
            tires.readDot(tire, code, DotKind.TIRE, at(day), technician);
            tires.fit(
                    tire,
                    place,
                    line(day, technician, "", sold.kind().tire().originalDepth().orElse(null)));
            came.add(new PastOrders.Tire(tire, code));
            done.add(new PastJobs.Item(WorkType.REPLACE, place, "Tread near its limit", "Replaced."));
        }
        orders.record(
                new PastOrder(
                        sold.supplier(), day.minusDays(9), at(day.minusDays(2)), sold.yard(), modelId, price, came),
                coordinator);
        jobs.record(vehicle.id(), day, at(day), coordinator, technician, done);
    }

    private static List<Position> onAxle(VehicleStore.OnFile vehicle, int axle) {
        return vehicle.facts().layout().positions().stream()
                .filter(position -> position instanceof Position.OnAxle on && on.axle() == axle)
                .toList();
    }

    private Line line(LocalDate day, long technician, String reason, TreadDepth depth) {
        return new Line(at(day), technician, "", reason, null, depth, null);
    }

    private LocalDate workday(int daysAgo) {
        LocalDate day = LocalDate.now(clock).minusDays(daysAgo);
        return day.getDayOfWeek() == DayOfWeek.SUNDAY ? day.minusDays(2) : day;
    }

    private Instant at(LocalDate day) {
        return day.atTime(10, 0)
                .plusMinutes(scatter.nextInt(300))
                .atZone(clock.getZone())
                .toInstant();
    }
}
