package rotagens.core.vehicle;

/** How a vehicle travels. */
public enum LoadState {
    UNKNOWN("unknown"),
    EMPTY("empty"),
    NORMAL("normal"),
    FULL("full"),
    TOWING("towing");

    private final String label;

    LoadState(String words) {
        this.label = words;
    }

    /** In rising order of weight; of a load that isn't known nothing can be said. */
    public boolean isHeavierThan(LoadState other) {
        return this != UNKNOWN && other != UNKNOWN && compareTo(other) > 0;
    }

    public String label() {
        return label;
    }
}
