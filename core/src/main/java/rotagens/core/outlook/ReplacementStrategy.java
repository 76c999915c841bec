package rotagens.core.outlook;

/** The schools of buying tires over the years. */
public enum ReplacementStrategy {
    /** Each tire at its own limit. */
    RUN_TO_LIMIT("Run to limit", "Replaces each tire at its own limit. Least unused life, most visits."),
    /** The tires of an axle together. */
    BY_AXLE("By axle", "When one tire of an axle goes, the whole axle goes. Matched tires, fewer visits."),
    /** All tires of the vehicle together. */
    ALL_AT_ONCE("All at once", "Replaces all tires together. Fewest visits, most unused life."),
    /** New tires to the steer axle, its tires further back. */
    NEWEST_ON_STEER(
            "Newest on steer",
            "Newest rubber on steer; a steer pair that passes the steer age ends its life further back."),
    /** What would not last until the next visit. */
    PLANNED_VISITS(
            "Planned visits",
            "The fleet’s own: at each planned visit whatever would not last until the next one goes.");

    private final String title;
    private final String about;

    ReplacementStrategy(String title, String about) {
        this.title = title;
        this.about = about;
    }

    /**
     * Its name on the page.
     *
     * @return a few words
     */
    public String title() {
        return title;
    }

    /**
     * What it gains and costs.
     *
     * @return a sentence or two
     */
    public String about() {
        return about;
    }

    /**
     * Whether tires go at visits planned ahead, so that each has to last until the next.
     *
     * @return true for the schools that plan visits
     */
    public boolean byVisits() {
        return this == NEWEST_ON_STEER || this == PLANNED_VISITS;
    }
}
