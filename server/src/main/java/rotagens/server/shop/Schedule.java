package rotagens.server.shop;

import static rotagens.server.shop.ShopWords.WORDS;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.measure.InvalidInputException;
import rotagens.core.measure.Units;
import rotagens.core.planning.TireSupply;
import rotagens.core.shop.Equipment;
import rotagens.core.shop.JobSlot;
import rotagens.core.shop.ScheduleCheck;
import rotagens.core.shop.ScheduleConflict;
import rotagens.core.shop.ShopConstraints;
import rotagens.core.shop.ShopJob;
import rotagens.core.shop.ShopSetup;
import rotagens.core.shop.SlotExplanation;
import rotagens.core.shop.TimeRange;
import rotagens.server.cache.ChangeTracker;
import rotagens.server.fleet.FleetCache;
import rotagens.server.fleet.VehicleAssessment;
import rotagens.server.planning.JobViews.JobItemView;
import rotagens.server.planning.JobViews.JobView;
import rotagens.server.planning.Jobs;
import rotagens.server.shop.ShopViews.DayView;
import rotagens.server.shop.ShopViews.EarlierSlotView;
import rotagens.server.shop.ShopViews.JobSlotView;
import rotagens.server.shop.ShopViews.ScheduleConflictView;
import rotagens.server.shop.ShopViews.ScheduleView;
import rotagens.server.shop.ShopViews.SetJobSlotRequest;
import rotagens.server.shop.ShopViews.SlotExplanationView;
import rotagens.server.shop.ShopViews.YardScheduleView;
import rotagens.server.web.InputValidator;
import rotagens.server.web.ProblemException;

/** The shop's calendar: where each open job stands, what is against it there, moving and pinning it. */
@Service
public class Schedule {

    /**
     * An open job with what the calendar knows of it.
     *
     * @param alone in its vehicle's own yard
     * @param shop where it is done
     * @param placement empty while it has a day and no hour
     */
    record OpenJob(JobView job, ShopJob alone, ShopJob shop, Optional<JobSlot> placement, boolean pinned) {}

    private static final int MOST_WEEKS = 12;
    private static final int MOST_PEOPLE = 6;

    private final JobSlotStore slots;
    private final Jobs jobs;
    private final FleetCache fleet;
    private final ShopJobs shopJobs;
    private final ShopSetupStore setups;
    private final VehicleBookings vehicleBookings;
    private final ChangeTracker changeTracker;

    Schedule(
            JobSlotStore slots,
            Jobs jobs,
            FleetCache fleet,
            ShopJobs shopJobs,
            ShopSetupStore setups,
            VehicleBookings vehicleBookings,
            ChangeTracker changeTracker) {
        this.slots = slots;
        this.jobs = jobs;
        this.fleet = fleet;
        this.shopJobs = shopJobs;
        this.setups = setups;
        this.vehicleBookings = vehicleBookings;
        this.changeTracker = changeTracker;
    }

    /** Every open job, with where it stands. */
    List<OpenJob> all(TireSupply tires) {
        ShopConstraints rules = setups.rules();
        Map<Long, JobSlotStore.Kept> kept = slots.all();
        Map<Long, VehicleAssessment> vehicleAssessments = fleet.all().stream()
                .collect(Collectors.toMap(vehicleAssessment -> vehicleAssessment.id(), Function.identity()));
        List<OpenJob> all = new ArrayList<>();
        for (JobView jobView : jobs.open()) {
            VehicleAssessment vehicleAssessment = vehicleAssessments.get(jobView.vehicleId());
            if (vehicleAssessment == null) {
                continue;
            }
            JobSlotStore.Kept where = kept.get(jobView.id());
            ShopJob alone = shopJobs.of(jobView, vehicleAssessment, tires);
            // Where somebody, or a plan, put it; else where it can be done.
            ShopJob shop = where == null ? ShopSetup.somewhere(alone, rules) : ShopSetup.in(alone, where.yard(), rules);
            all.add(new OpenJob(
                    jobView,
                    alone,
                    shop,
                    Optional.ofNullable(where)
                            .map(one -> new JobSlot(shop, jobView.day(), one.start(), one.bay(), one.people())),
                    where != null && where.pinned()));
        }
        return all;
    }

    static List<JobSlot> placements(List<OpenJob> all) {
        return all.stream().flatMap(one -> one.placement().stream()).toList();
    }

    @Transactional(readOnly = true)
    public ScheduleView view(LocalDate from, int weeks, Units units) {
        if (weeks < 1 || weeks > MOST_WEEKS) {
            throw ProblemException.field("weeks", WORDS.say("at1ToWeeks", "mostWeeks", MOST_WEEKS));
        }
        ShopConstraints rules = setups.rules();
        LocalDate first = from == null ? rules.today() : from;
        LocalDate to = first.plusWeeks(weeks);
        List<OpenJob> all = all(shopJobs.supply());
        List<JobSlot> placed = placements(all);
        List<JobSlotView> shown = all.stream()
                .filter(one ->
                        !one.job().day().isBefore(first) && one.job().day().isBefore(to)
                                || one.job().day().isBefore(rules.today()))
                .map(one -> view(one, placed, rules, units))
                .toList();
        return new ScheduleView(
                first,
                to,
                rules.yards().stream()
                        .map(yard -> new YardScheduleView(
                                yard.name(),
                                yard.bays(),
                                rules.technicians().stream()
                                        .filter(technician -> technician.yard().equals(yard.name()))
                                        .map(ShopConstraints.Technician::name)
                                        .toList(),
                                first.datesUntil(to)
                                        .map(day -> new DayView(
                                                day,
                                                rules.closed(yard.name(), day).orElse(null)))
                                        .toList()))
                        .toList(),
                shown,
                (int) shown.stream().filter(one -> !one.conflicts().isEmpty()).count(),
                vehicleBookings.all());
    }

    private static JobSlotView view(OpenJob one, List<JobSlot> placed, ShopConstraints rules, Units units) {
        JobView jobView = one.job();
        Optional<JobSlot> where = one.placement();
        List<ScheduleConflict> clashes = where.map(place -> ScheduleCheck.violations(place, placed, rules))
                .orElse(List.of());
        return new JobSlotView(
                jobView.id(),
                jobView.version(),
                jobView.vehicleId(),
                jobView.unit(),
                one.shop().yard(),
                jobView.day(),
                where.map(place -> TimeRange.clock(place.start())).orElse(null),
                where.map(place -> TimeRange.clock(place.end())).orElse(null),
                where.map(JobSlot::bay).orElse(null),
                where.map(JobSlot::assignees).orElse(List.of()),
                one.pinned(),
                one.shop().minutes(),
                one.shop().techniciansNeeded(),
                one.shop().requirements().stream()
                        .sorted()
                        .map(Equipment::label)
                        .toList(),
                work(jobView),
                one.shop().due(),
                jobView.day().isAfter(one.shop().due()),
                one.shop().blockedBy().map(says -> says.in(units)).orElse(null),
                clashes.stream()
                        .map(scheduleConflict -> new ScheduleConflictView(
                                scheduleConflict.rule(),
                                scheduleConflict.rule().title(),
                                scheduleConflict.statement().in(units)))
                        .toList());
    }

    static List<String> work(JobView jobView) {
        Map<String, List<String>> byWork = jobView.items().stream()
                .collect(Collectors.groupingBy(
                        JobItemView::label,
                        java.util.LinkedHashMap::new,
                        Collectors.mapping(
                                jobItemView -> jobItemView.position() == null ? "" : jobItemView.position(),
                                Collectors.toList())));
        return byWork.entrySet().stream()
                .map(entry -> (String.join(" ", entry.getValue()) + " " + entry.getKey()).strip())
                .toList();
    }

    /** Puts a job somewhere, also where rules are against it: the page then says which. */
    @Transactional
    public JobSlotView place(long jobId, int version, SetJobSlotRequest wanted, Units units) {
        changeTracker.only();
        InputValidator wrong = new InputValidator();
        wrong.unless(wanted.day() != null, "day", WORDS.say("chooseADay"));
        wrong.unless(wanted.bay() != null && wanted.bay() >= 1 && wanted.bay() <= 20, "bay", WORDS.say("chooseABay"));
        int start = 0;
        try {
            start = TimeRange.parse((wanted.start() == null ? "" : wanted.start()) + "-24:00")
                    .from();
        } catch (InvalidInputException e) {
            wrong.wrong("start", WORDS.say("enterATimeSuch"));
        }
        List<String> people = wanted.assignees() == null
                ? List.of()
                : wanted.assignees().stream().distinct().limit(MOST_PEOPLE).toList();
        wrong.refuseIfWrong();
        JobView before = jobs.get(jobId);
        JobView moved = before.day().equals(wanted.day())
                ? jobs.touch(jobId, version)
                : jobs.move(jobId, version, wanted.day());
        ShopConstraints rules = setups.rules();
        String yard = wanted.yard() == null ? moved.yard() : wanted.yard();
        if (rules.yard(yard).isEmpty()) {
            throw ProblemException.field("yard", WORDS.say("thisYardHasNoShop"));
        }
        slots.keep(jobId, start, wanted.bay(), people, wanted.pinned(), slots.yardOf(yard));
        List<OpenJob> all = all(shopJobs.supply());
        return all.stream()
                .filter(one -> one.job().id() == jobId)
                .findFirst()
                .map(one -> view(one, placements(all), rules, units))
                .orElseThrow();
    }

    /** Why a job stands where it stands, and what stops an earlier day. */
    @Transactional(readOnly = true)
    public SlotExplanationView why(long jobId, Units units) {
        ShopConstraints rules = setups.rules();
        List<OpenJob> all = all(shopJobs.supply());
        JobSlot placed = all.stream()
                .filter(one -> one.job().id() == jobId)
                .findFirst()
                .flatMap(OpenJob::placement)
                .orElseThrow(() -> ProblemException.conflict(WORDS.say("thisJobHasADate")));
        SlotExplanation.Answer answer = SlotExplanation.of(placed, placements(all), rules);
        return new SlotExplanationView(
                answer.statement().in(units),
                answer.earlier().stream()
                        .map(day -> new EarlierSlotView(
                                day.day(),
                                day.rule().map(rule -> rule.title()).orElse(null),
                                day.statement().in(units)))
                        .toList());
    }
}
