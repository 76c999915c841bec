package rotagens.server.wear;

import static rotagens.server.wear.WearWords.WORDS;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.stereotype.Component;
import rotagens.server.web.ProblemException;

/** Keeps the open report form from being flooded: so many reports an hour from one card, so many wrong codes a minute from all. */
@Component
class DriverReportThrottle {

    private static final int REPORTS_AN_HOUR = 6;
    private static final int WRONG_CODES_A_MINUTE = 60;
    private static final int MOST_CODES = 2_000;

    private final Clock clock;
    private final Deque<Instant> wrong = new ArrayDeque<>();
    private final Map<String, Deque<Instant>> sent = new LinkedHashMap<>();

    DriverReportThrottle(Clock clock) {
        this.clock = clock;
    }

    /** A code that opens nothing was tried. Right codes aren't counted: nobody who guesses may shut the drivers out. */
    synchronized void missed() {
        refuseOver(wrong, Duration.ofMinutes(1), WRONG_CODES_A_MINUTE);
        wrong.add(clock.instant());
    }

    /** A report is sent. */
    synchronized void send(String code) {
        Deque<Instant> ofCode = sent.computeIfAbsent(code, any -> new ArrayDeque<>());
        refuseOver(ofCode, Duration.ofHours(1), REPORTS_AN_HOUR);
        ofCode.add(clock.instant());
        if (sent.size() > MOST_CODES) {
            sent.remove(sent.keySet().iterator().next());
        }
    }

    private void refuseOver(Deque<Instant> times, Duration window, int most) {
        Instant from = clock.instant().minus(window);
        while (!times.isEmpty() && times.peek().isBefore(from)) {
            times.poll();
        }
        if (times.size() >= most) {
            throw ProblemException.tooMany(WORDS.say("enoughReportsForNowWait"));
        }
    }
}
