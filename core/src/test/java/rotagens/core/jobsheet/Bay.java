package rotagens.core.jobsheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import rotagens.core.measure.Length;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Torque;
import rotagens.core.policy.Policy;
import rotagens.core.tire.TireModel;
import rotagens.core.tire.TireSize;
import rotagens.core.vehicle.PilotType;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Sensor;
import rotagens.core.vehicle.WheelSpec;

/** A bay with a heavy vehicle in it, ten hub-piloted nuts at 450 ft·lb, and one tire changer. */
final class Bay {

    static final TireChanger ROLLERS = new TireChanger(
            "Changer 2",
            TireChanger.TireChangerType.CENTER_CLAMP,
            Optional.of(Length.ofInches(47)),
            OptionalDouble.of(14),
            OptionalDouble.of(24),
            Optional.of(Length.ofInches(15)),
            Map.of(BeadStep.MOUNT_TOP, 150));

    static final TireChanger SMALL = new TireChanger(
            "Changer 1",
            TireChanger.TireChangerType.SIDE_SHOVEL,
            Optional.of(Length.ofInches(33)),
            OptionalDouble.of(12),
            OptionalDouble.of(20),
            Optional.of(Length.ofInches(12)),
            Map.of());

    private final List<WheelJob> wheels = new ArrayList<>();
    private final List<String> tags = new ArrayList<>();
    private boolean light;
    private boolean nitrogen;
    private TireChanger tireChanger;
    private RetorqueCheck retorque;
    private Set<RecordedWork> recordedWork = Set.of();
    private List<TireChanger> tireChangers = List.of(SMALL, ROLLERS);

    static WheelSpec wheel(boolean reversed) {
        return new WheelSpec(
                Optional.of(PilotType.HUB),
                OptionalDouble.of(22.5),
                OptionalDouble.of(8.25),
                OptionalInt.of(10),
                "flange with washer",
                false,
                Optional.of(Torque.parse("450", Torque.Unit.FT_LB)),
                "steel",
                Optional.empty(),
                Optional.empty(),
                reversed,
                "");
    }

    static WheelJob work(
            String code, WheelTask task, Sensor.Location sensor, double target, boolean suspect, WheelSpec wheel) {
        TireModel model = new TireModel(
                "Corvane",
                "Tessaly C2",
                TireSize.parse("275/70R22.5"),
                Optional.of(Pressure.psi(120)),
                Optional.empty(),
                false);
        return new WheelJob(
                Position.parse(code),
                code,
                task,
                Optional.of(model),
                model.size().overallDiameter(),
                wheel,
                Optional.ofNullable(sensor),
                target == 0 ? Optional.empty() : Optional.of(Pressure.psi(target)),
                Optional.of(Pressure.psi(120)),
                suspect,
                List.of(),
                Optional.empty(),
                WheelJob.Found.NOTHING);
    }

    Bay does(String code, WheelTask task) {
        wheels.add(work(code, task, Sensor.Location.INSIDE, 110, false, wheel(false)));
        return this;
    }

    Bay does(WheelJob work) {
        wheels.add(work);
        return this;
    }

    Bay light() {
        light = true;
        return this;
    }

    Bay nitrogen() {
        nitrogen = true;
        return this;
    }

    Bay tagged(String... codes) {
        tags.addAll(List.of(codes));
        return this;
    }

    Bay retorque(RetorqueCheck check) {
        retorque = check;
        return this;
    }

    Bay records(RecordedWork... work) {
        recordedWork = Set.of(work);
        return this;
    }

    Bay on(TireChanger chosen) {
        tireChanger = chosen;
        return this;
    }

    Bay machines(TireChanger... all) {
        tireChangers = List.of(all);
        return this;
    }

    JobSheet sheet() {
        return JobSheet.of(new JobSheetInputs(
                light,
                wheels,
                tags,
                Optional.ofNullable(tireChanger),
                tireChangers,
                nitrogen,
                Optional.empty(),
                recordedWork,
                Policy.DEFAULTS.of("Coach"),
                List.of("Rafe Halloran", "Tomas Weil"),
                List.of(),
                false,
                Optional.empty(),
                Optional.ofNullable(retorque)));
    }
}
