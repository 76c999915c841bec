package rotagens.core.sensor;

import java.util.Optional;
import rotagens.core.measure.Pressure;
import rotagens.core.vehicle.Position;

/**
 * Something seen or heard during a relearn, in the order it came.
 *
 * @param position the corner it concerns; empty where it concerns the vehicle
 * @param pressure with a gauge or dash reading
 */
public record RelearnEvent(Type type, Optional<Position> position, Optional<Pressure> pressure) {

    /** What happened. */
    public enum Type {
        /** The exterior lamps' automatic is off, so that the markers can be seen. */
        LAMPS_OFF,
        /** Learn mode began. */
        ENTERED,
        /** The way in didn't work. */
        ENTRY_FAILED,
        /** A corner's lamp is lit, or the dash names it. */
        LAMP_LIT,
        /** Horn once: the corner's sensor was heard. */
        CONFIRMED,
        /** The trigger was held and nothing sounded. */
        NO_RESPONSE,
        /** Learn mode ended by itself; what was heard is lost. */
        TIMED_OUT,
        /** Air was let out there. */
        AIR_RELEASED,
        /** Horn twice, or the dash says that all are learned. */
        ENDED,
        /** What the gauge reads at a corner afterwards, cold. */
        GAUGE,
        /** What the dash shows for a corner afterwards. */
        DASH
    }

    /**
     * Something that concerns the vehicle as a whole.
     *
     * @param type what happened
     * @return an event without corner or figure
     */
    public static RelearnEvent of(Type type) {
        return new RelearnEvent(type, Optional.empty(), Optional.empty());
    }

    /**
     * Something at one corner.
     *
     * @param type what happened
     * @param position the corner
     * @return an event without a figure
     */
    public static RelearnEvent at(Type type, Position position) {
        return new RelearnEvent(type, Optional.of(position), Optional.empty());
    }

    /**
     * A pressure read at one corner.
     *
     * @param type by which of gauge and dash
     * @param position the corner
     * @param pressure what it reads
     * @return an event with its figure
     */
    public static RelearnEvent reads(Type type, Position position, Pressure pressure) {
        return new RelearnEvent(type, Optional.of(position), Optional.of(pressure));
    }
}
