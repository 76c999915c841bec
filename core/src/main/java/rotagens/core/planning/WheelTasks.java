package rotagens.core.planning;

import java.util.Optional;
import rotagens.core.jobsheet.WheelTask;
import rotagens.core.rotation.MovePlan;

/** Which work in the bay a piece of due work is. */
public final class WheelTasks {

    private WheelTasks() {}

    /**
     * The work at the wheel that a piece of due work asks for.
     *
     * @param how the tire gets there, where a rotation brings it
     * @param sensorDismount whether the tire comes off to get at the sensor
     */
    public static WheelTask of(WorkType kind, Optional<MovePlan.MoveMethod> moveMethod, boolean sensorDismount) {
        return switch (kind) {
            case REPLACE, FIX_MATCH, FIT_PLANNED -> WheelTask.NEW_TIRE;
            case RECORD_TIRE -> WheelTask.RECORD;
            case PLACE_TIRE ->
                moveMethod
                                .filter(way -> way == MovePlan.MoveMethod.WITH_WHEEL
                                        || way == MovePlan.MoveMethod.TURNED_ON_WHEEL)
                                .isPresent()
                        ? WheelTask.MOVE_WHEEL
                        : WheelTask.REMOUNT;
            case REPLACE_SENSOR -> sensorDismount ? WheelTask.SENSOR_DISMOUNT : WheelTask.SENSOR_IN_PLACE;
            case INSPECT_DAMAGE -> WheelTask.WHEEL_OFF;
            case FIND_LEAK -> WheelTask.BEAD_LEAK;
            case CHANGE_WHEEL -> WheelTask.WHEEL_CHANGE;
            case SET_PRESSURE, PRESSURE_CHECK -> WheelTask.PRESSURE;
            case MEND_WEAR_CAUSE -> WheelTask.CAUSE;
            case AGE_INSPECTION -> WheelTask.VERDICT;
            case READ_DOT -> WheelTask.DOT;
            case TREAD_INSPECTION -> WheelTask.TREAD;
            case RETORQUE -> WheelTask.RETORQUE;
            case PUT_RIGHT, FIND_TARGET, TAKE_LOAD_OFF, WEIGH, ROTATE, RELEARN, MOVE_VEHICLE -> WheelTask.OTHER;
        };
    }

    /** What has to be there before a job with this work can be closed, beside what its steps ask for. */
    public static Optional<String> alsoNeeded(WorkType kind) {
        return kind.requiredResult().contains(WorkType.RequiredResult.SLIP)
                ? Optional.of("the job closes once the slip is on the Load & pressure page")
                : Optional.empty();
    }
}
