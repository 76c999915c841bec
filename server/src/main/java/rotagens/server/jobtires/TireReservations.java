package rotagens.server.jobtires;

import java.util.List;
import java.util.OptionalLong;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import rotagens.core.planning.TireClaims;
import rotagens.core.planning.TireClaims.Claim;
import rotagens.core.planning.TireClaims.Order;
import rotagens.server.jobtires.ChosenTireStore.Chosen;
import rotagens.server.jobtires.OrderedTires.OrderedLine;
import rotagens.server.tire.StockStore;

/** Loads what open work has chosen, for the rule that no tire is promised twice. */
@Component
class TireReservations {

    private final ChosenTireStore store;
    private final OrderedTires ordered;
    private final StockStore stock;

    TireReservations(ChosenTireStore store, OrderedTires ordered, StockStore stock) {
        this.store = store;
        this.ordered = ordered;
        this.stock = stock;
    }

    TireClaims claims(List<OrderedLine> lines) {
        Set<Long> lying = stock.inStock().stream().map(StockStore.Row::id).collect(Collectors.toSet());
        return new TireClaims(
                store.open().values().stream().collect(Collectors.toMap(Chosen::itemId, TireReservations::claim)),
                lines.stream()
                        .map(line -> new Order(
                                line.id(),
                                line.left(),
                                line.arrived().stream().filter(lying::contains).toList()))
                        .toList());
    }

    TireClaims claims() {
        return claims(ordered.lines());
    }

    private static Claim claim(Chosen chosen) {
        return new Claim(optional(chosen.tireId()), optional(chosen.orderLineId()));
    }

    private static OptionalLong optional(Long id) {
        return id == null ? OptionalLong.empty() : OptionalLong.of(id);
    }
}
