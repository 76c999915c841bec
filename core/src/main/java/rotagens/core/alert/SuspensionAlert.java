package rotagens.core.alert;

import static rotagens.core.alert.AlertWords.WORDS;

import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import rotagens.core.fact.SuspensionFact;
import rotagens.core.fact.Verdict;
import rotagens.core.measure.Message;

/**
 * The alert of a vehicle with a joint, a shock, a ride height or an alignment over its limit: opened by the figure, cleared only by
 * a later figure of the same place within its limit. Signing work off clears nothing.
 *
 * @param since the day of the first figure over the limit
 * @param fact the newest figure there
 */
public record SuspensionAlert(LocalDate since, SuspensionFact fact) {

    /** What clears it, in words. */
    public static final String CLEARED_BY = WORDS.say("laterMeasurementOfTheSame");

    /**
     * What is open after everything on record, in the order it was opened.
     *
     * @param oldestFirst the facts of one vehicle in the order they happened
     * @return one alert for each place over its limit; none where all is within
     */
    public static List<SuspensionAlert> fold(List<SuspensionFact> oldestFirst) {
        Map<String, SuspensionAlert> open = new LinkedHashMap<>();
        for (SuspensionFact fact : oldestFirst) {
            if (fact.verdict() == Verdict.GOOD) {
                open.remove(fact.key());
            } else {
                LocalDate since = Optional.ofNullable(open.get(fact.key()))
                        .map(SuspensionAlert::since)
                        .orElse(fact.on());
                open.put(fact.key(), new SuspensionAlert(since, fact));
            }
        }
        return List.copyOf(open.values());
    }

    /**
     * What was measured, with its day.
     *
     * @return for example ball joint left: play 0.09 in on Nov 30, 2026
     */
    public Message statement() {
        return WORDS.message("on", "fact", fact.statement(), "on", fact.on());
    }
}
