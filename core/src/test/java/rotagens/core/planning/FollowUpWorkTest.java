package rotagens.core.planning;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import rotagens.core.inspection.VehicleState;
import rotagens.core.jobsheet.JobSheetInputs;
import rotagens.core.jobsheet.StepInput;
import rotagens.core.jobsheet.WheelJob;
import rotagens.core.jobsheet.WheelTask;
import rotagens.core.measure.Load;
import rotagens.core.measure.Message;
import rotagens.core.policy.Policy;
import rotagens.core.shop.DayWindow;
import rotagens.core.vehicle.Axle;
import rotagens.core.vehicle.AxleLayout;
import rotagens.core.vehicle.AxleRole;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Vehicle;
import rotagens.core.vehicle.VehicleType;
import rotagens.core.vehicle.WheelSpec;

class FollowUpWorkTest {

    private static final LocalDate DONE = LocalDate.of(2026, 11, 23);

    private static WheelJob work(String code, WheelTask task, boolean condemned) {
        return new WheelJob(
                Position.parse(code),
                code,
                task,
                Optional.empty(),
                Optional.empty(),
                WheelSpec.UNKNOWN,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                condemned,
                List.of(),
                Optional.empty(),
                new WheelJob.Found(condemned, false, false));
    }

    private static final List<StepInput.TorqueInput.TorqueWrench> WRENCHES = List.of(
            new StepInput.TorqueInput.TorqueWrench("W-1", Optional.empty()),
            new StepInput.TorqueInput.TorqueWrench("W-2", Optional.of(Message.of("calibration overdue"))));

    private static List<FollowUpWork> after(boolean relearnLeft, boolean rotation, WheelJob... wheels) {
        return after(relearnLeft, rotation, Set.of("W-1"), wheels);
    }

    private static List<FollowUpWork> after(
            boolean relearnLeft, boolean rotation, Set<String> wrenches, WheelJob... wheels) {
        Vehicle vehicle = new Vehicle(
                "VN-01",
                "Service van",
                VehicleType.VAN,
                Load.lb(9_000),
                new AxleLayout(List.of(new Axle(AxleRole.STEER, false), new Axle(AxleRole.DRIVE, false)), 0),
                Map.of(),
                Map.of(),
                Map.of(),
                true,
                OptionalDouble.of(25),
                Optional.empty(),
                false,
                Map.of());
        return FollowUpWork.after(
                new JobSheetInputs(
                        true,
                        List.of(wheels),
                        List.of(),
                        Optional.empty(),
                        List.of(),
                        false,
                        Optional.empty(),
                        Set.of(),
                        Policy.DEFAULTS.of("Service van"),
                        List.of(),
                        WRENCHES,
                        true,
                        Optional.empty(),
                        Optional.empty()),
                VehicleState.of(vehicle, List.of()),
                Map.of(),
                relearnLeft,
                wrenches,
                rotation,
                DONE);
    }

    @Test
    @DisplayName(
            "after a new tire: re-torque once it has run 75 miles, three days at 25 a day, and the pressure the day after")
    void newTire() {
        List<FollowUpWork> next = after(false, false, work("1L", WheelTask.NEW_TIRE, false));
        assertThat(next).extracting(FollowUpWork::kind).containsExactly(WorkType.RETORQUE, WorkType.PRESSURE_CHECK);
        assertThat(next.get(0).day()).isEqualTo(DONE.plusDays(3));
        assertThat(next.get(1).day()).isEqualTo(DONE.plusDays(1));
        assertThat(next.get(1).positions()).containsExactly(Position.parse("1L"));
        assertThat(next.get(0).window())
                .hasValueSatisfying(window -> assertThat(window)
                        .extracting(DayWindow::from, DayWindow::to)
                        .containsExactly(DONE.plusDays(2), DONE.plusDays(4)));
        assertThat(next.get(1).window())
                .hasValueSatisfying(window -> assertThat(window)
                        .extracting(DayWindow::from, DayWindow::to)
                        .containsExactly(DONE.plusDays(1), DONE.plusDays(1)));
    }

    @Test
    @DisplayName("a pressure service leaves nothing; a rotation's re-torque and relearn come with its moves")
    void nothing() {
        assertThat(after(false, false, work("1L", WheelTask.PRESSURE, false))).isEmpty();
        assertThat(after(true, true, work("1L", WheelTask.MOVE_ASSEMBLY, false)))
                .isEmpty();
    }

    @Test
    @DisplayName("nuts torqued with a wrench past its calibration are torqued again with another one, the same day")
    void unverified() {
        List<FollowUpWork> next = after(false, false, Set.of("W-2"), work("1L", WheelTask.NEW_TIRE, false));
        assertThat(next)
                .filteredOn(one -> one.kind() == WorkType.RETORQUE)
                .extracting(one -> one.day() + " " + one.reason())
                .hasSize(2)
                .anySatisfy(verified -> assertThat(verified)
                        .startsWith("2026-11-23 torque to be verified: W-2 was past its calibration"));
    }

    @Test
    @DisplayName("a relearn left out is planned, and a tire condemned from inside has to be replaced")
    void leftOut() {
        assertThat(after(
                        true,
                        false,
                        work("1L", WheelTask.SENSOR_IN_PLACE, false),
                        work("2R", WheelTask.WHEEL_OFF, true)))
                .extracting(next -> next.kind() + " "
                        + next.positions().stream().map(Position::code).toList())
                .containsExactly("RETORQUE []", "PRESSURE_CHECK [1L]", "RELEARN []", "REPLACE [2R]");
    }
}
