package rotagens.server.jobsheet;

import static rotagens.server.jobsheet.JobsheetWords.WORDS;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.jobsheet.FindingInputs;
import rotagens.core.jobsheet.JobSheet;
import rotagens.core.jobsheet.OdometerInputs;
import rotagens.core.jobsheet.RecordedWork;
import rotagens.core.jobsheet.Step;
import rotagens.core.jobsheet.StepCode;
import rotagens.core.jobsheet.StepInput;
import rotagens.core.jobsheet.StepRecords.Status;
import rotagens.core.measure.Units;
import rotagens.core.planning.WorkType;
import rotagens.core.tire.DotCode;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Sensor;
import rotagens.server.cache.ChangeTracker;
import rotagens.server.jobsheet.JobSheetPages.OpenedSheet;
import rotagens.server.jobsheet.JobSheetStore.StepRecord;
import rotagens.server.jobsheet.JobSheetViews.JobSheetOptionsRequest;
import rotagens.server.jobsheet.JobSheetViews.JobSheetView;
import rotagens.server.jobtires.ChosenTires;
import rotagens.server.people.People;
import rotagens.server.planning.JobCompletion;
import rotagens.server.planning.JobViews.CompleteJobRequest;
import rotagens.server.planning.JobViews.JobView;
import rotagens.server.planning.Jobs;
import rotagens.server.planning.PlannedMoves;
import rotagens.server.tire.StockStore;
import rotagens.server.tirechanger.TireChangerStore;
import rotagens.server.vehicle.SensorStore;
import rotagens.server.web.InputValidator;
import rotagens.server.web.ProblemException;

/** Working through a job's sheet: step by step, by name; closing it is signing the job off. */
@Service
class JobSheets {

    private static final int LONGEST_REASON = 200;

    private static final String SENSOR = FindingInputs.SensorWithTireInput.SENSOR;

    private final JobSheetPages pages;
    private final JobSheetStore store;
    private final JobSheetEvents watchers;
    private final TireChangerStore tireChangerStore;
    private final Jobs jobs;
    private final JobCompletion completion;
    private final PlannedMoves planned;
    private final StockStore list;
    private final ChosenTires chosenTires;
    private final SensorStore sensors;
    private final People people;
    private final ChangeTracker changeTracker;
    private final Clock clock;

    JobSheets(
            JobSheetPages pages,
            JobSheetStore store,
            JobSheetEvents watchers,
            TireChangerStore tireChangerStore,
            Jobs jobs,
            JobCompletion completion,
            PlannedMoves planned,
            StockStore list,
            ChosenTires chosenTires,
            SensorStore sensors,
            People people,
            ChangeTracker changeTracker,
            Clock clock) {
        this.pages = pages;
        this.store = store;
        this.watchers = watchers;
        this.tireChangerStore = tireChangerStore;
        this.jobs = jobs;
        this.completion = completion;
        this.planned = planned;
        this.list = list;
        this.chosenTires = chosenTires;
        this.sensors = sensors;
        this.people = people;
        this.changeTracker = changeTracker;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    JobSheetView view(long jobId, Units units) {
        return pages.view(jobId, units);
    }

    /** Chooses machine, nitrogen and the way a sensor goes in, and so begins the sheet. */
    @Transactional
    JobSheetView choose(long jobId, JobSheetOptionsRequest chosen, Units units) {
        open(jobId);
        if (chosen.tireChangerId() != null
                && tireChangerStore.get(chosen.tireChangerId()).retired()) {
            throw ProblemException.field("tireChangerId", WORDS.say("thisTireChangerIsRetired"));
        }
        begin(jobId);
        store.choose(jobId, chosen.tireChangerId(), chosen.nitrogen(), chosen.sensorDismount());
        return after(jobId, units);
    }

    /** Marks a step done with what was read; a reading outside its limits is recorded and leaves the step open. */
    @Transactional
    JobSheetView done(long jobId, String key, Map<String, String> fields, Units units) {
        OpenedSheet here = open(jobId);
        Step step = step(here.sheet(), key);
        refuseOutOfOrder(here, step);
        begin(jobId);
        Map<String, String> typed = fields == null ? Map.of() : clean(fields);
        StepInput.InputResult inputResult = step.input().read(typed, units);
        InputValidator wrong = new InputValidator();
        inputResult.errors().forEach(wrong::wrong);
        if (step.input().part(StepInput.DotOfInstalledTireInput.class).isPresent()
                && inputResult.errors().isEmpty()) {
            wrong.optional(
                    "dotCode",
                    typed.get("dotCode"),
                    text -> DotCode.parse(text, here.vehicle().today()));
        }
        if (inputResult.errors().isEmpty() && inputResult.recordedValues().containsKey(SENSOR)) {
            sensors.usedElsewhere(
                            here.vehicle().placeId(step.position().orElseThrow()),
                            inputResult.recordedValues().get(SENSOR))
                    .ifPresent(where -> wrong.wrong(SENSOR, where));
        }
        wrong.unless(
                !people.get(people.me()).name().equals(typed.get(FindingInputs.SecondPersonInput.FIELD)),
                FindingInputs.SecondPersonInput.FIELD,
                WORDS.say("nameAnotherPersonThanYourself"));
        wrong.refuseIfWrong();
        Optional<String> otherTire =
                step.input().part(StepInput.DotOfInstalledTireInput.class).isPresent()
                        ? otherTire(here, step, typed.get("dotCode"))
                                .or(() -> wrongTire(here, step, typed.get("dotCode"), units))
                        : Optional.empty();
        Optional<String> outside = otherTire.or(() -> inputResult.outside().map(says -> says.in(units)));
        if (outside.isPresent()) {
            mark(jobId, key, Status.OUTSIDE, inputResult.recordedValues(), outside.get());
        } else {
            mark(
                    jobId,
                    key,
                    Status.DONE,
                    inputResult.recordedValues(),
                    inputResult.statement().in(units));
            sensorIn(here, step, inputResult.recordedValues());
        }
        return after(jobId, units);
    }

    /** A sensor is on record from the moment it is in: the relearn at the end of the sheet is of this one. */
    private void sensorIn(OpenedSheet here, Step step, Map<String, String> recordedValues) {
        if (!recordedValues.containsKey(SENSOR)) {
            return;
        }
        Position position = step.position().orElseThrow();
        changeTracker.only(here.vehicle().id());
        sensors.putIfOther(
                here.vehicle().placeId(position),
                new Sensor(
                        recordedValues.get(SENSOR),
                        here.vehicle()
                                .vehicle()
                                .sensorAt(position)
                                .map(Sensor::location)
                                .orElse(Sensor.Location.INSIDE),
                        Optional.of(here.vehicle().today())),
                clock.instant(),
                people.me(),
                "",
                here.job().id());
    }

    /** Where a rotation meant another tire to go here than the one whose code was read. */
    private Optional<String> otherTire(OpenedSheet here, Step step, String code) {
        LocalDate today = here.vehicle().today();
        DotCode read = DotCode.parse(code, today);
        Long place = here.vehicle().placeId(step.position().orElseThrow());
        return planned.of(here.job().id()).stream()
                .flatMap(plan -> plan.moves().stream())
                .filter(move -> move.tireId() != null && place.equals(move.toPlace()))
                .flatMap(move -> list.present().stream().filter(row -> row.id() == move.tireId()))
                .filter(row -> row.dot()
                        .filter(onFile -> !DotCode.parse(onFile, today).isPossible(read))
                        .isPresent())
                .findFirst()
                .map(row -> WORDS.say(
                        "plannedHereDot",
                        "row",
                        row.number().orElse(WORDS.say("tire")),
                        "dot",
                        row.dot().orElseThrow()));
    }

    /** Where another tire was chosen for this work, or one that lies in stock was never checked for it. */
    private Optional<String> wrongTire(OpenedSheet here, Step step, String code, Units units) {
        Position position = step.position().orElseThrow();
        return here.job().items().stream()
                .filter(item -> position.code().equals(item.position()) && ChosenTires.chooses(item.workType()))
                .findFirst()
                .flatMap(item -> chosenTires.wrongTire(
                        item.id(), DotCode.parse(code, here.vehicle().today()), here.vehicle(), position, units));
    }

    private static Map<String, String> clean(Map<String, String> fields) {
        Map<String, String> clean = new HashMap<>();
        fields.forEach((field, text) -> {
            if (text != null) {
                clean.put(field, text);
            }
        });
        return clean;
    }

    /** Leaves a step out, with a name and a reason; some are never left out. */
    @Transactional
    JobSheetView skip(long jobId, String key, String reason, Units units) {
        OpenedSheet here = open(jobId);
        Step step = step(here.sheet(), key);
        JobSheet.againstSkipping(step).ifPresent(why -> {
            throw ProblemException.conflict(why.in(units));
        });
        refuseOutOfOrder(here, step);
        InputValidator wrong = new InputValidator();
        String why = wrong.text("reason", reason, LONGEST_REASON);
        wrong.unless(!why.isEmpty(), "reason", WORDS.say("enterTheReasonForSkipping"));
        wrong.refuseIfWrong();
        begin(jobId);
        mark(jobId, key, Status.SKIPPED, Map.of(), why);
        return after(jobId, units);
    }

    /** Takes a mark back, while nothing that had to come after it is marked. */
    @Transactional
    JobSheetView undo(long jobId, String key, Units units) {
        OpenedSheet here = open(jobId);
        Step step = step(here.sheet(), key);
        if (!here.marks().settled().contains(key)) {
            throw ProblemException.conflict(WORDS.say("thisStepIsntMarked"));
        }
        if (step.input() instanceof RecordedWork.RecordInput
                && here.marks().last().get(key).type() == Status.DONE) {
            throw ProblemException.conflict(WORDS.say("thisStepIsDone"));
        }
        var without = new java.util.HashSet<>(here.marks().settled());
        without.remove(key);
        here.sheet().steps().stream()
                .filter(later -> here.marks().settled().contains(later.key())
                        && later.code().safety()
                        && here.sheet()
                                .blockedBy(later, without)
                                .filter(step::equals)
                                .isPresent())
                .findFirst()
                .ifPresent(later -> {
                    throw ProblemException.conflict(
                            WORDS.say("cameAfter", "later", later.code().title()));
                });
        mark(jobId, key, Status.UNDONE, Map.of(), "");
        return after(jobId, units);
    }

    /** The sheet goes on in another person's hands; every mark keeps its own name. */
    @Transactional
    JobSheetView handOver(long jobId, String to, Units units) {
        open(jobId);
        InputValidator wrong = new InputValidator();
        String name = wrong.text("to", to, 80);
        wrong.unless(!name.isEmpty(), "to", WORDS.say("chooseTheNewTechnician"));
        wrong.refuseIfWrong();
        begin(jobId);
        mark(jobId, "", Status.HANDED_OVER, Map.of(), name);
        return after(jobId, units);
    }

    /** Closes the sheet: nothing open, then the job is signed off with what was read, and what has to follow is planned. */
    @Transactional
    JobView close(long jobId, int version, LocalDate day, Units units) {
        OpenedSheet here = open(jobId);
        List<Step> open = here.sheet().open(here.marks().settled());
        if (!open.isEmpty()) {
            Step first = open.get(0);
            Optional<StepRecord> tried =
                    Optional.ofNullable(here.marks().outside().get(first.key()));
            throw ProblemException.conflict(WORDS.say(
                    "oneStepIsOpenComplete",
                    "count",
                    open.size(),
                    "first",
                    first.code().title(),
                    "position",
                    first.position().map(at -> WORDS.say("at", "at", at.code())).orElse(""),
                    "tried",
                    tried.map(stepRecord -> ". " + stepRecord.statement()).orElse(".")));
        }
        keepRecords(here);
        JobView done = completion.done(
                jobId,
                version,
                new CompleteJobRequest(
                        day,
                        SheetResults.of(withMates(here), people.get(people.me()).name()),
                        SheetResults.read(here, OdometerInputs.ODOMETER),
                        SheetResults.read(here, OdometerInputs.SINCE),
                        SheetResults.weightPieces(here)),
                units);
        watchers.changed(jobId);
        return done;
    }

    /** The records made elsewhere that did a step stand on the sheet from its closing on, as they were then. */
    private void keepRecords(OpenedSheet here) {
        here.sheet().steps().stream()
                .filter(step -> step.input() instanceof RecordedWork.RecordInput)
                .map(step -> here.marks().last().get(step.key()))
                .filter(mark -> mark.type() == Status.DONE)
                .forEach(mark -> store.mark(
                        here.job().id(),
                        mark.step(),
                        Status.DONE,
                        mark.recordedValues(),
                        mark.statement(),
                        mark.at(),
                        mark.personId() == 0 ? people.me() : mark.personId()));
    }

    /** What was let down with its dual's other tire is signed off with its refill, on jobs planned without it, too. */
    private OpenedSheet withMates(OpenedSheet here) {
        // A wheel that came off because it was loose was filled again without work of its own.
        here.sheet().steps().stream()
                .filter(step -> step.code() == StepCode.FILL
                        && Optional.ofNullable(here.marks().last().get(step.key()))
                                .filter(mark -> mark.type() == Status.DONE)
                                .isPresent())
                .map(step -> step.position().orElseThrow())
                .filter(position -> here.job().items().stream()
                        .noneMatch(item -> position.code().equals(item.position())))
                .forEach(position -> jobs.addWork(
                        here.job().id(),
                        WorkType.SET_PRESSURE,
                        here.vehicle().placeId(position),
                        WORDS.say("letDownWithAWheel")));
        jobs.completed(here.job().id(), here.vehicle());
        return pages.load(here.job().id());
    }

    private OpenedSheet open(long jobId) {
        changeTracker.draftsOnly();
        OpenedSheet here = pages.load(jobId);
        if (here.job().doneAt() != null) {
            throw ProblemException.conflict(WORDS.say("thisJobIsDoneAlready"));
        }
        return here;
    }

    private static Step step(JobSheet sheet, String key) {
        return sheet.step(key).orElseThrow(() -> ProblemException.conflict(WORDS.say("thisStepIsnt")));
    }

    private static void refuseOutOfOrder(OpenedSheet here, Step step) {
        here.sheet().blockedBy(step, here.marks().settled()).ifPresent(before -> {
            throw ProblemException.conflict(WORDS.say(
                    "completeFirst",
                    "before",
                    before.code().title(),
                    "position",
                    before.position()
                            .map(at -> WORDS.say("at", "at", at.code()))
                            .orElse("")));
        });
    }

    private void begin(long jobId) {
        store.start(jobId, clock.instant(), people.me());
    }

    private void mark(long jobId, String key, Status status, Map<String, String> kept, String says) {
        Instant now = clock.instant();
        store.mark(jobId, key, status, kept, says, now, people.me());
    }

    private JobSheetView after(long jobId, Units units) {
        watchers.changed(jobId);
        return pages.view(jobId, units);
    }
}
