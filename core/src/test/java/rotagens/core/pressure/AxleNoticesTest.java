package rotagens.core.pressure;

import static org.assertj.core.api.Assertions.assertThat;
import static rotagens.core.pressure.Rig.coach;
import static rotagens.core.pressure.Rig.pickup;
import static rotagens.core.pressure.SchoolsTest.concerns;
import static rotagens.core.pressure.SchoolsTest.explanation;
import static rotagens.core.pressure.SchoolsTest.target;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Rule;
import rotagens.core.measure.Units;
import rotagens.core.vehicle.LoadState;

/** What is said beside an axle’s target: trims, warning thresholds, loads apart, charts borrowed. */
class AxleNoticesTest {

    @Test
    @DisplayName(
            "the contact trim is never under what the heaviest load needs at the next check, without a scale ticket never under the placard, without either refused")
    void trim() {
        Rig weighed = coach().weighed(LoadState.NORMAL, 9, 5000, 4950, 9000, 9000)
                .weighed(LoadState.FULL, 9, 5640, 5580, 9800, 9700);
        assertThat(weighed.trimmed(1, 90)
                        .axle(1)
                        .methodResult(PressureMethod.CHALK_TEST)
                        .isOffered())
                .isFalse();
        // 92.6 ÷ 0.95^(30 ÷ 30.4) is 97.4: sensors work here, so a gauge comes every 30 days.
        assertThat(weighed.trimmed(1, 97)
                        .axle(1)
                        .methodResult(PressureMethod.CHALK_TEST)
                        .isOffered())
                .isFalse();
        AxlePressure chosen =
                weighed.trimmed(1, 98).chose(PressureMethod.CHALK_TEST, false).axle(1);
        assertThat(target(chosen)).contains(98.0);
        assertThat(concerns(chosen))
                .as("the trial ran on warm tires")
                .contains("WATCH The target 98 psi is to be confirmed cold");
        assertThat(coach().unplacarded(1)
                        .trimmed(1, 105)
                        .axle(1)
                        .methodResult(PressureMethod.CHALK_TEST)
                        .reason()
                        .statement()
                        .in(Units.US))
                .isEqualTo("105 psi by chalk test, but no scale ticket and no placard limits it");
        assertThat(coach().trimmed(1, 105)
                        .axle(1)
                        .methodResult(PressureMethod.CHALK_TEST)
                        .reason()
                        .statement()
                        .in(Units.US))
                .isEqualTo("105 psi is under 110 psi, the placard");
    }

    @Test
    @DisplayName("a system that warns 12% below the set target asks for need ÷ 0.88: 92.6 becomes 105.2, so 110")
    void shareThreshold() {
        AxlePressure steer = coach().weighed(LoadState.NORMAL, 9, 5640, 5580, 9800, 9700)
                .warnsBelow(1, 0.12)
                .axle(1);
        assertThat(target(steer)).contains(110.0);
        assertThat(concerns(steer)).noneMatch(words -> words.startsWith("WATCH"));
    }

    @Test
    @DisplayName("a fixed threshold under the need warns too late: it says by how much, and more air is no cure")
    void fixedThreshold() {
        Rig rig = coach().weighed(LoadState.NORMAL, 9, 5640, 5580, 9800, 9700).thresholdPressure(1, 84);
        assertThat(concerns(rig.axle(1))).contains("WATCH Warns at 84 psi, the load needs 92.6 psi: 8.6 psi too late");
        assertThat(explanation(rig.axle(1), Rule.WARNING_THRESHOLD))
                .contains("Gauge every 14 days")
                .contains("qualified person");
        assertThat(rig.solve().isThresholdTooLow()).isTrue();
        assertThat(concerns(
                        coach().warns(1, Optional.of(Pressure.psi(95)), 0, true).axle(1)))
                .anyMatch(words -> words.startsWith("NOTE The threshold was lowered by Rafe Halloran"));
        assertThat(concerns(coach().axle(1))).contains("NOTE At which pressure the system warns isn’t on record");
    }

    @Test
    @DisplayName("a light vehicle warns by law at 25% below its placard")
    void lawfulThreshold() {
        assertThat(pickup().axle(1).warning()).contains(Pressure.psi(45));
        assertThat(pickup().silent().axle(1).warning()).isEmpty();
    }

    @Test
    @DisplayName("an end heavier by over 5% of the axle: how much to move to which side, and the pressure it saves")
    void imbalance() {
        AxlePressure steer =
                coach().weighed(LoadState.NORMAL, 9, 5800, 5200, 9000, 9000).axle(1);
        assertThat(concerns(steer)).contains("NOTE The left end is heavier by 5.5% of the axle");
        assertThat(explanation(steer, Rule.SIDE_DIFFERENCE))
                .isEqualTo("Moving 300 lb to the other side evens it out. Then 90 psi carries it instead of 100 psi.");
    }

    @Test
    @DisplayName("front over rear where the placard has it the other way: is this an empty setting?")
    void reversed() {
        Rig rig =
                coach().weighed(LoadState.EMPTY, 9, 4400, 4400, 10_800, 10_800).inForce(LoadState.EMPTY);
        assertThat(rig.solve().frontRearReversal().orElseThrow().in(Units.US)).contains("is this an empty setting?");
        assertThat(coach().solve().frontRearReversal()).isEmpty();
    }

    @Test
    @DisplayName("a heavier scale ticket serves a state never weighed as an upper bound, and says so")
    void borrowed() {
        AxlePressure steer = coach().weighed(LoadState.FULL, 9, 5640, 5580, 9800, 9700)
                .inForce(LoadState.NORMAL)
                .axle(1);
        assertThat(steer.load().orElseThrow().perTireLb()).isEqualTo(5640);
        assertThat(target(steer)).contains(95.0);
        assertThat(concerns(steer)).contains("NOTE Never weighed normal");
    }

    @Test
    @DisplayName(
            "a target that reaches the minimum within 14 days at a normal rate is raised a row by default, and no further than a maximum")
    void soonAtNeed() {
        AxlePressure steer =
                coach().weighed(LoadState.NORMAL, 9, 5740, 5700, 9800, 9700).axle(1);
        assertThat(target(steer)).contains(100.0);
        assertThat(steer.target().reason().statement().in(Units.US))
                .isEqualTo(
                        "5,740 lb a tire on the heavier end: 95 psi, raised to 100 psi: less leaves under 14 days of normal loss above the minimum");
        AxlePressure held = coach().wheels(97, 7400)
                .weighed(LoadState.NORMAL, 9, 5740, 5700, 9800, 9700)
                .axle(1);
        assertThat(target(held)).contains(95.0);
        assertThat(concerns(held))
                .anyMatch(words -> words.startsWith("NOTE 95 psi reaches the need of 94.7 psi in 1 day at"));
    }

    @Test
    @DisplayName("the tightest margin comes first, passed limits say so")
    void margins() {
        Rig rig = coach().wheels(120, 7400).gawr(1, 11_000).weighed(LoadState.NORMAL, 9, 5640, 5580, 9800, 9700);
        List<RatingMargin> ratingMargins = RatingMargin.of(rig.vehicle(), rig.axle(1));
        assertThat(ratingMargins)
                .extracting(RatingMargin::rated)
                .containsExactly("axle rating (GAWR)", "tire at its highest allowed pressure", "wheel");
        assertThat(ratingMargins.get(0).isExceeded()).isTrue();
        assertThat(ratingMargins.get(0).remaining().lb()).isEqualTo(220);
        assertThat(ratingMargins.get(1).remaining().lb()).isEqualTo(1300);
    }
}
