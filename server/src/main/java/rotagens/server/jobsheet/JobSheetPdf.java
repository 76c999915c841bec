package rotagens.server.jobsheet;

import static rotagens.server.jobsheet.JobsheetWords.WORDS;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import rotagens.core.measure.HouseStyle;
import rotagens.core.measure.Units;
import rotagens.server.jobsheet.JobSheetViews.JobSheetView;
import rotagens.server.jobsheet.JobSheetViews.StepState;
import rotagens.server.jobsheet.JobSheetViews.StepView;
import rotagens.server.jobsheet.JobSheetViews.ValveClockView;
import rotagens.server.jobsheet.JobSheetViews.ValvePositionView;
import rotagens.server.pdf.PdfRenderer;
import rotagens.server.pdf.SvgDrawings;
import rotagens.server.pdf.SvgDrawings.Dot;
import rotagens.server.pdf.SvgDrawings.StarDrawing;

/** A job's sheet on paper: for a bay without a screen, and for the file. */
@RestController
public class JobSheetPdf {

    private final JobSheetPages pages;
    private final PdfRenderer pdfRenderer;

    JobSheetPdf(JobSheetPages pages, PdfRenderer pdfRenderer) {
        this.pages = pages;
        this.pdfRenderer = pdfRenderer;
    }

    /** A job sheet on paper. */
    @GetMapping(value = "/api/jobs/{id}/sheet.pdf", produces = "application/pdf")
    @Transactional(readOnly = true)
    public ResponseEntity<byte[]> printJobSheet(@PathVariable long id, @RequestParam(defaultValue = "US") Units units) {
        JobSheetView sheet = pages.view(id, units);
        String planned = WORDS.say(
                "plannedForOther",
                "dates",
                HouseStyle.inUse().dates().format(sheet.day()),
                "note",
                sheet.note(),
                "hasNote",
                !sheet.note().isEmpty(),
                "doneBy",
                sheet.doneBy() == null ? "" : WORDS.say("closedBy", "doneBy", sheet.doneBy()));
        return PdfRenderer.answer(
                "job-sheet-" + sheet.unit() + "-" + id + ".pdf",
                pdfRenderer.pdf(
                        "job-sheet",
                        WORDS.say("jobSheet", "sheet", sheet.unit()),
                        WORDS.say("rotagensJob", "sheet", sheet.unit(), "id", id),
                        Map.of(
                                "tasks",
                                String.join(" · ", sheet.tasks()),
                                "planned",
                                planned,
                                "warnings",
                                sheet.warnings(),
                                "groups",
                                groups(sheet.steps()))));
    }

    /** Steps under one heading: a part of the work at one wheel. */
    public record StepGroup(String title, List<PaperStep> steps) {}

    /**
     * One step on paper.
     *
     * @param mark of a step done or left out; empty for one still to be ticked
     * @param statement what was read; null where a line is left for each figure
     * @param tries what was done here before and no longer counts
     * @param by who did it; null where a line is left for a name
     */
    public record PaperStep(
            String mark,
            String title,
            String does,
            @Nullable String caution,
            List<PaperClock> clocks,
            @Nullable StarDrawing star,
            @Nullable String statement,
            List<String> fields,
            List<String> tries,
            @Nullable String by) {}

    /**
     * Where the valve goes at one bead.
     *
     * @param words the bead, and the places in words
     */
    public record PaperClock(List<Dot> valves, String words) {}

    private static PaperClock onPaper(ValveClockView clock) {
        List<ValvePositionView> valves = clock.valvePositions();
        return new PaperClock(
                SvgDrawings.clock(valves.stream()
                        .flatMap(place -> place.angles().stream())
                        .toList()),
                WORDS.say(
                        "valveAt",
                        "step",
                        clock.step(),
                        "valves",
                        valves.isEmpty()
                                ? WORDS.say("anyPlace")
                                : valves.stream()
                                        .map(place -> place.clock() + ", " + place.technique())
                                        .collect(Collectors.joining(WORDS.say("or")))));
    }

    private static List<StepGroup> groups(List<StepView> steps) {
        List<StepGroup> groups = new ArrayList<>();
        for (StepView step : steps) {
            String title =
                    step.phase() + (step.position() == null ? "" : ", " + step.position() + " " + step.positionName());
            if (groups.isEmpty() || !groups.get(groups.size() - 1).title().equals(title)) {
                groups.add(new StepGroup(title, new ArrayList<>()));
            }
            groups.get(groups.size() - 1).steps().add(onPaper(step));
        }
        return groups;
    }

    /** Every try that didn't hold, the latest, too, while nothing better is there. */
    private static List<String> tries(StepView step) {
        List<String> tries = new ArrayList<>(step.tries().stream()
                .map(tried -> WORDS.say("mark", "tried", tried.statement(), "within", tried.within(), "by", tried.by()))
                .toList());
        if (step.outside() != null) {
            tries.add(WORDS.say("outsideLimits", "outside", step.outside(), "by", step.by()));
        }
        return tries;
    }

    private static PaperStep onPaper(StepView step) {
        boolean read = step.statement() != null && !step.statement().equals("done");
        boolean drawsStar = step.torqueSequence() != null;
        return new PaperStep(
                switch (step.state()) {
                    case DONE -> "✓";
                    case SKIPPED -> "–";
                    case OPEN, WAITS -> "";
                },
                step.title(),
                step.does(),
                step.caution(),
                step.valveClocks().stream().map(JobSheetPdf::onPaper).toList(),
                drawsStar ? SvgDrawings.star(step.torqueSequence().order()) : null,
                read ? step.statement() : null,
                read || step.state() == StepState.DONE
                        ? List.of()
                        : step.fields().stream().map(field -> field.label()).toList(),
                tries(step),
                step.state() == StepState.DONE || step.state() == StepState.SKIPPED ? step.by() : null);
    }
}
