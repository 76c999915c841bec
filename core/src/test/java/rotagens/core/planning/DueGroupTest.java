package rotagens.core.planning;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import rotagens.core.fact.Verdict;
import rotagens.core.measure.Message;
import rotagens.core.measure.Reason;
import rotagens.core.measure.Rule;

class DueGroupTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 11, 23);

    @ParameterizedTest(name = "{0}, {1} days from today: {2}, decision needed: {3}")
    @CsvSource({
        "DO_NOT_OPERATE, 30, DO_NOT_OPERATE, true",
        "DO_NOT_OPERATE, -3, DO_NOT_OPERATE, true",
        "SERVICE_DUE, -1, DUE_NOW, true",
        "WATCH, 0, DUE_NOW, true",
        "WATCH, 1, UPCOMING, false",
        "SERVICE_DUE, 1, UPCOMING, true"
    })
    @DisplayName("what stops a vehicle stands first whatever its day; a day that has come is due now")
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
}
