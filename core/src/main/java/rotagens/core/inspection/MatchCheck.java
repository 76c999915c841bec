package rotagens.core.inspection;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rotagens.core.fact.Verdict;
import rotagens.core.measure.Phrase;
import rotagens.core.measure.Reason;
import rotagens.core.measure.Rule;
import rotagens.core.tire.RatingsCheck;
import rotagens.core.tire.ServiceDescription;
import rotagens.core.tire.SpeedSymbol;
import rotagens.core.tire.Tire;
import rotagens.core.vehicle.PilotType;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Vehicle;
import rotagens.core.vehicle.Vehicle.Wheel;

/** What must match on an axle as it stands: {@link Pairing} and wheel pilot types; and what a position never takes. */
final class MatchCheck {

    private MatchCheck() {}

    static List<Judged> check(Case one) {
        List<Judged> reasons = new ArrayList<>(alone(one.vehicle(), one.tire(), one.position()));
        sizeMix(one).ifPresent(reasons::add);
        slowerThanMates(one).ifPresent(reasons::add);
        pilotMix(one).ifPresent(reasons::add);
        dual(one).ifPresent(reasons::add);
        reasons.addAll(across(one));
        return reasons;
    }

    /** What keeps a tire off a position whatever runs beside it. */
    static List<Judged> alone(Vehicle vehicle, Tire tire, Position position) {
        List<Judged> reasons = new ArrayList<>();
        if (tire.retread() && vehicle.layout().isSteer(position)) {
            reasons.add(new Judged(
                    Verdict.DO_NOT_OPERATE,
                    Reason.of(
                            Rule.RETREAD_STEER,
                            Phrase.of("Retread on the steer axle"),
                            Phrase.of("retread"),
                            Phrase.of("none on steer"),
                            "A retread never rolls on a steer axle: take it off.")));
        }
        if (!tire.model().steerAllowed() && vehicle.layout().isSteer(position)) {
            reasons.add(new Judged(
                    Verdict.DO_NOT_OPERATE,
                    Reason.of(
                            Rule.STEER_ALLOWED,
                            Phrase.of("{} on the steer axle", tire.model().title()),
                            Phrase.of("on steer"),
                            Phrase.of("not on steer"),
                            "Its maker keeps this model off steer axles: fit one that is allowed there.")));
        }
        vehicle.wheelAt(position)
                .filter(wheel -> wheel.rimInches().isPresent())
                .flatMap(wheel -> RatingsCheck.rimAgainstWheel(
                        tire.model().size(), wheel.rimInches().getAsDouble()))
                .ifPresent(reason -> reasons.add(new Judged(Verdict.DO_NOT_OPERATE, reason)));
        tooSlow(vehicle, tire).ifPresent(reasons::add);
        return reasons;
    }

    private static Optional<SpeedSymbol> speed(Tire tire) {
        return tire.model().ratings().service().flatMap(ServiceDescription::speed);
    }

    /** A speed symbol slower than the vehicle's maker asks for. */
    private static Optional<Judged> tooSlow(Vehicle vehicle, Tire tire) {
        return vehicle.use()
                .speed()
                .flatMap(
                        asked -> speed(tire)
                                .filter(here -> here.kmPerHour() < asked.kmPerHour())
                                .map(
                                        here -> new Judged(
                                                Verdict.DO_NOT_OPERATE,
                                                Reason.of(
                                                        Rule.SPEED_RATING,
                                                        Phrase.of(
                                                                "Speed symbol {} ({} an hour), the vehicle asks for {} ({} an hour)",
                                                                here.name(),
                                                                here.anHour(),
                                                                asked.name(),
                                                                asked.anHour()),
                                                        Phrase.of(here.name()),
                                                        Phrase.of(asked.name()),
                                                        "It carries its load only up to that speed: fit a tire with the vehicle’s symbol or a faster one."))));
    }

    /** A speed symbol slower than another tire's on the axle: the axle is as fast as its slowest tire. */
    private static Optional<Judged> slowerThanMates(Case one) {
        Optional<SpeedSymbol> here = speed(one.tire());
        return here.flatMap(mine -> one.onVehicle().axleMates(one.position()).stream()
                .flatMap(mate -> mate.tire().flatMap(MatchCheck::speed).stream()
                        .filter(other -> mine.kmPerHour() < other.kmPerHour())
                        .map(other -> new Judged(
                                Verdict.WATCH,
                                Reason.of(
                                        Rule.SPEED_RATING,
                                        Phrase.of(
                                                "Speed symbol {} here, {} at {}",
                                                mine.name(),
                                                other.name(),
                                                mate.position().code()),
                                        Phrase.of(mine.name()),
                                        Phrase.of(other.name()),
                                        "The axle may be driven no faster than its slowest tire allows."))))
                .findFirst());
    }

    private static Optional<Judged> sizeMix(Case one) {
        return one.onVehicle().axleMates(one.position()).stream()
                .flatMap(mate -> mate.tire().stream()
                        .flatMap(other ->
                                Pairing.size(
                                        one.tire().model(),
                                        other.model(),
                                        mate.position().code())
                                        .stream()))
                .findFirst();
    }

    private static Optional<Judged> pilotMix(Case one) {
        Optional<PilotType> here = one.vehicle().wheelAt(one.position()).flatMap(Wheel::pilot);
        if (here.isEmpty()) {
            return Optional.empty();
        }
        for (TireState mate : one.onVehicle().axleMates(one.position())) {
            Optional<PilotType> there = one.vehicle().wheelAt(mate.position()).flatMap(Wheel::pilot);
            if (there.isPresent() && there.get() != here.get()) {
                return Optional.of(new Judged(
                        Verdict.DO_NOT_OPERATE,
                        Reason.of(
                                Rule.PILOT_MATCH,
                                Phrase.of(
                                        "{} wheel here, {} at {}",
                                        here.get().words(),
                                        there.get().words(),
                                        mate.position().code()),
                                Phrase.of(here.get().words()),
                                Phrase.of(there.get().words()),
                                "They look alike and never interchange: out of service until the wheels match.")));
            }
        }
        return Optional.empty();
    }

    private static Optional<Judged> dual(Case one) {
        return one.onVehicle()
                .dualMate(one.position())
                .flatMap(mate -> Pairing.Worn.of(mate)
                        .flatMap(other -> Pairing.Worn.of(one.state())
                                .flatMap(mine -> Pairing.dual(mine, one.position(), other, mate.position()))));
    }

    /** Another pattern across the axle, or more tread apart than a replaced tire may be: watched, where nobody moves anything. */
    private static List<Judged> across(Case one) {
        Optional<TireState> mate = one.onVehicle()
                .opposite(one.position())
                .filter(there -> there.tire().isPresent());
        return mate.stream()
                .flatMap(there -> Pairing.Worn.of(there).stream()
                        .flatMap(other -> Pairing.Worn.of(one.state()).stream()
                                .flatMap(mine -> Pairing.across(
                                        mine,
                                        other,
                                        there.position().code(),
                                        one.vehicle().layout().isSteer(one.position()))
                                        .stream())))
                .map(judged -> new Judged(Verdict.WATCH, judged.reason()))
                .toList();
    }
}
