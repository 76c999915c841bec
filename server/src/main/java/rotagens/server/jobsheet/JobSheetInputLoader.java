package rotagens.server.jobsheet;

import static rotagens.server.jobsheet.JobsheetWords.WORDS;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import rotagens.core.inspection.Gauge;
import rotagens.core.inspection.LimitDates;
import rotagens.core.inspection.RemovedTire;
import rotagens.core.inspection.SensorBattery;
import rotagens.core.inspection.TireState;
import rotagens.core.jobsheet.JobSheetInputs;
import rotagens.core.jobsheet.StepInput;
import rotagens.core.jobsheet.StepRecords;
import rotagens.core.jobsheet.WheelJob;
import rotagens.core.jobsheet.WheelTask;
import rotagens.core.measure.Length;
import rotagens.core.measure.Message;
import rotagens.core.measure.Money;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Units;
import rotagens.core.planning.WheelTasks;
import rotagens.core.planning.WorkType;
import rotagens.core.policy.Policy;
import rotagens.core.policy.PolicyNumber;
import rotagens.core.pressure.MaximumPressure;
import rotagens.core.rotation.LaborCosts;
import rotagens.core.sensor.SensorReplacementOptions;
import rotagens.core.sensor.SensorWithTire;
import rotagens.core.tire.Tire;
import rotagens.core.tire.TireModel;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Position.DualSlot;
import rotagens.core.vehicle.Position.OnAxle;
import rotagens.core.vehicle.Sensor;
import rotagens.core.vehicle.VehicleType;
import rotagens.core.vehicle.WheelSpec;
import rotagens.server.fleet.VehicleAssessment;
import rotagens.server.gauges.Gauges;
import rotagens.server.jobtires.ChosenTires;
import rotagens.server.people.People;
import rotagens.server.people.People.Person;
import rotagens.server.planning.FollowUps;
import rotagens.server.planning.JobViews.JobItemView;
import rotagens.server.planning.JobViews.JobView;
import rotagens.server.planning.PlannedMoves;
import rotagens.server.tire.TireCatalog;
import rotagens.server.tirechanger.TireChangerStore;
import rotagens.server.vehicle.VehicleRegister;

/** Puts together from the records what a job's sheet depends on. */
@Component
class JobSheetInputLoader {

    private final TireChangerStore tireChangerStore;
    private final VehicleRegister register;
    private final TireCatalog tireCatalog;
    private final PlannedMoves planned;
    private final Gauges gauges;
    private final People people;

    JobSheetInputLoader(
            TireChangerStore tireChangerStore,
            VehicleRegister register,
            TireCatalog tireCatalog,
            PlannedMoves planned,
            Gauges gauges,
            People people) {
        this.people = people;
        this.gauges = gauges;
        this.tireChangerStore = tireChangerStore;
        this.register = register;
        this.tireCatalog = tireCatalog;
        this.planned = planned;
    }

    /** @param marks what the work has found so far */
    JobSheetInputs of(
            JobView jobView,
            JobSheetStore.SheetOnFile sheet,
            VehicleAssessment vehicleAssessment,
            StepRecords<?> marks) {
        Map<Position, WheelSpec> wheels =
                wheels(register.stored(jobView.vehicleId()).entry().wheels(), marks);
        List<WheelJob> work = new ArrayList<>();
        List<String> vehicleWork = new ArrayList<>();
        Map<Long, PlannedMoves.Planned> moves = planned.of(jobView.id())
                .map(plan -> plan.moves().stream()
                        .filter(move -> move.toPlace() != null)
                        .collect(Collectors.toMap(PlannedMoves.Planned::toPlace, Function.identity())))
                .orElse(Map.of());
        for (JobItemView jobItemView : jobView.items()) {
            if (jobItemView.position() == null) {
                vehicleItem(jobItemView, vehicleAssessment, wheels, marks, work, vehicleWork);
                continue;
            }
            Position position = Position.parse(jobItemView.position());
            Optional<PlannedMoves.Planned> move = Optional.ofNullable(moves.get(vehicleAssessment.placeId(position)));
            WheelTask task = WheelTasks.of(
                    jobItemView.workType(), move.map(PlannedMoves.Planned::how), sheet.demountedForSensor());
            Long modelId = move.map(PlannedMoves.Planned::modelId).orElse(jobItemView.tireModelId());
            work.add(wheel(
                    position,
                    task,
                    modelId,
                    ChosenTires.chooses(jobItemView.workType()),
                    vehicleAssessment,
                    wheels,
                    marks));
        }
        mates(vehicleAssessment, wheels, marks, work);
        return new JobSheetInputs(
                vehicleAssessment.vehicle().isLight(),
                work,
                tags(work),
                Optional.ofNullable(sheet.tireChangerId())
                        .map(id -> tireChangerStore.get(id).tireChanger()),
                tireChangerStore.inUse().stream()
                        .map(TireChangerStore.OnFile::tireChanger)
                        .toList(),
                sheet.nitrogen(),
                vehicleWork.isEmpty() ? Optional.empty() : Optional.of(String.join("; ", vehicleWork)),
                jobView.items().stream()
                        .flatMap(item -> WheelTasks.recordOf(item.workType()).stream())
                        .collect(Collectors.toSet()),
                vehicleAssessment.policy().of(vehicleAssessment.vehicleClass()),
                people.all().stream()
                        .filter(Person::active)
                        .map(Person::name)
                        .sorted()
                        .toList(),
                wrenches(vehicleAssessment),
                vehicleAssessment.vehicle().type() != VehicleType.TRAILER,
                vehicleAssessment.onFile().odometer().map(last -> last.reading()),
                FollowUps.retorque(jobView));
    }

    private List<StepInput.TorqueInput.TorqueWrench> wrenches(VehicleAssessment vehicleAssessment) {
        Policy.ClassPolicy policy = vehicleAssessment.policy().of(vehicleAssessment.vehicleClass());
        return gauges.all().stream()
                .filter(one -> !one.retired() && one.gauge().type() == Gauge.Type.TORQUE)
                .map(one -> new StepInput.TorqueInput.TorqueWrench(
                        one.gauge().name(),
                        one.gauge()
                                .doubt(policy, vehicleAssessment.today())
                                .map(doubt -> doubt.reason().statement())))
                .toList();
    }

    private void vehicleItem(
            JobItemView jobItemView,
            VehicleAssessment vehicleAssessment,
            Map<Position, WheelSpec> wheels,
            StepRecords<?> marks,
            List<WheelJob> work,
            List<String> vehicleWork) {
        if (jobItemView.workType() == WorkType.RETORQUE) {
            vehicleAssessment.layout().positions().stream()
                    .filter(position -> position instanceof OnAxle on && on.dualSlot() != DualSlot.INNER)
                    .forEach(position -> work.add(wheel(
                            position,
                            marks.loose().contains(position.code()) ? WheelTask.LOOSE_WHEEL : WheelTask.RETORQUE,
                            null,
                            false,
                            vehicleAssessment,
                            wheels,
                            marks)));
        } else if (jobItemView.workType() != WorkType.ROTATE && !WheelTasks.isOnlyRecorded(jobItemView.workType())) {
            vehicleWork.add(jobItemView.label() + ": " + jobItemView.reason()
                    + WheelTasks.alsoNeeded(jobItemView.workType())
                            .map(needed -> " (" + needed + ")")
                            .orElse(""));
        }
    }

    /** The other tire of every dual that is let down, with its refill, where no work of its own lifts it. */
    private void mates(
            VehicleAssessment vehicleAssessment,
            Map<Position, WheelSpec> wheels,
            StepRecords<?> marks,
            List<WheelJob> work) {
        Set<Position> lifted = work.stream()
                .filter(wheel -> wheel.task().lifts())
                .map(WheelJob::position)
                .collect(Collectors.toSet());
        WheelTasks.mates(lifted, vehicleAssessment.fitted().keySet()).forEach(mate -> {
            work.removeIf(wheel -> wheel.position().equals(mate) && wheel.task() == WheelTask.PRESSURE);
            work.add(wheel(mate, WheelTask.MATE, null, false, vehicleAssessment, wheels, marks));
        });
    }

    /** As on file, but for the ones that the work has exchanged: of those only the kind is known. */
    private static Map<Position, WheelSpec> wheels(Map<Position, WheelSpec> onFile, StepRecords<?> marks) {
        Map<Position, WheelSpec> wheels = new HashMap<>(onFile);
        marks.replacedWheels()
                .forEach((position, pilot) ->
                        wheels.put(Position.parse(position), WheelSpec.of(Optional.of(pilot), Optional.empty())));
        return wheels;
    }

    /** Outside sensors come off before wheels do. */
    private static List<String> tags(List<WheelJob> work) {
        return work.stream()
                .filter(wheel -> wheel.task().lifts()
                        && wheel.sensor()
                                .filter(Sensor.Location.OUTSIDE::equals)
                                .isPresent())
                .map(wheel -> wheel.position().code())
                .distinct()
                .toList();
    }

    private WheelJob wheel(
            Position position,
            WheelTask task,
            Long modelId,
            boolean isReplaced,
            VehicleAssessment vehicleAssessment,
            Map<Position, WheelSpec> wheels,
            StepRecords<?> marks) {
        TireState state = vehicleAssessment.state().at(position);
        Optional<TireModel> model = modelId != null
                ? Optional.of(tireCatalog.get(modelId).model())
                : state.tire().map(Tire::model);
        Optional<Pressure> target =
                model.flatMap(known -> vehicleAssessment.target(position, known).pressure());
        Optional<Pressure> maximum = model.flatMap(known -> MaximumPressure.at(
                        vehicleAssessment.vehicle(), position, known, vehicleAssessment.policyAt(position))
                .map(MaximumPressure::pressure));
        return new WheelJob(
                position,
                vehicleAssessment.layout().nameOf(position),
                task,
                model,
                diameter(modelId, model),
                wheels.getOrDefault(position, WheelSpec.UNKNOWN),
                vehicleAssessment.vehicle().sensorAt(position).map(Sensor::location),
                target,
                maximum,
                task == WheelTask.WHEEL_OFF || WheelJob.suspect(state),
                // In a rotation the plan says where each tire goes.
                isReplaced && state.tire().isPresent()
                        ? RemovedTire.mayGo(vehicleAssessment.judgements().get(position))
                        : List.of(),
                task == WheelTask.NEW_TIRE
                        ? sensorWithTire(position, model, vehicleAssessment, marks)
                        : Optional.empty(),
                new WheelJob.Found(
                        marks.condemned().contains(position.code()),
                        marks.torn().contains(position.code()),
                        marks.reseated().contains(position.code()),
                        marks.newSensors().contains(position.code())));
    }

    /** Why a new sensor is worth fitting with the new tire; once it is decided the step stays, whatever is on record by then. */
    private static Optional<Message> sensorWithTire(
            Position position, Optional<TireModel> model, VehicleAssessment vehicle, StepRecords<?> marks) {
        if (marks.sensorsDecided().contains(position.code())) {
            return Optional.of(WORDS.message("decidedWhileTheTireWas"));
        }
        Policy.ClassPolicy policy = vehicle.policyAt(position);
        LaborCosts labor = LaborCosts.on(vehicle.vehicle(), vehicle.policy());
        return vehicle.vehicle()
                .sensorAt(position)
                .filter(sensor -> sensor.location() == Sensor.Location.INSIDE)
                .flatMap(Sensor::installedOn)
                .flatMap(installed -> model.flatMap(fresh -> SensorWithTire.of(
                        SensorBattery.mayEndFrom(installed, policy),
                        LimitDates.newTireUntil(
                                vehicle.state(), vehicle.state().at(position), fresh, policy, vehicle.today()),
                        new SensorReplacementOptions.Costs(
                                new Money(Math.round(policy.number(PolicyNumber.SENSOR_PRICE) * 100)),
                                labor.liftMinutes() + labor.mountMinutes(),
                                (int) policy.number(PolicyNumber.RELEARN_MINUTES),
                                labor.dollarsAnHour()))))
                .map(SensorWithTire::statement);
    }

    private Optional<Length> diameter(Long modelId, Optional<TireModel> model) {
        Optional<Length> measured = Optional.ofNullable(modelId)
                .flatMap(id -> tireCatalog.get(id).details().diameter())
                .map(stored -> Length.parse(stored, Units.US));
        return measured.isPresent()
                ? measured
                : model.flatMap(known -> known.size().overallDiameter());
    }
}
