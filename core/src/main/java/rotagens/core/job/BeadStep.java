package rotagens.core.job;

/** The moments at a tire changer at which the sensor is in danger, in the order they come. */
public enum BeadStep {
    BREAK_FRONT("Break the front bead"),
    DEMOUNT_TOP("Take the top bead off"),
    DEMOUNT_BOTTOM("Take the bottom bead off"),
    MOUNT_BOTTOM("Put the bottom bead on"),
    MOUNT_TOP("Put the top bead on");

    private final String words;

    BeadStep(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
