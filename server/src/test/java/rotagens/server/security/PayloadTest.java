package rotagens.server.security;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.StringReader;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.model.Calendar;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.jooq.DSLContext;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpHeaders;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import rotagens.server.Api;
import rotagens.server.ServerTest;
import tools.jackson.databind.JsonNode;

/** Markup, template language, formulas and line breaks stand in every free text of the demo; everything that leaves is read back. */
@ServerTest
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class PayloadTest {

    /** Each begins as a spreadsheet's formula does, and holds what a page, a template or a calendar would act on. */
    private static final String PAYLOAD =
            "=HYPERLINK(\"http://evil.example\") <script>owned()</script> ${7*7} {{7*7}} [[${7*7}]] ]]> & \\n";

    private static final String LINES = PAYLOAD + "\r\nEND:VEVENT\r\nBEGIN:VEVENT\r\nSUMMARY:owned";

    /** Columns that hold what people typed, in whatever table. */
    private static final Set<String> FREE =
            Set.of("note", "description", "reason", "text", "body", "reporter", "shelf", "placard_location", "label");

    @Autowired
    MockMvc http;

    @Autowired
    DSLContext db;

    @Autowired
    PlatformTransactionManager transactions;

    private final List<String> planted = new ArrayList<>();
    private Api api;

    @BeforeAll
    void plant() {
        api = Api.as(http, "MANAGER");
        new TransactionTemplate(transactions).executeWithoutResult(status -> {
            // Ledgers are never changed; here they have to be.
            db.fetchValues("select name from sqlite_master where type = 'trigger' and sql like '%RAISE%'")
                    .forEach(trigger -> db.execute("drop trigger \"" + trigger + "\""));
            for (Object table : db.fetchValues("select name from sqlite_master where type = 'table'")) {
                for (Object column : db.fetchValues("select name from pragma_table_info(?)", table)) {
                    boolean isCode = String.valueOf(
                                    db.fetchValue("select sql from sqlite_master where name = ?", table))
                            .contains("CHECK (" + column + " IN");
                    if (FREE.contains(String.valueOf(column)) && !isCode) {
                        boolean isLong =
                                Set.of("note", "text", "body", "reason").contains(String.valueOf(column));
                        db.execute("update \"" + table + "\" set \"" + column + "\" = ?", isLong ? LINES : PAYLOAD);
                        planted.add(table + "." + column);
                    }
                }
            }
            db.execute("update yard set name = ? || id", PAYLOAD);
            db.execute("update supplier set name = ? || id", PAYLOAD);
            db.execute("update tire_model set manufacturer = ?, name = ? || id", PAYLOAD, PAYLOAD);
            db.execute("update tire set tire_number = ? || id where tire_number is not null", PAYLOAD);
            db.execute("update person set name = ? || id", PAYLOAD);
        });
    }

    @Test
    @DisplayName("the plant reached notes, reasons, reports, mails and descriptions")
    void planted() {
        assertThat(planted)
                .hasSizeGreaterThan(15)
                .contains("tire_movement.note", "driver_report.note", "outbox_message.body", "vehicle.description");
    }

    private String pdf(String path) throws Exception {
        byte[] file = http.perform(org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get(path)
                        .session(api.session()))
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        try (PDDocument document = Loader.loadPDF(file)) {
            return new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
        }
    }

    @Test
    @DisplayName("papers print it as it was typed, and compute nothing of it")
    void papers() throws Exception {
        long vehicle = api.vehicle("LC-01");
        List<String> papers = List.of(
                "/api/vehicles/" + vehicle + "/evidence.pdf",
                "/api/vehicles/" + vehicle + "/pdf/dot-sheet.pdf",
                "/api/vehicles/" + vehicle + "/pdf/pressure-card.pdf",
                "/api/order-needs.pdf");
        for (String paper : papers) {
            assertThat(pdf(paper)).as(paper).doesNotContain(" 49 ");
        }
        assertThat(pdf(papers.get(0))).contains("<script>owned()</script>").contains("${7*7} {{7*7}}");
    }

    @Test
    @DisplayName("no cell of an exported list begins as a formula does")
    void lists() {
        for (String type : List.of("VEHICLES", "TIRES", "ODOMETERS", "READINGS")) {
            String csv = api.get("/api/exports/" + type).text();
            assertThat(csv).as(type).isNotEmpty();
            assertThat(csv.lines()
                            .flatMap(line -> java.util.Arrays.stream(line.split(",(?=(?:[^\"]*\"[^\"]*\")*[^\"]*$)"))))
                    .as(type)
                    .noneMatch(cell -> cell.replaceFirst("^\"", "").startsWith("=")
                            || cell.replaceFirst("^\"", "").startsWith("@"));
        }
    }

    @Test
    @DisplayName("a calendar has the events it had, and none that was typed into a note")
    void calendar() throws Exception {
        JsonNode feed = api.post("/api/calendar/feeds", "{}").body();
        String text = api.get(feed.path("address").asString()).text();
        Calendar read = new CalendarBuilder().build(new StringReader(text));
        assertThat(read.getComponents()).isNotEmpty();
        assertThat(text.lines()).noneMatch(line -> line.equals("SUMMARY:owned"));
    }

    @Test
    @DisplayName("what the API says is JSON that no browser takes for a page")
    void api() throws Exception {
        var answer = http.perform(org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get("/api/outbox")
                        .session(api.session()))
                .andReturn()
                .getResponse();
        assertThat(answer.getContentType()).startsWith("application/json");
        assertThat(answer.getHeader("X-Content-Type-Options")).isEqualTo("nosniff");
        assertThat(answer.getHeader("Content-Security-Policy")).contains("default-src 'self'");
        assertThat(answer.getHeader(HttpHeaders.CACHE_CONTROL)).isEqualTo("no-store");
    }
}
