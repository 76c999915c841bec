package rotagens.server.planning;

import static rotagens.server.planning.PlanningWords.WORDS;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.fact.Verdict;
import rotagens.core.measure.Units;
import rotagens.core.planning.DueItem;
import rotagens.core.planning.Postponement;
import rotagens.server.cache.ChangeTracker;
import rotagens.server.fleet.FleetCache;
import rotagens.server.fleet.VehicleAssessment;
import rotagens.server.people.People;
import rotagens.server.web.InputValidator;
import rotagens.server.web.ProblemException;

/** Due work left until a day: by whom, why and until when. Nothing is deleted; taking one back ends it. */
@Service
public class Postponements {

    private static final int LONGEST = 300;

    /** What somebody decides to leave. */
    record PostponeRequest(
            @Nullable String key,
            @Nullable LocalDate until,
            @Nullable String reason) {}

    private final PostponementStore store;
    private final FleetCache fleet;
    private final People people;
    private final ChangeTracker changeTracker;
    private final Clock clock;

    Postponements(PostponementStore store, FleetCache fleet, People people, ChangeTracker changeTracker, Clock clock) {
        this.store = store;
        this.fleet = fleet;
        this.people = people;
        this.changeTracker = changeTracker;
        this.clock = clock;
    }

    /** Those that hold today, by vehicle, kind of work and position: what is left stays left when other tires join the line. */
    Map<String, Postponement> holding() {
        LocalDate today = LocalDate.now(clock);
        Map<String, Postponement> holding = new HashMap<>();
        store.lasting(today).forEach(row -> {
            Postponement postponement = new Postponement(row.until(), row.reason(), row.by());
            pieces(row.vehicleId(), row.key()).forEach(piece -> holding.put(piece, postponement));
        });
        return holding;
    }

    /** The work a key names, position by position, as jobs name it too. */
    private static List<String> pieces(long vehicleId, String key) {
        String[] parts = key.split(":", 2);
        if (parts.length < 2) {
            return List.of();
        }
        return Arrays.stream(parts[1].split("\\+"))
                .map(code -> JobStore.work(vehicleId, parts[0], code))
                .toList();
    }

    /** The waiver of a piece of due work: all of it is left, the first to end counts; one position more makes it due again. */
    static Optional<Postponement> of(long vehicleId, DueItem item, Map<String, Postponement> holding) {
        if (item.urgency() == Verdict.DO_NOT_OPERATE) {
            // What must not roll doesn't wait, whatever was decided before it came to that.
            return Optional.empty();
        }
        List<Postponement> left =
                pieces(vehicleId, item.key()).stream().map(holding::get).toList();
        return left.contains(null) ? Optional.empty() : left.stream().min(Comparator.comparing(Postponement::until));
    }

    /** Leaves a piece of due work until a day. */
    @Transactional
    void leave(long vehicleId, PostponeRequest wanted, Units units) {
        changeTracker.only();
        VehicleAssessment vehicleAssessment = fleet.get(vehicleId);
        DueItem item = vehicleAssessment.due().stream()
                .filter(one -> one.key().equals(wanted.key()))
                .findFirst()
                .orElseThrow(() -> ProblemException.conflict(WORDS.say("thisIsNoLongerDue")));
        InputValidator wrong = new InputValidator();
        String reason = wrong.text("reason", wanted.reason(), LONGEST);
        wrong.unless(!reason.isEmpty(), "reason", WORDS.say("enterWhyItCanWait"));
        wrong.unless(wanted.until() != null, "until", WORDS.say("chooseUntilWhen"));
        if (wanted.until() != null) {
            Optional.of(wanted.until())
                    .flatMap(until -> Postponement.against(item, until, vehicleAssessment.today()))
                    .ifPresent(why -> wrong.wrong("until", why.in(units)));
        }
        wrong.refuseIfWrong();
        takeBack(vehicleId, item.key());
        store.add(vehicleId, item.key(), wanted.until(), reason, clock.instant(), people.me());
    }

    /** It is due again from now on. */
    @Transactional
    void end(long vehicleId, String work) {
        changeTracker.only();
        takeBack(vehicleId, work);
    }

    /** Ends every waiver that has a part in this work. */
    private void takeBack(long vehicleId, String work) {
        Set<String> pieces = Set.copyOf(pieces(vehicleId, work));
        List<Long> touched = store.openOf(vehicleId).stream()
                .filter(left -> pieces(vehicleId, left.key()).stream().anyMatch(pieces::contains))
                .map(PostponementStore.Stored::id)
                .toList();
        store.end(touched, clock.instant());
    }
}
