package rotagens.core.shop;

/** What a shop has one or a few of, and work may need. */
public enum Equipment {
    /** An alignment rack. */
    RACK("alignment rack"),
    /** Pads or a platform to weigh on. */
    SCALE("scale"),
    /** A cage or barrier for inflating tires of trucks and multi-piece wheels. */
    CAGE("inflation cage"),
    /** Nitrogen to fill with. */
    NITROGEN("nitrogen"),
    /** A changer for tires over 40 in across. */
    LARGE_CHANGER("changer for tires over 40 in"),
    /** A changer for all others. */
    CHANGER("tire changer"),
    /** Something that lifts what is too heavy for two. */
    HOIST("hoist or wheel lift");

    private final String label;

    Equipment(String words) {
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
