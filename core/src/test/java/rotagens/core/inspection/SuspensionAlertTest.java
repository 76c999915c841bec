package rotagens.core.inspection;

import static org.assertj.core.api.Assertions.assertThat;
import static rotagens.core.inspection.Sample.TODAY;
import static rotagens.core.inspection.Sample.coach;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import rotagens.core.alert.SuspensionAlert;
import rotagens.core.fact.SuspensionFact;
import rotagens.core.fact.Verdict;
import rotagens.core.jobsheet.VisitEntryType;
import rotagens.core.measure.Rule;
import rotagens.core.measure.Units;
import rotagens.core.planning.DueItem;
import rotagens.core.planning.DueWorkFinder;
import rotagens.core.planning.SignOff;
import rotagens.core.planning.WorkType;
import rotagens.core.policy.Policy;

/** A joint, a shock, a ride height or an alignment over its limit is a fact of the vehicle until it is measured within it. */
class SuspensionAlertTest {

    private static List<SuspensionFact> noted(int daysAgo, VisitEntryType line, Map<String, String> values) {
        return line.facts(values, TODAY.minusDays(daysAgo), "R. Halloran");
    }

    private static List<SuspensionFact> joint(int daysAgo, String joint, String play) {
        return noted(daysAgo, VisitEntryType.JOINT_PLAY, Map.of("joint", joint, "play", play, "limit", "0.05 in"));
    }

    private static List<SuspensionFact> toe(int daysAgo, String toe) {
        return noted(
                daysAgo,
                VisitEntryType.ALIGNMENT_AFTER,
                Map.of("toe", toe, "toeLeast", "0°", "toeMost", "0.2°", "axle", "1"));
    }

    @SafeVarargs
    private static VehicleState coachWith(List<SuspensionFact>... oldestFirst) {
        List<SuspensionFact> all = new ArrayList<>();
        List.of(oldestFirst).forEach(all::addAll);
        return coach().state().with(SuspensionAlert.fold(all));
    }

    private static List<DueItem> due(VehicleState vehicle, WorkType kind) {
        return DueWorkFinder.on(vehicle, Policy.DEFAULTS, TODAY).stream()
                .filter(item -> item.workType() == kind)
                .toList();
    }

    @Test
    @DisplayName("play over the limit keeps the vehicle off the road, makes its repair due, and says figure and limit")
    void joint() {
        VehicleState vehicle = coachWith(joint(3, "Ball joint, left", "0.09 in"));
        assertThat(SuspensionCheck.check(vehicle)).singleElement().satisfies(reason -> {
            assertThat(reason.verdict()).isEqualTo(Verdict.DO_NOT_OPERATE);
            assertThat(reason.reason().rule()).isEqualTo(Rule.SUSPENSION_LIMIT);
            assertThat(reason.reason().statement().in(Units.US))
                    .isEqualTo("Ball joint, left: play 0.09 in on Nov 20, 2026");
            assertThat(reason.reason().limit().in(Units.US)).isEqualTo("0.05 in");
        });
        assertThat(due(vehicle, WorkType.REPAIR_SUSPENSION)).singleElement().satisfies(item -> {
            assertThat(item.urgency()).isEqualTo(Verdict.DO_NOT_OPERATE);
            assertThat(item.due()).isEqualTo(TODAY.minusDays(3));
        });
        assertThat(due(vehicle, WorkType.ALIGN)).isEmpty();
    }

    @Test
    @DisplayName("a later figure of the same joint within its limit clears it, of another joint it doesn't")
    void cleared() {
        assertThat(coachWith(joint(3, "Ball joint, left", "0.09 in"), joint(0, "ball joint left", "0.02 in"))
                        .suspension())
                .isEmpty();
        assertThat(coachWith(joint(3, "Ball joint, left", "0.09 in"), joint(0, "Ball joint, right", "0.02 in"))
                        .suspension())
                .hasSize(1);
    }

    @Test
    @DisplayName("measured again and still over, it is open since the first figure and shows the newest")
    void since() {
        assertThat(coachWith(joint(9, "Tie rod", "0.07 in"), joint(1, "Tie rod", "0.08 in"))
                        .suspension())
                .singleElement()
                .satisfies(alert -> {
                    assertThat(alert.since()).isEqualTo(TODAY.minusDays(9));
                    assertThat(alert.statement().in(Units.US)).isEqualTo("Tie rod: play 0.08 in on Nov 22, 2026");
                });
    }

    @Test
    @DisplayName("an alignment outside its limits makes an alignment due, and ends with one within")
    void alignment() {
        assertThat(due(coachWith(toe(2, "0.5°")), WorkType.ALIGN))
                .singleElement()
                .satisfies(item -> {
                    assertThat(item.urgency()).isEqualTo(Verdict.SERVICE_DUE);
                    assertThat(item.reason().statement().in(Units.US))
                            .isEqualTo("Alignment of axle 1: total toe 0.5° on Nov 21, 2026");
                });
        assertThat(due(coachWith(toe(2, "0.5°"), toe(0, "0.1°")), WorkType.ALIGN))
                .isEmpty();
    }

    @Test
    @DisplayName("a worn shock is planned, not a reason to stop; so is a ride height outside its range")
    void shocks() {
        VehicleState vehicle = coachWith(
                noted(1, VisitEntryType.SHOCK_TEST, Map.of("rearRight", "3", "rearLeft", "2")),
                noted(
                        0,
                        VisitEntryType.RIDE_HEIGHT_AFTER,
                        Map.of("frontLeft", "18.5 in", "frontLeast", "19 in", "frontMost", "20 in")));
        assertThat(SuspensionCheck.check(vehicle))
                .extracting(reason -> reason.reason().statement().in(Units.US))
                .containsExactly(
                        "Shock rear right: 3 swings on Nov 22, 2026", "Ride height front left 18.5 in on Nov 23, 2026");
        assertThat(due(vehicle, WorkType.REPAIR_SUSPENSION))
                .singleElement()
                .satisfies(item -> assertThat(item.urgency()).isEqualTo(Verdict.SERVICE_DUE));
    }

    @ParameterizedTest
    @EnumSource(
            value = WorkType.class,
            names = {"CORRECT_WEAR_CAUSE", "REPAIR_SUSPENSION"})
    @DisplayName("the job that corrects it isn't signed off by words while the joint is over its limit")
    void keepsTheJobOpen(WorkType kind) {
        assertThat(SignOff.refuses(coachWith(joint(0, "Tie rod", "0.08 in")), kind)
                        .orElseThrow()
                        .in(Units.US))
                .isEqualTo(
                        "Tie rod: play 0.08 in on Nov 23, 2026, limit 0.05 in. Measure it again on the visit’s page: words alone don’t complete it.");
        assertThat(SignOff.refuses(coachWith(joint(1, "Tie rod", "0.08 in"), joint(0, "Tie rod", "0.01 in")), kind))
                .isEmpty();
    }

    @Test
    @DisplayName("an alignment isn't held up by a joint, nor a joint's repair by an alignment; other work by neither")
    void eachItsOwn() {
        assertThat(SignOff.refuses(coachWith(joint(0, "Tie rod", "0.08 in")), WorkType.ALIGN))
                .isEmpty();
        assertThat(SignOff.refuses(coachWith(toe(0, "0.5°")), WorkType.REPAIR_SUSPENSION))
                .isEmpty();
        assertThat(SignOff.refuses(coachWith(toe(0, "0.5°")), WorkType.ALIGN)).isPresent();
        assertThat(SignOff.refuses(coachWith(toe(0, "0.5°")), WorkType.PRESSURE_CHECK))
                .isEmpty();
    }

    @Test
    @DisplayName("a toe within its limits clears no camber outside its own: each angle by itself")
    void eachAngle() {
        List<SuspensionFact> camber = noted(
                2,
                VisitEntryType.ALIGNMENT_BEFORE,
                Map.of("camberLeft", "-2°", "camberLeast", "-1°", "camberMost", "0.5°", "axle", "1"));
        assertThat(coachWith(camber, toe(0, "0.1°")).suspension())
                .singleElement()
                .satisfies(alert -> assertThat(alert.statement().in(Units.US))
                        .isEqualTo("Alignment of axle 1: camber left -2° on Nov 21, 2026"));
    }

    @Test
    @DisplayName("an alignment isn't signed off before one within its limits was measured in its visit")
    void measuredInVisit() {
        assertThat(SignOff.refusesUnaligned(WorkType.ALIGN, List.of())).isPresent();
        assertThat(SignOff.refusesUnaligned(WorkType.ALIGN, toe(0, "0.5°"))).isPresent();
        assertThat(SignOff.refusesUnaligned(WorkType.ALIGN, toe(0, "0.1°"))).isEmpty();
        assertThat(SignOff.refusesUnaligned(WorkType.PRESSURE_CHECK, List.of())).isEmpty();
    }
}
