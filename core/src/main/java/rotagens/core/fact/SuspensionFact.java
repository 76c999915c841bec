package rotagens.core.fact;

import java.time.LocalDate;
import rotagens.core.measure.Message;

/**
 * A figure taken at a vehicle's steering or suspension and held against its limit.
 *
 * @param by who measured it
 * @param place the joint, the corner or the axle: what is measured there again replaces this
 * @param verdict what the figure means for the vehicle; {@link Verdict#GOOD} within its limit
 * @param statement the place with its figure, for people
 * @param measured the figure
 * @param limit what the figure was held against
 */
public record SuspensionFact(
        LocalDate on,
        String by,
        Type kind,
        String place,
        Verdict verdict,
        Message statement,
        Message measured,
        Message limit) {

    /** What can be measured there. */
    public enum Type {
        /** Play of a steering or suspension joint. */
        JOINT,
        /** How often a corner swings on after it is pushed down. */
        SHOCK,
        /** How high a corner stands. */
        RIDE_HEIGHT,
        /** Wheel alignment of an axle. */
        ALIGNMENT
    }

    /**
     * The same place written another way is the same place: case, spaces and punctuation don't part them.
     *
     * @return kind and place, for comparing only
     */
    public String key() {
        return kind + ":" + place.toLowerCase(java.util.Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]", "");
    }
}
