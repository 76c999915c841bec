package rotagens.server.shop;

import static rotagens.server.shop.ShopWords.WORDS;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.measure.Units;
import rotagens.core.planning.DueItem;
import rotagens.core.planning.ShopVisit;
import rotagens.core.planning.TireSupply;
import rotagens.core.shop.FirstFit;
import rotagens.core.shop.JobSlot;
import rotagens.core.shop.ShopConstraints;
import rotagens.core.shop.ShopJob;
import rotagens.core.shop.ShopSetup;
import rotagens.server.fleet.FleetCache;
import rotagens.server.fleet.VehicleAssessment;
import rotagens.server.planning.JobViews.JobView;
import rotagens.server.planning.JobViews.NewJobView;
import rotagens.server.shop.Schedule.OpenJob;
import rotagens.server.shop.ShopViews.OpenDayView;
import rotagens.server.shop.ShopViews.OpenDaysRequest;
import rotagens.server.web.ProblemException;

/** The next day on which a shop is open and has the hours, for due work that is about to be put on a day. */
@Service
class OpenDays {

    /** So far ahead a free day is looked for. */
    private static final int WEEKS = 6;

    private static final int MOST_VEHICLES = 200;

    private final Schedule schedule;
    private final ShopJobs shopJobs;
    private final ShopSetupStore setups;
    private final FleetCache fleet;

    OpenDays(Schedule schedule, ShopJobs shopJobs, ShopSetupStore setups, FleetCache fleet) {
        this.schedule = schedule;
        this.shopJobs = shopJobs;
        this.setups = setups;
        this.fleet = fleet;
    }

    /** One proposal for each vehicle, in the order asked; the most pressing vehicle takes the first free day. */
    @Transactional(readOnly = true)
    List<OpenDayView> of(OpenDaysRequest request, Units units) {
        if (request.work() == null || request.work().isEmpty()) {
            throw ProblemException.field("work", WORDS.say("chooseAtLeastOneThing"));
        }
        Map<Long, List<String>> wanted = request.work().stream()
                .collect(Collectors.groupingBy(
                        OpenDaysRequest.Work::vehicleId,
                        LinkedHashMap::new,
                        Collectors.mapping(OpenDaysRequest.Work::key, Collectors.toList())));
        if (wanted.size() > MOST_VEHICLES) {
            throw ProblemException.field("work", WORDS.say("atMostVehicles", "mostVehicles", MOST_VEHICLES));
        }
        ShopConstraints rules = setups.rules();
        TireSupply tires = shopJobs.supply();
        List<OpenJob> open = schedule.all(tires);
        Map<Long, ShopJob> visits = new LinkedHashMap<>();
        wanted.forEach((vehicleId, keys) -> {
            VehicleAssessment vehicle = fleet.get(vehicleId);
            List<DueItem> items = vehicle.due().stream()
                    .filter(item -> keys.contains(item.key()) && item.workType().canBeScheduled())
                    .toList();
            if (!items.isEmpty()) {
                visits.put(vehicleId, ShopSetup.somewhere(shopJobs.of(vehicle, items, tires), rules));
            }
        });
        List<ShopJob> order = new ArrayList<>(visits.values());
        order.sort(Comparator.comparing(ShopJob::weight)
                .reversed()
                .thenComparing(ShopJob::due)
                .thenComparing(ShopJob::id));
        Map<ShopJob, LocalDate> onTheirDay = open.stream()
                .filter(one -> one.placement().isEmpty())
                .collect(Collectors.toMap(
                        OpenJob::shop, one -> one.job().day(), (first, second) -> first, LinkedHashMap::new));
        Map<String, JobSlot> found = new HashMap<>();
        FirstFit.around(
                        order,
                        Schedule.placements(open),
                        onTheirDay,
                        rules,
                        rules.today().plusWeeks(WEEKS))
                .placed()
                .forEach(slot -> found.put(slot.job().id(), slot));
        Map<Long, LocalDate> chosen = request.chosen() == null ? Map.of() : request.chosen();
        Map<Long, NewJobView> going = new HashMap<>();
        open.stream()
                .map(OpenJob::job)
                .filter(job -> !job.day().isBefore(rules.today()))
                .sorted(Comparator.comparing(JobView::day).thenComparing(JobView::id))
                .forEach(job -> going.putIfAbsent(job.vehicleId(), new NewJobView(job.id(), job.day())));
        return visits.entrySet().stream()
                .map(visit -> view(
                        visit.getKey(),
                        visit.getValue(),
                        found,
                        chosen.get(visit.getKey()),
                        going.get(visit.getKey()),
                        rules,
                        units))
                .toList();
    }

    private OpenDayView view(
            long vehicleId,
            ShopJob job,
            Map<String, JobSlot> found,
            @Nullable LocalDate chosen,
            @Nullable NewJobView openJob,
            ShopConstraints rules,
            Units units) {
        JobSlot slot = found.get(job.id());
        LocalDate day = chosen == null ? slot == null ? null : slot.day() : chosen;
        return new OpenDayView(
                vehicleId,
                job.unit(),
                job.yard(),
                job.minutes(),
                slot == null ? null : slot.day(),
                day == null ? null : rules.closed(job.yard(), day).orElse(null),
                slot == null
                        ? ShopSetup.never(job, rules).stream()
                                .findFirst()
                                .map(says -> says.in(units))
                                .orElse(WORDS.say("noFreeHours", "weeks", WEEKS))
                        : job.blockedBy().map(says -> says.in(units)).orElse(null),
                openJob,
                openJob != null
                        && ShopVisit.takesAlong(
                                openJob.day(), Optional.ofNullable(slot).map(JobSlot::day), job.due()));
    }
}
