package rotagens.core.inspection;

import static rotagens.core.inspection.InspectionWords.WORDS;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rotagens.core.measure.Load;
import rotagens.core.measure.Message;
import rotagens.core.pressure.LoadCurve;
import rotagens.core.tire.LoadIndex;
import rotagens.core.tire.Tire;
import rotagens.core.tire.TireModel;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Position.DualSlot;
import rotagens.core.vehicle.Position.OnAxle;
import rotagens.core.vehicle.Vehicle;
import rotagens.core.vehicle.Vehicle.WheelLimits;

/**
 * What to order for a position, line by line, each with where it comes from. Whatever nobody has recorded is said to be missing
 * rather than guessed.
 */
public record OrderSpecification(List<Item> items) {

    /**
     * One line.
     *
     * @param value empty where it isn't known; {@code source} then says what to read
     */
    public record Item(String property, Optional<Message> value, Message source) {}

    /**
     * Works out the line for a position from the tire there, the opposite side's pattern, the wheel and the axle's rating.
     *
     * @param onVehicle the vehicle with the tires on it
     * @param position the position
     * @param gawr the axle's rating, where it is on file
     * @return what to order, item by item, each with its reason
     */
    public static OrderSpecification of(VehicleState onVehicle, Position position, Optional<Load> gawr) {
        Vehicle vehicle = onVehicle.vehicle();
        List<Item> items = new ArrayList<>();
        Optional<TireModel> here = onVehicle.at(position).tire().map(Tire::model);
        Optional<Position> opposite = Optional.ofNullable(position.opposite()).filter(vehicle.layout()::has);
        Optional<TireModel> mate =
                opposite.flatMap(across -> onVehicle.at(across).tire()).map(Tire::model);
        Optional<TireModel> model = mate.or(() -> here);
        Message source = mate.isPresent()
                ? WORDS.message(
                        "asAtTheOppositeSide",
                        "opposite",
                        opposite.orElseThrow().code())
                : WORDS.message("asTheTireThereNow");
        Message unread = WORDS.message("notOnFileRead");
        items.add(model.map(known -> new Item(
                        WORDS.say("size"), Optional.of(Message.of(known.size().molded())), source))
                .orElseGet(() -> vehicle.placardAt(position)
                        .map(placard -> new Item(
                                WORDS.say("size"),
                                Optional.of(Message.of(placard.size().molded())),
                                WORDS.message("fromThePlacard")))
                        .orElse(new Item(WORDS.say("size"), Optional.empty(), WORDS.message("noTireAndNoPlacard")))));
        items.add(line(
                WORDS.say("loadRange"),
                model.flatMap(known -> known.ratings().range()).map(range -> Message.of(range.name())),
                source,
                unread));
        items.add(service(vehicle, position, gawr, model, source, unread));
        items.add(line(WORDS.say("pattern"), model.map(known -> Message.of("{}", known.title())), source, unread));
        items.add(line(
                WORDS.say("wheel"),
                vehicle.wheelAt(position).flatMap(WheelLimits::pilotType).map(pilot -> Message.of(pilot.label())),
                WORDS.message("asOnFile"),
                WORDS.message("pilotTypeNotOnFile")));
        items.add(leastLoad(vehicle, position, gawr, model));
        if (vehicle.layout().isSteer(position)) {
            items.add(new Item(
                    WORDS.say("use"), Optional.of(WORDS.message("steerAxleAllowedThere")), WORDS.message("rule")));
        }
        return new OrderSpecification(List.copyOf(items));
    }

    /**
     * The service description to ask for: the same as there, unless it carries less than the axle's rating asks of each tire; then
     * the load index that does.
     */
    private static Item service(
            Vehicle vehicle,
            Position position,
            Optional<Load> gawr,
            Optional<TireModel> model,
            Message source,
            Message unread) {
        Optional<Load> least = each(vehicle, position, gawr);
        boolean dual = position instanceof OnAxle on && on.dualSlot() != DualSlot.SINGLE;
        double derating = model.filter(known -> known.isPassenger() && vehicle.deratesPassengerTires())
                        .isPresent()
                ? LoadCurve.PASSENGER_DERATING
                : 1;
        Optional<Load> rated = model.flatMap(known -> known.ratings().maxLoad(dual))
                .map(load -> derating == 1 ? load : Load.lb(Math.floor(load.lb() / derating)));
        if (least.isPresent()
                && rated.filter(load -> load.lb() < least.get().lb() - 1).isPresent()) {
            return new Item(
                    WORDS.say("serviceDescription"),
                    LoadIndex.carrying(Load.lb(least.get().lb() * derating))
                            .map(index -> (dual
                                    ? WORDS.message("loadIndexOrHigher", "index", index.number())
                                    : WORDS.message("loadIndexOrHigher2", "index", index.number()))),
                    WORDS.message(
                            "notAsThereCarriesUnder",
                            "model",
                            model.orElseThrow().title(),
                            "rated",
                            rated.get(),
                            "least",
                            least.get()));
        }
        return line(
                WORDS.say("serviceDescription"),
                model.flatMap(known -> known.ratings().service()).map(read -> Message.of(read.molded())),
                source,
                unread);
    }

    /** The axle's rating over its tires, rounded up. */
    private static Optional<Load> each(Vehicle vehicle, Position position, Optional<Load> gawr) {
        return position instanceof OnAxle on
                ? gawr.map(rating -> new Load(
                        rating.value()
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

    private static Item line(String what, Optional<Message> value, Message from, Message unread) {
        return new Item(what, value, value.isPresent() ? from : unread);
    }

    /** The axle's rating shared by its tires; without it, no less than the present tire carries. */
    private static Item leastLoad(Vehicle vehicle, Position position, Optional<Load> gawr, Optional<TireModel> model) {
        boolean dual = position instanceof OnAxle on && on.dualSlot() != DualSlot.SINGLE;
        String what = dual ? WORDS.say("carriesAtLeastAsOne") : WORDS.say("carriesAtLeast");
        if (gawr.isPresent() && position instanceof OnAxle on) {
            int tires = vehicle.layout().axles().get(on.axle() - 1).tires();
            Load rating = gawr.get();
            Load each = each(vehicle, position, gawr).orElseThrow();
            return new Item(
                    what,
                    Optional.of(Message.of("{}", each)),
                    WORDS.message("axleRatingOverTires", "rating", rating, "tires", tires));
        }
        return line(
                what,
                model.flatMap(known -> known.ratings().maxLoad(dual)).map(load -> Message.of("{}", load)),
                WORDS.message("noLessThanTheTire"),
                WORDS.message("neitherTheAxlesRatingNor"));
    }
}
