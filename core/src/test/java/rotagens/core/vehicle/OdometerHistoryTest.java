package rotagens.core.vehicle;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import rotagens.core.measure.Distance;
import rotagens.core.vehicle.OdometerHistory.Replacement;
import rotagens.core.vehicle.OdometerHistory.Shown;

class OdometerHistoryTest {

    private static final Instant MARCH = Instant.parse("2026-03-01T12:00:00Z");
    private static final Instant JUNE = Instant.parse("2026-06-01T12:00:00Z");

    private final OdometerHistory run = new OdometerHistory(List.of(
            new Replacement(MARCH, Distance.miles(61_200), Distance.miles(0)),
            new Replacement(JUNE, Distance.miles(2_500), Distance.miles(100))));

    @Test
    @DisplayName("miles are counted on through every replacement, from what the odometer of the time showed")
    void countedOn() {
        assertThat(run.driven(MARCH.minusSeconds(1), Distance.miles(61_000))).isEqualTo(61_000);
        assertThat(run.driven(MARCH.plusSeconds(1), Distance.miles(800))).isEqualTo(62_000);
        assertThat(run.driven(JUNE.plusSeconds(1), Distance.miles(400))).isEqualTo(64_000);
        assertThat(run.shown(JUNE.plusSeconds(1), 64_000)).isEqualTo(400);
        assertThat(OdometerHistory.ONE.driven(JUNE, Distance.miles(5))).isEqualTo(5);
    }

    @Test
    @DisplayName("readings are compared only with those of the same odometer")
    void between() {
        assertThat(run.replacedBetween(MARCH.minusSeconds(9), MARCH)).isTrue();
        assertThat(run.replacedBetween(MARCH, JUNE.minusSeconds(1))).isFalse();
        assertThat(run.replacedBetween(MARCH, JUNE)).isTrue();
    }

    @Test
    @DisplayName(
            "an odometer never runs backwards: a later reading that shows less is wrong, unless another odometer came between")
    void backwards() {
        Shown april = new Shown(MARCH.plusSeconds(86_400 * 31), Distance.miles(900));
        assertThat(run.runsBackwards(april, new Shown(JUNE.minusSeconds(1), Distance.miles(899))))
                .isTrue();
        assertThat(run.runsBackwards(april, new Shown(JUNE.minusSeconds(1), Distance.miles(900))))
                .as("it may stand")
                .isFalse();
        assertThat(run.runsBackwards(april, new Shown(JUNE, Distance.miles(100))))
                .isFalse();
    }
}
