package rotagens.core.inspection;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rotagens.core.inspection.TireState.Dated;
import rotagens.core.measure.Length;
import rotagens.core.measure.Phrase;
import rotagens.core.measure.Reason;
import rotagens.core.measure.Rule;
import rotagens.core.tire.Tire;
import rotagens.core.vehicle.PilotType;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Position.OnAxle;
import rotagens.core.vehicle.Position.Place;
import rotagens.core.vehicle.Vehicle.Wheel;
import rotagens.core.wear.Tread;

/** What must match on an axle: size, construction, wheel pilot type, the diameters of a dual; and no retread on steer. */
final class MatchCheck {

    private static final double DUAL_APART_IN = 0.25;
    private static final double LARGER_OUTSIDE_IN = 0.125;
    private static final double SLACK = 1e-9;

    private MatchCheck() {}

    static List<Judged> check(Case one) {
        List<Judged> reasons = new ArrayList<>();
        if (one.tire().retread() && one.vehicle().layout().isSteer(one.position())) {
            reasons.add(new Judged(
                    Verdict.DO_NOT_OPERATE,
                    Reason.of(
                            Rule.RETREAD_STEER,
                            Phrase.of("Retread on the steer axle"),
                            Phrase.of("retread"),
                            Phrase.of("none on steer"),
                            "A retread never rolls on a steer axle: take it off.")));
        }
        if (!one.tire().model().steerAllowed() && one.vehicle().layout().isSteer(one.position())) {
            reasons.add(new Judged(
                    Verdict.DO_NOT_OPERATE,
                    Reason.of(
                            Rule.STEER_ALLOWED,
                            Phrase.of("{} on the steer axle", one.tire().model().title()),
                            Phrase.of("on steer"),
                            Phrase.of("not on steer"),
                            "Its maker keeps this model off steer axles: fit one that is allowed there.")));
        }
        sizeMix(one).ifPresent(reasons::add);
        pilotMix(one).ifPresent(reasons::add);
        dual(one).ifPresent(reasons::add);
        return reasons;
    }

    private static Optional<Judged> sizeMix(Case one) {
        String here = one.tire().model().size().molded();
        for (TireState mate : one.onVehicle().axleMates(one.position())) {
            Optional<Tire> other = mate.tire();
            if (other.isEmpty()) {
                continue;
            }
            String there = other.get().model().size().molded();
            boolean construction = other.get().model().size().construction()
                    != one.tire().model().size().construction();
            if (!there.equals(here)) {
                return Optional.of(new Judged(
                        Verdict.DO_NOT_OPERATE,
                        Reason.of(
                                Rule.AXLE_MATCH,
                                Phrase.of(
                                        "{} here, {} at {}",
                                        here,
                                        there,
                                        mate.position().code()),
                                Phrase.of(here),
                                Phrase.of(there),
                                construction
                                        ? "Bias and radial never share an axle: out of service."
                                        : "One axle carries one size: fit the matching tire.")));
            }
        }
        return Optional.empty();
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

    /** Compared by worn diameter, within one model; other models only by diameters nobody has measured yet: not known. */
    private static Optional<Judged> dual(Case one) {
        if (!(one.position() instanceof OnAxle here) || here.place() == Place.SINGLE) {
            return Optional.empty();
        }
        Optional<TireState> mate = one.onVehicle().dualMate(one.position());
        Optional<Tire> other = mate.flatMap(TireState::tire);
        if (other.isEmpty()) {
            return Optional.empty();
        }
        String mateCode = mate.get().position().code();
        boolean sameModel =
                other.get().model().title().equals(one.tire().model().title());
        if (!sameModel) {
            return Optional.of(new Judged(
                    Verdict.NOT_KNOWN,
                    Reason.of(
                            Rule.DUAL_DIAMETER,
                            Phrase.of(
                                    "{} here, {} at {}: diameters not compared",
                                    one.tire().model().title(),
                                    other.get().model().title(),
                                    mateCode),
                            Phrase.of("two models"),
                            Phrase.of("{}", Length.ofInches(DUAL_APART_IN)),
                            "Different models differ in diameter: measure both round the tread.")));
        }
        Optional<Dated<Tread>> mine = one.state().tread();
        Optional<Dated<Tread>> theirs = mate.get().tread();
        if (mine.isEmpty() || theirs.isEmpty()) {
            return Optional.empty();
        }
        double larger =
                2 * (mine.get().value().mean32nds() - theirs.get().value().mean32nds()) / 32;
        double apart = Math.abs(larger);
        Length difference = Length.ofInches(apart);
        if (apart > DUAL_APART_IN + SLACK) {
            return Optional.of(
                    dualReason(
                            Verdict.DO_NOT_OPERATE,
                            Phrase.of(
                                    "{} {} in diameter than {}",
                                    difference,
                                    larger > 0 ? "larger" : "smaller",
                                    mateCode),
                            difference,
                            DUAL_APART_IN,
                            "The taller tire of a dual carries more than its share, possibly beyond its rating. Pair tires within the limit."));
        }
        boolean largerInside = (larger > 0) == (here.place() == Place.INNER);
        if (apart > LARGER_OUTSIDE_IN + SLACK && largerInside) {
            Position inner =
                    here.place() == Place.INNER ? one.position() : mate.get().position();
            return Optional.of(dualReason(
                    Verdict.WATCH,
                    Phrase.of("Larger tire inside: {} by {}", inner.code(), difference),
                    difference,
                    LARGER_OUTSIDE_IN,
                    "The larger tire of a dual belongs outside."));
        }
        return Optional.empty();
    }

    private static Judged dualReason(Verdict verdict, Phrase says, Length figure, double limitInches, String because) {
        return new Judged(
                verdict,
                Reason.of(
                        Rule.DUAL_DIAMETER,
                        says,
                        Phrase.of("{}", figure),
                        Phrase.of("{}", Length.ofInches(limitInches)),
                        because));
    }
}
