package rotagens.core.wear;

import java.util.Comparator;
import java.util.Optional;
import java.util.stream.Stream;
import rotagens.core.measure.TreadDepth;

/**
 * Tread depth at the outer, center and inner groove; outer is away from the vehicle's center line. A groove may be unmeasured.
 *
 * @param lowestAnywhere the lowest single depth where several places or grooves were measured; the zones are then their medians
 */
public record GrooveDepths(
        Optional<TreadDepth> outer,
        Optional<TreadDepth> center,
        Optional<TreadDepth> inner,
        Optional<TreadDepth> lowestAnywhere) {

    /**
     * Measured at one place: its lowest groove is the lowest there is.
     *
     * @param outer away from the vehicle’s center line
     * @param center between the shoulders
     * @param inner toward the center line
     */
    public GrooveDepths(Optional<TreadDepth> outer, Optional<TreadDepth> center, Optional<TreadDepth> inner) {
        this(outer, center, inner, Optional.empty());
    }

    /** Nobody measured anything. */
    public static final GrooveDepths UNMEASURED =
            new GrooveDepths(Optional.empty(), Optional.empty(), Optional.empty());

    /**
     * In 32nds of an inch, outer, center, inner.
     *
     * @param outer away from the vehicle’s center line
     * @param center between the shoulders
     * @param inner toward the center line
     * @return all three
     */
    public static GrooveDepths of32nds(double outer, double center, double inner) {
        return new GrooveDepths(
                Optional.of(TreadDepth.of32nds(outer)),
                Optional.of(TreadDepth.of32nds(center)),
                Optional.of(TreadDepth.of32nds(inner)));
    }

    /**
     * The lowest depth measured: it alone decides limits.
     *
     * @return empty where nothing was measured
     */
    public Optional<TreadDepth> lowest() {
        return Stream.of(outer, center, inner, lowestAnywhere)
                .flatMap(Optional::stream)
                .min(Comparator.naturalOrder());
    }

    /**
     * Whether all three grooves were measured.
     *
     * @return whether a pattern can be told
     */
    public boolean isComplete() {
        return outer.isPresent() && center.isPresent() && inner.isPresent();
    }

    /**
     * Whether nothing was measured.
     *
     * @return whether not even the lowest depth is known
     */
    public boolean isEmpty() {
        return lowest().isEmpty();
    }

    /**
     * The mean of what was measured, in 32nds; for the tire's diameter as it stands.
     *
     * @return NaN where none of the three grooves was measured
     */
    public double mean32nds() {
        return Stream.of(outer, center, inner)
                .flatMap(Optional::stream)
                .mapToDouble(TreadDepth::thirtySeconds)
                .average()
                .orElse(Double.NaN);
    }
}
