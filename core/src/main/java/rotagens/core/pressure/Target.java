package rotagens.core.pressure;

import java.util.Optional;
import java.util.stream.Stream;
import rotagens.core.measure.Phrase;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Reason;
import rotagens.core.measure.Rule;
import rotagens.core.tire.Tire;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Vehicle;
import rotagens.core.vehicle.Vehicle.Placard;
import rotagens.core.vehicle.Vehicle.Wheel;

/**
 * The cold pressure a tire should have, with where it comes from. So far the only source is the placard, and only for the
 * size it was written for: the placard's figure on another size would be a guess.
 *
 * @param pressure empty where no target can be given; the reason then says what is missing
 */
public record Target(Optional<Pressure> pressure, Reason reason) {

    /** The placard's pressure, if the fitted tire has the placard's size. */
    public static Target of(Vehicle vehicle, Position position, Tire tire) {
        Optional<Placard> placard = vehicle.placardAt(position);
        if (placard.isEmpty()) {
            return new Target(
                    Optional.empty(),
                    Reason.of(
                            Rule.PLACARD,
                            Phrase.of("No placard on file for this axle"),
                            Phrase.of("no placard"),
                            Phrase.of(""),
                            "Copy size and cold pressure from the placard; until then no target is known."));
        }
        String original = placard.get().size().molded();
        String fitted = tire.model().size().molded();
        if (!original.equals(fitted)) {
            return new Target(
                    Optional.empty(),
                    Reason.of(
                            Rule.PLACARD,
                            Phrase.of("{} is fitted, the placard is for {}", fitted, original),
                            Phrase.of(fitted),
                            Phrase.of(original),
                            "The placard’s figure doesn’t hold for another size. The pressure has to come from the weighed load"
                                    + " and the tire maker’s chart."));
        }
        Pressure pressure = placard.get().pressure();
        return new Target(
                Optional.of(pressure),
                Reason.of(
                        Rule.PLACARD,
                        Phrase.of("Placard {} for {}", pressure, original),
                        Phrase.of("{}", pressure),
                        Phrase.of(""),
                        "The vehicle maker’s figure for the original size."));
    }

    /** The lowest of what the tire and the wheel allow cold; empty where neither is on file. */
    public static Optional<Pressure> maximum(Vehicle vehicle, Position position, Tire tire) {
        return Stream.of(tire.model().molded(), vehicle.wheelAt(position).flatMap(Wheel::maximum))
                .flatMap(Optional::stream)
                .min(java.util.Comparator.comparingDouble(Pressure::psi));
    }
}
