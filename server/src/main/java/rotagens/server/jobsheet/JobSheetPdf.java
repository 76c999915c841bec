package rotagens.server.jobsheet;

import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import rotagens.core.measure.Units;
import rotagens.server.jobsheet.JobSheetViews.JobSheetView;
import rotagens.server.jobsheet.JobSheetViews.StepState;
import rotagens.server.jobsheet.JobSheetViews.StepView;
import rotagens.server.pdf.PdfRenderer;
import rotagens.server.pdf.SvgDrawings;

/** A job's sheet on paper: for a bay without a screen, and for the file. */
@RestController
class JobSheetPdf {

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM uuuu", Locale.ENGLISH);

    private final JobSheetPages pages;
    private final PdfRenderer pdfRenderer;

    JobSheetPdf(JobSheetPages pages, PdfRenderer pdfRenderer) {
        this.pages = pages;
        this.pdfRenderer = pdfRenderer;
    }

    @GetMapping(value = "/api/jobs/{id}/sheet.pdf", produces = "application/pdf")
    @Transactional(readOnly = true)
    public ResponseEntity<byte[]> printJobSheet(@PathVariable long id, @RequestParam(defaultValue = "US") Units units) {
        JobSheetView sheet = pages.view(id, units);
        StringBuilder body = new StringBuilder("<h1>")
                .append(PdfRenderer.text(sheet.unit()))
                .append(" job sheet</h1><div>")
                .append(PdfRenderer.text(String.join(" · ", sheet.tasks())))
                .append("</div><div class=\"quiet\">")
                .append(PdfRenderer.text(
                        "Planned for " + DAY.format(sheet.day()) + (sheet.note().isEmpty() ? "" : ", " + sheet.note())))
                .append(sheet.doneBy() == null ? "" : PdfRenderer.text(". Closed by " + sheet.doneBy()))
                .append("</div>");
        sheet.warnings()
                .forEach(warning -> body.append("<p class=\"caution\">")
                        .append(PdfRenderer.text(warning))
                        .append("</p>"));
        String group = "";
        for (StepView step : sheet.steps()) {
            String here =
                    step.phase() + (step.position() == null ? "" : ", " + step.position() + " " + step.positionName());
            if (!here.equals(group)) {
                body.append(group.isEmpty() ? "" : "</table>")
                        .append("<h2>")
                        .append(PdfRenderer.text(here))
                        .append("</h2><table>");
                group = here;
            }
            body.append(row(step));
        }
        body.append(group.isEmpty() ? "" : "</table>");
        body.append(
                "<p class=\"quiet\">Manufacturer data, the vehicle manual, local codes and a qualified tire professional come first.</p>");
        return PdfRenderer.answer(
                "job-sheet-" + sheet.unit() + "-" + id + ".pdf",
                pdfRenderer.pdf(
                        sheet.unit() + " job sheet", "Rotagens, " + sheet.unit() + ", job " + id, body.toString()));
    }

    private static String row(StepView step) {
        StringBuilder row = new StringBuilder("<tr><td style=\"width:6mm\">");
        row.append(
                step.state() == StepState.DONE
                        ? "✓"
                        : step.state() == StepState.SKIPPED ? "–" : "<span class=\"box\"></span>");
        row.append("</td><td><b>").append(PdfRenderer.text(step.title())).append("</b><br/>");
        row.append(PdfRenderer.text(step.does()));
        if (step.caution() != null) {
            row.append("<div class=\"caution\">")
                    .append(PdfRenderer.text(step.caution()))
                    .append("</div>");
        }
        if (step.valveClock() != null && !step.valveClock().valvePositions().isEmpty()) {
            List<Integer> angles = step.valveClock().valvePositions().stream()
                    .flatMap(place -> place.angles().stream())
                    .toList();
            row.append("<div>")
                    .append(SvgDrawings.clock(angles))
                    .append("<br/>")
                    .append(PdfRenderer.text(step.valveClock().valvePositions().stream()
                            .map(place -> place.clock() + ", " + place.technique())
                            .collect(java.util.stream.Collectors.joining("; or "))))
                    .append("</div>");
        }
        if (step.torqueSequence() != null && !step.title().equals("Full torque")) {
            row.append("<div>")
                    .append(
                            step.title().equals("Half the torque")
                                    ? SvgDrawings.star(step.torqueSequence().order())
                                    : "")
                    .append("</div>");
        }
        row.append("</td><td style=\"width:62mm\">");
        if (step.statement() != null && !step.statement().equals("done")) {
            row.append(PdfRenderer.text(step.statement())).append("<br/>");
        } else if (step.state() != StepState.DONE) {
            step.fields()
                    .forEach(field ->
                            row.append(PdfRenderer.text(field.label())).append(" <span class=\"line\"></span><br/>"));
        }
        if (step.by() != null) {
            row.append("<span class=\"quiet\">")
                    .append(PdfRenderer.text(step.by()))
                    .append("</span>");
        } else {
            row.append("<span class=\"quiet\">by</span> <span class=\"line\"></span>");
        }
        return row.append("</td></tr>").toString();
    }
}
