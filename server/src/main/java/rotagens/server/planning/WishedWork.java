package rotagens.server.planning;

import static rotagens.server.planning.PlanningWords.WORDS;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Collections;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.measure.Units;
import rotagens.core.planning.WorkType;
import rotagens.core.vehicle.Position;
import rotagens.server.cache.ChangeTracker;
import rotagens.server.fleet.FleetCache;
import rotagens.server.fleet.VehicleAssessment;
import rotagens.server.jobtires.ChosenTireViews.ChooseTireRequest;
import rotagens.server.jobtires.ChosenTires;
import rotagens.server.planning.JobViews.JobView;
import rotagens.server.planning.JobViews.NewJobView;
import rotagens.server.web.InputValidator;

/** Work that somebody asks for, whether or not it falls due: an owner's tires, a wished alignment, another shop's appointment. */
@Service
class WishedWork {

    /** Work that may be asked for, whether it is done at tires or at the vehicle, and whether a tire is chosen for it. */
    record WishedWorkOption(WorkType workType, String label, boolean atPositions, boolean takesTire) {}

    /**
     * What is asked for.
     *
     * @param wish in words: who asks, which model and how many
     * @param outsideShop the shop that does it, where it isn't our own
     * @param day of a job of its own
     * @param join the open job it goes onto instead
     * @param tires by position, the tire that goes on, where it was chosen
     */
    record WishedWorkRequest(
            long vehicleId,
            @Nullable WorkType workType,
            @Nullable List<String> positions,
            @Nullable String wish,
            @Nullable String outsideShop,
            @Nullable LocalDate day,
            @Nullable Long join,
            @Nullable Map<String, ChooseTireRequest> tires) {}

    private static final int LONGEST_WISH = 300;
    private static final int LONGEST_SHOP = 80;

    private final Jobs jobs;
    private final JobStore store;
    private final FleetCache fleet;
    private final ChangeTracker changeTracker;
    private final Clock clock;
    private final TiresOfNewJobs tires;

    WishedWork(
            Jobs jobs,
            JobStore store,
            FleetCache fleet,
            ChangeTracker changeTracker,
            Clock clock,
            TiresOfNewJobs tires) {
        this.tires = tires;
        this.jobs = jobs;
        this.store = store;
        this.fleet = fleet;
        this.changeTracker = changeTracker;
        this.clock = clock;
    }

    List<WishedWorkOption> options() {
        return Arrays.stream(WorkType.values())
                .filter(WorkType::canBeWished)
                .map(kind -> new WishedWorkOption(kind, kind.label(), kind.isAtPositions(), ChosenTires.chooses(kind)))
                .toList();
    }

    /** Books it, on a day of its own or onto a visit the vehicle has already. */
    @Transactional
    JobView book(WishedWorkRequest wanted, Units units) {
        changeTracker.only();
        VehicleAssessment vehicle = fleet.get(wanted.vehicleId());
        InputValidator wrong = new InputValidator();
        WorkType kind = wanted.workType();
        wrong.unless(kind != null && kind.canBeWished(), "workType", WORDS.say("chooseTheWork"));
        String wish = wrong.text("wish", wanted.wish(), LONGEST_WISH);
        String shop = wrong.text("outsideShop", wanted.outsideShop(), LONGEST_SHOP);
        Set<Position> positions = new LinkedHashSet<>();
        for (String code : Optional.ofNullable(wanted.positions()).orElse(List.of())) {
            Optional<Position> position = vehicle.position(code);
            wrong.unless(
                    position.isPresent(),
                    "positions",
                    WORDS.say("hasNoPosition", "vehicle", vehicle.unit(), "code", code));
            position.ifPresent(positions::add);
            wrong.unless(
                    position.isEmpty() || vehicle.fitted().containsKey(position.get()),
                    "positions",
                    WORDS.say("noTireOnFile", "code", code));
        }
        wrong.refuseIfWrong();
        wrong.unless(!kind.isAtPositions() || !positions.isEmpty(), "positions", WORDS.say("chooseAtWhichPositions"));
        Map<String, NewJobView> scheduled = store.scheduled();
        (kind.isAtPositions()
                        ? positions.stream().map(Position::code).toList()
                        : Collections.<String>singletonList(null))
                .forEach(code -> wrong.unless(
                        !scheduled.containsKey(JobStore.work(vehicle.id(), kind.name(), code)),
                        "workType",
                        WORDS.say(
                                "isOnAnOpenJob",
                                "kind",
                                kind.label(),
                                "code",
                                code == null ? "" : WORDS.say("at", "code", code),
                                "vehicle",
                                vehicle.unit())));
        wrong.refuseIfWrong();
        String note = shop.isEmpty() ? "" : WORDS.say("outsideShop", "shop", shop);
        if (wanted.join() == null) {
            JobDay.refuse(wanted.day(), LocalDate.now(clock));
        }
        long job = wanted.join() == null
                ? jobs.start(vehicle.id(), wanted.day(), note)
                : jobs.joined(wanted.join(), vehicle.id(), note);
        String reason = wish.isEmpty() ? WORDS.say("askedFor") : WORDS.say("askedFor2", "wish", wish);
        if (kind.isAtPositions()) {
            positions.forEach(position -> jobs.addWork(job, kind, vehicle.placeId(position), reason));
        } else {
            jobs.addWork(job, kind, null, reason);
        }
        jobs.completed(job, vehicle);
        tires.choose(jobs.get(job), Optional.ofNullable(wanted.tires()).orElse(Map.of()), units);
        return jobs.get(job);
    }
}
