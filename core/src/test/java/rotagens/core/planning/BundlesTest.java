package rotagens.core.planning;

import static org.assertj.core.api.Assertions.assertThat;
import static rotagens.core.inspection.Sample.TODAY;
import static rotagens.core.inspection.Sample.coach;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import rotagens.core.fact.Verdict;
import rotagens.core.measure.Message;
import rotagens.core.measure.Reason;
import rotagens.core.measure.Rule;
import rotagens.core.measure.Units;
import rotagens.core.policy.Policy;
import rotagens.core.rotation.LaborCosts;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Vehicle;

class BundlesTest {

    private static final Vehicle COACH = coach().state().vehicle();

    private static DueItem item(WorkType kind, LocalDate due, String... positions) {
        return new DueItem(
                kind,
                Arrays.stream(positions).map(Position::parse).toList(),
                due,
                Verdict.SERVICE_DUE,
                Reason.of(Rule.PULL_POINT, Message.of("x"), Message.of("x"), Message.of("x"), "x"));
    }

    private static Optional<Bundles.Bundle> bundle(DueItem... due) {
        return Bundles.of(COACH, List.of(due), Policy.DEFAULTS, TODAY);
    }

    @Test
    @DisplayName("a new tire and a new sensor at one wheel: it comes off and is broken down once, 60 minutes saved")
    void sharedWheel() {
        Bundles.Bundle visit = bundle(
                        item(WorkType.REPLACE, TODAY, "1L"), item(WorkType.REPLACE_SENSOR, TODAY.plusDays(10), "1L"))
                .orElseThrow();
        // Apart: 20 + 5 + 15 + 25 = 65 and 20 + 10 + 15 + 25 = 70; together 20 + 15 + 15 + 25 = 75.
        assertThat(visit.minutes()).isEqualTo(75);
        assertThat(visit.saved()).isEqualTo(60);
        assertThat(visit.lifted()).containsExactly("1L");
        assertThat(visit.forward()).extracting(DueItem::workType).containsExactly(WorkType.REPLACE_SENSOR);
    }

    @Test
    @DisplayName("work within 30 days comes along; further ahead only what shares a wheel that is off, up to 60")
    void forward() {
        DueItem first = item(WorkType.REPLACE, TODAY, "1L");
        assertThat(bundle(first, item(WorkType.TREAD_INSPECTION, TODAY.plusDays(30), "2LO")))
                .isPresent();
        assertThat(bundle(first, item(WorkType.TREAD_INSPECTION, TODAY.plusDays(31), "2LO")))
                .isEmpty();
        assertThat(bundle(first, item(WorkType.REPLACE_SENSOR, TODAY.plusDays(60), "1L")))
                .isPresent();
        assertThat(bundle(first, item(WorkType.REPLACE_SENSOR, TODAY.plusDays(61), "1L")))
                .isEmpty();
        assertThat(bundle(first, item(WorkType.REPLACE_SENSOR, TODAY.plusDays(60), "1R")))
                .isEmpty();
    }

    @Test
    @DisplayName("without any wheel to lift there is no visit to propose, and one piece of work is no bundle")
    void nothingToShare() {
        assertThat(bundle(item(WorkType.PRESSURE_CHECK, TODAY, "1L"), item(WorkType.TREAD_INSPECTION, TODAY, "1L")))
                .isEmpty();
        assertThat(bundle(item(WorkType.REPLACE, TODAY, "1L"))).isEmpty();
    }

    @Test
    @DisplayName("a rotation lifts every wheel on the axles")
    void rotation() {
        LaborEstimate time = LaborEstimate.of(WorkType.ROTATE, List.of(), COACH);
        assertThat(time.lifted()).hasSize(8);
        assertThat(time.minutes(new LaborCosts(15, 25, 95))).isEqualTo(160);
    }

    @Test
    @DisplayName("what keeps a vehicle from rolling can't be left; other work waits 180 days at most")
    void waiver() {
        DueItem plan = item(WorkType.REPLACE, TODAY.plusDays(3), "1L");
        DueItem stop = new DueItem(plan.workType(), plan.positions(), TODAY, Verdict.DO_NOT_OPERATE, plan.reason());
        assertThat(Postponement.against(stop, TODAY.plusDays(7), TODAY)
                        .orElseThrow()
                        .in(Units.US))
                .contains("Do not operate this vehicle");
        assertThat(Postponement.against(plan, TODAY.plusDays(180), TODAY)).isEmpty();
        assertThat(Postponement.against(plan, TODAY.plusDays(181), TODAY)).isPresent();
        assertThat(Postponement.against(plan, TODAY, TODAY)).isPresent();
        Postponement left = new Postponement(TODAY, "tires are on order", "Ines Okafor");
        assertThat(left.holds(TODAY)).isTrue();
        assertThat(left.holds(TODAY.plusDays(1))).isFalse();
    }
}
