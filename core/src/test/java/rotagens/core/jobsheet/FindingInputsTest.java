package rotagens.core.jobsheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import rotagens.core.measure.Torque;
import rotagens.core.measure.Units;

class FindingInputsTest {

    private static String outside(StepInput.InputResult inputResult) {
        return inputResult.outside().map(says -> says.in(Units.US)).orElse("");
    }

    @ParameterizedTest
    @ValueSource(strings = {"CRACKED", "BENT", "RUSTED", "STUD_HOLE"})
    @DisplayName("a wheel that isn't sound is out of service: its step isn't done")
    void wheel(String found) {
        StepInput.InputResult result = new FindingInputs.WheelInput().read(Map.of("wheel", found), Units.US);
        assertThat(result.errors()).isEmpty();
        assertThat(outside(result)).contains("out of service").contains("another wheel");
    }

    @Test
    @DisplayName("another wheel needs its kind said; a sound one goes on, and nothing said is asked for")
    void another() {
        StepInput wheel = new FindingInputs.WheelInput();
        assertThat(wheel.read(Map.of("wheel", "SOUND"), Units.US).passes()).isTrue();
        assertThat(wheel.read(Map.of("wheel", "ANOTHER"), Units.US).errors()).containsOnlyKeys("pilot");
        assertThat(wheel.read(Map.of("wheel", "ANOTHER", "pilot", "HUB"), Units.US)
                        .passes())
                .isTrue();
        assertThat(wheel.read(Map.of(), Units.US).errors()).containsOnlyKeys("wheel");
        assertThat(wheel.read(Map.of("wheel", "FINE"), Units.US).errors()).containsOnlyKeys("wheel");
    }

    @Test
    @DisplayName("a new tire whose bead tore isn't seated; the old one's torn bead holds nothing up")
    void bead() {
        assertThat(outside(new FindingInputs.BeadInput(false, true).read(Map.of("bead", "TORN"), Units.US)))
                .contains("scrap");
        assertThat(new FindingInputs.BeadInput(false, false)
                        .read(Map.of("oldBead", "TORN"), Units.US)
                        .passes())
                .isTrue();
        assertThat(new FindingInputs.BeadInput(true, false)
                        .read(Map.of(), Units.US)
                        .errors())
                .containsOnlyKeys("bead");
    }

    @ParameterizedTest
    @CsvSource({"NONE,true", "LITTLE,true", "FAR,false", "LOOSE,false"})
    @DisplayName(
            "at re-torque a nut more than a quarter turn off, or loose, means wheel off and not tightening over it")
    void nuts(String turned, boolean passes) {
        StepInput nuts = new FindingInputs.NutsInput(
                new StepInput.TorqueInput(
                        Optional.of(Torque.parse("450", Torque.Unit.FT_LB)), Optional.of(10), List.of()),
                90);
        StepInput.InputResult result =
                nuts.read(Map.of("torque", "450", "nuts", "10", "turned", turned, "whichNuts", "3 and 4"), Units.US);
        assertThat(result.passes()).isEqualTo(passes);
        assertThat(outside(result))
                .matches(passes ? "" : "3 and 4: .*Wheel off, look at studs.*|3 and 4: .*wheel off.*");
        assertThat(nuts.read(Map.of("torque", "450", "nuts", "10", "turned", "LITTLE"), Units.US)
                        .errors())
                .containsOnlyKeys("whichNuts");
        assertThat(outside(nuts.read(Map.of("torque", "450", "nuts", "9", "turned", "NONE"), Units.US)))
                .contains("9 of 10 nuts");
    }

    @Test
    @DisplayName("how far a nut may turn is the fleet's policy, and the choices say it")
    void turnByPolicy() {
        StepInput.TorqueInput torque = new StepInput.TorqueInput(Optional.empty(), Optional.of(10), List.of());
        assertThat(new FindingInputs.NutsInput(torque, 60)
                        .fields().stream()
                                .flatMap(field -> field.options().stream())
                                .map(StepInput.InputField.Option::label))
                .contains("up to 60°", "more than 60°");
        assertThat(new FindingInputs.NutsInput(torque, 90)
                        .fields().stream()
                                .flatMap(field -> field.options().stream())
                                .map(StepInput.InputField.Option::label))
                .contains("up to a quarter turn");
    }

    @Test
    @DisplayName("the second person is named, and is somebody of the house")
    void second() {
        StepInput two = new FindingInputs.SecondPersonInput(List.of("Tomas Weil"));
        assertThat(two.read(Map.of("second", "Tomas Weil"), Units.US).passes()).isTrue();
        assertThat(two.read(Map.of("second", "Nobody"), Units.US).errors()).containsOnlyKeys("second");
        assertThat(two.read(Map.of(), Units.US).errors()).containsOnlyKeys("second");
    }
}
