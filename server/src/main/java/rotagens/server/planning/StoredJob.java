package rotagens.server.planning;

import java.time.Instant;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * A job as it is kept; its work is kept beside it.
 *
 * @param day the day it is planned for
 * @param completedAt when it was signed off; null while it is open
 * @param unscheduledAt when it was taken off the plan; null while it stands on it
 * @param version how often it was changed: who saves over an older one is told
 */
record StoredJob(
        long id,
        long vehicleId,
        LocalDate day,
        String note,
        Instant createdAt,
        long createdById,
        @Nullable Instant completedAt,
        @Nullable Long completedById,
        @Nullable Instant unscheduledAt,
        int version) {

    /** Neither done nor taken off the plan. */
    boolean isOpen() {
        return completedAt == null && unscheduledAt == null;
    }

    /** With something more to say on it; what is said already stays. */
    StoredJob noting(String more) {
        return with(day, note.isBlank() ? more : note + "\n" + more, unscheduledAt);
    }

    StoredJob on(LocalDate otherDay) {
        return with(otherDay, note, unscheduledAt);
    }

    StoredJob takenOff(Instant at) {
        return with(day, note, at);
    }

    StoredJob putBack() {
        return with(day, note, null);
    }

    StoredJob completed(Instant at, long by) {
        return new StoredJob(id, vehicleId, day, note, createdAt, createdById, at, by, unscheduledAt, version);
    }

    private StoredJob with(LocalDate newDay, String newNote, @Nullable Instant off) {
        return new StoredJob(
                id, vehicleId, newDay, newNote, createdAt, createdById, completedAt, completedById, off, version);
    }
}
