package rotagens.core.alert;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import rotagens.core.fact.CornerFact;
import rotagens.core.measure.Phrase;

/**
 * The alert of a vehicle whose dash may name the wrong corner: opened by a sensor that moved or was replaced, by dash and gauge that
 * named different corners, or by a relearn given up; cleared only by a relearn that is proven. Signing a job off clears nothing.
 *
 * @param since the day it was opened
 * @param by who did or found what opened it
 * @param crossed whether dash and gauge have shown it, so that it is more than not proven
 * @param words what opened it, or the worse thing found since
 */
public record CornerDoubt(LocalDate since, String by, boolean crossed, String words) {

    /** What clears it, in words. */
    public static final String CLEARED_BY = "a relearn proven by dash and gauge at every corner";

    /**
     * What is open after everything on record.
     *
     * @param oldestFirst the facts of one vehicle in the order they happened
     * @return empty where the corners are as the dash names them
     */
    public static Optional<CornerDoubt> fold(List<CornerFact> oldestFirst) {
        CornerDoubt open = null;
        for (CornerFact fact : oldestFirst) {
            boolean crossed = fact.kind() == CornerFact.Kind.CROSSED;
            if (fact.kind() == CornerFact.Kind.PROVEN) {
                open = null;
            } else if (open == null) {
                open = new CornerDoubt(fact.on(), fact.by(), crossed, fact.words());
            } else if (crossed) {
                open = new CornerDoubt(open.since, open.by, true, fact.words());
            }
        }
        return Optional.ofNullable(open);
    }

    /**
     * What it says of the vehicle.
     *
     * @return what happened, its day, and what that means
     */
    public Phrase says() {
        return crossed
                ? Phrase.of("{}, {}: the dash names the wrong corner", words, since)
                : Phrase.of("{}, {}: which corner the dash names isn’t proven", words, since);
    }
}
