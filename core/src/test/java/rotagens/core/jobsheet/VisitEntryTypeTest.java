package rotagens.core.jobsheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Map;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import rotagens.core.fact.Verdict;
import rotagens.core.measure.Units;

class VisitEntryTypeTest {

    private static final LocalDate DAY = LocalDate.of(2026, 11, 23);

    private static StepInput.InputResult read(VisitEntryType entry, Map<String, String> typed) {
        return entry.input(1).read(typed, Units.US);
    }

    @Test
    @DisplayName("ride height stands as entered, and what changed stands beside it in the unit it was measured in")
    void rideHeight() {
        StepInput.InputResult before =
                read(VisitEntryType.RIDE_HEIGHT_BEFORE, Map.of("frontLeft", "18.5", "frontRight", "19 in"));
        StepInput.InputResult after = read(
                VisitEntryType.RIDE_HEIGHT_AFTER,
                Map.of("frontLeft", "19", "rearLeft", "480 mm", "frontLeast", "18.9", "frontMost", "19.5"));
        assertThat(before.statement().in(Units.US)).isEqualTo("front left 18.5 in, front right 19 in");
        assertThat(VisitEntryType.RIDE_HEIGHT_AFTER.changes(before.recordedValues(), after.recordedValues()))
                .containsExactly(new VisitEntryType.BeforeAfter("Front left", "18.5 in", "19 in", "+0.5 in"));
        assertThat(VisitEntryType.RIDE_HEIGHT_AFTER.changes(Map.of("rearLeft", "492 mm"), after.recordedValues()))
                .extracting(VisitEntryType.BeforeAfter::difference)
                .containsExactly("−12 mm");
        assertThat(VisitEntryType.RIDE_HEIGHT_AFTER.before()).contains(VisitEntryType.RIDE_HEIGHT_BEFORE);
    }

    @Test
    @DisplayName("alignment is kept in degrees before and after; a figure no wheel is set at is refused at its field")
    void alignment() {
        StepInput.InputResult before =
                read(VisitEntryType.ALIGNMENT_BEFORE, Map.of("toe", "0.55°", "camberLeft", "−0.50"));
        StepInput.InputResult after = read(
                VisitEntryType.ALIGNMENT_AFTER,
                Map.of("toe", "+0.10", "camberLeft", "-0.50", "toeLeast", "0", "toeMost", "0.2"));
        assertThat(VisitEntryType.ALIGNMENT_AFTER.changes(before.recordedValues(), after.recordedValues()))
                .extracting(VisitEntryType.BeforeAfter::difference)
                .containsExactly("−0.45°", "0°");
        assertThat(read(VisitEntryType.ALIGNMENT_BEFORE, Map.of("toe", "45"))
                        .errors()
                        .get("toe"))
                .contains("20°");
        assertThat(read(VisitEntryType.ALIGNMENT_BEFORE, Map.of()).errors().get("toe"))
                .contains("total toe");
    }

    @ParameterizedTest
    @CsvSource({"0.05,false", "0.06,true", "1.3 mm,true", "1.2 mm,false"})
    @DisplayName("play over the manufacturer's limit of 0.05 in is a concern, at the limit it isn't")
    void jointPlay(String play, boolean over) {
        StepInput.InputResult found =
                read(VisitEntryType.JOINT_PLAY, Map.of("joint", "ball joint left", "play", play, "limit", "0.05"));
        assertThat(found.outside().isPresent()).isEqualTo(over);
        assertThat(read(VisitEntryType.JOINT_PLAY, Map.of("play", play)).errors())
                .containsKeys("joint", "limit");
    }

    @Test
    @DisplayName("a corner that swings three times has a worn shock, two swings pass")
    void shocks() {
        StepInput.InputResult worn = read(VisitEntryType.SHOCK_TEST, Map.of("frontLeft", "2", "rearRight", "3"));
        assertThat(worn.outside().orElseThrow().in(Units.US)).startsWith("Swings on rear right:");
        assertThat(read(VisitEntryType.SHOCK_TEST, Map.of("frontLeft", "2")).passes())
                .isTrue();
        assertThat(read(VisitEntryType.SHOCK_TEST, Map.of("frontLeft", "soft"))
                        .errors()
                        .get("frontLeft"))
                .contains("0 to 9");
    }

    @Test
    @DisplayName("an outside shop's work says what was promised and what came, and asks for the shop")
    void outsideShop() {
        StepInput.InputResult line = read(
                VisitEntryType.OUTSIDE_SHOP,
                Map.of("vendor", "Millrace Alignment", "promised", "toe to 0", "got", "toe 0.02"));
        assertThat(line.statement().in(Units.US))
                .isEqualTo("Millrace Alignment, no invoice yet; promised: toe to 0; got: toe 0.02");
        assertThat(read(VisitEntryType.OUTSIDE_SHOP, Map.of("got", "x")).errors())
                .containsKeys("vendor", "promised");
    }

    @ParameterizedTest
    @CsvSource({"0.20,false", "0.21,true", "-0.01,true", "0,false"})
    @DisplayName("an alignment outside the manufacturer's limits says which figure; on the limit it is within")
    void alignmentLimits(String toe, boolean outside) {
        StepInput.InputResult read =
                read(VisitEntryType.ALIGNMENT_AFTER, Map.of("toe", toe, "toeLeast", "0", "toeMost", "0.2"));
        assertThat(read.errors()).isEmpty();
        assertThat(read.outside().isPresent()).isEqualTo(outside);
        assertThat(VisitEntryType.ALIGNMENT_AFTER.facts(read.recordedValues(), DAY, "R. Halloran"))
                .singleElement()
                .satisfies(fact -> assertThat(fact.verdict()).isEqualTo(outside ? Verdict.SERVICE_DUE : Verdict.GOOD));
    }

    @Test
    @DisplayName("a thrust angle counts by its size, whichever way it points")
    void thrust() {
        assertThat(read(VisitEntryType.ALIGNMENT_AFTER, Map.of("thrust", "-0.3", "thrustMost", "0.2"))
                        .outside()
                        .orElseThrow()
                        .in(Units.US))
                .isEqualTo("thrust angle -0.3° (at most 0.2°): outside the manufacturer’s limits.");
    }

    @Test
    @DisplayName(
            "after the work figures without any limit are refused: nothing can be called right; before it they are kept")
    void limitsAfter() {
        assertThat(read(VisitEntryType.ALIGNMENT_AFTER, Map.of("toe", "0.1")).errors())
                .containsOnlyKeys("toeMost");
        assertThat(read(VisitEntryType.RIDE_HEIGHT_AFTER, Map.of("rearLeft", "19"))
                        .errors())
                .containsOnlyKeys("rearMost");
        assertThat(read(VisitEntryType.ALIGNMENT_BEFORE, Map.of("toe", "0.1")).passes())
                .isTrue();
        assertThat(VisitEntryType.ALIGNMENT_BEFORE.facts(Map.of("toe", "0.1°"), DAY, "R. Halloran"))
                .isEmpty();
        assertThat(read(VisitEntryType.RIDE_HEIGHT_AFTER, Map.of("rearLeft", "19", "rearLeast", "20", "rearMost", "18"))
                        .errors())
                .containsOnlyKeys("rearMost");
    }

    @Test
    @DisplayName("on a vehicle with several axles it is said which was aligned, and each is compared with itself")
    void axles() {
        StepInput several = VisitEntryType.ALIGNMENT_BEFORE.input(3);
        assertThat(several.read(Map.of("toe", "0.1"), Units.US).errors()).containsOnlyKeys("axle");
        StepInput.InputResult second = several.read(Map.of("toe", "0.1", "axle", "2"), Units.US);
        assertThat(second.statement().in(Units.US)).isEqualTo("axle 2: total toe 0.1°");
        assertThat(VisitEntryType.ALIGNMENT_AFTER.subject(second.recordedValues()))
                .isEqualTo("axle 2");
        assertThat(VisitEntryType.ALIGNMENT_AFTER.subject(Map.of())).isEqualTo("axle 1");
    }

    @Test
    @DisplayName("the maker's own count of swings comes before two")
    void shockLimit() {
        assertThat(read(VisitEntryType.SHOCK_TEST, Map.of("frontLeft", "3", "swingsMost", "3"))
                        .passes())
                .isTrue();
        assertThat(read(VisitEntryType.SHOCK_TEST, Map.of("frontLeft", "2", "swingsMost", "1"))
                        .passes())
                .isFalse();
    }
}
