package rotagens.core.vehicle;

import static rotagens.core.vehicle.VehicleWords.WORDS;

/** The load the placard's pressures assume. Makers differ, so it is recorded, never guessed. */
public enum PlacardLoadBasis {
    /** Nobody has read the maker’s data: the placard may assume any load. */
    UNKNOWN(WORDS.say("notKnownWhichLoad")),
    /** Two people and no payload: a heavier load takes more pressure. */
    ORDINARY_LOAD(WORDS.say("ordinaryLoadTwoPeople")),
    /** The heaviest the vehicle may be. */
    FULL_PAYLOAD(WORDS.say("fullPayloadAndTowing"));

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
