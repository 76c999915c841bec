package rotagens.server.simulator;

import static rotagens.server.simulator.SimulatorWords.WORDS;

import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import rotagens.server.web.EventStreams;

/**
 * Stands in for a wireless pressure gauge: it pairs with one person's page, sends what it reads, and drops out as a real one
 * does. A page that lost it says so; reading by eye and typing always works.
 */
@Component
public class SimulatedGauge {

    /** @param figure as the gauge shows it, with its unit */
    public record Shown(String figure) {}

    private final EventStreams streams;

    SimulatedGauge(EventStreams streams) {
        this.streams = streams;
    }

    /** Pairs with a person's page; an earlier page of the same person is let go. */
    SseEmitter pair(long personId) {
        streams.close(topic(personId));
        return streams.open(topic(personId), "person " + personId, "paired", "simulated gauge 0417");
    }

    /** Pressed on a valve: the page gets the figure. False where no page is paired. */
    boolean press(long personId, String figure) {
        return streams.tell(topic(personId), "reading", figure);
    }

    /** Out of range, or its battery empty. */
    void dropOut(long personId) {
        streams.tell(topic(personId), "lost", WORDS.say("gaugeDroppedOutRead"));
        streams.close(topic(personId));
    }

    private static String topic(long personId) {
        return "gauge of " + personId;
    }
}
