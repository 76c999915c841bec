package rotagens.server.jobsheet;

import static rotagens.server.jobsheet.JobsheetWords.WORDS;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import rotagens.core.jobsheet.RecordedWork;
import rotagens.core.jobsheet.StepCode;
import rotagens.core.jobsheet.StepRecords.Status;
import rotagens.core.jobsheet.VisitEntryType;
import rotagens.core.jobsheet.VisitFigures;
import rotagens.core.measure.Load;
import rotagens.core.measure.Message;
import rotagens.core.measure.Units;
import rotagens.core.planning.SignOff;
import rotagens.core.planning.WorkType;
import rotagens.server.fleet.VehicleAssessment;
import rotagens.server.jobsheet.JobSheetStore.StepRecord;
import rotagens.server.planning.Jobs;
import rotagens.server.relearn.CornerProofStore;
import rotagens.server.relearn.CornerProofStore.CornerProof;

/** The steps of a sheet that are done by a record made elsewhere: whatever stands there since the work began. */
@Component
class RecordedFacts {

    private final Jobs jobs;
    private final CornerProofStore corners;
    private final VisitEntryStore visit;
    private final Clock clock;

    RecordedFacts(Jobs jobs, CornerProofStore corners, VisitEntryStore visit, Clock clock) {
        this.jobs = jobs;
        this.corners = corners;
        this.visit = visit;
        this.clock = clock;
    }

    /**
     * The records, as marks of their steps. What was read at the corners before a wheel went on, or before a sensor went in, says
     * nothing of how they are now.
     *
     * @param begun when the sheet was begun; null where nobody did
     * @param marks the sheet's own, oldest first
     */
    List<StepRecord> of(long jobId, Instant begun, List<StepRecord> marks, VehicleAssessment vehicle) {
        Instant planned = jobs.plannedAt(jobId);
        Instant since = marks.stream()
                .filter(mark -> mark.type() == Status.DONE && changesCorner(mark.step()))
                .map(StepRecord::at)
                .reduce(begun == null ? planned : begun, (one, other) -> one.isAfter(other) ? one : other);
        List<StepRecord> records = new ArrayList<>();
        corners.comparison(vehicle.id(), since)
                .map(found -> corner(RecordedWork.DASH_AND_GAUGE, found))
                .ifPresent(records::add);
        if (vehicle.state().corners().isEmpty()) {
            corners.relearn(vehicle.id(), since)
                    .map(found -> corner(RecordedWork.RELEARN, found))
                    .ifPresent(records::add);
        }
        SignOff.weighedSince(vehicle.state(), planned.atZone(clock.getZone()).toLocalDate())
                .ifPresent(ticket -> records.add(new StepRecord(
                        RecordedWork.SCALE_TICKET.step().name(),
                        Status.DONE,
                        Map.of(),
                        weighed(ticket).in(Units.US),
                        ticket.on().atStartOfDay(clock.getZone()).toInstant(),
                        0,
                        WORDS.say("scaleTicket"))));
        alignment(jobId, vehicle).ifPresent(records::add);
        return records;
    }

    private static boolean changesCorner(String step) {
        return step.startsWith(StepCode.HAND_START_NUTS.name()) || step.startsWith(StepCode.INSTALL_SENSOR.name());
    }

    /** A scale ticket in one phrase. */
    static Message weighed(rotagens.core.weighing.ScaleTicket ticket) {
        return WORDS.message(
                "on", "ticket", Load.lb(Math.round(ticket.lb())), "scale", ticket.scale(), "on", ticket.on());
    }

    private static StepRecord corner(RecordedWork work, CornerProof found) {
        return new StepRecord(
                work.step().name(),
                found.proves() ? Status.DONE : Status.OUTSIDE,
                Map.of(),
                found.statement(),
                found.at(),
                found.personId(),
                found.by());
    }

    /** The newest alignment after the work; done while every axle measured before is measured again, and none is outside. */
    private Optional<StepRecord> alignment(long jobId, VehicleAssessment vehicle) {
        List<VisitEntryStore.Entry> entries = visit.of(jobId);
        VisitFigures figures = VisitEntryStore.figures(entries);
        boolean isDone = figures.missing(VisitEntryType.ALIGNMENT_AFTER).isEmpty()
                && SignOff.refuses(vehicle.state(), WorkType.ALIGN).isEmpty();
        return entries.stream()
                .filter(entry -> entry.type() == VisitEntryType.ALIGNMENT_AFTER
                        && !entry.recordedValues().isEmpty())
                .reduce((older, newer) -> newer)
                .map(last -> new StepRecord(
                        RecordedWork.ALIGNMENT.step().name(),
                        isDone ? Status.DONE : Status.OUTSIDE,
                        Map.of(),
                        changed(figures).orElse(last.text()),
                        last.at(),
                        last.personId(),
                        last.by()));
    }

    /** Before and after, axle by axle; empty where nothing was measured twice. */
    private static Optional<String> changed(VisitFigures figures) {
        String changes = figures.changes().stream()
                .map(change -> (change.subject().isEmpty() ? "" : change.subject() + ", ")
                        + change.figure().label() + " " + change.figure().before() + " → "
                        + change.figure().after())
                .collect(Collectors.joining("; "));
        return changes.isEmpty() ? Optional.empty() : Optional.of(changes);
    }
}
