package rotagens.core.planning;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import rotagens.core.fact.Verdict;
import rotagens.core.inspection.Judgement;
import rotagens.core.inspection.VehicleState;
import rotagens.core.job.JobFacts;
import rotagens.core.job.WheelTask;
import rotagens.core.job.WheelWork;
import rotagens.core.measure.Rule;
import rotagens.core.vehicle.Position;

/**
 * Work that a finished job sheet leaves to be done.
 *
 * @param positions empty where it concerns the vehicle
 */
public record SheetFollowUps(DueKind kind, List<Position> positions, LocalDate day, String why) {

    /**
     * What follows.
     *
     * @param before the verdicts as they stood when the work was done
     * @param relearnLeft whether the relearn was left out with a reason
     * @param rotation whether it was a rotation, whose re-torque and relearn are planned with its moves
     */
    public static List<SheetFollowUps> after(
            JobFacts facts,
            VehicleState vehicle,
            Map<Position, Judgement> before,
            boolean relearnLeft,
            boolean rotation,
            LocalDate done) {
        List<SheetFollowUps> next = new ArrayList<>();
        OptionalDouble milesPerDay = vehicle.vehicle().milesPerDay();
        List<WheelWork> wheels =
                facts.wheels().stream().filter(wheel -> !wheel.condemned()).toList();
        if (!rotation && wheels.stream().anyMatch(wheel -> wheel.task().lifts())) {
            next.add(new SheetFollowUps(
                    DueKind.RETORQUE,
                    List.of(),
                    FollowUp.retorque(done, milesPerDay),
                    "every wheel that was lifted, 50 to 100 miles after"));
        }
        List<Position> beads = wheels.stream()
                .filter(wheel -> wheel.task().breaksBead())
                .map(WheelWork::position)
                .distinct()
                .toList();
        if (!beads.isEmpty()) {
            next.add(new SheetFollowUps(
                    DueKind.PRESSURE_CHECK,
                    beads,
                    done.plusDays(1),
                    "the day after work on the bead: a leak shows first here"));
        }
        if (relearnLeft && !rotation) {
            next.add(new SheetFollowUps(
                    DueKind.RELEARN,
                    List.of(),
                    done,
                    "left out on the sheet: until it is done the dash names the wrong corner"));
        }
        List<Position> worn = wheels.stream()
                .filter(wheel -> wheel.task() == WheelTask.NEW_TIRE && wornOddly(before.get(wheel.position())))
                .map(WheelWork::position)
                .toList();
        if (!worn.isEmpty()) {
            next.add(
                    new SheetFollowUps(
                            DueKind.MEND_WEAR_CAUSE,
                            worn,
                            done,
                            "the old tire went for abnormal wear: suspension, alignment, shocks or driving, or the new one goes the same way"));
        }
        List<Position> condemned = facts.wheels().stream()
                .filter(WheelWork::condemned)
                .map(WheelWork::position)
                .toList();
        if (!condemned.isEmpty()) {
            next.add(new SheetFollowUps(DueKind.REPLACE, condemned, done, "condemned by a tire professional"));
        }
        return List.copyOf(next);
    }

    private static boolean wornOddly(Judgement judgement) {
        return Optional.ofNullable(judgement).stream()
                .flatMap(known -> known.reasons().stream())
                .anyMatch(judged -> judged.reason().rule() == Rule.WEAR_PATTERN
                        && (judged.verdict() == Verdict.PLAN || judged.verdict() == Verdict.DO_NOT_OPERATE));
    }
}
