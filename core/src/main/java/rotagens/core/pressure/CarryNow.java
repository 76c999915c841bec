package rotagens.core.pressure;

import java.util.Map;
import java.util.Optional;
import rotagens.core.measure.Load;
import rotagens.core.measure.Phrase;
import rotagens.core.measure.Pressure;
import rotagens.core.tire.TireModel;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Position.OnAxle;
import rotagens.core.vehicle.Vehicle;

/**
 * What one axle may carry at the pressures measured now.
 *
 * @param most empty where a pressure or a rating isn't known; {@code says} then names it
 * @param tightest the tire that decides; empty where the axle's or a wheel's rating does
 */
public record CarryNow(int axle, Optional<Load> most, Optional<Position> tightest, Phrase says) {

    /** A tire gauged cold, and whether it must not carry anything until somebody looked inside. */
    public record Gauged(Optional<Pressure> cold, boolean ranLow) {}

    /** One axle, from its tires and their newest cold readings. */
    public static CarryNow of(
            Vehicle vehicle, int axle, Map<Position, TireModel> fitted, Map<Position, Gauged> gauged, ChartBook book) {
        boolean dual = vehicle.layout().axles().get(axle - 1).dual();
        int tires = dual ? 4 : 2;
        double least = Double.MAX_VALUE;
        Optional<Position> tightest = Optional.empty();
        Phrase says = Phrase.of("");
        for (Position position : vehicle.layout().positions()) {
            if (!(position instanceof OnAxle on) || on.axle() != axle) {
                continue;
            }
            TireModel tire = fitted.get(position);
            Gauged now = gauged.getOrDefault(position, new Gauged(Optional.empty(), false));
            if (now.ranLow()) {
                return new CarryNow(
                        axle,
                        Optional.of(Load.lb(0)),
                        Optional.of(position),
                        Phrase.of(
                                "Nothing: {} ran at 80 % of target or less and waits for a look inside",
                                position.code()));
            }
            if (tire == null || now.cold().isEmpty()) {
                return unknown(
                        axle,
                        tire == null
                                ? Phrase.of("no tire on file at {}", position.code())
                                : Phrase.of("{} was never gauged cold", position.code()));
            }
            double carries;
            try {
                carries = book.curve(tire, dual, vehicle)
                        .capacityLb(now.cold().get().psi());
            } catch (rotagens.core.measure.InvalidEntry missing) {
                return unknown(axle, Phrase.of(missing.getMessage()));
            }
            if (carries < least) {
                least = carries;
                tightest = Optional.of(position);
                says = Phrase.of(
                        "{} at {} carries {}, times {} tires",
                        position.code(),
                        now.cold().get(),
                        Load.lb(Math.floor(carries)),
                        tires);
            }
            Optional<Load> wheel = vehicle.wheelAt(position).flatMap(Vehicle.Wheel::maximumLoad);
            if (wheel.isPresent() && wheel.get().lb() < least) {
                least = wheel.get().lb();
                tightest = Optional.of(position);
                says = Phrase.of("The wheel at {} carries {}, times {}", position.code(), wheel.get(), tires);
            }
        }
        double most = least * tires;
        Load gawr = vehicle.gawrs().get(axle);
        if (gawr != null && gawr.lb() < most) {
            return new CarryNow(
                    axle,
                    Optional.of(gawr),
                    Optional.empty(),
                    Phrase.of("The axle’s own rating, {}, is the tightest", gawr));
        }
        return new CarryNow(axle, Optional.of(Load.lb(Math.floor(most))), tightest, says);
    }

    private static CarryNow unknown(int axle, Phrase why) {
        return new CarryNow(axle, Optional.empty(), Optional.empty(), Phrase.of("Not known: {}", why));
    }
}
