package rotagens.core.fact;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.LocalDate;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import rotagens.core.fact.Sidewall.Edge;
import rotagens.core.measure.Message;

class FactTest {

    private static final LocalDate DAY = LocalDate.of(2027, 3, 1);

    @Test
    @DisplayName("a tire is cold from three hours of standing on, and a second before it is hot")
    void coldAfterThreeHours() {
        assertThat(ThermalState.afterParked(Duration.ofHours(3))).isEqualTo(ThermalState.COLD);
        assertThat(ThermalState.afterParked(Duration.ofHours(3).minusSeconds(1)))
                .isEqualTo(ThermalState.HOT);
    }

    @Test
    @DisplayName("a sidewall's edge is the tire's own: turned on its wheel, the outer one is the other edge")
    void edgeStaysWithTheTire() {
        assertThat(Sidewall.edge(Sidewall.OUTER, Optional.of(true))).contains(Edge.DOT_SIDE);
        assertThat(Sidewall.edge(Sidewall.OUTER, Optional.of(false))).contains(Edge.OTHER_SIDE);
        assertThat(Sidewall.edge(Sidewall.INNER, Optional.of(true))).contains(Edge.OTHER_SIDE);
        assertThat(Sidewall.edge(Sidewall.INNER, Optional.of(false))).contains(Edge.DOT_SIDE);
        assertThat(Sidewall.edge(Sidewall.OUTER, Optional.empty()))
                .as("nobody looked which way the DOT code faces")
                .isEmpty();
    }

    @Test
    @DisplayName("a joint written another way is the same joint; another kind of figure at it is another fact")
    void samePlace() {
        assertThat(measured(SuspensionFact.Type.JOINT, "Ball joint, lower-left").key())
                .isEqualTo(measured(SuspensionFact.Type.JOINT, "ball joint lower left")
                        .key());
        assertThat(measured(SuspensionFact.Type.SHOCK, "1L").key())
                .isNotEqualTo(measured(SuspensionFact.Type.RIDE_HEIGHT, "1L").key());
    }

    private static SuspensionFact measured(SuspensionFact.Type kind, String place) {
        Message said = Message.of("x");
        return new SuspensionFact(DAY, "Ana", kind, place, Verdict.GOOD, said, said, said);
    }

    @Test
    @DisplayName("only a cold pressure may be held against a cold target")
    void coldPressureOnly() {
        assertThat(reading(ThermalState.COLD).hasColdPressure()).isFalse();
        Reading gauged = reading(ThermalState.COLD);
        assertThat(new Reading(
                                gauged.on(),
                                gauged.by(),
                                Optional.empty(),
                                Optional.of(rotagens.core.measure.Pressure.psi(100)),
                                ThermalState.UNKNOWN,
                                gauged.tread())
                        .hasColdPressure())
                .as("nobody said how warm it was")
                .isFalse();
    }

    private static Reading reading(ThermalState state) {
        return new Reading(
                DAY, "Ana", Optional.empty(), Optional.empty(), state, rotagens.core.wear.GrooveDepths.UNMEASURED);
    }

    @Test
    @DisplayName(
            "no finding that stops a vehicle is cleared by somebody saying that it was fixed, but those that are screwed right")
    void whatStopsIsNotWavedThrough() {
        assertThat(Finding.clearedBy(Finding.ClearedBy.FIXED))
                .filteredOn(finding -> finding.verdict() == Verdict.DO_NOT_OPERATE)
                .allMatch(finding -> finding.area() == Finding.Area.WHEEL || finding == Finding.INSTALLED_BACKWARD);
    }
}
