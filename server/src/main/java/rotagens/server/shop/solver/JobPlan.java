package rotagens.server.shop.solver;

import ai.timefold.solver.core.api.domain.entity.PlanningEntity;
import ai.timefold.solver.core.api.domain.entity.PlanningPin;
import ai.timefold.solver.core.api.domain.lookup.PlanningId;
import ai.timefold.solver.core.api.domain.valuerange.ValueRangeProvider;
import ai.timefold.solver.core.api.domain.variable.PlanningVariable;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import rotagens.core.shop.Placement;
import rotagens.core.shop.ShopJob;

/** A job the solver finds a place for; what it may choose from are the places core allows it whatever else is planned. */
@PlanningEntity
public class JobPlan {

    /**
     * A day, a minute of it, a bay, and who does it. The solver puts places into hash maps by the hundred thousand: the hash is
     * worked out once.
     */
    public record Place(LocalDate day, int start, int bay, List<String> people, int hash) {

        Place(LocalDate day, int start, int bay, List<String> people) {
            this(day, start, bay, people, Objects.hash(day, start, bay, people));
        }

        @Override
        public boolean equals(Object other) {
            return this == other
                    || other instanceof Place place
                            && hash == place.hash
                            && start == place.start
                            && bay == place.bay
                            && day.equals(place.day)
                            && people.equals(place.people);
        }

        @Override
        public int hashCode() {
            return hash;
        }
    }

    @PlanningId
    private String id;

    private ShopJob job;
    private List<Place> places;

    @PlanningPin
    private boolean pinned;

    @PlanningVariable(allowsUnassigned = true, valueRangeProviderRefs = "places")
    private Place place;

    private Placement placement;
    private Place kept;

    /** For the solver. */
    public JobPlan() {}

    JobPlan(ShopJob job, List<Place> places, Place place, boolean pinned) {
        this.id = job.id();
        this.job = job;
        this.places = places;
        this.place = place;
        this.pinned = pinned;
    }

    boolean pinned() {
        return pinned;
    }

    Place place() {
        return place;
    }

    public ShopJob job() {
        return job;
    }

    public LocalDate day() {
        return place == null ? null : place.day();
    }

    public int start() {
        return place.start();
    }

    public int end() {
        return place.start() + job.minutes();
    }

    /** Where it stands now; kept until the solver moves it, which it does very often. */
    public Placement placement() {
        Placement known = placement;
        if (known == null || kept != place) {
            known = new Placement(job, place.day(), place.start(), place.bay(), place.people());
            placement = known;
            kept = place;
        }
        return known;
    }

    @ValueRangeProvider(id = "places")
    public List<Place> getPlaces() {
        return places;
    }
}
