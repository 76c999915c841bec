package rotagens.core.measure;

/** Who says so, highest first: where two disagree, the higher one wins. */
public enum Authority {
    LAW("law"),
    STANDARD("standard"),
    MANUFACTURER("manufacturer"),
    FLEET_POLICY("fleet policy"),
    DEFAULT("default");

    private final String label;

    Authority(String words) {
        this.label = words;
    }

    public String label() {
        return label;
    }
}
