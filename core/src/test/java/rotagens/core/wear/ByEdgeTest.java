package rotagens.core.wear;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import rotagens.core.measure.TreadDepth;
import rotagens.core.wear.ByEdge.AtPlace;

class ByEdgeTest {

    private static AtPlace read(long place, double outer, double inner, Boolean dotOutward) {
        return new AtPlace(place, Tread.of32nds(outer, 9, inner), Optional.ofNullable(dotOutward));
    }

    private static double dotSide(Optional<ByEdge> one) {
        return one.flatMap(ByEdge::dotSide).map(TreadDepth::thirtySeconds).orElseThrow();
    }

    @Test
    @DisplayName("the worn edge stays the tire's own when a remount turns it from inner to outer")
    void staysItsOwn() {
        List<Optional<ByEdge>> history =
                ByEdge.history(List.of(read(1, 9, 6, true), read(2, 6, 9, false), read(2, 5, 9, null)));
        assertThat(history).map(ByEdgeTest::dotSide).containsExactly(9.0, 9.0, 9.0);
        assertThat(history.get(2).orElseThrow().otherSide()).contains(TreadDepth.of32nds(5));
    }

    @Test
    @DisplayName("a note counts for the whole stay at a place, before it too, and for no other place")
    void wholeStay() {
        List<Optional<ByEdge>> history =
                ByEdge.history(List.of(read(1, 9, 8, null), read(1, 9, 7, true), read(2, 9, 7, null)));
        assertThat(dotSide(history.get(0))).isEqualTo(9);
        assertThat(history.get(2)).isEmpty();
    }
}
