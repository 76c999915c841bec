package rotagens.core.sensor;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import rotagens.core.measure.Money;
import rotagens.core.measure.Units;

/** A new sensor with a new tire. */
class SensorWithTireTest {

    private static final SensorReplacementOptions.Costs COSTS =
            new SensorReplacementOptions.Costs(new Money(8_500), 40, 20, 95);

    private static final LocalDate BATTERY = LocalDate.of(2028, 5, 1);

    @Test
    @DisplayName("a battery that the new tire will outlive is proposed, with the 40 minutes at $95 an hour it saves")
    void proposed() {
        SensorWithTire proposal =
                SensorWithTire.of(BATTERY, LocalDate.of(2031, 6, 1), COSTS).orElseThrow();
        assertThat(proposal.saved()).isEqualTo(new Money(6_333));
        assertThat(proposal.statement().in(Units.US))
                .isEqualTo(
                        "Its battery may fail from May 1, 2028; the new tire is likely to last until Jun 1, 2031. A new sensor now saves $63.33 of lifting the wheel and breaking the bead again.");
    }

    @Test
    @DisplayName("one that outlasts the tire, or ends on the very day, isn't")
    void outlasts() {
        assertThat(SensorWithTire.of(BATTERY, BATTERY, COSTS)).isEmpty();
        assertThat(SensorWithTire.of(BATTERY, BATTERY.minusDays(1), COSTS)).isEmpty();
        assertThat(SensorWithTire.of(BATTERY, BATTERY.plusDays(1), COSTS)).isPresent();
    }
}
