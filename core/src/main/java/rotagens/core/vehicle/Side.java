package rotagens.core.vehicle;

import static rotagens.core.vehicle.VehicleWords.WORDS;

/** The driver's left and right, everywhere. */
public enum Side {
    /** The driver’s left. */
    LEFT(WORDS.say("left"), "L"),
    /** The driver’s right. */
    RIGHT(WORDS.say("right"), "R");

    private final String label;
    private final String letter;

    Side(String words, String letter) {
        this.label = words;
        this.letter = letter;
    }

    /**
     * What it is called.
     *
     * @return in lower case
     */
    public String label() {
        return label;
    }

    /**
     * How it is written in a position’s code.
     *
     * @return L or R
     */
    public String letter() {
        return letter;
    }
}
