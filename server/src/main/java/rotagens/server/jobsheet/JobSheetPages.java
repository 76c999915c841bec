package rotagens.server.jobsheet;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import rotagens.core.jobsheet.JobSheet;
import rotagens.core.jobsheet.JobSheetInputs;
import rotagens.core.jobsheet.Step;
import rotagens.core.jobsheet.StepCode;
import rotagens.core.jobsheet.StepInput;
import rotagens.core.jobsheet.TorqueSequence;
import rotagens.core.jobsheet.ValveClock;
import rotagens.core.measure.Torque;
import rotagens.core.measure.Units;
import rotagens.core.vehicle.Position;
import rotagens.server.fleet.FleetCache;
import rotagens.server.fleet.VehicleAssessment;
import rotagens.server.jobsheet.JobSheetStore.Status;
import rotagens.server.jobsheet.JobSheetStore.StepRecord;
import rotagens.server.jobsheet.JobSheetViews.FieldOption;
import rotagens.server.jobsheet.JobSheetViews.FieldView;
import rotagens.server.jobsheet.JobSheetViews.HandOverView;
import rotagens.server.jobsheet.JobSheetViews.JobSheetView;
import rotagens.server.jobsheet.JobSheetViews.StepState;
import rotagens.server.jobsheet.JobSheetViews.StepView;
import rotagens.server.jobsheet.JobSheetViews.TireChangerOption;
import rotagens.server.jobsheet.JobSheetViews.TorqueSequenceView;
import rotagens.server.jobsheet.JobSheetViews.ValveClockView;
import rotagens.server.jobsheet.JobSheetViews.ValvePositionView;
import rotagens.server.people.People;
import rotagens.server.planning.JobViews.JobView;
import rotagens.server.planning.Jobs;
import rotagens.server.storage.generated.tables.records.JobSheetRecord;
import rotagens.server.tirechanger.TireChangerStore;

/** A job's sheet as it stands: its steps, who did which, and what comes next. */
@Component
class JobSheetPages {

    /** A sheet with what its marks say. */
    record OpenedSheet(
            JobView job,
            JobSheetRecord record,
            JobSheetInputs facts,
            JobSheet sheet,
            StepRecords marks,
            VehicleAssessment vehicle) {}

    /** What counts of the marks: of each step the newest. */
    record StepRecords(Map<String, StepRecord> last, Map<String, StepRecord> outside, List<StepRecord> handed) {

        static StepRecords of(List<StepRecord> all) {
            Map<String, StepRecord> last = new LinkedHashMap<>();
            Map<String, StepRecord> outside = new LinkedHashMap<>();
            List<StepRecord> handed = new ArrayList<>();
            for (StepRecord stepRecord : all) {
                switch (stepRecord.type()) {
                    case DONE, SKIPPED -> {
                        last.put(stepRecord.step(), stepRecord);
                        outside.remove(stepRecord.step());
                    }
                    case UNDONE -> last.remove(stepRecord.step());
                    case OUTSIDE -> outside.put(stepRecord.step(), stepRecord);
                    case HANDED_OVER -> handed.add(stepRecord);
                }
            }
            return new StepRecords(last, outside, handed);
        }

        Set<String> settled() {
            return last.keySet();
        }

        /** Positions whose tire was condemned when somebody looked inside. */
        Set<String> condemned() {
            return last.entrySet().stream()
                    .filter(stepRecord -> "CONDEMNED"
                                    .equals(stepRecord
                                            .getValue()
                                            .recordedValues()
                                            .get("verdict"))
                            && stepRecord.getKey().startsWith(StepCode.LOOK_INSIDE + ":"))
                    .map(stepRecord ->
                            stepRecord.getKey().substring(stepRecord.getKey().indexOf(':') + 1))
                    .collect(Collectors.toSet());
        }
    }

    private final Jobs jobs;
    private final FleetCache fleet;
    private final JobSheetStore store;
    private final JobSheetInputLoader facts;
    private final TireChangerStore tireChangerStore;
    private final People people;

    JobSheetPages(
            Jobs jobs,
            FleetCache fleet,
            JobSheetStore store,
            JobSheetInputLoader facts,
            TireChangerStore tireChangerStore,
            People people) {
        this.jobs = jobs;
        this.fleet = fleet;
        this.store = store;
        this.facts = facts;
        this.tireChangerStore = tireChangerStore;
        this.people = people;
    }

    OpenedSheet load(long jobId) {
        JobView jobView = jobs.get(jobId);
        JobSheetRecord record = store.get(jobId).orElseGet(() -> {
            JobSheetRecord fresh = new JobSheetRecord();
            fresh.setJobId(jobId);
            fresh.setIsNitrogen(false);
            fresh.setIsTireDemountedForSensor(false);
            return fresh;
        });
        VehicleAssessment vehicle = fleet.get(jobView.vehicleId());
        StepRecords stepRecords = StepRecords.of(store.marks(jobId));
        JobSheetInputs known = facts.of(jobView, record, vehicle, stepRecords.condemned());
        return new OpenedSheet(jobView, record, known, JobSheet.of(known), stepRecords, vehicle);
    }

    JobSheetView view(long jobId, Units units) {
        OpenedSheet here = load(jobId);
        JobSheetRecord record = here.record();
        return new JobSheetView(
                jobId,
                here.job().version(),
                here.job().vehicleId(),
                here.job().unit(),
                here.job().day(),
                here.job().note(),
                here.facts().wheels().stream()
                        .map(wheel ->
                                wheel.position().code() + ": " + wheel.task().label())
                        .distinct()
                        .toList(),
                record.getStartedAt() != null,
                record.getStartedById() == null
                        ? null
                        : people.get(record.getStartedById()).name(),
                record.getStartedAt(),
                here.job().doneAt(),
                here.job().doneBy(),
                here.sheet().warnings().stream()
                        .map(warning -> warning.in(units))
                        .toList(),
                tireChangerStore.inUse().stream()
                        .map(one -> new TireChangerOption(
                                one.id(),
                                one.tireChanger().name(),
                                one.tireChanger().type().label()))
                        .toList(),
                record.getTireChangerId(),
                record.getIsNitrogen(),
                record.getIsTireDemountedForSensor(),
                here.facts().wheels().stream().anyMatch(wheel -> wheel.task().newSensor()),
                here.facts().wheels().stream().anyMatch(wheel -> wheel.task().breaksBead()),
                here.sheet().steps().stream()
                        .map(step -> step(step, here, units))
                        .toList(),
                here.sheet().open(here.marks().settled()).size(),
                here.marks().handed().stream()
                        .map(stepRecord ->
                                new HandOverView(stepRecord.person(), stepRecord.statement(), stepRecord.at()))
                        .toList());
    }

    private static StepView step(Step step, OpenedSheet here, Units units) {
        Optional<StepRecord> last = Optional.ofNullable(here.marks().last().get(step.key()));
        Optional<StepRecord> outside =
                Optional.ofNullable(here.marks().outside().get(step.key()));
        Optional<Step> waits = last.isPresent()
                ? Optional.empty()
                : here.sheet().blockedBy(step, here.marks().settled());
        StepState stepState = last.map(
                        stepRecord -> stepRecord.type() == Status.DONE ? StepState.DONE : StepState.SKIPPED)
                .orElse(waits.isPresent() ? StepState.WAITS : StepState.OPEN);
        return new StepView(
                step.key(),
                step.code().phase(),
                step.code().title(),
                step.position().map(Position::code).orElse(null),
                step.position()
                        .map(position -> here.vehicle().layout().nameOf(position))
                        .orElse(null),
                step.does().in(units),
                step.caution().map(caution -> caution.in(units)).orElse(null),
                step.input().fields().stream()
                        .map(inputField -> new FieldView(
                                inputField.name(),
                                inputField.label(),
                                inputField.type(),
                                FieldOption.of(inputField),
                                step.input() instanceof StepInput.ColdPressureInput cold
                                        ? cold.target()
                                                .map(target -> target.format(units))
                                                .orElse(null)
                                        : null,
                                outside.or(() -> last)
                                        .map(stepRecord ->
                                                stepRecord.recordedValues().get(inputField.name()))
                                        .orElse(null)))
                        .toList(),
                stepState,
                waits.map(before -> before.code().title()
                                + before.position()
                                        .map(at -> " at " + at.code())
                                        .orElse(""))
                        .orElse(null),
                step.code().safety(),
                JobSheet.againstSkipping(step).isEmpty(),
                last.map(StepRecord::statement).orElse(null),
                last.map(StepRecord::person).orElse(null),
                last.map(StepRecord::at).orElse(null),
                outside.map(StepRecord::statement).orElse(null),
                star(step.input(), units),
                step.bead()
                        .map(bead -> clock(ValveClock.of(bead, here.facts().tireChanger()), units))
                        .orElse(null));
    }

    private static TorqueSequenceView star(StepInput stepInput, Units units) {
        if (!(stepInput instanceof StepInput.TorqueInput tighten)
                || tighten.nuts().isEmpty()) {
            return null;
        }
        return new TorqueSequenceView(
                TorqueSequence.of(tighten.nuts().get()).order(),
                tighten.wantedFtLb()
                        .map(ftLb -> new Torque(java.math.BigDecimal.valueOf(Math.round(ftLb)), Torque.Unit.FT_LB)
                                .format(units))
                        .orElse(null),
                tighten.share() < 1 ? "half" : "full");
    }

    private static ValveClockView clock(ValveClock clock, Units units) {
        return new ValveClockView(
                clock.step().label(),
                clock.valvePositions().stream()
                        .map(valvePosition -> new ValvePositionView(
                                valvePosition.technique(), valvePosition.angles(), valvePosition.clock()))
                        .toList(),
                clock.exclusionAngle(),
                clock.explanation().in(units));
    }
}
