package rotagens.core.jobsheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import rotagens.core.measure.Message;
import rotagens.core.measure.Units;
import rotagens.core.vehicle.Sensor;

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

    private static WheelJob newTire(boolean newSensor) {
        WheelJob plain = Bay.work("1L", WheelTask.NEW_TIRE, Sensor.Location.INSIDE, 110, false, Bay.wheel(false));
        return new WheelJob(
                plain.position(),
                plain.name(),
                plain.task(),
                plain.model(),
                plain.diameter(),
                plain.wheel(),
                plain.sensor(),
                plain.target(),
                plain.maximum(),
                plain.suspect(),
                plain.oldTireMay(),
                Optional.of(Message.of("saves $63.33")),
                new WheelJob.Found(false, false, false, newSensor));
    }

    @Test
    @DisplayName(
            "a sensor that the new tire will outlive is proposed while the tire is off; fitted, it brings a relearn")
    void sensorWithTire() {
        JobSheet proposed = new Bay().does(newTire(false)).sheet();
        assertThat(codes(proposed))
                .containsSubsequence(StepCode.DEMOUNT, StepCode.SENSOR_WITH_TIRE, StepCode.MOUNT)
                .doesNotContain(StepCode.RELEARN);
        StepInput input = step(proposed, "SENSOR_WITH_TIRE:1L").input();
        assertThat(input.read(Map.of(), Units.US).errors()).containsOnlyKeys("withTire");
        assertThat(input.read(Map.of("withTire", "NEW"), Units.US).errors()).containsOnlyKeys("sensor");
        assertThat(input.read(Map.of("withTire", "KEPT"), Units.US).passes()).isTrue();
        assertThat(codes(new Bay().does(newTire(true)).sheet())).contains(StepCode.RELEARN);
        assertThat(codes(new Bay()
                        .does(newTire(false))
                        .does("1L", WheelTask.SENSOR_DISMOUNT)
                        .sheet()))
                .as("a sensor goes in anyway")
                .contains(StepCode.INSTALL_SENSOR)
                .doesNotContain(StepCode.SENSOR_WITH_TIRE);
    }
}
