package rotagens.core.fact;

/** What was done about a leak, by name. Looking with soap or a dip tank and finding none counts as one; a fill doesn't. */
public enum Repair {
    CORE("new valve core"),
    STEM("new valve stem or grommet"),
    BEAD("bead cleaned and seated anew"),
    PUNCTURE("puncture repaired from inside"),
    WHEEL("wheel repaired or changed"),
    NONE_FOUND("looked for with soap or a dip tank, none found");

    private final String label;

    Repair(String words) {
        this.label = words;
    }

    public String label() {
        return label;
    }
}
