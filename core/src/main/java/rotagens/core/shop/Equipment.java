package rotagens.core.shop;

/** What a shop has one or a few of, and work may need. */
public enum Equipment {
    RACK("alignment rack"),
    SCALE("scale"),
    CAGE("inflation cage"),
    NITROGEN("nitrogen"),
    LARGE_CHANGER("changer for tires over 40 in"),
    CHANGER("tire changer"),
    HOIST("hoist or wheel lift");

    private final String label;

    Equipment(String words) {
        this.label = words;
    }

    public String label() {
        return label;
    }
}
