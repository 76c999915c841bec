package rotagens.server.jobsheet;

import static rotagens.server.jobsheet.JobsheetWords.WORDS;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import rotagens.core.jobsheet.StepCode;
import rotagens.core.jobsheet.StepRecords.Status;
import rotagens.core.measure.Distance;
import rotagens.core.planning.FollowUpWork;
import rotagens.server.jobsheet.JobSheetPages.OpenedSheet;
import rotagens.server.planning.FollowUps;
import rotagens.server.planning.Jobs;
import rotagens.server.planning.PlannedMoves;
import rotagens.server.planning.WorkAfter;

/** Plans what a job leaves to be done, whether it was worked through on its sheet or signed off at the desk. */
@Component
class WorkAfterJob implements WorkAfter {

    private final JobSheetPages pages;
    private final Jobs jobs;
    private final FollowUps followUps;
    private final PlannedMoves planned;

    WorkAfterJob(JobSheetPages pages, Jobs jobs, FollowUps followUps, PlannedMoves planned) {
        this.pages = pages;
        this.jobs = jobs;
        this.followUps = followUps;
        this.planned = planned;
    }

    @Override
    public Runnable of(long jobId, LocalDate done, Optional<Distance> odometer) {
        OpenedSheet here = pages.load(jobId);
        List<FollowUpWork> next = FollowUpWork.after(
                here.facts(),
                here.vehicle().state(),
                here.vehicle().judgements(),
                isRelearnLeft(here),
                SheetResults.wrenches(here),
                planned.of(jobId).isPresent(),
                done);
        return () -> next.forEach(one -> plan(here, one, done, odometer));
    }

    /** A relearn the sheet asks for, and nobody did there: skipped with a reason, or the job signed off at the desk. */
    private static boolean isRelearnLeft(OpenedSheet here) {
        return here.sheet().steps().stream()
                .filter(step -> step.code() == StepCode.RELEARN)
                .map(step -> Optional.ofNullable(here.marks().last().get(step.key())))
                .anyMatch(stepRecord ->
                        stepRecord.filter(one -> one.type() == Status.DONE).isEmpty());
    }

    private void plan(OpenedSheet here, FollowUpWork next, LocalDate done, Optional<Distance> odometer) {
        LocalDate today = here.vehicle().today();
        long job = jobs.start(
                here.job().vehicleId(),
                next.day().isBefore(today) ? today : next.day(),
                WORDS.say("afterTheWork", "done", done));
        if (next.positions().isEmpty()) {
            jobs.addWork(job, next.kind(), null, next.reason());
        }
        next.positions()
                .forEach(at -> jobs.addWork(job, next.kind(), here.vehicle().placeId(at), next.reason()));
        followUps.put(job, done, next.window(), odometer);
    }
}
