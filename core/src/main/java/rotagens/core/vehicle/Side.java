package rotagens.core.vehicle;

/** The driver's left and right, everywhere. */
public enum Side {
    LEFT("left", "L"),
    RIGHT("right", "R");

    private final String label;
    private final String letter;

    Side(String words, String letter) {
        this.label = words;
        this.letter = letter;
    }

    public String label() {
        return label;
    }

    public String letter() {
        return letter;
    }
}
