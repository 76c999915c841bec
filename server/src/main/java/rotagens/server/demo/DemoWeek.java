package rotagens.server.demo;

import java.time.Clock;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.boot.autoconfigure.condition.ConditionalOnBooleanProperty;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;
import rotagens.core.jobsheet.VisitEntryType;
import rotagens.core.measure.Units;
import rotagens.core.planning.DueItem;
import rotagens.core.planning.WorkType;
import rotagens.core.tire.TireModel;
import rotagens.server.fleet.FleetCache;
import rotagens.server.fleet.VehicleAssessment;
import rotagens.server.jobsheet.ShopVisitViews.VisitEntryRequest;
import rotagens.server.jobsheet.ShopVisits;
import rotagens.server.people.Account;
import rotagens.server.people.People;
import rotagens.server.people.Role;
import rotagens.server.planning.JobCompletion;
import rotagens.server.planning.JobViews.CompleteJobRequest;
import rotagens.server.planning.JobViews.ItemResult;
import rotagens.server.planning.JobViews.JobItemView;
import rotagens.server.planning.JobViews.JobView;
import rotagens.server.planning.Jobs;
import rotagens.server.purchasing.OrderViews.OrderLineRequest;
import rotagens.server.purchasing.OrderViews.OrderRequest;
import rotagens.server.purchasing.Orders;
import rotagens.server.shop.Schedule;
import rotagens.server.shop.ShopViews.SetJobSlotRequest;

/**
 * The week the demo's shops are in: people in every yard, jobs done this morning and to come at their hours, one that waits for
 * its tires, orders on their way and one that is late. All of it goes through the same services as a person's clicks.
 */
@Component
@ConditionalOnBooleanProperty(name = "rotagens.demo.week", matchIfMissing = true)
class DemoWeek {

    /** Who works where, beside the two at the first yard. */
    static final Map<String, String> TECHNICIANS = Map.of(
            "Nadia Oyelaran", "Millrace",
            "Colm Birkett", "Millrace",
            "Petra Vandell", "Northgate",
            "Joss Amerton", "Northgate");

    /** A visit: whose, what work of it by its keys, how many working days from today, and where it stands. */
    private record Visit(
            String unit,
            Set<String> keys,
            int day,
            String yard,
            String start,
            int bay,
            List<String> people,
            String note) {}

    private static final List<Visit> VISITS = List.of(
            visit(
                    "LC-03",
                    Set.of("INSPECT_DAMAGE:3R", "INSPECT_DAMAGE:2RO"),
                    0,
                    "Eastbank",
                    "08:00",
                    "Rafe Halloran",
                    "Tomas Weil"),
            visit(
                    "SH-02",
                    Set.of("REPLACE:1L", "CORRECT_MISMATCH:1R"),
                    0,
                    "Eastbank",
                    "13:00",
                    "Rafe Halloran",
                    "Tomas Weil"),
            visit("VN-03", Set.of("FIX_DEFECT:1R", "SET_PRESSURE:2L"), 0, "Millrace", "08:30", "Nadia Oyelaran"),
            visit(
                    "LC-04",
                    Set.of("FIND_LEAK:1R", "FIND_LEAK:3L"),
                    0,
                    "Northgate",
                    "09:00",
                    "Petra Vandell",
                    "Joss Amerton"),
            visit(
                    "LC-05",
                    Set.of("REPLACE_WHEEL:3L", "FIX_DEFECT:2RO"),
                    1,
                    "Northgate",
                    "08:00",
                    "Petra Vandell",
                    "Joss Amerton"),
            visit("VN-01", Set.of("SET_PRESSURE:2R", "CORRECT_WEAR_CAUSE:1L"), 1, "Eastbank", "09:30", "Tomas Weil"),
            visit("SP-04", Set.of("WEIGH:"), 1, "Northgate", "13:30", "Joss Amerton"),
            visit(
                    "LC-02",
                    Set.of("REPLACE:3L+3R", "REPLACE_SENSOR:2LI"),
                    2,
                    "Millrace",
                    "08:00",
                    "Nadia Oyelaran",
                    "Colm Birkett"),
            visit(
                    "SH-03",
                    Set.of("CORRECT_MISMATCH:2LO", "CORRECT_MISMATCH:2LI"),
                    3,
                    "Millrace",
                    "08:00",
                    "Nadia Oyelaran",
                    "Colm Birkett"),
            visit("VN-02", Set.of("REPLACE:2L"), 3, "Millrace", "13:00", "Nadia Oyelaran"),
            visit("TR-02", Set.of("REPLACE:1L+1R"), 4, "Millrace", "08:00", "Colm Birkett"),
            visit("SH-04", Set.of("REPLACE:1R"), 4, "Millrace", "11:00", "Nadia Oyelaran", "Colm Birkett"));

    private static Visit visit(String unit, Set<String> keys, int day, String yard, String start, String... people) {
        return new Visit(unit, keys, day, yard, start, 1, List.of(people), "");
    }

    private final People people;
    private final Jobs jobs;
    private final JobCompletion completion;
    private final Schedule schedule;
    private final Orders orders;
    private final ShopVisits visits;
    private final FleetCache fleet;
    private final DemoPast past;
    private final Clock clock;

    DemoWeek(
            People people,
            Jobs jobs,
            JobCompletion completion,
            Schedule schedule,
            Orders orders,
            ShopVisits visits,
            FleetCache fleet,
            DemoPast past,
            Clock clock) {
        this.past = past;
        this.people = people;
        this.jobs = jobs;
        this.completion = completion;
        this.schedule = schedule;
        this.orders = orders;
        this.visits = visits;
        this.fleet = fleet;
        this.clock = clock;
    }

    /** The people of the other yards; they come before the shops are set up. */
    void hire() {
        TECHNICIANS.keySet().stream().sorted().forEach(name -> people.addWithoutPassword(name, Role.TECHNICIAN, true));
    }

    /** What was before the week; committed by itself, so that everybody sees the vehicles it brings. */
    void before(long coordinator, long technician, Map<TireModel, Long> models) {
        past.fill(fleet.all().stream().map(VehicleAssessment::onFile).toList(), models, coordinator, technician);
    }

    void fill(long coordinator, long technician, Map<TireModel, Long> models) {
        order(
                coordinator,
                "Marrow Street Tire Service",
                9,
                "Millrace",
                models.get(DemoFleet.TRAILER_TIRE),
                2,
                "139.50");
        order(coordinator, "Marrow Street Tire Service", 1, "Millrace", models.get(DemoFleet.VAN_TIRE), 2, "214.50");
        order(
                coordinator,
                "Kettlewell Wheel & Rubber",
                5,
                "Eastbank",
                models.get(DemoFleet.PICKUP_TIRE_CHANGED),
                4,
                "241.00");
        Map<String, VehicleAssessment> vehicles = fleet.all().stream()
                .collect(Collectors.toMap(
                        VehicleAssessment::unit, vehicle -> vehicle, (one, other) -> one, LinkedHashMap::new));
        signedIn(
                technician,
                () -> doneThisMorning(
                        vehicles.get("SH-05"), "FIX_DEFECT:2LO", "Grommet and core replaced, no bubbles."));
        signedIn(technician, () -> doneThisMorning(vehicles.get("LC-02"), "FIX_DEFECT:1R", "Metal cap put on."));
        signedIn(coordinator, () -> VISITS.forEach(visit -> place(visit, vehicles.get(visit.unit()))));
        signedIn(technician, () -> measured(vehicles.get("VN-01").id()));
    }

    /** The van whose tires wear at one side was looked at on the rack: its alignment is out, a rear shock swings on. */
    private void measured(long vehicle) {
        long job = jobs.ofVehicle(vehicle).stream()
                .filter(one -> one.items().stream().anyMatch(item -> item.workType() == WorkType.CORRECT_WEAR_CAUSE))
                .findFirst()
                .orElseThrow()
                .id();
        visits.note(job, new VisitEntryRequest(VisitEntryType.DAMAGE, Map.of("words", "none")), Units.US);
        visits.note(
                job,
                new VisitEntryRequest(VisitEntryType.SHOCK_TEST, Map.of("rearLeft", "2", "rearRight", "3")),
                Units.US);
        visits.note(
                job,
                new VisitEntryRequest(
                        VisitEntryType.ALIGNMENT_BEFORE,
                        Map.of("axle", "1", "toe", "0.55", "toeLeast", "0", "toeMost", "0.2")),
                Units.US);
    }

    private void order(long by, String supplier, int daysAgo, String yard, long model, int count, String price) {
        orders.order(
                new OrderRequest(
                        supplier,
                        LocalDate.now(clock).minusDays(daysAgo),
                        yard,
                        null,
                        List.of(new OrderLineRequest(model, count, price))),
                by);
    }

    private void place(Visit visit, VehicleAssessment vehicle) {
        List<DueItem> items = items(vehicle, visit.keys());
        LocalDate day = workingDay(visit.day());
        long id = jobs.scheduleItems(vehicle, day, items, Units.US);
        schedule.place(
                id,
                jobs.get(id).version(),
                new SetJobSlotRequest(visit.yard(), day, visit.start(), visit.bay(), visit.people(), false),
                Units.US);
    }

    private void doneThisMorning(VehicleAssessment vehicle, String key, String note) {
        long id = jobs.scheduleItems(vehicle, LocalDate.now(clock), items(vehicle, Set.of(key)), Units.US);
        JobView job = jobs.get(id);
        completion.done(
                id,
                job.version(),
                new CompleteJobRequest(
                        null,
                        job.items().stream()
                                .map(JobItemView::id)
                                .map(item -> ItemResult.noted(item, note))
                                .toList()),
                Units.US);
    }

    private static List<DueItem> items(VehicleAssessment vehicle, Set<String> keys) {
        List<DueItem> items =
                vehicle.due().stream().filter(item -> keys.contains(item.key())).toList();
        if (items.size() != keys.size()) {
            throw new IllegalStateException("The demo's " + vehicle.unit() + " has no " + keys + " due, but "
                    + vehicle.due().stream().map(DueItem::key).toList());
        }
        return items;
    }

    /** Today where the shops work today, else the next day they do; and so many working days on. */
    private LocalDate workingDay(int on) {
        LocalDate day = LocalDate.now(clock);
        int left = on;
        while (!works(day) || left > 0) {
            if (works(day)) {
                left--;
            }
            day = day.plusDays(1);
        }
        return day;
    }

    private static boolean works(LocalDate day) {
        return day.getDayOfWeek() != DayOfWeek.SATURDAY && day.getDayOfWeek() != DayOfWeek.SUNDAY;
    }

    private void signedIn(long person, Runnable work) {
        Account account = people.demoAccount(person).orElseThrow();
        SecurityContextHolder.getContext()
                .setAuthentication(new UsernamePasswordAuthenticationToken(account, null, List.of()));
        try {
            work.run();
        } finally {
            SecurityContextHolder.clearContext();
        }
    }
}
