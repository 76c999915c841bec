package rotagens.core.rotation;

import static org.assertj.core.api.Assertions.assertThat;
import static rotagens.core.rotation.Rack.LUG;
import static rotagens.core.rotation.Rack.RIB;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import rotagens.core.measure.Rule;
import rotagens.core.measure.Units;
import rotagens.core.policy.Policy;
import rotagens.core.policy.PolicyChoice;
import rotagens.core.policy.PolicyNumber;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Sensor;

/** The best arrangement for a purpose, worked by hand. */
class RotationProposalTest {

    private static RotationProposal propose(Rack rack, RotationGoal rotationGoal) {
        return RotationProposal.of(rack.bench(), rotationGoal).orElseThrow();
    }

    private static List<String> names(RotationProposal rotationProposal) {
        return rotationProposal.arrangement().tires().values().stream()
                .map(CandidateTire::name)
                .toList();
    }

    @Test
    @DisplayName(
            "age ladder: the newest pair goes to steer, the steer pair that passes its age before the next visit moves back")
    void ageLadder() {
        RotationProposal rotationProposal = propose(
                Rack.shuttle()
                        .fit("1L", RIB, "1022", 12)
                        .fit("1R", RIB, "1022", 12)
                        .fit("2LO", RIB, "2025", 13)
                        .fit("2LI", RIB, "2025", 13)
                        .fit("2RI", RIB, "2020", 10)
                        .fit("2RO", RIB, "2020", 10),
                RotationGoal.NEWEST_ON_STEER);
        assertThat(names(rotationProposal)).startsWith("2LO", "2LI");
        assertThat(names(rotationProposal)).containsExactlyInAnyOrder("1L", "1R", "2LO", "2LI", "2RI", "2RO");
        assertThat(rotationProposal.metrics().purchased()).isZero();
        assertThat(rotationProposal.metrics().steerYears().getAsDouble()).isLessThan(1.6);
        assertThat(rotationProposal.optimalityGap()).isZero();
    }

    @Test
    @DisplayName(
            "age ladder: where nothing at hand may stay on steer, a pair is bought and the old steer pair becomes a drive end")
    void ageLadderBuys() {
        Policy limits = new Policy(List.of(
                new Policy.Setting(PolicyNumber.STEER_AGE, Policy.Scope.ofClass("Shuttle"), 3, "fleet policy"),
                new Policy.Setting(PolicyNumber.OVERALL_AGE, Policy.Scope.ofClass("Shuttle"), 9, "fleet policy")));
        RotationProposal rotationProposal = propose(
                Rack.shuttle()
                        .fit("1L", RIB, "4823", 12)
                        .fit("1R", RIB, "4823", 12)
                        .fit("2LO", RIB, "4820", 11)
                        .fit("2LI", RIB, "4820", 11)
                        .fit("2RI", RIB, "4817", 10)
                        .fit("2RO", RIB, "4817", 10)
                        .canBuy(RIB)
                        .under(limits),
                RotationGoal.NEWEST_ON_STEER);
        assertThat(names(rotationProposal).subList(0, 2)).containsExactly("new Tessaly C2", "new Tessaly C2");
        assertThat(names(rotationProposal).subList(2, 6)).containsExactlyInAnyOrder("1L", "1R", "2LO", "2LI");
        assertThat(rotationProposal.metrics().purchased()).isEqualTo(2);
        // Two tires mounted (25 min each), six wheels or fewer lifted (15 min each) at $95 an hour, two tires at $250.
        int minutes = rotationProposal.metrics().lifted() * 15 + 2 * 25;
        assertThat(rotationProposal.metrics().minutes()).isEqualTo(minutes);
        assertThat(rotationProposal.metrics().money().cents()).isEqualTo(50_000 + Math.round(minutes * 9_500 / 60.0));
    }

    @Test
    @DisplayName(
            "even wear: the deepest tires go where tread is lost fastest, so that the next purchase comes as late as can be")
    void evenWear() {
        Rack rack = Rack.van(0)
                .fit("1L", RIB, "0126", 8)
                .fit("1R", RIB, "0126", 8)
                .fit("2L", RIB, "0126", 14)
                .fit("2R", RIB, "0126", 14)
                .wears("1L", 3)
                .wears("1R", 3)
                .wears("2L", 1)
                .wears("2R", 1);
        RotationProblem rotationProblem = rack.bench();
        double before = rotationProblem
                .measures(rotationProblem.today())
                .monthsToPurchase()
                .getAsDouble();
        RotationProposal rotationProposal = propose(rack, RotationGoal.EVEN_WEAR);
        assertThat(names(rotationProposal).subList(0, 2)).containsExactlyInAnyOrder("2L", "2R");
        assertThat(before).isBetween(16.0, 17.0); // 3/32 of tread left at 3/32 on 10,000 miles, 20 miles a day
        assertThat(rotationProposal.metrics().monthsToPurchase().getAsDouble()).isBetween(49.0, 50.0);
    }

    @Test
    @DisplayName(
            "least labor: a sound vehicle is left alone; one bad tire of a dual is replaced from stock and nothing else touched")
    void leastLabor() {
        Rack sound = Rack.van(0)
                .fit("1L", RIB, "0125", 14)
                .fit("1R", RIB, "0125", 14)
                .fit("2L", RIB, "0125", 9)
                .fit("2R", RIB, "0125", 9);
        assertThat(propose(sound, RotationGoal.LEAST_LABOR).metrics().lifted()).isZero();
        RotationProposal replaced = propose(
                Rack.shuttle()
                        .fit("1L", RIB, "0125", 14)
                        .fit("1R", RIB, "0125", 14)
                        .fit("2LO", RIB, "0124", 10)
                        .damaged("2LI", RIB, "0124", 10)
                        .fit("2RI", RIB, "0124", 10)
                        .fit("2RO", RIB, "0124", 10)
                        .stock(RIB, "0125", 16)
                        .stock(RIB, "0123", 9)
                        .stock(LUG, "0125", 10)
                        .canBuy(RIB),
                RotationGoal.LEAST_LABOR);
        assertThat(names(replaced)).containsExactly("1L", "1R", "2LO", "LM8", "2RI", "2RO");
        assertThat(replaced.metrics().lifted()).isEqualTo(1);
        assertThat(replaced.metrics().fromStock()).isEqualTo(1);
    }

    @Test
    @DisplayName("where no arrangement is legal, the rule in the way is named with the place and the figure")
    void obstacle() {
        RotationProblem rotationProblem = Rack.van(0)
                .retread("1L", RIB, "0125", 14)
                .retread("1R", RIB, "0125", 14)
                .retread("2L", RIB, "0125", 14)
                .fit("2R", RIB, "0125", 14)
                .bench();
        assertThat(RotationProposal.of(rotationProblem, RotationGoal.LEAST_LABOR))
                .isEmpty();
        RotationProposal.Infeasibility infeasibility =
                RotationProposal.infeasibility(rotationProblem).orElseThrow();
        assertThat(infeasibility.rules()).containsExactly(Rule.RETREAD_STEER);
        assertThat(RotationProposal.remedies(rotationProblem, Optional.of(infeasibility)))
                .extracting(cure -> cure.in(Units.US))
                .containsExactly("Two tires that may run on steer.", "Allow tires to be bought.");
        assertThat(infeasibility.violations())
                .isNotEmpty()
                .allSatisfy(violation ->
                        assertThat(violation.reason().reason().rule()).isEqualTo(Rule.RETREAD_STEER));
    }

    @Test
    @DisplayName("where only the next visit is too far off, the latest one that works is said first")
    void latestVisit() {
        RotationProblem rotationProblem = Rack.van(0)
                .fit("1L", RIB, "2022", 14)
                .fit("1R", RIB, "2022", 14)
                .fit("2L", RIB, "2022", 14)
                .fit("2R", RIB, "2022", 14)
                .bench();
        // Week 20 of 2022 begins on May 15: five years on steer are over on May 15, 2027.
        assertThat(RotationProposal.latestVisit(rotationProblem)).contains(LocalDate.of(2027, 4, 23));
        assertThat(RotationProposal.remedies(rotationProblem, RotationProposal.infeasibility(rotationProblem))
                        .get(0)
                        .in(Units.US))
                .contains("earlier next visit", "Apr 23, 2027");
    }

    @Test
    @DisplayName("an older or more worn steer axle is said, and which of an unequal dual carries more, in inches")
    void remarks() {
        RotationProblem rotationProblem = Rack.shuttle()
                .fit("1L", RIB, "0126", 14)
                .fit("1R", RIB, "0126", 14)
                .fit("2LO", RIB, "0124", 12)
                .fit("2LI", RIB, "0124", 12)
                .fit("2RI", RIB, "0124", 10)
                .fit("2RO", RIB, "0124", 12)
                .sensor("2RO", Sensor.Location.OUTSIDE)
                .bench();
        assertThat(remarks(rotationProblem, rotationProblem.today()))
                .containsExactly("2RO is 0.13 in larger than its mate and carries more of the dual’s load.");
        Arrangement back = rotationProblem
                .today()
                .moved(rotationProblem.today().at(Position.parse("1L")).orElseThrow(), Position.parse("2RO"));
        assertThat(remarks(rotationProblem, back))
                .containsExactly(
                        "The steer axle gets older: 2.9 y instead of 0.9 y.",
                        "The steer axle gets more worn: 12/32 in instead of 14/32 in.",
                        "2RO is 0.25 in larger than its mate and carries more of the dual’s load.",
                        "Take outside sensors off first, tagged by position, and put each back to its own.");
    }

    private static List<String> remarks(RotationProblem rotationProblem, Arrangement arrangement) {
        return RotationNotes.of(rotationProblem, arrangement, MovePlan.to(rotationProblem, arrangement)).stream()
                .map(remark -> remark.in(Units.US))
                .toList();
    }

    private static Policy swapping(String option) {
        return new Policy(List.of(), List.of(new Policy.ChosenOption(PolicyChoice.EVEN_WEAR_SCOPE, "Shuttle", option)));
    }

    @Test
    @DisplayName("a yearly swap within axles puts the deeper tire on the faster side; between axles it doesn't")
    void swapWithinAxles() {
        Rack rack = Rack.van(0)
                .fit("1L", RIB, "0126", 9)
                .fit("1R", RIB, "0126", 10)
                .fit("2L", RIB, "0126", 13)
                .fit("2R", RIB, "0126", 13)
                .wears("1L", 3)
                .wears("1R", 1)
                .wears("2L", 1)
                .wears("2R", 1);
        Arrangement within = propose(rack.under(swapping("WITHIN_AXLES")), RotationGoal.EVEN_WEAR)
                .arrangement();
        assertThat(within.at(Position.parse("1L")).orElseThrow().name()).isEqualTo("1R");
        assertThat(within.at(Position.parse("1R")).orElseThrow().name()).isEqualTo("1L");
        assertThat(within.at(Position.parse("2L")).orElseThrow().name()).isIn("2L", "2R");
        Arrangement between = propose(rack.under(swapping("BETWEEN_AXLES")), RotationGoal.EVEN_WEAR)
                .arrangement();
        assertThat(between.at(Position.parse("1L")).orElseThrow().name()).isNotEqualTo("1R");
        assertThat(between.at(Position.parse("1R")).orElseThrow().name()).isNotEqualTo("1L");
    }

    @Test
    @DisplayName("the fleet's own weighing follows its policy: lifting made dear leaves every wheel where it is")
    void ownWeights() {
        Rack rack = Rack.van(0)
                .fit("1L", RIB, "0124", 12)
                .fit("1R", RIB, "0124", 12)
                .fit("2L", RIB, "0126", 14)
                .fit("2R", RIB, "0126", 14);
        rack.under(new Policy(List.of(
                new Policy.Setting(PolicyNumber.CUSTOM_STEER_YEAR, Policy.Scope.FLEET, 5_000, "fleet"),
                new Policy.Setting(PolicyNumber.CUSTOM_LIFTED, Policy.Scope.FLEET, 1, "fleet"))));
        assertThat(propose(rack, RotationGoal.CUSTOM).metrics().lifted()).isEqualTo(4);
        rack.under(new Policy(
                List.of(new Policy.Setting(PolicyNumber.CUSTOM_LIFTED, Policy.Scope.FLEET, 100_000, "fleet"))));
        assertThat(propose(rack, RotationGoal.CUSTOM).metrics().lifted()).isZero();
    }

    @Test
    @DisplayName("a manager's override lets a rule stand aside, and only that one")
    void override() {
        Rack rack = Rack.van(0)
                .fit("1L", RIB, "0121", 14)
                .fit("1R", RIB, "0121", 14)
                .fit("2L", RIB, "0121", 14)
                .fit("2R", RIB, "0121", 14);
        assertThat(RotationProposal.of(rack.bench(), RotationGoal.LEAST_LABOR)).isEmpty();
        assertThat(propose(rack.override(Rule.AGE_STEER), RotationGoal.LEAST_LABOR)
                        .metrics()
                        .lifted())
                .isZero();
    }

    @Test
    @DisplayName(
            "moves hang together: what changes places is off together, wheels go with tires, inside sensors ask for a relearn")
    void moves() {
        Rack rack = Rack.shuttle()
                .fit("1L", RIB, "0125", 14)
                .fit("1R", RIB, "0125", 14)
                .fit("2LO", RIB, "0125", 14)
                .fit("2LI", RIB, "0125", 14)
                .fit("2RI", RIB, "0125", 14)
                .damaged("2RO", RIB, "0125", 14)
                .stock(RIB, "0125", 14)
                .sensor("1L", Sensor.Location.INSIDE);
        RotationProblem rotationProblem = rack.bench();
        CandidateTire stock = rotationProblem.inputs().candidates().get(6);
        Arrangement swap = rotationProblem
                .today()
                .moved(rotationProblem.today().at(Position.parse("1L")).orElseThrow(), Position.parse("1R"))
                .moved(stock, Position.parse("2RO"));
        MovePlan movePlan = MovePlan.to(rotationProblem, swap);
        assertThat(movePlan.lifts()).hasSize(2);
        assertThat(movePlan.lifts().get(0).jackAt()).containsExactly("axle 1 left", "axle 1 right");
        assertThat(movePlan.lifts().get(1).moves())
                .extracting(MovePlan.Move::method)
                .containsExactly(MovePlan.MoveMethod.FROM_STOCK, MovePlan.MoveMethod.REMOVED);
        assertThat(movePlan.wheelFrom())
                .containsEntry(Position.parse("1L"), Position.parse("1R"))
                .doesNotContainKey(Position.parse("2RO"));
        assertThat(movePlan.relearn()).isTrue();
    }
}
