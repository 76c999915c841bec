package rotagens.server.evidence;

import static rotagens.server.evidence.Cells.row;
import static rotagens.server.evidence.EvidenceWords.WORDS;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import rotagens.core.jobsheet.StepCode;
import rotagens.core.jobsheet.StepRecords.Status;
import rotagens.core.jobsheet.VisitEntryType;
import rotagens.server.evidence.EvidencePages.Span;
import rotagens.server.evidence.EvidenceViews.EvidenceSection;
import rotagens.server.evidence.EvidenceViews.EvidenceSectionCode;
import rotagens.server.jobsheet.WorkRecords;
import rotagens.server.jobsheet.WorkRecords.StepMark;
import rotagens.server.jobsheet.WorkRecords.VisitLine;
import rotagens.server.planning.Jobs;
import rotagens.server.planning.Overrides;

/** What was done to the vehicle: work, torque, bead gaps with the tries that failed, alignment, and what somebody decided otherwise. */
@Component
class WorkEvidence {

    private static final Set<StepCode> TORQUE =
            EnumSet.of(StepCode.TORQUE_HALF, StepCode.TORQUE_FULL, StepCode.TORQUE_PASS);

    private static final Set<VisitEntryType> SUSPENSION = EnumSet.of(
            VisitEntryType.JOINT_PLAY,
            VisitEntryType.SHOCK_TEST,
            VisitEntryType.RIDE_HEIGHT_BEFORE,
            VisitEntryType.RIDE_HEIGHT_AFTER,
            VisitEntryType.ALIGNMENT_BEFORE,
            VisitEntryType.ALIGNMENT_AFTER,
            VisitEntryType.OUTSIDE_SHOP);

    private final WorkRecords records;
    private final Jobs jobs;
    private final Overrides overrides;

    WorkEvidence(WorkRecords records, Jobs jobs, Overrides overrides) {
        this.records = records;
        this.jobs = jobs;
        this.overrides = overrides;
    }

    List<EvidenceSection> sections(Span span) {
        List<StepMark> marks = records.steps(span.vehicle().id()).stream()
                .filter(mark -> span.holds(mark.at()))
                .toList();
        List<VisitLine> lines = records.visits(span.vehicle().id()).stream()
                .filter(line -> span.holds(line.at()))
                .toList();
        return List.of(
                work(span),
                new EvidenceSection(
                        EvidenceSectionCode.TORQUE,
                        WORDS.say("torqueAndReTorque"),
                        List.of(
                                WORDS.say("day"),
                                WORDS.say("position"),
                                WORDS.say("step"),
                                WORDS.say("what"),
                                WORDS.say("wrench"),
                                WORDS.say("withinLimits"),
                                WORDS.say("by")),
                        steps(marks, TORQUE)
                                .map(mark -> row(
                                        span.day(mark.at()),
                                        mark.position(),
                                        mark.step().title(),
                                        mark.statement(),
                                        mark.recordedValues().getOrDefault("wrench", ""),
                                        within(mark),
                                        mark.by()))
                                .toList()),
                new EvidenceSection(
                        EvidenceSectionCode.BEAD_GAPS,
                        WORDS.say("beadGapsEveryTry"),
                        List.of(
                                WORDS.say("day"),
                                WORDS.say("position"),
                                WORDS.say("gaps"),
                                WORDS.say("withinLimits"),
                                WORDS.say("by")),
                        steps(marks, Set.of(StepCode.BEAD_GAP))
                                .map(mark ->
                                        row(span.day(mark.at()), mark.position(), gaps(mark), within(mark), mark.by()))
                                .toList()),
                new EvidenceSection(
                        EvidenceSectionCode.SUSPENSION,
                        WORDS.say("steeringSuspensionAlignmentOutsideWork"),
                        List.of(
                                WORDS.say("day"),
                                WORDS.say("what"),
                                WORDS.say("figures"),
                                WORDS.say("concern"),
                                WORDS.say("by")),
                        lines.stream()
                                .filter(line -> SUSPENSION.contains(line.type()))
                                .map(line -> row(
                                        span.day(line.at()),
                                        line.type().label(),
                                        line.text(),
                                        line.warning(),
                                        line.by()))
                                .toList()),
                overrides(span, marks));
    }

    private static Stream<StepMark> steps(List<StepMark> marks, Set<StepCode> which) {
        return marks.stream()
                .filter(mark -> which.contains(mark.step()))
                .filter(mark -> mark.status() == Status.DONE || mark.status() == Status.OUTSIDE);
    }

    private static String within(StepMark mark) {
        return mark.status() == Status.DONE ? WORDS.say("yes") : WORDS.say("no");
    }

    /** A try that failed says why; the gaps themselves are told all the same. */
    private static String gaps(StepMark mark) {
        String read = mark.recordedValues().entrySet().stream()
                .filter(entry -> entry.getKey().matches("(gap|back)[0-9]"))
                .sorted(java.util.Map.Entry.comparingByKey())
                .map(entry ->
                        WORDS.say("front", "startsWith", entry.getKey().startsWith("gap"), "entry", entry.getValue()))
                .collect(Collectors.joining(", "));
        return mark.status() == Status.DONE ? mark.statement() : read + ". " + mark.statement();
    }

    private EvidenceSection work(Span span) {
        return new EvidenceSection(
                EvidenceSectionCode.WORK,
                WORDS.say("workCompleted"),
                List.of(WORDS.say("day"), WORDS.say("position"), WORDS.say("work"), WORDS.say("done"), WORDS.say("by")),
                jobs.done(span.begins(), span.ends()).stream()
                        .filter(job -> job.vehicleId() == span.vehicle().id())
                        .sorted(Comparator.comparing(job -> job.doneAt()))
                        .flatMap(job -> job.items().stream()
                                .map(item -> row(
                                        span.day(job.doneAt()),
                                        item.position() == null ? WORDS.say("vehicleWord") : item.position(),
                                        item.label(),
                                        item.done(),
                                        job.doneBy())))
                        .toList());
    }

    private EvidenceSection overrides(Span span, List<StepMark> marks) {
        record Line(java.time.Instant at, List<String> cells) {}
        List<Line> lines = new ArrayList<>();
        marks.stream()
                .filter(mark -> mark.status() == Status.SKIPPED)
                .forEach(mark -> lines.add(new Line(
                        mark.at(),
                        row(
                                span.day(mark.at()),
                                WORDS.say(
                                        "stepSkipped",
                                        "step",
                                        mark.step().title(),
                                        "position",
                                        mark.position() == null ? "" : WORDS.say("at", "position", mark.position())),
                                mark.statement(),
                                mark.by()))));
        overrides.ofVehicle(span.vehicle().id()).stream()
                .filter(one -> span.holds(one.at()))
                .forEach(one ->
                        lines.add(new Line(one.at(), row(span.day(one.at()), one.what(), one.reason(), one.by()))));
        return new EvidenceSection(
                EvidenceSectionCode.OVERRIDES,
                WORDS.say("decidedOtherwiseByName"),
                List.of(WORDS.say("day"), WORDS.say("what"), WORDS.say("reason"), WORDS.say("by")),
                lines.stream()
                        .sorted(Comparator.comparing(Line::at))
                        .map(Line::cells)
                        .toList());
    }
}
