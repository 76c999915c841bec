package rotagens.core.vehicle;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import rotagens.core.measure.InvalidInputException;
import rotagens.core.measure.Pressure;

class AxleLayoutChangeTest {

    private static final Axle STEER = new Axle(AxleRole.STEER, false);
    private static final Axle DRIVE_DUAL = new Axle(AxleRole.DRIVE, true);
    private static final AxleLayout SHUTTLE = new AxleLayout(List.of(STEER, DRIVE_DUAL), 1);
    private static final Set<Position> FULL = new HashSet<>(SHUTTLE.positions());

    @Test
    @DisplayName("an axle made single keeps no duals: positions with tires stop the change")
    void dualsInTheWay() {
        AxleLayoutChange change = AxleLayoutChange.between(
                SHUTTLE, new AxleLayout(List.of(STEER, new Axle(AxleRole.DRIVE, false)), 1), FULL);
        assertThat(change.blocked()).extracting(Position::code).containsExactly("2LO", "2LI", "2RI", "2RO");
    }

    @Test
    @DisplayName("an empty place may go, an occupied one may not")
    void spare() {
        AxleLayout without = new AxleLayout(SHUTTLE.axles(), 0);
        assertThat(AxleLayoutChange.between(SHUTTLE, without, FULL).blocked())
                .extracting(Position::code)
                .containsExactly("S1");
        Set<Position> noSpare = new HashSet<>(without.positions());
        assertThat(AxleLayoutChange.between(SHUTTLE, without, noSpare).blocked())
                .isEmpty();
    }

    @Test
    @DisplayName("an axle put in between gives the tires behind it another meaning, and that is said")
    void axleBetween() {
        AxleLayout with = new AxleLayout(List.of(STEER, new Axle(AxleRole.PUSHER, true), DRIVE_DUAL), 1);
        AxleLayoutChange change = AxleLayoutChange.between(SHUTTLE, with, FULL);
        assertThat(change.blocked()).isEmpty();
        assertThat(change.effects())
                .containsExactly(
                        "The tires on axle 2 count as pusher tires instead of drive tires; they stay where they are.");
    }

    @Test
    @DisplayName("the same layout again changes nothing")
    void same() {
        assertThat(AxleLayoutChange.between(SHUTTLE, SHUTTLE, FULL))
                .isEqualTo(new AxleLayoutChange(List.of(), List.of()));
    }

    @Test
    @DisplayName("a placard above the wheel's maximum is refused, at it is allowed, unknown passes")
    void placardAboveWheel() {
        assertThatThrownBy(() ->
                        WheelSpec.refusePlacardAbove(Optional.of(Pressure.psi(110)), Optional.of(Pressure.psi(100))))
                .isInstanceOf(InvalidInputException.class)
                .hasMessageContaining("110 psi")
                .hasMessageContaining("100 psi");
        assertThatCode(() ->
                        WheelSpec.refusePlacardAbove(Optional.of(Pressure.psi(100)), Optional.of(Pressure.psi(100))))
                .doesNotThrowAnyException();
        assertThatCode(() -> WheelSpec.refusePlacardAbove(Optional.of(Pressure.psi(110)), Optional.empty()))
                .doesNotThrowAnyException();
    }
}
