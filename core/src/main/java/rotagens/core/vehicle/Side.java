package rotagens.core.vehicle;

/** The driver's left and right, everywhere. */
public enum Side {
    LEFT("left", "L"),
    RIGHT("right", "R");

    private final String words;
    private final String letter;

    Side(String words, String letter) {
        this.words = words;
        this.letter = letter;
    }

    public String words() {
        return words;
    }

    public String letter() {
        return letter;
    }
}
