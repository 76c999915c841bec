package rotagens.server.planning;

/** Whether hands are at a job already: told by whoever keeps its sheet. */
public interface BegunWork {

    /** Whether a step of the job's sheet stands as done or skipped. */
    boolean isBegun(long jobId);
}
