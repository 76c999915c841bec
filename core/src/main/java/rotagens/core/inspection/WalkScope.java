package rotagens.core.inspection;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import rotagens.core.measure.Pressure;
import rotagens.core.wear.Tread;
import rotagens.core.wear.TreadBound;

/** How much a walk round the vehicle is meant to cover; what it asks for and didn't get needs a reason. */
public enum WalkScope {
    FULL("Full", "pressure, tread, look and hand", Set.of(Part.PRESSURE, Part.TREAD)),
    PRESSURE_ONLY("Pressure only", "a gauge on every valve", Set.of(Part.PRESSURE)),
    PRE_TRIP("Before a trip", "a look at every tire, wheel and nut; bar or coin will do for the tread", Set.of()),
    POST_REPAIR("After repair", "pressure, valve, wheel and nuts of what was worked on", Set.of(Part.PRESSURE));

    /** What a gauge has to say at every position. */
    public enum Part {
        PRESSURE("pressure"),
        TREAD("tread");

        private final String words;

        Part(String words) {
            this.words = words;
        }
    }

    private final String title;
    private final String covers;
    private final Set<Part> asks;

    WalkScope(String title, String covers, Set<Part> asks) {
        this.title = title;
        this.covers = covers;
        this.asks = asks;
    }

    public String title() {
        return title;
    }

    public String covers() {
        return covers;
    }

    public boolean asks(Part part) {
        return asks.contains(part);
    }

    /**
     * What is missing at one position that was looked at, in words; empty where it has what this scope asks for. A look with
     * nothing found is an entry of its own, and a wear bar or a coin is a look at the tread.
     */
    public Optional<String> missing(Optional<Pressure> read, Tread measured, Optional<TreadBound> bound) {
        boolean pressure = read.isPresent();
        boolean tread = !measured.isEmpty() || bound.isPresent();
        List<String> parts = new ArrayList<>();
        if (asks(Part.PRESSURE) && !pressure) {
            parts.add(Part.PRESSURE.words);
        }
        if (asks(Part.TREAD) && !tread) {
            parts.add(Part.TREAD.words);
        }
        return parts.isEmpty() ? Optional.empty() : Optional.of("no " + String.join(" and ", parts));
    }
}
