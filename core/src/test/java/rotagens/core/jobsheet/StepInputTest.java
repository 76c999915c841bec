package rotagens.core.jobsheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Torque;
import rotagens.core.measure.Units;

class StepInputTest {

    private static Map<String, String> gaps(String... figures) {
        Map<String, String> typed = new HashMap<>();
        for (int place = 0; place < figures.length; place++) {
            typed.put("gap" + (place + 1), figures[place]);
        }
        typed.put("backUnreached", "hub in the way");
        return typed;
    }

    private static String outside(StepInput.InputResult inputResult) {
        return inputResult.outside().map(says -> says.in(Units.US)).orElse("");
    }

    @ParameterizedTest
    @CsvSource({"3,3,4,5,true", "3,3,4,6,false", "2,2,2,2,true", "1,4,2,2,false"})
    @DisplayName("a bead gap spread of 2/32 passes, of 3/32 asks to remount")
    void beadGap(String one, String two, String three, String four, boolean passes) {
        StepInput.InputResult inputResult = new StepInput.BeadGapInput().read(gaps(one, two, three, four), Units.US);
        assertThat(inputResult.passes()).isEqualTo(passes);
        if (!passes) {
            assertThat(outside(inputResult))
                    .isEqualTo(
                            "Front: spread 3/32 in, at most 2/32 in. Core out and all air out, then break it down, lubricate and remount.");
        }
    }

    @Test
    @DisplayName("three places are not enough for a bead gap; in metric the spread of 2/32 is 1.6 mm")
    void beadGapPlaces() {
        assertThat(new StepInput.BeadGapInput()
                        .read(gaps("3", "3", "4"), Units.US)
                        .errors())
                .containsOnlyKeys("gap4");
        assertThat(new StepInput.BeadGapInput()
                        .read(gaps("3", "3", "3", "4.5"), Units.METRIC)
                        .passes())
                .isTrue();
        assertThat(new StepInput.BeadGapInput()
                        .read(gaps("3", "3", "3", "4.7"), Units.METRIC)
                        .passes())
                .isFalse();
        assertThat(new StepInput.BeadGapInput()
                        .read(gaps("3", "3", "3", "3", "6"), Units.US)
                        .passes())
                .as("a fifth place counts too")
                .isFalse();
    }

    @Test
    @DisplayName("the back is gauged, too, by its own spread, or is said to be out of reach with its reason")
    void bothSides() {
        Map<String, String> typed = gaps("3", "3", "3", "3");
        assertThat(new StepInput.BeadGapInput()
                        .read(typed, Units.US)
                        .statement()
                        .in(Units.US))
                .contains("back not reached: hub in the way");
        typed.remove("backUnreached");
        assertThat(new StepInput.BeadGapInput().read(typed, Units.US).errors())
                .containsOnlyKeys("back1", "back2", "back3", "back4");
        typed.putAll(Map.of("back1", "6", "back2", "6", "back3", "6", "back4", "6"));
        assertThat(new StepInput.BeadGapInput().read(typed, Units.US).passes())
                .as("even, if at another gap than the front")
                .isTrue();
        typed.put("back4", "9");
        assertThat(outside(new StepInput.BeadGapInput().read(typed, Units.US))).startsWith("Back: spread 3/32 in");
    }

    @Test
    @DisplayName("a bead seats in the open up to 40 psi; above, only in a cage")
    void seating() {
        StepInput seat = new StepInput.BeadSeatingInput();
        assertThat(seat.read(Map.of("seating", "40", "where", "OPEN"), Units.US).passes())
                .isTrue();
        assertThat(outside(seat.read(Map.of("seating", "41", "where", "OPEN"), Units.US)))
                .contains("only in a cage");
        assertThat(seat.read(Map.of("seating", "60", "where", "CAGE"), Units.US).passes())
                .isTrue();
        assertThat(seat.read(Map.of("seating", "30"), Units.US).errors()).containsKey("where");
    }

    private static final StepInput.TorqueInput FULL =
            new StepInput.TorqueInput(Optional.of(Torque.parse("450 Nm", Torque.Unit.NM)), Optional.of(10), List.of());

    @Test
    @DisplayName("450 N·m typed as ft·lb is asked about; with its unit it is taken, within 5%")
    void torqueUnit() {
        StepInput.InputResult wrong = FULL.read(Map.of("torque", "450", "nuts", "10"), Units.US);
        assertThat(wrong.errors().get("torque"))
                .isEqualTo("This wheel asks for 332 ft·lb (450 N·m). Was 450 N·m meant? Then type it with its unit.");
        assertThat(FULL.read(Map.of("torque", "450 Nm", "nuts", "10"), Units.US).passes())
                .isTrue();
        assertThat(FULL.read(Map.of("torque", "340", "nuts", "10"), Units.US).passes())
                .isTrue();
        assertThat(FULL.read(Map.of("torque", "332", "nuts", "10"), Units.METRIC)
                        .errors()
                        .get("torque"))
                .contains("Was 332 ft·lb meant?");
        assertThat(FULL.read(Map.of("torque", "200", "nuts", "10"), Units.US)
                        .errors()
                        .get("torque"))
                .contains("Set the wrench again");
    }

    @Test
    @DisplayName("every nut of the wheel, at its full torque")
    void everyNut() {
        assertThat(outside(FULL.read(Map.of("torque", "332", "nuts", "8"), Units.US)))
                .isEqualTo("8 of 10 nuts: every nut, in the star’s order.");
        assertThat(new StepInput.TorqueInput(Optional.empty(), Optional.empty(), List.of())
                        .read(Map.of("torque", "475", "nuts", "8"), Units.US)
                        .passes())
                .as("an unread wheel can't be judged")
                .isTrue();
    }

    @Test
    @DisplayName("the cold pressure lies within 3 psi of the target and under the maximum, and is kept as entered")
    void coldPressure() {
        StepInput fill =
                new StepInput.ColdPressureInput(Optional.of(Pressure.psi(110)), Optional.of(Pressure.psi(112)));
        StepInput.InputResult metric = fill.read(Map.of("pressure", "760"), Units.METRIC);
        assertThat(metric.passes()).isTrue();
        assertThat(metric.recordedValues()).containsEntry("pressure", "760 kPa");
        assertThat(outside(fill.read(Map.of("pressure", "106"), Units.US))).contains("106 psi, target 110 psi");
        assertThat(outside(fill.read(Map.of("pressure", "113"), Units.US))).contains("over the maximum of 112 psi");
        assertThat(fill.read(Map.of("pressure", "about 110"), Units.US).errors())
                .containsKey("pressure");
    }

    @Test
    @DisplayName("nitrogen under 95% is purged again")
    void nitrogen() {
        StepInput purge = new StepInput.NitrogenInput(95);
        assertThat(purge.read(Map.of("nitrogen", "95"), Units.US).passes()).isTrue();
        assertThat(outside(purge.read(Map.of("nitrogen", "94,5%"), Units.US)))
                .isEqualTo("94.5%, at least 95%: purge again.");
        assertThat(purge.read(Map.of("nitrogen", "120"), Units.US).errors()).containsKey("nitrogen");
    }

    @Test
    @DisplayName("what has to be said is asked for at its field")
    void label() {
        assertThat(new StepInput.TextInput("note", "What was done", true)
                        .read(Map.of(), Units.US)
                        .errors())
                .containsKey("note");
        assertThat(new StepInput.TextInput("parts", "Parts", false)
                        .read(Map.of(), Units.US)
                        .passes())
                .isTrue();
        assertThat(new StepInput.ProfessionalVerdictInput()
                        .read(Map.of("verdict", "SERVICEABLE"), Units.US)
                        .errors())
                .containsOnlyKeys("professional");
        assertThat(new StepInput.DotOfInstalledTireInput()
                        .read(Map.of("dotCode", "3CT2XR5M2226"), Units.US)
                        .errors())
                .containsOnlyKeys("facing");
        assertThat(new StepInput.SensorIdInput()
                        .read(Map.of("sensor", "7F 21-a0"), Units.US)
                        .recordedValues())
                .containsEntry("sensor", "7F21A0");
    }

    @Test
    @DisplayName(
            "which wrench was in hand is asked where the shop has any on file, and its overdue check stands on record")
    void wrenchInHand() {
        StepInput.TorqueInput stage = new StepInput.TorqueInput(
                Optional.empty(),
                Optional.of(8),
                List.of(
                        new StepInput.TorqueInput.TorqueWrench("W-1", Optional.empty()),
                        new StepInput.TorqueInput.TorqueWrench(
                                "W-2",
                                Optional.of(rotagens.core.measure.Message.of("W-2 has no calibration on file")))));
        Map<String, String> typed = new HashMap<>(Map.of("torque", "450", "nuts", "8"));
        assertThat(stage.read(typed, Units.US).errors()).containsOnlyKeys("wrench");
        typed.put("wrench", "W-2");
        StepInput.InputResult doubtful = stage.read(typed, Units.US);
        assertThat(doubtful.passes()).isTrue();
        assertThat(doubtful.statement().in(Units.US))
                .isEqualTo("8 nuts at 450 ft·lb with W-2 (W-2 has no calibration on file)");
        typed.put("wrench", "W-9");
        assertThat(stage.read(typed, Units.US).errors().get("wrench")).contains("no wrench of this name");
    }
}
