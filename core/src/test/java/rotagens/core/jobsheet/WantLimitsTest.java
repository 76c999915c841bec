package rotagens.core.jobsheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Torque;
import rotagens.core.measure.TreadDepth;
import rotagens.core.measure.Units;

/** What a step wants, on its limit and just past it, and what of an entry is kept. */
class WantLimitsTest {

    private static String statement(StepInput.InputResult inputResult) {
        return inputResult.statement().in(Units.US);
    }

    private static String outside(StepInput.InputResult inputResult) {
        return inputResult.outside().map(says -> says.in(Units.US)).orElse("passes");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
                    95  | passes
                    98  | passes
                    92  | passes
                    99  | 99 psi, target 95 psi: within 3 psi of it.
                    91  | 91 psi, target 95 psi: within 3 psi of it.
                    120 | 120 psi, target 95 psi: within 3 psi of it.
                    121 | 121 psi is over the maximum of 120 psi.
                    """)
    @DisplayName("a cold pressure is within 3 psi of its target, and under the maximum before anything else")
    void coldPressure(String typed, String expected) {
        StepInput.InputResult inputResult = new StepInput.ColdPressureInput(
                        Optional.of(Pressure.psi(95)), Optional.of(Pressure.psi(120)))
                .read(Map.of("pressure", typed), Units.US);
        assertThat(outside(inputResult)).isEqualTo(expected);
        assertThat(statement(inputResult)).isEqualTo(typed + " psi cold");
        assertThat(inputResult.recordedValues()).containsEntry("pressure", typed + " psi");
    }

    @Test
    @DisplayName("without a known target a cold pressure is recorded and not judged")
    void coldPressureUnknown() {
        StepInput.InputResult inputResult = new StepInput.ColdPressureInput(Optional.empty(), Optional.empty())
                .read(Map.of("pressure", "655 kPa"), Units.US);
        assertThat(inputResult.passes()).isTrue();
        assertThat(inputResult.recordedValues()).containsEntry("pressure", "655 kPa");
    }

    @ParameterizedTest
    @CsvSource({"40,OPEN,true", "41,OPEN,false", "41,CAGE,true", "90,CAGE,true"})
    @DisplayName("beads seat at 40 psi at most in the open, above it only in a cage")
    void seating(String typed, String where, boolean passes) {
        StepInput.InputResult inputResult =
                new StepInput.BeadSeatingInput().read(Map.of("seating", typed, "where", where), Units.US);
        assertThat(inputResult.passes()).isEqualTo(passes);
        assertThat(statement(inputResult))
                .isEqualTo("seated at " + typed + " psi " + (where.equals("CAGE") ? "in a cage" : "in the open"));
        assertThat(inputResult.recordedValues())
                .containsEntry("seating", typed + " psi")
                .containsEntry("where", where);
        if (!passes) {
            assertThat(outside(inputResult)).contains("over 40 psi only in a cage", "step away from the trajectory");
        }
    }

    @Test
    @DisplayName("a bead gap of four places keeps each as entered and says the narrowest, the widest and their spread")
    void beadGap() {
        StepInput.InputResult inputResult = new StepInput.BeadGapInput()
                .read(
                        Map.of("gap1", "3", "gap2", "4/32 in", "gap3", "5", "gap4", "4", "backUnreached", "hub"),
                        Units.US);
        assertThat(statement(inputResult))
                .isEqualTo("front gap 3/32 in to 5/32 in, spread 2/32 in, back not reached: hub");
        assertThat(inputResult.recordedValues())
                .containsEntry("gap2", "4/32 in")
                .containsOnlyKeys("gap1", "gap2", "gap3", "gap4", "backUnreached");
        assertThat(new StepInput.BeadGapInput()
                        .read(
                                Map.of(
                                        "gap1",
                                        "3",
                                        "gap2",
                                        "3",
                                        "gap3",
                                        "3",
                                        "gap4",
                                        "3",
                                        "gap8",
                                        "6",
                                        "gap9",
                                        "9",
                                        "backUnreached",
                                        "hub"),
                                Units.US)
                        .statement()
                        .in(Units.US))
                .as("eight places at most")
                .isEqualTo("front gap 3/32 in to 6/32 in, spread 3/32 in, back not reached: hub");
    }

    private static final StepInput.TorqueInput FULL = new StepInput.TorqueInput(
            Optional.of(Torque.parse("100", Torque.Unit.FT_LB)),
            Optional.of(8),
            List.of(new StepInput.TorqueInput.TorqueWrench("W-1", Optional.empty())));

    @ParameterizedTest
    @CsvSource({"100,true", "105,true", "95,true", "106,false", "94,false"})
    @DisplayName("a wrench is set within 5% of what the stage asks for")
    void torque(String typed, boolean right) {
        StepInput.InputResult inputResult = FULL.read(Map.of("torque", typed, "nuts", "8", "wrench", "W-1"), Units.US);
        assertThat(inputResult.errors().containsKey("torque")).isNotEqualTo(right);
        if (right) {
            assertThat(statement(inputResult)).isEqualTo("8 nuts at " + typed + " ft·lb with W-1");
            assertThat(inputResult.recordedValues())
                    .containsEntry("torque", typed + " ft·lb")
                    .containsEntry("nuts", "8")
                    .containsEntry("wrench", "W-1");
        }
    }

    @ParameterizedTest
    @CsvSource({"3,true", "12,true", "2,false", "13,false", "eight,false"})
    @DisplayName("a wheel has 3 to 12 nuts")
    void nuts(String typed, boolean right) {
        StepInput.InputResult inputResult = new StepInput.TorqueInput(Optional.empty(), Optional.empty(), List.of())
                .read(Map.of("torque", "100", "nuts", typed), Units.US);
        assertThat(inputResult.errors().isEmpty()).isEqualTo(right);
    }

    @Test
    @DisplayName("the full torque is asked for; a nut left out is said, with how many there are")
    void everyNut() {
        StepInput.TorqueInput full = new StepInput.TorqueInput(
                Optional.of(Torque.parse("100", Torque.Unit.FT_LB)), Optional.of(8), List.of());
        assertThat(full.wantedFtLb()).contains(100.0);
        StepInput.InputResult inputResult = full.read(Map.of("torque", "100", "nuts", "7"), Units.US);
        assertThat(outside(inputResult)).isEqualTo("7 of 8 nuts: every nut, in the star’s order.");
        assertThat(full.read(Map.of("torque", "50", "nuts", "8"), Units.US).errors())
                .containsOnlyKeys("torque");
    }

    @ParameterizedTest
    @CsvSource({"95,passes", "96.5,passes", "'94.9%','94.9%, at least 95%: purge again.'", "100,passes"})
    @DisplayName("nitrogen is judged against the share asked for, on the figure itself")
    void nitrogen(String typed, String expected) {
        StepInput.InputResult inputResult = new StepInput.NitrogenInput(95).read(Map.of("nitrogen", typed), Units.US);
        assertThat(outside(inputResult)).isEqualTo(expected);
        assertThat(inputResult.recordedValues()).containsEntry("nitrogen", typed.replace("%", "") + "%");
    }

    @ParameterizedTest
    @CsvSource({"100.1", "101", "-1", "much", "''"})
    @DisplayName("a share of nitrogen that can’t be is refused at its field")
    void nitrogenRefused(String typed) {
        assertThat(new StepInput.NitrogenInput(95)
                        .read(Map.of("nitrogen", typed), Units.US)
                        .errors())
                .containsOnlyKeys("nitrogen");
    }

    @Test
    @DisplayName("tread of the installed tire is three grooves, each kept as entered; two are not enough")
    void treadFitted() {
        StepInput.InputResult three = new StepInput.TreadOfInstalledTireInput(Optional.of(TreadDepth.of32nds(14)))
                .read(Map.of("outer", "14", "center", "13/32 in", "inner", "14"), Units.US);
        assertThat(statement(three)).isEqualTo("tread 14/32 in · 13/32 in · 14/32 in");
        assertThat(three.recordedValues()).containsEntry("center", "13/32 in");
        assertThat(new StepInput.TreadOfInstalledTireInput(Optional.of(TreadDepth.of32nds(14))).fields())
                .extracting(StepInput.InputField::name)
                .containsExactly("outer", "center", "inner");
        StepInput.InputResult two = new StepInput.TreadOfInstalledTireInput(Optional.of(TreadDepth.of32nds(14)))
                .read(Map.of("outer", "11", "inner", "11"), Units.METRIC);
        assertThat(two.errors()).containsOnlyKeys("center");
    }

    @Test
    @DisplayName("a groove deeper than the model has when new is asked about at the wheel, not when the job is closed")
    void tooDeep() {
        StepInput tread = new StepInput.TreadOfInstalledTireInput(Optional.of(TreadDepth.of32nds(11)));
        assertThat(tread.read(Map.of("outer", "12", "center", "12", "inner", "12"), Units.US)
                        .passes())
                .isTrue();
        assertThat(tread.read(Map.of("outer", "12", "center", "13", "inner", "12"), Units.US)
                        .errors())
                .containsOnlyKeys("center");
    }

    @Test
    @DisplayName("words of 300 characters are taken, of 301 not; a choice outside the two is a fault")
    void label() {
        StepInput.ProfessionalVerdictInput professionalVerdictInput = new StepInput.ProfessionalVerdictInput();
        assertThat(professionalVerdictInput
                        .read(Map.of("verdict", "SERVICEABLE", "professional", "x".repeat(300)), Units.US)
                        .passes())
                .isTrue();
        assertThat(professionalVerdictInput
                        .read(Map.of("verdict", "SERVICEABLE", "professional", "x".repeat(301)), Units.US)
                        .errors())
                .containsOnlyKeys("professional");
        assertThat(professionalVerdictInput
                        .read(Map.of("verdict", "PERHAPS", "professional", "K. Oyelaran"), Units.US)
                        .errors())
                .containsOnlyKeys("verdict");
        assertThat(statement(professionalVerdictInput.read(
                        Map.of("verdict", "CONDEMNED", "professional", "K. Oyelaran"), Units.US)))
                .isEqualTo("condemned, K. Oyelaran");
        assertThat(statement(professionalVerdictInput.read(
                        Map.of("verdict", "SERVICEABLE", "professional", "K. Oyelaran"), Units.US)))
                .isEqualTo("sound, K. Oyelaran");
    }
}
