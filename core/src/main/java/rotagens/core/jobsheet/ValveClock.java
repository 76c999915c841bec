package rotagens.core.jobsheet;

import static rotagens.core.jobsheet.JobsheetWords.WORDS;

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
            return new ValvePosition(
                    school, List.of(angles), String.join(WORDS.say("or"), hours) + WORDS.say("oclock"));
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
                    List.of(ValvePosition.of(WORDS.say("machinesSheet"), sheet.get())),
                    step == BeadStep.BREAK_FRONT ? QUARTER : 0,
                    WORDS.message(
                            "asTheSheetOfSays", "tireChanger", tireChanger.get().name()));
        }
        if (tireChanger.filter(one -> !one.type().sensorMattersAt(step)).isPresent()) {
            return new ValveClock(step, List.of(), 0, WORDS.message("rollersDontReachTheSensor"));
        }
        String sheetless = tireChanger
                .map(one -> WORDS.say("sheetOfIsntOnFile", "one", one.name()))
                .orElse(WORDS.say("noTireChangerChosen"));
        if (step == BeadStep.BREAK_FRONT) {
            String breaker = tireChanger.map(one -> one.type().breaker()).orElse(WORDS.say("beadBreaker"));
            return new ValveClock(
                    step,
                    List.of(
                            ValvePosition.of(WORDS.say("techniqueBOpposite", "breaker", breaker), 180),
                            ValvePosition.of(WORDS.say("techniqueA90From", "breaker", breaker), 270, 90)),
                    QUARTER,
                    WORDS.message("bothTechniquesKeepTheSensor", "sheetless", sheetless));
        }
        return new ValveClock(
                step,
                List.of(ValvePosition.of(
                        WORDS.say(
                                "justBehind",
                                "tireChanger",
                                tireChanger.map(one -> one.type().head()).orElse(WORDS.say("mountHead"))),
                        BEHIND_HEAD)),
                0,
                WORDS.message("beadHasToPass", "sheetless", sheetless));
    }
}
