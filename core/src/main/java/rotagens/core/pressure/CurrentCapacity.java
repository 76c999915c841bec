package rotagens.core.pressure;

import static rotagens.core.pressure.PressureWords.WORDS;

import java.util.Map;
import java.util.Optional;
import rotagens.core.measure.Load;
import rotagens.core.measure.Message;
import rotagens.core.measure.Pressure;
import rotagens.core.tire.TireModel;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Position.OnAxle;
import rotagens.core.vehicle.Vehicle;

/**
 * What one axle may carry at the pressures measured now.
 *
 * @param capacity empty where a pressure or a rating isn't known; {@code statement} then names it
 * @param limitingRating the tire that decides; empty where the axle's or a wheel's rating does
 */
public record CurrentCapacity(int axle, Optional<Load> capacity, Optional<Position> limitingRating, Message statement) {

    /** A tire gauged cold, and whether it must not carry anything until somebody looked inside. */
    public record CheckedTire(Optional<Pressure> cold, boolean isRunFlat) {}

    /**
     * One axle, from its tires and their newest cold readings.
     *
     * @param vehicle the vehicle
     * @param axle counted from the front, from 1
     * @param fitted the models on it, by position
     * @param checkedTire their newest cold readings, by position
     * @param book the charts on file
     * @return what the axle carries at what its tires hold
     */
    public static CurrentCapacity of(
            Vehicle vehicle,
            int axle,
            Map<Position, TireModel> fitted,
            Map<Position, CheckedTire> checkedTire,
            LoadCharts book) {
        boolean dual = vehicle.layout().axles().get(axle - 1).isDual();
        int tires = dual ? 4 : 2;
        double least = Double.MAX_VALUE;
        Optional<Position> tightest = Optional.empty();
        Message says = Message.of("");
        for (Position position : vehicle.layout().positions()) {
            if (!(position instanceof OnAxle on) || on.axle() != axle) {
                continue;
            }
            TireModel tire = fitted.get(position);
            CheckedTire now = checkedTire.getOrDefault(position, new CheckedTire(Optional.empty(), false));
            if (now.isRunFlat()) {
                return new CurrentCapacity(
                        axle,
                        Optional.of(Load.lb(0)),
                        Optional.of(position),
                        WORDS.message("nothingRanAt80", "position", position.code()));
            }
            if (tire == null || now.cold().isEmpty()) {
                return unknown(
                        axle,
                        tire == null
                                ? WORDS.message("noTireOnFile2", "position", position.code())
                                : WORDS.message("hasNoColdReading", "position", position.code()));
            }
            double carries;
            try {
                carries = book.curve(tire, dual, vehicle)
                        .capacityLb(now.cold().get().psi());
            } catch (rotagens.core.measure.InvalidInputException missing) {
                return unknown(axle, Message.of(missing.getMessage()));
            }
            if (carries < least) {
                least = carries;
                tightest = Optional.of(position);
                says = WORDS.message(
                        "atCarriesTimesTires",
                        "position",
                        position.code(),
                        "cold",
                        now.cold().get(),
                        "carries",
                        Load.lb(Math.floor(carries)),
                        "tires",
                        tires);
            }
            Optional<Load> wheel = vehicle.wheelAt(position).flatMap(Vehicle.WheelLimits::maximumLoad);
            if (wheel.isPresent() && wheel.get().lb() < least) {
                least = wheel.get().lb();
                tightest = Optional.of(position);
                says = WORDS.message(
                        "wheelAtCarriesTimes", "position", position.code(), "wheel", wheel.get(), "tires", tires);
            }
        }
        double most = least * tires;
        Load gawr = vehicle.gawrs().get(axle);
        if (gawr != null && gawr.lb() < most) {
            return new CurrentCapacity(
                    axle, Optional.of(gawr), Optional.empty(), WORDS.message("axlesOwnRating", "gawr", gawr));
        }
        return new CurrentCapacity(axle, Optional.of(Load.lb(Math.floor(most))), tightest, says);
    }

    private static CurrentCapacity unknown(int axle, Message why) {
        return new CurrentCapacity(axle, Optional.empty(), Optional.empty(), WORDS.message("notKnown", "why", why));
    }
}
