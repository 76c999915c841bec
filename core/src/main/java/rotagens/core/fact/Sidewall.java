package rotagens.core.fact;

import static rotagens.core.fact.FactWords.WORDS;

import java.util.Optional;

/** Which sidewall, as it stands on the vehicle: outer is away from the center line, as with the grooves. */
public enum Sidewall {
    /** The one that faces away from the vehicle’s center line. */
    OUTER(WORDS.say("outerSidewall")),
    /** The one that faces it. */
    INNER(WORDS.say("innerSidewall"));

    private final String label;

    Sidewall(String words) {
        this.label = words;
    }

    /**
     * What it is called.
     *
     * @return in lower case
     */
    public String label() {
        return label;
    }

    /**
     * The tire's own edge: the one with the full DOT code, or the other. A move can turn them; the edge stays.
     *
     * @param sidewall which sidewall, as it stands on the vehicle
     * @param dotOutward whether the side with the full DOT code faces outward; empty where nobody looked
     * @return empty where nobody looked
     */
    public static Optional<Edge> edge(Sidewall sidewall, Optional<Boolean> dotOutward) {
        return dotOutward.map(outward -> outward == (sidewall == OUTER) ? Edge.DOT_SIDE : Edge.OTHER_SIDE);
    }

    /** A tire's edge, whichever way it is mounted. */
    public enum Edge {
        /** The edge of the side with the full DOT code. */
        DOT_SIDE(WORDS.say("dotSide")),
        /** The other edge. */
        OTHER_SIDE(WORDS.say("otherSide"));

        private final String label;

        Edge(String words) {
            this.label = words;
        }

        /**
         * What it is called.
         *
         * @return for the middle of a sentence
         */
        public String label() {
            return label;
        }
    }
}
