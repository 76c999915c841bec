package rotagens.core.planning;

import static rotagens.core.planning.PlanningWords.WORDS;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import rotagens.core.fact.Verdict;
import rotagens.core.inspection.Assessment;
import rotagens.core.inspection.VehicleState;
import rotagens.core.jobsheet.JobSheetInputs;
import rotagens.core.jobsheet.WheelJob;
import rotagens.core.jobsheet.WheelTask;
import rotagens.core.measure.Rule;
import rotagens.core.shop.DayWindow;
import rotagens.core.vehicle.Position;

/**
 * Work that a finished job sheet leaves to be done.
 *
 * @param positions empty where it concerns the vehicle
 * @param window the days it is meant for; empty where any day will do
 */
public record FollowUpWork(
        WorkType kind, List<Position> positions, LocalDate day, String reason, Optional<DayWindow> window) {

    private FollowUpWork(WorkType kind, List<Position> positions, LocalDate day, String reason) {
        this(kind, positions, day, reason, Optional.empty());
    }

    /**
     * What follows.
     *
     * @param facts the sheet’s wheels and what was found at them
     * @param vehicle as it is after the work
     * @param before the verdicts as they stood when the work was done
     * @param relearnLeft whether the relearn was left out with a reason
     * @param wrenches the torque wrenches the nuts were tightened with, by name
     * @param rotation whether it was a rotation, whose re-torque and relearn are planned with its moves
     * @param done the day of the work
     * @return what to do, where, in which days and why
     */
    public static List<FollowUpWork> after(
            JobSheetInputs facts,
            VehicleState vehicle,
            Map<Position, Assessment> before,
            boolean relearnLeft,
            Set<String> wrenches,
            boolean rotation,
            LocalDate done) {
        List<FollowUpWork> next = new ArrayList<>();
        OptionalDouble milesPerDay = vehicle.vehicle().milesPerDay();
        List<WheelJob> wheels =
                facts.wheels().stream().filter(wheel -> !wheel.condemned()).toList();
        if (!rotation && wheels.stream().anyMatch(wheel -> wheel.task().lifts())) {
            next.add(new FollowUpWork(
                    WorkType.RETORQUE,
                    List.of(),
                    FollowUp.retorque(done, milesPerDay),
                    WORDS.say("everyWheelThatWasLifted"),
                    FollowUp.retorqueWindow(done, milesPerDay)));
        }
        facts.wrenches().stream()
                .filter(wrench -> wrench.doubt().isPresent() && wrenches.contains(wrench.name()))
                .findFirst()
                .ifPresent(wrench -> next.add(new FollowUpWork(
                        WorkType.RETORQUE,
                        List.of(),
                        done,
                        WORDS.say("torqueToBeVerifiedWas", "wrench", wrench.name()))));
        List<Position> beads = wheels.stream()
                .filter(wheel -> wheel.task().breaksBead())
                .map(WheelJob::position)
                .distinct()
                .toList();
        if (!beads.isEmpty()) {
            next.add(new FollowUpWork(
                    WorkType.PRESSURE_CHECK,
                    beads,
                    done.plusDays(1),
                    WORDS.say("dayAfterWork"),
                    Optional.of(FollowUp.pressureCheck(done))));
        }
        if (relearnLeft && !rotation) {
            next.add(new FollowUpWork(WorkType.RELEARN, List.of(), done, WORDS.say("notDoneWithThisWork")));
        }
        List<Position> worn = wheels.stream()
                .filter(wheel -> wheel.task() == WheelTask.NEW_TIRE && wornOddly(before.get(wheel.position())))
                .map(WheelJob::position)
                .toList();
        if (!worn.isEmpty()) {
            next.add(new FollowUpWork(WorkType.CORRECT_WEAR_CAUSE, worn, done, WORDS.say("oldTireWentForAbnormal")));
        }
        List<Position> condemned = facts.wheels().stream()
                .filter(WheelJob::condemned)
                .map(WheelJob::position)
                .toList();
        if (!condemned.isEmpty()) {
            next.add(new FollowUpWork(WorkType.REPLACE, condemned, done, WORDS.say("condemnedByATireProfessional")));
        }
        return List.copyOf(next);
    }

    private static boolean wornOddly(Assessment assessment) {
        return Optional.ofNullable(assessment).stream()
                .flatMap(known -> known.reasons().stream())
                .anyMatch(verdictReason -> verdictReason.reason().rule() == Rule.WEAR_PATTERN
                        && (verdictReason.verdict() == Verdict.SERVICE_DUE
                                || verdictReason.verdict() == Verdict.DO_NOT_OPERATE));
    }
}
