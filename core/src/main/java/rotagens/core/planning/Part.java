package rotagens.core.planning;

import static rotagens.core.planning.PlanningWords.WORDS;

/** Small parts that work at the wheel uses up. */
public enum Part {
    /** The rubber stem of a valve. */
    STEM(WORDS.say("valveStem")),
    /** The seal under a sensor that is also the valve. */
    GROMMET(WORDS.say("sensorGrommet")),
    /** The valve core. */
    CORE(WORDS.say("valveCore")),
    /** The cap of a valve. */
    CAP(WORDS.say("valveCap")),
    /** A pressure sensor. */
    SENSOR(WORDS.say("sensor")),
    /** Pieces of ¼ oz (7 g); how many a wheel takes is known once it is balanced. */
    WEIGHT(WORDS.say("balanceWeightOfOz"));

    private final String label;

    Part(String label) {
        this.label = label;
    }

    /**
     * Several of them, as a heading.
     *
     * @return with a capital
     */
    public String plural() {
        String many = several();
        return many.substring(0, 1).toUpperCase(java.util.Locale.ROOT) + many.substring(1);
    }

    /**
     * The part's name with a count, for example {@code 2 valve cores}.
     *
     * @param count how many
     * @return with the plural where it isn’t one
     */
    public String counted(int count) {
        return count + " " + (count == 1 ? label : several());
    }

    private String several() {
        return this == WEIGHT ? WORDS.say("balanceWeightsOfOz") : label + "s";
    }
}
