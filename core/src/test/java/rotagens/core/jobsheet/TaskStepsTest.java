package rotagens.core.jobsheet;

import static org.assertj.core.api.Assertions.assertThat;
import static rotagens.core.jobsheet.StepCode.*;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import rotagens.core.measure.Units;

/** What is done at one steer wheel of a heavy vehicle, step by step, for each task; what comes before and after is the sheet's. */
class TaskStepsTest {

    private static final List<StepCode> WHEEL_COMES_OFF = List.of(WHEEL_OFF);
    private static final List<StepCode> TIRE_COMES_OFF = List.of(WHEEL_OFF, CORE_OUT, BREAK_BEAD, DEMOUNT, CLEAN_WHEEL);
    private static final List<StepCode> TIRE_GOES_ON = List.of(MOUNT, SEAT, BEAD_GAP, CAGE, FILL, BALANCE);
    private static final List<StepCode> WHEEL_GOES_ON = List.of(HAND_START_NUTS, TORQUE_PASS);

    private static Arguments task(WheelTask task, Object... parts) {
        List<StepCode> steps = new ArrayList<>();
        for (Object part : parts) {
            if (part instanceof StepCode step) {
                steps.add(step);
            } else {
                ((List<?>) part).forEach(step -> steps.add((StepCode) step));
            }
        }
        return Arguments.of(task, steps);
    }

    static Stream<Arguments> tasks() {
        return Stream.of(
                task(WheelTask.PRESSURE, FILL),
                task(WheelTask.NEW_TIRE, TIRE_COMES_OFF, TIRE_GOES_ON, WHEEL_GOES_ON, DOT_OF_INSTALLED),
                task(WheelTask.MOVE_ASSEMBLY, WHEEL_COMES_OFF, FILL, WHEEL_GOES_ON, DOT_OF_INSTALLED),
                task(WheelTask.REMOUNT, TIRE_COMES_OFF, TIRE_GOES_ON, WHEEL_GOES_ON, DOT_OF_INSTALLED),
                task(
                        WheelTask.SENSOR_IN_PLACE,
                        List.of(WHEEL_OFF, CORE_OUT, PUSH_BEAD_DOWN, CLEAN_WHEEL),
                        List.of(INSTALL_SENSOR, LUBRICATE, SEAT, BEAD_GAP, CAGE, FILL, BALANCE),
                        WHEEL_GOES_ON),
                task(WheelTask.SENSOR_DISMOUNT, TIRE_COMES_OFF, INSTALL_SENSOR, TIRE_GOES_ON, WHEEL_GOES_ON),
                task(WheelTask.WHEEL_OFF, TIRE_COMES_OFF, TIRE_GOES_ON, WHEEL_GOES_ON, RECORD_WORK),
                task(WheelTask.BEAD_LEAK, TIRE_COMES_OFF, TIRE_GOES_ON, WHEEL_GOES_ON, CORRECT_CAUSE),
                task(WheelTask.REPLACE_WHEEL, TIRE_COMES_OFF, PILOT_TYPE, TIRE_GOES_ON, WHEEL_GOES_ON),
                task(WheelTask.CORRECT_CAUSE, CORRECT_CAUSE),
                task(WheelTask.RETORQUE, TORQUE_PASS),
                task(WheelTask.LOOSE_WHEEL, STANDS, WHEEL_COMES_OFF, CLEAN_WHEEL, WHEEL_GOES_ON),
                task(WheelTask.MATE, DEFLATE_FIRST, FILL),
                task(WheelTask.VERDICT, PROFESSIONAL_VERDICT),
                task(WheelTask.TREAD, TREAD_OF_INSTALLED),
                task(WheelTask.DOT, DOT_OF_INSTALLED),
                task(WheelTask.RECORD, TREAD_OF_INSTALLED, DOT_OF_INSTALLED, COLD_CHECK),
                task(WheelTask.OTHER, RECORD_WORK));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("tasks")
    @DisplayName("each task has its steps at the wheel in the trade's order")
    void steps(WheelTask task, List<StepCode> expected) {
        assertThat(new Bay()
                        .does("1L", task).sheet().steps().stream()
                                .filter(step -> step.key().endsWith(":1L"))
                                .map(Step::code))
                .isEqualTo(expected);
    }

    @Test
    @DisplayName("no task is left out above")
    void all() {
        assertThat(tasks().map(task -> task.get()[0])).containsExactlyElementsOf(Arrays.asList(WheelTask.values()));
    }

    @Test
    @DisplayName("work in words asks for them: the cause, the repair, anything else")
    void label() {
        Map<WheelTask, String> asked = Map.of(
                WheelTask.CORRECT_CAUSE, "CORRECT_CAUSE:1L",
                WheelTask.WHEEL_OFF, "RECORD_WORK:1L",
                WheelTask.OTHER, "RECORD_WORK:1L");
        asked.forEach((task, key) -> {
            StepInput stepInput =
                    new Bay().does("1L", task).sheet().step(key).orElseThrow().input();
            assertThat(stepInput.read(Map.of(), Units.US).passes())
                    .as("%s without a word", task)
                    .isFalse();
            String field = stepInput.fields().get(0).name();
            assertThat(stepInput
                            .read(Map.of(field, "as found and put right"), Units.US)
                            .passes())
                    .isTrue();
        });
    }

    @Test
    @DisplayName("a leak's work asks where it came out, and no word stands for it")
    void leak() {
        StepInput stepInput = new Bay()
                .does("1L", WheelTask.BEAD_LEAK)
                .sheet()
                .step("CORRECT_CAUSE:1L")
                .orElseThrow()
                .input();
        assertThat(stepInput.read(Map.of(), Units.US).passes()).isFalse();
        assertThat(stepInput
                        .read(Map.of("repair", "as found and put right"), Units.US)
                        .passes())
                .isFalse();
        assertThat(stepInput.read(Map.of("repair", "CORE"), Units.US).passes()).isTrue();
    }
}
