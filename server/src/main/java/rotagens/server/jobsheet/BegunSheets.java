package rotagens.server.jobsheet;

import org.springframework.stereotype.Component;
import rotagens.core.jobsheet.StepRecords;
import rotagens.server.planning.BegunWork;

/** A job is begun once a step of its sheet is marked. */
@Component
class BegunSheets implements BegunWork {

    private final JobSheetStore store;

    BegunSheets(JobSheetStore store) {
        this.store = store;
    }

    @Override
    public boolean isBegun(long jobId) {
        return !StepRecords.of(store.marks(jobId)).settled().isEmpty();
    }
}
