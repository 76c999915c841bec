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

    public GrooveDepths(Optional<TreadDepth> outer, Optional<TreadDepth> center, Optional<TreadDepth> inner) {
        this(outer, center, inner, Optional.empty());
    }

    public static final GrooveDepths UNMEASURED =
            new GrooveDepths(Optional.empty(), Optional.empty(), Optional.empty());

    /** In 32nds of an inch, outer, center, inner. */
    public static GrooveDepths of32nds(double outer, double center, double inner) {
        return new GrooveDepths(
                Optional.of(TreadDepth.of32nds(outer)),
                Optional.of(TreadDepth.of32nds(center)),
                Optional.of(TreadDepth.of32nds(inner)));
    }

    /** The lowest depth measured: it alone decides limits. */
    public Optional<TreadDepth> lowest() {
        return Stream.of(outer, center, inner, lowestAnywhere)
                .flatMap(Optional::stream)
                .min(Comparator.naturalOrder());
    }

    public boolean isComplete() {
        return outer.isPresent() && center.isPresent() && inner.isPresent();
    }

    public boolean isEmpty() {
        return lowest().isEmpty();
    }

    /** The mean of what was measured, in 32nds; for the tire's diameter as it stands. */
    public double mean32nds() {
        return Stream.of(outer, center, inner)
                .flatMap(Optional::stream)
                .mapToDouble(TreadDepth::thirtySeconds)
                .average()
                .orElse(Double.NaN);
    }
}
