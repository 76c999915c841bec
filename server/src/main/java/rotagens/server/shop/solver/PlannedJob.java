package rotagens.server.shop.solver;

import ai.timefold.solver.core.api.domain.entity.PlanningEntity;
import ai.timefold.solver.core.api.domain.entity.PlanningPin;
import ai.timefold.solver.core.api.domain.lookup.PlanningId;
import ai.timefold.solver.core.api.domain.valuerange.ValueRangeProvider;
import ai.timefold.solver.core.api.domain.variable.PlanningVariable;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import rotagens.core.shop.JobSlot;
import rotagens.core.shop.ShopJob;

/** A job the solver finds a place for; what it may choose from are the places core allows it whatever else is planned. */
@PlanningEntity
public class PlannedJob {

    /**
     * A day, a minute of it, a bay, and who does it. The solver puts places into hash maps by the hundred thousand: the hash is
     * worked out once.
     */
    public record Slot(LocalDate day, int start, int bay, List<String> people, int hash) {

        Slot(LocalDate day, int start, int bay, List<String> people) {
            this(day, start, bay, people, Objects.hash(day, start, bay, people));
        }

        @Override
        public boolean equals(Object other) {
            return this == other
                    || other instanceof Slot slot
                            && hash == slot.hash
                            && start == slot.start
                            && bay == slot.bay
                            && day.equals(slot.day)
                            && people.equals(slot.people);
        }

        @Override
        public int hashCode() {
            return hash;
        }
    }

    @PlanningId
    private String id;

    private ShopJob job;
    private List<Slot> slots;

    @PlanningPin
    private boolean pinned;

    @PlanningVariable(allowsUnassigned = true, valueRangeProviderRefs = "places")
    private Slot slot;

    private JobSlot jobSlot;
    private Slot kept;

    /** For the solver. */
    public PlannedJob() {}

    PlannedJob(ShopJob job, List<Slot> slots, Slot slot, boolean pinned) {
        this.id = job.id();
        this.job = job;
        this.slots = slots;
        this.slot = slot;
        this.pinned = pinned;
    }

    boolean pinned() {
        return pinned;
    }

    Slot place() {
        return slot;
    }

    public ShopJob job() {
        return job;
    }

    public LocalDate day() {
        return slot == null ? null : slot.day();
    }

    public int start() {
        return slot.start();
    }

    public int end() {
        return slot.start() + job.minutes();
    }

    /** Where it stands now; kept until the solver moves it, which it does very often. */
    public JobSlot placement() {
        JobSlot known = jobSlot;
        if (known == null || kept != slot) {
            known = new JobSlot(job, slot.day(), slot.start(), slot.bay(), slot.people());
            jobSlot = known;
            kept = slot;
        }
        return known;
    }

    @ValueRangeProvider(id = "places")
    public List<Slot> getPlaces() {
        return slots;
    }
}
