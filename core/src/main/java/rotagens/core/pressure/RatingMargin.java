package rotagens.core.pressure;

import static rotagens.core.pressure.PressureWords.WORDS;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import rotagens.core.measure.Load;
import rotagens.core.vehicle.Vehicle;

/**
 * How far a weighed load is from one limit.
 *
 * @param rated the limit in words
 * @param remaining negative load isn't written: {@code isExceeded} says that the limit is passed
 */
public record RatingMargin(String rated, Load limit, Load load, Load remaining, boolean isExceeded) {

    private static RatingMargin of(String what, double limit, double carried) {
        return new RatingMargin(
                what,
                Load.lb(Math.floor(limit)),
                Load.lb(Math.rint(carried)),
                Load.lb(Math.floor(Math.abs(limit - carried))),
                carried > limit + 1e-6);
    }

    /**
     * What is left of the rating.
     *
     * @return a share of 1; under 0 where the rating is exceeded
     */
    public double share() {
        return (isExceeded ? -remaining.lb() : remaining.lb()) / limit.lb();
    }

    /**
     * Of one axle, the tightest first; empty where it was never weighed.
     *
     * @param vehicle the vehicle
     * @param answer its axle as worked out
     * @return of tires, wheels and axle
     */
    public static List<RatingMargin> of(Vehicle vehicle, AxlePressure answer) {
        List<RatingMargin> all = new ArrayList<>();
        answer.load().ifPresent(load -> {
            double lb = load.perTireLb();
            answer.curve().ifPresent(curve -> {
                double most = answer.maximum()
                        .map(known -> curve.capacityLb(known.pressure().psi()))
                        .orElse(curve.maxLb());
                all.add(of(WORDS.say("tireAtItsHighestAllowed"), most, lb));
            });
            vehicle.wheelsOn(answer.axle()).entrySet().stream()
                    .flatMap(one -> one.getValue().maximumLoad().stream())
                    .min(Comparator.comparingDouble(Load::lb))
                    .ifPresent(wheel -> all.add(of("wheel", wheel.lb(), lb)));
            Load gawr = vehicle.gawrs().get(answer.axle());
            if (gawr != null) {
                all.add(of(WORDS.say("axleRatingGawr"), gawr.lb(), load.weight().lb()));
            }
        });
        all.sort(Comparator.comparingDouble(RatingMargin::share));
        return all;
    }

    /**
     * The vehicle as a whole against its GVWR.
     *
     * @param vehicle the vehicle
     * @param grossLb what all its axles weigh together
     * @return what is left of its rating
     */
    public static RatingMargin ofVehicle(Vehicle vehicle, double grossLb) {
        return of(WORDS.say("vehicleRatingGvwr"), vehicle.gvwr().lb(), grossLb);
    }
}
