package rotagens.core.planning;

import static org.assertj.core.api.Assertions.assertThat;
import static rotagens.core.inspection.Sample.coach;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import rotagens.core.inspection.Gauge;
import rotagens.core.measure.Torque;
import rotagens.core.measure.Units;
import rotagens.core.planning.JobRequirements.Work;
import rotagens.core.policy.Policy;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.WheelSpec;

class JobPartsTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 11, 23);
    private static final Gauge CHECKED = wrench("W-1", LocalDate.of(2026, 8, 1));
    private static final Gauge OVERDUE = wrench("W-2", LocalDate.of(2025, 11, 1));

    private static Gauge wrench(String name, LocalDate calibrated) {
        return new Gauge(name, Gauge.Type.TORQUE, Optional.of(calibrated));
    }

    private static JobParts of(WorkType kind, String... positions) {
        return JobParts.of(
                List.of(new Work(kind, Stream.of(positions).map(Position::parse).toList())),
                coach().state().vehicle());
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({
        "REPLACE, '1 valve stem, 1 valve core, 1 valve cap'",
        "REPLACE_SENSOR, 1 sensor",
        "INSPECT_DAMAGE, '1 valve stem, 1 valve core, 1 valve cap'",
        "PRESSURE_CHECK, ",
        "RETORQUE, "
    })
    @DisplayName(
            "a bead that is broken takes a stem, a core and a cap; a sensor brings its own; what stays on takes none")
    void parts(WorkType kind, String phrase) {
        assertThat(of(kind, "1L").phrase()).isEqualTo(Optional.ofNullable(phrase));
    }

    @Test
    @DisplayName(
            "under an inside sensor the grommet is new, not a stem; beside a replaced sensor the same bead takes nothing more")
    void sensor() {
        JobParts parts = JobParts.of(
                List.of(new Work(WorkType.REPLACE, List.of(Position.parse("1L"), Position.parse("1R")))),
                coach().sensor("1L", TODAY).state().vehicle());
        assertThat(parts.phrase()).contains("1 valve stem, 1 sensor grommet, 2 valve cores, 2 valve caps");
        List<Position> one = List.of(Position.parse("1L"));
        assertThat(JobParts.of(
                                List.of(new Work(WorkType.REPLACE, one), new Work(WorkType.REPLACE_SENSOR, one)),
                                coach().state().vehicle())
                        .phrase())
                .contains("1 sensor");
    }

    @Test
    @DisplayName("each bead counts once, whatever else is done at its wheel")
    void once() {
        assertThat(of(WorkType.REPLACE, "1L", "1R").counts()).containsEntry(Part.CORE, 2);
        List<Position> one = List.of(Position.parse("1L"));
        assertThat(JobParts.of(
                                List.of(new Work(WorkType.REPLACE, one), new Work(WorkType.REPLACE_WHEEL, one)),
                                coach().state().vehicle())
                        .counts())
                .containsEntry(Part.STEM, 1)
                .containsEntry(Part.CORE, 1);
    }

    private static JobParts.WrenchToBring wrench(WheelSpec wheel, Gauge... wrenches) {
        return of(WorkType.REPLACE, "1L")
                .wrench(Map.of(Position.parse("1L"), wheel), List.of(wrenches), Policy.DEFAULTS.of(null), TODAY)
                .orElseThrow();
    }

    private static WheelSpec torqued(String torque) {
        WheelSpec plain = WheelSpec.UNKNOWN;
        return new WheelSpec(
                plain.pilotType(),
                plain.rimDiameterInches(),
                plain.rimWidthInches(),
                plain.lugCount(),
                plain.nutSeat(),
                plain.isLeftThreaded(),
                Optional.of(Torque.parse(torque, Torque.Unit.FT_LB)),
                plain.material(),
                plain.maximumLoad(),
                plain.maximumPressure(),
                plain.isReversed(),
                plain.valveType());
    }

    @Test
    @DisplayName(
            "a wheel that comes off wants a wrench whose check stands, by its name and setting; the others are named with their doubt")
    void wrenchToBring() {
        JobParts.WrenchToBring bring = wrench(torqued("475"), CHECKED, OVERDUE);
        assertThat(bring.what().in(Units.US)).isEqualTo("torque wrench W-1 for 475 ft·lb");
        assertThat(bring.what().in(Units.METRIC)).isEqualTo("torque wrench W-1 for 644 N·m");
        assertThat(bring.doubts().stream().map(doubt -> doubt.in(Units.US)))
                .containsExactly("W-2 was calibrated Nov 1, 2025, due again Nov 1, 2026");
    }

    @Test
    @DisplayName("where no wrench’s check stands none is named; an unknown torque is the manufacturer’s to say")
    void noneVerified() {
        assertThat(wrench(WheelSpec.UNKNOWN, OVERDUE).what().in(Units.US))
                .isEqualTo("torque wrench, torque as the manufacturer says");
    }

    @Test
    @DisplayName("work that lifts no wheel wants none")
    void noWheel() {
        assertThat(of(WorkType.PRESSURE_CHECK, "1L")
                        .wrench(Map.of(), List.of(CHECKED, OVERDUE), Policy.DEFAULTS.of(null), TODAY))
                .isEmpty();
    }
}
