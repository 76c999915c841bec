package rotagens.core.vehicle;

import static rotagens.core.vehicle.VehicleWords.WORDS;

/** How a vehicle travels. */
public enum LoadState {
    /** Nobody said. */
    UNKNOWN(WORDS.say("unknown")),
    /** Without a load. */
    EMPTY(WORDS.say("empty")),
    /** As it mostly travels. */
    NORMAL(WORDS.say("normal")),
    /** As heavy as it may. */
    FULL(WORDS.say("full")),
    /** Full, with a trailer behind it. */
    TOWING(WORDS.say("towing"));

    private final String label;

    LoadState(String words) {
        this.label = words;
    }

    /**
     * In rising order of weight; of a load that isn't known nothing can be said.
     *
     * @param other what it is compared with
     * @return false where either isn’t known
     */
    public boolean isHeavierThan(LoadState other) {
        return this != UNKNOWN && other != UNKNOWN && compareTo(other) > 0;
    }

    /**
     * What it is called.
     *
     * @return in lower case
     */
    public String label() {
        return label;
    }
}
