package rotagens.core.pressure;

import static rotagens.core.pressure.PressureWords.WORDS;

import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import rotagens.core.measure.Load;
import rotagens.core.measure.Message;
import rotagens.core.measure.Reason;
import rotagens.core.measure.Rule;
import rotagens.core.tire.TireModel;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Vehicle;

/** What the tires fitted may carry together against the ratings of axle and vehicle: said without any weight on file. */
final class RatingNotices {

    private static final double SLACK = 1;

    private RatingNotices() {}

    /** What an axle's tires are rated to carry together, in lb; empty where a tire or its rating isn't on file. */
    static OptionalDouble ratedLb(Vehicle vehicle, int axle, Map<Position, TireModel> here) {
        boolean dual = vehicle.layout().axles().get(axle - 1).isDual();
        if (here.size() < vehicle.layout().axles().get(axle - 1).tires()) {
            return OptionalDouble.empty();
        }
        double least = Double.MAX_VALUE;
        for (TireModel tire : here.values()) {
            Optional<Load> most = tire.ratings().maxLoad(dual);
            if (most.isEmpty()) {
                return OptionalDouble.empty();
            }
            double derating = tire.isPassenger() && vehicle.deratesPassengerTires() ? LoadCurve.PASSENGER_DERATING : 1;
            least = Math.min(least, most.get().lb() / derating);
        }
        return OptionalDouble.of(least * here.size());
    }

    /** The tires of an axle together under its rating: to be weighed; watched where a slip shows what it carries. */
    static Optional<Notice> axle(Vehicle vehicle, int axle, OptionalDouble ratedLb, boolean weighed) {
        Load gawr = vehicle.gawrs().get(axle);
        if (gawr == null || ratedLb.isEmpty() || ratedLb.getAsDouble() >= gawr.lb() - SLACK) {
            return Optional.empty();
        }
        return Optional.of(concern(
                weighed,
                WORDS.message(
                        "tiresOfAxleCarryTogether",
                        "axle",
                        axle,
                        "ratedLb",
                        whole(ratedLb.getAsDouble()),
                        "gawr",
                        gawr),
                ratedLb.getAsDouble(),
                gawr));
    }

    /** All tires together under the vehicle's rating. */
    static Optional<Notice> vehicle(Vehicle vehicle, double ratedLb, boolean weighed) {
        return ratedLb >= vehicle.gvwr().lb() - SLACK
                ? Optional.empty()
                : Optional.of(concern(
                        weighed,
                        WORDS.message("allTiresCarryTogether", "ratedLb", whole(ratedLb), "gvwr", vehicle.gvwr()),
                        ratedLb,
                        vehicle.gvwr()));
    }

    /** What it weighed is over the vehicle's rating, whatever each axle may carry. */
    static Optional<Notice> gross(Vehicle vehicle, AxleLoad load) {
        double gross = load.scaleTicket().lb();
        if (gross <= vehicle.gvwr().lb() + SLACK) {
            return Optional.empty();
        }
        return Optional.of(new Notice(
                Notice.Severity.DO_NOT_OPERATE,
                Reason.of(
                        Rule.AXLE_RATING,
                        WORDS.message("itWeighsRatedGvwr", "gross", whole(gross), "gvwr", vehicle.gvwr()),
                        Message.of("{}", whole(gross)),
                        Message.of("{}", vehicle.gvwr()),
                        WORDS.say("takeLoadOffBetterTires"))));
    }

    private static Notice concern(boolean weighed, Message says, double ratedLb, Load rating) {
        return new Notice(
                weighed ? Notice.Severity.WATCH : Notice.Severity.SERVICE_DUE,
                Reason.of(
                        Rule.AXLE_RATING,
                        says,
                        Message.of("{}", whole(ratedLb)),
                        Message.of("{}", rating),
                        weighed ? WORDS.say("doNotLoad") : WORDS.say("itsLoadIsNot")));
    }

    private static Load whole(double lb) {
        return Load.lb(Math.rint(lb));
    }
}
