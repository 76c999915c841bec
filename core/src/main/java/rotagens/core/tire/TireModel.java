package rotagens.core.tire;

import static rotagens.core.tire.TireWords.WORDS;

import java.util.Optional;
import rotagens.core.measure.Message;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.TreadDepth;

/**
 * What all tires of one maker's model, size and rating share.
 *
 * @param manufacturer who makes it
 * @param name of the pattern
 * @param size as molded
 * @param ratings what its sidewall says it carries
 * @param moldedPressure the pressure molded on the sidewall: on passenger tires the maximum (a limit, not a target), on others the
 *     pressure for the maximum load; empty where nobody has read it
 * @param originalDepth tread depth when new; empty where unknown
 * @param isDirectional whether it has to run one way round
 * @param isSteerAllowed false where its maker keeps it off steer axles
 */
public record TireModel(
        String manufacturer,
        String name,
        TireSize size,
        LoadRatings ratings,
        Optional<Pressure> moldedPressure,
        Optional<TreadDepth> originalDepth,
        boolean isDirectional,
        boolean isSteerAllowed) {

    /**
     * A model of which only the pattern is known.
     *
     * @param maker who makes it
     * @param name of the pattern
     * @param size as molded
     * @param molded the pressure on its sidewall
     * @param originalDepth tread depth when new
     * @param directional whether it has to run one way round
     */
    public TireModel(
            String maker,
            String name,
            TireSize size,
            Optional<Pressure> molded,
            Optional<TreadDepth> originalDepth,
            boolean directional) {
        this(maker, name, size, LoadRatings.UNKNOWN, molded, originalDepth, directional, true);
    }

    /**
     * What people call it.
     *
     * @return maker and pattern
     */
    public String title() {
        return manufacturer + " " + name;
    }

    /**
     * Whether it is a passenger tire.
     *
     * @return by its size
     */
    public boolean isPassenger() {
        return LoadRatingsCheck.isPassengerSize(size);
    }

    /**
     * What the molded pressure means on this kind of tire.
     *
     * @return a sentence, with the figure where it was read
     */
    public Message moldedPressureMeaning() {
        String means = isPassenger() ? WORDS.say("maximumALimitNever") : WORDS.say("pressureAtWhichItCarries");
        return moldedPressure
                .map(pressure -> WORDS.message("moldedIs", "pressure", pressure, "means", means))
                .orElse(WORDS.message("noMoldedPressureOnFile", "means", means));
    }

    /**
     * The line as it stands on the sidewall.
     *
     * @return size, service description and load range
     */
    public String sidewall() {
        return new SidewallMarking(size, ratings.service(), ratings.range(), false, false, "").molded();
    }
}
