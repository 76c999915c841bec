package rotagens.server.jobsheet;

import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import rotagens.server.web.EventStreams;

/** The pages that have a sheet open: each is told when a step was marked, so that two people see each other's ticks. */
@Component
class JobSheetEvents {

    private final EventStreams streams;

    JobSheetEvents(EventStreams streams) {
        this.streams = streams;
    }

    SseEmitter watch(long jobId, long personId) {
        return streams.open(topic(jobId), "person " + personId, "watching", "");
    }

    /** Tells them once what was written is committed. */
    void changed(long jobId) {
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCommit() {
                streams.tell(topic(jobId), "changed", "");
            }
        });
    }

    private static String topic(long jobId) {
        return "job " + jobId;
    }
}
