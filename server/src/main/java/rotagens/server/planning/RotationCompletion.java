package rotagens.server.planning;

import static rotagens.server.planning.PlanningWords.WORDS;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import rotagens.core.measure.Distance;
import rotagens.core.planning.FollowUp;
import rotagens.core.planning.WorkType;
import rotagens.server.fleet.VehicleAssessment;
import rotagens.server.people.People;
import rotagens.server.planning.PlannedMoves.Plan;
import rotagens.server.tire.TireStore;

/** What signing off a rotation does beside its readings: the moves themselves, and the jobs that have to follow. */
@Component
class RotationCompletion {

    private final PlannedMoves planned;
    private final Jobs jobs;
    private final FollowUps followUps;
    private final People people;
    private final Clock clock;

    RotationCompletion(PlannedMoves planned, Jobs jobs, FollowUps followUps, People people, Clock clock) {
        this.planned = planned;
        this.jobs = jobs;
        this.followUps = followUps;
        this.people = people;
        this.clock = clock;
    }

    /**
     * Carries the moves out, if the job is a rotation, and plans what follows.
     *
     * @param bought by place, the tires newly put on record for it
     */
    void of(long jobId, VehicleAssessment before, Map<Long, Long> bought, Instant at, Optional<Distance> odometer) {
        planned.of(jobId).ifPresent(plan -> {
            planned.carryOut(
                    plan, bought, new TireStore.Line(at, people.me(), "", plan.overrideReason(), null, null, jobId));
            followUps(plan, before, at, odometer);
        });
    }

    /** Nuts settle, and the dash still names the old corners. */
    private void followUps(Plan plan, VehicleAssessment before, Instant at, Optional<Distance> odometer) {
        LocalDate today = LocalDate.now(clock);
        LocalDate done = LocalDate.ofInstant(at, clock.getZone());
        LocalDate retorque = FollowUp.retorque(done, before.vehicle().milesPerDay());
        long vehicle = before.id();
        long job = jobs.start(vehicle, retorque.isBefore(today) ? today : retorque, WORDS.say("afterTheRotation"));
        jobs.addWork(job, WorkType.RETORQUE, null, WORDS.say("everyWheelThatWasLifted"));
        followUps.put(job, done, FollowUp.retorqueWindow(done, before.vehicle().milesPerDay()), odometer);
        boolean insideMoved = before.state().vehicle().sensors().entrySet().stream()
                .anyMatch(sensor -> sensor.getValue().location().travelsWithWheel()
                        && plan.moves().stream()
                                .anyMatch(move -> move.wheelFrom() != null
                                        && move.wheelFrom() == before.placeId(sensor.getKey())));
        if (insideMoved) {
            long relearn = jobs.start(vehicle, today, WORDS.say("afterTheRotation"));
            jobs.addWork(relearn, WorkType.RELEARN, null, WORDS.say("insideSensorsMovedWithTheir"));
        }
    }
}
