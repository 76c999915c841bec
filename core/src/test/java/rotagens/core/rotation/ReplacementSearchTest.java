package rotagens.core.rotation;

import static org.assertj.core.api.Assertions.assertThat;
import static rotagens.core.rotation.Rack.LUG;
import static rotagens.core.rotation.Rack.RIB;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import rotagens.core.measure.Rule;
import rotagens.core.measure.Units;
import rotagens.core.vehicle.Position;

class ReplacementSearchTest {

    private static Rack shuttle() {
        return Rack.shuttle()
                .fit("1L", RIB, "0126", 14)
                .fit("1R", RIB, "0126", 14)
                .fit("2LO", RIB, "0124", 11)
                .fit("2LI", RIB, "0124", 10)
                .fit("2RI", RIB, "0124", 10)
                .fit("2RO", RIB, "0124", 11);
    }

    private static ReplacementSearch replace(Rack rack, String... codes) {
        return ReplacementSearch.of(
                rack.bench(), Stream.of(codes).map(Position::parse).toList());
    }

    private static List<String> names(ReplacementSearch.ReplacementOption replacementOption) {
        return replacementOption.fits().stream()
                .map(tireMatch -> tireMatch.tire().name())
                .toList();
    }

    @Test
    @DisplayName(
            "the stock tire nearest in tread to its mate and the opposite one comes first, the next one is told with the figure")
    void nearest() {
        Rack rack = shuttle().stock(RIB, "0125", 13).stock(RIB, "0125", 10).canBuy(RIB);
        ReplacementSearch found = replace(rack, "2RI");
        assertThat(names(found.best().orElseThrow())).containsExactly("LM8");
        assertThat(names(found.runnerUp().orElseThrow())).containsExactly("LM7");
        assertThat(found.reason().orElseThrow().in(Units.US))
                .isEqualTo("Tread 0/32 in from the opposite tire, the runner-up 3/32 in.");
        assertThat(found.best().orElseThrow().fits().get(0).label())
                .extracting(words -> words.in(Units.US))
                .containsExactly("tread 0/32 in from 2LI", "0.06 in smaller than its mate 2RO");
        assertThat(found.best().orElseThrow().arrangement().at(Position.parse("2RO")))
                .hasValueSatisfying(stays -> assertThat(stays.name()).isEqualTo("2RO"));
    }

    @Test
    @DisplayName("what lies in stock and fits comes before what has to be bought, however new that is")
    void stockBeforeBuying() {
        ReplacementSearch found = replace(shuttle().stock(RIB, "0125", 12).canBuy(RIB), "1R");
        assertThat(names(found.best().orElseThrow())).containsExactly("LM7");
        assertThat(found.reason().orElseThrow().in(Units.US)).contains("would have to be bought");
    }

    @Test
    @DisplayName("where nothing in stock may go there the rule is said for each tire, and a new one is proposed")
    void nothingInStock() {
        ReplacementSearch found = replace(
                shuttle().stock(LUG, "0125", 14).stockRetread(RIB, "0125", 14).canBuy(RIB), "1R");
        assertThat(names(found.best().orElseThrow())).containsExactly("new Tessaly C2");
        assertThat(found.runnerUp()).isEmpty();
        assertThat(found.rejected())
                .extracting(rejectedTire -> rejectedTire.reason().reason().rule())
                .containsExactly(Rule.PATTERN_MATCH, Rule.RETREAD_STEER);
    }

    @Test
    @DisplayName("with nothing in stock and nothing to buy there is no best, and nothing else is moved instead")
    void nothing() {
        ReplacementSearch found = replace(shuttle(), "2LO");
        assertThat(found.best()).isEmpty();
        assertThat(found.rejected()).isEmpty();
    }

    @Test
    @DisplayName("two replaced at once are matched to each other: a pair for steer, each tire used once")
    void pair() {
        Rack rack = shuttle()
                .stock(RIB, "0125", 15)
                .stock(RIB, "0125", 11)
                .stock(RIB, "0125", 12)
                .stock(RIB, "0125", 8);
        ReplacementSearch found = replace(rack, "1L", "1R");
        assertThat(names(found.best().orElseThrow())).containsExactlyInAnyOrder("LM8", "LM9");
    }

    @Test
    @DisplayName("where two match alike the older one goes first")
    void olderFirst() {
        ReplacementSearch found = replace(shuttle().stock(RIB, "0126", 10).stock(RIB, "0125", 10), "2LI");
        assertThat(names(found.best().orElseThrow())).containsExactly("LM8");
        assertThat(found.reason().orElseThrow().in(Units.US)).contains("older", "DOT 0125 against DOT 0126");
    }
}
