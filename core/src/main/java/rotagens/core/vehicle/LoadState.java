package rotagens.core.vehicle;

/** How a vehicle travels. */
public enum LoadState {
    UNKNOWN("not known"),
    EMPTY("empty"),
    USUAL("usual"),
    FULL("full"),
    TOWING("towing");

    private final String words;

    LoadState(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
