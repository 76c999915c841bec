package rotagens.core.planning;

/** Small parts that work at the wheel uses up. */
public enum Part {
    STEM("valve stem"),
    /** The seal under a sensor that is also the valve. */
    GROMMET("sensor grommet"),
    CORE("valve core"),
    CAP("valve cap"),
    SENSOR("sensor");

    private final String label;

    Part(String label) {
        this.label = label;
    }

    /** Several of them, as a heading. */
    public String plural() {
        return label.substring(0, 1).toUpperCase(java.util.Locale.ROOT) + label.substring(1) + "s";
    }

    /** The part's name with a count, for example {@code 2 valve cores}. */
    public String counted(int count) {
        return count + " " + label + (count == 1 ? "" : "s");
    }
}
