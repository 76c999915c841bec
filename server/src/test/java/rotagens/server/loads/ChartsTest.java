package rotagens.server.loads;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import rotagens.server.Api;
import rotagens.server.Api.Answer;
import rotagens.server.ServerTest;

@ServerTest
class ChartsTest {

    @Autowired
    MockMvc http;

    private Api api;

    @BeforeEach
    void client() {
        api = new Api(http);
    }

    private static String chart(String maker, String rows) {
        return "{\"manufacturer\":\"" + maker
                + "\",\"model\":\"\",\"size\":\"LT285/70R17\",\"range\":\"E\",\"source\":\"data book\",\"rows\":["
                + rows + "]}";
    }

    private static String row(String psi, String single) {
        return "{\"pressure\":\"" + psi + "\",\"single\":\"" + single + "\",\"dual\":\"\"}";
    }

    @Test
    @DisplayName(
            "a falling row is named by its cell and nothing is stored; put right, the estimate gives way to the chart")
    void fallingRow() {
        String rows = row("40", "1990") + "," + row("50", "1980") + "," + row("80", "3195");
        Answer refused = api.post("/api/charts", chart("Brantholm", rows));
        assertThat(refused.at("rows.1.single")).contains("1,980 lb at 50 psi isn’t above 1,990 lb");
        long pickup = api.vehicle("SP-05");
        assertThat(api.get("/api/vehicles/{id}/load-pressure", pickup).text()).contains("is an estimate");
        assertThat(api.post("/api/charts", chart("Brantholm", rows.replace("1980", "2310")))
                        .status())
                .isEqualTo(200);
        assertThat(api.get("/api/vehicles/{id}/load-pressure", pickup).text()).doesNotContain("is an estimate");
        assertThat(api.post("/api/charts", chart("Brantholm", rows.replace("1980", "2310")))
                        .at("size"))
                .contains("on file already");
    }

    @Test
    @DisplayName("what is wrong in several fields is said at each of them")
    void fields() {
        Answer refused = api.post(
                "/api/charts", "{\"size\":\"big\",\"rows\":[{\"pressure\":\"x\",\"single\":\"100\",\"dual\":\"\"}]}");
        assertThat(refused.at("manufacturer")).isNotBlank();
        assertThat(refused.at("size")).isNotBlank();
        assertThat(refused.at("source")).isNotBlank();
        assertThat(refused.at("rows.0.pressure")).contains("not a pressure");
    }

    @Test
    @DisplayName("rows are taken from a spreadsheet, from CSV with thousands commas, and without their head line")
    void paste() {
        String tabs = api.post(
                        "/api/parse/load-chart",
                        "{\"text\":\"psi\\tsingle\\tdual\\n80\\t5,015\\t4,620\\n85\\t5265\\t4850\"}")
                .text();
        assertThat(tabs)
                .contains("\"single\":\"5,015\"")
                .contains("\"dual\":\"4850\"")
                .doesNotContain("psi");
        assertThat(api.post("/api/parse/load-chart", "{\"text\":\"80;5015;4620\"}")
                        .text())
                .contains("\"dual\":\"4620\"");
        assertThat(api.post("/api/parse/load-chart", "{\"text\":\"80,5015,4620\"}")
                        .text())
                .contains("\"single\":\"5015\"");
        assertThat(api.post("/api/parse/load-chart", "{\"text\":\"nothing\"}").at("text"))
                .contains("No row found");
    }

    @Test
    @DisplayName("two people can't change one chart without seeing each other")
    void versions() {
        long id = api.get("/api/charts").body().get(0).path("id").asLong();
        String form = api.get("/api/charts").body().get(0).path("form").toString();
        assertThat(api.put("/api/charts/" + id, form, "If-Match", "\"1\"").status())
                .isEqualTo(204);
        assertThat(api.put("/api/charts/" + id, form, "If-Match", "\"1\"").status())
                .isEqualTo(412);
    }

    @Test
    @DisplayName("the calculator works a tire and load not on file, and stores nothing")
    void calculator() {
        String asked =
                "{\"dual\":false,\"heavy\":false,\"car\":false,\"sidewall\":\"LT235/80R17 120/117R E\",\"molded\":\"80\",\"single\":\"3195\",\"left\":\"2300\",\"right\":\"2250\"}";
        Answer worked = api.post("/api/calculator", asked);
        assertThat(worked.body().path("axlePressure").path("target").asString()).isEqualTo("55 psi");
        assertThat(worked.body().path("axlePressure").path("methods").size()).isEqualTo(5);
        assertThat(api.post("/api/calculator", asked.replace("2300", "")).at("left"))
                .contains("only its right end");
        assertThat(api.post("/api/calculator", "{\"dual\":false,\"heavy\":false,\"car\":false,\"sidewall\":\"\"}")
                        .at("sidewall"))
                .isNotBlank();
        Answer filled = api.post(
                "/api/calculator",
                "{\"dual\":false,\"car\":false,\"sidewall\":\"275/70R22.5 148/145M H\",\"molded\":\"125\",\"placard\":\"110\",\"placardSize\":\"275/70R22.5\",\"heavy\":true,\"bay\":\"65\",\"coldest\":\"25\"}");
        assertThat(filled.body().path("fill").asString()).isEqualTo("120.3 psi");
    }
}
