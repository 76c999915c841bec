package rotagens.core.vehicle;

import static rotagens.core.vehicle.VehicleWords.WORDS;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import rotagens.core.measure.InvalidInputException;
import rotagens.core.measure.Load;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Torque;

/**
 * A wheel as it stands in the maker's data; whatever nobody has read is empty.
 *
 * @param pilotType how it is centered
 * @param rimDiameterInches nominal rim diameter
 * @param rimWidthInches rim width between the flanges
 * @param lugCount how many nuts hold it
 * @param nutSeat nut seat, for example <i>flange with washer</i>
 * @param isLeftThreaded whether its nuts tighten to the left
 * @param torque what its nuts are torqued to
 * @param material steel or aluminum, in words
 * @param maximumLoad the most it carries
 * @param maximumPressure the highest pressure it holds
 * @param isReversed inset the other way round: the sensor and the narrow side change sides
 * @param valveType which valve goes into it, in words
 */
public record WheelSpec(
        Optional<PilotType> pilotType,
        OptionalDouble rimDiameterInches,
        OptionalDouble rimWidthInches,
        OptionalInt lugCount,
        String nutSeat,
        boolean isLeftThreaded,
        Optional<Torque> torque,
        String material,
        Optional<Load> maximumLoad,
        Optional<Pressure> maximumPressure,
        boolean isReversed,
        String valveType) {

    /** Nobody has read anything. */
    public static final WheelSpec UNKNOWN = of(Optional.empty(), Optional.empty());

    /**
     * Checks what was read.
     *
     * @param pilotType how it is centered
     * @param rimDiameterInches nominal rim diameter
     * @param rimWidthInches rim width between the flanges
     * @param lugCount how many nuts hold it
     * @param nutSeat nut seat
     * @param isLeftThreaded whether its nuts tighten to the left
     * @param torque what its nuts are torqued to
     * @param material in words
     * @param maximumLoad the most it carries
     * @param maximumPressure the highest pressure it holds
     * @param isReversed inset the other way round
     * @param valveType in words
     * @throws InvalidInputException where a rim or its nuts are none that can be
     */
    public WheelSpec {
        rimDiameterInches.ifPresent(inches -> refuse(inches < 8 || inches > 26, WORDS.say("rimMeasures8To26")));
        rimWidthInches.ifPresent(inches -> refuse(inches < 3 || inches > 18, WORDS.say("rimIs3To18")));
        lugCount.ifPresent(count -> refuse(count < 3 || count > 12, WORDS.say("wheelHas3To12")));
    }

    private static final double TORQUE_WITHIN = 0.05;

    /**
     * Whether a wrench was set as the wheel asks, within 5 %; the figure of the other unit is a third off and is noticed.
     *
     * @param set what the wrench was set to
     * @return true also where the wheel’s torque isn’t on file
     */
    public boolean agreesWith(Torque set) {
        return torque.isEmpty() || Math.abs(set.ftLb() / torque.get().ftLb() - 1) <= TORQUE_WITHIN;
    }

    /**
     * A wheel of which only pilot type and pressure limit are known.
     *
     * @param pilot how it is centered
     * @param maximumPressure the highest pressure it holds
     * @return with everything else not read
     */
    public static WheelSpec of(Optional<PilotType> pilot, Optional<Pressure> maximumPressure) {
        return new WheelSpec(
                pilot,
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalInt.empty(),
                "",
                false,
                Optional.empty(),
                "",
                Optional.empty(),
                maximumPressure,
                false,
                "");
    }

    /**
     * The placard asks for more than the wheel holds: one of the two was misread, and neither may be trusted.
     *
     * @param placard the placard’s cold pressure
     * @param wheelMaximum the highest pressure the wheel holds
     * @throws InvalidInputException where the placard lies above
     */
    public static void refusePlacardAbove(Optional<Pressure> placard, Optional<Pressure> wheelMaximum) {
        if (placard.isPresent()
                && wheelMaximum.isPresent()
                && placard.get().psi() > wheelMaximum.get().psi() + 1e-9) {
            throw new InvalidInputException(WORDS.say(
                    "placardAsksForTheWheel",
                    "asked",
                    placard.get().asEntered(),
                    "most",
                    wheelMaximum.get().asEntered()));
        }
    }

    private static void refuse(boolean implausible, String message) {
        if (implausible) {
            throw new InvalidInputException(message);
        }
    }
}
