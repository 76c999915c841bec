package rotagens.server.planning;

import static rotagens.server.planning.PlanningWords.WORDS;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import rotagens.server.web.ProblemException;

/** The day a job is put on. */
final class JobDay {

    private static final int YEARS_AHEAD = 2;

    private JobDay() {}

    /** @throws ProblemException at the field {@code day}, where no job can be meant for that day */
    static void refuse(@Nullable LocalDate day, LocalDate today) {
        if (day == null) {
            throw ProblemException.field("day", WORDS.say("chooseADay"));
        }
        if (day.isBefore(today)) {
            throw ProblemException.field("day", WORDS.say("chooseTodayOrALater"));
        }
        if (day.isAfter(today.plusYears(YEARS_AHEAD))) {
            throw ProblemException.field("day", WORDS.say("moreThanTwoYearsAhead"));
        }
    }
}
