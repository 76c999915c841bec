package rotagens.server.pdf;

import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.svgsupport.BatikSVGDrawer;
import com.openhtmltopdf.util.XRLog;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Map;
import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Component;
import org.thymeleaf.TemplateEngine;
import org.thymeleaf.context.Context;
import org.thymeleaf.templatemode.TemplateMode;
import org.thymeleaf.templateresolver.ClassLoaderTemplateResolver;

/**
 * Pages for paper: templates of HTML with drawings in SVG, set in a typeface that ships with the product, as PDF tagged after
 * PDF/UA-1: headings, tables with their head cells, drawings with words. Nothing outside is asked.
 */
@Component
public class PdfRenderer {

    private static final String FONTS = "/net/sf/jasperreports/fonts/dejavu/";
    private static final String STYLE = """
            @page { size: %s; margin: 14mm 14mm 16mm 14mm;
              @bottom-left { content: "%s"; font-family: Paper; font-size: 8pt; color: #444; }
              @bottom-right { content: "page " counter(page) " of " counter(pages); font-family: Paper; font-size: 8pt; color: #444; } }
            body { font-family: Paper; font-size: 9.5pt; color: #000; line-height: 1.35; }
            h1 { font-size: 17pt; margin: 0 0 1mm 0; }
            h2 { font-size: 11pt; margin: 5mm 0 1.5mm 0; border-bottom: 0.4mm solid #000; page-break-after: avoid; }
            table { border-collapse: collapse; width: 100%%; -fs-table-paginate: paginate; }
            th { text-align: left; font-size: 8.5pt; border-bottom: 0.3mm solid #000; padding: 1mm 2mm 1mm 0; }
            td { vertical-align: top; border-bottom: 0.15mm solid #999; padding: 1.2mm 2mm 1.2mm 0; }
            tr { page-break-inside: avoid; }
            .box { display: inline-block; width: 3.6mm; height: 3.6mm; border: 0.35mm solid #000; }
            .caution { border-left: 1.2mm solid #000; padding-left: 2mm; font-weight: bold; }
            .quiet { color: #444; }
            .large { font-size: 15pt; font-weight: bold; }
            .stamped { font-family: Stamped; }
            .line { border-bottom: 0.2mm solid #000; display: inline-block; width: 26mm; height: 4mm; }
            """;

    static {
        XRLog.setLoggingEnabled(false);
    }

    private final TemplateEngine templates = new TemplateEngine();

    private final PaperSize paperSize;

    PdfRenderer(PaperSize paperSize) {
        this.paperSize = paperSize;
        ClassLoaderTemplateResolver papers = new ClassLoaderTemplateResolver(PdfRenderer.class.getClassLoader());
        papers.setPrefix("papers/");
        papers.setSuffix(".html");
        papers.setTemplateMode(TemplateMode.HTML);
        papers.setCharacterEncoding(StandardCharsets.UTF_8.name());
        templates.setTemplateResolver(papers);
    }

    /**
     * A paper as PDF. Whatever a template shows with {@code th:text} stays text, whoever typed it.
     *
     * @param template its file in {@code papers/}, without the ending
     * @param title also the document's own
     * @param foot at the bottom of every page
     * @param model what the template shows, by name: texts and records of texts
     */
    public byte[] pdf(String template, String title, String foot, Map<String, Object> model) {
        Context context = new Context(Locale.US, model);
        context.setVariable("title", title);
        context.setVariable("style", STYLE.formatted(paperSize.css(), foot.replaceAll("[\"\\\\<>&\\p{Cntrl}]", " ")));
        return pdf(templates.process(template, context));
    }

    private static byte[] pdf(String page) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (BatikSVGDrawer drawings = new BatikSVGDrawer()) {
            PdfRendererBuilder builder = new PdfRendererBuilder();
            builder.useFastMode();
            // Tagged, so that a paper can be read aloud and its tables walked: PDF/UA-1.
            builder.usePdfUaAccessibility(true);
            builder.useSVGDrawer(drawings);
            builder.useFont(() -> font("DejaVuSansCondensed.ttf"), "Paper", 400, FontStyle.NORMAL, true);
            builder.useFont(() -> font("DejaVuSansCondensed-Bold.ttf"), "Paper", 700, FontStyle.NORMAL, true);
            builder.useFont(() -> font("DejaVuSansMono.ttf"), "Stamped", 400, FontStyle.NORMAL, true);
            // A page is drawn from itself alone.
            builder.useUriResolver((base, uri) -> null);
            builder.withHtmlContent(page, null);
            builder.toStream(out);
            builder.run();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }

    private static InputStream font(String name) {
        return PdfRenderer.class.getResourceAsStream(FONTS + name);
    }

    /** A PDF as it goes to the browser, shown there under its name. */
    public static ResponseEntity<byte[]> answer(String name, byte[] pdf) {
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .cacheControl(CacheControl.noStore())
                .header(
                        "Content-Disposition",
                        ContentDisposition.inline()
                                .filename(name.replaceAll("[^A-Za-z0-9._-]", "-"))
                                .build()
                                .toString())
                .body(pdf);
    }
}
