package rotagens.core.pressure;

import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import rotagens.core.measure.Load;
import rotagens.core.measure.Phrase;
import rotagens.core.measure.Reason;
import rotagens.core.measure.Rule;
import rotagens.core.tire.TireModel;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Vehicle;

/** What the tires fitted may carry together against the ratings of axle and vehicle: said without any weight on file. */
final class RatingConcerns {

    private static final double SLACK = 1;

    private RatingConcerns() {}

    /** What an axle's tires are rated to carry together, in lb; empty where a tire or its rating isn't on file. */
    static OptionalDouble ratedLb(Vehicle vehicle, int axle, Map<Position, TireModel> here) {
        boolean dual = vehicle.layout().axles().get(axle - 1).dual();
        if (here.size() < vehicle.layout().axles().get(axle - 1).tires()) {
            return OptionalDouble.empty();
        }
        double least = Double.MAX_VALUE;
        for (TireModel tire : here.values()) {
            Optional<Load> most = tire.ratings().most(dual);
            if (most.isEmpty()) {
                return OptionalDouble.empty();
            }
            double derating = tire.isPassenger() && vehicle.deratesPassengerTires() ? LoadCurve.PASSENGER_DERATING : 1;
            least = Math.min(least, most.get().lb() / derating);
        }
        return OptionalDouble.of(least * here.size());
    }

    /** The tires of an axle together under its rating: to be weighed; watched where a slip shows what it carries. */
    static Optional<Concern> axle(Vehicle vehicle, int axle, OptionalDouble ratedLb, boolean weighed) {
        Load gawr = vehicle.gawrs().get(axle);
        if (gawr == null || ratedLb.isEmpty() || ratedLb.getAsDouble() >= gawr.lb() - SLACK) {
            return Optional.empty();
        }
        return Optional.of(concern(
                weighed,
                Phrase.of(
                        "The tires of axle {} carry {} together, the axle is rated {}",
                        axle,
                        whole(ratedLb.getAsDouble()),
                        gawr),
                ratedLb.getAsDouble(),
                gawr));
    }

    /** All tires together under the vehicle's rating. */
    static Optional<Concern> vehicle(Vehicle vehicle, double ratedLb, boolean weighed) {
        return ratedLb >= vehicle.gvwr().lb() - SLACK
                ? Optional.empty()
                : Optional.of(concern(
                        weighed,
                        Phrase.of(
                                "All tires carry {} together, the vehicle is rated {}", whole(ratedLb), vehicle.gvwr()),
                        ratedLb,
                        vehicle.gvwr()));
    }

    /** What it weighed is over the vehicle's rating, whatever each axle may carry. */
    static Optional<Concern> gross(Vehicle vehicle, AxleLoad load) {
        double gross = load.slip().lb();
        if (gross <= vehicle.gvwr().lb() + SLACK) {
            return Optional.empty();
        }
        return Optional.of(new Concern(
                Concern.Weight.STOP,
                Reason.of(
                        Rule.AXLE_RATING,
                        Phrase.of("It weighs {}, rated {} (GVWR)", whole(gross), vehicle.gvwr()),
                        Phrase.of("{}", whole(gross)),
                        Phrase.of("{}", vehicle.gvwr()),
                        "Take load off. Better tires don’t raise a vehicle’s rating.")));
    }

    private static Concern concern(boolean weighed, Phrase says, double ratedLb, Load rating) {
        return new Concern(
                weighed ? Concern.Weight.WATCH : Concern.Weight.PLAN,
                Reason.of(
                        Rule.AXLE_RATING,
                        says,
                        Phrase.of("{}", whole(ratedLb)),
                        Phrase.of("{}", rating),
                        weighed
                                ? "It may not be loaded to its rating on these tires. Fit tires with a higher rating when they are next due."
                                : "What it carries isn’t on record: weigh it, or fit tires with a higher rating."));
    }

    private static Load whole(double lb) {
        return Load.lb(Math.rint(lb));
    }
}
