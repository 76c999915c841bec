package rotagens.core.inspection;

import static org.assertj.core.api.Assertions.assertThat;
import static rotagens.core.inspection.Sample.TODAY;
import static rotagens.core.inspection.Sample.coach;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import rotagens.core.alert.CornerAlert;
import rotagens.core.fact.CornerFact;
import rotagens.core.fact.CornerFact.Type;
import rotagens.core.fact.Verdict;
import rotagens.core.measure.Rule;
import rotagens.core.measure.Units;
import rotagens.core.planning.DueItem;
import rotagens.core.planning.DueWorkFinder;
import rotagens.core.planning.SignOff;
import rotagens.core.planning.WorkType;
import rotagens.core.policy.Policy;

/** The dash may name the wrong corner from the day a sensor moved until a relearn is proven. */
class CornerAlertTest {

    private static CornerFact fact(int daysAgo, Type type, String words) {
        return new CornerFact(TODAY.minusDays(daysAgo), "R. Halloran", type, words);
    }

    private static final CornerFact MOVED = fact(9, Type.CHANGED, "Sensor moved to 1R with its wheel");

    private static VehicleState coachWith(CornerFact... oldestFirst) {
        return coach().state().with(CornerAlert.fold(List.of(oldestFirst)));
    }

    private static Optional<DueItem> relearn(VehicleState vehicle) {
        return DueWorkFinder.on(vehicle, Policy.DEFAULTS, TODAY).stream()
                .filter(item -> item.workType() == WorkType.RELEARN)
                .findFirst();
    }

    @Test
    @DisplayName(
            "a sensor that moved or was replaced puts every corner in doubt: watched at each, a relearn due since that day")
    void opened() {
        VehicleState vehicle = coachWith(MOVED);
        vehicle.tires()
                .keySet()
                .forEach(at -> assertThat(TireAssessor.judge(vehicle, at, Policy.DEFAULTS, TODAY)
                                .reasons())
                        .as(at.code())
                        .anyMatch(verdictReason -> verdictReason.verdict() == Verdict.WATCH
                                && verdictReason.reason().rule() == Rule.CORNERS));
        DueItem due = relearn(vehicle).orElseThrow();
        assertThat(due.due()).isEqualTo(LocalDate.of(2026, 11, 14));
        assertThat(due.reason().statement().in(Units.US))
                .isEqualTo("Sensor moved to 1R with its wheel on Nov 14, 2026");
    }

    @ParameterizedTest
    @EnumSource(names = {"CHANGED", "SWAPPED", "ABANDONED"})
    @DisplayName("only a proven relearn clears it, and whatever comes after that opens it again")
    void cleared(Type later) {
        CornerFact proven = fact(2, Type.PROVEN, "Relearn finished");
        assertThat(CornerAlert.fold(List.of(MOVED, fact(3, later, "later")))).isPresent();
        assertThat(CornerAlert.fold(List.of(MOVED, fact(3, later, "later"), proven)))
                .isEmpty();
        assertThat(CornerAlert.fold(List.of(proven, fact(1, later, "later"))))
                .hasValueSatisfying(open -> assertThat(open.since()).isEqualTo(TODAY.minusDays(1)));
    }

    @Test
    @DisplayName("swapped sensors are said with their own day, due since the day the alert was opened")
    void swapped() {
        CornerAlert open = CornerAlert.fold(List.of(MOVED, fact(1, Type.SWAPPED, "Swapped sensors at 1L, 1R")))
                .orElseThrow();
        assertThat(open.since()).isEqualTo(TODAY.minusDays(9));
        assertThat(open.statement().in(Units.US)).isEqualTo("Swapped sensors at 1L, 1R on Nov 22, 2026");
        assertThat(SensorCheck.reason(open).explanation().in(Units.US)).startsWith("The dash names the wrong corner.");
    }

    @Test
    @DisplayName("a relearn isn't signed off by words while the corners are in doubt, other work is")
    void signedOff() {
        assertThat(SignOff.refuses(coachWith(MOVED), WorkType.RELEARN))
                .hasValueSatisfying(why -> assertThat(why.in(Units.US)).contains("Finish the relearn"));
        assertThat(SignOff.refuses(coachWith(MOVED), WorkType.SET_PRESSURE)).isEmpty();
        assertThat(SignOff.refuses(coachWith(), WorkType.RELEARN)).isEmpty();
    }

    @Test
    @DisplayName("a vehicle without working sensors has no dash to be wrong")
    void withoutSensors() {
        VehicleState vehicle = coach().withoutSensors().state().with(CornerAlert.fold(List.of(MOVED)));
        assertThat(relearn(vehicle)).isEmpty();
    }
}
