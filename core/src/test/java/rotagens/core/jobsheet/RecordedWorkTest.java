package rotagens.core.jobsheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import rotagens.core.measure.Units;

/** Steps that a record on another page does. */
class RecordedWorkTest {

    private static List<StepCode> codes(JobSheet sheet) {
        return sheet.steps().stream().map(Step::code).toList();
    }

    private static Step step(JobSheet sheet, String key) {
        return sheet.step(key).orElseThrow();
    }

    @Test
    @DisplayName(
            "what is recorded on a page of its own closes its step by that record: a tick or words are refused, the page is named")
    void recordedElsewhere() {
        JobSheet sheet = new Bay().records(RecordedWork.values()).sheet();
        assertThat(codes(sheet)).contains(StepCode.WEIGH, StepCode.RELEARN, StepCode.ALIGNMENT, StepCode.ROAD_TEST);
        for (String key : List.of("WEIGH", "RELEARN", "ALIGNMENT")) {
            StepInput input = step(sheet, key).input();
            assertThat(input.fields()).isEmpty();
            assertThat(input.read(Map.of("note", "done"), Units.US).errors().get("record"))
                    .as(key)
                    .contains("page. This step is done");
        }
    }

    @Test
    @DisplayName("where the cause of wear is corrected the alignment is the real one, and the road test follows it")
    void causeAligns() {
        assertThat(codes(new Bay().does("1L", WheelTask.CORRECT_CAUSE).sheet()))
                .containsSubsequence(StepCode.CORRECT_CAUSE, StepCode.ALIGNMENT, StepCode.ROAD_TEST);
    }

    @Test
    @DisplayName("a relearn compares dash and gauge itself: where it is due no second comparison is asked for")
    void noSecondComparison() {
        assertThat(codes(new Bay().does("1L", WheelTask.SENSOR_DISMOUNT).sheet()))
                .contains(StepCode.RELEARN)
                .doesNotContain(StepCode.DASH_AND_GAUGE);
        assertThat(codes(new Bay().does("1L", WheelTask.NEW_TIRE).sheet())).contains(StepCode.DASH_AND_GAUGE);
    }
}
