package rotagens.core.outlook;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import rotagens.core.measure.Message;
import rotagens.core.outlook.OutlookResult.EndReason;
import rotagens.core.outlook.OutlookResult.Installation;
import rotagens.core.outlook.OutlookResult.LimitExceeded;
import rotagens.core.outlook.OutlookResult.TireTimeline;
import rotagens.core.outlook.OutlookResult.Visit;
import rotagens.core.vehicle.Position;

/** The sums a buyer reads: money, tires and what is thrown away, by quarter and in all. */
class OutlookTotalsTest {

    private static final LocalDate FROM = LocalDate.of(2026, 11, 29);
    private static final LocalDate TO = LocalDate.of(2027, 7, 1);
    private static final Position LEFT = Position.parse("1L");
    private static final Position RIGHT = Position.parse("1R");

    private static Visit visit(LocalDate day, int tires, int sensors) {
        return new Visit(
                day,
                List.of(LEFT, RIGHT).subList(0, tires),
                List.of(),
                sensors,
                30 * tires,
                20_000L * tires,
                6_000L * sensors,
                4_500L);
    }

    private static TireTimeline ribbon(LocalDate to, EndReason endReason, double years, double depth) {
        return new TireTimeline(
                Optional.empty(),
                false,
                List.of(new Installation(LEFT, FROM, to)),
                endReason,
                Optional.empty(),
                Optional.empty(),
                years,
                depth,
                0);
    }

    private static final OutlookResult FIRST = new OutlookResult(
            null,
            List.of(
                    ribbon(LocalDate.of(2027, 1, 1), EndReason.TREAD, 1.5, 0),
                    ribbon(LocalDate.of(2027, 3, 31), EndReason.SHARED_VISIT, 0.5, 3),
                    ribbon(TO, EndReason.STILL_INSTALLED, 4, 9)),
            List.of(visit(LocalDate.of(2026, 12, 31), 2, 1), visit(LocalDate.of(2027, 1, 1), 1, 0)),
            List.of(),
            6.5);

    private static final OutlookResult SECOND = new OutlookResult(
            null,
            List.of(),
            List.of(visit(LocalDate.of(2027, 6, 30), 1, 2)),
            List.of(new LimitExceeded(
                    RIGHT,
                    EndReason.STEER_AGE,
                    LocalDate.of(2027, 2, 1),
                    LocalDate.of(2027, 6, 30),
                    Message.of("too far apart"),
                    Message.of("pair them"))),
            7.25);

    @Test
    @DisplayName("every quarter from the first to the last stands there, also one in which nothing is bought")
    void quarters() {
        OutlookTotals outlookTotals = OutlookTotals.of(List.of(FIRST, SECOND), FROM, TO);
        assertThat(outlookTotals.quarters())
                .extracting(quarter -> quarter.year() + " Q" + quarter.quarter() + " " + quarter.tires())
                .containsExactly("2026 Q4 2", "2027 Q1 1", "2027 Q2 1");
        assertThat(OutlookTotals.of(List.of(), FROM, FROM.plusYears(1)).quarters())
                .extracting(OutlookTotals.Quarter::tires)
                .containsExactly(0, 0, 0, 0, 0);
    }

    @Test
    @DisplayName("money is tires, sensors and labor; a visit on the last day of a quarter is that quarter’s")
    void money() {
        OutlookTotals.Quarter last =
                OutlookTotals.of(List.of(FIRST, SECOND), FROM, TO).quarters().get(0);
        assertThat(last.tireCents()).isEqualTo(40_000);
        assertThat(last.sensorCents()).isEqualTo(6_000);
        assertThat(last.laborCents()).isEqualTo(4_500);
        assertThat(last.cents()).isEqualTo(50_500);
        assertThat(last.minutes()).isEqualTo(60);
        assertThat(last.sensors()).isEqualTo(1);
    }

    @Test
    @DisplayName(
            "what is thrown away counts in the quarter in which the tire goes; one still running throws nothing away")
    void thrownAway() {
        OutlookTotals outlookTotals = OutlookTotals.of(List.of(FIRST, SECOND), FROM, TO);
        assertThat(outlookTotals.quarters())
                .extracting(OutlookTotals.Quarter::unusedYears)
                .containsExactly(0.0, 2.0, 0.0);
        assertThat(outlookTotals.quarters())
                .extracting(OutlookTotals.Quarter::unused32nds)
                .containsExactly(0.0, 3.0, 0.0);
        assertThat(outlookTotals.unusedYears()).isEqualTo(2);
        assertThat(outlookTotals.unused32nds()).isEqualTo(3);
    }

    @Test
    @DisplayName("in all: tires, sensors, cents, visits, limits broken, and the oldest steer tire of any vehicle")
    void inAll() {
        OutlookTotals outlookTotals = OutlookTotals.of(List.of(FIRST, SECOND), FROM, TO);
        assertThat(outlookTotals.tires()).isEqualTo(4);
        assertThat(outlookTotals.sensors()).isEqualTo(3);
        assertThat(outlookTotals.cents()).isEqualTo(4 * 20_000 + 3 * 6_000 + 3 * 4_500);
        assertThat(outlookTotals.visits()).isEqualTo(3);
        assertThat(outlookTotals.limitsExceeded()).isEqualTo(1);
        assertThat(outlookTotals.oldestSteerYears()).isEqualTo(7.25);
    }

    @Test
    @DisplayName("half of its years used and half left when it goes is half thrown away; nothing left is nothing")
    void thrownShare() {
        LocalDate twoYears = FROM.plusDays(730);
        assertThat(ribbon(twoYears, EndReason.SHARED_VISIT, 730 / OutlookSimulation.DAYS, 0)
                        .unusedShare())
                .isEqualTo(0.5);
        assertThat(ribbon(twoYears, EndReason.TREAD, 0, 0).unusedShare()).isZero();
        assertThat(ribbon(twoYears, EndReason.TREAD, -1, 0).unusedShare()).isZero();
    }
}
