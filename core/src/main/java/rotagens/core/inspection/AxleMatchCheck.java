package rotagens.core.inspection;

import static rotagens.core.inspection.InspectionWords.WORDS;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rotagens.core.fact.Verdict;
import rotagens.core.measure.Message;
import rotagens.core.measure.Reason;
import rotagens.core.measure.Rule;
import rotagens.core.tire.LoadRatingsCheck;
import rotagens.core.tire.ServiceDescription;
import rotagens.core.tire.SpeedSymbol;
import rotagens.core.tire.Tire;
import rotagens.core.tire.TireSize;
import rotagens.core.vehicle.PilotType;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Vehicle;
import rotagens.core.vehicle.Vehicle.WheelLimits;
import rotagens.core.vehicle.VehicleType;

/** What must match on an axle as it stands: {@link MatchingRules} and wheel pilot types; and what a position never takes. */
final class AxleMatchCheck {

    private AxleMatchCheck() {}

    static List<VerdictReason> check(TireContext one) {
        List<VerdictReason> reasons = new ArrayList<>(alone(one.vehicle(), one.tire(), one.position()));
        sizeMix(one).ifPresent(reasons::add);
        slowerThanMates(one).ifPresent(reasons::add);
        pilotMix(one).ifPresent(reasons::add);
        dual(one).ifPresent(reasons::add);
        reasons.addAll(across(one));
        return reasons;
    }

    /** What keeps a tire off a position whatever runs beside it. */
    static List<VerdictReason> alone(Vehicle vehicle, Tire tire, Position position) {
        List<VerdictReason> reasons = new ArrayList<>();
        if (tire.isRetread() && vehicle.layout().isSteer(position)) {
            reasons.add(new VerdictReason(
                    Verdict.DO_NOT_OPERATE,
                    Reason.of(
                            Rule.RETREAD_STEER,
                            WORDS.message("retreadOnTheSteerAxle"),
                            WORDS.message("retread"),
                            WORDS.message("noneOnSteer"),
                            WORDS.say("retreadNeverRolls"))));
        }
        if (!tire.model().isSteerAllowed() && vehicle.layout().isSteer(position)) {
            reasons.add(new VerdictReason(
                    Verdict.DO_NOT_OPERATE,
                    Reason.of(
                            Rule.STEER_ALLOWED,
                            WORDS.message(
                                    "onTheSteerAxle", "model", tire.model().title()),
                            WORDS.message("onSteer"),
                            WORDS.message("notOnSteer"),
                            WORDS.say("manufacturerDoesNotAllow"))));
        }
        boolean isDriven = vehicle.type() != VehicleType.TRAILER && position instanceof Position.OnAxle;
        if (isDriven && tire.model().size() instanceof TireSize.Metric metric && metric.isForTrailers()) {
            reasons.add(new VerdictReason(
                    Verdict.DO_NOT_OPERATE,
                    Reason.of(
                            Rule.TRAILER_TIRE,
                            WORDS.message("trailerTireOnAMotor", "molded", metric.molded()),
                            WORDS.message("st"),
                            WORDS.message("trailersOnly"),
                            WORDS.say("itIsntBuiltToSteer"))));
        }
        vehicle.wheelAt(position)
                .filter(wheelLimits -> wheelLimits.rimInches().isPresent())
                .flatMap(wheelLimits -> LoadRatingsCheck.rimAgainstWheel(
                        tire.model().size(), wheelLimits.rimInches().getAsDouble()))
                .ifPresent(reason -> reasons.add(new VerdictReason(Verdict.DO_NOT_OPERATE, reason)));
        tooSlow(vehicle, tire).ifPresent(reasons::add);
        return reasons;
    }

    private static Optional<SpeedSymbol> speed(Tire tire) {
        return tire.model().ratings().service().flatMap(ServiceDescription::speed);
    }

    /** A speed symbol slower than the vehicle's maker asks for. */
    private static Optional<VerdictReason> tooSlow(Vehicle vehicle, Tire tire) {
        return vehicle.use()
                .speed()
                .flatMap(asked -> speed(tire)
                        .filter(here -> here.kmPerHour() < asked.kmPerHour())
                        .map(here -> new VerdictReason(
                                Verdict.DO_NOT_OPERATE,
                                Reason.of(
                                        Rule.SPEED_RATING,
                                        WORDS.message(
                                                "speedSymbolAnHour",
                                                "here",
                                                here.name(),
                                                "anHour",
                                                here.anHour(),
                                                "asked",
                                                asked.name(),
                                                "askedAnHour",
                                                asked.anHour()),
                                        Message.of(here.name()),
                                        Message.of(asked.name()),
                                        WORDS.say("itCarriesItsLoadOnly")))));
    }

    /** A speed symbol slower than another tire's on the axle: the axle is as fast as its slowest tire. */
    private static Optional<VerdictReason> slowerThanMates(TireContext one) {
        Optional<SpeedSymbol> here = speed(one.tire());
        return here.flatMap(mine -> one.onVehicle().axleMates(one.position()).stream()
                .flatMap(mate -> mate.tire().flatMap(AxleMatchCheck::speed).stream()
                        .filter(other -> mine.kmPerHour() < other.kmPerHour())
                        .map(other -> new VerdictReason(
                                Verdict.WATCH,
                                Reason.of(
                                        Rule.SPEED_RATING,
                                        WORDS.message(
                                                "speedSymbolHere",
                                                "mine",
                                                mine.name(),
                                                "other",
                                                other.name(),
                                                "position",
                                                mate.position().code()),
                                        Message.of(mine.name()),
                                        Message.of(other.name()),
                                        WORDS.say("axleMayBeDrivenNo")))))
                .findFirst());
    }

    private static Optional<VerdictReason> sizeMix(TireContext one) {
        return one.onVehicle().axleMates(one.position()).stream()
                .flatMap(mate -> mate.tire().stream()
                        .flatMap(other ->
                                MatchingRules.size(
                                        one.tire().model(),
                                        other.model(),
                                        mate.position().code())
                                        .stream()))
                .findFirst();
    }

    private static Optional<VerdictReason> pilotMix(TireContext one) {
        Optional<PilotType> here = one.vehicle().wheelAt(one.position()).flatMap(WheelLimits::pilotType);
        if (here.isEmpty()) {
            return Optional.empty();
        }
        for (TireState mate : one.onVehicle().axleMates(one.position())) {
            Optional<PilotType> there = one.vehicle().wheelAt(mate.position()).flatMap(WheelLimits::pilotType);
            if (there.isPresent() && there.get() != here.get()) {
                return Optional.of(new VerdictReason(
                        Verdict.DO_NOT_OPERATE,
                        Reason.of(
                                Rule.PILOT_MATCH,
                                WORDS.message(
                                        "wheelHere",
                                        "here",
                                        here.get().label(),
                                        "there",
                                        there.get().label(),
                                        "position",
                                        mate.position().code()),
                                Message.of(here.get().label()),
                                Message.of(there.get().label()),
                                WORDS.say("theyLookAlikeAndNever"))));
            }
        }
        return Optional.empty();
    }

    private static Optional<VerdictReason> dual(TireContext one) {
        return one.onVehicle()
                .dualMate(one.position())
                .flatMap(mate -> MatchingRules.WornTire.of(mate)
                        .flatMap(other -> MatchingRules.WornTire.of(one.state())
                                .flatMap(mine -> MatchingRules.dual(mine, one.position(), other, mate.position()))));
    }

    /** Another pattern across the axle, or more tread apart than a replaced tire may be: watched, where nobody moves anything. */
    private static List<VerdictReason> across(TireContext one) {
        Optional<TireState> mate = one.onVehicle()
                .opposite(one.position())
                .filter(there -> there.tire().isPresent());
        return mate.stream()
                .flatMap(there -> MatchingRules.WornTire.of(there).stream()
                        .flatMap(other -> MatchingRules.WornTire.of(one.state()).stream()
                                .flatMap(mine -> MatchingRules.across(
                                        mine,
                                        other,
                                        there.position().code(),
                                        one.vehicle().layout().isSteer(one.position()))
                                        .stream())))
                .map(verdictReason -> new VerdictReason(Verdict.WATCH, verdictReason.reason()))
                .toList();
    }
}
