package rotagens.core.weighing;

import static rotagens.core.weighing.WeighingWords.WORDS;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import rotagens.core.measure.Load;
import rotagens.core.measure.Message;
import rotagens.core.measure.Units;
import rotagens.core.vehicle.AxleLayout;
import rotagens.core.vehicle.Vehicle;

/** Whether a slip can be right for a vehicle. Half a slip, a slip in the wrong unit and one that doesn't add up are refused whole. */
public final class ScaleTicketCheck {

    private static final double LB_PER_KG = 1 / 0.45359237;
    private static final double TWICE = 2;
    /** What a vehicle weighs empty is seldom under this share of its GVWR. */
    private static final double LIGHTEST = 0.45;

    private static final double LIGHTEST_TRACTOR = 0.28;
    private static final double LIGHTEST_TRAILER = 0.15;
    /** Scales of two makes differ by this much on the same empty vehicle. */
    private static final double SCALE_SLACK = 0.95;

    /**
     * Something that can't be right.
     *
     * @param axle the axle it is about; 0 for the vehicle as a whole
     * @param statement what is wrong, and what to do
     * @param mayBeOtherUnit whether the figures make sense in the other unit: ask, don't guess
     * @param canBeConfirmed a person who is sure may keep it all the same
     */
    public record InputError(int axle, Message statement, boolean mayBeOtherUnit, boolean canBeConfirmed) {

        InputError(int axle, Message says, boolean meantOtherUnit) {
            this(axle, says, meantOtherUnit, false);
        }
    }

    private ScaleTicketCheck() {}

    /**
     * Everything wrong with a slip; empty where it can be right.
     *
     * @param scaleTicket as it was read
     * @param vehicle with its ratings
     * @param withinShare how far sums may be apart, 0.02 for 2 %
     * @param emptiest the lightest slip of this vehicle empty, where there is one
     * @param sure a person has said that the figures are right however light they seem
     * @return each fault with the axle it is about
     */
    public static List<InputError> faults(
            ScaleTicket scaleTicket,
            Vehicle vehicle,
            double withinShare,
            Optional<ScaleTicket> emptiest,
            boolean sure) {
        List<InputError> inputErrors = new ArrayList<>(axlesMissing(scaleTicket, vehicle.layout()));
        if (!inputErrors.isEmpty()) {
            return inputErrors;
        }
        for (AxleWeight axle : scaleTicket.axles()) {
            ends(axle, withinShare).ifPresent(inputErrors::add);
            tooHeavy(axle, vehicle.gawrs()).ifPresent(inputErrors::add);
        }
        double sum = scaleTicket.axles().stream().mapToDouble(AxleWeight::lb).sum();
        scaleTicket
                .gross()
                .filter(gross -> apart(sum, gross.lb()) > withinShare)
                .ifPresent(gross -> inputErrors.add(new InputError(
                        0,
                        WORDS.message(
                                "axlesAddUp",
                                "sum",
                                Load.lb(Math.rint(sum)),
                                "gross",
                                gross,
                                "withinShare",
                                percent(withinShare)),
                        false)));
        if (inputErrors.isEmpty() && !sure) {
            tooLight(scaleTicket, vehicle, emptiest).ifPresent(inputErrors::add);
        }
        return inputErrors;
    }

    private static List<InputError> axlesMissing(ScaleTicket scaleTicket, AxleLayout axleLayout) {
        List<InputError> inputErrors = new ArrayList<>();
        int axles = axleLayout.axles().size();
        for (AxleWeight axle : scaleTicket.axles()) {
            if (axle.axle() < 1 || axle.axle() > axles) {
                inputErrors.add(new InputError(
                        axle.axle(),
                        WORDS.message("thisVehicleHasNoAxle", "axle", axle.axle(), "axles", axles),
                        false));
            }
        }
        for (int number = 1; number <= axles; number++) {
            if (scaleTicket.axle(number).isEmpty()) {
                inputErrors.add(new InputError(
                        number,
                        WORDS.message(
                                "axleIsMissingEnter",
                                "number",
                                number,
                                "role",
                                axleLayout.axles().get(number - 1).role().label()),
                        false));
            }
        }
        return inputErrors;
    }

    private static Optional<InputError> ends(AxleWeight axle, double withinShare) {
        return axle.total()
                .filter(whole -> axle.hasEnds() && apart(axle.lb(), whole.lb()) > withinShare)
                .map(whole -> new InputError(
                        axle.axle(),
                        WORDS.message(
                                "endsOfAxleAddUp",
                                "axle",
                                axle.axle(),
                                "sum",
                                Load.lb(Math.rint(axle.lb())),
                                "whole",
                                whole,
                                "withinShare",
                                percent(withinShare)),
                        false));
    }

    private static Optional<InputError> tooHeavy(AxleWeight axle, Map<Integer, Load> gawrs) {
        return Optional.ofNullable(gawrs.get(axle.axle()))
                .filter(gawr -> axle.lb() > TWICE * gawr.lb())
                .map(gawr -> {
                    boolean lbTyped = axle.lb() / LB_PER_KG <= gawr.lb();
                    return new InputError(
                            axle.axle(),
                            WORDS.message(
                                    "onAxleIsOverTwice",
                                    "weight",
                                    Load.lb(Math.rint(axle.lb())),
                                    "axle",
                                    axle.axle(),
                                    "gawr",
                                    gawr,
                                    "lbTyped",
                                    lbTyped),
                            lbTyped);
                });
    }

    /** Under its own empty weight, or under what any such vehicle weighs: figures in kg typed as lb look just like that. */
    private static Optional<InputError> tooLight(
            ScaleTicket scaleTicket, Vehicle vehicle, Optional<ScaleTicket> emptiest) {
        double share = switch (vehicle.type()) {
            case TRAILER -> LIGHTEST_TRAILER;
            case TRACTOR -> LIGHTEST_TRACTOR;
            case BUS, TRUCK, VAN, PICKUP, SUV, CAR -> LIGHTEST;
        };
        double least = emptiest.map(empty -> SCALE_SLACK * empty.lb())
                .orElse(share * vehicle.gvwr().lb());
        if (scaleTicket.lb() >= least) {
            return Optional.empty();
        }
        boolean kgTyped = scaleTicket.lb() * LB_PER_KG >= least
                && scaleTicket.lb() * LB_PER_KG <= TWICE * vehicle.gvwr().lb();
        Message what = emptiest.isPresent()
                ? WORDS.message(
                        "itWeighedEmpty",
                        "emptiest",
                        Load.lb(Math.rint(emptiest.get().lb())),
                        "on",
                        emptiest.get().on())
                : WORDS.message("itsGvwr", "gvwr", vehicle.gvwr());
        return Optional.of(new InputError(
                0,
                WORDS.message(
                        "isLessThanThisVehicle",
                        "scaleTicket",
                        Load.lb(Math.rint(scaleTicket.lb())),
                        "what",
                        what,
                        "kgTyped",
                        kgTyped),
                kgTyped,
                true));
    }

    /**
     * Two slips of one day and load, a platform's and the pads': the axles on which they disagree.
     *
     * @param one the first
     * @param other the second
     * @param withinShare how far two figures of an axle may be apart, 0.02 for 2 %
     * @param units the reader's
     * @return a sentence for each such axle
     */
    public static List<String> disagreements(ScaleTicket one, ScaleTicket other, double withinShare, Units units) {
        List<String> apart = new ArrayList<>();
        for (AxleWeight axle : one.axles()) {
            other.axle(axle.axle())
                    .filter(same -> apart(axle.lb(), same.lb()) > withinShare)
                    .ifPresent(same -> apart.add(WORDS.message(
                                    "axleOn",
                                    "axle",
                                    axle.axle(),
                                    "one",
                                    Load.lb(Math.rint(axle.lb())),
                                    "scale",
                                    one.scale(),
                                    "other",
                                    Load.lb(Math.rint(same.lb())),
                                    "otherScale",
                                    other.scale())
                            .in(units)));
        }
        return apart;
    }

    private static double apart(double one, double other) {
        return Math.abs(one - other) / Math.max(one, other);
    }

    private static String percent(double share) {
        return String.valueOf(Math.round(share * 1000) / 10.0).replaceAll("\\.0$", "");
    }
}
