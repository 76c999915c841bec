package rotagens.core.jobsheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import rotagens.core.jobsheet.TireChanger.TireChangerType;
import rotagens.core.jobsheet.WheelSection.Hold;
import rotagens.core.tire.LoadRatings;
import rotagens.core.tire.SidewallMarking;
import rotagens.core.tire.TireModel;
import rotagens.core.vehicle.PilotType;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.WheelSpec;

/** The machine, the wheel and the tire decide the drawing and its words. */
class WheelSectionTest {

    private static TireModel model(String sidewall) {
        SidewallMarking marking = SidewallMarking.parse(sidewall);
        return new TireModel(
                "Corvane",
                "Tessaly C2",
                marking.size(),
                new LoadRatings(marking.service(), marking.range(), Optional.empty(), Optional.empty()),
                Optional.empty(),
                Optional.empty(),
                false,
                true);
    }

    private static WheelSpec read(boolean isReversed) {
        WheelSpec wheel = WheelSpec.of(Optional.of(PilotType.HUB), Optional.empty());
        return new WheelSpec(
                wheel.pilotType(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalInt.empty(),
                "",
                false,
                Optional.empty(),
                "steel",
                Optional.empty(),
                Optional.empty(),
                isReversed,
                "");
    }

    private static Optional<WheelSection> at(StepCode step, WheelSpec wheel, TireChangerType type, String sidewall) {
        return WheelSection.of(
                step,
                new WheelJob(
                        Position.parse("1L"),
                        "steer left",
                        WheelTask.NEW_TIRE,
                        Optional.of(model(sidewall)),
                        Optional.empty(),
                        wheel,
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        false,
                        java.util.List.of(),
                        Optional.empty(),
                        WheelJob.Found.NOTHING),
                Optional.ofNullable(type)
                        .map(kind -> new TireChanger(
                                "C-1",
                                kind,
                                Optional.empty(),
                                OptionalDouble.empty(),
                                OptionalDouble.empty(),
                                Optional.empty(),
                                Map.of())));
    }

    @Test
    @DisplayName("on a jaw table the wheel lies face up, held from outside; thick beads get the press arm")
    void jaws() {
        assertThat(at(StepCode.DEMOUNT, read(false), TireChangerType.SIDE_SHOVEL, "275/70R22.5 148/145M H")
                        .orElseThrow()
                        .statement())
                .isEqualTo(
                        "Wheel from the side: face up; drop center above; jaws from outside, covers on; bead over the mount head;"
                                + " press arm holds the opposite bead in the drop center.");
    }

    @Test
    @DisplayName("a center clamp has no jaws and no shovel in its words, and is let go in its order after mounting")
    void center() {
        WheelSection mount = at(StepCode.MOUNT, read(false), TireChangerType.CENTER_CLAMP, "225/45R17 94W")
                .orElseThrow();
        assertThat(mount.hold()).isEqualTo(Hold.CENTER_CONE);
        assertThat(mount.release()).containsExactly("unlock the center shaft", "relieve the pressure", "pull the cone");
        assertThat(mount.statement()).doesNotContain("jaw", "shovel", "press arm");
        assertThat(at(StepCode.DEMOUNT, read(false), TireChangerType.CENTER_CLAMP, "225/45R17 94W")
                        .orElseThrow()
                        .release())
                .isEmpty();
    }

    @Test
    @DisplayName("a reversed wheel lies face down and stays clamped for the jaws' blast; any other one rests free")
    void blast() {
        WheelSection reversed = at(StepCode.SEAT, read(true), TireChangerType.LEVERLESS, "275/70R22.5")
                .orElseThrow();
        assertThat(reversed.statement())
                .contains("face down, the wheel is reversed", "jaws from outside", "blast from the jaws");
        assertThat(at(StepCode.SEAT, read(false), TireChangerType.LEVERLESS, "275/70R22.5")
                        .orElseThrow()
                        .hold())
                .isEqualTo(Hold.FREE);
        assertThat(at(StepCode.SEAT, read(true), TireChangerType.CENTER_CLAMP, "275/70R22.5")
                        .orElseThrow()
                        .statement())
                .contains("resting free", "blast at the bead");
    }

    @Test
    @DisplayName("a wheel nobody has read is not said to face either way; other steps have no drawing")
    void unknown() {
        assertThat(at(StepCode.MOUNT, WheelSpec.UNKNOWN, null, "275/70R22.5")
                        .orElseThrow()
                        .statement())
                .contains("read which way this wheel faces")
                .doesNotContain("face up", "jaws", "cone");
        assertThat(at(StepCode.FILL, read(false), null, "275/70R22.5")).isEmpty();
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource({
        "225/45R17 94W, Sparing: a sidewall this low can turn on its wheel., Thick beads want the press arm and a bar for a start*",
        "LT245/75R17 121/118Q E, Generous for tight beads., Never force.",
        "275/70R22.5, Generous for tight beads., Thick beads: the press arm and a bar for a start*",
        "11R22.5 144/142L G, Generous for tight beads., Thick beads: the press arm and a bar for a start*"
    })
    @DisplayName("how much lubricant and what starts a bead follows the sidewall; where it doesn't tell, both are said")
    void build(String sidewall, String lubricant, String start) {
        BeadBuild build = BeadBuild.of(Optional.of(model(sidewall)));
        assertThat(build.lubricant()).isEqualTo(lubricant);
        assertThat(build.start()).isEqualTo(start.replace("*", ", never force."));
    }

    @Test
    @DisplayName("of an unknown tire both sentences are said")
    void nothingKnown() {
        BeadBuild build = BeadBuild.of(Optional.empty());
        assertThat(build.lubricant()).contains("Generous", "sparing");
        assertThat(build.start()).contains("want the press arm");
    }
}
