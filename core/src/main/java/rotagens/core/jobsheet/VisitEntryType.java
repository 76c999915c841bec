package rotagens.core.jobsheet;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import rotagens.core.fact.SuspensionFact;

/** What is noted of a shop visit beside the work itself, in the order a visit runs. */
public enum VisitEntryType {
    REQUESTED_WORK("Booking", "Other work that was asked for"),
    DAMAGE("Check-in", "Wheel damage already there"),
    PROTECTION("Check-in", "Inside protection on"),
    ROAD_TEST_BEFORE("Before the work", "Road test before: a general look for faults"),
    /** Not noted any more: a weighing is a scale ticket. */
    WEIGHED("Before the work", "Weighed"),
    RIDE_HEIGHT_BEFORE("Before the work", "Ride height before"),
    ALIGNMENT_BEFORE("Before the work", "Alignment before"),
    JOINT_PLAY("Tests", "Play of joints"),
    SHOCK_TEST("Tests", "Shock test"),
    PARTS("Parts", "Stems, grommets, cores, caps, sensors used"),
    OUTSIDE_SHOP("Outside shop", "Vendor, invoice, what was promised and what came"),
    RIDE_HEIGHT_AFTER("After the work", "Ride height after"),
    ALIGNMENT_AFTER("After the work", "Alignment after"),
    ROAD_TEST_AFTER("After the work", "Road test after: straight with the wheel centered"),
    CLEAN_UP("Clean-up", "Everything touched cleaned, fluids and auxiliaries looked at"),
    NOTIFIED("Hand-over", "Person in charge notified"),
    HANDED_OVER("Hand-over", "Handed over");

    private final String part;
    private final String label;

    VisitEntryType(String part, String words) {
        this.part = part;
        this.label = words;
    }

    /** The part of the visit it belongs to. */
    public String part() {
        return part;
    }

    public String label() {
        return label;
    }

    /** Whether a person may note it; a weighing is a scale ticket, and the hand-over is signed. */
    public boolean isNoted() {
        return this != WEIGHED && this != NOTIFIED && this != HANDED_OVER;
    }

    /** Whether it is a figure of steering or suspension; a photo or a tick in its place measures nothing. */
    public boolean isMeasured() {
        return switch (this) {
            case JOINT_PLAY, SHOCK_TEST, RIDE_HEIGHT_BEFORE, RIDE_HEIGHT_AFTER, ALIGNMENT_BEFORE, ALIGNMENT_AFTER ->
                true;
            case REQUESTED_WORK,
                    DAMAGE,
                    PROTECTION,
                    ROAD_TEST_BEFORE,
                    WEIGHED,
                    PARTS,
                    OUTSIDE_SHOP,
                    ROAD_TEST_AFTER,
                    CLEAN_UP,
                    NOTIFIED,
                    HANDED_OVER -> false;
        };
    }

    /**
     * What has to be entered; a plain tick where the line says it all.
     *
     * @param axles how many the vehicle has
     */
    public StepInput input(int axles) {
        return switch (this) {
            case RIDE_HEIGHT_BEFORE -> new SuspensionInputs.RideHeightInput(false);
            case RIDE_HEIGHT_AFTER -> new SuspensionInputs.RideHeightInput(true);
            case ALIGNMENT_BEFORE -> new SuspensionInputs.AlignmentInput(axles, false);
            case ALIGNMENT_AFTER -> new SuspensionInputs.AlignmentInput(axles, true);
            case JOINT_PLAY -> new JointAndShockInputs.JointPlayInput();
            case SHOCK_TEST -> new JointAndShockInputs.ShockTestInput();
            case OUTSIDE_SHOP -> new VisitInputs.OutsideShopInput();
            case REQUESTED_WORK, WEIGHED, PARTS, NOTIFIED, HANDED_OVER ->
                new StepInput.TextInput("words", "What", true);
            case DAMAGE, PROTECTION, ROAD_TEST_BEFORE, ROAD_TEST_AFTER, CLEAN_UP ->
                new StepInput.TextInput("words", "What", false);
        };
    }

    /** The line measured before the work that this one is held against. */
    public Optional<VisitEntryType> before() {
        return switch (this) {
            case RIDE_HEIGHT_AFTER -> Optional.of(RIDE_HEIGHT_BEFORE);
            case ALIGNMENT_AFTER -> Optional.of(ALIGNMENT_BEFORE);
            default -> Optional.empty();
        };
    }

    /**
     * What figures noted so say of steering and suspension; none for a line that measures nothing there.
     *
     * @param recordedValues as they were kept, each with its unit
     * @param by who measured it
     */
    public List<SuspensionFact> facts(Map<String, String> recordedValues, LocalDate on, String by) {
        return input(1) instanceof StepInput.VisitInput visit && !recordedValues.isEmpty()
                ? visit.facts(recordedValues, on, by)
                : List.of();
    }

    /**
     * What is compared before and after: the axle of an alignment, else one thing for the vehicle.
     *
     * @param recordedValues as they were kept
     */
    public String subject(Map<String, String> recordedValues) {
        return input(1) instanceof SuspensionInputs.AlignmentInput
                ? "axle " + recordedValues.getOrDefault(SuspensionInputs.AlignmentInput.AXLE, "1")
                : "";
    }

    /** One figure before and after the work, each as entered. */
    public record BeforeAfter(String label, String before, String after, String difference) {}

    /** The figures of this entry taken twice, side by side; what was measured only once is left out. */
    public List<BeforeAfter> changes(Map<String, String> before, Map<String, String> after) {
        return VisitInputs.changes(input(1), before, after);
    }
}
