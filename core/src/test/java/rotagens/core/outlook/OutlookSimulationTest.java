package rotagens.core.outlook;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import rotagens.core.measure.InvalidInputException;
import rotagens.core.measure.Units;
import rotagens.core.outlook.OutlookVehicle.InstalledTire;
import rotagens.core.vehicle.Position;

class OutlookSimulationTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 1, 4);

    private double steer = 3;
    private double overall = 9;
    private int visits = 36;
    private double delivered;
    private double growth;
    private double wear;
    private LocalDate made = TODAY;
    private double early;
    private double pull = 4;

    private InstalledTire spot(String code, boolean isSteer) {
        return new InstalledTire(
                Position.parse(code),
                "225/75R16",
                Optional.of(made),
                Optional.of(14.0),
                14,
                wear,
                0.2,
                pull,
                isSteer,
                Optional.empty(),
                20_000);
    }

    private OutlookVehicle shuttle() {
        List<InstalledTire> installedTires = new ArrayList<>();
        installedTires.add(spot("1L", true));
        installedTires.add(spot("1R", true));
        for (String code : List.of("2LO", "2LI", "2RI", "2RO")) {
            installedTires.add(spot(code, false));
        }
        return new OutlookVehicle(
                1,
                "SH-01",
                "Shuttle",
                "Millrace",
                installedTires,
                10,
                20,
                new OutlookPolicy(overall, steer, visits, delivered, growth, early, 10, 8_500, 6_000));
    }

    private OutlookResult play(ReplacementStrategy replacementStrategy, LocalDate end) {
        return OutlookSimulation.of(shuttle(), replacementStrategy, TODAY, end);
    }

    @Test
    @DisplayName("the shuttle with steer 3 and overall 9: the ladder buys 6 tires in nine years, run to limit 10")
    void worked() {
        LocalDate end = TODAY.plusYears(9).plusDays(1);
        assertThat(play(ReplacementStrategy.NEWEST_ON_STEER, end).tires()).isEqualTo(6);
        assertThat(play(ReplacementStrategy.NEWEST_ON_STEER, end).limitsExceeded())
                .isEmpty();
        assertThat(play(ReplacementStrategy.RUN_TO_LIMIT, end).tires()).isEqualTo(10);
        assertThat(play(ReplacementStrategy.BY_AXLE, end).tires()).isEqualTo(10);
        assertThat(play(ReplacementStrategy.ALL_AT_ONCE, end).tires()).isEqualTo(18);
    }

    @Test
    @DisplayName("a tire that ends its life further back is one ribbon over two positions")
    void ribbon() {
        OutlookResult outlookResult = play(ReplacementStrategy.NEWEST_ON_STEER, TODAY.plusYears(12));
        OutlookResult.TireTimeline moved = outlookResult.timelines().stream()
                .filter(tireTimeline -> tireTimeline.installations().size() == 2)
                .findFirst()
                .orElseThrow();
        assertThat(moved.installations().get(0).position().code()).startsWith("1");
        assertThat(moved.installations().get(1).position().code()).startsWith("2");
        assertThat(moved.installations().get(0).to())
                .isEqualTo(moved.installations().get(1).from());
    }

    @Test
    @DisplayName(
            "round years don't hold: stock four months old passes the steer age four months before the visit, and the cure is named")
    void broken() {
        delivered = 4;
        OutlookResult outlookResult = play(ReplacementStrategy.NEWEST_ON_STEER, TODAY.plusYears(9));
        OutlookResult.LimitExceeded first = outlookResult.limitsExceeded().get(0);
        assertThat(first.limit()).isEqualTo(OutlookResult.EndReason.STEER_AGE);
        assertThat(first.on()).isEqualTo(TODAY.plusYears(3).minusMonths(4).plusYears(3));
        assertThat(first.statement().in(Units.US))
                .startsWith("1L reaches its steer age limit on Sep 4, 2031, 122 days before the visit on Jan 4, 2032");
        assertThat(first.remedy().in(Units.US))
                .isEqualTo("Cheapest: the visit 122 days earlier, about $45 of unused life.");
        visits = 34;
        assertThat(play(ReplacementStrategy.NEWEST_ON_STEER, TODAY.plusYears(9))
                        .limitsExceeded()
                        .get(0)
                        .remedy()
                        .in(Units.US))
                .isEqualTo("Cheapest: stock at most 1.9 months old instead of 4, then it lasts.");
    }

    @Test
    @DisplayName("a tire past its limit today goes today; nothing is ever on the vehicle past its limit")
    void pastLimit() {
        made = TODAY.minusYears(10);
        OutlookResult outlookResult = play(ReplacementStrategy.RUN_TO_LIMIT, TODAY.plusYears(2));
        assertThat(outlookResult.visits().get(0).day()).isEqualTo(TODAY);
        assertThat(outlookResult.visits().get(0).bought()).hasSize(6);
    }

    @Test
    @DisplayName("wear ends a tire before age where it comes first, and its range stands beside it")
    void worn() {
        wear = 10 / 730.0;
        OutlookResult outlookResult = play(ReplacementStrategy.RUN_TO_LIMIT, TODAY.plusYears(3));
        OutlookResult.TireTimeline first = outlookResult.timelines().stream()
                .filter(tireTimeline -> tireTimeline.end() == OutlookResult.EndReason.TREAD)
                .findFirst()
                .orElseThrow();
        assertThat(first.to()).isEqualTo(TODAY.plusDays(730));
        assertThat(first.spanEarliest()).contains(TODAY.plusDays(608));
        assertThat(first.spanLatest().orElseThrow()).isEqualTo(TODAY.plusDays(913));
        assertThat(first.unused32nds()).isZero();
        assertThat(first.unusedYears()).isCloseTo(7, within(0.01));
    }

    @ParameterizedTest
    @EnumSource(ReplacementStrategy.class)
    @DisplayName(
            "whatever the strategy, positions are never empty, never shared, and steer tires keep their age unless a break says so")
    void whole(ReplacementStrategy replacementStrategy) {
        delivered = 3;
        visits = 12;
        wear = 10 / 1500.0;
        LocalDate end = TODAY.plusYears(15);
        OutlookResult outlookResult = play(replacementStrategy, end);
        for (InstalledTire installedTire : outlookResult.vehicle().spots()) {
            List<OutlookResult.Installation> installations = outlookResult.timelines().stream()
                    .flatMap(tireTimeline -> tireTimeline.installations().stream())
                    .filter(installation -> installation.position().equals(installedTire.position()))
                    .sorted(java.util.Comparator.comparing(OutlookResult.Installation::from))
                    .toList();
            assertThat(installations.get(0).from()).isEqualTo(TODAY);
            assertThat(installations.get(installations.size() - 1).to()).isEqualTo(end);
            for (int at = 1; at < installations.size(); at++) {
                assertThat(installations.get(at).from())
                        .as("%s", installations)
                        .isEqualTo(installations.get(at - 1).to());
            }
        }
        assertThat(outlookResult.oldestSteerYears()).isLessThanOrEqualTo(3.01);
        OutlookTotals outlookTotals = OutlookTotals.of(List.of(outlookResult), TODAY, end);
        assertThat(outlookTotals.tires()).isEqualTo(outlookResult.tires());
        assertThat(outlookTotals.cents()).isEqualTo(outlookResult.cents());
        assertThat(outlookTotals.quarters()).hasSize(61);
    }

    @Test
    @DisplayName("prices grow by the year: a tire bought after nine years at 3% costs 1.305 times as much")
    void growth() {
        growth = 0.03;
        OutlookResult outlookResult =
                play(ReplacementStrategy.BY_AXLE, TODAY.plusYears(9).plusDays(1));
        OutlookResult.Visit last =
                outlookResult.visits().get(outlookResult.visits().size() - 1);
        assertThat(last.tireCents() / (double) last.bought().size()).isCloseTo(20_000 * 1.3048, within(20.0));
    }

    @Test
    @DisplayName(
            "a steer age over the overall age, and visits further apart than a steer tire lasts, are refused with the smallest cure")
    void faults() {
        steer = 9;
        overall = 7;
        assertThat(shuttle().policy().faults().get(0).in(Units.US))
                .isEqualTo(
                        "The steer age limit (9 years) exceeds the overall age limit (7 years). Enter 7 years or less.");
        steer = 3;
        delivered = 4;
        assertThat(shuttle().policy().faults().get(0).in(Units.US))
                .endsWith("Schedule visits every 32 months, or buy younger tires.");
        visits = 12;
        assertThat(shuttle().policy().faults()).isEmpty();
    }

    @Test
    @DisplayName(
            "without damage and wear a plan holds for certain; at 2% a year six tires over two years hold in four of five tries")
    void odds() {
        LocalDate until = TODAY.plusYears(2);
        List<OutlookResult> sure = List.of(play(ReplacementStrategy.PLANNED_VISITS, TODAY.plusYears(5)));
        assertThat(OutlookOdds.of(sure, TODAY, until, 500, 7).chanceOnPlan()).isEqualTo(1);
        early = 0.02;
        List<OutlookResult> plan = List.of(play(ReplacementStrategy.PLANNED_VISITS, TODAY.plusYears(5)));
        OutlookOdds.Result odds = OutlookOdds.of(plan, TODAY, until, 4_000, 7);
        // Twelve tire-years at 0.98 each.
        assertThat(odds.chanceOnPlan()).isCloseTo(Math.pow(0.98, 12), within(0.02));
        assertThat(OutlookOdds.of(plan, TODAY, until, 4_000, 7)).isEqualTo(odds);
    }

    @Test
    @DisplayName(
            "a pull point no new tire has, or stock older than the limit, is refused: it would go the day it is fitted, forever")
    void neverEnding() {
        pull = 14;
        assertThat(shuttle().impossible().orElseThrow().in(Units.US))
                .isEqualTo(
                        "SH-01 1L: a new tire has 14/32 in of tread and the pull point is 14/32 in. It would be due on the day it is installed; lower the pull point.");
        assertThatThrownBy(() -> play(ReplacementStrategy.RUN_TO_LIMIT, TODAY.plusYears(1)))
                .isInstanceOf(InvalidInputException.class);
        pull = 4;
        delivered = 36;
        assertThat(shuttle().impossible().orElseThrow().in(Units.US))
                .startsWith("New tires arrive 36 months old and would go at 3 y");
        delivered = 35;
        assertThat(shuttle().impossible()).isEmpty();
    }

    @Test
    @DisplayName(
            "a tire thrown away at four of eight years is hatched over half its ribbon, one run to its end not at all")
    void thrownShare() {
        overall = 8;
        steer = 4;
        OutlookResult outlookResult = play(ReplacementStrategy.RUN_TO_LIMIT, TODAY.plusYears(9));
        OutlookResult.TireTimeline onSteer = outlookResult.timelines().stream()
                .filter(tireTimeline -> tireTimeline.end() == OutlookResult.EndReason.STEER_AGE)
                .findFirst()
                .orElseThrow();
        assertThat(onSteer.unusedShare()).isCloseTo(0.5, within(0.001));
        OutlookResult.TireTimeline whole = outlookResult.timelines().stream()
                .filter(tireTimeline -> tireTimeline.end() == OutlookResult.EndReason.OVERALL_AGE)
                .findFirst()
                .orElseThrow();
        assertThat(whole.unusedShare()).isZero();
    }
}
