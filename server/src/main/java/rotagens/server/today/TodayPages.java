package rotagens.server.today;

import static rotagens.server.today.TodayWords.WORDS;

import java.time.Clock;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.fact.Verdict;
import rotagens.core.inspection.Gauge;
import rotagens.core.measure.Units;
import rotagens.core.planning.DueGroup;
import rotagens.core.planning.DueItem;
import rotagens.core.planning.JobParts;
import rotagens.core.planning.JobParts.WrenchToBring;
import rotagens.core.planning.JobRequirements;
import rotagens.core.planning.WorkType;
import rotagens.core.tire.TireModel;
import rotagens.core.vehicle.Position;
import rotagens.server.fleet.FleetCache;
import rotagens.server.fleet.VehicleAssessment;
import rotagens.server.gauges.Gauges;
import rotagens.server.people.People;
import rotagens.server.planning.JobViews.JobItemView;
import rotagens.server.planning.JobViews.JobView;
import rotagens.server.planning.Jobs;
import rotagens.server.shop.Schedule;
import rotagens.server.shop.ShopJobs;
import rotagens.server.shop.ShopViews.JobSlotView;
import rotagens.server.shop.ShopViews.YardScheduleView;
import rotagens.server.tire.TireCatalog;
import rotagens.server.today.TodayController.StoppedVehicle;
import rotagens.server.today.TodayController.TodayJob;
import rotagens.server.today.TodayController.TodayView;
import rotagens.server.today.TodayController.WalkAroundDue;
import rotagens.server.vehicle.VehicleRegister;
import rotagens.server.walkaround.OpenWalkArounds;

/** Lays out the day of a yard. */
@Service
class TodayPages {

    private static final Set<WorkType> READ_ON_A_WALK = Set.of(WorkType.PRESSURE_CHECK, WorkType.TREAD_INSPECTION);

    private final Schedule schedule;
    private final Jobs jobs;
    private final FleetCache fleet;
    private final Gauges gauges;
    private final VehicleRegister register;
    private final TireCatalog tireCatalog;
    private final OpenWalkArounds walkArounds;
    private final People people;
    private final Clock clock;

    TodayPages(
            Schedule schedule,
            Jobs jobs,
            FleetCache fleet,
            Gauges gauges,
            VehicleRegister register,
            TireCatalog tireCatalog,
            OpenWalkArounds walkArounds,
            People people,
            Clock clock) {
        this.schedule = schedule;
        this.jobs = jobs;
        this.fleet = fleet;
        this.gauges = gauges;
        this.register = register;
        this.tireCatalog = tireCatalog;
        this.walkArounds = walkArounds;
        this.people = people;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    TodayView of(String asked, Units units) {
        LocalDate today = LocalDate.now(clock);
        String me = people.named(people.me());
        var week = schedule.view(today, 1, units);
        List<VehicleAssessment> all = fleet.all();
        Set<String> yards = new TreeSet<>();
        all.forEach(vehicle -> yards.add(vehicle.yard()));
        week.yards().forEach(yard -> yards.add(yard.name()));
        String yard = yards.contains(asked)
                ? asked
                : week.yards().stream()
                        .filter(one -> one.technicians().contains(me))
                        .map(YardScheduleView::name)
                        .findFirst()
                        .or(() -> yards.stream().findFirst())
                        .orElse(null);
        Map<Long, VehicleAssessment> vehicles =
                all.stream().collect(Collectors.toMap(VehicleAssessment::id, Function.identity()));
        List<VehicleAssessment> here =
                all.stream().filter(vehicle -> vehicle.yard().equals(yard)).toList();
        return new TodayView(
                today,
                yard,
                List.copyOf(yards),
                jobs(week.jobs(), yard, me, vehicles, new Day(today, units)),
                (int) jobs.done().stream()
                        .filter(job -> job.yard().equals(yard) && wasToday(job, today))
                        .count(),
                here.stream()
                        .flatMap(vehicle -> walkAround(vehicle, today).stream())
                        .sorted(Comparator.comparing(WalkAroundDue::due).thenComparing(WalkAroundDue::unit))
                        .toList(),
                here.stream()
                        .filter(vehicle -> vehicle.verdict() == Verdict.DO_NOT_OPERATE)
                        .map(vehicle -> stopped(vehicle, units))
                        .toList());
    }

    private record Day(LocalDate today, Units units) {}

    private boolean wasToday(JobView job, LocalDate today) {
        return job.doneAt() != null
                && LocalDate.ofInstant(job.doneAt(), clock.getZone()).equals(today);
    }

    /** Jobs left over first, then by their hour; my own before others of the same hour. */
    private List<TodayJob> jobs(
            List<JobSlotView> slots, @Nullable String yard, String me, Map<Long, VehicleAssessment> vehicles, Day day) {
        Map<Long, JobView> open = jobs.open().stream().collect(Collectors.toMap(JobView::id, Function.identity()));
        Map<Long, TireModel> models = tireCatalog.byId();
        List<Gauge> wrenches = wrenches();
        return slots.stream()
                .filter(slot -> !slot.day().isAfter(day.today()))
                .filter(slot -> slot.yard().equals(yard) || slot.assignees().contains(me))
                .filter(slot -> open.containsKey(slot.jobId()) && vehicles.containsKey(slot.vehicleId()))
                .sorted(Comparator.comparing(
                                (JobSlotView slot) -> !slot.assignees().contains(me)
                                        && !slot.assignees().isEmpty())
                        .thenComparing(JobSlotView::day)
                        .thenComparing(slot -> slot.start() == null ? "99" : slot.start())
                        .thenComparing(JobSlotView::unit))
                .map(slot -> {
                    JobView job = open.get(slot.jobId());
                    VehicleAssessment vehicle = vehicles.get(slot.vehicleId());
                    JobParts parts = ShopJobs.parts(job, vehicle);
                    Optional<WrenchToBring> wrench = parts.wrench(
                            register.stored(vehicle.id()).entry().wheels(),
                            wrenches,
                            vehicle.policy().of(vehicle.vehicleClass()),
                            day.today());
                    List<String> bring = Stream.of(
                                    tires(job, vehicle, models),
                                    parts.phrase().stream(),
                                    wrench.map(one -> one.what().in(day.units())).stream(),
                                    slot.requirements().stream())
                            .flatMap(Function.identity())
                            .toList();
                    List<String> doubts = wrench.stream()
                            .flatMap(one -> one.doubts().stream())
                            .map(doubt -> doubt.in(day.units()))
                            .toList();
                    return job(slot, job, vehicle, bring, doubts, me);
                })
                .toList();
    }

    private static TodayJob job(
            JobSlotView slot,
            JobView job,
            VehicleAssessment vehicle,
            List<String> bring,
            List<String> wrenches,
            String me) {
        return new TodayJob(
                slot.jobId(),
                slot.vehicleId(),
                slot.unit(),
                vehicle.onFile().description(),
                slot.day(),
                slot.start(),
                slot.bay(),
                slot.assignees(),
                slot.assignees().contains(me),
                slot.minutes(),
                slot.work(),
                bring,
                wrenches,
                job.note().isBlank() ? null : job.note(),
                slot.blockedBy(),
                vehicle.verdict() == Verdict.DO_NOT_OPERATE);
    }

    /** The tires that go on: the chosen ones by their numbers, others counted by model, planned or as those there now. */
    private static Stream<String> tires(JobView job, VehicleAssessment vehicle, Map<Long, TireModel> models) {
        Map<String, Integer> count = new LinkedHashMap<>();
        for (JobItemView item : job.items()) {
            if (item.position() == null || !JobRequirements.takesTire(item.workType())) {
                continue;
            }
            if (item.chosenTire() != null) {
                count.merge(item.chosenTire(), 1, Integer::sum);
                continue;
            }
            Optional<TireModel> planned =
                    Optional.ofNullable(item.tireModelId()).map(models::get);
            Position position = Position.parse(item.position());
            planned.or(() -> Optional.ofNullable(vehicle.fitted().get(position))
                            .map(fitted -> fitted.tire().model()))
                    .ifPresent(model -> count.merge(model.title() + " " + model.sidewall(), 1, Integer::sum));
        }
        return count.entrySet().stream().map(one -> one.getValue() + " × " + one.getKey());
    }

    private Optional<WalkAroundDue> walkAround(VehicleAssessment vehicle, LocalDate today) {
        List<DueItem> items = vehicle.due().stream()
                .filter(item -> READ_ON_A_WALK.contains(item.workType()))
                .filter(item -> DueGroup.of(item, today).compareTo(DueGroup.THIS_WEEK) <= 0)
                .sorted(Comparator.comparing(DueItem::due))
                .toList();
        if (items.isEmpty()) {
            return Optional.empty();
        }
        LocalDate due = items.get(0).due();
        List<String> what = new ArrayList<>();
        items.stream()
                .map(item -> item.workType().label().toLowerCase(java.util.Locale.ROOT))
                .distinct()
                .forEach(what::add);
        return Optional.of(new WalkAroundDue(
                vehicle.id(),
                vehicle.unit(),
                vehicle.fitted().size(),
                due,
                ChronoUnit.DAYS.between(today, due),
                String.join(", ", what),
                walkArounds.openOn(vehicle.id()).orElse(null)));
    }

    private static StoppedVehicle stopped(VehicleAssessment vehicle, Units units) {
        List<DueItem> items = vehicle.due().stream()
                .filter(item -> item.urgency() == Verdict.DO_NOT_OPERATE)
                .toList();
        String places = items.stream()
                .flatMap(item -> item.positions().stream())
                .map(Position::code)
                .distinct()
                .collect(Collectors.joining(" "));
        return new StoppedVehicle(
                vehicle.id(),
                vehicle.unit(),
                places,
                items.stream()
                        .findFirst()
                        .map(item -> item.reason().statement().in(units))
                        .orElse(WORDS.say("seeTheVehicle")));
    }

    private List<Gauge> wrenches() {
        return gauges.all().stream()
                .filter(one -> !one.retired() && one.gauge().type() == Gauge.Type.TORQUE)
                .map(one -> one.gauge())
                .toList();
    }
}
