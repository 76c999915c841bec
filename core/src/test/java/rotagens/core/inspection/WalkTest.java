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
import rotagens.core.vehicle.AxleRole;
import rotagens.core.vehicle.Layout;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Vehicle;
import rotagens.core.vehicle.VehicleKind;
import rotagens.core.wear.Tread;
import rotagens.core.wear.TreadBound;

/** What a walk-round asks for, and the gauges it is walked with. */
class WalkTest {

    private static final Policy.ForClass POLICY = Policy.DEFAULTS.of("Coaches");

    @Test
    @DisplayName("each scope says what is missing at a position: a full walk wants pressure and tread, pre-trip a look")
    void missing() {
        Optional<Pressure> gauged = Optional.of(Pressure.psi(95));
        Optional<Pressure> none = Optional.empty();
        Tread nothing = Tread.UNMEASURED;
        Tread measured = Tread.of32nds(9, 9, 9);
        Optional<TreadBound> coin = Optional.of(TreadBound.ABOVE_4);
        Optional<TreadBound> noLook = Optional.empty();
        assertThat(WalkScope.FULL.missing(none, nothing, noLook)).contains("no pressure and tread");
        assertThat(WalkScope.FULL.missing(gauged, nothing, noLook)).contains("no tread");
        assertThat(WalkScope.FULL.missing(gauged, nothing, coin)).isEmpty();
        assertThat(WalkScope.FULL.missing(gauged, measured, noLook)).isEmpty();
        assertThat(WalkScope.PRESSURE_ONLY.missing(gauged, nothing, noLook)).isEmpty();
        assertThat(WalkScope.PRESSURE_ONLY.missing(none, measured, noLook)).contains("no pressure");
        assertThat(WalkScope.POST_REPAIR.missing(none, nothing, noLook)).contains("no pressure");
        assertThat(WalkScope.PRE_TRIP.missing(none, nothing, noLook)).isEmpty();
    }

    @Test
    @DisplayName(
            "a gauge's calibration is good for a year; on its anniversary day it is due, and never checked is due today")
    void calibration() {
        Gauge checked = new Gauge("P-2", Gauge.Kind.PRESSURE, Optional.of(LocalDate.of(2025, 11, 24)));
        assertThat(checked.doubt(POLICY, TODAY)).isEmpty();
        assertThat(checked.due(POLICY, TODAY)).isEqualTo(TODAY.plusDays(1));
        Judged doubt = checked.doubt(POLICY, TODAY.plusDays(1)).orElseThrow();
        assertThat(doubt.verdict()).isEqualTo(Verdict.WATCH);
        assertThat(doubt.reason().says().in(Units.US))
                .isEqualTo("P-2 was calibrated 24 Nov 2025, due again 24 Nov 2026");
        Gauge unknown = new Gauge("T-1", Gauge.Kind.TREAD, Optional.empty());
        assertThat(unknown.due(POLICY, TODAY)).isEqualTo(TODAY);
        assertThat(unknown.doubt(POLICY, TODAY)).isPresent();
    }

    @Test
    @DisplayName("a spare has the overall limit as its own, and is told to age unseen")
    void spare() {
        Vehicle van = new Vehicle(
                "VN-01",
                "Service van",
                VehicleKind.TRUCK,
                Load.lb(9_000),
                new Layout(List.of(new Axle(AxleRole.STEER, false), new Axle(AxleRole.DRIVE, false)), 1),
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
        Reason age = TireClocks.age(van, spare, POLICY, TODAY).get(0).reason();
        assertThat(age.says().in(Units.US)).contains("overall limit of a spare 10 y passed");
        assertThat(age.because().in(Units.US)).contains("A spare ages unseen");
    }
}
