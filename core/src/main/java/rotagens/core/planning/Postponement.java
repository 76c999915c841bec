package rotagens.core.planning;

import static rotagens.core.planning.PlanningWords.WORDS;

import java.time.LocalDate;
import java.util.Optional;
import rotagens.core.fact.Verdict;
import rotagens.core.measure.Message;

/**
 * Due work somebody decided to leave until a day, by name and with a reason. It stays on the list and says so; after that day it
 * is due as before.
 */
public record Postponement(LocalDate until, String reason, String by) {

    private static final int MOST_DAYS = 180;

    /**
     * Whether it still holds.
     *
     * @param today the day it is judged on
     * @return through its last day
     */
    public boolean holds(LocalDate today) {
        return !today.isAfter(until);
    }

    /**
     * Why work can't be left until a day; empty where it can. What keeps a vehicle from rolling is never left: law, load and
     * damage don't wait. Source: our rule.
     *
     * @param item the due work
     * @param until the day it shall be left to
     * @param today the day it is judged on
     * @return why not
     */
    public static Optional<Message> against(DueItem item, LocalDate until, LocalDate today) {
        if (item.urgency() == Verdict.DO_NOT_OPERATE) {
            return Optional.of(WORDS.message(
                    "doNotOperateThisVehicle", "item", item.reason().statement()));
        }
        if (!until.isAfter(today)) {
            return Optional.of(WORDS.message("chooseADayAfterToday"));
        }
        if (until.isAfter(today.plusDays(MOST_DAYS))) {
            return Optional.of(
                    WORDS.message("atMostDaysUntil", "mostDays", MOST_DAYS, "plusDays", today.plusDays(MOST_DAYS)));
        }
        return Optional.empty();
    }
}
