package rotagens.server.planning;

import static rotagens.server.planning.PlanningWords.WORDS;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.measure.Units;
import rotagens.core.planning.WorkType;

/** What somebody decided otherwise than the rules or the plan would have it, by name. */
@Service
public class Overrides {

    /**
     * A decision.
     *
     * @param what what was overruled or put off
     */
    public record Override(Instant at, String what, String reason, String by) {}

    private final RotationPlanStore plans;
    private final PostponementStore postponements;

    Overrides(RotationPlanStore plans, PostponementStore postponements) {
        this.plans = plans;
        this.postponements = postponements;
    }

    /** Rotations arranged against a rule, and due work that was left until later. */
    @Transactional(readOnly = true)
    public List<Override> ofVehicle(long vehicleId) {
        List<Override> all = new ArrayList<>(plans.overriddenOf(vehicleId).stream()
                .map(one -> new Override(
                        one.at(), WORDS.say("rotationAgainst", "rules", one.rules()), one.reason(), one.by()))
                .toList());
        postponements.ofVehicle(vehicleId).stream()
                .map(one -> new Override(
                        one.at(),
                        WORDS.message("leftUntil", "until", one.until(), "work", work(one.key()))
                                .in(Units.US),
                        one.reason(),
                        one.by()))
                .forEach(all::add);
        return all;
    }

    /** The work a key names, in words. */
    private static String work(String key) {
        String[] parts = key.split(":", 2);
        return WorkType.valueOf(parts[0]).label()
                + (parts.length < 2 || parts[1].isEmpty()
                        ? ""
                        : WORDS.say("at2", "parts", parts[1].replace("+", ", ")));
    }
}
