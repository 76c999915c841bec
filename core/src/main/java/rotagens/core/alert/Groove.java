package rotagens.core.alert;

import static rotagens.core.alert.AlertWords.WORDS;

import java.time.LocalDate;
import rotagens.core.measure.TreadDepth;

/**
 * The depth that stands for one groove: the lowest of the last reading that looked at it as closely as the one before.
 *
 * @param zone where on the tread
 * @param depth the lowest of that reading
 * @param grooves how many grooves of the zone were measured
 * @param places at how many places round the tire
 * @param on the day of that reading
 * @param by who read it
 */
public record Groove(Zone zone, TreadDepth depth, int grooves, int places, LocalDate on, String by) {

    /** Where on the tread, seen from the vehicle; {@code ANYWHERE} of old readings that kept a lowest depth without its groove. */
    public enum Zone {
        /** The groove nearest the outside of the vehicle. */
        OUTER(WORDS.say("outerGroove")),
        /** The grooves between. */
        CENTER(WORDS.say("centerGroove")),
        /** The groove nearest its middle. */
        INNER(WORDS.say("innerGroove")),
        /** A lowest depth whose groove nobody kept. */
        ANYWHERE(WORDS.say("lowestPlace")),
        /** What a wear bar or a coin said, no figure. */
        BAR(WORDS.say("wearBarOrCoin"));

        private final String label;

        Zone(String words) {
            this.label = words;
        }

        /**
         * For people.
         *
         * @return for example outer groove
         */
        public String label() {
            return label;
        }
    }

    static String label(String zone) {
        return Zone.valueOf(zone).label();
    }

    /** Whether a newer reading looked closely enough to take this one's place: as many grooves at as many places. */
    boolean isReplacedBy(Groove newer) {
        return newer.grooves >= grooves && newer.places >= places || newer.depth.compareTo(depth) <= 0;
    }

    Groove as(Zone other, TreadDepth lowest) {
        return new Groove(other, lowest, grooves, places, on, by);
    }
}
