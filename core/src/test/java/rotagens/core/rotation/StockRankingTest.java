package rotagens.core.rotation;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import rotagens.core.alert.TireAlerts;
import rotagens.core.tire.DotWeek;
import rotagens.core.tire.Tire;
import rotagens.core.tire.TireModel;

class StockRankingTest {

    private static Tire tire(long id, TireModel model, String dot) {
        return new Tire(
                id,
                model,
                Optional.ofNullable(dot).map(stamp -> DotWeek.parse(stamp, Rack.TODAY)),
                false,
                Optional.empty());
    }

    private static CandidateTire inStock(long id, TireModel model, String dot) {
        return new CandidateTire(
                id,
                "stock " + id,
                tire(id, model, dot),
                CandidateTire.TireSource.STOCK,
                Optional.empty(),
                List.of(),
                TireAlerts.NONE,
                Optional.empty(),
                Optional.empty());
    }

    @Test
    @DisplayName("the vehicle's own model first, then its own yard, then the oldest week; an unknown week comes last")
    void order() {
        List<CandidateTire> stock = List.of(
                inStock(1, Rack.LUG, "0124"),
                inStock(2, Rack.RIB, null),
                inStock(3, Rack.RIB, "2025"),
                inStock(4, Rack.RIB, "1024"),
                inStock(5, Rack.RIB, "3025"));
        assertThat(StockRanking.of(stock, List.of(tire(9, Rack.RIB, "0126")), one -> one.id() == 5))
                .extracting(CandidateTire::id)
                .containsExactly(5L, 4L, 3L, 2L, 1L);
    }
}
