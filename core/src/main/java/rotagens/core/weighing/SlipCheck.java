package rotagens.core.weighing;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import rotagens.core.measure.Load;
import rotagens.core.measure.Phrase;
import rotagens.core.measure.Units;
import rotagens.core.vehicle.Layout;
import rotagens.core.vehicle.Vehicle;

/** Whether a slip can be right for a vehicle. Half a slip, a slip in the wrong unit and one that doesn't add up are refused whole. */
public final class SlipCheck {

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
     * @param says what is wrong, and what to do
     * @param meantOtherUnit whether the figures make sense in the other unit: ask, don't guess
     * @param mayBeRight a person who is sure may keep it all the same
     */
    public record Fault(int axle, Phrase says, boolean meantOtherUnit, boolean mayBeRight) {

        Fault(int axle, Phrase says, boolean meantOtherUnit) {
            this(axle, says, meantOtherUnit, false);
        }
    }

    private SlipCheck() {}

    /**
     * Everything wrong with a slip; empty where it can be right.
     *
     * @param slip as it was read
     * @param vehicle with its ratings
     * @param withinShare how far sums may be apart, 0.02 for 2 %
     * @param emptiest the lightest slip of this vehicle empty, where there is one
     * @param sure a person has said that the figures are right however light they seem
     * @return each fault with the axle it is about
     */
    public static List<Fault> faults(
            Slip slip, Vehicle vehicle, double withinShare, Optional<Slip> emptiest, boolean sure) {
        List<Fault> faults = new ArrayList<>(axlesMissing(slip, vehicle.layout()));
        if (!faults.isEmpty()) {
            return faults;
        }
        for (AxleWeight axle : slip.axles()) {
            ends(axle, withinShare).ifPresent(faults::add);
            tooHeavy(axle, vehicle.gawrs()).ifPresent(faults::add);
        }
        double sum = slip.axles().stream().mapToDouble(AxleWeight::lb).sum();
        slip.gross()
                .filter(gross -> apart(sum, gross.lb()) > withinShare)
                .ifPresent(gross -> faults.add(new Fault(
                        0,
                        Phrase.of(
                                "The axles add up to {}, the gross says {}: more than {} % apart. Read the slip again.",
                                Load.lb(Math.rint(sum)), gross, percent(withinShare)),
                        false)));
        if (faults.isEmpty() && !sure) {
            tooLight(slip, vehicle, emptiest).ifPresent(faults::add);
        }
        return faults;
    }

    private static List<Fault> axlesMissing(Slip slip, Layout layout) {
        List<Fault> faults = new ArrayList<>();
        int axles = layout.axles().size();
        for (AxleWeight axle : slip.axles()) {
            if (axle.axle() < 1 || axle.axle() > axles) {
                faults.add(new Fault(
                        axle.axle(), Phrase.of("This vehicle has no axle {}: it has {}.", axle.axle(), axles), false));
            }
        }
        for (int number = 1; number <= axles; number++) {
            if (slip.axle(number).isEmpty()) {
                faults.add(new Fault(
                        number,
                        Phrase.of(
                                "Axle {}, {}, isn’t on the slip. Half a slip is not stored: weigh every axle.",
                                number,
                                layout.axles().get(number - 1).role().words()),
                        false));
            }
        }
        return faults;
    }

    private static Optional<Fault> ends(AxleWeight axle, double withinShare) {
        return axle.whole()
                .filter(whole -> axle.hasEnds() && apart(axle.lb(), whole.lb()) > withinShare)
                .map(whole -> new Fault(
                        axle.axle(),
                        Phrase.of(
                                "The ends of axle {} add up to {}, the platform says {}: more than {} % apart.",
                                axle.axle(), Load.lb(Math.rint(axle.lb())), whole, percent(withinShare)),
                        false));
    }

    private static Optional<Fault> tooHeavy(AxleWeight axle, Map<Integer, Load> gawrs) {
        return Optional.ofNullable(gawrs.get(axle.axle()))
                .filter(gawr -> axle.lb() > TWICE * gawr.lb())
                .map(gawr -> {
                    boolean lbTyped = axle.lb() / LB_PER_KG <= gawr.lb();
                    return new Fault(
                            axle.axle(),
                            Phrase.of(
                                    "{} on axle {} is over twice its rating of {}.{}",
                                    Load.lb(Math.rint(axle.lb())),
                                    axle.axle(),
                                    gawr,
                                    lbTyped ? " Did you mean lb?" : " Read the slip again."),
                            lbTyped);
                });
    }

    /** Under its own empty weight, or under what any such vehicle weighs: figures in kg typed as lb look just like that. */
    private static Optional<Fault> tooLight(Slip slip, Vehicle vehicle, Optional<Slip> emptiest) {
        double share = switch (vehicle.kind()) {
            case TRAILER -> LIGHTEST_TRAILER;
            case TRACTOR -> LIGHTEST_TRACTOR;
            case BUS, TRUCK, VAN, PICKUP, SUV, CAR -> LIGHTEST;
        };
        double least = emptiest.map(empty -> SCALE_SLACK * empty.lb())
                .orElse(share * vehicle.gvwr().lb());
        if (slip.lb() >= least) {
            return Optional.empty();
        }
        boolean kgTyped = slip.lb() * LB_PER_KG >= least
                && slip.lb() * LB_PER_KG <= TWICE * vehicle.gvwr().lb();
        Phrase what = emptiest.isPresent()
                ? Phrase.of(
                        "it weighed {} empty on {}",
                        Load.lb(Math.rint(emptiest.get().lb())),
                        emptiest.get().on())
                : Phrase.of("its GVWR is {}", vehicle.gvwr());
        return Optional.of(new Fault(
                0,
                Phrase.of(
                        "{} is less than this vehicle can weigh: {}.{}",
                        Load.lb(Math.rint(slip.lb())),
                        what,
                        kgTyped ? " Did you mean kg?" : " Read the slip again."),
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
    public static List<String> disagreements(Slip one, Slip other, double withinShare, Units units) {
        List<String> apart = new ArrayList<>();
        for (AxleWeight axle : one.axles()) {
            other.axle(axle.axle())
                    .filter(same -> apart(axle.lb(), same.lb()) > withinShare)
                    .ifPresent(same -> apart.add(Phrase.of(
                                    "Axle {}: {} on {}, {} on {}.",
                                    axle.axle(),
                                    Load.lb(Math.rint(axle.lb())),
                                    one.scale(),
                                    Load.lb(Math.rint(same.lb())),
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
