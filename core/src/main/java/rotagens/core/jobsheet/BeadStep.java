package rotagens.core.jobsheet;

/** The moments at a tire changer at which the sensor is in danger, in the order they come. */
public enum BeadStep {
    /** The bead toward the tool leaves its seat. */
    BREAK_FRONT("Break the front bead"),
    /** The upper bead comes over the edge. */
    DEMOUNT_TOP("Take the top bead off"),
    /** The lower bead comes over the edge. */
    DEMOUNT_BOTTOM("Take the bottom bead off"),
    /** The lower bead goes in first. */
    MOUNT_BOTTOM("Put the bottom bead on"),
    /** The upper bead goes in last, past the sensor. */
    MOUNT_TOP("Put the top bead on");

    private final String label;

    BeadStep(String words) {
        this.label = words;
    }

    /**
     * What is done.
     *
     * @return for a heading
     */
    public String label() {
        return label;
    }
}
