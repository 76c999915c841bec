package rotagens.server.settings;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import rotagens.server.Api;
import rotagens.server.Api.Answer;
import rotagens.server.ServerTest;

@ServerTest
class FleetSettingsTest {

    @Autowired
    MockMvc http;

    private Answer set(String settings) {
        return Api.as(http, "MANAGER").put("/api/settings", settings);
    }

    @AfterEach
    void usual() {
        set("{}");
    }

    @Test
    @DisplayName("what nobody has set is as usual; what is set stays, and is told to everybody")
    void kept() {
        Api viewer = Api.as(http, "VIEWER");
        assertThat(viewer.get("/api/settings").body().path("paper").asString()).isEqualTo("LETTER");
        assertThat(viewer.get("/api/settings").body().path("weekStart").asString())
                .isEqualTo("MONDAY");
        assertThat(
                        set("{\"paper\":\"A4\",\"weekStart\":\"SUNDAY\",\"digestHour\":\"6\",\"digestTo\":\"desk@fleet.example\"}")
                                .status())
                .isEqualTo(200);
        var now = viewer.get("/api/settings").body();
        assertThat(now.path("paper").asString()).isEqualTo("A4");
        assertThat(now.path("weekStart").asString()).isEqualTo("SUNDAY");
        assertThat(now.path("digestHour").asInt()).isEqualTo(6);
        assertThat(now.path("digestTo").asString()).isEqualTo("desk@fleet.example");
        assertThat(viewer.put("/api/settings", "{}").status()).isEqualTo(403);
    }

    @Test
    @DisplayName("an hour that isn't one, an address that isn't one and a mail to nobody are refused at their fields")
    void refused() {
        assertThat(set("{\"digestHour\":\"24\",\"digestTo\":\"a@b\"}").at("digestHour"))
                .contains("0 to 23");
        assertThat(set("{\"digestTo\":\"desk\"}").at("digestTo")).contains("no mail address");
        assertThat(set("{\"digestHour\":\"6\"}").at("digestTo")).contains("whom the mail goes to");
    }

    @Test
    @DisplayName("papers come in the size the fleet prints on")
    void paper() throws Exception {
        assertThat(sheet()).isEqualTo(PDRectangle.LETTER.getHeight());
        set("{\"paper\":\"A4\"}");
        assertThat(sheet()).isCloseTo(PDRectangle.A4.getHeight(), org.assertj.core.data.Offset.offset(1f));
    }

    private float sheet() throws Exception {
        Api viewer = Api.as(http, "VIEWER");
        byte[] pdf = http.perform(
                        MockMvcRequestBuilders.get("/api/order-needs.pdf").session(viewer.session()))
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        assertThat(new String(pdf, 0, 5, StandardCharsets.US_ASCII)).isEqualTo("%PDF-");
        try (PDDocument paper = Loader.loadPDF(pdf)) {
            return paper.getPage(0).getMediaBox().getHeight();
        }
    }

    @Test
    @DisplayName(
            "dates and amounts are written as the fleet chose, in sentences, prices and for the pages; then as usual again")
    void houseStyle() {
        Api viewer = Api.as(http, "VIEWER");
        assertThat(set("{\"dates\":\"DAY_FIRST\",\"currencySign\":\"CHF\"}").status())
                .isEqualTo(200);
        assertThat(viewer.get("/api/session").body().path("style").toString()).contains("DAY_FIRST", "CHF");
        String vehicle = viewer.get("/api/vehicles/" + viewer.vehicle("SH-02")).text();
        assertThat(vehicle)
                .containsPattern("\\b\\d{1,2} [A-Z][a-z]{2} 20\\d\\d")
                .doesNotContainPattern("[A-Z][a-z]{2} \\d{1,2}, 20\\d\\d");
        assertThat(viewer.get("/api/policy").text()).contains("CHF\u00a095").doesNotContain("$95");
        set("{}");
        assertThat(viewer.get("/api/policy").text()).contains("$95");
    }

    @Test
    @DisplayName("a currency sign that is none is refused at its field")
    void noSign() {
        assertThat(set("{\"currencySign\":\"12\"}").at("currencySign")).contains("one to three letters");
    }
}
