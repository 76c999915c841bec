package rotagens.server.planning;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.planning.WorkType;

/** Jobs of before a fleet kept them here: what was done on a vehicle, when, and by whom. */
@Service
public class PastJobs {

    /** One thing done; {@code placeId} is null where it concerned the vehicle. */
    public record Item(WorkType workType, Long placeId, String reason, String done) {}

    private final JobStore store;
    private final Clock clock;

    PastJobs(JobStore store, Clock clock) {
        this.store = store;
        this.clock = clock;
    }

    /** Writes a job down as completed. It changes no tire: what became of those stands in their own history. */
    @Transactional
    public void record(long vehicleId, LocalDate day, Instant completed, long coordinator, long by, List<Item> items) {
        if (completed.isAfter(clock.instant())) {
            throw new IllegalArgumentException("a job of the past is completed");
        }
        long id = store.add(vehicleId, day, "", completed, coordinator);
        items.forEach(item -> store.addItem(id, item.workType(), item.placeId(), item.reason()));
        store.items(List.of(id))
                .getOrDefault(id, List.of())
                .forEach(item -> store.itemDone(item.id(), done(items, item)));
        store.save(store.get(id).orElseThrow().completed(completed, by));
    }

    private static String done(List<Item> items, JobStore.StoredItem stored) {
        return items.stream()
                .filter(item -> item.workType() == stored.workType())
                .map(Item::done)
                .findFirst()
                .orElse("");
    }
}
