package rotagens.core.inspection;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rotagens.core.measure.Load;
import rotagens.core.measure.Phrase;
import rotagens.core.pressure.LoadCurve;
import rotagens.core.tire.LoadIndex;
import rotagens.core.tire.Tire;
import rotagens.core.tire.TireModel;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Position.OnAxle;
import rotagens.core.vehicle.Position.Place;
import rotagens.core.vehicle.Vehicle;
import rotagens.core.vehicle.Vehicle.Wheel;

/**
 * What to order for a position, line by line, each with where it comes from. Whatever nobody has recorded is said to be missing
 * rather than guessed.
 */
public record OrderSpec(List<Line> lines) {

    /**
     * One line.
     *
     * @param value empty where it isn't known; {@code from} then says what to read
     */
    public record Line(String what, Optional<Phrase> value, Phrase from) {}

    /**
     * Works out the line for a position from the tire there, the opposite side's pattern, the wheel and the axle's rating.
     *
     * @param gawr the axle's rating, where it is on file
     */
    public static OrderSpec of(VehicleState onVehicle, Position position, Optional<Load> gawr) {
        Vehicle vehicle = onVehicle.vehicle();
        List<Line> lines = new ArrayList<>();
        Optional<TireModel> here = onVehicle.at(position).tire().map(Tire::model);
        Optional<Position> opposite = Optional.ofNullable(position.across()).filter(vehicle.layout()::has);
        Optional<TireModel> mate =
                opposite.flatMap(across -> onVehicle.at(across).tire()).map(Tire::model);
        Optional<TireModel> model = mate.or(() -> here);
        Phrase source = mate.isPresent()
                ? Phrase.of(
                        "as at {}, the opposite side", opposite.orElseThrow().code())
                : Phrase.of("as the tire there now");
        Phrase unread = Phrase.of("not on file: read it off the sidewall");
        lines.add(model.map(known ->
                        new Line("Size", Optional.of(Phrase.of(known.size().molded())), source))
                .orElseGet(() -> vehicle.placardAt(position)
                        .map(placard -> new Line(
                                "Size", Optional.of(Phrase.of(placard.size().molded())), Phrase.of("from the placard")))
                        .orElse(new Line("Size", Optional.empty(), Phrase.of("no tire and no placard on file")))));
        lines.add(line(
                "Load range",
                model.flatMap(known -> known.ratings().range()).map(range -> Phrase.of(range.name())),
                source,
                unread));
        lines.add(service(vehicle, position, gawr, model, source, unread));
        lines.add(line("Pattern", model.map(known -> Phrase.of("{}", known.title())), source, unread));
        lines.add(line(
                "Wheel",
                vehicle.wheelAt(position).flatMap(Wheel::pilot).map(pilot -> Phrase.of(pilot.words())),
                Phrase.of("as on file for this position; the two types never interchange"),
                Phrase.of("pilot type not on file: look at the stud holes and nuts")));
        lines.add(leastLoad(vehicle, position, gawr, model));
        if (vehicle.layout().isSteer(position)) {
            lines.add(new Line(
                    "Use",
                    Optional.of(Phrase.of("steer axle: allowed there by its maker, no retread")),
                    Phrase.of("rule")));
        }
        return new OrderSpec(List.copyOf(lines));
    }

    /**
     * The service description to ask for: the same as there, unless it carries less than the axle's rating asks of each tire; then
     * the load index that does.
     */
    private static Line service(
            Vehicle vehicle,
            Position position,
            Optional<Load> gawr,
            Optional<TireModel> model,
            Phrase source,
            Phrase unread) {
        Optional<Load> least = each(vehicle, position, gawr);
        boolean dual = position instanceof OnAxle on && on.place() != Place.SINGLE;
        double derating = model.filter(known -> known.isPassenger() && vehicle.deratesPassengerTires())
                        .isPresent()
                ? LoadCurve.PASSENGER_DERATING
                : 1;
        Optional<Load> rated = model.flatMap(known -> known.ratings().most(dual))
                .map(load -> derating == 1 ? load : Load.lb(Math.floor(load.lb() / derating)));
        if (least.isPresent()
                && rated.filter(load -> load.lb() < least.get().lb() - 1).isPresent()) {
            return new Line(
                    "Service description",
                    LoadIndex.carrying(Load.lb(least.get().lb() * derating))
                            .map(index -> Phrase.of(
                                    dual ? "load index {} or higher as one of a dual" : "load index {} or higher",
                                    index.number())),
                    Phrase.of(
                            "not as there: {} carries {}, under the {} each tire must carry",
                            model.orElseThrow().title(),
                            rated.get(),
                            least.get()));
        }
        return line(
                "Service description",
                model.flatMap(known -> known.ratings().service()).map(read -> Phrase.of(read.molded())),
                source,
                unread);
    }

    /** The axle's rating over its tires, rounded up. */
    private static Optional<Load> each(Vehicle vehicle, Position position, Optional<Load> gawr) {
        return position instanceof OnAxle on
                ? gawr.map(rating -> new Load(
                        rating.figure()
                                .divide(
                                        java.math.BigDecimal.valueOf(vehicle.layout()
                                                .axles()
                                                .get(on.axle() - 1)
                                                .tires()),
                                        0,
                                        java.math.RoundingMode.UP),
                        rating.unit()))
                : Optional.empty();
    }

    private static Line line(String what, Optional<Phrase> value, Phrase from, Phrase unread) {
        return new Line(what, value, value.isPresent() ? from : unread);
    }

    /** The axle's rating shared by its tires; without it, no less than the present tire carries. */
    private static Line leastLoad(Vehicle vehicle, Position position, Optional<Load> gawr, Optional<TireModel> model) {
        boolean dual = position instanceof OnAxle on && on.place() != Place.SINGLE;
        String what = dual ? "Carries at least, as one of a dual" : "Carries at least";
        if (gawr.isPresent() && position instanceof OnAxle on) {
            int tires = vehicle.layout().axles().get(on.axle() - 1).tires();
            Load rating = gawr.get();
            Load each = each(vehicle, position, gawr).orElseThrow();
            return new Line(
                    what, Optional.of(Phrase.of("{}", each)), Phrase.of("axle rating {} over {} tires", rating, tires));
        }
        return line(
                what,
                model.flatMap(known -> known.ratings().most(dual)).map(load -> Phrase.of("{}", load)),
                Phrase.of("no less than the tire there now; the axle’s rating isn’t on file"),
                Phrase.of("neither the axle’s rating nor the tire’s is on file"));
    }
}
