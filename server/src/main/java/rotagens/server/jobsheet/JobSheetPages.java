package rotagens.server.jobsheet;

import static rotagens.server.jobsheet.JobsheetWords.WORDS;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import rotagens.core.jobsheet.FindingInputs;
import rotagens.core.jobsheet.JobSheet;
import rotagens.core.jobsheet.JobSheetInputs;
import rotagens.core.jobsheet.RecordedWork;
import rotagens.core.jobsheet.Step;
import rotagens.core.jobsheet.StepCode;
import rotagens.core.jobsheet.StepInput;
import rotagens.core.jobsheet.StepRecords;
import rotagens.core.jobsheet.StepRecords.Status;
import rotagens.core.jobsheet.TorqueSequence;
import rotagens.core.jobsheet.ValveClock;
import rotagens.core.jobsheet.WheelSection;
import rotagens.core.measure.Torque;
import rotagens.core.measure.Units;
import rotagens.core.vehicle.Position;
import rotagens.server.fleet.FleetCache;
import rotagens.server.fleet.VehicleAssessment;
import rotagens.server.jobsheet.JobSheetStore.SheetOnFile;
import rotagens.server.jobsheet.JobSheetStore.StepRecord;
import rotagens.server.jobsheet.JobSheetViews.FieldOption;
import rotagens.server.jobsheet.JobSheetViews.FieldView;
import rotagens.server.jobsheet.JobSheetViews.HandOverView;
import rotagens.server.jobsheet.JobSheetViews.JobSheetView;
import rotagens.server.jobsheet.JobSheetViews.StepState;
import rotagens.server.jobsheet.JobSheetViews.StepTryView;
import rotagens.server.jobsheet.JobSheetViews.StepView;
import rotagens.server.jobsheet.JobSheetViews.TireChangerOption;
import rotagens.server.jobsheet.JobSheetViews.TorqueSequenceView;
import rotagens.server.jobsheet.JobSheetViews.ValveClockView;
import rotagens.server.jobsheet.JobSheetViews.ValvePositionView;
import rotagens.server.jobsheet.JobSheetViews.WheelSectionView;
import rotagens.server.people.People;
import rotagens.server.planning.JobViews.JobView;
import rotagens.server.planning.Jobs;
import rotagens.server.tirechanger.TireChangerStore;

/** A job's sheet as it stands: its steps, who did which, and what comes next. */
@Component
class JobSheetPages {

    /** A sheet with what its marks say. */
    record OpenedSheet(
            JobView job,
            SheetOnFile record,
            JobSheetInputs facts,
            JobSheet sheet,
            StepRecords<StepRecord> marks,
            VehicleAssessment vehicle) {}

    private final Jobs jobs;
    private final FleetCache fleet;
    private final JobSheetStore store;
    private final JobSheetInputLoader facts;
    private final RecordedFacts recordedFacts;
    private final TireChangerStore tireChangerStore;
    private final People people;

    JobSheetPages(
            Jobs jobs,
            FleetCache fleet,
            JobSheetStore store,
            JobSheetInputLoader facts,
            RecordedFacts recordedFacts,
            TireChangerStore tireChangerStore,
            People people) {
        this.jobs = jobs;
        this.fleet = fleet;
        this.store = store;
        this.facts = facts;
        this.recordedFacts = recordedFacts;
        this.tireChangerStore = tireChangerStore;
        this.people = people;
    }

    OpenedSheet load(long jobId) {
        JobView jobView = jobs.get(jobId);
        SheetOnFile record = store.get(jobId);
        VehicleAssessment vehicle = fleet.get(jobView.vehicleId());
        List<StepRecord> records = new ArrayList<>(store.marks(jobId));
        if (jobView.doneAt() == null) {
            // Closed, it keeps the records that closed it; what is measured later is of another day.
            records.addAll(recordedFacts.of(jobId, record.startedAt(), List.copyOf(records), vehicle));
        }
        StepRecords<StepRecord> stepRecords = StepRecords.of(records);
        JobSheetInputs known = facts.of(jobView, record, vehicle, stepRecords);
        return new OpenedSheet(jobView, record, known, JobSheet.of(known), stepRecords, vehicle);
    }

    JobSheetView view(long jobId, Units units) {
        OpenedSheet here = load(jobId);
        SheetOnFile record = here.record();
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
                record.startedAt() != null,
                record.startedById() == null
                        ? null
                        : people.get(record.startedById()).name(),
                record.startedAt(),
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
                record.tireChangerId(),
                record.nitrogen(),
                record.demountedForSensor(),
                here.facts().wheels().stream().anyMatch(wheel -> wheel.task().newSensor()),
                here.facts().wheels().stream().anyMatch(wheel -> wheel.task().breaksBead()),
                steps(here, units),
                here.sheet().open(here.marks().settled()).size(),
                here.marks().handed().stream()
                        .map(stepRecord ->
                                new HandOverView(stepRecord.person(), stepRecord.statement(), stepRecord.at()))
                        .toList());
    }

    /** A closed sheet shows what was marked on it, whatever a sheet would ask for today. */
    private static List<StepView> steps(OpenedSheet here, Units units) {
        boolean isClosed = here.job().doneAt() != null;
        List<StepView> steps = new ArrayList<>(here.sheet().steps().stream()
                .filter(step -> !isClosed || here.marks().last().containsKey(step.key()))
                .map(step -> step(step, here, units))
                .toList());
        if (isClosed) {
            here.marks().last().values().stream()
                    .filter(mark -> here.sheet().step(mark.step()).isEmpty())
                    .flatMap(mark -> earlier(mark, here).stream())
                    .forEach(steps::add);
        }
        return steps;
    }

    /** A mark whose step no sheet has any more; empty where it isn't one of a step. */
    private static Optional<StepView> earlier(StepRecord mark, OpenedSheet here) {
        String[] key = mark.step().split(":", 2);
        return Arrays.stream(StepCode.values())
                .filter(code -> code.name().equals(key[0]))
                .findFirst()
                .map(code -> new StepView(
                        mark.step(),
                        code.phase(),
                        code.title(),
                        key.length > 1 ? key[1] : null,
                        key.length > 1
                                ? here.vehicle()
                                        .position(key[1])
                                        .map(here.vehicle().layout()::nameOf)
                                        .orElse(null)
                                : null,
                        "",
                        null,
                        List.of(),
                        mark.type() == Status.DONE ? StepState.DONE : StepState.SKIPPED,
                        null,
                        code.safety(),
                        false,
                        mark.statement(),
                        mark.person(),
                        mark.at(),
                        null,
                        List.of(),
                        null,
                        null,
                        List.of(),
                        null));
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
                                step.input()
                                        .part(StepInput.ColdPressureInput.class)
                                        .filter(cold -> cold.fields().contains(inputField))
                                        .flatMap(StepInput.ColdPressureInput::target)
                                        .map(target -> target.format(units))
                                        .orElse(null),
                                outside.or(() -> last)
                                        .map(stepRecord ->
                                                stepRecord.recordedValues().get(inputField.name()))
                                        .orElse(null)))
                        .toList(),
                stepState,
                waits.map(before -> before.code().title()
                                + before.position()
                                        .map(at -> WORDS.say("at", "at", at.code()))
                                        .orElse(""))
                        .orElse(null),
                step.code().safety(),
                JobSheet.againstSkipping(step).isEmpty(),
                last.map(StepRecord::statement).orElse(null),
                outside.or(() -> last).map(StepRecord::person).orElse(null),
                outside.or(() -> last).map(StepRecord::at).orElse(null),
                outside.map(StepRecord::statement).orElse(null),
                here.marks().tries().getOrDefault(step.key(), List.of()).stream()
                        .map(tried -> new StepTryView(
                                tried.statement(), tried.person(), tried.at(), tried.type() != Status.OUTSIDE))
                        .toList(),
                step.input() instanceof RecordedWork.RecordInput elsewhere ? elsewhere.work() : null,
                star(step.input(), units),
                step.beads().stream()
                        .map(bead -> clock(ValveClock.of(bead, here.facts().tireChanger()), units))
                        .toList(),
                section(step, here));
    }

    private static @Nullable WheelSectionView section(Step step, OpenedSheet here) {
        return step.position()
                .flatMap(position -> here.facts().wheels().stream()
                        .filter(wheel -> wheel.position().equals(position))
                        .findFirst())
                .flatMap(wheel ->
                        WheelSection.of(step.code(), wheel, here.facts().tireChanger()))
                .map(section -> new WheelSectionView(
                        section.isFaceUp().orElse(null),
                        section.hold(),
                        section.isBeadInDropCenter(),
                        section.isPressArm(),
                        section.head().orElse(null),
                        section.blast().orElse(null),
                        section.release(),
                        section.statement()))
                .orElse(null);
    }

    private static @Nullable TorqueSequenceView star(StepInput stepInput, Units units) {
        StepInput tightening = stepInput instanceof FindingInputs.NutsInput nuts ? nuts.torque() : stepInput;
        if (!(tightening instanceof StepInput.TorqueInput tighten)
                || tighten.nuts().isEmpty()) {
            return null;
        }
        return new TorqueSequenceView(
                TorqueSequence.of(tighten.nuts().get()).order(),
                tighten.wantedFtLb()
                        .map(ftLb -> new Torque(java.math.BigDecimal.valueOf(Math.round(ftLb)), Torque.Unit.FT_LB)
                                .format(units))
                        .orElse(null));
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
