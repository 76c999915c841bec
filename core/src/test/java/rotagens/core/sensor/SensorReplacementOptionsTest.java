package rotagens.core.sensor;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import rotagens.core.measure.Money;
import rotagens.core.measure.Units;
import rotagens.core.sensor.SensorReplacementOptions.SensorStatus;

class SensorReplacementOptionsTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 11, 23);
    /** $80 a sensor, 30 minutes a bead, 20 a relearn, $90 an hour. */
    private static final SensorReplacementOptions.Costs PRICES =
            new SensorReplacementOptions.Costs(new Money(8_000), 30, 20, 90);

    private static SensorStatus dies(String position, int monthsFromNow) {
        return new SensorStatus(position, false, Optional.of(TODAY.plusMonths(monthsFromNow)), Optional.empty());
    }

    private static final SensorStatus DEAD = new SensorStatus("1L", true, Optional.empty(), Optional.empty());

    @Test
    @DisplayName("four of one age: one by one is four visits of $155, all at once one of $530, cheaper and safer")
    void all() {
        SensorReplacementOptions found =
                SensorReplacementOptions.of(List.of(DEAD, dies("1R", 3), dies("2L", 5), dies("2R", 6)), PRICES, TODAY);
        assertThat(found.oneNow().label()).isEqualTo("$155.00");
        assertThat(found.oneInAll().label()).isEqualTo("$620.00");
        assertThat(found.all().label()).isEqualTo("$530.00");
        assertThat(found.visits()).isEqualTo(4);
        assertThat(found.cheaper().in(Units.US)).isEqualTo("Cheaper: all at once, by $90.00 over the years.");
        assertThat(found.safer().in(Units.US)).contains("all at once", "3 more would die");
    }

    @Test
    @DisplayName("where the tires come off soon anyway, one by one is cheaper and leaves nobody without a warning")
    void withTheirTires() {
        SensorStatus withTire =
                new SensorStatus("1R", false, Optional.of(TODAY.plusMonths(10)), Optional.of(TODAY.plusMonths(8)));
        SensorReplacementOptions found =
                SensorReplacementOptions.of(List.of(DEAD, withTire, withTire, withTire), PRICES, TODAY);
        assertThat(found.oneInAll().label())
                .as("three go in with their tires, $110 each")
                .isEqualTo("$485.00");
        assertThat(found.visits()).isEqualTo(1);
        assertThat(found.cheaper().in(Units.US)).contains("one by one, by $45.00");
        assertThat(found.safer().in(Units.US)).contains("Equally safe");
    }
}
