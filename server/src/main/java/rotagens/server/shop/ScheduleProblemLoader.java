package rotagens.server.shop;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.measure.Message;
import rotagens.core.planning.DueItem;
import rotagens.core.planning.ShopVisit;
import rotagens.core.planning.TireSupply;
import rotagens.core.shop.JobSlot;
import rotagens.core.shop.ShopConstraints;
import rotagens.core.shop.ShopJob;
import rotagens.core.shop.ShopSetup;
import rotagens.server.fleet.FleetCache;
import rotagens.server.fleet.VehicleAssessment;
import rotagens.server.planning.Jobs;
import rotagens.server.shop.Schedule.OpenJob;
import rotagens.server.shop.ScheduleProblem.DueVisit;
import rotagens.server.shop.ScheduleProblem.Impossible;

/** Brings together what a proposal is made from: open jobs, due work, what stays where it is, and the shop's rules. */
@Component
class ScheduleProblemLoader {

    private final Schedule schedule;
    private final ShopJobs shopJobs;
    private final ShopSetupStore setups;
    private final Jobs jobs;
    private final FleetCache fleet;
    private final Clock clock;

    ScheduleProblemLoader(
            Schedule schedule, ShopJobs shopJobs, ShopSetupStore setups, Jobs jobs, FleetCache fleet, Clock clock) {
        this.schedule = schedule;
        this.shopJobs = shopJobs;
        this.setups = setups;
        this.jobs = jobs;
        this.fleet = fleet;
        this.clock = clock;
    }

    /**
     * @param weeks how many from today
     * @param withDueWork whether due work without a job is planned, too
     */
    @Transactional(readOnly = true)
    public ScheduleProblem load(int weeks, long seed, boolean withDueWork) {
        ShopConstraints rules = setups.rules();
        LocalDate last = LocalDate.now(clock).plusWeeks(weeks).minusDays(1);
        TireSupply tires = shopJobs.supply();
        Map<String, OpenJob> open = new HashMap<>();
        List<JobSlot> kept = new ArrayList<>();
        List<ShopJob> wanted = new ArrayList<>();
        for (OpenJob one : schedule.all(tires)) {
            open.put(one.shop().id(), one);
            boolean later = one.job().day().isAfter(last);
            if (one.placement().isPresent() && (one.pinned() || later)) {
                kept.add(one.placement().get());
            } else if (!later) {
                // What is planned for after these weeks isn't pulled into them.
                wanted.add(ShopSetup.somewhere(one.alone(), rules));
            }
        }
        Map<String, DueVisit> due = withDueWork ? due(last, tires, rules, wanted) : Map.of();
        List<ShopJob> possible = new ArrayList<>();
        List<Impossible> never = new ArrayList<>();
        for (ShopJob job : wanted) {
            List<Message> faults = ShopSetup.never(job, rules);
            if (faults.isEmpty()) {
                possible.add(job);
            } else {
                // Somebody may have put it somewhere all the same: the plan goes round it.
                Optional.ofNullable(open.get(job.id()))
                        .flatMap(OpenJob::placement)
                        .ifPresent(kept::add);
                never.add(new Impossible(job, faults.get(0)));
            }
        }
        return new ScheduleProblem(rules, last, seed, open, due, kept, possible, never);
    }

    private Map<String, DueVisit> due(LocalDate last, TireSupply tires, ShopConstraints rules, List<ShopJob> wanted) {
        Map<String, DueVisit> due = new HashMap<>();
        List<VehicleAssessment> vehicleAssessments = fleet.all();
        Map<Long, List<DueItem>> left = jobs.open(vehicleAssessments);
        for (VehicleAssessment vehicleAssessment : vehicleAssessments) {
            List<DueItem> items = ShopVisit.proposed(
                    vehicleAssessment.state(),
                    left.get(vehicleAssessment.id()),
                    vehicleAssessment.policy(),
                    vehicleAssessment.today(),
                    last);
            if (!items.isEmpty()) {
                ShopJob job = shopJobs.of(vehicleAssessment, items, tires);
                due.put(job.id(), new DueVisit(vehicleAssessment, items));
                wanted.add(ShopSetup.somewhere(job, rules));
            }
        }
        return due;
    }
}
