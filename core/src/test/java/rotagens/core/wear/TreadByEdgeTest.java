package rotagens.core.wear;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import rotagens.core.measure.TreadDepth;
import rotagens.core.wear.TreadByEdge.EdgeReading;

class TreadByEdgeTest {

    private static EdgeReading read(long place, double outer, double inner, Boolean dotOutward) {
        return new EdgeReading(place, GrooveDepths.of32nds(outer, 9, inner), Optional.ofNullable(dotOutward));
    }

    private static double dotSide(Optional<TreadByEdge> one) {
        return one.flatMap(TreadByEdge::dotSide).map(TreadDepth::thirtySeconds).orElseThrow();
    }

    @Test
    @DisplayName("the worn edge stays the tire's own when a remount turns it from inner to outer")
    void staysItsOwn() {
        List<Optional<TreadByEdge>> history =
                TreadByEdge.history(List.of(read(1, 9, 6, true), read(2, 6, 9, false), read(2, 5, 9, null)));
        assertThat(history).map(TreadByEdgeTest::dotSide).containsExactly(9.0, 9.0, 9.0);
        assertThat(history.get(2).orElseThrow().otherSide()).contains(TreadDepth.of32nds(5));
    }

    @Test
    @DisplayName("a note counts for the whole stay at a place, before it too, and for no other place")
    void wholeStay() {
        List<Optional<TreadByEdge>> history =
                TreadByEdge.history(List.of(read(1, 9, 8, null), read(1, 9, 7, true), read(2, 9, 7, null)));
        assertThat(dotSide(history.get(0))).isEqualTo(9);
        assertThat(history.get(2)).isEmpty();
    }
}
