package rotagens.core.outlook;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import rotagens.core.outlook.OutlookResult.EndReason;
import rotagens.core.outlook.OutlookResult.Installation;
import rotagens.core.outlook.OutlookResult.TireTimeline;
import rotagens.core.outlook.OutlookVehicle.InstalledTire;
import rotagens.core.vehicle.Position;

/** The odds of one tire, where they can be told from a table of the normal distribution. */
class OutlookOddsTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 1, 4);
    private static final int DAYS = 330;
    private static final LocalDate PLANNED = TODAY.plusDays(DAYS);
    private static final int TRIES = 20_000;

    /** Tread noticed a month early is no surprise. */
    private static final int NOTICED_DAYS = 30;

    private double spread = 0.4;
    private double early;
    private Optional<Double> depth = Optional.of(14.0);
    private boolean bought;

    /** A plan for one tire with 10/32 above its pull point that wears so much a day. */
    private List<OutlookResult> plan(double perDay) {
        Position position = Position.parse("2L");
        InstalledTire installedTire = new InstalledTire(
                position,
                "225/75R16",
                Optional.of(TODAY),
                depth,
                14,
                perDay,
                spread,
                4,
                false,
                Optional.empty(),
                20_000);
        OutlookVehicle vehicle = new OutlookVehicle(
                1,
                "VN-01",
                "Van",
                "Millrace",
                List.of(installedTire),
                10,
                20,
                new OutlookPolicy(9, 3, 36, 0, 0, early, 10, 8_500, 6_000));
        TireTimeline tireTimeline = new TireTimeline(
                Optional.of(TODAY),
                bought,
                List.of(new Installation(position, TODAY, PLANNED)),
                EndReason.TREAD,
                Optional.empty(),
                Optional.empty(),
                0,
                0,
                20_000);
        return List.of(new OutlookResult(vehicle, List.of(tireTimeline), List.of(), List.of(), 0));
    }

    /** At its own rate the tire would be so many times as far as its tread reaches, when it is planned to go. */
    private double holds(double timesTooFar) {
        double perDay = 10 * timesTooFar / (DAYS - NOTICED_DAYS);
        return OutlookOdds.of(plan(perDay), TODAY, PLANNED.plusDays(1), TRIES, 7)
                .chanceOnPlan();
    }

    @ParameterizedTest(name = "worn {0} times what it has: holds in {1}")
    @CsvSource({
        // Half the range is two standard deviations: 0.2 in the logarithm is one of them.
        "1, 0.5",
        "1.2214, 0.1587",
        "0.8187, 0.8413",
        "0.6703, 0.9772",
        "1.4918, 0.0228",
    })
    @DisplayName("wear is log-normal, half the rate’s range being two standard deviations")
    void wear(double timesTooFar, double odds) {
        spread = 0.4;
        assertThat(holds(timesTooFar)).isCloseTo(odds, within(0.012));
    }

    @Test
    @DisplayName("a rate known exactly holds or doesn’t, and nothing lies between")
    void exact() {
        spread = 0;
        assertThat(holds(0.99)).isEqualTo(1);
        assertThat(holds(1.01)).isZero();
    }

    @Test
    @DisplayName("far from its end a tire is sure, far past it is sure to go")
    void sure() {
        assertThat(holds(0.2)).isEqualTo(1);
        assertThat(holds(5)).isZero();
    }

    @Test
    @DisplayName("a tire at its pull point already can’t be planned on")
    void worn() {
        depth = Optional.of(3.9);
        assertThat(holds(0.1)).isZero();
        depth = Optional.of(4.0);
        assertThat(holds(0.1)).as("on its pull point, and wearing").isZero();
    }

    @Test
    @DisplayName(
            "where tread or wear isn’t known, neither makes a surprise; a bought tire begins with a new one’s tread")
    void unknown() {
        depth = Optional.empty();
        assertThat(holds(5)).isEqualTo(1);
        bought = true;
        assertThat(holds(5)).isZero();
        assertThat(holds(0.2)).isEqualTo(1);
        depth = Optional.of(14.0);
        assertThat(OutlookOdds.of(plan(0), TODAY, PLANNED.plusDays(1), 100, 7).chanceOnPlan())
                .isEqualTo(1);
    }

    @Test
    @DisplayName("damage goes by the policy’s share a year, for the days the tire is planned to stay")
    void damage() {
        early = 0.2;
        assertThat(holds(0.2)).isCloseTo(Math.pow(0.8, DAYS / 365.2425), within(0.01));
        OutlookOdds.Result both =
                OutlookOdds.of(plan(10.0 / (DAYS - NOTICED_DAYS)), TODAY, PLANNED.plusDays(1), TRIES, 7);
        assertThat(both.chanceOnPlan()).isCloseTo(0.5 * Math.pow(0.8, DAYS / 365.2425), within(0.012));
        assertThat(both.unplannedChanges()).as("one tire goes once").isCloseTo(1 - both.chanceOnPlan(), within(1e-9));
    }

    @Test
    @DisplayName("only what is planned before the day asked for counts, for the days before it")
    void until() {
        early = 0.2;
        LocalDate half = TODAY.plusDays(DAYS / 2);
        assertThat(OutlookOdds.of(plan(0), TODAY, half, TRIES, 7).chanceOnPlan())
                .isCloseTo(Math.pow(0.8, DAYS / 2 / 365.2425), within(0.01));
        assertThat(OutlookOdds.of(plan(0), TODAY, TODAY, 100, 7).chanceOnPlan()).isEqualTo(1);
        assertThat(OutlookOdds.of(List.of(), TODAY, half, 100, 7)).isEqualTo(new OutlookOdds.Result(100, 1, 0));
        assertThat(OutlookOdds.of(plan(0), TODAY, half, 0, 7)).isEqualTo(new OutlookOdds.Result(0, 1, 0));
    }

    @Test
    @DisplayName("the same seed tries the same, whatever else the machine does; another seed another")
    void seeded() {
        early = 0.3;
        OutlookOdds.Result one = OutlookOdds.of(plan(0.03), TODAY, PLANNED, 500, 7);
        for (int again = 0; again < 5; again++) {
            assertThat(OutlookOdds.of(plan(0.03), TODAY, PLANNED, 500, 7)).isEqualTo(one);
        }
        assertThat(OutlookOdds.of(plan(0.03), TODAY, PLANNED, 500, 8)).isNotEqualTo(one);
    }
}
