package rotagens.core.planning;

import static org.assertj.core.api.Assertions.assertThat;
import static rotagens.core.inspection.Sample.TODAY;

import java.util.List;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import rotagens.core.fact.Verdict;
import rotagens.core.measure.Message;
import rotagens.core.measure.Reason;
import rotagens.core.measure.Rule;
import rotagens.core.measure.Units;
import rotagens.core.vehicle.Position;

/** When a vehicle is next wanted. */
class NextWantedTest {

    private static final NextWanted.PlannedJob JOB = new NextWanted.PlannedJob(TODAY.plusDays(3), "Re-torque");

    private static DueItem due(int inDays) {
        return new DueItem(
                WorkType.PRESSURE_CHECK,
                List.of(Position.parse("1L")),
                TODAY.plusDays(inDays),
                Verdict.UNKNOWN,
                Reason.of(Rule.PRESSURE_CURRENT, Message.of("old"), Message.of(""), Message.of(""), ""));
    }

    private static String next(List<NextWanted.PlannedJob> jobs, DueItem... due) {
        return NextWanted.of(jobs, List.of(due))
                .map(next -> next.statement(TODAY).in(Units.US))
                .orElse("");
    }

    @Test
    @DisplayName("the planned job, or what falls due before it and nobody has planned; on one day the job")
    void first() {
        assertThat(next(List.of(JOB), due(4))).isEqualTo("Nov 26, 2026, planned: Re-torque");
        assertThat(next(List.of(JOB), due(3))).isEqualTo("Nov 26, 2026, planned: Re-torque");
        assertThat(next(List.of(JOB), due(9), due(2))).isEqualTo("Nov 25, 2026: 1L Pressure check");
        assertThat(next(List.of(), due(9))).isEqualTo("Dec 2, 2026: 1L Pressure check");
        assertThat(next(List.of())).isEmpty();
    }

    @Test
    @DisplayName("what should have been done by now is overdue, never a day to look forward to; today is not")
    void overdue() {
        assertThat(next(List.of(JOB), due(-1))).isEqualTo("overdue since Nov 22, 2026: 1L Pressure check");
        assertThat(next(List.of(), due(0))).isEqualTo("Nov 23, 2026: 1L Pressure check");
    }
}
