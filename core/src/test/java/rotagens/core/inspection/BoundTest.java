package rotagens.core.inspection;

import static org.assertj.core.api.Assertions.assertThat;
import static rotagens.core.inspection.Sample.TODAY;
import static rotagens.core.inspection.Sample.coach;
import static rotagens.core.inspection.Sample.reading;
import static rotagens.core.inspection.Sample.statement;

import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import rotagens.core.fact.Reading;
import rotagens.core.fact.ThermalState;
import rotagens.core.fact.Verdict;
import rotagens.core.planning.DueWorkFinder;
import rotagens.core.planning.WorkType;
import rotagens.core.policy.Policy;
import rotagens.core.wear.GrooveDepths;
import rotagens.core.wear.TreadInterval;

/** Where no gauge is at hand: a wear bar or a coin. */
class BoundTest {

    private static Reading looked(int daysAgo, TreadInterval bound) {
        return new Reading(
                TODAY.minusDays(daysAgo),
                "R. Halloran",
                Optional.empty(),
                Optional.empty(),
                ThermalState.UNKNOWN,
                GrooveDepths.UNMEASURED,
                Optional.empty(),
                false,
                Optional.of(bound),
                Optional.empty());
    }

    @ParameterizedTest(name = "{0}: {1} is {2}")
    @CsvSource({
        "1L,AT_OR_BELOW_2,DO_NOT_OPERATE",
        "1L,AT_OR_BELOW_4,DO_NOT_OPERATE",
        "1L,ABOVE_2,UNKNOWN",
        "1L,ABOVE_4,UNKNOWN",
        "3L,AT_OR_BELOW_2,DO_NOT_OPERATE",
        "3L,AT_OR_BELOW_4,UNKNOWN",
        "3L,ABOVE_2,UNKNOWN",
        "3L,ABOVE_4,GOOD"
    })
    @DisplayName("says what is certain against limit and pull point, and where it can't tell asks for the gauge")
    void certain(String position, TreadInterval bound, Verdict verdict) {
        assertThat(coach().readAlso(position, looked(0, bound)).judge(position).verdict())
                .isEqualTo(verdict);
    }

    @Test
    @DisplayName("is kept as an interval: it makes no tread known and leaves the wear rate alone")
    void noFigure() {
        Sample never = coach().read("3L", looked(0, TreadInterval.ABOVE_4));
        assertThat(statement(never.judge("3L"))).contains("Tread not measured");
        assertThat(never.state().at(rotagens.core.vehicle.Position.parse("3L")).wearRate())
                .isEmpty();
    }

    @Test
    @DisplayName("an alarm of bar or coin stays until all grooves are checked, whatever a later look says")
    void alarmStays() {
        Sample alarmed = coach().readAlso("3L", looked(5, TreadInterval.AT_OR_BELOW_2));
        assertThat(alarmed.readAlso("3L", looked(1, TreadInterval.ABOVE_4))
                        .judge("3L")
                        .verdict())
                .isEqualTo(Verdict.DO_NOT_OPERATE);
        assertThat(alarmed.readAlso("3L", reading(0, 90, 8, 8, 8))
                        .readAlso("3R", reading(0, 90, 8, 8, 8))
                        .judge("3L")
                        .verdict())
                .isEqualTo(Verdict.GOOD);
    }

    @Test
    @DisplayName("never clears what a gauge found")
    void clearsNothing() {
        assertThat(coach().read("3L", reading(5, 90, 2, 2, 2))
                        .readAlso("3L", looked(0, TreadInterval.ABOVE_4))
                        .judge("3L")
                        .verdict())
                .isEqualTo(Verdict.DO_NOT_OPERATE);
    }

    @Test
    @DisplayName("a limit reached by bar or coin makes the replacement due since that look")
    void dueSince() {
        assertThat(DueWorkFinder.on(
                        coach().readAlso("3L", looked(4, TreadInterval.AT_OR_BELOW_2))
                                .state(),
                        Policy.DEFAULTS,
                        TODAY))
                .anySatisfy(item -> {
                    assertThat(item.workType()).isEqualTo(WorkType.REPLACE);
                    assertThat(item.due()).isEqualTo(TODAY.minusDays(4));
                    assertThat(item.urgency()).isEqualTo(Verdict.DO_NOT_OPERATE);
                });
    }
}
