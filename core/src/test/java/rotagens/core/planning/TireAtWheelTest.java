package rotagens.core.planning;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import rotagens.core.measure.Units;
import rotagens.core.planning.TireAtWheel.Source;
import rotagens.core.planning.TireAtWheel.StockTire;
import rotagens.core.tire.DotCode;
import rotagens.core.vehicle.Position;

/** The code read at the wheel is the chosen tire's, or it is said whose it is. */
class TireAtWheelTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 11, 20);

    private static DotCode code(String molded) {
        return DotCode.parse(molded, TODAY);
    }

    private static StockTire tire(long id, String molded) {
        return new StockTire(id, "R-" + id, Optional.of(code(molded)));
    }

    private static TireAtWheel read(String molded, Source source, List<StockTire> chosen, StockTire... same) {
        return TireAtWheel.of(code(molded), Position.parse("2LO"), source, chosen, "R-11, Corvane", List.of(same));
    }

    private static String wrong(TireAtWheel one) {
        return one.wrong().map(message -> message.in(Units.US)).orElse("");
    }

    @Test
    @DisplayName("the chosen tire is known by its code, by its date alone, or where nobody ever read its code")
    void itIs() {
        assertThat(read("3CT2XR5M0126", Source.STOCK, List.of(tire(11, "3CT2XR5M0126")))
                        .tire())
                .contains(11L);
        assertThat(read("0126", Source.STOCK, List.of(tire(11, "3CT2XR5M0126"))).tire())
                .contains(11L);
        assertThat(read("3CT2XR5M0126", Source.STOCK, List.of(new StockTire(11, "R-11", Optional.empty())))
                        .tire())
                .contains(11L);
    }

    @Test
    @DisplayName("another code is another tire, with what to do about it")
    void another() {
        TireAtWheel other = read("3CT2XR5M0226", Source.STOCK, List.of(tire(11, "3CT2XR5M0126")));
        assertThat(other.tire()).isEmpty();
        assertThat(wrong(other)).startsWith("Chosen for 2LO: R-11, Corvane. This is another tire");
    }

    @Test
    @DisplayName("of an order only what was received may go on; of two that came, the one with the code read")
    void fromOrder() {
        assertThat(wrong(read("3CT2XR5M0126", Source.ORDERED, List.of()))).contains("Receive it under Stock first");
        assertThat(read("3CT2XR5M0226", Source.ORDERED, List.of(tire(11, "3CT2XR5M0126"), tire(12, "3CT2XR5M0226")))
                        .tire())
                .contains(12L);
    }

    @Test
    @DisplayName(
            "a tire to buy isn't on file; where one in stock carries the code, it is the one, and was never checked")
    void bought() {
        assertThat(read("3CT2XR5M0126", Source.TO_BUY, List.of()))
                .isEqualTo(new TireAtWheel(Optional.empty(), Optional.empty()));
        assertThat(wrong(read("3CT2XR5M0126", Source.TO_BUY, List.of(), tire(12, "3CT2XR5M0126"))))
                .startsWith("R-12 in stock carries this code. Choose it for this work first");
    }
}
