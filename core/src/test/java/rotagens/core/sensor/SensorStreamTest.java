package rotagens.core.sensor;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import rotagens.core.fact.ThermalState;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Temperature;
import rotagens.core.measure.Units;
import rotagens.core.sensor.SensorStream.Sample;

class SensorStreamTest {

    private static final Instant EIGHT = Instant.parse("2026-11-23T08:00:00Z");

    private static Sample sample(int minutes, double psi, Double fahrenheit) {
        return new Sample(
                EIGHT.plusSeconds(60L * minutes),
                Pressure.psi(psi),
                Optional.ofNullable(fahrenheit).map(Temperature::f),
                Optional.empty());
    }

    @Test
    @DisplayName(
            "3 psi gone at one temperature within four hours is a fast loss, and says from what to what; 2.9 isn’t")
    void fastLoss() {
        assertThat(SensorStream.fastLoss(List.of(sample(0, 100, 60.0)), sample(35, 97, 60.0), Instant.EPOCH))
                .hasValueSatisfying(said -> assertThat(said.in(Units.US))
                        .isEqualTo("The sensor read 100 psi and 35 minutes later 97 psi."));
        assertThat(SensorStream.fastLoss(List.of(sample(0, 100, 60.0)), sample(35, 97.1, 60.0), Instant.EPOCH))
                .isEmpty();
        assertThat(SensorStream.fastLoss(List.of(sample(0, 100, 60.0)), sample(241, 90, 60.0), Instant.EPOCH))
                .isEmpty();
    }

    @Test
    @DisplayName(
            "a tire that cools after driving loses pressure and no air; one that warms while it leaks is noticed all the same")
    void temperature() {
        assertThat(SensorStream.fastLoss(List.of(sample(0, 120, 140.0)), sample(180, 104, 60.0), Instant.EPOCH))
                .isEmpty();
        assertThat(SensorStream.fastLoss(List.of(sample(0, 100, 60.0)), sample(60, 102, 100.0), Instant.EPOCH))
                .isPresent();
    }

    @Test
    @DisplayName("what another tire read there, or what was read before a person let air out, is no loss")
    void startsAnew() {
        List<Sample> before = List.of(sample(0, 110, 60.0), sample(30, 98, 60.0));
        assertThat(SensorStream.fastLoss(before, sample(40, 98, 60.0), EIGHT.plusSeconds(60 * 20)))
                .isEmpty();
        assertThat(SensorStream.fastLoss(before, sample(40, 94, 60.0), EIGHT.plusSeconds(60 * 20)))
                .isPresent();
    }

    @Test
    @DisplayName(
            "while a sheet is worked through its samples judge nothing, and a sheet left open holds nothing up after four hours")
    void workedOn() {
        assertThat(SensorStream.isWorkedOn(Optional.of(EIGHT), sample(240, 0, null)))
                .isTrue();
        assertThat(SensorStream.isWorkedOn(Optional.of(EIGHT), sample(241, 0, null)))
                .isFalse();
        assertThat(SensorStream.isWorkedOn(Optional.empty(), sample(0, 0, null)))
                .isFalse();
    }

    @Test
    @DisplayName("without temperatures only a fifth gone is a fast loss: cooling down alone never takes that much")
    void withoutTemperature() {
        assertThat(SensorStream.fastLoss(List.of(sample(0, 100, null)), sample(120, 81, null), Instant.EPOCH))
                .isEmpty();
        assertThat(SensorStream.fastLoss(List.of(sample(0, 100, null)), sample(120, 80, null), Instant.EPOCH))
                .isPresent();
    }

    @Test
    @DisplayName(
            "kept are the first sample, one 2 psi away, one a day, one of another warmth, and any that opened something")
    void thinned() {
        Sample last = sample(0, 100, 60.0);
        assertThat(SensorStream.isKept(Optional.empty(), last, false)).isTrue();
        assertThat(SensorStream.isKept(Optional.of(last), sample(10, 101.9, 60.0), false))
                .isFalse();
        assertThat(SensorStream.isKept(Optional.of(last), sample(10, 98, 60.0), false))
                .isTrue();
        assertThat(SensorStream.isKept(Optional.of(last), sample(24 * 60, 100, 60.0), false))
                .isTrue();
        assertThat(SensorStream.isKept(Optional.of(last), sample(10, 100, 60.0), true))
                .isTrue();
        Sample parked = new Sample(
                EIGHT.plusSeconds(600), Pressure.psi(100), Optional.empty(), Optional.of(EIGHT.minusSeconds(3 * 3600)));
        assertThat(SensorStream.isKept(Optional.of(last), parked, false)).isTrue();
    }

    @Test
    @DisplayName("a sample is cold only where the gateway says that the vehicle has stood three hours")
    void warmth() {
        assertThat(sample(0, 100, 40.0).thermalState()).isEqualTo(ThermalState.UNKNOWN);
        assertThat(new Sample(EIGHT, Pressure.psi(100), Optional.empty(), Optional.of(EIGHT.minusSeconds(3 * 3600)))
                        .thermalState())
                .isEqualTo(ThermalState.COLD);
        assertThat(new Sample(EIGHT, Pressure.psi(100), Optional.empty(), Optional.of(EIGHT.minusSeconds(3 * 3600 - 1)))
                        .thermalState())
                .isEqualTo(ThermalState.HOT);
    }

    @Test
    @DisplayName("a sensor is silent an hour after it was heard last, while others of its vehicle are heard")
    void silent() {
        assertThat(SensorStream.isSilent(EIGHT, EIGHT.plusSeconds(3600))).isTrue();
        assertThat(SensorStream.isSilent(EIGHT, EIGHT.plusSeconds(3599))).isFalse();
    }
}
