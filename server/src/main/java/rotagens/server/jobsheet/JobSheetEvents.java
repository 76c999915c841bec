package rotagens.server.jobsheet;

import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** The pages that have a sheet open: each is told when a step was marked, so that two people see each other's ticks. */
@Component
class JobSheetEvents {

    private static final long NO_TIMEOUT = 0;
    private static final int MOST = 200;

    private final Map<Long, List<SseEmitter>> pages = new ConcurrentHashMap<>();

    SseEmitter watch(long jobId) {
        SseEmitter page = new SseEmitter(NO_TIMEOUT);
        List<SseEmitter> here = pages.computeIfAbsent(jobId, id -> new CopyOnWriteArrayList<>());
        if (here.size() >= MOST) {
            here.remove(0).complete();
        }
        here.add(page);
        page.onCompletion(() -> here.remove(page));
        page.onError(failure -> here.remove(page));
        send(page, "watching");
        return page;
    }

    /** Tells them once what was written is committed. */
    void changed(long jobId) {
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCommit() {
                pages.getOrDefault(jobId, List.of()).forEach(page -> send(page, "changed"));
            }
        });
    }

    private void send(SseEmitter page, String event) {
        try {
            page.send(SseEmitter.event().name(event).data(""));
        } catch (IOException | IllegalStateException gone) {
            pages.values().forEach(here -> here.remove(page));
        }
    }
}
