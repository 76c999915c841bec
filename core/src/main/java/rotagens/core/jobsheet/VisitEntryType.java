package rotagens.core.jobsheet;

import static rotagens.core.jobsheet.JobsheetWords.WORDS;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import rotagens.core.fact.SuspensionFact;

/** What is noted of a shop visit beside the work itself, in the order a visit runs. */
public enum VisitEntryType {
    /** What else the customer asked for. */
    REQUESTED_WORK(WORDS.say("booking"), WORDS.say("otherWorkThatWasAsked")),
    /** So that nobody is blamed for it later. */
    DAMAGE(WORDS.say("checkIn"), WORDS.say("wheelDamageAlreadyThere")),
    /** Seat, wheel and floor are covered. */
    PROTECTION(WORDS.say("checkIn"), WORDS.say("insideProtection")),
    /** What a drive shows before the work. */
    ROAD_TEST_BEFORE(WORDS.say("beforeTheWork"), WORDS.say("roadTestBeforeAGeneral")),
    /** Not noted any more: a weighing is a scale ticket. */
    WEIGHED(WORDS.say("beforeTheWork"), WORDS.say("weighed")),
    /** Both sides, before anything is turned. */
    RIDE_HEIGHT_BEFORE(WORDS.say("beforeTheWork"), WORDS.say("rideHeightBefore")),
    /** Toe, camber and thrust angle as it came. */
    ALIGNMENT_BEFORE(WORDS.say("beforeTheWork"), WORDS.say("alignmentBefore")),
    /** At each joint, by a gauge. */
    JOINT_PLAY(WORDS.say("tests"), WORDS.say("playOfJoints")),
    /** How a corner swings. */
    SHOCK_TEST(WORDS.say("tests"), WORDS.say("shockTest")),
    /** Small parts taken off the shelf. */
    PARTS(WORDS.say("parts"), WORDS.say("stemsGrommetsCoresCapsSensors")),
    /** Work done elsewhere. */
    OUTSIDE_SHOP(WORDS.say("outsideShop"), WORDS.say("vendorInvoiceWhatWasPromised")),
    /** Both sides, at the end. */
    RIDE_HEIGHT_AFTER(WORDS.say("afterTheWork"), WORDS.say("rideHeightAfter")),
    /** Toe, camber and thrust angle as it leaves. */
    ALIGNMENT_AFTER(WORDS.say("afterTheWork"), WORDS.say("alignmentAfter")),
    /** Straight, with the wheel centered. */
    ROAD_TEST_AFTER(WORDS.say("afterTheWork"), WORDS.say("roadTestAfterStraight")),
    /** Nothing dirty, nothing left open. */
    CLEAN_UP(WORDS.say("cleanUp2"), WORDS.say("everythingTouchedCleanedFluids")),
    /** Somebody in charge knows. */
    NOTIFIED(WORDS.say("handOver"), WORDS.say("personInChargeNotified")),
    /** To whom, by name. */
    HANDED_OVER(WORDS.say("handOver"), WORDS.say("handedOver"));

    private final String part;
    private final String label;

    VisitEntryType(String part, String words) {
        this.part = part;
        this.label = words;
    }

    /**
     * The part of the visit it belongs to.
     *
     * @return for a heading
     */
    public String part() {
        return part;
    }

    /**
     * What is noted.
     *
     * @return for a line of the visit
     */
    public String label() {
        return label;
    }

    /**
     * Whether a person may note it; a weighing is a scale ticket, and the hand-over is signed.
     *
     * @return false where a record of its own says it
     */
    public boolean isNoted() {
        return this != WEIGHED && this != NOTIFIED && this != HANDED_OVER;
    }

    /**
     * Whether it is a figure of steering or suspension; a photo or a tick in its place measures nothing.
     *
     * @return true where only figures count
     */
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
     * @return the entries to make
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
                new StepInput.TextInput("words", WORDS.say("what"), true);
            case DAMAGE, PROTECTION, ROAD_TEST_BEFORE, ROAD_TEST_AFTER, CLEAN_UP ->
                new StepInput.TextInput("words", WORDS.say("what"), false);
        };
    }

    /**
     * The line measured before the work that this one is held against.
     *
     * @return only for what is measured twice
     */
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
     * @param on the day it was measured
     * @param by who measured it
     * @return what is over its limit, and what is within
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
     * @return empty text for the vehicle
     */
    public String subject(Map<String, String> recordedValues) {
        return input(1) instanceof SuspensionInputs.AlignmentInput
                ? WORDS.say("axle", "axle", recordedValues.getOrDefault(SuspensionInputs.AlignmentInput.AXLE, "1"))
                : "";
    }

    /** One figure before and after the work, each as entered. */
    public record BeforeAfter(String label, String before, String after, String difference) {}

    /**
     * The figures of this entry taken twice, side by side; what was measured only once is left out.
     *
     * @param before figures as kept, before the work
     * @param after figures as kept, after the work
     * @return line by line
     */
    public List<BeforeAfter> changes(Map<String, String> before, Map<String, String> after) {
        return VisitInputs.changes(input(1), before, after);
    }
}
