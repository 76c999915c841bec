package rotagens.core.inspection;

import static org.assertj.core.api.Assertions.assertThat;
import static rotagens.core.inspection.Sample.TODAY;
import static rotagens.core.inspection.Sample.coach;
import static rotagens.core.inspection.Sample.hot;
import static rotagens.core.inspection.Sample.reading;
import static rotagens.core.inspection.Sample.statement;
import static rotagens.core.inspection.Sample.tire;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import rotagens.core.fact.Finding;
import rotagens.core.fact.Reading;
import rotagens.core.fact.ThermalState;
import rotagens.core.fact.Verdict;
import rotagens.core.measure.Load;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Rule;
import rotagens.core.measure.TreadDepth;
import rotagens.core.measure.Units;
import rotagens.core.policy.Policy;
import rotagens.core.pressure.LoadCharts;
import rotagens.core.pressure.PressureInputs;
import rotagens.core.tire.Tire;
import rotagens.core.vehicle.LoadState;
import rotagens.core.vehicle.PilotType;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Vehicle.WheelLimits;
import rotagens.core.wear.GrooveDepths;
import rotagens.core.weighing.AxleWeight;
import rotagens.core.weighing.ScaleTicket;

class VerdictTest {

    @Test
    @DisplayName("measured, current and within every limit is fit, without reasons")
    void fit() {
        assertThat(coach().judge("2RO")).isEqualTo(new Assessment(Verdict.GOOD, java.util.List.of()));
    }

    @ParameterizedTest(name = "{0} at {1}/32 is {2}")
    @CsvSource({
        "1L,4,DO_NOT_OPERATE", "1L,5,SERVICE_DUE", "1L,6,GOOD",
        "3L,2,DO_NOT_OPERATE", "3L,3,SERVICE_DUE", "3L,4,GOOD"
    })
    @DisplayName("4/32 on front wheels over 10,000 lb and 2/32 elsewhere are limits; pull points stand one mark before")
    void treadLimits(String position, double depth, Verdict verdict) {
        assertThat(coach().readAcross(position, reading(3, position.equals("1L") ? 110 : 90, depth, depth, depth))
                        .judge(position)
                        .verdict())
                .isEqualTo(verdict);
    }

    @Test
    @DisplayName("on a light vehicle the front limit is 2/32 too")
    void lightFront() {
        assertThat(statement(coach().light()
                        .readAcross("1L", reading(3, 110, 3, 3, 3))
                        .judge("1L")))
                .containsExactly("3/32 in, pull point 3/32 in on steer");
    }

    @ParameterizedTest(name = "{0} psi against a target of 95: {1}")
    @CsvSource({
        "76,DO_NOT_OPERATE",
        "77,WATCH",
        "90,WATCH",
        "90.25,GOOD",
        "95,GOOD",
        "99,GOOD",
        "100,WATCH",
        "121,DO_NOT_OPERATE"
    })
    @DisplayName("80% of target is run flat, 5% off is watched, over the maximum must be bled cold")
    void coldPressure(double psi, Verdict verdict) {
        Sample sample = coach().read("2RO", reading(3, psi, 14, 14, 14));
        for (String mate : new String[] {"2LO", "2LI", "2RI"}) {
            sample.read(mate, reading(3, Math.min(psi, 119), 14, 14, 14));
        }
        assertThat(sample.judge("2RO").verdict()).isEqualTo(verdict);
    }

    @Test
    @DisplayName("76 psi against 95 says 80% of target, and asks for a look inside before any air")
    void runFlat() {
        Assessment assessment = coach().read("2RO", reading(3, 76, 14, 14, 14)).judge("2RO");
        assertThat(statement(assessment)).containsExactly("76 psi, target 95 psi: 80% of target");
        assertThat(assessment.reasons().get(0).reason().explanation().in(Units.US))
                .contains("don’t add air");
    }

    @Test
    @DisplayName("a tire that ran at 80% stays do not operate after air was added, until it was looked at inside")
    void ranLowStays() {
        assertThat(coach().found("2RO", 10, Finding.RUN_FLAT).judge("2RO").verdict())
                .isEqualTo(Verdict.DO_NOT_OPERATE);
    }

    @Test
    @DisplayName("a wheel's maximum counts where it is lower than the tire's")
    void wheelMaximum() {
        WheelLimits weak = new WheelLimits(Optional.empty(), Optional.of(Pressure.psi(90)));
        assertThat(statement(coach().wheel("2RO", weak).judge("2RO")))
                .containsExactly("95 psi cold, maximum 90 psi", "95 psi, but the wheel at 2RO allows only 90 psi");
    }

    private static Sample weighedCoach() {
        return coach().facts(new PressureInputs(
                new LoadCharts(List.of(), List.of()),
                List.of(new ScaleTicket(
                        TODAY.minusDays(30),
                        LoadState.NORMAL,
                        "Eastbank pads",
                        List.of(
                                AxleWeight.ends(1, Load.lb(5000), Load.lb(5000)),
                                AxleWeight.ends(2, Load.lb(9000), Load.lb(9000)),
                                AxleWeight.ends(3, Load.lb(4000), Load.lb(4000))),
                        Optional.empty(),
                        Map.of())),
                PressureInputs.CurrentLoadState.USUAL,
                Optional.empty(),
                Map.of(),
                Map.of(),
                Optional.empty()));
    }

    @Test
    @DisplayName("cold and under what the recorded load needs it must not roll until filled")
    void underNeed() {
        // 5,000 lb on a tire rated 6,940 at 120 psi needs 79.7.
        Sample low = weighedCoach().rated().read("1L", reading(3, 77, 14, 14, 14));
        assertThat(low.judge("1L").verdict()).isEqualTo(Verdict.DO_NOT_OPERATE);
        assertThat(statement(low.judge("1L"))).first().isEqualTo("77 psi cold, the load of 5,000 lb needs 79.7 psi");
        assertThat(statement(weighedCoach().rated().judge("1L")))
                .containsExactly("110 psi cold, target 85 psi: 25 psi high", "The target 85 psi is an estimate");
    }

    @Test
    @DisplayName("an axle over its rating stops every tire on it")
    void overAxleRating() {
        Sample heavy = weighedCoach().rated().gawr(3, 7_500);
        assertThat(statement(heavy.judge("3R"))).first().isEqualTo("Axle 3 weighs 8,000 lb, rated 7,500 lb");
    }

    @Test
    @DisplayName("a slow leak is watched, and planned for today where it reaches the need before the next check")
    void slowLeak() {
        Reading[] leaking = {reading(3, 90, 14, 14, 14), reading(33, 102, 14, 14, 14)};
        assertThat(statement(coach().read("1L", leaking).judge("1L")))
                .anyMatch(words -> words.startsWith("Loses at least "));
        Assessment soon = weighedCoach()
                .rated()
                .read("1L", reading(3, 81, 14, 14, 14), reading(33, 92, 14, 14, 14))
                .judge("1L");
        assertThat(soon.reasons())
                .filteredOn(verdictReason -> verdictReason.reason().rule() == rotagens.core.measure.Rule.PRESSURE_LOSS)
                .singleElement()
                .satisfies(verdictReason -> assertThat(verdictReason.verdict()).isEqualTo(Verdict.SERVICE_DUE));
    }

    @Test
    @DisplayName("hot and below the cold target is certainly low; hot and above says nothing")
    void hotReadings() {
        assertThat(statement(coach().readAlso("2RO", hot(0, 94)).judge("2RO")))
                .containsExactly("94 psi hot, below the cold target 95 psi");
        assertThat(coach().readAlso("2RO", hot(0, 104)).judge("2RO").verdict()).isEqualTo(Verdict.GOOD);
        assertThat(statement(coach().read("2RO", hot(0, 104)).judge("2RO"))).contains("No cold reading");
    }

    @Test
    @DisplayName("hot at 80% of target is run flat all the same")
    void hotRunFlat() {
        assertThat(coach().readAlso("2RO", hot(0, 76)).judge("2RO").verdict()).isEqualTo(Verdict.DO_NOT_OPERATE);
    }

    @Test
    @DisplayName("tires of one axle more than 5 psi apart: the lower one is watched")
    void unequalAxle() {
        Sample sample = coach().read("2LO", reading(3, 98, 14, 14, 14)).read("2RO", reading(3, 92, 14, 14, 14));
        assertThat(statement(sample.judge("2RO"))).containsExactly("92 psi here, 98 psi at 2LO: more than 5 psi apart");
        assertThat(sample.judge("2LO").verdict()).isEqualTo(Verdict.GOOD);
    }

    @Test
    @DisplayName("the placard isn't followed on another size: the target isn't known, and the screen says why")
    void placardOnlyForItsSize() {
        Sample sample = coach().light();
        sample.fitted("3L", tire("295/80R22.5", "2325")).fitted("3R", tire("295/80R22.5", "2325"));
        Assessment assessment = sample.judge("3L");
        assertThat(assessment.verdict()).isEqualTo(Verdict.UNKNOWN);
        assertThat(statement(assessment))
                .containsExactly("No 275/70R22.5 on file, so what the original carried isn’t known");
    }

    @Test
    @DisplayName("good readings grow old: 35 days for pressure, 90 for tread")
    void goodGrowsOld() {
        assertThat(coach().read("2RO", reading(35, 95, 14, 14, 14)).judge("2RO").verdict())
                .isEqualTo(Verdict.GOOD);
        assertThat(statement(coach().read("2RO", reading(36, 95, 14, 14, 14)).judge("2RO")))
                .containsExactly("Cold pressure last read Oct 18, 2026, 36 days ago");
        assertThat(statement(coach().read("2RO", reading(91, 95, 14, 14, 14)).judge("2RO")))
                .hasSize(2);
    }

    @Test
    @DisplayName("an alarm doesn't fade: a bad reading of two years ago is still bad")
    void alarmsStay() {
        Assessment old = coach().read("1L", reading(730, 80, 4, 9, 9)).judge("1L");
        assertThat(old.verdict()).isEqualTo(Verdict.DO_NOT_OPERATE);
        assertThat(statement(old)).contains("4/32 in, limit 4/32 in on steer", "80 psi, target 110 psi: 72% of target");
    }

    @Test
    @DisplayName("a newer reading that leaves a groove out clears nothing there")
    void partialReadingClearsNothing() {
        Reading onlyInner = new Reading(
                TODAY,
                "T. Weil",
                Optional.empty(),
                Optional.of(Pressure.psi(110)),
                ThermalState.COLD,
                new GrooveDepths(Optional.empty(), Optional.empty(), Optional.of(TreadDepth.of32nds(9))));
        assertThat(coach().read("1L", onlyInner, reading(30, 110, 4, 9, 9))
                        .judge("1L")
                        .verdict())
                .isEqualTo(Verdict.DO_NOT_OPERATE);
    }

    @ParameterizedTest
    @EnumSource(Finding.class)
    @DisplayName("every finding brings the verdict of its line in the table, and keeps it for years")
    void findings(Finding finding) {
        assertThat(coach().found("2RO", 700, finding).judge("2RO").verdict()).isEqualTo(finding.verdict());
    }

    @Test
    @DisplayName("a retread is recorded on drive and out of service on steer")
    void retread() {
        assertThat(coach().found("2RO", 3, Finding.RETREAD_IDENTIFIED)
                        .judge("2RO")
                        .verdict())
                .isEqualTo(Verdict.GOOD);
        assertThat(coach().found("1L", 3, Finding.RETREAD_IDENTIFIED)
                        .judge("1L")
                        .verdict())
                .isEqualTo(Verdict.DO_NOT_OPERATE);
        Tire retread = new Tire(
                1,
                tire("275/70R22.5", "2325").model(),
                tire("275/70R22.5", "2325").dotWeek(),
                true,
                Optional.empty());
        assertThat(statement(coach().fitted("1L", retread).judge("1L"))).containsExactly("Retread on the steer axle");
    }

    @Test
    @DisplayName("unknown is not OK: no tire on file, no DOT date, never measured")
    void unknown() {
        assertThat(statement(coach().fitted("3L", null).judge("3L"))).containsExactly("No tire on file here");
        assertThat(statement(coach().fitted("3L", tire("275/70R22.5", null)).judge("3L")))
                .containsExactly("DOT date not on file");
        assertThat(statement(coach().read("3L").judge("3L")))
                .containsExactlyInAnyOrder("Tread never measured", "Pressure never read");
    }

    @ParameterizedTest(name = "made {0}, at {1}: {2}")
    @CsvSource({
        "4816,3L,SERVICE_DUE,'Age 9.9 y, overall limit 10 y on Nov 27, 2026 (±1 week)'",
        "4616,3L,DO_NOT_OPERATE,'Age 10.0 y, overall limit 10 y passed Nov 13, 2026'",
        "0517,3L,SERVICE_DUE,'Age 9.8 y, overall limit 10 y on Jan 29, 2027'",
        "0522,1L,SERVICE_DUE,'Age 4.8 y, steer limit 5 y on Jan 30, 2027'",
        "0521,1L,SERVICE_DUE,'Age 5.8 y, steer limit 5 y passed Jan 31, 2026'"
    })
    @DisplayName("age counts from the DOT week against the overall and the steer limit")
    void age(String dot, String position, Verdict verdict, String says) {
        Assessment assessment = coach().fitted(position, tire("275/70R22.5", dot))
                .inspected(position, TODAY.minusDays(20))
                .judge(position);
        assertThat(statement(assessment)).contains(says);
        assertThat(assessment.verdict()).isEqualTo(verdict);
    }

    @Test
    @DisplayName("damage that takes a tire off the road limits it before any clock, small parts don't")
    void limiting() {
        VehicleState damaged =
                coach().found("3L", 2, Finding.BULGE, Finding.CAP_MISSING).state();
        Position tag = Position.parse("3L");
        LimitDates.LimitDate first = LimitDates.nextLimit(
                        damaged, damaged.at(tag), damaged.policyAt(Policy.DEFAULTS, damaged.at(tag)), TODAY)
                .orElseThrow();
        assertThat(first.date()).isEqualTo(TODAY);
        assertThat(first.reason().statement().in(Units.US)).startsWith("Bulge, seen");
        VehicleState capless = coach().found("3L", 2, Finding.CAP_MISSING).state();
        assertThat(LimitDates.nextLimit(
                        capless, capless.at(tag), capless.policyAt(Policy.DEFAULTS, capless.at(tag)), TODAY))
                .map(LimitDates.LimitDate::rule)
                .contains(Rule.AGE_OVERALL);
    }

    @Test
    @DisplayName("light vehicles have no steer age limit; from five years a professional looks every year")
    void lightSteerAndInspection() {
        Sample sample = coach().light().fitted("1L", tire("275/70R22.5", "0521"));
        assertThat(statement(sample.judge("1L")))
                .containsExactly("5 years old Jan 31, 2026, no professional inspection since");
        assertThat(sample.inspected("1L", TODAY.minusDays(100)).judge("1L").verdict())
                .isEqualTo(Verdict.GOOD);
        assertThat(sample.inspected("1L", TODAY.minusDays(366)).judge("1L").verdict())
                .isEqualTo(Verdict.SERVICE_DUE);
    }

    @Test
    @DisplayName("a limit is passed on its anniversary day, not the day after")
    void anniversary() {
        Sample sample = coach().fitted("3L", tire("275/70R22.5", "4616")).inspected("3L", TODAY.minusDays(20));
        assertThat(sample.judge("3L", java.time.LocalDate.of(2026, 11, 12)).verdict())
                .isEqualTo(Verdict.SERVICE_DUE);
        assertThat(sample.judge("3L", java.time.LocalDate.of(2026, 11, 13)).verdict())
                .isEqualTo(Verdict.DO_NOT_OPERATE);
    }

    @Test
    @DisplayName("one axle, one size: both tires of a mixed axle are out; bias and radial say so")
    void sizeMix() {
        Sample sample = coach().fitted("3L", tire("295/80R22.5", "2325"));
        assertThat(sample.judge("3R").verdict()).isEqualTo(Verdict.DO_NOT_OPERATE);
        assertThat(sample.judge("2LO").verdict()).isEqualTo(Verdict.GOOD);
        Assessment bias = coach().fitted("3L", tire("275/70D22.5", "2325")).judge("3L");
        assertThat(bias.reasons().get(0).reason().explanation().in(Units.US)).startsWith("Bias and radial");
    }

    @Test
    @DisplayName("hub- and stud-piloted wheels on one axle are out of service")
    void pilotMix() {
        Sample sample = coach().wheel("3L", new WheelLimits(Optional.of(PilotType.STUD), Optional.empty()))
                .wheel("3R", new WheelLimits(Optional.of(PilotType.HUB), Optional.empty()));
        assertThat(statement(sample.judge("3R"))).containsExactly("hub-piloted wheel here, stud-piloted at 3L");
    }

    @ParameterizedTest(name = "inner {0}/32, outer {1}/32: {2}")
    @CsvSource({
        "14,14,GOOD",
        "14,13,GOOD",
        "14,12,GOOD",
        "14,11,WATCH",
        "11,14,GOOD",
        "14,10,WATCH",
        "14,9,DO_NOT_OPERATE",
        "9,14,DO_NOT_OPERATE"
    })
    @DisplayName("duals stay within 1/4 in of each other, and the larger goes outside when they differ by over 1/8 in")
    void duals(double inner, double outer, Verdict verdict) {
        assertThat(coach().read("2LI", reading(3, 95, inner, inner, inner))
                        .read("2LO", reading(3, 95, outer, outer, outer))
                        .judge("2LI")
                        .verdict())
                .isEqualTo(verdict);
    }
}
