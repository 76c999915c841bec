package rotagens.core.jobsheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import rotagens.core.measure.Message;
import rotagens.core.measure.Units;
import rotagens.core.vehicle.Sensor;
import rotagens.core.vehicle.WheelSpec;

class JobSheetTest {

    private static List<StepCode> codes(JobSheet sheet) {
        return sheet.steps().stream().map(Step::code).toList();
    }

    private static Step step(JobSheet sheet, String key) {
        return sheet.step(key).orElseThrow();
    }

    private static String statement(Message message) {
        return message.in(Units.US);
    }

    @Test
    @DisplayName(
            "a steer tire over 40 psi is replaced in the trade's order: core out, beads, seat, gap, cage, fill, star, DOT")
    void steerReplacement() {
        JobSheet sheet = new Bay().does("1L", WheelTask.NEW_TIRE).sheet();
        assertThat(codes(sheet))
                .containsExactly(
                        StepCode.SECURE_VEHICLE,
                        StepCode.MACHINE_FITS,
                        StepCode.ONE_PIECE_RIM,
                        StepCode.STANDS,
                        StepCode.WHEEL_OFF,
                        StepCode.CORE_OUT,
                        StepCode.BREAK_BEAD,
                        StepCode.DEMOUNT,
                        StepCode.CLEAN_WHEEL,
                        StepCode.MOUNT,
                        StepCode.SEAT,
                        StepCode.BEAD_GAP,
                        StepCode.CAGE,
                        StepCode.FILL,
                        StepCode.BALANCE,
                        StepCode.HAND_START_NUTS,
                        StepCode.TORQUE_PASS,
                        StepCode.DOT_OF_INSTALLED,
                        StepCode.DASH_AND_GAUGE,
                        StepCode.CLEAN_UP);
        assertThat(statement(step(sheet, "HAND_START_NUTS:1L").does())).contains("two-piece flanged nuts");
    }

    @Test
    @DisplayName(
            "on a dual both cores are out before the first nut, and no core step follows; the same where it ran low")
    void emptyFirst() {
        JobSheet dual = new Bay().does("2RO", WheelTask.NEW_TIRE).sheet();
        assertThat(codes(dual)).containsSubsequence(StepCode.DEFLATE_FIRST, StepCode.STANDS, StepCode.WHEEL_OFF);
        assertThat(codes(dual)).doesNotContain(StepCode.CORE_OUT);
        assertThat(statement(step(dual, "DEFLATE_FIRST:2RO").does())).contains("before the first nut of the dual");
        assertThat(statement(step(dual, "HAND_START_NUTS:2RO").does())).contains("valves 180° apart");
        JobSheet ranLow = new Bay()
                .does(Bay.work("1R", WheelTask.WHEEL_OFF, null, 110, true, Bay.wheel(false)))
                .sheet();
        assertThat(codes(ranLow)).contains(StepCode.DEFLATE_FIRST, StepCode.LOOK_INSIDE);
    }

    @Test
    @DisplayName("a fill of 40 psi or less needs no cage; an unknown target does, since nobody knows")
    void cage() {
        assertThat(codes(new Bay()
                        .does(Bay.work("1L", WheelTask.NEW_TIRE, null, 40, false, Bay.wheel(false)))
                        .light()
                        .sheet()))
                .doesNotContain(StepCode.CAGE);
        assertThat(codes(new Bay()
                        .does(Bay.work("1L", WheelTask.NEW_TIRE, null, 0, false, Bay.wheel(false)))
                        .sheet()))
                .contains(StepCode.CAGE);
    }

    @Test
    @DisplayName("which side is the sensor's depends on the wheel, and an unread wheel keeps clear on both")
    void reversedWheel() {
        assertThat(statement(step(
                                new Bay()
                                        .does(Bay.work(
                                                "1L",
                                                WheelTask.NEW_TIRE,
                                                Sensor.Location.INSIDE,
                                                110,
                                                false,
                                                Bay.wheel(true)))
                                        .sheet(),
                                "BREAK_BEAD:1L")
                        .does()))
                .contains("the back, where a reversed wheel");
        assertThat(statement(step(
                                new Bay()
                                        .does(Bay.work(
                                                "1L",
                                                WheelTask.NEW_TIRE,
                                                Sensor.Location.INSIDE,
                                                110,
                                                false,
                                                WheelSpec.UNKNOWN))
                                        .sheet(),
                                "BREAK_BEAD:1L")
                        .does()))
                .contains("on both sides");
    }

    @Test
    @DisplayName("a rotation has its wheels off together, each read where it went; its relearn is a job of its own")
    void rotation() {
        JobSheet sheet = new Bay()
                .does("1L", WheelTask.MOVE_ASSEMBLY)
                .does("1R", WheelTask.MOVE_ASSEMBLY)
                .sheet();
        List<String> keys = sheet.steps().stream().map(Step::key).toList();
        assertThat(keys.indexOf("WHEEL_OFF:1R")).isLessThan(keys.indexOf("HAND_START_NUTS:1L"));
        assertThat(keys).contains("FILL:1L", "DOT_OF_INSTALLED:1R").doesNotContain("RELEARN", "DASH_AND_GAUGE");
        assertThat(codes(sheet)).doesNotContain(StepCode.BEAD_GAP, StepCode.CAGE);
    }

    @Test
    @DisplayName(
            "a sensor goes in with one bead pushed down or with the tire off; both seat, check for leaks, note the ID and relearn")
    void sensorSheets() {
        JobSheet inPlace = new Bay().does("1L", WheelTask.SENSOR_IN_PLACE).sheet();
        assertThat(codes(inPlace))
                .contains(
                        StepCode.PUSH_BEAD_DOWN,
                        StepCode.INSTALL_SENSOR,
                        StepCode.LUBRICATE,
                        StepCode.SEAT,
                        StepCode.FILL,
                        StepCode.RELEARN)
                .doesNotContain(StepCode.DEMOUNT, StepCode.MOUNT);
        assertThat(codes(new Bay().does("1L", WheelTask.SENSOR_DISMOUNT).sheet()))
                .contains(StepCode.DEMOUNT, StepCode.INSTALL_SENSOR, StepCode.SEAT, StepCode.FILL, StepCode.RELEARN);
    }

    @Test
    @DisplayName(
            "outside sensors are tagged before and go back by their tags; nitrogen adds the purge with its forecast")
    void tagsAndNitrogen() {
        JobSheet sheet = new Bay()
                .does("1L", WheelTask.NEW_TIRE)
                .tagged("1L", "1R")
                .nitrogen()
                .sheet();
        assertThat(statement(step(sheet, "TAG_SENSORS").does())).contains("1L, 1R");
        assertThat(statement(step(sheet, "DASH_AND_GAUGE").does()))
                .startsWith("Each outside sensor back to the position");
        assertThat(codes(new Bay()
                        .does(Bay.work("1L", WheelTask.NEW_TIRE, null, 110, false, Bay.wheel(false)))
                        .tagged("1L")
                        .sheet()))
                .contains(StepCode.SENSORS_BACK);
        assertThat(statement(step(sheet, "NITROGEN:1L").does())).contains("95%", "1 fill from empty");
    }

    @Test
    @DisplayName(
            "a tire that ran at 80% of its target gets no air in a pressure service before a professional looked inside")
    void ranLowPressureService() {
        JobSheet sheet = new Bay()
                .does(Bay.work("1L", WheelTask.PRESSURE, null, 110, true, Bay.wheel(false)))
                .sheet();
        Step fill = step(sheet, "FILL:1L");
        assertThat(sheet.blockedBy(fill, Set.of())).map(Step::code).contains(StepCode.LOOK_INSIDE);
        assertThat(sheet.blockedBy(fill, Set.of("LOOK_INSIDE:1L"))).isEmpty();
    }

    @Test
    @DisplayName("a safety step never comes ahead of the step before it, but two wheels can be worked on at once")
    void order() {
        JobSheet sheet = new Bay()
                .does("1L", WheelTask.NEW_TIRE)
                .does("1R", WheelTask.NEW_TIRE)
                .sheet();
        Set<String> settled = new HashSet<>(Set.of("SECURE_VEHICLE", "MACHINE_FITS"));
        assertThat(sheet.blockedBy(step(sheet, "ONE_PIECE_RIM"), settled)).isEmpty();
        assertThat(sheet.blockedBy(step(sheet, "STANDS"), settled))
                .map(Step::key)
                .contains("ONE_PIECE_RIM");
        settled.add("ONE_PIECE_RIM");
        assertThat(sheet.blockedBy(step(sheet, "WHEEL_OFF:1R"), settled))
                .map(Step::key)
                .contains("STANDS");
        settled.add("STANDS");
        assertThat(sheet.blockedBy(step(sheet, "CORE_OUT:1R"), settled))
                .map(Step::key)
                .contains("WHEEL_OFF:1R");
        settled.add("WHEEL_OFF:1R");
        assertThat(sheet.blockedBy(step(sheet, "CORE_OUT:1R"), settled)).isEmpty();
        assertThat(sheet.blockedBy(step(sheet, "MOUNT:1L"), settled))
                .map(Step::key)
                .contains("CORE_OUT:1L");
        assertThat(sheet.blockedBy(step(sheet, "CLEAN_UP"), settled)).isPresent();
    }

    @ParameterizedTest
    @EnumSource(WheelTask.class)
    @DisplayName("every task ends: its steps, done in order, leave none waiting and none open")
    void everyTaskEnds(WheelTask task) {
        JobSheet sheet = new Bay().does("2LO", task).tagged("2LO").nitrogen().sheet();
        Set<String> settled = new HashSet<>();
        for (Step step : sheet.steps()) {
            assertThat(sheet.blockedBy(step, settled)).as(step.key()).isEmpty();
            assertThat(settled.add(step.key())).as("named once: " + step.key()).isTrue();
        }
        assertThat(sheet.open(settled)).isEmpty();
        assertThat(sheet.open(Set.of())).hasSize(sheet.steps().size()).isNotEmpty();
    }

    @Test
    @DisplayName("core, cage, bead gap, torque, DOT and filling are never skipped; others with a reason")
    void skipping() {
        for (StepCode never : List.of(
                StepCode.CORE_OUT,
                StepCode.DEFLATE_FIRST,
                StepCode.CAGE,
                StepCode.BEAD_GAP,
                StepCode.TORQUE_PASS,
                StepCode.DOT_OF_INSTALLED,
                StepCode.FILL)) {
            assertThat(never.skip()).as(never.title()).isEqualTo(StepCode.SkipRule.NEVER);
        }
        JobSheet sheet = new Bay().does("1L", WheelTask.NEW_TIRE).sheet();
        assertThat(JobSheet.againstSkipping(step(sheet, "BALANCE:1L"))).isEmpty();
        assertThat(JobSheet.againstSkipping(step(sheet, "BEAD_GAP:1L")).map(JobSheetTest::statement))
                .contains("“Measure the bead gap” is never skipped.");
    }

    @Test
    @DisplayName(
            "an assembly that fits no machine here is said before anything is lifted; one that fits another names it")
    void machineFit() {
        assertThat(new Bay()
                        .does("1L", WheelTask.NEW_TIRE)
                        .machines(Bay.SMALL)
                        .sheet()
                        .warnings())
                .extracting(JobSheetTest::statement)
                .containsExactly(
                        "1L: fits no tire changer here: 37.66 in across, Changer 1 takes 33 in at most. Send it out before anything is lifted.");
        assertThat(new Bay()
                        .does("1L", WheelTask.NEW_TIRE)
                        .on(Bay.SMALL)
                        .sheet()
                        .warnings())
                .extracting(JobSheetTest::statement)
                .containsExactly("1L: 37.66 in across, Changer 1 takes 33 in at most. Take Changer 2.");
        assertThat(new Bay()
                        .does("1L", WheelTask.NEW_TIRE)
                        .on(Bay.ROLLERS)
                        .sheet()
                        .warnings())
                .isEmpty();
        assertThat(new Bay().does("1L", WheelTask.NEW_TIRE).machines().sheet().warnings())
                .extracting(JobSheetTest::statement)
                .first()
                .asString()
                .contains("no tire changer is on file");
    }

    @Test
    @DisplayName(
            "a dual's mate is let down before the first nut and filled to its target after it, and neither wheel's nuts move before both are empty")
    void mate() {
        JobSheet sheet = new Bay()
                .does("2RO", WheelTask.NEW_TIRE)
                .does("2RI", WheelTask.MATE)
                .sheet();
        List<String> keys = sheet.steps().stream().map(Step::key).toList();
        assertThat(keys)
                .containsSubsequence("DEFLATE_FIRST:2RO", "DEFLATE_FIRST:2RI", "STANDS", "TORQUE_PASS:2RO", "FILL:2RI");
        Set<String> settled = Set.of("SECURE_VEHICLE", "ONE_PIECE_RIM", "DEFLATE_FIRST:2RO");
        assertThat(sheet.blockedBy(step(sheet, "WHEEL_OFF:2RO"), settled))
                .map(Step::key)
                .contains("DEFLATE_FIRST:2RI");
        Set<String> untilNuts = sheet.steps().stream()
                .map(Step::key)
                .takeWhile(key -> !key.equals("TORQUE_PASS:2RO"))
                .collect(Collectors.toSet());
        assertThat(sheet.blockedBy(step(sheet, "FILL:2RI"), untilNuts))
                .as("filled while the nuts turn")
                .map(Step::key)
                .contains("TORQUE_PASS:2RO");
        untilNuts.add("TORQUE_PASS:2RO");
        assertThat(sheet.blockedBy(step(sheet, "FILL:2RI"), untilNuts)).isEmpty();
        assertThat(step(sheet, "FILL:2RI")
                        .input()
                        .read(Map.of("pressure", "90"), Units.US)
                        .passes())
                .as("under its target")
                .isFalse();
    }

    @Test
    @DisplayName("a bead that was seated once is never broken again before its core is out, on a dual, too")
    void coreOutAgain() {
        WheelJob first = Bay.work("2RO", WheelTask.NEW_TIRE, null, 110, false, Bay.wheel(false));
        JobSheet sheet = new Bay()
                .does(first.with(new WheelJob.Found(false, false, true)))
                .sheet();
        assertThat(codes(sheet)).containsSubsequence(StepCode.DEFLATE_FIRST, StepCode.CORE_OUT, StepCode.BREAK_BEAD);
        assertThat(sheet.blockedBy(step(sheet, "BREAK_BEAD:2RO"), settledBut(sheet, "CORE_OUT:2RO")))
                .map(Step::key)
                .contains("CORE_OUT:2RO");
    }

    private static Set<String> settledBut(JobSheet sheet, String open) {
        return sheet.steps().stream()
                .map(Step::key)
                .filter(key -> !key.equals(open))
                .collect(Collectors.toSet());
    }

    @Test
    @DisplayName("nothing goes onto a wheel nobody has found sound, and a step for two names the second")
    void soundWheel() {
        JobSheet sheet = new Bay().does("1L", WheelTask.NEW_TIRE).sheet();
        assertThat(sheet.blockedBy(step(sheet, "SEAT:1L"), settledBut(sheet, "CLEAN_WHEEL:1L")))
                .map(Step::key)
                .contains("CLEAN_WHEEL:1L");
        assertThat(sheet.blockedBy(step(sheet, "MOUNT:1L"), settledBut(sheet, "CLEAN_WHEEL:1L")))
                .map(Step::key)
                .contains("CLEAN_WHEEL:1L");
        assertThat(JobSheet.againstSkipping(step(sheet, "CLEAN_WHEEL:1L"))).isPresent();
        assertThat(step(sheet, "HAND_START_NUTS:1L").input()).isInstanceOf(FindingInputs.SecondPersonInput.class);
        assertThat(step(new Bay().light().does("1L", WheelTask.NEW_TIRE).sheet(), "HAND_START_NUTS:1L")
                        .input())
                .isInstanceOf(StepInput.Confirmation.class);
    }

    @Test
    @DisplayName("a torn bead is set aside, without a professional's look inside")
    void tornBead() {
        WheelJob ran = Bay.work("1R", WheelTask.BEAD_LEAK, null, 110, true, Bay.wheel(false));
        JobSheet sheet =
                new Bay().does(ran.with(new WheelJob.Found(true, true, false))).sheet();
        assertThat(codes(sheet))
                .contains(StepCode.RECORD_WORK)
                .doesNotContain(StepCode.LOOK_INSIDE, StepCode.MOUNT, StepCode.FILL);
        assertThat(statement(step(sheet, "RECORD_WORK:1R").does())).contains("bead is torn");
        JobSheet renewed = new Bay()
                .does(Bay.work("1R", WheelTask.NEW_TIRE, null, 110, false, Bay.wheel(false))
                        .with(new WheelJob.Found(true, true, false)))
                .sheet();
        assertThat(codes(renewed)).as("another tire goes on anyway").contains(StepCode.MOUNT, StepCode.FILL);
    }

    @Test
    @DisplayName("a tire condemned from inside isn't mounted again: it is set aside and the wheel's steps end there")
    void condemned() {
        JobSheet sheet = new Bay()
                .does(Bay.work("1R", WheelTask.WHEEL_OFF, null, 110, true, Bay.wheel(false))
                        .with(new WheelJob.Found(true, false, false)))
                .sheet();
        assertThat(codes(sheet))
                .contains(StepCode.LOOK_INSIDE, StepCode.RECORD_WORK)
                .doesNotContain(StepCode.MOUNT, StepCode.FILL, StepCode.TORQUE_PASS);
    }

    @Test
    @DisplayName(
            "two pieces of work at one wheel are one pass: a new tire and a new sensor share bead, cage and torque")
    void merged() {
        JobSheet sheet = new Bay()
                .does("1L", WheelTask.NEW_TIRE)
                .does("1L", WheelTask.SENSOR_DISMOUNT)
                .sheet();
        assertThat(codes(sheet))
                .doesNotHaveDuplicates()
                .containsSubsequence(
                        StepCode.DEMOUNT,
                        StepCode.INSTALL_SENSOR,
                        StepCode.MOUNT,
                        StepCode.DOT_OF_INSTALLED,
                        StepCode.RELEARN);
    }
}
