package rotagens.core.outlook;

import static rotagens.core.outlook.OutlookWords.WORDS;

/** The schools of buying tires over the years. */
public enum ReplacementStrategy {
    /** Each tire at its own limit. */
    RUN_TO_LIMIT(WORDS.say("runToLimit"), WORDS.say("replacesEachTire")),
    /** The tires of an axle together. */
    BY_AXLE(WORDS.say("byAxle"), WORDS.say("whenOneTire")),
    /** All tires of the vehicle together. */
    ALL_AT_ONCE(WORDS.say("allAtOnce"), WORDS.say("replacesAllTiresTogetherFewest")),
    /** New tires to the steer axle, its tires further back. */
    NEWEST_ON_STEER(WORDS.say("newestOnSteer"), WORDS.say("newestRubberOnSteer")),
    /** What would not last until the next visit. */
    PLANNED_VISITS(WORDS.say("plannedVisits"), WORDS.say("fleetsOwnAtEachPlanned"));

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
