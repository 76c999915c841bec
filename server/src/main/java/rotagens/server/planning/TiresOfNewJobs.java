package rotagens.server.planning;

import static rotagens.server.planning.PlanningWords.WORDS;

import java.util.Map;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.measure.Units;
import rotagens.core.vehicle.Position;
import rotagens.server.fleet.FleetCache;
import rotagens.server.jobtires.ChosenTireViews.ChooseTireRequest;
import rotagens.server.jobtires.ChosenTires;
import rotagens.server.planning.JobViews.JobItemView;
import rotagens.server.planning.JobViews.JobView;
import rotagens.server.web.ProblemException;

/** The tires chosen in the same breath as their job is made: both stand, or neither. */
@Component
class TiresOfNewJobs {

    private final FleetCache fleet;
    private final ChosenTires tires;

    TiresOfNewJobs(FleetCache fleet, ChosenTires tires) {
        this.fleet = fleet;
        this.tires = tires;
    }

    /**
     * Chooses by position; what is wrong is said at the field {@code tires.<unit>.<position>}.
     *
     * @throws ProblemException where the job puts no tire on at a position that is named, or the tire must not go there
     */
    @Transactional
    public void choose(JobView job, Map<String, ChooseTireRequest> chosen, Units units) {
        chosen.forEach((position, tire) -> {
            String field = "tires." + job.unit() + "." + position;
            JobItemView item = job.items().stream()
                    .filter(one -> position.equals(one.position()) && ChosenTires.chooses(one.workType()))
                    .findFirst()
                    .orElseThrow(
                            () -> ProblemException.field(field, WORDS.say("thisWorkPutsNoTire", "position", position)));
            tires.choose(
                    item.id(), fleet.get(job.vehicleId()), Position.parse(position), job.day(), tire, units, field);
        });
    }
}
