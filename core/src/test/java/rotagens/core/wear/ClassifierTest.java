package rotagens.core.wear;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import rotagens.core.measure.InvalidInputException;
import rotagens.core.measure.TreadDepth;
import rotagens.core.measure.Units;
import rotagens.core.wear.WearPattern.Shape;

class ClassifierTest {

    private static TreadGrid grid(double[]... places) {
        return new TreadGrid(java.util.Arrays.stream(places)
                .map(place -> java.util.Arrays.stream(place)
                        .mapToObj(TreadDepth::of32nds)
                        .toList())
                .toList());
    }

    @Test
    @DisplayName(
            "on made-up treads 3/32 worn it is right 95 times of 100 over all, 90 for each shape, at two places round")
    void quality() {
        ConfusionMatrix two = ConfusionMatrix.measured(2, 3);
        assertThat(two.right()).isGreaterThanOrEqualTo(0.95);
        for (Shape shape : SampleTread.ACROSS) {
            assertThat(two.right(shape)).as(shape.label()).isGreaterThanOrEqualTo(0.90);
        }
    }

    @ParameterizedTest(name = "{0} places")
    @ValueSource(ints = {1, 2})
    @DisplayName("the rules page shows the very table this classifier makes")
    void tableIsCurrent(int places) throws IOException {
        assertThat(Files.readString(Path.of("../docs/rules.md")))
                .contains(ConfusionMatrix.measured(places, 3).table());
    }

    @ParameterizedTest
    @EnumSource(
            value = Shape.class,
            names = {"FLAT_SPOT", "CUPPING"})
    @DisplayName(
            "a place lower than the rest is a flat spot, several are cupping, told from four places round the tire")
    void roundTheTire(Shape shape) {
        Random random = new Random(7);
        int right = 0;
        for (int at = 0; at < 400; at++) {
            SampleTread one = SampleTread.of(shape, 4, 4, random);
            if (one.read().pattern(2, Set.of()).orElseThrow().shape() == shape) {
                right++;
            }
        }
        assertThat(right).isGreaterThan(360);
    }

    @Test
    @DisplayName("each zone is the median over the places; with five grooves the outermost two are the shoulders")
    void zones() {
        TreadGrid five = grid(new double[] {5, 8, 9, 8, 5}, new double[] {6, 8, 9, 8, 5}, new double[] {5, 9, 9, 8, 5});
        assertThat(depths(five)).containsExactly(5.0, 8.0, 5.0);
        assertThat(five.pattern(2, Set.of()).orElseThrow().shape()).isEqualTo(Shape.BOTH_SHOULDERS);
        assertThat(depths(grid(new double[] {9, 6, 9}, new double[] {8, 6, 9}))).containsExactly(8.5, 6.0, 9.0);
        assertThat(five.lowest()).isEqualTo(TreadDepth.of32nds(5));
        assertThat(grid(new double[] {9, 9, 9}, new double[] {9, 9, 9}, new double[] {9, 4, 9})
                        .zones()
                        .lowest())
                .contains(TreadDepth.of32nds(4));
    }

    private static List<Double> depths(TreadGrid grid) {
        GrooveDepths zones = grid.zones();
        return java.util.stream.Stream.of(zones.outer(), zones.center(), zones.inner())
                .map(depth -> depth.orElseThrow().thirtySeconds())
                .toList();
    }

    @Test
    @DisplayName("two grooves tell limits but no pattern; the lowest single depth counts although the median is higher")
    void twoGrooves() {
        TreadGrid two = grid(new double[] {9, 8}, new double[] {9, 3}, new double[] {9, 8});
        assertThat(two.zones().isComplete()).isFalse();
        assertThat(two.lowest()).isEqualTo(TreadDepth.of32nds(3));
        assertThat(two.pattern(2, Set.of()).orElseThrow().shape()).isEqualTo(Shape.FLAT_SPOT);
    }

    @Test
    @DisplayName("the difference round the tire has to be one mark more than across: 2/32 is no flat spot, 3/32 is")
    void threshold() {
        assertThat(grid(new double[] {9, 9, 9}, new double[] {9, 9, 7}).localSigns(2))
                .isEmpty();
        assertThat(grid(new double[] {9, 9, 9}, new double[] {9, 9, 6}).localSigns(2))
                .containsExactly(Shape.FLAT_SPOT);
        assertThat(grid(new double[] {9, 9, 9}, new double[] {6, 9, 9}, new double[] {9, 9, 9}, new double[] {6, 9, 9})
                        .localSigns(2))
                .containsExactly(Shape.CUPPING);
    }

    @Test
    @DisplayName("how a pattern is told is said with the rule's own figures, one mark more round the tire than across")
    void toldBy() {
        assertThat(Shape.CENTER.evidence(3).in(Units.US))
                .isEqualTo("Both shoulders are at least 3/32 in deeper than the center.");
        assertThat(Shape.FLAT_SPOT.evidence(3).in(Units.US))
                .isEqualTo("One rib is at least 4/32 in lower at one location around the tire.");
        assertThat(Shape.INNER_SHOULDER.evidence(2).in(Units.METRIC)).contains("at least 1.6 mm lower than the outer");
    }

    @Test
    @DisplayName("more places than four, one groove, or grooves that differ from place to place are refused in words")
    void refused() {
        assertThatThrownBy(() -> new TreadGrid(List.of())).isInstanceOf(InvalidInputException.class);
        assertThatThrownBy(() -> grid(new double[] {9})).hasMessageContaining("2 to 5 grooves");
        assertThatThrownBy(() -> grid(new double[] {9, 9}, new double[] {9, 9, 9}))
                .hasMessageContaining("same 2 grooves");
    }

    @ParameterizedTest
    @EnumSource(Shape.class)
    @DisplayName("a made-up case reads whole 32nds within what a tire can have")
    void plausibleCases(Shape shape) {
        Random random = new Random(3);
        for (int at = 0; at < 200; at++) {
            TreadGrid read = SampleTread.of(shape, 1 + random.nextInt(5), 1 + random.nextInt(4), random)
                    .read();
            read.locations()
                    .forEach(place -> assertThat(place).allSatisfy(depth -> {
                        assertThat(depth.thirtySeconds()).isBetween(1.0, 15.0);
                        assertThat(depth.thirtySeconds() % 1).isZero();
                    }));
        }
    }
}
