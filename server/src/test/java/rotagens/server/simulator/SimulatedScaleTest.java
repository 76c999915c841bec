package rotagens.server.simulator;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.springframework.beans.factory.annotation.Autowired;
import rotagens.core.vehicle.LoadState;
import rotagens.core.vehicle.Vehicle;
import rotagens.server.ServerTest;
import rotagens.server.simulator.SimulatedScale.AxleWeighed;
import rotagens.server.simulator.SimulatedScale.Kind;
import rotagens.server.simulator.SimulatedScale.SimulatedWeighingView;
import rotagens.server.vehicle.VehicleStore;

@ServerTest
class SimulatedScaleTest {

    @Autowired
    SimulatedScale scale;

    @Autowired
    SimulatedGauge gauge;

    @Autowired
    VehicleStore vehicles;

    private Vehicle coach() {
        return vehicles.get(1).facts();
    }

    @Test
    @DisplayName("driven over twice it weighs nearly the same, in the steps of the scale, and never exactly by rule")
    void scatter() {
        java.util.Set<Integer> seen = new java.util.HashSet<>();
        for (int drive = 0; drive < 40; drive++) {
            for (AxleWeighed axle :
                    scale.weigh(coach(), LoadState.NORMAL, Kind.PADS).axles()) {
                assertThat(axle.left() % 10).isZero();
                assertThat(axle.total()).isEqualTo(axle.left() + axle.right());
                assertThat(axle.total())
                        .isCloseTo(
                                (int) SimulatedScale.truth(coach(), LoadState.NORMAL, axle.axle()),
                                org.assertj.core.data.Percentage.withPercentage(1.5));
                seen.add(axle.left());
            }
        }
        assertThat(seen).hasSizeGreaterThan(6);
    }

    @ParameterizedTest
    @EnumSource(Kind.class)
    @DisplayName("axles add up to the gross it prints, and every axle stands on the scale ticket")
    void slip(Kind kind) {
        SimulatedWeighingView simulatedWeighingView = scale.weigh(coach(), LoadState.FULL, kind);
        assertThat(simulatedWeighingView.axles().stream()
                        .mapToInt(AxleWeighed::total)
                        .sum())
                .isEqualTo(simulatedWeighingView.gross());
        assertThat(simulatedWeighingView.text())
                .contains(
                        "Unit: LC-01",
                        "Load: full",
                        "Axle 3",
                        String.format("Gross: %,d lb", simulatedWeighingView.gross()))
                .contains("simulated");
        assertThat(simulatedWeighingView.text().contains("left")).isEqualTo(kind == Kind.PADS);
    }

    @Test
    @DisplayName("fuller is heavier, and no demo vehicle is over twice a rating whatever its load")
    void loads() {
        for (VehicleStore.OnFile one : vehicles.all()) {
            Vehicle vehicle = one.facts();
            int empty = scale.weigh(vehicle, LoadState.EMPTY, Kind.PLATFORM).gross();
            int full = scale.weigh(vehicle, LoadState.FULL, Kind.PLATFORM).gross();
            assertThat(full).as(vehicle.unit()).isGreaterThan(empty);
            assertThat((double) full).isLessThan(1.1 * vehicle.gvwr().lb());
        }
    }

    @Test
    @DisplayName("a gauge pairs with one page a person, answers no other, and is gone after it drops out")
    void pairing() {
        assertThat(gauge.press(77, "90 psi")).isFalse();
        gauge.pair(77);
        assertThat(gauge.press(77, "90 psi")).isTrue();
        assertThat(gauge.press(78, "90 psi")).isFalse();
        gauge.dropOut(77);
        assertThat(gauge.press(77, "90 psi")).isFalse();
    }
}
