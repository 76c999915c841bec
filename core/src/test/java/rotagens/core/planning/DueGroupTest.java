package rotagens.core.planning;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import rotagens.core.fact.Verdict;
import rotagens.core.measure.Message;
import rotagens.core.measure.Reason;
import rotagens.core.measure.Rule;
import rotagens.core.vehicle.Position;

class DueGroupTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 11, 23);

    @ParameterizedTest(name = "{0}, {1} days from today: {2}, decision needed: {3}")
    @CsvSource({
        "DO_NOT_OPERATE, 30, DO_NOT_OPERATE, true",
        "DO_NOT_OPERATE, -3, DO_NOT_OPERATE, true",
        "SERVICE_DUE, -1, OVERDUE, true",
        "WATCH, 0, THIS_WEEK, true",
        "WATCH, 1, THIS_WEEK, false",
        "SERVICE_DUE, 6, THIS_WEEK, true",
        "WATCH, 7, NEXT_30_DAYS, false",
        "WATCH, 30, NEXT_30_DAYS, false",
        "WATCH, 31, LATER, false"
    })
    @DisplayName("what stops a vehicle stands first whatever its day; only a day that has passed is overdue")
    void groups(Verdict urgency, int days, DueGroup group, boolean needsDecision) {
        DueItem item = new DueItem(
                WorkType.REPLACE,
                List.of(),
                TODAY.plusDays(days),
                urgency,
                Reason.of(Rule.PULL_POINT, Message.of("x"), Message.of("x"), Message.of("x"), "x"));
        assertThat(DueGroup.of(item, TODAY)).isEqualTo(group);
        assertThat(item.needsDecision(TODAY)).isEqualTo(needsDecision);
    }

    @Test
    @DisplayName("work on every tire says so in three words; on some, their positions; on the vehicle, nothing")
    void places() {
        List<Position> four =
                Stream.of("1L", "1R", "2L", "2R").map(Position::parse).toList();
        assertThat(on(four).places(four)).isEqualTo("all 4 tires");
        assertThat(on(four.subList(0, 2)).places(four)).isEqualTo("1L 1R");
        assertThat(on(four.subList(0, 1)).places(four.subList(0, 1))).isEqualTo("1L");
        assertThat(on(List.of()).places(four)).isEmpty();
        assertThat(on(four).places(List.of())).isEqualTo("1L 1R 2L 2R");
    }

    private static DueItem on(List<Position> positions) {
        return new DueItem(
                WorkType.PRESSURE_CHECK,
                positions,
                TODAY,
                Verdict.WATCH,
                Reason.of(Rule.PULL_POINT, Message.of("x"), Message.of("x"), Message.of("x"), "x"));
    }
}
