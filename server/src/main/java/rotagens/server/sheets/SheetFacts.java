package rotagens.server.sheets;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import rotagens.core.inspection.Gauge;
import rotagens.core.inspection.TireState;
import rotagens.core.job.JobFacts;
import rotagens.core.job.Want;
import rotagens.core.job.WheelTask;
import rotagens.core.job.WheelWork;
import rotagens.core.measure.Length;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Units;
import rotagens.core.planning.DueKind;
import rotagens.core.planning.WorkAtWheel;
import rotagens.core.policy.Policy;
import rotagens.core.pressure.Maximum;
import rotagens.core.tire.Tire;
import rotagens.core.tire.TireModel;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Position.OnAxle;
import rotagens.core.vehicle.Position.Place;
import rotagens.core.vehicle.Sensor;
import rotagens.core.vehicle.WheelSpec;
import rotagens.server.fleet.Fleet.Standing;
import rotagens.server.gauges.Gauges;
import rotagens.server.machines.Machines;
import rotagens.server.planning.JobViews.Item;
import rotagens.server.planning.JobViews.Job;
import rotagens.server.planning.PlannedMoves;
import rotagens.server.storage.generated.tables.records.JobSheetRecord;
import rotagens.server.tire.Catalogue;
import rotagens.server.vehicle.VehicleRegister;

/** Puts together from the records what a job's sheet depends on. */
@Component
class SheetFacts {

    private final Machines machines;
    private final VehicleRegister register;
    private final Catalogue catalogue;
    private final PlannedMoves planned;
    private final Gauges gauges;

    SheetFacts(Machines machines, VehicleRegister register, Catalogue catalogue, PlannedMoves planned, Gauges gauges) {
        this.gauges = gauges;
        this.machines = machines;
        this.register = register;
        this.catalogue = catalogue;
        this.planned = planned;
    }

    /** @param condemned positions whose tire a professional condemned during this job */
    JobFacts of(Job job, JobSheetRecord sheet, Standing standing, Set<String> condemned) {
        Map<Position, WheelSpec> wheels =
                register.stored(job.vehicleId()).entry().wheels();
        List<WheelWork> work = new ArrayList<>();
        List<String> vehicleWork = new ArrayList<>();
        Map<Long, PlannedMoves.Planned> moves = planned.of(job.id())
                .map(plan -> plan.moves().stream()
                        .filter(move -> move.toPlace() != null)
                        .collect(Collectors.toMap(PlannedMoves.Planned::toPlace, Function.identity())))
                .orElse(Map.of());
        for (Item item : job.items()) {
            if (item.position() == null) {
                vehicleItem(item, standing, wheels, work, vehicleWork);
                continue;
            }
            Position position = Position.parse(item.position());
            Optional<PlannedMoves.Planned> move = Optional.ofNullable(moves.get(standing.placeId(position)));
            WheelTask task = WorkAtWheel.of(
                    item.kind(), move.map(PlannedMoves.Planned::how), Boolean.TRUE.equals(sheet.getIsSensorDismount()));
            Long modelId = move.map(PlannedMoves.Planned::modelId).orElse(item.tireModelId());
            work.add(wheel(position, task, modelId, standing, wheels, condemned.contains(item.position())));
        }
        return new JobFacts(
                standing.onFile().facts().isLight(),
                work,
                tags(work),
                Optional.ofNullable(sheet.getMachineId())
                        .map(id -> machines.get(id).machine()),
                machines.inUse().stream().map(Machines.OnFile::machine).toList(),
                Boolean.TRUE.equals(sheet.getIsNitrogen()),
                vehicleWork.isEmpty() ? Optional.empty() : Optional.of(String.join("; ", vehicleWork)),
                standing.policy().of(standing.onFile().facts().vehicleClass()),
                wrenches(standing));
    }

    private List<Want.Tightening.Wrench> wrenches(Standing standing) {
        Policy.ForClass policy = standing.policy().of(standing.onFile().facts().vehicleClass());
        return gauges.all().stream()
                .filter(one -> !one.retired() && one.gauge().kind() == Gauge.Kind.TORQUE)
                .map(one -> new Want.Tightening.Wrench(
                        one.gauge().name(),
                        one.gauge()
                                .doubt(policy, standing.today())
                                .map(doubt -> doubt.reason().says())))
                .toList();
    }

    private void vehicleItem(
            Item item,
            Standing standing,
            Map<Position, WheelSpec> wheels,
            List<WheelWork> work,
            List<String> vehicleWork) {
        if (item.kind() == DueKind.RETORQUE) {
            standing.onFile().facts().layout().positions().stream()
                    .filter(position -> position instanceof OnAxle on && on.place() != Place.INNER)
                    .forEach(position -> work.add(wheel(position, WheelTask.RETORQUE, null, standing, wheels, false)));
        } else if (item.kind() != DueKind.ROTATE) {
            vehicleWork.add(item.work() + ": " + item.reason()
                    + WorkAtWheel.alsoNeeded(item.kind())
                            .map(needed -> " (" + needed + ")")
                            .orElse(""));
        }
    }

    /** Outside sensors come off before wheels do. */
    private static List<String> tags(List<WheelWork> work) {
        return work.stream()
                .filter(wheel -> wheel.task().lifts()
                        && wheel.sensor().filter(Sensor.Mount.OUTSIDE::equals).isPresent())
                .map(wheel -> wheel.position().code())
                .distinct()
                .toList();
    }

    private WheelWork wheel(
            Position position,
            WheelTask task,
            Long modelId,
            Standing standing,
            Map<Position, WheelSpec> wheels,
            boolean condemned) {
        TireState state = standing.state().at(position);
        Optional<TireModel> model = modelId != null
                ? Optional.of(catalogue.get(modelId).model())
                : state.tire().map(Tire::model);
        Optional<Pressure> target =
                model.flatMap(known -> standing.target(position, known).pressure());
        Optional<Pressure> maximum = model.flatMap(
                known -> Maximum.at(standing.onFile().facts(), position, known, standing.policyAt(position))
                        .map(Maximum::pressure));
        return new WheelWork(
                position,
                standing.onFile().facts().layout().nameOf(position),
                task,
                model,
                diameter(modelId, model),
                wheels.getOrDefault(position, WheelSpec.UNKNOWN),
                standing.onFile().facts().sensorAt(position).map(Sensor::mount),
                target,
                maximum,
                task == WheelTask.WHEEL_OFF || WheelWork.suspect(state),
                condemned);
    }

    private Optional<Length> diameter(Long modelId, Optional<TireModel> model) {
        Optional<Length> measured = Optional.ofNullable(modelId)
                .flatMap(id -> catalogue.get(id).details().diameter())
                .map(stored -> Length.parse(stored, Units.US));
        return measured.isPresent()
                ? measured
                : model.flatMap(known -> known.size().overallDiameter());
    }
}
