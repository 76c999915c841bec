package rotagens.core.inspection;

import static org.assertj.core.api.Assertions.assertThat;
import static rotagens.core.inspection.Sample.TODAY;
import static rotagens.core.inspection.Sample.tire;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import rotagens.core.fact.Finding;
import rotagens.core.fact.OpenFinding;
import rotagens.core.fact.Reading;
import rotagens.core.fact.Verdict;
import rotagens.core.measure.Rule;
import rotagens.core.measure.Units;
import rotagens.core.policy.Policy;
import rotagens.core.tire.Tire;
import rotagens.core.vehicle.Position;

/** What speaks against a tire at a place until the next visit. */
class PositionRulesTest {

    private static final LocalDate NEXT_VISIT = TODAY.plusDays(365);

    private static List<VerdictReason> against(
            String position, Tire tire, List<Reading> readings, LocalDate until, OptionalDouble perMonth) {
        VehicleState coach = Sample.coach().state();
        TireState there = new TireState(
                Position.parse(position), Optional.of(tire), readings, List.of(), Optional.empty(), Optional.empty());
        return PositionRules.violations(
                coach, there, coach.pressures(Policy.DEFAULTS, TODAY), Policy.DEFAULTS, TODAY, until, perMonth);
    }

    private static List<VerdictReason> tread(String position, double depth, double perMonth) {
        return against(
                position,
                tire("275/70R22.5", "2326"),
                List.of(Sample.reading(3, 95, depth, depth, depth)),
                NEXT_VISIT,
                OptionalDouble.of(perMonth));
    }

    private static List<String> statement(List<VerdictReason> reasons) {
        return reasons.stream()
                .map(one -> one.reason().statement().in(Units.US))
                .toList();
    }

    @Test
    @DisplayName("nothing unknown passes: a missing DOT date and a tread never checked are reasons of their own")
    void unknown() {
        List<VerdictReason> reasons =
                against("2LO", tire("275/70R22.5", null), List.of(), NEXT_VISIT, OptionalDouble.empty());
        assertThat(statement(reasons)).containsExactly("DOT date not on file", "Tread not measured");
        assertThat(reasons).allMatch(one -> one.verdict() == Verdict.UNKNOWN);
        assertThat(reasons.get(0).reason().rule()).isEqualTo(Rule.DOT_DATE);
        assertThat(reasons.get(1).reason().rule()).isEqualTo(Rule.TREAD_CURRENT);
    }

    @ParameterizedTest(name = "{0}: {1}/32 losing {2}/32 a month: {3}")
    @CsvSource(
            delimiter = ';',
            nullValues = "-",
            value = {
                // A year is 11.99 months: 9/32 less 5.996 is 3.004, just over the pull point of 3/32.
                "2LO; 9; 0.5; -",
                "2LO; 8.9; 0.5; 8.9/32 in now, about 2.9/32 in by Nov 23, 2027, pull point 3/32 in",
                "2LO; 7.9; 0.5; 7.9/32 in now, about 1.9/32 in by Nov 23, 2027, legal limit 2/32 in",
                "2LO; 3; 0; 3/32 in, pull point 3/32 in",
                "2LO; 3.1; 0; -",
                "2LO; 2; 0; 2/32 in, legal limit 2/32 in",
                "2LO; 6; 1; 6/32 in now, about 0/32 in by Nov 23, 2027, legal limit 2/32 in",
                "1L; 4; 0; 4/32 in, legal limit 4/32 in",
                "1L; 14; 0.1; -"
            })
    @DisplayName("tread has to last at its place until the next visit, by the wear there")
    void tread(String position, double depth, double perMonth, String said) {
        List<String> reasons = statement(tread(position, depth, perMonth));
        if (said == null) {
            assertThat(reasons).isEmpty();
        } else {
            assertThat(reasons).hasSize(1);
            assertThat(reasons.get(0)).startsWith(said);
        }
    }

    @Test
    @DisplayName("where nobody knows the wear, only what is there today counts")
    void wearUnknown() {
        List<Reading> worn = List.of(Sample.reading(3, 95, 5, 5, 5));
        assertThat(against("2LO", tire("275/70R22.5", "2326"), worn, NEXT_VISIT, OptionalDouble.empty()))
                .isEmpty();
    }

    @Test
    @DisplayName("a visit that has passed wears nothing back")
    void visitBehind() {
        List<Reading> read = List.of(Sample.reading(3, 95, 2.9, 2.9, 2.9));
        assertThat(statement(
                        against("2LO", tire("275/70R22.5", "2326"), read, TODAY.minusDays(60), OptionalDouble.of(0.5))))
                .hasSize(1)
                .allMatch(said -> said.startsWith("2.9/32 in, pull point"));
    }

    @Test
    @DisplayName("age has to last as well: the day of its limit may not come before the next visit, nor on it")
    void age() {
        List<Reading> read = List.of(Sample.reading(3, 95, 14, 14, 14));
        Tire old = tire("275/70R22.5", "0520");
        List<VerdictReason> reasons = against("2LO", old, read, TODAY.plusYears(5), OptionalDouble.empty());
        assertThat(reasons).hasSize(1);
        VerdictReason age = reasons.get(0);
        assertThat(age.verdict()).isEqualTo(Verdict.DO_NOT_OPERATE);
        assertThat(age.reason().explanation().in(Units.US))
                .startsWith("It has to last until Nov 23, 2031, the next visit.");
        LocalDate limit = LimitDates.age(
                        Sample.coach().state().vehicle(),
                        new TireState(
                                Position.parse("2LO"),
                                Optional.of(old),
                                read,
                                List.of(),
                                Optional.empty(),
                                Optional.empty()),
                        Policy.DEFAULTS.of("Clinic coach"),
                        TODAY)
                .get(0)
                .date();
        assertThat(against("2LO", old, read, limit, OptionalDouble.empty())).hasSize(1);
        assertThat(against("2LO", old, read, limit.minusDays(1), OptionalDouble.empty()))
                .isEmpty();
    }

    @Test
    @DisplayName("damage stops it anywhere; what can be put right doesn't speak against the place")
    void damage() {
        VehicleState coach = Sample.coach().state();
        for (Finding finding : List.of(Finding.BULGE, Finding.CAP_MISSING)) {
            TireState there = new TireState(
                    Position.parse("2LO"),
                    Optional.of(tire("275/70R22.5", "2326")),
                    List.of(Sample.reading(3, 95, 14, 14, 14)),
                    List.of(new OpenFinding(finding, TODAY, "R. Halloran")),
                    Optional.empty(),
                    Optional.empty());
            assertThat(PositionRules.violations(
                            coach,
                            there,
                            coach.pressures(Policy.DEFAULTS, TODAY),
                            Policy.DEFAULTS,
                            TODAY,
                            NEXT_VISIT,
                            OptionalDouble.empty()))
                    .hasSize(finding == Finding.BULGE ? 1 : 0);
        }
    }
}
