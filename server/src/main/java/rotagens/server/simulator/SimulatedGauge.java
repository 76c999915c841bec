package rotagens.server.simulator;

import java.io.IOException;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * Stands in for a wireless pressure gauge: it pairs with one person's page, sends what it reads, and drops out as a real one
 * does. A page that lost it says so; reading by eye and typing always works.
 */
@Component
public class SimulatedGauge {

    /** @param figure as the gauge shows it, with its unit */
    public record Shown(String figure) {}

    private static final long NO_TIMEOUT = 0;

    private final Map<Long, SseEmitter> pages = new ConcurrentHashMap<>();

    /** Pairs with a person's page; an earlier page of the same person is let go. */
    SseEmitter pair(long personId) {
        SseEmitter page = new SseEmitter(NO_TIMEOUT);
        SseEmitter before = pages.put(personId, page);
        if (before != null) {
            before.complete();
        }
        page.onCompletion(() -> pages.remove(personId, page));
        page.onError(failure -> pages.remove(personId, page));
        send(personId, "paired", "simulated gauge 0417");
        return page;
    }

    /** Pressed on a valve: the page gets the figure. False where no page is paired. */
    boolean press(long personId, String figure) {
        return send(personId, "reading", figure);
    }

    /** Out of range, or its battery empty. */
    void dropOut(long personId) {
        send(personId, "lost", "The gauge dropped out. Read it and type, or pair it again.");
        SseEmitter page = pages.remove(personId);
        if (page != null) {
            page.complete();
        }
    }

    private boolean send(long personId, String event, String data) {
        SseEmitter page = pages.get(personId);
        if (page == null) {
            return false;
        }
        try {
            page.send(SseEmitter.event().name(event).data(data));
            return true;
        } catch (IOException | IllegalStateException gone) {
            pages.remove(personId, page);
            return false;
        }
    }
}
