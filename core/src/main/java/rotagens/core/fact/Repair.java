package rotagens.core.fact;

/** What was done about a leak, by name. Looking with soap or a dip tank and finding none counts as one; a fill doesn't. */
public enum Repair {
    /** The core was changed. */
    CORE("new valve core"),
    /** Stem or grommet was changed. */
    STEM("new valve stem or grommet"),
    /** The bead was cleaned and seated anew. */
    BEAD("bead cleaned and seated anew"),
    /** A puncture was plugged and patched from inside. */
    PUNCTURE("puncture repaired from inside"),
    /** The wheel was repaired or changed. */
    WHEEL("wheel repaired or changed"),
    /** It was looked for and not found: it is watched by what it holds. */
    NONE_FOUND("looked for with soap or a dip tank, none found");

    private final String label;

    Repair(String words) {
        this.label = words;
    }

    /**
     * What it is called.
     *
     * @return in lower case
     */
    public String label() {
        return label;
    }
}
