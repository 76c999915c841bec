package rotagens.server.sheets;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import rotagens.core.job.JobFacts;
import rotagens.core.job.JobSheet;
import rotagens.core.job.Step;
import rotagens.core.job.StepCode;
import rotagens.core.job.TorqueStar;
import rotagens.core.job.ValveClock;
import rotagens.core.job.Want;
import rotagens.core.measure.Torque;
import rotagens.core.measure.Units;
import rotagens.core.vehicle.Position;
import rotagens.server.fleet.Fleet;
import rotagens.server.fleet.Fleet.Standing;
import rotagens.server.machines.Machines;
import rotagens.server.people.People;
import rotagens.server.planning.JobViews.Job;
import rotagens.server.planning.Jobs;
import rotagens.server.sheets.SheetStore.Kind;
import rotagens.server.sheets.SheetStore.Mark;
import rotagens.server.sheets.SheetViews.FieldOption;
import rotagens.server.sheets.SheetViews.FieldView;
import rotagens.server.sheets.SheetViews.MachineChoice;
import rotagens.server.sheets.SheetViews.SheetHandOver;
import rotagens.server.sheets.SheetViews.SheetView;
import rotagens.server.sheets.SheetViews.StarView;
import rotagens.server.sheets.SheetViews.State;
import rotagens.server.sheets.SheetViews.StepView;
import rotagens.server.sheets.SheetViews.ValveClockView;
import rotagens.server.sheets.SheetViews.ValvePlace;
import rotagens.server.storage.generated.tables.records.JobSheetRecord;

/** A job's sheet as it stands: its steps, who did which, and what comes next. */
@Component
class SheetPages {

    /** A sheet with what its marks say. */
    record Opened(Job job, JobSheetRecord record, JobFacts facts, JobSheet sheet, Marks marks, Standing vehicle) {}

    /** What counts of the marks: of each step the newest. */
    record Marks(Map<String, Mark> last, Map<String, Mark> outside, List<Mark> handed) {

        static Marks of(List<Mark> all) {
            Map<String, Mark> last = new LinkedHashMap<>();
            Map<String, Mark> outside = new LinkedHashMap<>();
            List<Mark> handed = new ArrayList<>();
            for (Mark mark : all) {
                switch (mark.kind()) {
                    case DONE, SKIPPED -> {
                        last.put(mark.step(), mark);
                        outside.remove(mark.step());
                    }
                    case UNDONE -> last.remove(mark.step());
                    case OUTSIDE -> outside.put(mark.step(), mark);
                    case HANDED -> handed.add(mark);
                }
            }
            return new Marks(last, outside, handed);
        }

        Set<String> settled() {
            return last.keySet();
        }

        /** Positions whose tire was condemned when somebody looked inside. */
        Set<String> condemned() {
            return last.entrySet().stream()
                    .filter(mark -> "CONDEMNED".equals(mark.getValue().kept().get("verdict"))
                            && mark.getKey().startsWith(StepCode.LOOK_INSIDE + ":"))
                    .map(mark -> mark.getKey().substring(mark.getKey().indexOf(':') + 1))
                    .collect(Collectors.toSet());
        }
    }

    private final Jobs jobs;
    private final Fleet fleet;
    private final SheetStore store;
    private final SheetFacts facts;
    private final Machines machines;
    private final People people;

    SheetPages(Jobs jobs, Fleet fleet, SheetStore store, SheetFacts facts, Machines machines, People people) {
        this.jobs = jobs;
        this.fleet = fleet;
        this.store = store;
        this.facts = facts;
        this.machines = machines;
        this.people = people;
    }

    Opened load(long jobId) {
        Job job = jobs.get(jobId);
        JobSheetRecord record = store.get(jobId).orElseGet(() -> {
            JobSheetRecord fresh = new JobSheetRecord();
            fresh.setJobId(jobId);
            fresh.setIsNitrogen(false);
            fresh.setIsSensorDismount(false);
            return fresh;
        });
        Standing vehicle = fleet.get(job.vehicleId());
        Marks marks = Marks.of(store.marks(jobId));
        JobFacts known = facts.of(job, record, vehicle, marks.condemned());
        return new Opened(job, record, known, JobSheet.of(known), marks, vehicle);
    }

    SheetView view(long jobId, Units units) {
        Opened here = load(jobId);
        JobSheetRecord record = here.record();
        return new SheetView(
                jobId,
                here.job().version(),
                here.job().vehicleId(),
                here.job().unit(),
                here.job().day(),
                here.job().note(),
                here.facts().wheels().stream()
                        .map(wheel ->
                                wheel.position().code() + ": " + wheel.task().words())
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
                machines.inUse().stream()
                        .map(one -> new MachineChoice(
                                one.id(),
                                one.machine().name(),
                                one.machine().kind().words()))
                        .toList(),
                record.getMachineId(),
                record.getIsNitrogen(),
                record.getIsSensorDismount(),
                here.facts().wheels().stream().anyMatch(wheel -> wheel.task().newSensor()),
                here.facts().wheels().stream().anyMatch(wheel -> wheel.task().breaksBead()),
                here.sheet().steps().stream()
                        .map(step -> step(step, here, units))
                        .toList(),
                here.sheet().open(here.marks().settled()).size(),
                here.marks().handed().stream()
                        .map(mark -> new SheetHandOver(mark.person(), mark.says(), mark.at()))
                        .toList());
    }

    private static StepView step(Step step, Opened here, Units units) {
        Optional<Mark> last = Optional.ofNullable(here.marks().last().get(step.key()));
        Optional<Mark> outside = Optional.ofNullable(here.marks().outside().get(step.key()));
        Optional<Step> waits = last.isPresent()
                ? Optional.empty()
                : here.sheet().waitsFor(step, here.marks().settled());
        State state = last.map(mark -> mark.kind() == Kind.DONE ? State.DONE : State.SKIPPED)
                .orElse(waits.isPresent() ? State.WAITS : State.OPEN);
        return new StepView(
                step.key(),
                step.code().phase(),
                step.code().title(),
                step.position().map(Position::code).orElse(null),
                step.position()
                        .map(position ->
                                here.vehicle().onFile().facts().layout().nameOf(position))
                        .orElse(null),
                step.does().in(units),
                step.caution().map(caution -> caution.in(units)).orElse(null),
                step.want().fields().stream()
                        .map(field -> new FieldView(
                                field.name(),
                                field.label(),
                                field.kind(),
                                FieldOption.of(field),
                                step.want() instanceof Want.ColdPressure cold
                                        ? cold.target()
                                                .map(target -> target.in(units))
                                                .orElse(null)
                                        : null,
                                outside.or(() -> last)
                                        .map(mark -> mark.kept().get(field.name()))
                                        .orElse(null)))
                        .toList(),
                state,
                waits.map(before -> before.code().title()
                                + before.position()
                                        .map(at -> " at " + at.code())
                                        .orElse(""))
                        .orElse(null),
                step.code().safety(),
                JobSheet.againstSkipping(step).isEmpty(),
                last.map(Mark::says).orElse(null),
                last.map(Mark::person).orElse(null),
                last.map(Mark::at).orElse(null),
                outside.map(Mark::says).orElse(null),
                star(step.want(), units),
                step.bead()
                        .map(bead -> clock(ValveClock.of(bead, here.facts().machine()), units))
                        .orElse(null));
    }

    private static StarView star(Want want, Units units) {
        if (!(want instanceof Want.Tightening tighten) || tighten.nuts().isEmpty()) {
            return null;
        }
        return new StarView(
                TorqueStar.of(tighten.nuts().get()).order(),
                tighten.wantedFtLb()
                        .map(ftLb ->
                                new Torque(java.math.BigDecimal.valueOf(Math.round(ftLb)), Torque.Unit.FT_LB).in(units))
                        .orElse(null),
                tighten.share() < 1 ? "half" : "full");
    }

    private static ValveClockView clock(ValveClock clock, Units units) {
        return new ValveClockView(
                clock.step().words(),
                clock.places().stream()
                        .map(place -> new ValvePlace(place.school(), place.angles(), place.clock()))
                        .toList(),
                clock.keepOut(),
                clock.because().in(units));
    }
}
