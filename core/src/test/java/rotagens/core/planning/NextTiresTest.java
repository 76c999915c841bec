package rotagens.core.planning;

import static org.assertj.core.api.Assertions.assertThat;
import static rotagens.core.inspection.Sample.TODAY;
import static rotagens.core.inspection.Sample.coach;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import rotagens.core.fact.Verdict;
import rotagens.core.inspection.VehicleState;
import rotagens.core.measure.Message;
import rotagens.core.measure.Money;
import rotagens.core.measure.Reason;
import rotagens.core.measure.Rule;
import rotagens.core.measure.Units;
import rotagens.core.policy.Policy;
import rotagens.core.vehicle.Position;

/** When a vehicle is next wanted for tires, and what that costs. */
class NextTiresTest {

    private static final VehicleState COACH = coach().state();

    private static DueItem due(WorkType kind, int inDays, String... positions) {
        return new DueItem(
                kind,
                List.of(positions).stream().map(Position::parse).toList(),
                TODAY.plusDays(inDays),
                Verdict.SERVICE_DUE,
                Reason.of(Rule.AGE_OVERALL, Message.of("old"), Message.of(""), Message.of(""), ""));
    }

    private static Optional<NextTires> next(DueItem... due) {
        return NextTires.of(
                List.of(due),
                COACH.vehicle(),
                position -> position.code().equals("2LI") ? Optional.empty() : Optional.of(new Money(40_000)),
                Policy.DEFAULTS);
    }

    @Test
    @DisplayName("tires that fall due within 30 days of the first are one visit, a later one isn't, other work neither")
    void together() {
        NextTires next = next(
                        due(WorkType.REPLACE, 60, "1R"),
                        due(WorkType.REPLACE, 30, "1L"),
                        due(WorkType.REPLACE, 61, "2LO"),
                        due(WorkType.PRESSURE_CHECK, 1, "1L"))
                .orElseThrow();
        assertThat(next.by()).isEqualTo(TODAY.plusDays(30));
        assertThat(next.positions()).extracting(Position::code).containsExactly("1L", "1R");
        // Two at $400; 20 min in and out, 2 × (15 + 25) at the wheel, 2 × 5 beside it: 110 min at $95 an hour.
        assertThat(next.cents()).isEqualTo(80_000 + 17_417);
        assertThat(next.statement(TODAY).in(Units.US))
                .isEqualTo("2 tires by Dec 23, 2026 at 1L, 1R, about $974 with labor");
    }

    @Test
    @DisplayName("a tire without a price is counted and said to be left out of the sum; a day gone by is called so")
    void unpriced() {
        assertThat(next(due(WorkType.REPLACE, -5, "2LI"))
                        .orElseThrow()
                        .statement(TODAY)
                        .in(Units.US))
                .isEqualTo(
                        "1 tire due since Nov 18, 2026 at 2LI, about $103 with labor; 1 without a price in the catalog");
    }

    @Test
    @DisplayName("where no tire falls due there is none")
    void none() {
        assertThat(next(due(WorkType.PRESSURE_CHECK, 1, "1L"))).isEmpty();
    }
}
