package rotagens.server.pdf;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import rotagens.server.Api;
import rotagens.server.ServerTest;

/** Papers are read back: their text and their pages. */
@ServerTest
class PdfRendererTest {

    private record Read(int pages, String text, String fonts) {}

    @Autowired
    MockMvc http;

    @Autowired
    PdfRenderer paper;

    private Api api;

    @BeforeEach
    void client() {
        api = new Api(http);
    }

    private Read read(String path, Object... variables) throws Exception {
        byte[] pdf = http.perform(MockMvcRequestBuilders.get(path, variables).session(api.session()))
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        return read(pdf);
    }

    private static Read read(byte[] pdf) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            StringBuilder fonts = new StringBuilder();
            document.getPage(0).getResources().getFontNames().forEach(name -> {
                try {
                    fonts.append(
                            document.getPage(0).getResources().getFont(name).getName());
                } catch (IOException e) {
                    throw new java.io.UncheckedIOException(e);
                }
            });
            return new Read(document.getNumberOfPages(), new PDFTextStripper().getText(document), fonts.toString());
        }
    }

    @Test
    @DisplayName("the DOT sheet has every position's code, week and limit on one page, in the typeface that ships")
    void dotSheet() throws Exception {
        Read sheet = read("/api/vehicles/{id}/pdf/dot-sheet.pdf", api.vehicle("LC-01"));
        assertThat(sheet.pages()).isEqualTo(1);
        assertThat(sheet.text()).contains("LC-01 DOT sheet", "2RO", "Week begins", "Tread never masks age");
        assertThat(sheet.fonts()).contains("DejaVuSansCondensed");
    }

    @Test
    @DisplayName("on paper, too, a steer tire has the limit of its position, and not the later one of the casing")
    void steerLimit() throws Exception {
        long coach = api.vehicle("LC-01");
        Read sheet = read("/api/vehicles/{id}/pdf/dot-sheet.pdf", coach);
        for (var row : api.get("/api/vehicles/{id}/dot-sheet", coach).body().path("rows")) {
            String limit = (long) row.path("limitYears").asDouble() + " y, ";
            String line = sheet.text()
                    .lines()
                    .filter(text -> text.startsWith(row.path("position").asString() + " "))
                    .findFirst()
                    .orElseThrow();
            assertThat(line).contains(limit);
        }
        assertThat(sheet.text()).contains(" 4 y, ").contains(" 8 y, ");
    }

    @Test
    @DisplayName("the pressure card says each corner's cold target and the load it is for, in the reader's units")
    void pressureCard() throws Exception {
        Read card = read("/api/vehicles/{id}/pdf/pressure-card.pdf?units=METRIC", api.vehicle("LC-01"));
        assertThat(card.pages()).isEqualTo(1);
        assertThat(card.text()).contains("kPa", "Set for load: normal", "A hot tire is never bled down");
    }

    @Test
    @DisplayName("the driver's card carries the address of the form and nothing that isn't an address")
    void reportCard() throws Exception {
        Read card = read("/api/vehicles/{id}/pdf/driver-card.pdf?origin=https://10.0.0.7:8484", api.vehicle("LC-01"));
        assertThat(card.pages()).isEqualTo(1);
        assertThat(card.text()).contains("https://10.0.0.7:8484/report/", "pressure lamp on");
        assertThat(read("/api/vehicles/{id}/pdf/driver-card.pdf?origin=javascript:alert(1)", api.vehicle("LC-01"))
                        .text())
                .doesNotContain("javascript");
    }

    @Test
    @DisplayName("a job sheet has every step with its caution and a line for its reading, pages numbered")
    void jobSheet() throws Exception {
        long job = api.post(
                        "/api/jobs",
                        "{\"day\":\"2026-11-30\",\"work\":[{\"vehicleId\":" + api.vehicle("SH-02")
                                + ",\"key\":\"REPLACE:1L\"}]}")
                .body()
                .get(0)
                .path("id")
                .asLong();
        Read sheet = read("/api/jobs/{id}/sheet.pdf", job);
        assertThat(sheet.pages()).isBetween(2, 5);
        assertThat(sheet.text())
                .contains(
                        "SH-02 job sheet",
                        "Measure the bead gap",
                        "Front gap, place 4",
                        "Back gap, place 4",
                        "The core can shoot out",
                        "page 1 of " + sheet.pages());
    }

    @Test
    @DisplayName("the order list names each supplier's tires with their days and jobs")
    void orderList() throws Exception {
        Read list = read("/api/order-needs.pdf");
        assertThat(list.text()).contains("Order list").contains("page 1 of " + list.pages());
    }

    @Test
    @DisplayName("whatever somebody typed stays text on paper")
    void escaped() throws IOException {
        Read page = read(paper.pdf(
                "job-sheet",
                "x",
                "foot \" } body { display: none",
                Map.of(
                        "tasks",
                        "<b>5 < 6 & \"7\"</b>",
                        "planned",
                        "${T(java.lang.Runtime).getRuntime()} [[${title}]]",
                        "warnings",
                        List.of(),
                        "groups",
                        List.of())));
        assertThat(page.text()).contains("${T(java.lang.Runtime).getRuntime()} [[${title}]]");
        assertThat(page.text()).contains("<b>5 < 6 & \"7\"</b>");
    }
}
