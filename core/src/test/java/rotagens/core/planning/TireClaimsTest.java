package rotagens.core.planning;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import rotagens.core.measure.Message;
import rotagens.core.measure.Units;
import rotagens.core.planning.TireClaims.Claim;
import rotagens.core.planning.TireClaims.Order;

/** No tire is promised twice, on its way or just come in. */
class TireClaimsTest {

    private static final long LINE = 70;

    private static String said(Optional<Message> taken) {
        return taken.map(message -> message.in(Units.US)).orElse("free");
    }

    @Test
    @DisplayName("a tire in stock is reserved for the work that chose it, and only for others")
    void inStock() {
        TireClaims claims = new TireClaims(Map.of(1L, Claim.ofTire(11)), List.of());
        assertThat(said(claims.tireTaken(11, 1))).isEqualTo("free");
        assertThat(said(claims.tireTaken(11, 2))).isEqualTo("Reserved for other work");
        assertThat(said(claims.tireTaken(12, 2))).isEqualTo("free");
    }

    @Test
    @DisplayName("two tires on order are two pieces of work, not three")
    void twoOfAnOrder() {
        TireClaims one = new TireClaims(Map.of(1L, Claim.ofOrder(LINE)), List.of(new Order(LINE, 2, List.of())));
        assertThat(said(one.orderTaken(LINE, 2))).isEqualTo("free");
        TireClaims two = new TireClaims(
                Map.of(1L, Claim.ofOrder(LINE), 2L, Claim.ofOrder(LINE)), List.of(new Order(LINE, 2, List.of())));
        assertThat(said(two.orderTaken(LINE, 3))).isEqualTo("Every tire of this order is chosen for other work");
        assertThat(said(two.orderTaken(LINE, 2))).as("its own choice").isEqualTo("free");
    }

    @Test
    @DisplayName("the one that came isn't taken off the shelf from the work that waits for it")
    void cameForOther() {
        Order came = new Order(LINE, 0, List.of(11L, 12L));
        TireClaims one = new TireClaims(Map.of(1L, Claim.ofOrder(LINE)), List.of(came));
        assertThat(said(one.tireTaken(12, 2))).as("one of two is free").isEqualTo("free");
        TireClaims two = new TireClaims(Map.of(1L, Claim.ofOrder(LINE), 2L, Claim.ofTire(11)), List.of(came));
        assertThat(said(two.tireTaken(12, 3))).isEqualTo("Came for other work that waits for its order");
        assertThat(said(two.tireTaken(12, 1))).as("it waits itself").isEqualTo("free");
        assertThat(said(two.orderTaken(LINE, 3))).isEqualTo("Every tire of this order is chosen for other work");
    }

    @Test
    @DisplayName("an order that was withdrawn has nothing to wait for")
    void withdrawn() {
        TireClaims claims = new TireClaims(Map.of(), List.of(new Order(LINE, 0, List.of())));
        assertThat(said(claims.orderTaken(LINE, 1))).isEqualTo("Nothing of this order is still to come");
        assertThat(said(claims.orderTaken(71, 1))).isEqualTo("Nothing of this order is still to come");
    }
}
