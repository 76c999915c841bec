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
import rotagens.core.inspection.Judged;
import rotagens.core.measure.Rule;
import rotagens.core.measure.Units;
import rotagens.core.vehicle.PilotType;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Vehicle;

/** Every rule of matching, each with its own reason and figure. */
class BenchTest {

    private static Rack shuttle() {
        return Rack.shuttle()
                .fit("1L", RIB, "0125", 14)
                .fit("1R", RIB, "0125", 14)
                .fit("2LO", RIB, "0124", 10)
                .fit("2LI", RIB, "0124", 10)
                .fit("2RI", RIB, "0124", 10)
                .fit("2RO", RIB, "0124", 10);
    }

    private static BenchTire at(Bench bench, String code) {
        return bench.today().at(Position.parse(code)).orElseThrow();
    }

    private static BenchTire fromStock(Bench bench) {
        return bench.facts().hand().stream()
                .filter(tire -> tire.at().isEmpty())
                .findFirst()
                .orElseThrow();
    }

    private static List<String> against(Bench bench, BenchTire tire, String code) {
        return bench.against(tire, Position.parse(code)).stream()
                .map(judged -> judged.reason().says().in(Units.US))
                .toList();
    }

    private static Set<Rule> broken(Bench bench, Arrangement arrangement) {
        return bench.violations(arrangement).stream()
                .map(Violation::reason)
                .map(Judged::reason)
                .map(reason -> reason.rule())
                .collect(Collectors.toSet());
    }

    @Test
    @DisplayName("a sound vehicle as it stands breaks nothing")
    void sound() {
        Bench bench = shuttle().bench();
        assertThat(bench.violations(bench.today())).isEmpty();
    }

    @Test
    @DisplayName("a retread is refused on steer and taken behind; nobody may override that")
    void retread() {
        Bench bench = shuttle()
                .stockRetread(RIB, "0124", 14)
                .override(Rule.TREAD_MATCH)
                .bench();
        assertThat(against(bench, fromStock(bench), "1L")).containsExactly("Retread on the steer axle");
        assertThat(against(bench, fromStock(bench), "2LO")).isEmpty();
        assertThat(new Violation(
                                List.of(Position.parse("1L")),
                                bench.against(fromStock(bench), Position.parse("1L"))
                                        .get(0))
                        .overridable())
                .isFalse();
    }

    @Test
    @DisplayName(
            "a tire must not pass its steer age before the next visit: told with the day, and a manager may override it")
    void steerAge() {
        Bench bench = shuttle().stock(RIB, "0122", 14).bench();
        assertThat(against(bench, fromStock(bench), "1L")).containsExactly("Age 4.8 y, steer limit 5 y on 2 Jan 2027");
        assertThat(against(bench, fromStock(bench), "2LO")).isEmpty();
        assertThat(new Violation(
                                List.of(),
                                bench.against(fromStock(bench), Position.parse("1L"))
                                        .get(0))
                        .overridable())
                .isTrue();
    }

    @Test
    @DisplayName("tread is carried forward to the next visit at the position's own wear rate")
    void treadUntilNextVisit() {
        Bench bench = shuttle().wears("1L", 4).stock(RIB, "0125", 7).bench();
        // 20 miles a day are 7,300 miles in a year: 2.9/32 of 7/32 go, 4.1/32 are left against a pull point of 5/32.
        assertThat(against(bench, fromStock(bench), "1L"))
                .containsExactly("7/32 in now, about 4.1/32 in by 23 Nov 2027, pull point 5/32 in on steer");
        assertThat(against(bench, fromStock(bench), "2LO")).isEmpty();
    }

    @Test
    @DisplayName("a damaged tire stays out everywhere, a spare's place included")
    void damage() {
        Bench bench = Rack.van(1)
                .damaged("1L", RIB, "0125", 14)
                .fit("1R", RIB, "0125", 14)
                .fit("2L", RIB, "0125", 14)
                .fit("2R", RIB, "0125", 14)
                .bench();
        for (String place : List.of("1L", "2R", "S1")) {
            assertThat(bench.against(at(bench, "1L"), Position.parse(place)))
                    .extracting(judged -> judged.reason().rule())
                    .containsOnly(Rule.DAMAGE);
        }
    }

    @Test
    @DisplayName("what isn't known of a tire keeps it from every new place, not from its own")
    void unknown() {
        Bench bench = shuttle().fit("2LO", RIB, null, 10).bench();
        BenchTire undated = bench.facts().hand().get(6);
        assertThat(against(bench, undated, "2LO")).isEmpty();
        assertThat(against(bench, undated, "2RO")).containsExactly("DOT date not on file");
        Bench ungauged = shuttle().stock(RIB, "0125", 0).bench();
        assertThat(against(ungauged, fromStock(ungauged), "2RO")).containsExactly("Tread never gauged");
    }

    @Test
    @DisplayName("a tire slower than those the vehicle runs on is refused by its speed symbol")
    void speed() {
        Bench bench = shuttle().stock(SLOW, "0125", 14).bench();
        assertThat(against(bench, fromStock(bench), "2LO")).containsExactly("Speed symbol J, the vehicle runs on S");
    }

    @Test
    @DisplayName("duals over 1/4 in apart in diameter break the rule; the larger goes outside from 1/8 in on")
    void duals() {
        Bench bench =
                shuttle().stock(RIB, "0125", 14.5).override(Rule.TREAD_MATCH).bench();
        // 4.5/32 of tread are 0.28 in of diameter.
        assertThat(broken(bench, bench.today().moved(fromStock(bench), Position.parse("2LO"))))
                .containsExactly(Rule.DUAL_DIAMETER);
        Bench near = shuttle().stock(RIB, "0125", 13).override(Rule.TREAD_MATCH).bench();
        assertThat(broken(near, near.today().moved(fromStock(near), Position.parse("2LO"))))
                .isEmpty();
        assertThat(near.violations(near.today().moved(fromStock(near), Position.parse("2LI"))))
                .singleElement()
                .satisfies(violation -> assertThat(
                                violation.reason().reason().says().in(Units.US))
                        .contains("Larger tire inside: 2LI"));
    }

    @Test
    @DisplayName("a replaced tire matches the opposite one in pattern and tread, 4/32 behind and 2/32 on steer")
    void across() {
        Bench lug = shuttle().stock(LUG, "0125", 14).bench();
        assertThat(broken(lug, lug.today().moved(fromStock(lug), Position.parse("1L"))))
                .containsExactly(Rule.PATTERN_MATCH);
        Bench worn = shuttle().stock(RIB, "0125", 11.5).bench();
        assertThat(broken(worn, worn.today().moved(fromStock(worn), Position.parse("1L"))))
                .containsExactly(Rule.TREAD_MATCH);
        assertThat(broken(worn, worn.today().moved(fromStock(worn), Position.parse("2LO"))))
                .isEmpty();
    }

    @Test
    @DisplayName("two tires that run opposite each other today may go on doing so elsewhere")
    void oldPairsStay() {
        Bench bench = Rack.van(0)
                .fit("1L", RIB, "0125", 14)
                .fit("1R", RIB, "0125", 11)
                .fit("2L", RIB, "0125", 13)
                .fit("2R", RIB, "0125", 13)
                .bench();
        assertThat(broken(bench, bench.today())).isEmpty();
        Arrangement swapped = bench.today().moved(at(bench, "1L"), Position.parse("1R"));
        assertThat(broken(bench, swapped)).isEmpty();
        Arrangement mixed = bench.today().moved(at(bench, "1R"), Position.parse("2R"));
        assertThat(broken(bench, mixed)).isEmpty();
        Bench deeper = Rack.van(0)
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
        Bench bench = Rack.van(0)
                .fit("1L", ARROW, "0125", 14)
                .fit("1R", ARROW, "0125", 14)
                .fit("2L", ARROW, "0125", 14)
                .fit("2R", ARROW, "0125", 14)
                .bench();
        assertThat(bench.measures(bench.today().moved(at(bench, "1L"), Position.parse("2L")))
                        .dismounted())
                .isZero();
        Arrangement crossed = bench.today().moved(at(bench, "1L"), Position.parse("1R"));
        assertThat(bench.measures(crossed).dismounted()).isEqualTo(2);
        assertThat(Moves.to(bench, crossed).all()).extracting(Moves.Move::how).containsOnly(Moves.How.TURNED_ON_WHEEL);
    }

    @Test
    @DisplayName("wheels of another kind, or not on file, stay where they are: their tires are remounted")
    void wheels() {
        Rack rack = shuttle()
                .wheel("1L", new Vehicle.Wheel(java.util.Optional.of(PilotType.STUD), java.util.Optional.empty()));
        Bench stud = rack.bench();
        Arrangement swap = stud.today().moved(at(stud, "1L"), Position.parse("1R"));
        assertThat(stud.measures(swap).dismounted()).isEqualTo(2);
        assertThat(Moves.to(stud, swap).wheelFrom()).isEmpty();
        Bench unread = shuttle().wheel("1R", null).bench();
        assertThat(unread.measures(unread.today().moved(at(unread, "1L"), Position.parse("1R")))
                        .dismounted())
                .isEqualTo(2);
        Bench alike = shuttle().bench();
        assertThat(alike.measures(alike.today().moved(at(alike, "1L"), Position.parse("1R")))
                        .dismounted())
                .isZero();
    }

    @Test
    @DisplayName("an empty place on an axle breaks the rule; an empty spare's place doesn't")
    void empty() {
        Bench bench = Rack.van(1)
                .fit("1L", RIB, "0125", 14)
                .fit("1R", RIB, "0125", 14)
                .fit("2L", RIB, "0125", 14)
                .bench();
        assertThat(bench.violations(bench.today()))
                .singleElement()
                .satisfies(violation -> assertThat(violation.at()).containsExactly(Position.parse("2R")));
    }
}
