package rotagens.core.pressure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import rotagens.core.measure.InvalidInputException;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Temperature;
import rotagens.core.measure.Units;
import rotagens.core.pressure.ChalkTest.ContactPattern;
import rotagens.core.pressure.ChalkTest.Pass;
import rotagens.core.vehicle.LoadState;
import rotagens.core.vehicle.Position;

class AirTest {

    private static Pressure psi(double psi) {
        return Pressure.psi(psi);
    }

    @Test
    @DisplayName("100 psi at 70 °F reads 89.2 at 20 °F, and back again")
    void temperature() {
        double cold = TemperatureCorrection.psiAt(100, Temperature.f(70), Temperature.f(20));
        assertThat(cold).isEqualTo(89.17, within(0.01));
        assertThat(TemperatureCorrection.psiAt(cold, Temperature.f(20), Temperature.f(70)))
                .isEqualTo(100, within(1e-9));
    }

    @Test
    @DisplayName(
            "filling in a 65 °F bay for a 25 °F yard at a 110 psi target: 120.3, held at the maximum, never lowered for warmth")
    void fill() {
        Temperature bay = Temperature.parse("65", Temperature.Unit.F);
        Temperature yard = Temperature.parse("25 °F", Temperature.Unit.C);
        assertThat(TemperatureCorrection.fill(psi(110), bay, yard, Optional.empty())
                        .pressure())
                .isEqualTo(psi(120.3));
        TemperatureCorrection.CorrectedPressure held =
                TemperatureCorrection.fill(psi(110), bay, yard, Optional.of(psi(120)));
        assertThat(held.pressure()).isEqualTo(psi(120));
        assertThat(held.limited()).isTrue();
        assertThat(TemperatureCorrection.fill(psi(110), yard, bay, Optional.empty())
                        .pressure())
                .isEqualTo(psi(110));
        assertThatThrownBy(() -> TemperatureCorrection.refuseHalf(Optional.of(bay), Optional.empty()))
                .isInstanceOf(InvalidInputException.class);
        assertThatThrownBy(() -> Temperature.parse("650", Temperature.Unit.F)).hasMessageContaining("thermometer");
    }

    @ParameterizedTest(name = "{0} psi, cold {1}: {2}, {3}")
    @CsvSource({
        "95, true, NONE, 95",
        "94, true, NONE, 95",
        "90, true, ADD_AIR, 95",
        "99, true, RELEASE_AIR, 95",
        "125, true, RELEASE_AIR, 95",
        "100, false, WAIT, ",
        "95, false, WAIT, ",
        "90, false, ADD_AIR, 95",
        "76, true, STOP, ",
        "76, false, STOP, "
    })
    @DisplayName("at the valve: leave, add, release, wait while hot, stop at 80% of target")
    void atTheValve(double read, boolean cold, Adjustment.Action action, Double to) {
        Adjustment step = Adjustment.of(psi(read), cold, psi(95), psi(95), Optional.of(psi(120)));
        assertThat(step.action()).isEqualTo(action);
        assertThat(step.to().map(Pressure::psi)).isEqualTo(Optional.ofNullable(to));
    }

    @ParameterizedTest(name = "{0} psi, cold {1}, maximum 120: {2}, {3}")
    @CsvSource({
        "95, true, NO_TARGET, , Save the reading. Add no air until this position has a target",
        "120, true, NO_TARGET, , Save the reading. Add no air until this position has a target",
        "125, true, RELEASE_AIR, 120, 'Over the maximum 120 psi, and no target on file: release to 120 psi, standing clear of the valve’s line'",
        "125, false, NO_TARGET, , Save the reading. Add no air until this position has a target"
    })
    @DisplayName(
            "without a target nothing is on target and no air is added; only cold and over the maximum is released")
    void noTarget(double read, boolean cold, Adjustment.Action action, Double to, String says) {
        Adjustment step = Adjustment.withoutTarget(psi(read), cold, Optional.of(psi(120)));
        assertThat(step.action()).isEqualTo(action);
        assertThat(step.to().map(Pressure::psi)).isEqualTo(Optional.ofNullable(to));
        assertThat(step.statement().in(Units.US)).isEqualTo(says);
        assertThat(Adjustment.withoutTarget(psi(read), cold, Optional.empty()).action())
                .as("no maximum on file")
                .isEqualTo(Adjustment.Action.NO_TARGET);
    }

    @Test
    @DisplayName("in a warm bay the tire is brought to the fill pressure, while the 80% rule keeps to the target")
    void inTheBay() {
        Adjustment step = Adjustment.of(psi(100), true, psi(110), psi(120.3), Optional.of(psi(125)));
        assertThat(step.statement().in(Units.US)).isEqualTo("Add 20.3 psi to 120.3 psi, then check again");
        assertThat(Adjustment.of(psi(92), true, psi(110), psi(120.3), Optional.empty())
                        .action())
                .isEqualTo(Adjustment.Action.ADD_AIR);
    }

    @Test
    @DisplayName("the chalk line steps by 5, stops at the load's need and the maximum, and ends where it touches right")
    void chalkLine() {
        List<Pass> passes = new java.util.ArrayList<>(List.of(new Pass(psi(70), ContactPattern.CENTER_RUBBED)));
        assertThat(ChalkTest.after(passes, 52, 80).next()).contains(psi(65));
        passes.add(new Pass(psi(65), ContactPattern.EDGES_RUBBED));
        assertThat(ChalkTest.after(passes, 52, 80).next()).contains(psi(70));
        passes.add(new Pass(psi(70), ContactPattern.CENTER_RUBBED));
        assertThat(ChalkTest.after(passes, 52, 80).result()).contains(psi(70));
        assertThat(ChalkTest.after(List.of(new Pass(psi(65), ContactPattern.EVEN_CONTACT)), 52, 80)
                        .result())
                .contains(psi(65));
        assertThat(ChalkTest.after(List.of(new Pass(psi(55), ContactPattern.CENTER_RUBBED)), 52.3, 80)
                        .next())
                .contains(psi(53));
        assertThat(ChalkTest.after(List.of(new Pass(psi(53), ContactPattern.CENTER_RUBBED)), 52.3, 80)
                        .statement()
                        .in(Units.US))
                .isEqualTo("The load needs 52.3 psi: no lower, whatever the chalk says");
        assertThat(ChalkTest.after(List.of(new Pass(psi(80), ContactPattern.EDGES_RUBBED)), 52, 80)
                        .result())
                .contains(psi(80));
        assertThat(ChalkTest.after(List.of(), 52, 80).statement().in(Units.US)).startsWith("Look at the outer ribs");
    }

    @Test
    @DisplayName(
            "what it may carry now follows today's pressures, the tightest tire named; a run-flat tire carries nothing")
    void carryNow() {
        Rig rig = Rig.coach();
        java.util.Map<Position, CurrentCapacity.CheckedTire> checkedTire = new java.util.HashMap<>();
        rig.fitted()
                .keySet()
                .forEach(position ->
                        checkedTire.put(position, new CurrentCapacity.CheckedTire(Optional.of(psi(95)), false)));
        checkedTire.put(Position.parse("1R"), new CurrentCapacity.CheckedTire(Optional.of(psi(90)), false));
        CurrentCapacity steer = CurrentCapacity.of(rig.vehicle(), 1, rig.fitted(), checkedTire, rig.book());
        assertThat(steer.capacity().orElseThrow().lb()).isEqualTo(11_030);
        assertThat(steer.limitingRating()).contains(Position.parse("1R"));
        CurrentCapacity drive =
                CurrentCapacity.of(rig.gawr(2, 20_000).vehicle(), 2, rig.fitted(), checkedTire, rig.book());
        assertThat(drive.capacity().orElseThrow().lb()).isEqualTo(20_000);
        checkedTire.put(Position.parse("1L"), new CurrentCapacity.CheckedTire(Optional.of(psi(80)), true));
        assertThat(CurrentCapacity.of(rig.vehicle(), 1, rig.fitted(), checkedTire, rig.book())
                        .capacity()
                        .orElseThrow()
                        .lb())
                .isZero();
        checkedTire.remove(Position.parse("1L"));
        assertThat(CurrentCapacity.of(rig.vehicle(), 1, rig.fitted(), checkedTire, rig.book())
                        .statement()
                        .in(Units.US))
                .isEqualTo("Not known: 1L has no cold reading");
    }

    @Test
    @DisplayName(
            "an empty load state needs an end date; a booked trip is in force while it lasts, then the usual state is back")
    void presets() {
        LocalDate today = Rig.TODAY;
        assertThatThrownBy(() -> new LoadStates.LoadStateSetting(LoadState.EMPTY, today, Optional.empty(), "Ines"))
                .hasMessageContaining("Enter an end date");
        var empty = List.of(
                new LoadStates.LoadStateSetting(LoadState.EMPTY, today, Optional.of(today.plusDays(6)), "Ines"));
        var trip = List.of(new LoadStates.Trip(LoadState.FULL, today.plusDays(3), today.plusDays(4), "Ines"));
        assertThat(LoadStates.on(today, LoadState.UNKNOWN, empty, trip).state()).isEqualTo(LoadState.EMPTY);
        assertThat(LoadStates.on(today.plusDays(3), LoadState.NORMAL, empty, trip)
                        .state())
                .isEqualTo(LoadState.FULL);
        assertThat(LoadStates.on(today.plusDays(5), LoadState.NORMAL, empty, trip)
                        .state())
                .isEqualTo(LoadState.EMPTY);
        assertThat(LoadStates.on(today.plusDays(7), LoadState.NORMAL, empty, trip)
                        .state())
                .isEqualTo(LoadState.NORMAL);
        assertThat(LoadStates.next(today, trip)).isPresent();
    }
}
