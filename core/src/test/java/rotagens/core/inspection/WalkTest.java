package rotagens.core.inspection;

import static org.assertj.core.api.Assertions.assertThat;
import static rotagens.core.inspection.Sample.TODAY;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import rotagens.core.fact.Verdict;
import rotagens.core.measure.Load;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Reason;
import rotagens.core.measure.Units;
import rotagens.core.policy.Policy;
import rotagens.core.vehicle.Axle;
import rotagens.core.vehicle.AxleLayout;
import rotagens.core.vehicle.AxleRole;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Vehicle;
import rotagens.core.vehicle.VehicleType;
import rotagens.core.wear.GrooveDepths;
import rotagens.core.wear.TreadInterval;

/** What a walk-around asks for, and the gauges it is walked with. */
class WalkTest {

    private static final Policy.ClassPolicy POLICY = Policy.DEFAULTS.of("Coaches");

    @Test
    @DisplayName("each scope says what is missing at a position: a full walk wants pressure and tread, pre-trip a look")
    void missing() {
        Optional<Pressure> gauged = Optional.of(Pressure.psi(95));
        Optional<Pressure> none = Optional.empty();
        GrooveDepths nothing = GrooveDepths.UNMEASURED;
        GrooveDepths measured = GrooveDepths.of32nds(9, 9, 9);
        Optional<TreadInterval> coin = Optional.of(TreadInterval.ABOVE_4);
        Optional<TreadInterval> noLook = Optional.empty();
        assertThat(WalkAroundScope.FULL.missingReadings(none, nothing, noLook)).contains("no pressure and tread");
        assertThat(WalkAroundScope.FULL.missingReadings(gauged, nothing, noLook))
                .contains("no tread");
        assertThat(WalkAroundScope.FULL.missingReadings(gauged, nothing, coin)).isEmpty();
        assertThat(WalkAroundScope.FULL.missingReadings(gauged, measured, noLook))
                .isEmpty();
        assertThat(WalkAroundScope.PRESSURE_ONLY.missingReadings(gauged, nothing, noLook))
                .isEmpty();
        assertThat(WalkAroundScope.PRESSURE_ONLY.missingReadings(none, measured, noLook))
                .contains("no pressure");
        assertThat(WalkAroundScope.POST_REPAIR.missingReadings(none, nothing, noLook))
                .contains("no pressure");
        assertThat(WalkAroundScope.PRE_TRIP.missingReadings(none, nothing, noLook))
                .isEmpty();
    }

    @Test
    @DisplayName(
            "a gauge's calibration is good for a year; on its anniversary day it is due, and never checked is due today")
    void calibration() {
        Gauge checked = new Gauge("P-2", Gauge.Type.PRESSURE, Optional.of(LocalDate.of(2025, 11, 24)));
        assertThat(checked.doubt(POLICY, TODAY)).isEmpty();
        assertThat(checked.due(POLICY, TODAY)).isEqualTo(TODAY.plusDays(1));
        VerdictReason doubt = checked.doubt(POLICY, TODAY.plusDays(1)).orElseThrow();
        assertThat(doubt.verdict()).isEqualTo(Verdict.WATCH);
        assertThat(doubt.reason().statement().in(Units.US))
                .isEqualTo("P-2 was calibrated Nov 24, 2025, due again Nov 24, 2026");
        Gauge unknown = new Gauge("T-1", Gauge.Type.TREAD, Optional.empty());
        assertThat(unknown.due(POLICY, TODAY)).isEqualTo(TODAY);
        assertThat(unknown.doubt(POLICY, TODAY)).isPresent();
    }

    @Test
    @DisplayName("a spare has the overall limit as its own, and is told to age unseen")
    void spare() {
        Vehicle van = new Vehicle(
                "VN-01",
                "Service van",
                VehicleType.TRUCK,
                Load.lb(9_000),
                new AxleLayout(List.of(new Axle(AxleRole.STEER, false), new Axle(AxleRole.DRIVE, false)), 1),
                Map.of(),
                Map.of(),
                Map.of(),
                false,
                OptionalDouble.empty(),
                Optional.empty(),
                false,
                Map.of());
        TireState spare = new TireState(
                Position.parse("S1"),
                Optional.of(Sample.tire("LT245/75R17", "2216")),
                List.of(),
                List.of(),
                Optional.empty(),
                Optional.empty());
        Reason age = LimitDates.age(van, spare, POLICY, TODAY).get(0).reason();
        assertThat(age.statement().in(Units.US)).contains("overall limit of a spare 10 y passed");
        assertThat(age.explanation().in(Units.US)).contains("A spare ages unseen");
    }
}
