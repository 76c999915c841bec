package rotagens.core.rotation;

import static org.assertj.core.api.Assertions.assertThat;
import static rotagens.core.rotation.Rack.ARROW;
import static rotagens.core.rotation.Rack.LUG;
import static rotagens.core.rotation.Rack.RIB;
import static rotagens.core.rotation.Rack.SLOW;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import rotagens.core.inspection.VerdictReason;
import rotagens.core.measure.Rule;
import rotagens.core.measure.Units;
import rotagens.core.vehicle.PilotType;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Vehicle;

/** Every rule of matching, each with its own reason and figure. */
class RotationProblemTest {

    private static Rack shuttle() {
        return Rack.shuttle()
                .fit("1L", RIB, "0125", 14)
                .fit("1R", RIB, "0125", 14)
                .fit("2LO", RIB, "0124", 10)
                .fit("2LI", RIB, "0124", 10)
                .fit("2RI", RIB, "0124", 10)
                .fit("2RO", RIB, "0124", 10);
    }

    private static CandidateTire at(RotationProblem rotationProblem, String code) {
        return rotationProblem.today().at(Position.parse(code)).orElseThrow();
    }

    private static CandidateTire fromStock(RotationProblem rotationProblem) {
        return rotationProblem.inputs().candidates().stream()
                .filter(tire -> tire.at().isEmpty())
                .findFirst()
                .orElseThrow();
    }

    private static List<String> against(RotationProblem rotationProblem, CandidateTire tire, String code) {
        return rotationProblem.violations(tire, Position.parse(code)).stream()
                .map(verdictReason -> verdictReason.reason().statement().in(Units.US))
                .toList();
    }

    private static Set<Rule> broken(RotationProblem rotationProblem, Arrangement arrangement) {
        return rotationProblem.violations(arrangement).stream()
                .map(Violation::reason)
                .map(VerdictReason::reason)
                .map(reason -> reason.rule())
                .collect(Collectors.toSet());
    }

    @Test
    @DisplayName("a sound vehicle as it stands breaks nothing")
    void sound() {
        RotationProblem rotationProblem = shuttle().bench();
        assertThat(rotationProblem.violations(rotationProblem.today())).isEmpty();
    }

    @Test
    @DisplayName("a retread is refused on steer and taken behind; nobody may override that")
    void retread() {
        RotationProblem rotationProblem = shuttle()
                .stockRetread(RIB, "0124", 14)
                .override(Rule.TREAD_MATCH)
                .bench();
        assertThat(against(rotationProblem, fromStock(rotationProblem), "1L"))
                .containsExactly("Retread on the steer axle");
        assertThat(against(rotationProblem, fromStock(rotationProblem), "2LO")).isEmpty();
        assertThat(new Violation(
                                List.of(Position.parse("1L")),
                                rotationProblem
                                        .violations(fromStock(rotationProblem), Position.parse("1L"))
                                        .get(0))
                        .overridable())
                .isFalse();
    }

    @Test
    @DisplayName(
            "a tire must not pass its steer age before the next visit: told with the day, and a manager may override it")
    void steerAge() {
        RotationProblem rotationProblem = shuttle().stock(RIB, "0122", 14).bench();
        assertThat(against(rotationProblem, fromStock(rotationProblem), "1L"))
                .containsExactly("Age 4.8 y, steer limit 5 y on Jan 2, 2027");
        assertThat(against(rotationProblem, fromStock(rotationProblem), "2LO")).isEmpty();
        assertThat(new Violation(
                                List.of(),
                                rotationProblem
                                        .violations(fromStock(rotationProblem), Position.parse("1L"))
                                        .get(0))
                        .overridable())
                .isTrue();
    }

    @Test
    @DisplayName("tread is carried forward to the next visit at the position's own wear rate")
    void treadUntilNextVisit() {
        RotationProblem rotationProblem =
                shuttle().wears("1L", 4).stock(RIB, "0125", 7).bench();
        // 20 miles a day are 7,300 miles in a year: 2.9/32 of 7/32 go, 4.1/32 are left against a pull point of 5/32.
        assertThat(against(rotationProblem, fromStock(rotationProblem), "1L"))
                .containsExactly("7/32 in now, about 4.1/32 in by Nov 23, 2027, pull point 5/32 in on steer");
        assertThat(against(rotationProblem, fromStock(rotationProblem), "2LO")).isEmpty();
    }

    @Test
    @DisplayName("a damaged tire stays out everywhere, a spare's place included")
    void damage() {
        RotationProblem rotationProblem = Rack.van(1)
                .damaged("1L", RIB, "0125", 14)
                .fit("1R", RIB, "0125", 14)
                .fit("2L", RIB, "0125", 14)
                .fit("2R", RIB, "0125", 14)
                .bench();
        for (String place : List.of("1L", "2R", "S1")) {
            assertThat(rotationProblem.violations(at(rotationProblem, "1L"), Position.parse(place)))
                    .extracting(verdictReason -> verdictReason.reason().rule())
                    .containsOnly(Rule.DAMAGE);
        }
    }

    @Test
    @DisplayName("what isn't known of a tire keeps it from every new place, not from its own")
    void unknown() {
        RotationProblem rotationProblem = shuttle().fit("2LO", RIB, null, 10).bench();
        CandidateTire undated = rotationProblem.inputs().candidates().get(6);
        assertThat(against(rotationProblem, undated, "2LO")).isEmpty();
        assertThat(against(rotationProblem, undated, "2RO")).containsExactly("DOT date not on file");
        RotationProblem ungauged = shuttle().stock(RIB, "0125", 0).bench();
        assertThat(against(ungauged, fromStock(ungauged), "2RO")).containsExactly("Tread not measured");
    }

    @Test
    @DisplayName("a tire slower than those the vehicle runs on is refused by its speed symbol")
    void speed() {
        RotationProblem rotationProblem = shuttle().stock(SLOW, "0125", 14).bench();
        assertThat(against(rotationProblem, fromStock(rotationProblem), "2LO"))
                .containsExactly("Speed symbol J, the vehicle runs on S");
    }

    @Test
    @DisplayName("duals over 1/4 in apart in diameter break the rule; the larger goes outside from 1/8 in on")
    void duals() {
        RotationProblem rotationProblem =
                shuttle().stock(RIB, "0125", 14.5).override(Rule.TREAD_MATCH).bench();
        // 4.5/32 of tread are 0.28 in of diameter.
        assertThat(broken(
                        rotationProblem,
                        rotationProblem.today().moved(fromStock(rotationProblem), Position.parse("2LO"))))
                .containsExactly(Rule.DUAL_DIAMETER);
        RotationProblem near =
                shuttle().stock(RIB, "0125", 13).override(Rule.TREAD_MATCH).bench();
        assertThat(broken(near, near.today().moved(fromStock(near), Position.parse("2LO"))))
                .isEmpty();
        assertThat(near.violations(near.today().moved(fromStock(near), Position.parse("2LI"))))
                .singleElement()
                .satisfies(violation -> assertThat(
                                violation.reason().reason().statement().in(Units.US))
                        .contains("Larger tire inside: 2LI"));
    }

    @Test
    @DisplayName("a replaced tire matches the opposite one in pattern and tread, 4/32 behind and 2/32 on steer")
    void across() {
        RotationProblem lug = shuttle().stock(LUG, "0125", 14).bench();
        assertThat(broken(lug, lug.today().moved(fromStock(lug), Position.parse("1L"))))
                .containsExactly(Rule.PATTERN_MATCH);
        RotationProblem worn = shuttle().stock(RIB, "0125", 11.5).bench();
        assertThat(broken(worn, worn.today().moved(fromStock(worn), Position.parse("1L"))))
                .containsExactly(Rule.TREAD_MATCH);
        assertThat(broken(worn, worn.today().moved(fromStock(worn), Position.parse("2LO"))))
                .isEmpty();
    }

    @Test
    @DisplayName("two tires that run opposite each other today may go on doing so elsewhere")
    void oldPairsStay() {
        RotationProblem rotationProblem = Rack.van(0)
                .fit("1L", RIB, "0125", 14)
                .fit("1R", RIB, "0125", 11)
                .fit("2L", RIB, "0125", 13)
                .fit("2R", RIB, "0125", 13)
                .bench();
        assertThat(broken(rotationProblem, rotationProblem.today())).isEmpty();
        Arrangement swapped = rotationProblem.today().moved(at(rotationProblem, "1L"), Position.parse("1R"));
        assertThat(broken(rotationProblem, swapped)).isEmpty();
        Arrangement mixed = rotationProblem.today().moved(at(rotationProblem, "1R"), Position.parse("2R"));
        assertThat(broken(rotationProblem, mixed)).isEmpty();
        RotationProblem deeper = Rack.van(0)
                .fit("1L", RIB, "0125", 14)
                .fit("1R", RIB, "0125", 14)
                .fit("2L", RIB, "0125", 11)
                .fit("2R", RIB, "0125", 11)
                .bench();
        assertThat(broken(deeper, deeper.today().moved(at(deeper, "1R"), Position.parse("2R"))))
                .containsExactly(Rule.TREAD_MATCH);
    }

    @Test
    @DisplayName("a directional tire crosses to the other side only turned round on its wheel, which counts a dismount")
    void directional() {
        RotationProblem rotationProblem = Rack.van(0)
                .fit("1L", ARROW, "0125", 14)
                .fit("1R", ARROW, "0125", 14)
                .fit("2L", ARROW, "0125", 14)
                .fit("2R", ARROW, "0125", 14)
                .bench();
        assertThat(rotationProblem
                        .measures(rotationProblem.today().moved(at(rotationProblem, "1L"), Position.parse("2L")))
                        .demounted())
                .isZero();
        Arrangement crossed = rotationProblem.today().moved(at(rotationProblem, "1L"), Position.parse("1R"));
        assertThat(rotationProblem.measures(crossed).demounted()).isEqualTo(2);
        assertThat(MovePlan.to(rotationProblem, crossed).all())
                .extracting(MovePlan.Move::method)
                .containsOnly(MovePlan.MoveMethod.REVERSED_ON_WHEEL);
    }

    @Test
    @DisplayName("wheels of another kind, or not on file, stay where they are: their tires are remounted")
    void wheels() {
        Rack rack = shuttle()
                .wheel(
                        "1L",
                        new Vehicle.WheelLimits(java.util.Optional.of(PilotType.STUD), java.util.Optional.empty()));
        RotationProblem stud = rack.bench();
        Arrangement swap = stud.today().moved(at(stud, "1L"), Position.parse("1R"));
        assertThat(stud.measures(swap).demounted()).isEqualTo(2);
        assertThat(MovePlan.to(stud, swap).wheelFrom()).isEmpty();
        RotationProblem unread = shuttle().wheel("1R", null).bench();
        assertThat(unread.measures(unread.today().moved(at(unread, "1L"), Position.parse("1R")))
                        .demounted())
                .isEqualTo(2);
        RotationProblem alike = shuttle().bench();
        assertThat(alike.measures(alike.today().moved(at(alike, "1L"), Position.parse("1R")))
                        .demounted())
                .isZero();
    }

    @Test
    @DisplayName("an empty place on an axle breaks the rule; an empty spare's place doesn't")
    void empty() {
        RotationProblem rotationProblem = Rack.van(1)
                .fit("1L", RIB, "0125", 14)
                .fit("1R", RIB, "0125", 14)
                .fit("2L", RIB, "0125", 14)
                .bench();
        assertThat(rotationProblem.violations(rotationProblem.today()))
                .singleElement()
                .satisfies(violation -> assertThat(violation.at()).containsExactly(Position.parse("2R")));
    }
}
