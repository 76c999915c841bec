package rotagens.server.demo;

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
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.boot.autoconfigure.condition.ConditionalOnBooleanProperty;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import rotagens.core.fact.ThermalState;
import rotagens.core.measure.Distance;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Temperature;
import rotagens.core.tire.DotWeek;
import rotagens.core.tire.TireModel;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Position.OnAxle;
import rotagens.core.vehicle.VehicleType;
import rotagens.core.wear.GrooveDepths;
import rotagens.server.demo.DemoFleet.Flag;
import rotagens.server.demo.DemoFleet.Found;
import rotagens.server.demo.DemoFleet.Kind;
import rotagens.server.demo.DemoFleet.LastPressure;
import rotagens.server.demo.DemoFleet.LastTread;
import rotagens.server.demo.DemoFleet.Losing;
import rotagens.server.demo.DemoFleet.Oddity;
import rotagens.server.demo.DemoFleet.OtherTire;
import rotagens.server.demo.DemoFleet.Unit;
import rotagens.server.demo.DemoFleet.What;
import rotagens.server.facts.FactLog;
import rotagens.server.fleet.FleetAssessor;
import rotagens.server.gauges.Gauges;
import rotagens.server.inspection.Readings;
import rotagens.server.loads.LoadChartStore;
import rotagens.server.loads.PressureStore;
import rotagens.server.loads.ScaleTicketStore;
import rotagens.server.parts.PartStore;
import rotagens.server.people.People;
import rotagens.server.policy.PolicyStore;
import rotagens.server.purchasing.Orders;
import rotagens.server.purchasing.Suppliers;
import rotagens.server.relearn.RelearnService;
import rotagens.server.shop.ShopSetupStore;
import rotagens.server.shop.VehicleBookings;
import rotagens.server.tire.TireCatalog;
import rotagens.server.tire.TireStore;
import rotagens.server.tirechanger.TireChangerStore;
import rotagens.server.vehicle.OdometerStore;
import rotagens.server.vehicle.SensorStore;
import rotagens.server.vehicle.VehicleRegister;
import rotagens.server.vehicle.VehicleStore;
import rotagens.server.vehicleevent.VehicleEventStore;

/** Fills an empty data folder with the demo fleet, a year of readings and dates relative to today. The same every day. */
@Component
@ConditionalOnBooleanProperty("rotagens.demo")
class DemoData implements SmartInitializingSingleton {

    private static final int WALKS = 12;
    private static final int DAYS_BETWEEN_WALKS = 28;
    private static final int DAYS_IN_STOCK = 90;
    private static final int WALKS_WITH_THERMOMETER = 4;

    private final VehicleStore vehicleStore;
    private final OdometerStore odometerStore;
    private final VehicleRegister register;
    private final TireStore tireStore;
    private final TireCatalog tireCatalog;
    private final Orders orders;
    private final FactLog facts;
    private final PolicyStore policyStore;
    private final People people;
    private final LoadChartStore charts;
    private final ScaleTicketStore scaleTicketStore;
    private final PressureStore records;
    private final FleetAssessor fleetAssessor;
    private final VehicleEventStore history;
    private final Clock clock;
    private final PlatformTransactionManager transactions;
    private final Gauges gauges;
    private final SensorStore sensors;
    private final TireChangerStore tireChangerStore;
    private final RelearnService relearnService;
    private final ShopSetupStore setups;
    private final Suppliers suppliers;
    private final VehicleBookings bookings;
    private final PartStore parts;
    private final ObjectProvider<DemoWeek> week;
    private final Map<String, Long> gaugeIds = new HashMap<>();
    private final List<FactLog.Observation> observations = new ArrayList<>();
    private int nextNumber = 1001;

    DemoData(
            VehicleStore vehicleStore,
            OdometerStore odometerStore,
            VehicleRegister register,
            TireStore tireStore,
            TireCatalog tireCatalog,
            Orders orders,
            FactLog facts,
            PolicyStore policyStore,
            People people,
            LoadChartStore charts,
            ScaleTicketStore scaleTicketStore,
            PressureStore records,
            FleetAssessor fleetAssessor,
            VehicleEventStore history,
            Gauges gauges,
            SensorStore sensors,
            TireChangerStore tireChangerStore,
            RelearnService relearnService,
            ShopSetupStore setups,
            Suppliers suppliers,
            VehicleBookings bookings,
            PartStore parts,
            ObjectProvider<DemoWeek> week,
            Clock clock,
            PlatformTransactionManager transactions) {
        this.vehicleStore = vehicleStore;
        this.odometerStore = odometerStore;
        this.register = register;
        this.tireStore = tireStore;
        this.tireCatalog = tireCatalog;
        this.orders = orders;
        this.facts = facts;
        this.policyStore = policyStore;
        this.people = people;
        this.charts = charts;
        this.scaleTicketStore = scaleTicketStore;
        this.records = records;
        this.fleetAssessor = fleetAssessor;
        this.history = history;
        this.gauges = gauges;
        this.sensors = sensors;
        this.tireChangerStore = tireChangerStore;
        this.relearnService = relearnService;
        this.setups = setups;
        this.suppliers = suppliers;
        this.bookings = bookings;
        this.parts = parts;
        this.week = week;
        this.clock = clock;
        this.transactions = transactions;
    }

    /** Before the first request is answered, all or nothing. */
    @Override
    public void afterSingletonsInstantiated() {
        TransactionTemplate whole = new TransactionTemplate(transactions);
        // The week is made of due work, and due work is judged from what is committed.
        List<Runnable> then = new ArrayList<>();
        whole.executeWithoutResult(status -> fill(then));
        then.forEach(week -> whole.executeWithoutResult(status -> week.run()));
    }

    private void fill(List<Runnable> then) {
        if (!people.all().isEmpty()) {
            return;
        }
        List<Long> staff = new ArrayList<>();
        new TreeMap<>(DemoFleet.PEOPLE).forEach((name, role) -> staff.add(people.addWithoutPassword(name, role, true)));
        week.ifAvailable(DemoWeek::hire);
        DemoFleet.YARDS.forEach(register::yard);
        Map<TireModel, Long> models = new HashMap<>();
        DemoFleet.MODELS.forEach(model -> models.put(model, tireCatalog.add(model, DemoFleet.details(model))));
        new DemoClasses(register, policyStore).fill();
        DemoFleet.GAUGES.forEach(gauge -> gaugeIds.put(
                gauge.name(),
                gauges.add(
                        gauge.name(),
                        gauge.type(),
                        Optional.ofNullable(gauge.checkedDaysAgo()).map(LocalDate.now(clock)::minusDays),
                        staff.get(1))));
        for (Unit unit : DemoFleet.UNITS) {
            new OneVehicle(unit, staff, models).add(DemoFleet.YARDS.get(unit.yard()));
        }
        facts.recordUnsettled(observations);
        new DemoLoads(
                        charts,
                        scaleTicketStore,
                        records,
                        fleetAssessor,
                        register,
                        history,
                        clock,
                        staff.get(1),
                        staff.get(3))
                .fill();
        new DemoSensors(vehicleStore, sensors, clock, staff.get(3)).fill();
        new DemoWorkshop(tireChangerStore, vehicleStore, relearnService, staff.get(1)).fill();
        new DemoPlanning(suppliers, bookings, setups, staff.get(1), LocalDate.now(clock)).fill();
        new DemoStock(tireStore, tireCatalog, register, orders, models, staff.get(1), staff.get(3), clock).fill();
        new DemoParts(parts, staff.get(3)).fill();
        facts.settle();
        week.ifAvailable(one -> {
            then.add(() -> one.before(staff.get(1), staff.get(3), models));
            then.add(() -> one.fill(staff.get(1), staff.get(3), models));
        });
    }

    /** Builds one vehicle and its past. */
    private final class OneVehicle {

        private final Unit unit;
        private final Kind kind;
        private final List<Long> staff;
        private final Map<TireModel, Long> models;
        private final Random scatter;
        private final LocalDate today = LocalDate.now(clock);
        private final double odometerToday;

        OneVehicle(Unit unit, List<Long> staff, Map<TireModel, Long> models) {
            this.unit = unit;
            this.kind = unit.type();
            this.staff = staff;
            this.models = models;
            this.scatter = new Random(unit.unit().hashCode());
            this.odometerToday = Math.round(kind.milesPerDay() * 365 * 9 + scatter.nextInt(4_000));
        }

        void add(String yard) {
            VehicleStore.OnFile vehicle = vehicleStore.get(register.add(DemoVehicle.entry(
                    kind,
                    unit.unit(),
                    yard,
                    Optional.ofNullable(unit.parkedDays()).map(today::minusDays),
                    position ->
                            DemoFleet.ODDITIES.contains(new Oddity(unit.unit(), position.code(), Flag.STUD_PILOTED)))));
            long id = vehicle.id();
            for (int walk = WALKS - 1; walk >= 0; walk--) {
                int daysAgo = daysAgo(walk);
                boolean replacedSinceLastWalk = hasNewOdometer(daysAgo) && !hasNewOdometer(daysAgo(walk + 1));
                if (replacedSinceLastWalk) {
                    odometerStore.replace(
                            id,
                            odometer(DemoFleet.NEW_ODOMETER_DAYS_AGO),
                            Distance.miles(0),
                            today.minusDays(DemoFleet.NEW_ODOMETER_DAYS_AGO)
                                    .atTime(12, 0)
                                    .atZone(clock.getZone())
                                    .toInstant(),
                            "instrument cluster replaced",
                            staff.get(1),
                            Optional.empty());
                }
                long reader = staff.get(walk % 2 + 3);
                odometerStore.read(id, odometer(daysAgo), at(daysAgo), reader, "odometer", Optional.empty());
            }
            for (Position position : vehicle.facts().layout().positions()) {
                tire(vehicle, position);
            }
        }

        private int daysAgo(int walk) {
            return unit.lastWalk() + walk * DAYS_BETWEEN_WALKS;
        }

        private Distance odometer(int daysAgo) {
            double driven = odometerToday - daysAgo * kind.milesPerDay();
            double before = odometerToday - DemoFleet.NEW_ODOMETER_DAYS_AGO * kind.milesPerDay();
            return Distance.miles(Math.round(hasNewOdometer(daysAgo) ? driven - before : driven));
        }

        private boolean hasNewOdometer(int daysAgo) {
            return unit.unit().equals(DemoFleet.NEW_ODOMETER) && daysAgo < DemoFleet.NEW_ODOMETER_DAYS_AGO;
        }

        /** The last two walks were made with gauges by name; on the second last somebody noted where the DOT codes face. */
        private Readings.Look look(int walk, Position position) {
            if (walk > 1) {
                return Readings.Look.NONE;
            }
            boolean second = unit.yard() == 2;
            Optional<Boolean> outward = walk == 1 ? Optional.of(position.code().hashCode() % 3 == 0) : Optional.empty();
            return new Readings.Look(
                    Optional.empty(),
                    outward,
                    gaugeIds.get(second ? "P-2" : "P-1"),
                    gaugeIds.get(second ? "T-2" : "T-1"));
        }

        private Instant at(int daysAgo) {
            return today.minusDays(daysAgo)
                    .atTime(LocalTime.of(6, 40).plusMinutes(scatter.nextInt(90)))
                    .atZone(clock.getZone())
                    .toInstant();
        }

        private void tire(VehicleStore.OnFile vehicle, Position position) {
            List<What> odd = DemoFleet.ODDITIES.stream()
                    .filter(one ->
                            one.unit().equals(unit.unit()) && one.position().equals(position.code()))
                    .map(Oddity::description)
                    .toList();
            int axle = position instanceof OnAxle on ? on.axle() : kind.axles().size() + 1;
            double years = unit.axleYears().get(Math.min(axle, unit.axleYears().size()) - 1);
            long daysOld = Math.round(years * 365.25);
            TireModel model = first(odd, OtherTire.class).map(OtherTire::model).orElse(unit.fitted());
            String dot = odd.contains(Flag.NO_DOT)
                    ? null
                    : DemoVehicle.tin(scatter) + DotWeek.stampFor(today.minusDays(daysOld));
            long place = vehicle.places().get(position);
            int fittedDaysAgo = (int) Math.max(daysOld - DAYS_IN_STOCK, WALKS * DAYS_BETWEEN_WALKS);
            long tireId = tireStore.add(new TireStore.New(
                    models.get(model),
                    odd.contains(Flag.RETREAD),
                    Optional.of("LM" + nextNumber++),
                    tireCatalog.get(models.get(model)).details().price()));
            if (dot != null) {
                tireStore.readDot(tireId, dot, TireStore.DotKind.TIRE, at(fittedDaysAgo), staff.get(3));
            }
            tireStore.fit(
                    tireId,
                    place,
                    new TireStore.Line(
                            at(fittedDaysAgo),
                            staff.get(3),
                            "",
                            "",
                            kind.type() == VehicleType.TRAILER ? null : odometer(fittedDaysAgo),
                            model.originalDepth().orElse(null),
                            null));
            past(tireId, place, position, axle, model, years, odd);
        }

        private void past(
                long tireId, long place, Position position, int axle, TireModel model, double years, List<What> odd) {
            DemoFleet.SetTo set = DemoFleet.SET_TO.getOrDefault(
                    unit.unit(), new DemoFleet.SetTo(kind.placardPsi(), Integer.MAX_VALUE));
            double original = model.originalDepth().orElseThrow().thirtySeconds();
            double perDay =
                    position instanceof OnAxle ? kind.thirtySecondsPer10kMiles() / 10_000 * kind.milesPerDay() : 0;
            double worn = Math.min(original * 0.5, (years * 365.25 - DAYS_IN_STOCK) * perDay);
            LastTread last = first(odd, LastTread.class)
                    .orElse(new LastTread(original - worn - 0.5, original - worn - 0.4, original - worn - 0.5));
            for (int walk = WALKS - 1; walk >= 0; walk--) {
                int daysAgo = daysAgo(walk);
                double gained = Math.min(worn, (daysAgo - unit.lastWalk()) * perDay);
                GrooveDepths grooveDepths = GrooveDepths.of32nds(
                        depth(last.outer() + gained, original),
                        depth(last.center() + gained, original),
                        depth(last.inner() + gained, original));
                List<Integer> axles = daysAgo <= set.days() ? set.psi() : kind.placardPsi();
                double target = position instanceof OnAxle
                        ? axles.get(axle - 1)
                        : axles.stream().mapToInt(Integer::intValue).max().orElseThrow();
                boolean reset = daysAgo <= set.days() && daysAgo(walk + 1) > set.days();
                LastPressure usual = new LastPressure(target - scatter.nextInt(3), ThermalState.COLD);
                LastPressure read = walk == 0 ? first(odd, LastPressure.class).orElse(usual) : usual;
                Optional<Losing> losing = first(odd, Losing.class);
                if (losing.isPresent() && walk < losing.get().newestFirst().size()) {
                    read = new LastPressure(losing.get().newestFirst().get(walk), ThermalState.COLD);
                }
                int sinceFilled = walk + 1;
                boolean filled = losing.filter(one -> one.newestFirst().size() == sinceFilled)
                                .isPresent()
                        || reset;
                boolean thermometer = walk < WALKS_WITH_THERMOMETER && kind == DemoFleet.COACH;
                Readings.Entry entry =
                        new Readings.Entry(tireId, place, at(daysAgo), staff.get(walk % 2 + 3), null, null);
                FactLog.Observation seen = FactLog.Observation.read(
                        entry,
                        new Readings.Values(
                                Optional.of(Pressure.psi(read.psi())),
                                read.thermalState(),
                                grooveDepths,
                                Optional.of(odometer(daysAgo)),
                                thermometer ? Optional.of(Temperature.f(52 + scatter.nextInt(5))) : Optional.empty(),
                                filled,
                                "",
                                look(walk, position)));
                if (walk == 0 && first(odd, Found.class).isPresent()) {
                    seen = seen.with(List.of(
                            new Readings.Found(first(odd, Found.class).get().finding(), Optional.empty())));
                }
                boolean inspectedYearly =
                        walk == 4 && years >= 5 && !unit.unit().equals("LC-02");
                observations.add(inspectedYearly ? seen.inspected("Marrow Street Tire Service", true, "") : seen);
            }
        }

        private static double depth(double depth, double original) {
            return Math.min(original, Math.max(1, Math.round(depth)));
        }

        private static <T extends What> Optional<T> first(List<What> odd, Class<T> kind) {
            return odd.stream().filter(kind::isInstance).map(kind::cast).findFirst();
        }
    }
}
