package rotagens.core.planning;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import rotagens.core.alert.Alert;
import rotagens.core.alert.TireAlerts;
import rotagens.core.fact.Finding;
import rotagens.core.fact.TireFact;
import rotagens.core.measure.Units;
import rotagens.core.policy.Policy;
import rotagens.core.tire.DotWeek;

class TireSupplyTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 11, 30);
    private static final long RIDGELINE = 1;
    private static final long TESSALY = 2;

    private TireSupply tireSupply;

    @BeforeEach
    void shelf() {
        tireSupply = new TireSupply(
                Map.of(RIDGELINE, 3),
                Map.of(RIDGELINE, new TireSupply.IncomingTires(4, TODAY.plusDays(5))),
                Map.of(
                        RIDGELINE,
                        new TireSupply.Model("Stowmere 4", 9),
                        TESSALY,
                        new TireSupply.Model("Tessaly C2", 4)),
                TODAY);
    }

    private String waits(long model, int count) {
        return tireSupply
                .take(Map.of(model, count))
                .map(supplyDelay ->
                        supplyDelay.from() + " " + supplyDelay.statement().in(Units.US))
                .orElse("nothing");
    }

    @Test
    @DisplayName("a retread, a tire past its age or of unknown age, and one with damage on record are nobody's supply")
    void counts() {
        Optional<DotWeek> young = Optional.of(DotWeek.parse("2025", TODAY));
        Optional<DotWeek> old = Optional.of(DotWeek.parse("4016", TODAY));
        Policy.ClassPolicy policy = Policy.DEFAULTS.of("");
        List<Alert> bulge = TireAlerts.NONE
                .after(new TireFact.Found(Finding.BULGE, Optional.empty(), TODAY, "Rafe"))
                .open();
        List<Alert> cap = TireAlerts.NONE
                .after(new TireFact.Found(Finding.CAP_MISSING, Optional.empty(), TODAY, "Rafe"))
                .open();
        assertThat(TireSupply.counts(false, young, List.of(), policy, TODAY)).isTrue();
        assertThat(TireSupply.counts(false, young, cap, policy, TODAY))
                .as("a cap is put on")
                .isTrue();
        assertThat(TireSupply.counts(true, young, List.of(), policy, TODAY)).isFalse();
        assertThat(TireSupply.counts(false, old, List.of(), policy, TODAY)).isFalse();
        assertThat(TireSupply.counts(false, Optional.empty(), List.of(), policy, TODAY))
                .isFalse();
        assertThat(TireSupply.counts(false, young, bulge, policy, TODAY)).isFalse();
    }

    @Test
    @DisplayName(
            "the first job takes what lies on the shelf, the next waits for the order, the third for one still to be made")
    void promisedOnce() {
        assertThat(waits(RIDGELINE, 2)).isEqualTo("nothing");
        assertThat(waits(RIDGELINE, 4)).isEqualTo("2026-12-05 3 × Stowmere 4 on order, there by Dec 5, 2026");
        assertThat(waits(RIDGELINE, 2)).isEqualTo("2026-12-09 2 × Stowmere 4 to order today, there by Dec 9, 2026");
    }

    @Test
    @DisplayName("an order that should have come by now is expected tomorrow at the earliest, not in the past")
    void lateOrder() {
        tireSupply = new TireSupply(
                Map.of(),
                Map.of(TESSALY, new TireSupply.IncomingTires(2, TODAY.minusDays(3))),
                Map.of(TESSALY, new TireSupply.Model("Tessaly C2", 4)),
                TODAY);
        assertThat(waits(TESSALY, 2)).isEqualTo("2026-12-01 2 × Tessaly C2 on order, there by Dec 1, 2026");
    }

    @Test
    @DisplayName("to order is what is wanted less shelf and order, by the lead time before the day it is needed")
    void toOrder() {
        assertThat(tireSupply.toOrder(RIDGELINE, 7)).isZero();
        assertThat(tireSupply.toOrder(RIDGELINE, 8)).isEqualTo(1);
        assertThat(tireSupply.toOrder(TESSALY, 2)).isEqualTo(2);
        assertThat(tireSupply.orderBy(RIDGELINE, TODAY.plusDays(20))).isEqualTo(TODAY.plusDays(11));
    }

    @Test
    @DisplayName("of two orders of one model the later one decides when all are there")
    void twoOrders() {
        TireSupply.IncomingTires both =
                new TireSupply.IncomingTires(2, TODAY).and(new TireSupply.IncomingTires(3, TODAY.plusDays(2)));
        assertThat(both).isEqualTo(new TireSupply.IncomingTires(5, TODAY.plusDays(2)));
    }
}
