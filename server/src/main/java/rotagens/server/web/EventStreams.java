package rotagens.server.web;

import static rotagens.server.web.WebWords.WORDS;

import java.io.IOException;
import java.time.Duration;
import java.util.Queue;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * Pages that are told of what happens. A page has a beat every twenty seconds, so that one that is gone is noticed, ends after
 * half an hour, after which a browser asks anew by itself, and there are so many of one person and so many in all. Telling goes
 * by a thread of its own: a page on a bad line holds up nobody who saves.
 */
@Component
public class EventStreams implements DisposableBean {

    private static final Duration LASTS = Duration.ofMinutes(30);
    private static final int MOST = 400;
    private static final int MOST_OF_ONE = 24;
    private static final int MOST_WAITING = 10_000;

    private record Page(String topic, String owner, SseEmitter emitter) {}

    private final Queue<Page> pages = new ConcurrentLinkedQueue<>();
    private final ThreadPoolExecutor teller = new ThreadPoolExecutor(
            1, 1, 0, TimeUnit.SECONDS, new LinkedBlockingQueue<>(MOST_WAITING), EventStreams::thread);

    private static Thread thread(Runnable telling) {
        Thread thread = new Thread(telling, "event-streams");
        thread.setDaemon(true);
        return thread;
    }

    /**
     * Opens one.
     *
     * @param topic what the page is told of
     * @param owner whose page it is
     * @param event what it is told first
     * @throws ProblemException 429 where there are too many pages of one person, or of all
     */
    public SseEmitter open(String topic, String owner, String event, String data) {
        refuseTooMany(owner);
        Page page = new Page(topic, owner, new SseEmitter(LASTS.toMillis()));
        page.emitter().onCompletion(() -> forget(page));
        page.emitter().onTimeout(page.emitter()::complete);
        page.emitter().onError(failure -> forget(page));
        pages.add(page);
        tell(page, SseEmitter.event().name(event).data(data));
        return page.emitter();
    }

    /** The newest is refused, not the oldest let go: that one's browser would come again, and so on round and round. */
    private void refuseTooMany(String owner) {
        long ofOne = pages.stream().filter(page -> page.owner().equals(owner)).count();
        if (ofOne >= MOST_OF_ONE || pages.size() >= MOST) {
            throw ProblemException.tooMany(WORDS.say("tooManyPagesAreOpen"));
        }
    }

    /** Ends every page of a topic. */
    public void close(String topic) {
        pages.stream().filter(page -> page.topic().equals(topic)).forEach(this::end);
    }

    /** Tells every page of a topic; false where there is none. */
    public boolean tell(String topic, String event, String data) {
        boolean isHeard = false;
        for (Page page : pages) {
            if (page.topic().equals(topic)) {
                tell(page, SseEmitter.event().name(event).data(data));
                isHeard = true;
            }
        }
        return isHeard;
    }

    /** How many pages are told of a topic. */
    public long count(String topic) {
        return pages.stream().filter(page -> page.topic().equals(topic)).count();
    }

    @Scheduled(initialDelayString = "PT20S", fixedDelayString = "PT20S")
    void beat() {
        pages.forEach(page -> tell(page, SseEmitter.event().comment("")));
    }

    private void tell(Page page, SseEmitter.SseEventBuilder event) {
        try {
            teller.execute(() -> {
                try {
                    page.emitter().send(event);
                } catch (IOException | IllegalStateException isGone) {
                    forget(page);
                }
            });
        } catch (RejectedExecutionException tooMany) {
            end(page);
        }
    }

    /** In turn with what it was told before. */
    private void end(Page page) {
        forget(page);
        try {
            teller.execute(page.emitter()::complete);
        } catch (RejectedExecutionException tooMany) {
            page.emitter().complete();
        }
    }

    private void forget(Page page) {
        pages.remove(page);
    }

    @Override
    public void destroy() {
        pages.forEach(page -> page.emitter().complete());
        teller.shutdownNow();
    }
}
