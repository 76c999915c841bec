package rotagens.server.evidence;

import static org.assertj.core.api.Assertions.assertThat;
import static rotagens.server.storage.generated.Tables.POSITION;
import static rotagens.server.storage.generated.Tables.READING;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.time.Instant;
import java.util.HexFormat;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import java.util.stream.StreamSupport;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import rotagens.server.Api;
import rotagens.server.Api.Answer;
import rotagens.server.ServerTest;
import rotagens.server.storage.generated.tables.records.ReadingRecord;
import tools.jackson.databind.JsonNode;

/** What is on record of a vehicle on one page, and its checksum, as an auditor would read them. */
@ServerTest
class EvidenceTest {

    @Autowired
    MockMvc http;

    @Autowired
    DSLContext db;

    @Autowired
    PlatformTransactionManager transactions;

    private Api coordinator;

    @BeforeEach
    void client() {
        coordinator = new Api(http);
    }

    private JsonNode pack(String unit, String query) {
        Answer pack = coordinator.get("/api/vehicles/" + coordinator.vehicle(unit) + "/evidence" + query);
        assertThat(pack.status()).as(pack.text()).isEqualTo(200);
        return pack.body();
    }

    private static JsonNode section(JsonNode pack, String code) {
        return StreamSupport.stream(pack.path("sections").spliterator(), false)
                .filter(one -> one.path("code").asString().equals(code))
                .findFirst()
                .orElseThrow();
    }

    /** The checksum as docs/evidence.md says anybody can work it out. */
    private static String workedOut(JsonNode pack) throws Exception {
        StringBuilder lines = new StringBuilder();
        lines.append(String.join(
                        "\t",
                        pack.path("unit").asString(),
                        pack.path("from").asString(),
                        pack.path("to").asString(),
                        pack.path("asOf").asString(),
                        pack.path("units").asString()))
                .append('\n');
        pack.path("sections").forEach(section -> {
            lines.append(section.path("code").asString()).append('\n');
            section.path("rows").forEach(row -> {
                StringBuilder line = new StringBuilder();
                row.forEach(cell -> line.append(line.isEmpty() ? "" : "\t").append(cell.asString()));
                lines.append(line).append('\n');
            });
        });
        return HexFormat.of()
                .formatHex(MessageDigest.getInstance("SHA-256")
                        .digest(lines.toString().getBytes(StandardCharsets.UTF_8)));
    }

    @Test
    @DisplayName(
            "the pack tells tires with DOT weeks and verdicts, last readings with gauge and calibration, basis of each pressure, and open work")
    void condition() {
        JsonNode pack = pack("LC-01", "");
        assertThat(section(pack, "TIRES").path("rows").get(0).toString()).contains("1L", "3625", "watch");
        assertThat(section(pack, "PRESSURES").path("rows").toString()).contains("110 psi");
        assertThat(section(pack, "READINGS").path("rows").toString()).contains(" psi cold");
        assertThat(section(pack, "INSPECTIONS").path("rows").size()).isPositive();
        assertThat(section(pack, "SCALE_TICKETS").path("rows").toString()).contains("lb");
        assertThat(section(pack, "OPEN_WORK").path("rows").size()).isPositive();
        assertThat(pack.path("sections").size()).isEqualTo(EvidenceViews.EvidenceSectionCode.values().length);
    }

    @Test
    @DisplayName("its checksum can be worked out from its JSON, and changes with a fact")
    void checksum() throws Exception {
        JsonNode before = pack("VN-03", "");
        assertThat(before.path("checksum").asString()).isEqualTo(workedOut(before));
        assertThat(pack("VN-03", "").path("checksum").asString())
                .isEqualTo(before.path("checksum").asString());
        assertThat(pack("VN-03", "?from=2026-11-01").path("checksum").asString())
                .isNotEqualTo(before.path("checksum").asString());
    }

    @Test
    @DisplayName("a span outside the past is refused at its field")
    void span() {
        String address = "/api/vehicles/" + coordinator.vehicle("VN-03") + "/evidence";
        assertThat(coordinator.get(address + "?from=2026-11-20&to=2026-11-10").at("from"))
                .contains("after the last");
        assertThat(coordinator.get(address + "?to=2027-11-10").at("to")).contains("in the future");
        assertThat(coordinator.get(address + "?from=1999-01-01").at("from")).contains("At most 10 years");
    }

    @Test
    @DisplayName("only what lies in the span is told of inspections, and all of it")
    void within() {
        JsonNode all = pack("LC-01", "?from=2026-01-01");
        JsonNode none = pack("LC-01", "?from=2017-01-01&to=2017-02-01");
        assertThat(section(all, "INSPECTIONS").path("rows").size())
                .isGreaterThan(section(none, "INSPECTIONS").path("rows").size());
        assertThat(section(none, "INSPECTIONS").path("rows").size()).isZero();
        assertThat(section(none, "TIRES").path("rows").size()).isPositive();
    }

    @Test
    @DisplayName("a tire read hundreds of times pushes no other tire's last reading off the page")
    void nothingPushedOff() {
        List<String> others =
                lastReadings("LC-02").filter(row -> !row.startsWith("1L")).toList();
        assertThat(others).isNotEmpty();
        ReadingRecord often = db.selectFrom(READING)
                .where(READING.POSITION_ID.eq(DSL.select(POSITION.ID)
                        .from(POSITION)
                        .where(POSITION.VEHICLE_ID.eq(coordinator.vehicle("LC-02")), POSITION.CODE.eq("1L"))))
                .and(READING.PRESSURE.isNotNull())
                .orderBy(READING.READ_AT.desc())
                .limit(1)
                .fetchSingle();
        Instant newest =
                db.select(DSL.max(READING.READ_AT)).from(READING).fetchSingle().value1();
        List<ReadingRecord> more = IntStream.rangeClosed(1, 510)
                .mapToObj(time -> {
                    ReadingRecord again = often.copy();
                    again.setReadAt(newest.plusSeconds(time));
                    return again;
                })
                .toList();
        new TransactionTemplate(transactions)
                .executeWithoutResult(status -> db.batchInsert(more).execute());
        assertThat(lastReadings("LC-02").filter(row -> !row.startsWith("1L"))).containsExactlyElementsOf(others);
    }

    private Stream<String> lastReadings(String unit) {
        return StreamSupport.stream(
                        section(pack(unit, ""), "READINGS").path("rows").spliterator(), false)
                .map(row -> row.get(0).asString() + " " + row.get(1).asString() + " "
                        + row.get(2).asString());
    }

    @Test
    @DisplayName("read back from its PDF, the page says the same and carries the same checksum")
    void pdf() throws Exception {
        JsonNode pack = pack("LC-01", "");
        byte[] file = http.perform(
                        MockMvcRequestBuilders.get("/api/vehicles/" + coordinator.vehicle("LC-01") + "/evidence.pdf")
                                .session(coordinator.session()))
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        try (PDDocument document = Loader.loadPDF(file)) {
            String text = new PDFTextStripper().getText(document);
            assertThat(text)
                    .contains("LC-01 evidence pack", pack.path("checksum").asString(), "Tires and verdicts");
            assertThat(text)
                    .contains(section(pack, "TIRES").path("rows").get(0).get(2).asString());
            assertThat(text).contains("Bead gaps, every try", "None on record.");
        }
    }
}
