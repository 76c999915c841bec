package rotagens.core.inspection;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import rotagens.core.measure.Distance;
import rotagens.core.measure.Units;
import rotagens.core.vehicle.OdometerHistory;
import rotagens.core.vehicle.OdometerHistory.Replacement;
import rotagens.core.vehicle.OdometerHistory.Shown;

class OdometerCheckTest {

    private static Shown read(int day, double miles) {
        return new Shown(Instant.parse("2026-11-0%dT12:00:00Z".formatted(day)), Distance.miles(miles));
    }

    private static String said(OdometerHistory history, Shown before, Shown now, Shown after) {
        return OdometerCheck.backwards(history, Optional.ofNullable(before), now, Optional.ofNullable(after))
                .map(why -> why.in(Units.METRIC))
                .orElse("fits");
    }

    @Test
    @DisplayName("a reading fits between its neighbors, equal to one of them too, and alone")
    void fits() {
        assertThat(said(OdometerHistory.ONE, read(1, 100), read(2, 100), read(3, 100)))
                .isEqualTo("fits");
        assertThat(said(OdometerHistory.ONE, read(1, 100), read(2, 150), read(3, 200)))
                .isEqualTo("fits");
        assertThat(said(OdometerHistory.ONE, null, read(2, 150), null)).isEqualTo("fits");
    }

    @Test
    @DisplayName("less than before and more than after are refused by the figure as it was entered")
    void refused() {
        assertThat(said(OdometerHistory.ONE, read(1, 100), read(2, 99), null))
                .startsWith("Less than the last reading, 100 mi");
        assertThat(said(OdometerHistory.ONE, null, read(2, 201), read(3, 200)))
                .startsWith("More than was read later, 200 mi");
    }

    @Test
    @DisplayName("across a replaced odometer nothing runs backwards")
    void replaced() {
        OdometerHistory two =
                new OdometerHistory(List.of(new Replacement(read(2, 0).at(), Distance.miles(100), Distance.miles(0))));
        assertThat(said(two, read(1, 100), read(3, 5), null)).isEqualTo("fits");
    }
}
