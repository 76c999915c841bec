package rotagens.core.pressure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import rotagens.core.measure.Units;
import rotagens.core.tire.TireModel;

class LoadChartTest {

    private static List<String> faults(double[] psi, double[] single, double[] dual) {
        return Rig.chart(Rig.COACH, psi, single, dual).faults(List.of(Rig.COACH)).stream()
                .map(inputError -> inputError.row() + " " + inputError.column() + ": "
                        + inputError.statement().in(Units.US))
                .toList();
    }

    @Test
    @DisplayName("the invented coach chart holds together")
    void holds() {
        assertThat(Rig.COACH_CHART.faults(List.of(Rig.COACH))).isEmpty();
    }

    @Test
    @DisplayName("a falling row, a dual not under the single and pressures out of order are named by cell")
    void cells() {
        assertThat(faults(new double[] {90, 95, 120}, new double[] {5515, 5500, 6940}, null))
                .containsExactly(
                        "2 single: 5,500 lb at 95 psi isn’t above 5,515 lb in the row before: loads rise with pressure.");
        assertThat(faults(new double[] {90, 120}, new double[] {5515, 6940}, new double[] {5080, 6940}))
                .containsExactly("2 dual: 6,940 lb as one of a dual isn’t under 6,940 lb as a single.");
        assertThat(faults(new double[] {120, 95}, new double[] {5515, 6940}, null))
                .first()
                .asString()
                .startsWith("2 pressure: 95 psi isn’t above 120 psi");
    }

    @Test
    @DisplayName("it has to reach the rated load at the molded pressure within 1%, and to reach that pressure at all")
    void rated() {
        assertThat(faults(new double[] {90, 120}, new double[] {5515, 6800}, null))
                .first()
                .asString()
                .contains("agree within 1%");
        assertThat(faults(new double[] {90, 120}, new double[] {5515, 6890}, null))
                .isEmpty();
        assertThat(faults(new double[] {90, 110}, new double[] {5515, 6475}, null))
                .first()
                .asString()
                .contains("A row is missing");
    }

    @Test
    @DisplayName(
            "a chart is for its model, or for all of its manufacturer's in the size; another manufacturer's is a surrogate")
    void whose() {
        TireModel other = Rig.tire("Tessaly C3", "275/70R22.5 148/145M H", 6940, 6395, 120);
        TireModel lighter = Rig.tire("Tessaly C1", "275/70R22.5 144/142M G", 6175, 5840, 105);
        assertThat(Rig.COACH_CHART.isFor(Rig.COACH)).isTrue();
        assertThat(Rig.COACH_CHART.isFor(other)).isFalse();
        assertThat(Rig.COACH_CHART.isSurrogateFor(other)).isTrue();
        assertThat(Rig.COACH_CHART.isSurrogateFor(lighter)).isFalse();
        LoadChart all = new LoadChart("Corvane", "", Rig.COACH.size(), Rig.range("H"), Rig.COACH_CHART.rows(), "");
        assertThat(all.isFor(other)).isTrue();
    }

    @Test
    @DisplayName(
            "the minimum for a load under the first row falls to 80% of it, below that a chart promises only in proportion, above its last row nothing more")
    void edges() {
        LoadCurve curve = new LoadCurve.FromChart(Rig.COACH_CHART, false, 1);
        assertThat(curve.capacityLb(40))
                .isCloseTo(5015 * Math.pow(0.8, 0.8) * 0.5 / 0.8, org.assertj.core.api.Assertions.within(1e-6));
        assertThat(curve.capacityLb(130)).isEqualTo(6940);
        assertThat(curve.minimumForLoadPsi(3000)).contains(64.0);
    }
}
