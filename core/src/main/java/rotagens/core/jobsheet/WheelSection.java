package rotagens.core.jobsheet;

import static rotagens.core.jobsheet.JobsheetWords.WORDS;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import rotagens.core.jobsheet.TireChanger.TireChangerType;
import rotagens.core.vehicle.WheelSpec;

/**
 * The wheel as it lies at the tire changer, seen from the side, for a drawing and its words: which side is up, what holds it, where the
 * bead goes. Source: practice of the trade; the machine's manual comes first.
 *
 * @param isFaceUp the face is up, a reversed wheel's is down: the narrow side with the drop center is always up; empty where nobody
 *     has read the wheel
 * @param hold what holds it
 * @param isBeadInDropCenter the opposite bead lies in the drop center while the other one passes the head
 * @param isPressArm the press arm holds that bead down
 * @param head what the bead passes; empty while the tire is filled
 * @param blast where a blast for a wide gap comes from; empty where none is meant or the machine isn't known
 * @param release what is let go, in this order, when the wheel comes off the machine
 */
public record WheelSection(
        Optional<Boolean> isFaceUp,
        Hold hold,
        boolean isBeadInDropCenter,
        boolean isPressArm,
        Optional<String> head,
        Optional<String> blast,
        List<String> release) {

    /** What holds a wheel on the machine. */
    public enum Hold {
        /** Jaws from outside, covers on. */
        JAWS_OUTSIDE,
        /** A shaft with a cone through the hub. */
        CENTER_CONE,
        /** It rests free. */
        FREE,
        /** No tire changer is chosen. */
        UNKNOWN
    }

    private static final Set<StepCode> AT_HEAD = Set.of(StepCode.DEMOUNT, StepCode.MOUNT);

    /**
     * Keeps copies.
     *
     * @param isFaceUp the face is up, a reversed wheel's is down: the narrow side with the drop center is always up;
     *     empty where nobody has read the wheel
     * @param hold what holds it
     * @param isBeadInDropCenter the opposite bead lies in the drop center while the other one passes the head
     * @param isPressArm the press arm holds that bead down
     * @param head what the bead passes; empty while the tire is filled
     * @param blast where a blast for a wide gap comes from; empty where none is meant or the machine isn't known
     * @param release what is let go, in this order, when the wheel comes off the machine
     */
    public WheelSection {
        release = List.copyOf(release);
    }

    /**
     * The drawing of a step; empty where none belongs to it.
     *
     * @param step of the sheet
     * @param wheel the wheel of that step
     * @param machine the machine; empty where none was chosen
     * @return what is drawn from the side
     */
    public static Optional<WheelSection> of(StepCode step, WheelJob wheel, Optional<TireChanger> machine) {
        Optional<TireChangerType> type = machine.map(TireChanger::type);
        Optional<Boolean> isFaceUp = wheel.wheel().equals(WheelSpec.UNKNOWN)
                ? Optional.empty()
                : Optional.of(!wheel.wheel().isReversed());
        if (AT_HEAD.contains(step)) {
            return Optional.of(new WheelSection(
                    isFaceUp,
                    type.map(one -> one.hasJaws() ? Hold.JAWS_OUTSIDE : Hold.CENTER_CONE)
                            .orElse(Hold.UNKNOWN),
                    true,
                    BeadBuild.of(wheel.model()).thickBeads().orElse(false),
                    Optional.of(type.map(TireChangerType::head).orElse("head")),
                    Optional.empty(),
                    step == StepCode.MOUNT && type.filter(one -> !one.hasJaws()).isPresent()
                            ? List.of(
                                    WORDS.say("unlockTheCenterShaft"),
                                    WORDS.say("relieveThePressure"),
                                    WORDS.say("pullTheCone"))
                            : List.of()));
        }
        if (step == StepCode.SEAT) {
            boolean staysClamped = wheel.wheel().isReversed()
                    && type.filter(TireChangerType::hasJaws).isPresent();
            return Optional.of(new WheelSection(
                    isFaceUp,
                    staysClamped ? Hold.JAWS_OUTSIDE : Hold.FREE,
                    false,
                    false,
                    Optional.empty(),
                    type.map(one -> one.hasJaws() ? WORDS.say("blastFromTheJaws") : WORDS.say("blastAtTheBead")),
                    List.of()));
        }
        return Optional.empty();
    }

    /**
     * What the drawing shows, for whoever doesn't see it.
     *
     * @return a sentence
     */
    public String statement() {
        List<String> says = new ArrayList<>();
        says.add(isFaceUp.map(up -> up ? WORDS.say("faceUp") : WORDS.say("faceDownTheWheel"))
                .orElse(WORDS.say("narrowSideUpReadWhich")));
        says.add(WORDS.say("dropCenterAbove"));
        switch (hold) {
            case JAWS_OUTSIDE -> says.add(WORDS.say("jawsFromOutsideCovers"));
            case CENTER_CONE -> says.add(WORDS.say("coneAndShaftThrough"));
            case FREE -> says.add(WORDS.say("restingFreeNotClamped"));
            case UNKNOWN -> {}
        }
        head.ifPresent(tool -> says.add(WORDS.say("beadOver", "tool", tool)));
        if (isBeadInDropCenter) {
            says.add(isPressArm ? WORDS.say("pressArmHoldsTheOpposite") : WORDS.say("oppositeBeadInTheDrop"));
        }
        blast.ifPresent(says::add);
        return WORDS.say("wheelFromTheSide", "says", String.join("; ", says));
    }
}
