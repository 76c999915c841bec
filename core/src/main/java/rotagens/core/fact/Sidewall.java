package rotagens.core.fact;

import java.util.Optional;

/** Which sidewall, as it stands on the vehicle: outer is away from the center line, as with the grooves. */
public enum Sidewall {
    OUTER("outer sidewall"),
    INNER("inner sidewall");

    private final String label;

    Sidewall(String words) {
        this.label = words;
    }

    public String label() {
        return label;
    }

    /** The tire's own edge: the one with the full DOT code, or the other. A move can turn them; the edge stays. */
    public static Optional<Edge> edge(Sidewall sidewall, Optional<Boolean> dotOutward) {
        return dotOutward.map(outward -> outward == (sidewall == OUTER) ? Edge.DOT_SIDE : Edge.OTHER_SIDE);
    }

    /** A tire's edge, whichever way it is mounted. */
    public enum Edge {
        DOT_SIDE("DOT side"),
        OTHER_SIDE("other side");

        private final String label;

        Edge(String words) {
            this.label = words;
        }

        public String label() {
            return label;
        }
    }
}
