package rotagens.server.sheets;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.fact.Repair;
import rotagens.core.job.JobSheet;
import rotagens.core.job.Step;
import rotagens.core.job.StepCode;
import rotagens.core.job.Want;
import rotagens.core.measure.Units;
import rotagens.core.planning.SheetFollowUps;
import rotagens.core.tire.DotCode;
import rotagens.core.vehicle.PilotType;
import rotagens.server.changes.Changes;
import rotagens.server.machines.Machines;
import rotagens.server.people.People;
import rotagens.server.planning.JobCompletion;
import rotagens.server.planning.JobViews.Done;
import rotagens.server.planning.JobViews.Item;
import rotagens.server.planning.JobViews.Job;
import rotagens.server.planning.JobViews.ProfessionalVerdict;
import rotagens.server.planning.JobViews.Result;
import rotagens.server.planning.Jobs;
import rotagens.server.planning.PlannedMoves;
import rotagens.server.sheets.SheetPages.Opened;
import rotagens.server.sheets.SheetStore.Kind;
import rotagens.server.sheets.SheetStore.Mark;
import rotagens.server.sheets.SheetViews.SheetChoice;
import rotagens.server.sheets.SheetViews.SheetView;
import rotagens.server.tire.TireList;
import rotagens.server.web.Entries;
import rotagens.server.web.ProblemException;

/** Working through a job's sheet: step by step, by name; closing it is signing the job off. */
@Service
class Sheets {

    private static final int LONGEST_REASON = 200;

    private final SheetPages pages;
    private final SheetStore store;
    private final SheetWatchers watchers;
    private final Machines machines;
    private final Jobs jobs;
    private final JobCompletion completion;
    private final PlannedMoves planned;
    private final TireList list;
    private final People people;
    private final Changes changes;
    private final Clock clock;

    Sheets(
            SheetPages pages,
            SheetStore store,
            SheetWatchers watchers,
            Machines machines,
            Jobs jobs,
            JobCompletion completion,
            PlannedMoves planned,
            TireList list,
            People people,
            Changes changes,
            Clock clock) {
        this.pages = pages;
        this.store = store;
        this.watchers = watchers;
        this.machines = machines;
        this.jobs = jobs;
        this.completion = completion;
        this.planned = planned;
        this.list = list;
        this.people = people;
        this.changes = changes;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    SheetView view(long jobId, Units units) {
        return pages.view(jobId, units);
    }

    /** Chooses machine, nitrogen and the way a sensor goes in, and so begins the sheet. */
    @Transactional
    SheetView choose(long jobId, SheetChoice chosen, Units units) {
        open(jobId);
        if (chosen.machineId() != null && machines.get(chosen.machineId()).retired()) {
            throw ProblemException.field("machineId", "This machine is out of use. SheetChoice another.");
        }
        begin(jobId);
        store.choose(jobId, chosen.machineId(), chosen.nitrogen(), chosen.sensorDismount());
        return after(jobId, units);
    }

    /** Marks a step done with what was read; a reading outside its limits is recorded and leaves the step open. */
    @Transactional
    SheetView done(long jobId, String key, Map<String, String> fields, Units units) {
        Opened here = open(jobId);
        Step step = step(here.sheet(), key);
        refuseOutOfOrder(here, step);
        begin(jobId);
        Map<String, String> typed = fields == null ? Map.of() : clean(fields);
        Want.Outcome outcome = step.want().read(typed, units);
        Entries wrong = new Entries();
        outcome.faults().forEach(wrong::wrong);
        if (step.want() instanceof Want.DotFitted && outcome.faults().isEmpty()) {
            wrong.optional(
                    "dotCode",
                    typed.get("dotCode"),
                    text -> DotCode.parse(text, here.vehicle().today()));
        }
        wrong.refuseIfWrong();
        Optional<String> otherTire =
                step.want() instanceof Want.DotFitted ? otherTire(here, step, typed.get("dotCode")) : Optional.empty();
        Optional<String> outside = otherTire.or(() -> outcome.outside().map(says -> says.in(units)));
        if (outside.isPresent()) {
            mark(jobId, key, Kind.OUTSIDE, outcome.kept(), outside.get());
        } else {
            mark(jobId, key, Kind.DONE, outcome.kept(), outcome.says().in(units));
        }
        return after(jobId, units);
    }

    /** Where a rotation meant another tire to go here than the one whose code was read. */
    private Optional<String> otherTire(Opened here, Step step, String code) {
        LocalDate today = here.vehicle().today();
        DotCode read = DotCode.parse(code, today);
        Long place = here.vehicle().placeId(step.position().orElseThrow());
        return planned.of(here.job().id()).stream()
                .flatMap(plan -> plan.moves().stream())
                .filter(move -> move.tireId() != null && place.equals(move.toPlace()))
                .flatMap(move -> list.present().stream().filter(row -> row.id() == move.tireId()))
                .filter(row -> row.dot()
                        .filter(onFile -> !DotCode.parse(onFile, today).mayBe(read))
                        .isPresent())
                .findFirst()
                .map(row -> "Planned here: " + row.number().orElse("the tire") + ", DOT "
                        + row.dot().orElseThrow() + ". This is another tire.");
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
    SheetView skip(long jobId, String key, String reason, Units units) {
        Opened here = open(jobId);
        Step step = step(here.sheet(), key);
        JobSheet.againstSkipping(step).ifPresent(why -> {
            throw ProblemException.conflict(why.in(units));
        });
        refuseOutOfOrder(here, step);
        Entries wrong = new Entries();
        String why = wrong.text("reason", reason, LONGEST_REASON);
        wrong.unless(!why.isEmpty(), "reason", "Say why it is left out: it stands on the sheet under your name.");
        wrong.refuseIfWrong();
        begin(jobId);
        mark(jobId, key, Kind.SKIPPED, Map.of(), why);
        return after(jobId, units);
    }

    /** Takes a mark back, while nothing that had to come after it is marked. */
    @Transactional
    SheetView undo(long jobId, String key, Units units) {
        Opened here = open(jobId);
        Step step = step(here.sheet(), key);
        if (!here.marks().settled().contains(key)) {
            throw ProblemException.conflict("This step isn’t marked.");
        }
        var without = new java.util.HashSet<>(here.marks().settled());
        without.remove(key);
        here.sheet().steps().stream()
                .filter(later -> here.marks().settled().contains(later.key())
                        && later.code().safety()
                        && here.sheet()
                                .waitsFor(later, without)
                                .filter(step::equals)
                                .isPresent())
                .findFirst()
                .ifPresent(later -> {
                    throw ProblemException.conflict(
                            "“" + later.code().title() + "” came after it and is marked. Take that back first.");
                });
        mark(jobId, key, Kind.UNDONE, Map.of(), "");
        return after(jobId, units);
    }

    /** The sheet goes on in another person's hands; every mark keeps its own name. */
    @Transactional
    SheetView handOver(long jobId, String to, Units units) {
        open(jobId);
        Entries wrong = new Entries();
        String name = wrong.text("to", to, 80);
        wrong.unless(!name.isEmpty(), "to", "Who goes on?");
        wrong.refuseIfWrong();
        begin(jobId);
        mark(jobId, "", Kind.HANDED, Map.of(), name);
        return after(jobId, units);
    }

    /** Closes the sheet: nothing open, then the job is signed off with what was read, and what has to follow is planned. */
    @Transactional
    Job close(long jobId, int version, LocalDate day, Units units) {
        Opened here = open(jobId);
        List<Step> open = here.sheet().open(here.marks().settled());
        if (!open.isEmpty()) {
            Step first = open.get(0);
            Optional<Mark> tried = Optional.ofNullable(here.marks().outside().get(first.key()));
            throw ProblemException.conflict((open.size() == 1 ? "One step is" : open.size() + " steps are")
                    + " open. First: " + first.code().title()
                    + first.position().map(at -> " at " + at.code()).orElse("")
                    + tried.map(mark -> ". " + mark.says()).orElse("."));
        }
        Job done = completion.done(jobId, version, new Done(day, results(here)), units);
        followUps(here, day == null ? here.vehicle().today() : day);
        watchers.changed(jobId);
        return done;
    }

    private void followUps(Opened here, LocalDate done) {
        boolean relearnLeft = Optional.ofNullable(here.marks().last().get(StepCode.RELEARN.name()))
                .filter(mark -> mark.kind() == Kind.SKIPPED)
                .isPresent();
        boolean rotation = planned.of(here.job().id()).isPresent();
        SheetFollowUps.after(
                        here.facts(), here.vehicle().state(), here.vehicle().judgements(), relearnLeft, rotation, done)
                .forEach(next -> {
                    long job = jobs.start(
                            here.job().vehicleId(),
                            next.day().isBefore(here.vehicle().today())
                                    ? here.vehicle().today()
                                    : next.day(),
                            "after the work of " + done);
                    if (next.positions().isEmpty()) {
                        jobs.addWork(job, next.kind(), null, next.why());
                    }
                    next.positions()
                            .forEach(at -> jobs.addWork(
                                    job, next.kind(), here.vehicle().placeId(at), next.why()));
                });
    }

    /** What was read at each wheel, as the sign-off of each piece of work wants it. */
    private static List<Result> results(Opened here) {
        return here.job().items().stream().map(item -> result(item, here)).toList();
    }

    private static Result result(Item item, Opened here) {
        Map<String, String> read = new HashMap<>();
        here.sheet().steps().forEach(step -> {
            boolean mine = item.position() == null
                    || step.position()
                            .filter(at -> at.code().equals(item.position()))
                            .isPresent();
            Mark mark = here.marks().last().get(step.key());
            if (mine && mark != null) {
                mark.kept().forEach((field, value) -> {
                    if (!value.isEmpty()) {
                        read.put(field, value);
                    }
                });
            }
        });
        String skipped = read.getOrDefault("note", "");
        return new Result(
                item.id(),
                read.get("pressure"),
                read.get("outer"),
                read.get("center"),
                read.get("inner"),
                read.get("dotCode"),
                null,
                Optional.ofNullable(read.get("pilot")).map(PilotType::valueOf).orElse(null),
                read.get("sensor"),
                read.get("torque"),
                Optional.ofNullable(read.get("verdict"))
                        .map(ProfessionalVerdict::valueOf)
                        .orElse(null),
                Optional.ofNullable(read.get("repair")).map(Repair::valueOf).orElse(null),
                read.get("professional"),
                skipped.isEmpty() ? words(item, here) : skipped,
                // Its step has held the pressure within a few psi of the target already: nothing is left to ask.
                List.of("pressure"),
                gas(item, here),
                gas(item, here).equals("NITROGEN") ? read.get("nitrogen") : null);
    }

    /** A tire that was mounted and filled holds what it was purged with, or air; where it kept its filling, nobody says. */
    private static String gas(Item item, Opened here) {
        Set<StepCode> done = here.sheet().steps().stream()
                .filter(step -> step.position()
                        .filter(at -> at.code().equals(item.position()))
                        .isPresent())
                .filter(step -> Optional.ofNullable(here.marks().last().get(step.key()))
                        .filter(mark -> mark.kind() == Kind.DONE)
                        .isPresent())
                .map(Step::code)
                .collect(Collectors.toSet());
        return done.contains(StepCode.NITROGEN) ? "NITROGEN" : done.contains(StepCode.FILL) ? "AIR" : "";
    }

    /** Where the work wants words and no step asked for them: the steps themselves say what was done. */
    private static String words(Item item, Opened here) {
        return here.sheet().steps().stream()
                .filter(step -> item.position() == null
                        || step.position()
                                .filter(at -> at.code().equals(item.position()))
                                .isPresent())
                .map(step -> here.marks().last().get(step.key()))
                .filter(mark ->
                        mark != null && mark.kind() == Kind.DONE && !mark.says().equals("done"))
                .map(Mark::says)
                .limit(8)
                .collect(Collectors.joining("; "));
    }

    private Opened open(long jobId) {
        changes.draftsOnly();
        Opened here = pages.load(jobId);
        if (here.job().doneAt() != null) {
            throw ProblemException.conflict("This job is done already; its sheet stays as it was closed.");
        }
        return here;
    }

    private static Step step(JobSheet sheet, String key) {
        return sheet.step(key)
                .orElseThrow(
                        () -> ProblemException.conflict(
                                "This step isn’t on the sheet any more: the vehicle’s records or the machine changed. Look again."));
    }

    private static void refuseOutOfOrder(Opened here, Step step) {
        here.sheet().waitsFor(step, here.marks().settled()).ifPresent(before -> {
            throw ProblemException.conflict("First: “" + before.code().title() + "”"
                    + before.position().map(at -> " at " + at.code()).orElse("") + ".");
        });
    }

    private void begin(long jobId) {
        store.start(jobId, clock.instant(), people.me());
    }

    private void mark(long jobId, String key, Kind kind, Map<String, String> kept, String says) {
        Instant now = clock.instant();
        store.mark(jobId, key, kind, kept, says, now, people.me());
    }

    private SheetView after(long jobId, Units units) {
        watchers.changed(jobId);
        return pages.view(jobId, units);
    }
}
