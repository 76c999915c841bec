package rotagens.core.vehicle;

/** The load the placard's pressures assume. Makers differ, so it is recorded, never guessed. */
public enum PlacardLoadBasis {
    /** Nobody has read the maker’s data: the placard may assume any load. */
    UNKNOWN("not known which load it assumes"),
    /** Two people and no payload: a heavier load takes more pressure. */
    ORDINARY_LOAD("ordinary load, two people"),
    /** The heaviest the vehicle may be. */
    FULL_PAYLOAD("full payload and towing");

    private final String label;

    PlacardLoadBasis(String words) {
        this.label = words;
    }

    /**
     * What it is called.
     *
     * @return for the middle of a sentence
     */
    public String label() {
        return label;
    }
}
