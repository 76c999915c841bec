package rotagens.server.demo;

import static rotagens.core.vehicle.AxleRole.DRIVE;
import static rotagens.core.vehicle.AxleRole.STEER;
import static rotagens.core.vehicle.AxleRole.TAG;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.TreeMap;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import rotagens.core.fact.ThermalState;
import rotagens.core.measure.Distance;
import rotagens.core.measure.Pressure;
import rotagens.core.tire.DotWeek;
import rotagens.core.tire.TireModel;
import rotagens.core.vehicle.Axle;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.VehicleType;
import rotagens.core.wear.GrooveDepths;
import rotagens.server.demo.DemoFleet.Kind;
import rotagens.server.facts.FactLog;
import rotagens.server.inspection.Readings;
import rotagens.server.people.People;
import rotagens.server.tire.TireCatalog;
import rotagens.server.tire.TireStore;
import rotagens.server.vehicle.OdometerStore;
import rotagens.server.vehicle.VehicleRegister;
import rotagens.server.vehicle.VehicleStore;

/**
 * Fills an empty data folder with a made-up fleet of any size and years of readings, written by the same services a person's
 * work goes through: to measure on, and to try the product at the size of one's own fleet. The same for a seed and a day.
 */
@Component
@ConditionalOnProperty("rotagens.generate.vehicles")
class GeneratedFleet implements SmartInitializingSingleton {

    private static final Logger LOG = LoggerFactory.getLogger(GeneratedFleet.class);
    private static final int DAYS_BETWEEN_WALKS = 24;
    private static final int YARDS = 20;
    private static final int TOLD_EVERY = 100;

    private static final Kind BUS = kind("Regional bus", VehicleType.BUS, 46_000, 28, new Axle(TAG, false));
    private static final Kind HAULER = kind("Hauler", VehicleType.TRUCK, 48_000, 34, new Axle(DRIVE, true));
    private static final Kind LIFTER =
            kind("Lift truck", VehicleType.TRUCK, 60_000, 22, new Axle(DRIVE, true), new Axle(TAG, false));
    private static final List<Kind> KINDS = List.of(BUS, HAULER, LIFTER);

    private static Kind kind(String name, VehicleType kind, int gvwr, double miles, Axle... behind) {
        List<Axle> axles = new ArrayList<>(List.of(new Axle(STEER, false), new Axle(DRIVE, true)));
        axles.addAll(List.of(behind));
        return new Kind(
                name,
                kind,
                name,
                gvwr,
                true,
                axles,
                0,
                List.of(110, 95, 95, 90).subList(0, axles.size()),
                DemoFleet.COACH_TIRE,
                miles,
                2.2,
                null,
                null);
    }

    private final VehicleStore vehicleStore;
    private final OdometerStore odometerStore;
    private final VehicleRegister register;
    private final TireStore tireStore;
    private final TireCatalog tireCatalog;
    private final FactLog facts;
    private final People people;
    private final Clock clock;
    private final TransactionTemplate transaction;
    private final int count;
    private final int years;
    private int tireNumber;
    private long written;

    GeneratedFleet(
            VehicleStore vehicleStore,
            OdometerStore odometerStore,
            VehicleRegister register,
            TireStore tireStore,
            TireCatalog tireCatalog,
            FactLog facts,
            People people,
            Clock clock,
            PlatformTransactionManager transactions,
            @Value("${rotagens.generate.vehicles}") int count,
            @Value("${rotagens.generate.years:5}") int years) {
        this.vehicleStore = vehicleStore;
        this.odometerStore = odometerStore;
        this.register = register;
        this.tireStore = tireStore;
        this.tireCatalog = tireCatalog;
        this.facts = facts;
        this.people = people;
        this.clock = clock;
        this.transaction = new TransactionTemplate(transactions);
        this.count = count;
        this.years = years;
    }

    @Override
    public void afterSingletonsInstantiated() {
        if (!people.all().isEmpty()) {
            throw new IllegalStateException("This data folder isn’t empty. Name a new one: --data FOLDER");
        }
        List<Long> staff = new ArrayList<>();
        Map<TireModel, Long> models = new HashMap<>();
        transaction.executeWithoutResult(status -> {
            new TreeMap<>(DemoFleet.PEOPLE)
                    .forEach((name, role) -> staff.add(people.addWithoutPassword(name, role, true)));
            for (int yard = 1; yard <= YARDS; yard++) {
                register.yard(yard(yard));
            }
            KINDS.forEach(kind -> register.vehicleClass(kind.name()));
            models.put(
                    DemoFleet.COACH_TIRE,
                    tireCatalog.add(DemoFleet.COACH_TIRE, DemoFleet.details(DemoFleet.COACH_TIRE)));
        });
        for (int at = 0; at < count; at++) {
            int number = at;
            transaction.executeWithoutResult(status -> new OneVehicle(number, staff, models).add());
            if ((at + 1) % TOLD_EVERY == 0 || at + 1 == count) {
                LOG.info("{} of {} vehicles, {} readings", at + 1, count, written);
            }
        }
        facts.settle();
    }

    private static String yard(int number) {
        return String.format(java.util.Locale.ROOT, "Yard %02d", number);
    }

    private final class OneVehicle {

        private final int number;
        private final Kind kind;
        private final List<Long> staff;
        private final Map<TireModel, Long> models;
        private final Random scatter;
        private final LocalDate today = LocalDate.now(clock);
        private final LocalDate first;
        private final double milesPerDay;
        private final int before;
        private final List<LocalDate> walks = new ArrayList<>();
        private final List<FactLog.Observation> read = new ArrayList<>();

        OneVehicle(int number, List<Long> staff, Map<TireModel, Long> models) {
            this.number = number;
            this.kind = KINDS.get(number % KINDS.size());
            this.staff = staff;
            this.models = models;
            this.scatter = new Random(number);
            this.milesPerDay = kind.milesPerDay() * (0.8 + scatter.nextDouble() * 0.4);
            this.before = scatter.nextInt(60_000);
            this.first = today.minusYears(years);
            for (LocalDate day = today.minusDays(1 + scatter.nextInt(28));
                    !day.isBefore(first);
                    day = day.minusDays(DAYS_BETWEEN_WALKS)) {
                walks.add(0, day);
            }
        }

        void add() {
            String unit = String.format(java.util.Locale.ROOT, "GF-%05d", number + 1);
            VehicleStore.OnFile vehicle = vehicleStore.get(register.add(
                    DemoVehicle.entry(kind, unit, yard(number % YARDS + 1), Optional.empty(), position -> false)));
            for (LocalDate day : walks) {
                odometerStore.read(vehicle.id(), odometer(day), at(day), staff.get(3), "odometer", Optional.empty());
            }
            vehicle.facts().layout().positions().forEach(position -> life(vehicle, position));
            facts.recordUnsettled(read);
            written += read.size();
        }

        private Distance odometer(LocalDate day) {
            return Distance.miles(
                    Math.round(before + java.time.temporal.ChronoUnit.DAYS.between(first, day) * milesPerDay));
        }

        private Instant at(LocalDate day) {
            return day.atTime(LocalTime.of(6, 30)).atZone(clock.getZone()).toInstant();
        }

        /** One place through the years: a tire wears, comes off at its pull point or its age, the next goes on. */
        private void life(VehicleStore.OnFile vehicle, Position position) {
            long place = vehicle.places().get(position);
            double perDay = kind.thirtySecondsPer10kMiles() / 10_000 * milesPerDay * (0.8 + scatter.nextDouble() * 0.4);
            double full = kind.tire().originalDepth().orElseThrow().thirtySeconds();
            double pull = position.code().startsWith("1") ? 5 : 4;
            double target = kind.placardPsi()
                    .get(Character.getNumericValue(position.code().charAt(0)) - 1);
            double worn = scatter.nextDouble() * (full - pull - 1);
            LocalDate fitted = first;
            long tire = fit(place, first, first.minusDays(60 + Math.round(worn / perDay)));
            for (LocalDate day : walks) {
                double depth = full - worn - java.time.temporal.ChronoUnit.DAYS.between(fitted, day) * perDay;
                boolean off = depth < pull + 0.4 && scatter.nextInt(4) > 0;
                read(tire, place, day, Math.max(1, depth), target);
                if (off) {
                    fitted = day;
                    worn = 0;
                    tireStore.takeOff(
                            place,
                            new TireStore.StockLocation(TireStore.StockState.SCRAPPED, null, ""),
                            line(day, depth));
                    tire = fit(place, day, day.minusDays(30 + scatter.nextInt(240)));
                }
            }
        }

        private long fit(long place, LocalDate day, LocalDate made) {
            long tire = tireStore.add(new TireStore.New(
                    models.get(kind.tire()),
                    false,
                    Optional.of("G" + ++tireNumber),
                    tireCatalog.get(models.get(kind.tire())).details().price()));
            tireStore.readDot(
                    tire,
                    DemoVehicle.tin(scatter) + DotWeek.stampFor(made),
                    TireStore.DotKind.TIRE,
                    at(day),
                    staff.get(3));
            tireStore.fit(
                    tire,
                    place,
                    line(day, kind.tire().originalDepth().orElseThrow().thirtySeconds()));
            return tire;
        }

        private TireStore.Line line(LocalDate day, double depth) {
            return new TireStore.Line(
                    at(day).plusSeconds(60),
                    staff.get(3),
                    "",
                    "",
                    odometer(day),
                    rotagens.core.measure.TreadDepth.of32nds(Math.round(depth)),
                    null);
        }

        private void read(long tire, long place, LocalDate day, double depth, double target) {
            int low = scatter.nextInt(400) == 0 ? 22 : 0;
            read.add(FactLog.Observation.read(
                    new Readings.Entry(tire, place, at(day).plusSeconds(120), staff.get(3 + number % 2), null, null),
                    new Readings.Values(
                            Optional.of(Pressure.psi(target - scatter.nextInt(4) - low)),
                            ThermalState.COLD,
                            GrooveDepths.of32nds(Math.round(depth), Math.round(depth + 0.3), Math.round(depth)),
                            Optional.of(odometer(day)))));
        }
    }
}
