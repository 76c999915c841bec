package rotagens.core.wear;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rotagens.core.measure.TreadDepth;

/**
 * A tread reading by the tire's own edges: the shoulder on the side with the full DOT code, the center, the other shoulder. Outer
 * and inner belong to the place on the vehicle; a move or a remount can swap them, the edges stay the tire's.
 */
public record TreadByEdge(Optional<TreadDepth> dotSide, Optional<TreadDepth> center, Optional<TreadDepth> otherSide) {

    /**
     * One reading on the way of a tire.
     *
     * @param place where it was; while it stays there it isn't turned round
     * @param dotOutward which way the DOT side faced, where somebody noted it with this reading
     */
    public record EdgeReading(long place, GrooveDepths tread, Optional<Boolean> dotOutward) {}

    /**
     * By edge, where it is known which way the DOT side faces.
     *
     * @param grooveDepths as read, outer being away from the vehicle’s center line
     * @param dotOutward whether the DOT side faced outward then
     * @return empty where nobody noted it
     */
    public static Optional<TreadByEdge> of(GrooveDepths grooveDepths, Optional<Boolean> dotOutward) {
        return dotOutward.map(outward -> outward
                ? new TreadByEdge(grooveDepths.outer(), grooveDepths.center(), grooveDepths.inner())
                : new TreadByEdge(grooveDepths.inner(), grooveDepths.center(), grooveDepths.outer()));
    }

    /**
     * Every reading by edge, in the given order; empty where nobody noted the facing while the tire was at that place. What was
     * noted counts for the whole stay there, the nearest earlier note first.
     *
     * @param oldestFirst readings in the order they were taken
     * @return one for each reading
     */
    public static List<Optional<TreadByEdge>> history(List<EdgeReading> oldestFirst) {
        List<Optional<TreadByEdge>> history = new ArrayList<>();
        for (int at = 0; at < oldestFirst.size(); at++) {
            history.add(of(oldestFirst.get(at).tread(), facing(oldestFirst, at)));
        }
        return history;
    }

    private static Optional<Boolean> facing(List<EdgeReading> readings, int at) {
        long place = readings.get(at).place();
        for (int earlier = at; earlier >= 0 && readings.get(earlier).place() == place; earlier--) {
            if (readings.get(earlier).dotOutward().isPresent()) {
                return readings.get(earlier).dotOutward();
            }
        }
        for (int later = at + 1; later < readings.size() && readings.get(later).place() == place; later++) {
            if (readings.get(later).dotOutward().isPresent()) {
                return readings.get(later).dotOutward();
            }
        }
        return Optional.empty();
    }
}
