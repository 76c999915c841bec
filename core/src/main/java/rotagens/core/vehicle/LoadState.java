package rotagens.core.vehicle;

/** How a vehicle travels. */
public enum LoadState {
    /** Nobody said. */
    UNKNOWN("unknown"),
    /** Without a load. */
    EMPTY("empty"),
    /** As it mostly travels. */
    NORMAL("normal"),
    /** As heavy as it may. */
    FULL("full"),
    /** Full, with a trailer behind it. */
    TOWING("towing");

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
