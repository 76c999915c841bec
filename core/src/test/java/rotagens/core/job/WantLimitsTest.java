package rotagens.core.job;

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
import rotagens.core.measure.Units;

/** What a step wants, on its limit and just past it, and what of an entry is kept. */
class WantLimitsTest {

    private static String says(Want.Outcome outcome) {
        return outcome.says().in(Units.US);
    }

    private static String outside(Want.Outcome outcome) {
        return outcome.outside().map(says -> says.in(Units.US)).orElse("passes");
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
        Want.Outcome outcome = new Want.ColdPressure(Optional.of(Pressure.psi(95)), Optional.of(Pressure.psi(120)))
                .read(Map.of("pressure", typed), Units.US);
        assertThat(outside(outcome)).isEqualTo(expected);
        assertThat(says(outcome)).isEqualTo(typed + " psi cold");
        assertThat(outcome.kept()).containsEntry("pressure", typed + " psi");
    }

    @Test
    @DisplayName("without a known target a cold pressure is recorded and not judged")
    void coldPressureUnknown() {
        Want.Outcome outcome =
                new Want.ColdPressure(Optional.empty(), Optional.empty()).read(Map.of("pressure", "655 kPa"), Units.US);
        assertThat(outcome.passes()).isTrue();
        assertThat(outcome.kept()).containsEntry("pressure", "655 kPa");
    }

    @ParameterizedTest
    @CsvSource({"40,OPEN,true", "41,OPEN,false", "41,CAGE,true", "90,CAGE,true"})
    @DisplayName("beads seat at 40 psi at most in the open, above it only in a cage")
    void seating(String typed, String where, boolean passes) {
        Want.Outcome outcome = new Want.Seating().read(Map.of("seating", typed, "where", where), Units.US);
        assertThat(outcome.passes()).isEqualTo(passes);
        assertThat(says(outcome))
                .isEqualTo("seated at " + typed + " psi " + (where.equals("CAGE") ? "in a cage" : "in the open"));
        assertThat(outcome.kept()).containsEntry("seating", typed + " psi").containsEntry("where", where);
        if (!passes) {
            assertThat(outside(outcome)).contains("over 40 psi only in a cage", "step away from the trajectory");
        }
    }

    @Test
    @DisplayName("a bead gap of four places keeps each as entered and says the narrowest, the widest and their spread")
    void beadGap() {
        Want.Outcome outcome =
                new Want.BeadGap().read(Map.of("gap1", "3", "gap2", "4/32 in", "gap3", "5", "gap4", "4"), Units.US);
        assertThat(says(outcome)).isEqualTo("gap 3/32 in to 5/32 in, spread 2/32 in");
        assertThat(outcome.kept()).containsEntry("gap2", "4/32 in").containsOnlyKeys("gap1", "gap2", "gap3", "gap4");
        assertThat(new Want.BeadGap()
                        .read(
                                Map.of("gap1", "3", "gap2", "3", "gap3", "3", "gap4", "3", "gap8", "6", "gap9", "9"),
                                Units.US)
                        .says()
                        .in(Units.US))
                .as("eight places at most")
                .isEqualTo("gap 3/32 in to 6/32 in, spread 3/32 in");
    }

    private static final Want.Tightening FULL = new Want.Tightening(
            Optional.of(Torque.parse("100", Torque.Unit.FT_LB)),
            1,
            Optional.of(8),
            List.of(new Want.Tightening.Wrench("W-1", Optional.empty())));

    @ParameterizedTest
    @CsvSource({"100,true", "105,true", "95,true", "106,false", "94,false"})
    @DisplayName("a wrench is set within 5 % of what the stage asks for")
    void torque(String typed, boolean right) {
        Want.Outcome outcome = FULL.read(Map.of("torque", typed, "nuts", "8", "wrench", "W-1"), Units.US);
        assertThat(outcome.faults().containsKey("torque")).isNotEqualTo(right);
        if (right) {
            assertThat(says(outcome)).isEqualTo("8 nuts at " + typed + " ft·lb with W-1");
            assertThat(outcome.kept())
                    .containsEntry("torque", typed + " ft·lb")
                    .containsEntry("nuts", "8")
                    .containsEntry("wrench", "W-1");
        }
    }

    @ParameterizedTest
    @CsvSource({"3,true", "12,true", "2,false", "13,false", "eight,false"})
    @DisplayName("a wheel has 3 to 12 nuts")
    void nuts(String typed, boolean right) {
        Want.Outcome outcome = new Want.Tightening(Optional.empty(), 1, Optional.empty(), List.of())
                .read(Map.of("torque", "100", "nuts", typed), Units.US);
        assertThat(outcome.faults().isEmpty()).isEqualTo(right);
    }

    @Test
    @DisplayName("half the torque is asked for at half; a nut left out is said, with how many there are")
    void halfTorque() {
        Want.Tightening half = new Want.Tightening(
                Optional.of(Torque.parse("100", Torque.Unit.FT_LB)), 0.5, Optional.of(8), List.of());
        assertThat(half.wantedFtLb()).contains(50.0);
        Want.Outcome outcome = half.read(Map.of("torque", "50", "nuts", "7"), Units.US);
        assertThat(outside(outcome)).isEqualTo("7 of 8 nuts: every nut, in the star’s order.");
        assertThat(half.read(Map.of("torque", "100", "nuts", "8"), Units.US).faults())
                .containsOnlyKeys("torque");
    }

    @ParameterizedTest
    @CsvSource({"95,passes", "96.5,passes", "'94.9 %','94.9 %, at least 95 %: purge again.'", "100,passes"})
    @DisplayName("nitrogen is judged against the share asked for, on the figure itself")
    void nitrogen(String typed, String expected) {
        Want.Outcome outcome = new Want.Nitrogen(95).read(Map.of("nitrogen", typed), Units.US);
        assertThat(outside(outcome)).isEqualTo(expected);
        assertThat(outcome.kept()).containsEntry("nitrogen", typed.replace(" %", "") + " %");
    }

    @ParameterizedTest
    @CsvSource({"100.1", "101", "-1", "much", "''"})
    @DisplayName("a share of nitrogen that can’t be is refused at its field")
    void nitrogenRefused(String typed) {
        assertThat(new Want.Nitrogen(95)
                        .read(Map.of("nitrogen", typed), Units.US)
                        .faults())
                .containsOnlyKeys("nitrogen");
    }

    @Test
    @DisplayName("tread of the tire fitted is three grooves, each kept as entered; two are not enough")
    void treadFitted() {
        Want.Outcome three =
                new Want.TreadFitted().read(Map.of("outer", "14", "center", "13/32 in", "inner", "14"), Units.US);
        assertThat(says(three)).isEqualTo("tread 14/32 in · 13/32 in · 14/32 in");
        assertThat(three.kept()).containsEntry("center", "13/32 in");
        assertThat(new Want.TreadFitted().fields())
                .extracting(Want.Field::name)
                .containsExactly("outer", "center", "inner");
        Want.Outcome two = new Want.TreadFitted().read(Map.of("outer", "14", "inner", "14"), Units.METRIC);
        assertThat(two.faults()).containsOnlyKeys("center");
    }

    @Test
    @DisplayName("words of 300 characters are taken, of 301 not; a choice outside the two is a fault")
    void words() {
        Want.Professional professional = new Want.Professional();
        assertThat(professional
                        .read(Map.of("verdict", "SOUND", "professional", "x".repeat(300)), Units.US)
                        .passes())
                .isTrue();
        assertThat(professional
                        .read(Map.of("verdict", "SOUND", "professional", "x".repeat(301)), Units.US)
                        .faults())
                .containsOnlyKeys("professional");
        assertThat(professional
                        .read(Map.of("verdict", "PERHAPS", "professional", "K. Oyelaran"), Units.US)
                        .faults())
                .containsOnlyKeys("verdict");
        assertThat(says(professional.read(Map.of("verdict", "CONDEMNED", "professional", "K. Oyelaran"), Units.US)))
                .isEqualTo("condemned, K. Oyelaran");
        assertThat(says(professional.read(Map.of("verdict", "SOUND", "professional", "K. Oyelaran"), Units.US)))
                .isEqualTo("sound, K. Oyelaran");
    }
}
