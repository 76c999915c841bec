package rotagens.core.jobsheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import rotagens.core.jobsheet.StepRecords.Status;
import rotagens.core.vehicle.PilotType;

class StepRecordsTest {

    private record Mark(String step, Status type, Map<String, String> recordedValues)
            implements StepRecords.StepRecord {}

    private final List<Mark> marks = new ArrayList<>();

    private StepRecordsTest done(String... steps) {
        for (String step : steps) {
            marks.add(new Mark(step, Status.DONE, Map.of()));
        }
        return this;
    }

    private StepRecordsTest mark(String step, Status type, String field, String value) {
        marks.add(new Mark(step, type, Map.of(field, value)));
        return this;
    }

    private StepRecords<Mark> records() {
        return StepRecords.of(marks);
    }

    private StepRecordsTest seated() {
        return done(
                "STANDS:1L",
                "WHEEL_OFF:1L",
                "CORE_OUT:1L",
                "BREAK_BEAD:1L",
                "DEMOUNT:1L",
                "CLEAN_WHEEL:1L",
                "STEM:1L",
                "LUBRICATE:1L",
                "ALIGN_MARKS:1L",
                "MOUNT:1L",
                "SEAT:1L",
                "SEAT:1R");
    }

    @Test
    @DisplayName("a later reading that is worse takes a step's done back, and the one before is kept as a try")
    void worse() {
        StepRecords<Mark> records = done("FILL:1L")
                .mark("FILL:1L", Status.OUTSIDE, "pressure", "90 psi")
                .records();
        assertThat(records.settled()).isEmpty();
        assertThat(records.outside()).containsKey("FILL:1L");
        assertThat(records.tries().get("FILL:1L")).hasSize(1);
    }

    @Test
    @DisplayName(
            "an uneven bead gap reopens core, break down, lubricate, mount and seat of that wheel and what came after, and every try stays")
    void beadGap() {
        StepRecords<Mark> records = seated().done("CAGE:1L", "FILL:1L", "TORQUE_FULL:1L", "DOT_OF_INSTALLED:1L")
                .mark("BEAD_GAP:1L", Status.OUTSIDE, "gap1", "6/32 in")
                .records();
        assertThat(records.settled())
                .containsExactlyInAnyOrder(
                        "STANDS:1L",
                        "WHEEL_OFF:1L",
                        "DEMOUNT:1L",
                        "CLEAN_WHEEL:1L",
                        "STEM:1L",
                        "ALIGN_MARKS:1L",
                        "SEAT:1R",
                        "DOT_OF_INSTALLED:1L");
        assertThat(records.reseated()).containsExactly("1L");
        done("CORE_OUT:1L", "BREAK_BEAD:1L", "LUBRICATE:1L", "MOUNT:1L", "SEAT:1L");
        mark("BEAD_GAP:1L", Status.OUTSIDE, "gap1", "7/32 in");
        done("CORE_OUT:1L", "BREAK_BEAD:1L", "LUBRICATE:1L", "MOUNT:1L", "SEAT:1L", "BEAD_GAP:1L");
        StepRecords<Mark> third = records();
        assertThat(third.settled()).contains("BEAD_GAP:1L", "SEAT:1L").doesNotContain("FILL:1L");
        assertThat(third.tries().get("BEAD_GAP:1L"))
                .extracting(tried -> tried.recordedValues().get("gap1"))
                .containsExactly("6/32 in", "7/32 in");
        assertThat(third.tries().get("SEAT:1L")).hasSize(2);
    }

    @Test
    @DisplayName("a crack found late takes the tire off again; another wheel's kind is what the rest goes by")
    void crack() {
        StepRecords<Mark> records = seated().mark("CLEAN_WHEEL:1L", Status.OUTSIDE, "wheel", "CRACKED")
                .records();
        assertThat(records.settled()).containsExactlyInAnyOrder("STANDS:1L", "WHEEL_OFF:1L", "SEAT:1R");
        assertThat(records.replacedWheels()).isEmpty();
        mark("CLEAN_WHEEL:1L", Status.DONE, "pilot", "STUD");
        assertThat(records().replacedWheels()).containsExactly(Map.entry("1L", PilotType.STUD));
    }

    @Test
    @DisplayName("a torn bead of the wheel's own tire ends its steps; one of a tire that goes anyway doesn't")
    void torn() {
        assertThat(mark("DEMOUNT:1L", Status.DONE, "bead", "TORN").records().condemned())
                .containsExactly("1L");
        assertThat(mark("DEMOUNT:2RO", Status.DONE, "oldBead", "TORN").records().condemned())
                .containsExactly("1L");
        assertThat(mark("LOOK_INSIDE:2RI", Status.DONE, "verdict", "CONDEMNED")
                        .records()
                        .condemned())
                .containsExactlyInAnyOrder("1L", "2RI");
    }

    @Test
    @DisplayName("a wheel whose nuts had turned stays one that came off, after its pass round is done, too")
    void loose() {
        mark("TORQUE_PASS:1L", Status.OUTSIDE, "turned", "LOOSE");
        assertThat(records().loose()).containsExactly("1L");
        assertThat(done("TORQUE_PASS:1L").records().loose()).containsExactly("1L");
        assertThat(mark("TORQUE_PASS:1R", Status.DONE, "turned", "LITTLE")
                        .records()
                        .loose())
                .containsExactly("1L");
    }

    @Test
    @DisplayName("what was taken back is open, and what is skipped counts as settled")
    void takenBack() {
        done("PARTS").mark("PARTS", Status.UNDONE, "", "").mark("HUB:1L", Status.SKIPPED, "", "");
        assertThat(records().settled()).containsExactly("HUB:1L");
    }
}
