package rotagens.core.vehicle;

import static rotagens.core.vehicle.VehicleWords.WORDS;

/** How a wheel is centered. The two look alike and never interchange. */
public enum PilotType {
    /** Smaller stud holes, one two-piece flanged nut with washer. */
    HUB,
    /** Larger chamfered holes, bevelled nuts. */
    STUD;

    /**
     * What it is called.
     *
     * @return for the middle of a sentence
     */
    public String label() {
        return this == HUB ? WORDS.say("hubPiloted") : WORDS.say("studPiloted");
    }
}
