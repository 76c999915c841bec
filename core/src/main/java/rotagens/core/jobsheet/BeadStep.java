package rotagens.core.jobsheet;

import static rotagens.core.jobsheet.JobsheetWords.WORDS;

/** The moments at a tire changer at which the sensor is in danger, in the order they come. */
public enum BeadStep {
    /** The bead toward the tool leaves its seat. */
    BREAK_FRONT(WORDS.say("breakTheFrontBead")),
    /** The upper bead comes over the edge. */
    DEMOUNT_TOP(WORDS.say("takeTheTopBeadOff")),
    /** The lower bead comes over the edge. */
    DEMOUNT_BOTTOM(WORDS.say("takeTheBottomBeadOff")),
    /** The lower bead goes in first. */
    MOUNT_BOTTOM(WORDS.say("putTheBottomBead")),
    /** The upper bead goes in last, past the sensor. */
    MOUNT_TOP(WORDS.say("putTheTopBead"));

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
