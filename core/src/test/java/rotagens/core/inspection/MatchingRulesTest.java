package rotagens.core.inspection;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import rotagens.core.fact.Verdict;
import rotagens.core.inspection.MatchingRules.WornTire;
import rotagens.core.measure.Length;
import rotagens.core.measure.TreadDepth;
import rotagens.core.measure.Units;
import rotagens.core.tire.TireModel;
import rotagens.core.tire.TireSize;
import rotagens.core.vehicle.Position;

/** The limits between two tires of an axle, on them and one step to either side. */
class MatchingRulesTest {

    private static TireModel model(String name, String size) {
        return new TireModel(
                "Corvane", name, TireSize.parse(size), Optional.empty(), Optional.of(TreadDepth.of32nds(18)), false);
    }

    private static final TireModel TESSALY = model("Tessaly C2", "275/70R22.5");
    private static final TireModel RIDGE = model("Stowmere 4", "275/70R22.5");

    private static WornTire worn(TireModel model, double depth) {
        return new WornTire(model, OptionalDouble.of(depth), Optional.empty());
    }

    private static WornTire worn(TireModel model, double depth, double inchesNew) {
        return new WornTire(model, OptionalDouble.of(depth), Optional.of(Length.ofInches(inchesNew)));
    }

    private static String verdict(Optional<VerdictReason> verdictReason) {
        return verdictReason.map(one -> one.verdict().name()).orElse("-");
    }

    private static String statement(VerdictReason verdictReason) {
        return verdictReason.reason().statement().in(Units.US);
    }

    private static Optional<VerdictReason> dual(WornTire inner, WornTire outer) {
        return MatchingRules.dual(inner, Position.parse("2LI"), outer, Position.parse("2LO"));
    }

    @ParameterizedTest(name = "inner {0}/32, outer {1}/32: {2}")
    @CsvSource({
        "10, 10, -",
        // 2/32 of depth are 1/8 in of diameter: exactly that may lie inside.
        "12, 10, -",
        "12.1, 10, WATCH",
        "10, 12.1, -",
        // 4/32 are 1/4 in: exactly that is within the limit, still with the larger inside.
        "14, 10, WATCH",
        "14.1, 10, DO_NOT_OPERATE",
        "10, 14, -",
        "10, 14.1, DO_NOT_OPERATE",
    })
    @DisplayName("one model in a dual: 1/4 in of diameter apart at most, the larger outside over 1/8 in")
    void dualOfOneModel(double inner, double outer, String verdict) {
        assertThat(verdict(dual(worn(TESSALY, inner), worn(TESSALY, outer)))).isEqualTo(verdict);
    }

    @Test
    @DisplayName("says which of a dual is larger, by how much and against what limit, from either tire")
    void dualWords() {
        WornTire deep = worn(TESSALY, 16);
        WornTire shallow = worn(TESSALY, 8);
        assertThat(statement(dual(deep, shallow).orElseThrow())).isEqualTo("0.5 in larger in diameter than 2LO");
        assertThat(statement(dual(shallow, deep).orElseThrow())).isEqualTo("0.5 in smaller in diameter than 2LO");
        VerdictReason inside = MatchingRules.dual(
                        worn(TESSALY, 10), Position.parse("2LO"), worn(TESSALY, 13), Position.parse("2LI"))
                .orElseThrow();
        assertThat(statement(inside)).startsWith("Larger tire inside: 2LI by ");
        assertThat(inside.reason().limit().in(Units.US)).isEqualTo("0.13 in");
    }

    @Test
    @DisplayName("two models in a dual are compared by diameters on file less their wear, else they are not known")
    void dualOfTwoModels() {
        assertThat(verdict(dual(worn(TESSALY, 10), worn(RIDGE, 10)))).isEqualTo("UNKNOWN");
        assertThat(statement(dual(worn(TESSALY, 10), worn(RIDGE, 10)).orElseThrow()))
                .isEqualTo("Corvane Tessaly C2 here, Corvane Stowmere 4 at 2LO: diameters not compared");
        assertThat(verdict(dual(worn(TESSALY, 18, 38), worn(RIDGE, 18, 38.25)))).isEqualTo("-");
        assertThat(verdict(dual(worn(TESSALY, 18, 38), worn(RIDGE, 18, 38.3)))).isEqualTo("DO_NOT_OPERATE");
        // Worn by 8/32 the second has lost half an inch: 37.8 against 38.
        assertThat(MatchingRules.larger(worn(TESSALY, 18, 38), worn(RIDGE, 10, 38.3))
                        .orElseThrow())
                .isCloseTo(0.2, org.assertj.core.data.Offset.offset(1e-9));
        WornTire unmeasured = new WornTire(RIDGE, OptionalDouble.empty(), Optional.of(Length.ofInches(38)));
        assertThat(MatchingRules.larger(worn(TESSALY, 18, 38), unmeasured)).isEmpty();
        assertThat(MatchingRules.larger(
                        worn(TESSALY, 18), new WornTire(TESSALY, OptionalDouble.empty(), Optional.empty())))
                .isEmpty();
        assertThat(dual(worn(TESSALY, 18), new WornTire(TESSALY, OptionalDouble.empty(), Optional.empty())))
                .as("one model never checked: its own reason says so")
                .isEmpty();
    }

    @ParameterizedTest(name = "{0}/32 against {1}/32, steer {2}: {3} reasons")
    @CsvSource({
        "12, 10, true, 0",
        "12.1, 10, true, 1",
        "10, 12.1, true, 1",
        "14, 10, false, 0",
        "10, 14.1, false, 1",
        "14.1, 10, false, 1"
    })
    @DisplayName("across an axle tread lies 4/32 apart at most, 2/32 on steer")
    void across(double here, double there, boolean steer, int reasons) {
        List<VerdictReason> against = MatchingRules.across(worn(TESSALY, here), worn(TESSALY, there), "1R", steer);
        assertThat(against).hasSize(reasons);
        against.forEach(one -> {
            assertThat(one.verdict()).isEqualTo(Verdict.DO_NOT_OPERATE);
            assertThat(statement(one)).endsWith("apart from 1R");
            assertThat(one.reason().limit().in(Units.US)).isEqualTo(steer ? "2/32 in" : "4/32 in");
        });
    }

    @Test
    @DisplayName(
            "two patterns across an axle are a reason of their own, beside the tread; without depths only they are")
    void patterns() {
        assertThat(MatchingRules.across(worn(TESSALY, 14), worn(RIDGE, 8), "1R", false))
                .hasSize(2);
        List<VerdictReason> ungauged = MatchingRules.across(
                worn(TESSALY, 14), new WornTire(RIDGE, OptionalDouble.empty(), Optional.empty()), "1R", false);
        assertThat(ungauged).hasSize(1);
        assertThat(statement(ungauged.get(0))).isEqualTo("Corvane Tessaly C2 here, Corvane Stowmere 4 at 1R");
    }

    @Test
    @DisplayName("another size on an axle stands it; bias beside radial is said as such")
    void sizes() {
        assertThat(MatchingRules.size(TESSALY, RIDGE, "1R")).isEmpty();
        VerdictReason size = MatchingRules.size(TESSALY, model("Tessaly C2", "295/75R22.5"), "1R")
                .orElseThrow();
        assertThat(size.verdict()).isEqualTo(Verdict.DO_NOT_OPERATE);
        assertThat(size.reason().explanation().in(Units.US))
                .isEqualTo("One axle carries one size: install the matching tire.");
        VerdictReason bias = MatchingRules.size(TESSALY, model("Tessaly C2", "275/70D22.5"), "1R")
                .orElseThrow();
        assertThat(bias.reason().explanation().in(Units.US)).startsWith("Bias and radial never share an axle");
    }
}
