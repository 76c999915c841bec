package rotagens.core.jobsheet;

import java.util.Optional;
import rotagens.core.measure.Message;
import rotagens.core.vehicle.Position;

/**
 * One step of a job sheet.
 *
 * @param position the wheel it is done at; empty where it concerns the vehicle
 * @param does what to do
 * @param caution what hurts somebody here, and only that
 * @param bead the clock face that goes with it
 */
public record Step(
        StepCode code,
        Optional<Position> position,
        Message does,
        Optional<Message> caution,
        StepInput input,
        Optional<BeadStep> bead) {

    /** Names the step on its sheet. */
    public String key() {
        return code + position.map(at -> ":" + at.code()).orElse("");
    }
}
