package rotagens.core.tire;

import java.util.Optional;
import rotagens.core.measure.Phrase;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.TreadDepth;

/**
 * What all tires of one maker's model, size and rating share.
 *
 * @param molded the pressure molded on the sidewall: on passenger tires the maximum (a limit, not a target), on others the
 *     pressure for the maximum load; empty where nobody has read it
 * @param originalDepth tread depth when new; empty where unknown
 * @param steerAllowed false where its maker keeps it off steer axles
 */
public record TireModel(
        String maker,
        String name,
        TireSize size,
        Ratings ratings,
        Optional<Pressure> molded,
        Optional<TreadDepth> originalDepth,
        boolean directional,
        boolean steerAllowed) {

    /** A model of which only the pattern is known. */
    public TireModel(
            String maker,
            String name,
            TireSize size,
            Optional<Pressure> molded,
            Optional<TreadDepth> originalDepth,
            boolean directional) {
        this(maker, name, size, Ratings.UNKNOWN, molded, originalDepth, directional, true);
    }

    public String title() {
        return maker + " " + name;
    }

    public boolean isPassenger() {
        return RatingsCheck.isPassengerSize(size);
    }

    /** What the molded pressure means on this kind of tire. */
    public Phrase moldedMeans() {
        String means = isPassenger()
                ? "the maximum: a limit, never a target"
                : "the pressure at which it carries its maximum load: not a target unless the load asks for it";
        return molded.map(pressure -> Phrase.of("{} molded is {}", pressure, means))
                .orElse(Phrase.of("No molded pressure on file. On this tire it is {}", means));
    }

    /** The line as it stands on the sidewall. */
    public String sidewall() {
        return new SidewallLine(size, ratings.service(), ratings.range(), false, false, "").molded();
    }
}
