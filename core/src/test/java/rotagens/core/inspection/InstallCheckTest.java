package rotagens.core.inspection;

import static org.assertj.core.api.Assertions.assertThat;
import static rotagens.core.inspection.Sample.TODAY;
import static rotagens.core.inspection.Sample.tire;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import rotagens.core.fact.Finding;
import rotagens.core.fact.OpenFinding;
import rotagens.core.measure.Load;
import rotagens.core.measure.Units;
import rotagens.core.policy.Policy;
import rotagens.core.tire.LoadRatings;
import rotagens.core.tire.SidewallMarking;
import rotagens.core.tire.Tire;
import rotagens.core.tire.TireModel;
import rotagens.core.vehicle.PilotType;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Vehicle;

/** What fitting a tire would bring, and what to order for a position. */
class InstallCheckTest {

    private static InstallCheck fit(String position, Tire tire, Finding... open) {
        return fitOn(TODAY, position, tire, open);
    }

    private static InstallCheck fitOn(LocalDate day, String position, Tire tire, Finding... open) {
        VehicleState coach = Sample.coach().state();
        List<TireState> others =
                coach.vehicle().layout().positions().stream().map(coach::at).toList();
        TireState there = new TireState(
                Position.parse(position),
                Optional.of(tire),
                List.of(Sample.reading(3, 95, 14, 14, 14)),
                java.util.Arrays.stream(open)
                        .map(finding -> new OpenFinding(finding, TODAY, "R. Halloran"))
                        .toList(),
                Optional.empty(),
                Optional.empty());
        return InstallCheck.of(coach, others, there, Policy.DEFAULTS, TODAY, day);
    }

    private static List<String> statement(List<VerdictReason> reasons) {
        return reasons.stream()
                .map(one -> one.reason().statement().in(Units.US))
                .toList();
    }

    private static Tire changed(Tire tire, boolean retread, boolean steerAllowed) {
        TireModel model = tire.model();
        return new Tire(
                tire.id(),
                new TireModel(
                        model.manufacturer(),
                        model.name(),
                        model.size(),
                        model.ratings(),
                        model.moldedPressure(),
                        model.originalDepth(),
                        model.isDirectional(),
                        steerAllowed),
                tire.dotWeek(),
                retread,
                tire.installedOn());
    }

    @Test
    @DisplayName("a sound tire of the same size has nothing against it")
    void sound() {
        InstallCheck installCheck = fit("3L", tire("275/70R22.5", "2325"));
        assertThat(installCheck.refusals()).isEmpty();
        assertThat(statement(installCheck.notes())).isEmpty();
    }

    @Test
    @DisplayName("a retread and a model kept off steer are refused on steer, and only there")
    void steer() {
        Tire retread = changed(tire("275/70R22.5", "2325"), true, true);
        Tire drive = changed(tire("275/70R22.5", "2325"), false, false);
        assertThat(statement(fit("1L", retread).refusals())).containsExactly("Retread on the steer axle");
        assertThat(statement(fit("1L", drive).refusals())).containsExactly("Corvane Tessaly C2 on the steer axle");
        assertThat(fit("2LO", retread).refusals()).isEmpty();
        assertThat(fit("2LO", drive).refusals()).isEmpty();
    }

    @Test
    @DisplayName("a trailer tire is refused on every axle of a motor vehicle")
    void trailerTire() {
        for (String position : List.of("1L", "2LO", "3R")) {
            assertThat(statement(fit(position, tire("ST235/80R16", "2325")).refusals()))
                    .contains("ST235/80R16, a trailer tire, on a motor vehicle");
        }
    }

    @Test
    @DisplayName("damage and age past the overall limit are refused anywhere; another size across is to be put right")
    void damageAgeSize() {
        assertThat(fit("3R", tire("275/70R22.5", "2325"), Finding.BULGE).refusals())
                .hasSize(1);
        assertThat(fit("3R", tire("275/70R22.5", "2016")).refusals()).hasSize(1);
        InstallCheck otherSize = fit("3R", tire("295/75R22.5", "2325"));
        assertThat(otherSize.refusals()).isEmpty();
        assertThat(statement(otherSize.notes())).contains("295/75R22.5 here, 275/70R22.5 at 3L");
    }

    @Test
    @DisplayName(
            "a tire that reaches its age limit before the day it goes on is refused; one that reaches it soon after is noted")
    void ageOnTheDay() {
        Tire old = tire("275/70R22.5", "5016");
        LocalDate reached = old.dotWeek().orElseThrow().reaches(10);
        assertThat(reached).as("the sample's day is before it").isAfter(TODAY);
        InstallCheck before = fitOn(reached.minusDays(1), "3R", old);
        assertThat(before.refusals()).isEmpty();
        assertThat(statement(before.notes())).anyMatch(said -> said.startsWith("Age 9.9 y"));
        InstallCheck onTheDay = fitOn(reached, "3R", old);
        assertThat(statement(onTheDay.refusals())).hasSize(1).allMatch(said -> said.startsWith("Age 9.9 y"));
        assertThat(statement(onTheDay.notes())).noneMatch(said -> said.startsWith("Age 9.9 y"));
    }

    private static final TireModel RATED = new TireModel(
            "Corvane",
            "Tessaly C2",
            SidewallMarking.parse("275/70R22.5").size(),
            new LoadRatings(
                    SidewallMarking.parse("275/70R22.5 148/145M H").service(),
                    SidewallMarking.parse("275/70R22.5 148/145M H").range(),
                    Optional.empty(),
                    Optional.empty()),
            Optional.empty(),
            Optional.empty(),
            false,
            true);

    private static List<String> order(Sample coach, String position, Optional<Load> gawr) {
        return OrderSpecification.of(coach.state(), Position.parse(position), gawr).items().stream()
                .map(item -> item.property() + ": "
                        + item.value().map(value -> value.in(Units.US)).orElse("?") + " ("
                        + item.source().in(Units.US) + ")")
                .toList();
    }

    private static Tire rated() {
        return new Tire(1, RATED, Optional.empty(), false, Optional.empty());
    }

    @Test
    @DisplayName("the order is as the opposite side, with the axle's rating shared by its tires")
    void orderAsOpposite() {
        Sample coach = Sample.coach()
                .fitted("2RI", rated())
                .wheel("2LI", new Vehicle.WheelLimits(Optional.of(PilotType.HUB), Optional.empty()));
        assertThat(order(coach, "2LI", Optional.of(Load.lb(21_160))))
                .containsExactly(
                        "Size: 275/70R22.5 (as at 2RI, the opposite side)",
                        "Load range: H (as at 2RI, the opposite side)",
                        "Service description: 148/145M (as at 2RI, the opposite side)",
                        "Pattern: Corvane Tessaly C2 (as at 2RI, the opposite side)",
                        "Wheel: hub-piloted (as on file for this position; the two types never interchange)",
                        "Carries at least, as one of a dual: 5,290 lb (axle rating 21,160 lb over 4 tires)");
    }

    @Test
    @DisplayName("without the axle's rating no less than the tire there; what nobody read is said, not guessed")
    void orderWithGaps() {
        Sample coach = Sample.coach().fitted("3L", rated()).fitted("3R", null);
        assertThat(order(coach, "3R", Optional.empty()))
                .contains(
                        "Carries at least: 6,945 lb (no less than the tire there now; the axle’s rating isn’t on file)")
                .contains("Wheel: ? (pilot type not on file: look at the stud holes and nuts)");
        assertThat(order(Sample.coach().fitted("3L", null).fitted("3R", null), "3R", Optional.empty()))
                .contains("Size: 275/70R22.5 (from the placard)")
                .contains("Load range: ? (not on file: read it off the sidewall)")
                .contains("Carries at least: ? (neither the axle’s rating nor the tire’s is on file)");
        assertThat(order(Sample.coach(), "1L", Optional.empty()))
                .contains("Use: steer axle: allowed there by its manufacturer, no retread (rule)");
    }

    @Test
    @DisplayName("a rating that doesn't divide evenly is rounded up: each tire must carry its share")
    void rounding() {
        assertThat(order(Sample.coach(), "2LO", Optional.of(Load.lb(21_162))))
                .contains("Carries at least, as one of a dual: 5,291 lb (axle rating 21,162 lb over 4 tires)");
    }
}
