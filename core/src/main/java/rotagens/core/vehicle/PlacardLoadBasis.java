package rotagens.core.vehicle;

/** The load the placard's pressures assume. Makers differ, so it is recorded, never guessed. */
public enum PlacardLoadBasis {
    UNKNOWN("not known which load it assumes"),
    ORDINARY_LOAD("ordinary load, two people"),
    FULL_PAYLOAD("full payload and towing");

    private final String label;

    PlacardLoadBasis(String words) {
        this.label = words;
    }

    public String label() {
        return label;
    }
}
