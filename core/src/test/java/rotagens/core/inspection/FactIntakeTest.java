package rotagens.core.inspection;

import static org.assertj.core.api.Assertions.assertThat;
import static rotagens.core.inspection.Sample.TODAY;
import static rotagens.core.inspection.Sample.coach;
import static rotagens.core.inspection.Sample.hot;
import static rotagens.core.inspection.Sample.reading;
import static rotagens.core.inspection.Sample.statement;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import rotagens.core.alert.AlertKind;
import rotagens.core.fact.Finding;
import rotagens.core.fact.InForce;
import rotagens.core.fact.OpenFinding;
import rotagens.core.fact.Reading;
import rotagens.core.fact.TireFact;
import rotagens.core.fact.Verdict;
import rotagens.core.measure.Distance;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Units;
import rotagens.core.policy.Policy;
import rotagens.core.vehicle.LoadState;
import rotagens.core.vehicle.Position;

/** The one door: what a fact opens and clears, and what may not be done. */
class FactIntakeTest {

    private static final Position AT = Position.parse("1L");

    /** A coach weighed empty and full, traveling in one of the two; on its estimate, 85 psi and 110 psi on the steer axle. */
    private static VehicleState coachAs(LoadState state) {
        return coach().weighed(Map.of(LoadState.EMPTY, 5000.0, LoadState.FULL, 6400.0), state)
                .state();
    }

    private static VehicleState take(VehicleState vehicle, Reading reading) {
        return FactIntake.take(vehicle, AT, new TireFact.Read(reading), Policy.DEFAULTS, TODAY)
                .after();
    }

    private static VehicleState inState(VehicleState vehicle, LoadState state) {
        return vehicle.with(vehicle.facts().loaded(state));
    }

    @Test
    @DisplayName("a reading is stamped with the target, the load state and the limits of its day")
    void stamped() {
        FactIntake.Taken taken = FactIntake.take(
                coachAs(LoadState.FULL), AT, new TireFact.Read(reading(0, 108, 14, 14, 14)), Policy.DEFAULTS, TODAY);
        InForce then = ((TireFact.Read) taken.recorded()).reading().inForce().orElseThrow();
        assertThat(then.target()).contains(Pressure.psi(115));
        assertThat(then.loadState()).isEqualTo(LoadState.FULL);
        assertThat(then.minimum().orElseThrow().psi()).isEqualTo(108.4);
        assertThat(then.maximum()).contains(Pressure.psi(120));
        assertThat(then.legal().orElseThrow().format(Units.US)).isEqualTo("4/32 in");
    }

    @Test
    @DisplayName("raising a preset can be filled and signed: too little air until then, and never run flat")
    void raise() {
        VehicleState empty = take(coachAs(LoadState.EMPTY), reading(0, 84, 14, 14, 14));
        VehicleState full = inState(empty, LoadState.FULL);
        assertThat(statement(TireAssessor.judge(full, AT, Policy.DEFAULTS, TODAY)))
                .first()
                .isEqualTo("84 psi cold, the load of 6,400 lb needs 108.4 psi");
        InForce then = FactIntake.inForce(full, AT, Policy.DEFAULTS, TODAY);
        assertThat(FactIntake.refusesFill(
                        full.at(AT), Optional.of(reading(0, 84, 14, 14, 14)), Pressure.psi(115), then))
                .isEmpty();
        VehicleState filled = take(take(full, reading(0, 84, 14, 14, 14)), reading(0, 115, 14, 14, 14));
        assertThat(filled.at(AT).alerts().open(AlertKind.RUN_FLAT)).isEmpty();
        assertThat(filled.at(AT).alerts().open(AlertKind.UNDER_MINIMUM)).isEmpty();
        assertThat(TireAssessor.judge(filled, AT, Policy.DEFAULTS, TODAY).verdict())
                .isLessThan(Verdict.DO_NOT_OPERATE);
    }

    @Test
    @DisplayName("no air into a tire driven at 80% or less, by this reading or by an alert, and none over a maximum")
    void fills() {
        VehicleState vehicle = take(coachAs(LoadState.FULL), reading(0, 115, 14, 14, 14));
        InForce then = FactIntake.inForce(vehicle, AT, Policy.DEFAULTS, TODAY);
        assertThat(FactIntake.refusesFill(
                        vehicle.at(AT), Optional.of(reading(0, 92, 14, 14, 14)), Pressure.psi(115), then))
                .hasValueSatisfying(
                        why -> assertThat(why.in(Units.US)).startsWith("Danger: A tire at 80% of target or less"));
        VehicleState low = take(vehicle, reading(0, 92, 14, 14, 14));
        assertThat(FactIntake.refusesFill(low.at(AT), Optional.empty(), Pressure.psi(115), then))
                .isPresent();
        assertThat(FactIntake.refusesFill(vehicle.at(AT), Optional.empty(), Pressure.psi(121), then))
                .hasValueSatisfying(why -> assertThat(why.in(Units.US)).startsWith("Over the maximum 120 psi"));
        assertThat(FactIntake.refusesFill(
                        vehicle.at(AT), Optional.of(reading(0, 122, 14, 14, 14)), Pressure.psi(115), then))
                .isEmpty();
    }

    @Test
    @DisplayName("a hot reading under the minimum for the load must not roll")
    void hotUnderMinimum() {
        VehicleState vehicle = take(coachAs(LoadState.FULL), reading(1, 115, 14, 14, 14));
        VehicleState after = take(vehicle, hot(0, 108));
        assertThat(statement(TireAssessor.judge(after, AT, Policy.DEFAULTS, TODAY)))
                .first()
                .isEqualTo("108 psi hot, the load of 6,400 lb needs 108.4 psi");
        assertThat(TireAssessor.judge(after, AT, Policy.DEFAULTS, TODAY).verdict())
                .isEqualTo(Verdict.DO_NOT_OPERATE);
    }

    @ParameterizedTest(name = "{0} psi cold where the load needs 108.4: {1}")
    @CsvSource({"108.4,WATCH", "107,SERVICE_DUE", "106.4,SERVICE_DUE", "106.3,DO_NOT_OPERATE"})
    @DisplayName("under the minimum by no more than a gauge is off is filled today, by more it must not roll")
    void withinTheGauge(double psi, Verdict verdict) {
        VehicleState after = take(coachAs(LoadState.FULL), reading(0, psi, 14, 14, 14));
        assertThat(TireAssessor.judge(after, AT, Policy.DEFAULTS, TODAY).verdict())
                .isEqualTo(verdict);
    }

    @Test
    @DisplayName("a figure far from the last is asked about: over 10 psi or 15%, a tread that grew, 1,500 miles a day")
    void unusual() {
        TireState state = coach().state().at(AT);
        assertThat(PlausibilityCheck.in(state, reading(0, 121, 14, 14, 14)))
                .containsOnlyKeys(PlausibilityCheck.CheckedValue.PRESSURE);
        assertThat(PlausibilityCheck.in(state, reading(0, 100, 14, 14, 14))).isEmpty();
        assertThat(PlausibilityCheck.in(state, reading(0, 99, 14, 14, 14)))
                .containsOnlyKeys(PlausibilityCheck.CheckedValue.PRESSURE);
        assertThat(PlausibilityCheck.in(state, reading(0, 110, 15.5, 15, 13)))
                .containsOnlyKeys(PlausibilityCheck.CheckedValue.OUTER);
        assertThat(PlausibilityCheck.in(state, hot(0, 126)))
                .as("a hot tire reads high")
                .isEmpty();
        assertThat(PlausibilityCheck.in(state, hot(0, 95))).isNotEmpty();
        assertThat(PlausibilityCheck.odometer(
                        Distance.miles(50_000), TODAY.minusDays(2), Distance.miles(53_000), TODAY))
                .isEmpty();
        assertThat(PlausibilityCheck.odometer(
                        Distance.miles(50_000), TODAY.minusDays(2), Distance.miles(53_001), TODAY))
                .hasValueSatisfying(why -> assertThat(why.in(Units.US)).contains("3,001 mi more"));
    }

    @Test
    @DisplayName("a device that can only compare asks about the very figures that core asks about")
    void unusualCompared() {
        for (Reading last : List.of(reading(3, 110, 14, 14, 14), reading(3, 50, 14, 14, 14), hot(3, 90))) {
            TireState state = coach().read("1L", last).state().at(AT);
            PlausibilityCheck.Near near = PlausibilityCheck.near(state);
            for (double psi = 20; psi < 140; psi += 0.25) {
                assertThat(outside(near.cold(), psi))
                        .as("%s cold after %s", psi, last.pressure())
                        .isEqualTo(PlausibilityCheck.in(state, reading(0, psi, 14, 14, 14))
                                .containsKey(PlausibilityCheck.CheckedValue.PRESSURE));
                assertThat(outside(near.hot(), psi))
                        .as("%s hot after %s", psi, last.pressure())
                        .isEqualTo(PlausibilityCheck.in(state, hot(0, psi))
                                .containsKey(PlausibilityCheck.CheckedValue.PRESSURE));
            }
        }
        assertThat(PlausibilityCheck.near(coach().state().at(AT)).deepest())
                .containsEntry(PlausibilityCheck.CheckedValue.INNER, 15.0);
    }

    private static boolean outside(PlausibilityCheck.Span span, double figure) {
        return span.min().filter(least -> figure < least - 1e-6).isPresent()
                || span.max().filter(most -> figure > most + 1e-6).isPresent();
    }

    @Test
    @DisplayName("a report of a pull lays out pressures left against right with their days first")
    void pull() {
        VehicleState vehicle = coach().read("1L", reading(4, 98, 14, 14, 14)).state();
        Triage triage = Triage.of(vehicle, VehicleEvents.NONE, VehicleEvents.Symptom.PULL_LEFT, Policy.DEFAULTS, TODAY);
        assertThat(triage.steps())
                .extracting(Triage.Step::check)
                .containsExactly(
                        Triage.Check.PRESSURES,
                        Triage.Check.TREAD,
                        Triage.Check.ALIGNMENT,
                        Triage.Check.JOINTS,
                        Triage.Check.STRIKE);
        assertThat(triage.steps().get(0).suspicious()).isTrue();
        assertThat(triage.steps().get(0).known().stream().map(known -> known.in(Units.US)))
                .anyMatch(words -> words.startsWith("Axle 1: 1L 98 psi on ") && words.contains("1R 110 psi on "))
                .contains("Axle 1 is 12 psi lower on the left: a vehicle drifts to that side");
        assertThat(triage.next(java.util.Set.of(Triage.Check.PRESSURES))).contains(Triage.Check.TREAD);
    }

    @Test
    @DisplayName("a lamp's report says first: gauge all, fill none")
    void lamp() {
        Triage triage = Triage.of(
                coach().state(), VehicleEvents.NONE, VehicleEvents.Symptom.WARNING_LAMP, Policy.DEFAULTS, TODAY);
        assertThat(triage.first().orElseThrow().in(Units.US)).startsWith("Gauge every tire, fill none.");
        assertThat(triage.steps().get(0).check()).isEqualTo(Triage.Check.PRESSURES);
    }

    @Test
    @DisplayName("a device begins with the verdict that stands: an open bulge with a good pressure is never fit there")
    void offlineBulge() {
        VehicleState vehicle = coach().found("2LO", 3, Finding.BULGE).state();
        ProvisionalLimits offline = ProvisionalLimits.at(
                vehicle, vehicle.pressures(Policy.DEFAULTS, TODAY), Position.parse("2LO"), Policy.DEFAULTS, TODAY);
        assertThat(offline.rest().verdict()).isEqualTo(Verdict.DO_NOT_OPERATE);
        assertThat(offline.rest().explanation().orElseThrow().statement().in(Units.US))
                .startsWith("Bulge, seen");
        assertThat(offline.untilCold().verdict()).isEqualTo(Verdict.GOOD);
    }

    @Test
    @DisplayName("running low is cleared by no reading on a device; a low pressure is")
    void offlineRanLow() {
        Sample sample = coach().read("2LO", reading(2, 88, 14, 14, 14))
                .found("2LO", new OpenFinding(Finding.RUN_FLAT, TODAY.minusDays(9), "Ana"));
        VehicleState vehicle = sample.state();
        ProvisionalLimits offline = ProvisionalLimits.at(
                vehicle, vehicle.pressures(Policy.DEFAULTS, TODAY), Position.parse("2LO"), Policy.DEFAULTS, TODAY);
        assertThat(offline.rest().verdict()).isEqualTo(Verdict.DO_NOT_OPERATE);
        assertThat(offline.untilCold().verdict()).isEqualTo(Verdict.WATCH);
    }
}
