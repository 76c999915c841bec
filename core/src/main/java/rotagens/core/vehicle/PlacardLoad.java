package rotagens.core.vehicle;

/** The load the placard's pressures assume. Makers differ, so it is recorded, never guessed. */
public enum PlacardLoad {
    UNKNOWN("not known which load it assumes"),
    TWO_PEOPLE("ordinary load, two people"),
    FULL_PAYLOAD("full payload and towing");

    private final String words;

    PlacardLoad(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
