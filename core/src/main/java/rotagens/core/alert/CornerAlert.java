package rotagens.core.alert;

import static rotagens.core.alert.AlertWords.WORDS;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import rotagens.core.fact.CornerFact;
import rotagens.core.measure.Message;

/**
 * The alert of a vehicle whose dash may name the wrong corner: opened by a sensor that moved or was replaced, by dash and gauge that
 * named different corners, or by a relearn given up; cleared only by a relearn that is proven. Signing a job off clears nothing.
 *
 * @param since the day it was opened
 * @param on the day of what the words say
 * @param by who did or found what opened it
 * @param swapped whether dash and gauge have shown it, so that it is more than not proven
 * @param label what opened it, or the worse thing found since
 */
public record CornerAlert(LocalDate since, LocalDate on, String by, boolean swapped, String label) {

    /** What clears it, in words. */
    public static final String CLEARED_BY = WORDS.say("finishedRelearnWithDash");

    /**
     * What is open after everything on record.
     *
     * @param oldestFirst the facts of one vehicle in the order they happened
     * @return empty where the corners are as the dash names them
     */
    public static Optional<CornerAlert> fold(List<CornerFact> oldestFirst) {
        CornerAlert open = null;
        for (CornerFact fact : oldestFirst) {
            boolean swapped = fact.kind() == CornerFact.Type.SWAPPED;
            if (fact.kind() == CornerFact.Type.PROVEN) {
                open = null;
            } else if (open == null) {
                open = new CornerAlert(fact.on(), fact.on(), fact.by(), swapped, fact.label());
            } else if (swapped) {
                open = new CornerAlert(open.since, fact.on(), fact.by(), true, fact.label());
            }
        }
        return Optional.ofNullable(open);
    }

    /**
     * What happened, with its day.
     *
     * @return for example Sensor replaced at 2LI on Nov 30, 2026
     */
    public Message statement() {
        return WORDS.message("on2", "label", label, "on", on);
    }
}
