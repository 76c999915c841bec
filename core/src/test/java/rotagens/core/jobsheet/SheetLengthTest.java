package rotagens.core.jobsheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import rotagens.core.measure.Units;
import rotagens.core.vehicle.Sensor;

/** A sheet for several tires says once what is done once, and no caution is lost by it. */
class SheetLengthTest {

    private static final List<String> CAUTIONS = List.of(
            "rolls off its jack kills",
            "machine’s own manual wins",
            "side ring that lets go kills",
            "Never under a load held by a jack",
            "core can shoot out",
            "cracked, bent or worn at its holes can let go",
            "Never petroleum or solvent",
            "Hands clear of the",
            "Out of the trajectory",
            "An exploding tire kills");

    static Stream<Arguments> twoTires() {
        return Stream.of(
                Arguments.of(
                        "two steer tires",
                        new Bay().does("1L", WheelTask.NEW_TIRE).does("1R", WheelTask.NEW_TIRE)),
                Arguments.of(
                        "both of a dual",
                        new Bay().does("2LO", WheelTask.NEW_TIRE).does("2LI", WheelTask.NEW_TIRE)),
                Arguments.of(
                        "two with outside sensors",
                        new Bay()
                                .does(Bay.work(
                                        "1L",
                                        WheelTask.NEW_TIRE,
                                        Sensor.Location.OUTSIDE,
                                        110,
                                        false,
                                        Bay.wheel(false)))
                                .does(Bay.work(
                                        "1R",
                                        WheelTask.NEW_TIRE,
                                        Sensor.Location.OUTSIDE,
                                        110,
                                        false,
                                        Bay.wheel(false)))
                                .tagged("1L", "1R")));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("twoTires")
    @DisplayName("a sheet for two tires has at most 35 steps, each caution of a single tire's sheet still on it")
    void twoTires(String what, Bay bay) {
        JobSheet sheet = bay.sheet();
        assertThat(sheet.steps()).hasSizeLessThanOrEqualTo(35);
        String cautions = sheet.steps().stream()
                .flatMap(step -> step.caution().stream())
                .map(caution -> caution.in(Units.US))
                .collect(Collectors.joining("\n"));
        assertThat(cautions).contains(CAUTIONS);
    }

    @Test
    @DisplayName("chocks, machine, rims, stands and cleaning up stand on it once; both wheels are named at the stands")
    void once() {
        JobSheet sheet = new Bay()
                .does("1L", WheelTask.NEW_TIRE)
                .does("1R", WheelTask.NEW_TIRE)
                .sheet();
        for (StepCode code : Set.of(
                StepCode.SECURE_VEHICLE,
                StepCode.MACHINE_FITS,
                StepCode.ONE_PIECE_RIM,
                StepCode.STANDS,
                StepCode.CLEAN_UP)) {
            assertThat(sheet.steps().stream().filter(step -> step.code() == code))
                    .as(code.title())
                    .hasSize(1);
        }
        assertThat(sheet.step("STANDS").orElseThrow().does().in(Units.US)).endsWith("1L, 1R.");
    }

    @Test
    @DisplayName("two steps in one are done when both are: bead and where the old tire goes, fill and no bubbles")
    void both() {
        StepInput fill = new Bay()
                .does("1L", WheelTask.NEW_TIRE)
                .sheet()
                .step("FILL:1L")
                .orElseThrow()
                .input();
        assertThat(fill.read(java.util.Map.of("pressure", "110"), Units.US).errors())
                .containsOnlyKeys("leak");
        assertThat(fill.read(java.util.Map.of("leak", "NONE"), Units.US).errors())
                .containsOnlyKeys("pressure");
        assertThat(fill.read(java.util.Map.of("pressure", "110", "leak", "BUBBLES"), Units.US)
                        .outside())
                .isPresent();
        assertThat(fill.read(java.util.Map.of("pressure", "90", "leak", "NONE"), Units.US)
                        .outside())
                .isPresent();
        assertThat(fill.read(java.util.Map.of("pressure", "110", "leak", "NONE"), Units.US)
                        .passes())
                .isTrue();
    }

    @Test
    @DisplayName(
            "how it was clamped and where the mark stands can be said, on a machine that has jaws; nobody is held up by it")
    void how() {
        StepInput mount = new Bay()
                .does("1L", WheelTask.NEW_TIRE)
                .sheet()
                .step("MOUNT:1L")
                .orElseThrow()
                .input();
        assertThat(mount.read(java.util.Map.of("bead", "SOUND"), Units.US).passes())
                .isTrue();
        assertThat(mount.read(java.util.Map.of("bead", "SOUND", "indexed", "TURNED"), Units.US)
                        .statement()
                        .in(Units.US))
                .isEqualTo("beads sound, turned 180° to cure balance");
        assertThat(demount(Bay.SMALL)).contains("clamped");
        assertThat(demount(Bay.ROLLERS)).doesNotContain("clamped");
    }

    private static List<String> demount(TireChanger machine) {
        return new Bay()
                        .does("1L", WheelTask.NEW_TIRE)
                        .on(machine)
                        .sheet()
                        .step("DEMOUNT:1L")
                        .orElseThrow()
                        .input()
                        .fields()
                        .stream()
                        .map(StepInput.InputField::name)
                        .toList();
    }

    @Test
    @DisplayName(
            "gloves and eye protection are said with the chocks, and where the old tire goes is asked once, with what went on")
    void merged() {
        WheelJob wheel = Bay.work("1L", WheelTask.NEW_TIRE, null, 110, false, Bay.wheel(false));
        WheelJob replaced = new WheelJob(
                wheel.position(),
                wheel.name(),
                wheel.task(),
                wheel.model(),
                wheel.diameter(),
                wheel.wheel(),
                wheel.sensor(),
                wheel.target(),
                wheel.maximum(),
                wheel.suspect(),
                List.of(rotagens.core.inspection.RemovedTire.Destination.SCRAP),
                java.util.Optional.empty(),
                wheel.found());
        JobSheet sheet = new Bay().does(replaced).sheet();
        assertThat(sheet.step("SECURE_VEHICLE").orElseThrow().does().in(Units.US))
                .contains("Gloves", "eye protection");
        assertThat(sheet.steps().stream()
                        .filter(step -> step.input().fields().stream()
                                .anyMatch(field -> field.name().equals("oldTireTo")))
                        .map(Step::code))
                .as("not at the demounting, which a torn bead of the new tire repeats")
                .containsExactly(StepCode.DOT_OF_INSTALLED);
    }
}
