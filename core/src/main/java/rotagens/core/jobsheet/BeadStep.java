package rotagens.core.jobsheet;

/** The moments at a tire changer at which the sensor is in danger, in the order they come. */
public enum BeadStep {
    BREAK_FRONT("Break the front bead"),
    DEMOUNT_TOP("Take the top bead off"),
    DEMOUNT_BOTTOM("Take the bottom bead off"),
    MOUNT_BOTTOM("Put the bottom bead on"),
    MOUNT_TOP("Put the top bead on");

    private final String label;

    BeadStep(String words) {
        this.label = words;
    }

    public String label() {
        return label;
    }
}
