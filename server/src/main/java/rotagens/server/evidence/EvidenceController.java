package rotagens.server.evidence;

import static rotagens.server.evidence.EvidenceWords.WORDS;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import rotagens.core.measure.HouseStyle;
import rotagens.core.measure.Units;
import rotagens.server.evidence.EvidenceViews.EvidencePackView;
import rotagens.server.pdf.PdfRenderer;

@RestController
class EvidenceController {

    private final EvidencePages pages;
    private final PdfRenderer pdf;

    EvidenceController(EvidencePages pages, PdfRenderer pdf) {
        this.pages = pages;
        this.pdf = pdf;
    }

    /** The pack as facts: of the last year where no span is asked for. */
    @GetMapping("/api/vehicles/{id}/evidence")
    EvidencePackView getEvidencePack(
            @PathVariable long id,
            @RequestParam @Nullable LocalDate from,
            @RequestParam @Nullable LocalDate to,
            @RequestParam(defaultValue = "US") Units units) {
        return pages.pack(id, from, to, units);
    }

    /** The evidence pack of a vehicle on paper. */
    @GetMapping(value = "/api/vehicles/{id}/evidence.pdf", produces = "application/pdf")
    ResponseEntity<byte[]> printEvidencePack(
            @PathVariable long id,
            @RequestParam @Nullable LocalDate from,
            @RequestParam @Nullable LocalDate to,
            @RequestParam(defaultValue = "US") Units units) {
        EvidencePackView pack = pages.pack(id, from, to, units);
        var dates = HouseStyle.inUse().dates();
        return PdfRenderer.answer(
                "evidence-" + pack.unit() + "-" + pack.from() + "-" + pack.to() + ".pdf",
                pdf.pdf(
                        "evidence",
                        WORDS.say("evidencePack", "pack", pack.unit()),
                        WORDS.say(
                                "rotagensChecksum",
                                "pack",
                                pack.unit(),
                                "checksum",
                                pack.checksum().substring(0, 16)),
                        Map.of(
                                "about",
                                pack.description() + " · " + pack.yard() + WORDS.say("yard"),
                                "span",
                                WORDS.say(
                                        "toTiresAlertsAndOpen",
                                        "from",
                                        dates.format(pack.from()),
                                        "to",
                                        dates.format(pack.to()),
                                        "today",
                                        dates.format(pack.asOf())),
                                "sections",
                                List.copyOf(pack.sections()),
                                "checksum",
                                pack.checksum())));
    }
}
