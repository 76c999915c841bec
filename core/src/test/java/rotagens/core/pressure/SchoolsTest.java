package rotagens.core.pressure;

import static org.assertj.core.api.Assertions.assertThat;
import static rotagens.core.pressure.Rig.coach;
import static rotagens.core.pressure.Rig.pickup;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Rule;
import rotagens.core.measure.Units;
import rotagens.core.vehicle.LoadState;

class SchoolsTest {

    static Optional<Double> target(AxlePressure answer) {
        return answer.target().pressure().map(Pressure::psi);
    }

    static Optional<Double> of(AxlePressure answer, PressureMethod pressureMethod) {
        return answer.methodResult(pressureMethod).pressure().map(Pressure::psi);
    }

    static List<String> concerns(AxlePressure answer) {
        return answer.notices().stream()
                .map(one -> one.severity() + " " + one.reason().statement().in(Units.US))
                .toList();
    }

    static String explanation(AxlePressure answer, Rule rule) {
        return answer.notices().stream()
                .filter(one -> one.reason().rule() == rule)
                .map(one -> one.reason().explanation().in(Units.US))
                .findFirst()
                .orElse("no such concern");
    }

    @Test
    @DisplayName("a coach's steer end of 5,640 lb: need 92.6 psi, target the next row 95, reserve 2%")
    void weighedCoach() {
        AxlePressure steer =
                coach().weighed(LoadState.NORMAL, 20, 5640, 5580, 9800, 9700).axle(1);
        assertThat(steer.chosenMethod()).contains(PressureMethod.WEIGHED_LOAD);
        assertThat(target(steer)).contains(95.0);
        assertThat(steer.minimumForLoadPsi().orElseThrow())
                .isEqualTo(92.604, org.assertj.core.api.Assertions.within(0.001));
        assertThat(steer.reserve().orElseThrow()).isEqualTo((5755 - 5640) / 5755.0);
        assertThat(of(steer, PressureMethod.PLACARD)).contains(110.0);
        assertThat(of(steer, PressureMethod.RATED_LOAD)).contains(120.0);
        assertThat(steer.methodResult(PressureMethod.PLACARD_EQUIVALENT).isOffered())
                .isFalse();
        assertThat(steer.methodResult(PressureMethod.CHALK_TEST).isOffered()).isFalse();
        assertThat(concerns(steer)).noneMatch(words -> words.startsWith("WATCH") || words.startsWith("STOP"));
    }

    @Test
    @DisplayName("one of a dual carries half its end, and the heavier end decides for the whole axle")
    void heavierEndDecides() {
        AxlePressure drive =
                coach().weighed(LoadState.NORMAL, 20, 5640, 5580, 9800, 10_400).axle(2);
        assertThat(drive.load().orElseThrow().perTireLb()).isEqualTo(5200);
        assertThat(target(drive)).contains(95.0);
    }

    @Test
    @DisplayName("with only the axle weighed an end is half of it, and that is said")
    void wholeAxle() {
        AxlePressure steer = coach().weighedWhole(20, 11_280, 19_500).axle(1);
        assertThat(steer.load().orElseThrow().perTireLb()).isEqualTo(5640);
        assertThat(concerns(steer)).contains("NOTE Only the whole axle was weighed");
    }

    @Test
    @DisplayName(
            "without a chart the estimate: 2,300 lb on 3,195 at 80 is 53.05, so 55 psi; 2,000 lb is held by the floor of 52")
    void estimate() {
        LoadCurve.Estimated lt = LoadCurve.estimateFor(Rig.LT, false, 1);
        assertThat(lt.minimumForLoadPsi(2300).orElseThrow())
                .isEqualTo(53.05, org.assertj.core.api.Assertions.within(0.01));
        assertThat(lt.size(2300, 80)).isEqualTo(new LoadCurve.Found(Pressure.psi(55)));
        assertThat(lt.minimumForLoadPsi(2000).orElseThrow())
                .isEqualTo(44.5, org.assertj.core.api.Assertions.within(0.05));
        assertThat(lt.size(2000, 80)).isEqualTo(new LoadCurve.Found(Pressure.psi(55)));
        assertThat(lt.size(3196, 80)).isInstanceOf(LoadCurve.Overloaded.class);
        assertThat(lt.size(2300, 54)).isEqualTo(new LoadCurve.Found(Pressure.psi(54), true));
        assertThat(lt.size(2300, 50)).isInstanceOf(LoadCurve.LimitTooLow.class);
    }

    @Test
    @DisplayName(
            "an estimate in use is watched until the manufacturer's chart is on file, another manufacturer's chart is only named")
    void estimateIsWatched() {
        LoadChart other = new LoadChart(
                "Brantholm",
                "",
                Rig.LT_WIDE.size(),
                Rig.range("E"),
                Rig.chart(Rig.LT_WIDE, new double[] {50, 80}, new double[] {2300, 3195}, null)
                        .rows(),
                "data book");
        AxlePressure front = pickup().fit(1, Rig.LT_WIDE)
                .with(other)
                .weighed(LoadState.NORMAL, 9, 2300, 2280, 2500, 2500)
                .axle(1);
        assertThat(target(front)).contains(55.0);
        assertThat(concerns(front)).contains("WATCH The target 55 psi is an estimate");
        assertThat(explanation(front, Rule.ESTIMATE)).contains("Brantholm has a chart for this size");
    }

    @Test
    @DisplayName(
            "on a changed size the placard isn't offered, its equivalent is: the pressure that carries what the original carried")
    void equivalent() {
        LoadChart original =
                Rig.chart(Rig.LT, new double[] {50, 60, 70, 80}, new double[] {2300, 2600, 2900, 3195}, null);
        LoadChart wide =
                Rig.chart(Rig.LT_WIDE, new double[] {45, 50, 55, 80}, new double[] {2350, 2540, 2720, 3195}, null);
        AxlePressure front =
                pickup().with(original).with(wide).fit(1, Rig.LT_WIDE).axle(1);
        assertThat(front.methodResult(PressureMethod.PLACARD).isOffered()).isFalse();
        assertThat(front.methodResult(PressureMethod.PLACARD)
                        .reason()
                        .statement()
                        .in(Units.US))
                .isEqualTo("LT285/70R17 is installed, the placard is for LT245/75R17");
        assertThat(front.chosenMethod()).contains(PressureMethod.PLACARD_EQUIVALENT);
        assertThat(target(front)).contains(55.0);
        assertThat(front.target().reason().statement().in(Units.US))
                .isEqualTo(
                        "At the placard’s 60 psi the original LT245/75R17 carried 2,600 lb; LT285/70R17 carries that at 55 psi");
    }

    @Test
    @DisplayName("on a light vehicle in the original size the placard is the floor, until a manager allows less")
    void placardIsFloor() {
        Rig light = pickup().weighed(LoadState.NORMAL, 9, 2000, 1900, 2100, 2000);
        assertThat(target(light.axle(2))).contains(75.0);
        assertThat(light.axle(2).target().reason().explanation().in(Units.US)).contains("never below the placard");
        assertThat(target(light.chose(PressureMethod.WEIGHED_LOAD, true).axle(2)))
                .contains(55.0);
    }

    @Test
    @DisplayName("what carries less than the recorded load is never offered, whoever chose it")
    void needIsAHardStop() {
        AxlePressure steer = coach().weighed(LoadState.NORMAL, 9, 6600, 6500, 9000, 9000)
                .placard(1, Rig.COACH, 100)
                .chose(PressureMethod.PLACARD, false)
                .axle(1);
        assertThat(steer.methodResult(PressureMethod.PLACARD).isOffered()).isFalse();
        assertThat(steer.methodResult(PressureMethod.PLACARD)
                        .reason()
                        .statement()
                        .in(Units.US))
                .isEqualTo("100 psi carries 6,000 lb, the load is 6,600 lb");
        assertThat(target(steer)).contains(120.0);
        assertThat(steer.reason().in(Units.US)).startsWith("Placard was chosen but is not available here");
    }

    @Test
    @DisplayName("over the last row it is an overload, and says how much to take off and what rating would do")
    void overload() {
        AxlePressure steer =
                coach().weighed(LoadState.NORMAL, 9, 7100, 6900, 9000, 9000).axle(1);
        assertThat(target(steer)).isEmpty();
        assertThat(concerns(steer)).contains("DO_NOT_OPERATE 7,100 lb a tire on axle 1, it carries at most 6,940 lb");
        assertThat(explanation(steer, Rule.LOAD_CAPACITY))
                .isEqualTo(
                        "No pressure corrects it. Take 320 lb off this axle, or install tires rated at least 7,100 lb each.");
    }

    @Test
    @DisplayName(
            "a wheel that allows less pressure than the load needs gives no pressure; GAWR and the wheel's load stop too")
    void limits() {
        AxlePressure steer = coach().wheels(100, 6200)
                .gawr(1, 12_000)
                .weighed(LoadState.NORMAL, 9, 6300, 6200, 9000, 9000)
                .axle(1);
        assertThat(target(steer)).isEmpty();
        assertThat(concerns(steer))
                .contains(
                        "DO_NOT_OPERATE 6,300 lb a tire on axle 1, it carries at most 6,000 lb",
                        "DO_NOT_OPERATE Axle 1 weighs 12,500 lb, rated 12,000 lb",
                        "DO_NOT_OPERATE 6,300 lb on a wheel rated 6,200 lb at 1L");
    }

    @Test
    @DisplayName("a passenger tire on a pickup carries its rating over 1.10, and its molded figure is never a target")
    void passenger() {
        Rig rig = pickup().fit(1, Rig.PASSENGER)
                .placard(1, Rig.PASSENGER, 35)
                .weighed(LoadState.NORMAL, 9, 1810, 1800, 2500, 2500);
        AxlePressure front = rig.axle(1);
        assertThat(front.curve().orElseThrow().maxLb()).isEqualTo(1984 / 1.1);
        assertThat(front.methodResult(PressureMethod.RATED_LOAD).isOffered()).isFalse();
        assertThat(concerns(front))
                .anyMatch(words ->
                        words.startsWith("DO_NOT_OPERATE 1,810 lb a tire on axle 1, it carries at most 1,803"));
    }

    @Test
    @DisplayName("without weight and placard a heavy vehicle gets the rated load, a light one nothing")
    void lastResort() {
        assertThat(target(coach().noPlacard().axle(1))).contains(120.0);
        assertThat(target(pickup().noPlacard().axle(1))).isEmpty();
    }

    @Test
    @DisplayName(
            "a scale ticket over a year old, before a new body, or for other tires counts no more for the target but keeps its load")
    void oldSlip() {
        AxlePressure old =
                coach().weighed(LoadState.NORMAL, 370, 5640, 5580, 9800, 9700).axle(1);
        assertThat(old.chosenMethod()).contains(PressureMethod.PLACARD);
        assertThat(old.minimumForLoadPsi()).isPresent();
        assertThat(concerns(old)).anyMatch(words -> words.endsWith("it is over 12 months old"));
        assertThat(concerns(coach().weighed(LoadState.NORMAL, 30, 5640, 5580, 9800, 9700)
                        .bodyChanged(3)
                        .axle(1)))
                .anyMatch(words -> words.endsWith("body or equipment has changed since"));
        assertThat(concerns(coach().weighed(LoadState.NORMAL, 30, 5640, 5580, 9800, 9700)
                        .fit(1, Rig.tire("Tessaly C3", "275/70R22.5 148/145M H", 6940, 6395, 120))
                        .axle(1)))
                .anyMatch(words -> words.endsWith("other tires have been installed since"));
    }

    @Test
    @DisplayName("another model on the axle voids the choice until somebody chooses again")
    void voided() {
        AxlePressure steer = coach().chose(PressureMethod.PLACARD, false)
                .fit(1, Rig.tire("Tessaly C3", "275/70R22.5 148/145M H", 6940, 6395, 120))
                .axle(1);
        assertThat(target(steer)).isEmpty();
        assertThat(steer.target().reason().rule()).isEqualTo(Rule.TARGET_OUTDATED);
    }

    @Test
    @DisplayName("two models on an axle get one pressure: what the weaker of them needs")
    void mixedAxle() {
        TireModel lesser = new TireModel("Tessaly C1", 6175);
        AxlePressure steer = coach().fitAt("1R", lesser.model())
                .weighed(LoadState.NORMAL, 9, 5640, 5580, 9000, 9000)
                .axle(1);
        assertThat(steer.minimumForLoadPsi().orElseThrow())
                .isEqualTo(LoadCurve.estimateFor(lesser.model(), false, 1)
                        .minimumForLoadPsi(5640)
                        .orElseThrow());
        assertThat(target(steer)).contains(110.0);
    }

    /** A tire of another rating in the coach's size. */
    private record TireModel(String name, double single) {
        rotagens.core.tire.TireModel model() {
            return Rig.tire(name, "275/70R22.5 144/142M G", single, 5840, 120);
        }
    }

    @ParameterizedTest
    @EnumSource(
            value = LoadState.class,
            names = {"NORMAL", "FULL", "TOWING"})
    @DisplayName(
            "a scale ticket for empty changes no target of usual, full or towing: a state never weighed stands on the placard")
    void emptySaysNothing(LoadState state) {
        Rig never = coach().inForce(state);
        Rig empty = coach().weighed(LoadState.EMPTY, 9, 4400, 4400, 8000, 8000).inForce(state);
        for (int axle = 1; axle <= 2; axle++) {
            assertThat(empty.axle(axle).target().pressure())
                    .isEqualTo(never.axle(axle).target().pressure())
                    .isPresent();
            assertThat(empty.axle(axle).load()).isEmpty();
            assertThat(empty.axle(axle).chosenMethod()).contains(PressureMethod.PLACARD);
        }
        assertThat(empty.axle(1)
                        .methodResult(PressureMethod.WEIGHED_LOAD)
                        .reason()
                        .statement()
                        .in(Units.US))
                .isEqualTo("Never weighed " + state.label());
    }

    @Test
    @DisplayName("no target is over a maximum where the placard is the floor, and where the threshold asks for more")
    void heldByTheMaximum() {
        Rig light = pickup().wheels(70, 4000).weighed(LoadState.NORMAL, 9, 2000, 1900, 2100, 2000);
        assertThat(target(light.axle(2))).contains(70.0);
        assertThat(light.axle(2).target().reason().statement().in(Units.US))
                .endsWith("the placard’s 75 psi is over the maximum, so the maximum 70 psi is taken");
        AxlePressure warned = coach().wheels(100, 7400)
                .weighed(LoadState.NORMAL, 9, 5640, 5580, 9800, 9700)
                .warnsBelow(1, 0.12)
                .axle(1);
        assertThat(target(warned)).contains(100.0);
        assertThat(warned.target().reason().statement().in(Units.US))
                .endsWith(
                        "raised to the highest allowed, 100 psi: the warning 12% under the target would ask for 105.2 psi");
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, 0.05, 0.12, 0.25})
    @DisplayName("a target never falls as the load rises, with any threshold and any maximum")
    void targetsNeverFall(double share) {
        for (double most : new double[] {95, 98, 100, 107, 120}) {
            double before = 0;
            for (double lb = 3000; lb < 6900; lb += 45) {
                Rig rig = coach().wheels(most, 9000).weighed(LoadState.NORMAL, 9, lb, lb, 9000, 9000);
                Optional<Double> target = target((share > 0 ? rig.warnsBelow(1, share) : rig).axle(1));
                if (target.isEmpty()) {
                    break;
                }
                assertThat(target.get()).as("%s lb under %s psi", lb, most).isBetween(before, most);
                before = target.get();
            }
        }
    }

    @Test
    @DisplayName("a dual end without a dual rating is refused: read it off the sidewall")
    void noDualRating() {
        rotagens.core.tire.TireModel unread = new rotagens.core.tire.TireModel(
                "Corvane", "Tessaly C9", Rig.COACH.size(), Optional.of(Pressure.psi(120)), Optional.empty(), false);
        AxlePressure drive = coach().fit(2, unread)
                .weighed(LoadState.NORMAL, 9, 5640, 5580, 9800, 9700)
                .axle(2);
        assertThat(drive.methodResult(PressureMethod.WEIGHED_LOAD).isOffered()).isFalse();
        assertThat(drive.missingData().orElseThrow()).startsWith("No dual rating on record for Corvane Tessaly C9");
    }
}
