package rotagens.core.sensor;

import rotagens.core.measure.Message;
import rotagens.core.vehicle.Position;

/**
 * What a corner whose sensor stays silent during a relearn leads to.
 *
 * @param kind what to try or to suspect
 * @param corner the position of the sensor
 * @param statement in words, with what to do
 */
public record SilentSensor(NextStep kind, Position corner, Message statement) {

    /** From what costs least to what costs most. */
    public enum NextStep {
        /** Hold the trigger once more. */
        RETRY,
        /** Turn the wheel a quarter and try again. */
        NOT_IN_RANGE,
        /** Its battery may have ended by its age. */
        BATTERY,
        /** The sensor itself. */
        SENSOR
    }
}
