package rotagens.core.jobsheet;

import java.util.List;
import java.util.Optional;
import rotagens.core.measure.Message;
import rotagens.core.vehicle.Position;

/**
 * One step of a job sheet.
 *
 * @param position the wheel it is done at; empty where it concerns the vehicle
 * @param does what to do
 * @param caution what hurts somebody here, and only that
 * @param beads the clock faces that go with it, one for each bead that is worked
 */
public record Step(
        StepCode code,
        Optional<Position> position,
        Message does,
        Optional<Message> caution,
        StepInput input,
        List<BeadStep> beads) {

    /**
     * Keeps copies.
     *
     * @param code which step
     * @param input what is entered
     * @param position the wheel it is done at; empty where it concerns the vehicle
     * @param does what to do
     * @param caution what hurts somebody here, and only that
     * @param beads the clock faces that go with it, one for each bead that is worked
     */
    public Step {
        beads = List.copyOf(beads);
    }

    /**
     * Names the step on its sheet.
     *
     * @return its code, with the position where it has one
     */
    public String key() {
        return code + position.map(at -> ":" + at.code()).orElse("");
    }
}
