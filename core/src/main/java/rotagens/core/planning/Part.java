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

    /** The part's name with a count, for example {@code 2 valve cores}. */
    public String counted(int count) {
        return count + " " + label + (count == 1 ? "" : "s");
    }
}
