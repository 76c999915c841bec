package rotagens.core.planning;

import static rotagens.core.planning.PlanningWords.WORDS;

import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import rotagens.core.jobsheet.RecordedWork;
import rotagens.core.jobsheet.WheelJob;
import rotagens.core.jobsheet.WheelTask;
import rotagens.core.rotation.MovePlan;
import rotagens.core.vehicle.Position;

/** Which work in the bay a piece of due work is. */
public final class WheelTasks {

    private WheelTasks() {}

    /**
     * The work at the wheel that a piece of due work asks for.
     *
     * @param kind of work
     * @param moveMethod how the tire gets there, where a rotation brings it
     * @param sensorDismount whether the tire comes off to get at the sensor
     * @return what its sheet holds for the wheel
     */
    public static WheelTask of(WorkType kind, Optional<MovePlan.MoveMethod> moveMethod, boolean sensorDismount) {
        return switch (kind) {
            case REPLACE, CORRECT_MISMATCH, INSTALL_NEW_TIRE -> WheelTask.NEW_TIRE;
            case RECORD_TIRE -> WheelTask.RECORD;
            case INSTALL_MOVED_TIRE ->
                moveMethod
                                .filter(way -> way == MovePlan.MoveMethod.WITH_WHEEL
                                        || way == MovePlan.MoveMethod.REVERSED_ON_WHEEL)
                                .isPresent()
                        ? WheelTask.MOVE_ASSEMBLY
                        : WheelTask.REMOUNT;
            case REPLACE_SENSOR -> sensorDismount ? WheelTask.SENSOR_DISMOUNT : WheelTask.SENSOR_IN_PLACE;
            case INSPECT_DAMAGE -> WheelTask.WHEEL_OFF;
            case FIND_LEAK -> WheelTask.BEAD_LEAK;
            case REPLACE_WHEEL -> WheelTask.REPLACE_WHEEL;
            case SET_PRESSURE, PRESSURE_CHECK -> WheelTask.PRESSURE;
            case CORRECT_WEAR_CAUSE -> WheelTask.CORRECT_CAUSE;
            case AGE_INSPECTION -> WheelTask.VERDICT;
            case READ_DOT -> WheelTask.DOT;
            case TREAD_INSPECTION -> WheelTask.TREAD;
            case RETORQUE -> WheelTask.RETORQUE;
            case FIX_DEFECT,
                    DERIVE_TARGET,
                    ALIGN,
                    REPAIR_SUSPENSION,
                    REDUCE_LOAD,
                    WEIGH,
                    ROTATE,
                    RELEARN,
                    MOVE_VEHICLE -> WheelTask.OTHER;
        };
    }

    /**
     * Whether the work takes the wheel off the vehicle, however it is done.
     *
     * @param kind of work
     * @return whether it comes off its hub
     */
    public static boolean lifts(WorkType kind) {
        return of(kind, Optional.empty(), false).lifts();
    }

    /**
     * The dual's mates that are let down because their other tire comes off, in the order of their codes. Each is filled again to its
     * target and gauged before the work counts as done.
     *
     * @param lifted positions whose wheels come off by work of their own
     * @param fitted positions that have a tire
     * @return positions
     */
    public static List<Position> mates(Collection<Position> lifted, Collection<Position> fitted) {
        return lifted.stream()
                .flatMap(position -> WheelJob.mate(position).stream())
                .filter(mate -> !lifted.contains(mate) && fitted.contains(mate))
                .sorted(Comparator.comparing(Position::code))
                .toList();
    }

    /**
     * The record made on a page of its own that work for the vehicle ends with; empty where there is none.
     *
     * @param kind of work
     * @return scale ticket, relearn or alignment
     */
    public static Optional<RecordedWork> recordOf(WorkType kind) {
        return switch (kind) {
            case WEIGH, REDUCE_LOAD -> Optional.of(RecordedWork.SCALE_TICKET);
            case RELEARN -> Optional.of(RecordedWork.RELEARN);
            case ALIGN -> Optional.of(RecordedWork.ALIGNMENT);
            default -> Optional.empty();
        };
    }

    /**
     * Whether that record is all there is to do, so that no words are asked for beside it.
     *
     * @param kind of work
     * @return true where the record is the proof
     */
    public static boolean isOnlyRecorded(WorkType kind) {
        return recordOf(kind).isPresent() && kind != WorkType.REDUCE_LOAD;
    }

    /**
     * What has to be there before a job with this work can be closed, beside what its steps ask for.
     *
     * @param kind of work
     * @return in words; empty where its steps are all
     */
    public static Optional<String> alsoNeeded(WorkType kind) {
        return kind.requiredResult().contains(WorkType.RequiredResult.SCALE_TICKET)
                ? Optional.of(WORDS.say("jobCanBeCompletedOnce"))
                : Optional.empty();
    }
}
