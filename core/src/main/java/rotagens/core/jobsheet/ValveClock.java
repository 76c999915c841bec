package rotagens.core.jobsheet;

import java.util.List;
import java.util.Optional;
import rotagens.core.measure.Message;

/**
 * Where the valve, and with it the sensor, has to be while a bead is worked, as an angle clockwise from the tool.
 *
 * @param valvePositions the choices, the one to take first
 * @param exclusionAngle degrees on either side of the tool from which a sensor stays away
 * @param explanation who says so
 */
public record ValveClock(BeadStep step, List<ValvePosition> valvePositions, int exclusionAngle, Message explanation) {

    /**
     * One place for the valve.
     *
     * @param angles from the tool; more than one where either will do
     * @param clock the same as hours on a clock face with the tool at 3, for example <i>12 or 6 o’clock</i>
     */
    public record ValvePosition(String technique, List<Integer> angles, String clock) {

        private static ValvePosition of(String school, Integer... angles) {
            List<String> hours = List.of(angles).stream()
                    .map(angle -> String.valueOf(TireChanger.clock(angle)))
                    .toList();
            return new ValvePosition(school, List.of(angles), String.join(" or ", hours) + " o’clock");
        }
    }

    private static final int QUARTER = 90;
    private static final int BEHIND_HEAD = 30;

    /**
     * The machine's own sheet wins. Without one: at the breaker both schools, the valve opposite the tool first; on the table
     * the valve just behind the mount head, so that the bead passes the sensor last.
     *
     * @param step of taking off or putting on
     * @param tireChanger the machine; empty where none was chosen
     * @return where the valve stands, by whose word, and how far to turn
     */
    public static ValveClock of(BeadStep step, Optional<TireChanger> tireChanger) {
        Optional<Integer> sheet = tireChanger.map(one -> one.valvePositions().get(step));
        if (sheet.isPresent()) {
            return new ValveClock(
                    step,
                    List.of(ValvePosition.of("the machine’s sheet", sheet.get())),
                    step == BeadStep.BREAK_FRONT ? QUARTER : 0,
                    Message.of("As the sheet of {} says.", tireChanger.get().name()));
        }
        if (tireChanger.filter(one -> !one.type().sensorMattersAt(step)).isPresent()) {
            return new ValveClock(
                    step, List.of(), 0, Message.of("Rollers don’t reach the sensor here: any place will do."));
        }
        String sheetless = tireChanger
                .map(one -> "The sheet of " + one.name() + " isn’t on file for this step")
                .orElse("No tire changer chosen");
        if (step == BeadStep.BREAK_FRONT) {
            String breaker = tireChanger.map(one -> one.type().breaker()).orElse("bead breaker");
            return new ValveClock(
                    step,
                    List.of(
                            ValvePosition.of("technique B, opposite the " + breaker, 180),
                            ValvePosition.of("technique A, 90° from the " + breaker, 270, 90)),
                    QUARTER,
                    Message.of("{}. Both techniques keep the sensor 90° from the tool.", sheetless));
        }
        return new ValveClock(
                step,
                List.of(ValvePosition.of(
                        "just behind the "
                                + tireChanger.map(one -> one.type().head()).orElse("mount head"),
                        BEHIND_HEAD)),
                0,
                Message.of("{}: the bead has to pass the sensor last. The manual comes first.", sheetless));
    }
}
