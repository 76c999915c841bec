package rotagens.core.planning;

import static org.assertj.core.api.Assertions.assertThat;
import static rotagens.core.inspection.Sample.TODAY;
import static rotagens.core.inspection.Sample.coach;
import static rotagens.core.inspection.Sample.reading;
import static rotagens.core.inspection.Sample.tire;

import java.util.List;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import rotagens.core.fact.Finding;
import rotagens.core.fact.Verdict;
import rotagens.core.inspection.Sample;
import rotagens.core.measure.Units;
import rotagens.core.policy.Policy;

class DueWorkFinderTest {

    private static List<DueItem> due(Sample sample) {
        return DueWorkFinder.on(sample.state(), Policy.DEFAULTS, TODAY);
    }

    private static DueItem one(Sample sample, WorkType kind) {
        List<DueItem> of =
                due(sample).stream().filter(item -> item.workType() == kind).toList();
        assertThat(of).as("lines of %s", kind).hasSize(1);
        return of.get(0);
    }

    @Test
    @DisplayName(
            "on a fit vehicle never weighed only that and the next checks are due, one line for all tires of a day")
    void fitVehicle() {
        List<DueItem> due = due(coach());
        assertThat(due)
                .extracting(DueItem::workType)
                .containsExactly(WorkType.WEIGH, WorkType.PRESSURE_CHECK, WorkType.TREAD_INSPECTION);
        assertThat(due.get(1).positions()).hasSize(8);
        assertThat(due.get(1).due()).isEqualTo(TODAY.minusDays(3).plusDays(30));
        assertThat(due.get(2).due()).isEqualTo(TODAY.minusDays(3).plusDays(90));
    }

    @Test
    @DisplayName("without a working sensor the gauge comes out every 14 days")
    void withoutSensors() {
        assertThat(one(coach().withoutSensors(), WorkType.PRESSURE_CHECK).due())
                .isEqualTo(TODAY.minusDays(3).plusDays(14));
    }

    @Test
    @DisplayName("a run-flat tire is due for a look inside today, never for air")
    void runFlat() {
        Sample sample = coach().read("2RO", reading(3, 76, 14, 14, 14));
        DueItem inspect = one(sample, WorkType.INSPECT_DAMAGE);
        assertThat(inspect.due()).isEqualTo(TODAY);
        assertThat(inspect.urgency()).isEqualTo(Verdict.DO_NOT_OPERATE);
        assertThat(due(sample)).extracting(DueItem::workType).doesNotContain(WorkType.SET_PRESSURE);
    }

    @Test
    @DisplayName(
            "of two grounds for one piece of work one speaks, with its own day: never the day of one under the reason of the other")
    void oneGroundSpeaks() {
        DueItem agedAndWorn = one(
                coach().fitted("3L", tire("275/70R22.5", "0512")).found("3L", 3, Finding.WEAR_BAR_FLUSH),
                WorkType.REPLACE);
        assertThat(agedAndWorn.due()).isBefore(TODAY.minusYears(1));
        assertThat(agedAndWorn.reason().statement().in(Units.US))
                .contains("limit")
                .doesNotContain("Wear bar");
        DueItem wornAndAgingSoon = one(
                coach().fitted("1L", tire("275/70R22.5", "0423")).found("1L", 3, Finding.WEAR_BAR_FLUSH),
                WorkType.REPLACE);
        assertThat(wornAndAgingSoon.due()).as("it stops the vehicle today").isEqualTo(TODAY);
        assertThat(wornAndAgingSoon.reason().statement().in(Units.US)).contains("Wear bar");
        assertThat(wornAndAgingSoon.urgency()).isEqualTo(Verdict.DO_NOT_OPERATE);
    }

    @Test
    @DisplayName("what must not roll comes first, then by day")
    void order() {
        Sample sample = coach().found("3L", 3, Finding.CAP_MISSING)
                .found("3R", 3, Finding.BULGE)
                .fitted("2RO", tire("275/70R22.5", "0521"));
        assertThat(due(sample)).isSortedAccordingTo(DueItem.MOST_URGENT_FIRST);
        assertThat(due(sample).get(0).workType()).isEqualTo(WorkType.INSPECT_DAMAGE);
        assertThat(due(sample).get(1).workType()).isEqualTo(WorkType.AGE_INSPECTION);
    }

    @Test
    @DisplayName("the earliest clock limits a tire: wear before age, age before wear")
    void limitingFactor() {
        Sample worn = coach().read("1L", reading(0, 110, 6, 6, 6), reading(200, 110, 12, 12, 12));
        assertThat(one(worn, WorkType.REPLACE).reason().rule().title()).isEqualTo("Tread forecast");
        Sample old = coach().fitted("1L", tire("275/70R22.5", "5021"));
        assertThat(one(old, WorkType.REPLACE).reason().rule().title()).isEqualTo("Steer age limit");
    }

    @Test
    @DisplayName("two tires with the same work, day and reason share a line")
    void shared() {
        Sample pair = coach().fitted("1L", tire("275/70R22.5", "5021")).fitted("1R", tire("275/70R22.5", "5021"));
        assertThat(one(pair, WorkType.REPLACE).key()).isEqualTo("REPLACE:1L+1R");
    }

    @Test
    @DisplayName("cupping asks for the shock test today, other wear since its reading")
    void wearCauses() {
        assertThat(one(coach().found("2RO", 9, Finding.CUPPING), WorkType.CORRECT_WEAR_CAUSE)
                        .due())
                .isEqualTo(TODAY);
        assertThat(one(coach().read("3L", reading(3, 90, 9, 12, 14)), WorkType.CORRECT_WEAR_CAUSE)
                        .due())
                .isEqualTo(TODAY.minusDays(3));
    }

    @Test
    @DisplayName("torn beads and deep cracks are replaced, caps put right, bulges looked at by a professional")
    void workByFinding() {
        assertThat(one(coach().found("3L", 3, Finding.BEAD_TORN), WorkType.REPLACE)
                        .urgency())
                .isEqualTo(Verdict.DO_NOT_OPERATE);
        assertThat(one(coach().found("3L", 3, Finding.CRACK_DEEP), WorkType.REPLACE)
                        .due())
                .isEqualTo(TODAY);
        assertThat(one(coach().found("3L", 3, Finding.CAP_MISSING), WorkType.FIX_DEFECT)
                        .due())
                .isEqualTo(TODAY);
        assertThat(one(coach().found("3L", 3, Finding.BULGE), WorkType.INSPECT_DAMAGE)
                        .due())
                .isEqualTo(TODAY);
    }

    @Test
    @DisplayName("what isn't known is a thing to do")
    void unknown() {
        assertThat(one(coach().fitted("3L", tire("275/70R22.5", null)), WorkType.READ_DOT)
                        .due())
                .isEqualTo(TODAY);
        assertThat(one(coach().fitted("3L", null), WorkType.RECORD_TIRE).due()).isEqualTo(TODAY);
        Sample other =
                coach().light().fitted("3L", tire("295/80R22.5", "2325")).fitted("3R", tire("295/80R22.5", "2325"));
        assertThat(one(other, WorkType.DERIVE_TARGET).workType().canBeScheduled())
                .isFalse();
    }

    @Test
    @DisplayName("a parked vehicle is to be moved every 30 days")
    void parked() {
        DueItem move = one(coach().parkedSince(TODAY.minusDays(45)), WorkType.MOVE_VEHICLE);
        assertThat(move.due()).isEqualTo(TODAY.minusDays(15));
        assertThat(move.positions()).isEmpty();
        assertThat(move.reason().explanation().in(Units.US)).contains("would need covers");
        DueItem open = one(coach().outdoors().parkedSince(TODAY.minusDays(45)), WorkType.MOVE_VEHICLE);
        assertThat(open.reason().explanation().in(Units.US)).contains("this one is outdoors", "cover its tires");
    }
}
