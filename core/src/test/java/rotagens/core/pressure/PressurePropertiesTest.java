package rotagens.core.pressure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import rotagens.core.measure.Load;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Temperature;
import rotagens.core.vehicle.LoadState;

/** What must hold for every load, chart and temperature. */
class PressurePropertiesTest {

    private static final int TRIES = 300;

    private static LoadCurve curve(Random random) {
        if (random.nextBoolean()) {
            return new LoadCurve.Estimated(1_000 + random.nextInt(7_000), 35 + random.nextInt(100));
        }
        List<LoadChart.Row> rows = new ArrayList<>();
        double psi = 35 + random.nextInt(40);
        double lb = 1_000 + random.nextInt(3_000);
        for (int row = 0; row < 2 + random.nextInt(9); row++) {
            rows.add(new LoadChart.Row(Pressure.psi(psi), Load.lb(lb), Optional.empty()));
            psi += 5;
            lb += 20 + random.nextInt(400);
        }
        LoadChart chart = new LoadChart("Corvane", "", Rig.COACH.size(), Optional.empty(), rows, "");
        return new LoadCurve.FromChart(chart, false, random.nextBoolean() ? 1 : LoadCurve.PASSENGER_DERATING);
    }

    @ParameterizedTest(name = "seed {0}")
    @ValueSource(longs = {1, 2, 3})
    @DisplayName(
            "more load never asks for less pressure, the answer always carries the load, and the need is never above it")
    void moreLoadMorePressure(long seed) {
        Random random = new Random(seed);
        for (int at = 0; at < TRIES; at++) {
            LoadCurve curve = curve(random);
            double before = 0;
            for (double lb = 100; lb <= curve.maxLb(); lb += curve.maxLb() / 40) {
                double psi =
                        ((LoadCurve.Found) curve.size(lb, 1_000)).pressure().psi();
                assertThat(psi).isGreaterThanOrEqualTo(before);
                assertThat(curve.capacityLb(psi)).isGreaterThanOrEqualTo(lb - 1e-6);
                assertThat(curve.minimumForLoadPsi(lb).orElseThrow()).isLessThanOrEqualTo(psi + 1e-9);
                before = psi;
            }
            assertThat(curve.size(curve.maxLb() + 1, 1_000)).isInstanceOf(LoadCurve.Overloaded.class);
            assertThat(curve.minimumForLoadPsi(curve.maxLb() + 1)).isEmpty();
        }
    }

    @ParameterizedTest(name = "seed {0}")
    @ValueSource(longs = {4, 5})
    @DisplayName("correcting for temperature and back gives the same figure, and colder never reads higher")
    void temperatureInverts(long seed) {
        Random random = new Random(seed);
        for (int at = 0; at < TRIES; at++) {
            double psi = 20 + random.nextInt(110);
            Temperature from = Temperature.f(-20 + random.nextInt(130));
            Temperature to = Temperature.f(-20 + random.nextInt(130));
            double there = TemperatureCorrection.psiAt(psi, from, to);
            assertThat(TemperatureCorrection.psiAt(there, to, from)).isEqualTo(psi, within(1e-9));
            assertThat(there < psi).isEqualTo(to.fahrenheit() < from.fahrenheit());
        }
    }

    @ParameterizedTest(name = "seed {0}")
    @ValueSource(longs = {6, 7, 8})
    @DisplayName(
            "whatever was weighed and chosen: one pressure an axle, never over a maximum, never under the load, each school with a reason")
    void everyAnswer(long seed) {
        Random random = new Random(seed);
        for (int at = 0; at < TRIES; at++) {
            double left = 2_000 + random.nextInt(5_500);
            double right = 2_000 + random.nextInt(5_500);
            Rig rig = (random.nextBoolean() ? Rig.coach() : Rig.coach().noChart())
                    .weighed(LoadState.NORMAL, random.nextInt(500), left, right, left * 1.6, right * 1.6)
                    .wheels(90 + random.nextInt(40), 5_000 + random.nextInt(3_000));
            if (random.nextBoolean()) {
                rig.chose(PressureMethod.values()[random.nextInt(5)], random.nextBoolean());
            }
            if (random.nextBoolean()) {
                rig.warnsBelow(1, random.nextInt(25) / 100.0);
            }
            for (AxlePressure answer : rig.solve().axles().values()) {
                answer.target().pressure().ifPresent(target -> {
                    assertThat(target.psi())
                            .isLessThanOrEqualTo(
                                    answer.maximum().orElseThrow().pressure().psi() + 1e-6);
                    assertThat(answer.reserve().orElse(1.0)).isGreaterThanOrEqualTo(-1e-9);
                });
                assertThat(answer.methodResults()).hasSize(5).allSatisfy(one -> {
                    assertThat(one.reason().statement().in(rotagens.core.measure.Units.METRIC))
                            .isNotBlank()
                            .doesNotContain("{}");
                    assertThat(one.reason().explanation().in(rotagens.core.measure.Units.US))
                            .isNotBlank();
                });
                assertThat(answer.notices())
                        .allSatisfy(one -> assertThat(one.reason().explanation().in(rotagens.core.measure.Units.US))
                                .endsWith(".")
                                .doesNotContain("{}"));
            }
        }
    }
}
