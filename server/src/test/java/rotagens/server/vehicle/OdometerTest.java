package rotagens.server.vehicle;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import rotagens.server.Api;
import rotagens.server.Api.Answer;
import rotagens.server.ServerTest;
import tools.jackson.databind.JsonNode;

/** A wrong odometer reading put right: it stays on record and counts for nothing. */
@ServerTest
class OdometerTest {

    @Autowired
    MockMvc http;

    private Api api;

    @BeforeEach
    void client() {
        api = new Api(http);
    }

    private void add(String unit) {
        Answer added = api.post("/api/vehicles", VehicleRegisterTest.form(unit).toString());
        assertThat(added.status()).as(added.text()).isEqualTo(200);
    }

    private String path(String unit) {
        return "/api/vehicles/" + api.vehicle(unit) + "/odometer";
    }

    private JsonNode line(String unit, String odometer) {
        for (JsonNode line : api.get(path(unit)).body()) {
            if (line.path("odometer").asString().equals(odometer)) {
                return line;
            }
        }
        throw new AssertionError(api.get(path(unit)).text());
    }

    private Answer correct(String unit, String odometer, String fields) {
        return api.post(path(unit) + "/" + line(unit, odometer).path("id").asLong() + "/correction", fields);
    }

    private String shown(String unit) {
        return api.get("/api/vehicles/{id}", api.vehicle(unit))
                .body()
                .path("odometer")
                .asString();
    }

    private void read(String unit, String odometer, String day) {
        Answer read = api.post(
                path(unit), "{\"odometer\":\"%s\",\"day\":\"%s\",\"confirmed\":true}".formatted(odometer, day));
        assertThat(read.status()).as(read.text()).isEqualTo(204);
    }

    @Test
    @DisplayName("a digit too many is corrected by name and reason; what was refused because of it goes in")
    void corrected() {
        add("OD-01");
        read("OD-01", "100,000", "2026-11-01");
        read("OD-01", "1,002,000", "2026-11-10");
        assertThat(api.post(path("OD-01"), "{\"odometer\":\"101,000\",\"day\":\"2026-11-20\"}")
                        .at("odometer"))
                .contains("Less than the last reading");
        assertThat(correct("OD-01", "1,002,000 mi", "{\"odometer\":\"100,200\"}")
                        .at("reason"))
                .contains("Say what was wrong");
        Answer corrected =
                correct("OD-01", "1,002,000 mi", "{\"odometer\":\"100,200\",\"reason\":\"a digit too many\"}");
        assertThat(corrected.status()).as(corrected.text()).isEqualTo(204);
        assertThat(shown("OD-01")).isEqualTo("100,200 mi");
        read("OD-01", "101,000", "2026-11-20");
        JsonNode wrong = line("OD-01", "1,002,000 mi");
        assertThat(wrong.path("voidedBy").asString()).isNotBlank();
        assertThat(wrong.path("reason").asString()).isEqualTo("a digit too many");
        assertThat(correct("OD-01", "1,002,000 mi", "{\"reason\":\"again\"}").at("reason"))
                .contains("voided already");
    }

    @Test
    @DisplayName("a corrected figure has to fit between its neighbors and is asked about like any other")
    void fits() {
        add("OD-02");
        read("OD-02", "50,000", "2026-11-01");
        read("OD-02", "50,500", "2026-11-05");
        read("OD-02", "51,000", "2026-11-10");
        assertThat(correct("OD-02", "50,500 mi", "{\"odometer\":\"49,000\",\"reason\":\"misread\"}")
                        .at("odometer"))
                .contains("Less than the last reading");
        assertThat(correct("OD-02", "50,500 mi", "{\"odometer\":\"52,000\",\"reason\":\"misread\"}")
                        .at("odometer"))
                .contains("More than was read later");
        assertThat(line("OD-02", "50,500 mi").path("voidedBy").isMissingNode())
                .as("refused as a whole")
                .isTrue();
        assertThat(correct("OD-02", "51,000 mi", "{\"odometer\":\"151,000\",\"reason\":\"misread\"}")
                        .status())
                .as("further than anybody drives")
                .isEqualTo(422);
    }

    @Test
    @DisplayName(
            "a replaced odometer's wrong first figure is corrected with the replacement, and miles count on from it")
    void replacement() {
        add("OD-03");
        read("OD-03", "80,000", "2026-11-20");
        Answer replaced = api.post(
                path("OD-03") + "-replacement",
                "{\"last\":\"80,100\",\"first\":\"12\",\"note\":\"new dash\",\"confirmed\":true}");
        assertThat(replaced.status()).as(replaced.text()).isEqualTo(204);
        assertThat(shown("OD-03")).isEqualTo("12 mi");
        assertThat(line("OD-03", "12 mi").path("isOfReplacement").asBoolean()).isTrue();
        assertThat(correct("OD-03", "80,100 mi", "{\"odometer\":\"79,000\",\"reason\":\"misread\"}")
                        .at("odometer"))
                .as("at the field that is asked for")
                .contains("Less than the last reading");
        correct("OD-03", "12 mi", "{\"odometer\":\"12,000\",\"reason\":\"three digits missing\"}");
        assertThat(shown("OD-03")).isEqualTo("12,000 mi");
        correct("OD-03", "12,000 mi", "{\"reason\":\"it never was replaced\"}");
        assertThat(shown("OD-03")).isEqualTo("80,000 mi");
        read("OD-03", "80,200", "2026-11-23");
    }

    @Test
    @DisplayName("a file that comes again doesn't bring a voided reading back")
    void fileAgain() {
        add("OD-05");
        read("OD-05", "30,000", "2026-11-01");
        read("OD-05", "39,999", "2026-11-05");
        correct("OD-05", "39,999 mi", "{\"reason\":\"of another truck\"}");
        byte[] file =
                "unit,day,odometer,confirmed\nOD-05,2026-11-05,\"39,999 mi\",yes\n".getBytes(StandardCharsets.UTF_8);
        Answer in = api.send("/api/imports/ODOMETERS?units=US&dryRun=false", file);
        assertThat(in.status()).as(in.text()).isEqualTo(200);
        assertThat(shown("OD-05")).isEqualTo("30,000 mi");
    }

    @Test
    @DisplayName("another vehicle's reading is not found")
    void others() {
        add("OD-06");
        read("OD-06", "30,000", "2026-11-01");
        long id = line("OD-06", "30,000 mi").path("id").asLong();
        assertThat(api.post(path("LC-01") + "/" + id + "/correction", "{\"reason\":\"x\"}")
                        .status())
                .isEqualTo(404);
    }
}
