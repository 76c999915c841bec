package rotagens.server.importexport;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import rotagens.server.Api;
import rotagens.server.Api.Answer;
import rotagens.server.ServerTest;
import tools.jackson.databind.JsonNode;

@ServerTest
class ImportTest {

    @Autowired
    MockMvc http;

    private Api api;

    @BeforeEach
    void client() {
        api = new Api(http);
    }

    private JsonNode take(String kind, String query, String... lines) {
        Answer answer = api.send(
                "/api/imports/" + kind + query, String.join("\n", lines).getBytes(StandardCharsets.UTF_8));
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer.body();
    }

    private static List<String> errors(JsonNode result) {
        return result.path("rows")
                .valueStream()
                .filter(row -> row.path("outcome").asString().equals("FAULTY"))
                .map(row -> row.path("line").asString() + " "
                        + row.path("errors").get(0).path("column").asString() + ": "
                        + row.path("errors").get(0).path("message").asString())
                .toList();
    }

    /** One good row and three faulty ones. */
    private static String[] vehicles(String prefix) {
        return new String[] {
            "Unit Number;Class;Home yard;Type;GVWR;Axle layout;Placard sizes;Placard pressures",
            prefix + "-1;Box truck;Millrace;truck;26000 lb;steer 2 | drive 4;245/70R19.5;100 psi | 95 psi",
            prefix + "-2;Box truck;Millrace;truck;26000 lb;steer 2 | drive 3;;",
            prefix + "-3;Box truck;Millrace;lorry;26000 lb;steer 2 | drive 4;;",
            prefix + "-4;Box truck;Millrace;truck;very heavy;steer 2;245/70R19.5;"
        };
    }

    @Test
    @DisplayName("a dry run tells every row's outcome, its errors by row and column, and stores nothing")
    void dryRun() {
        JsonNode result = take("VEHICLES", "", vehicles("DR"));
        assertThat(result.path("stored").asBoolean()).isFalse();
        assertThat(result.path("added").asInt()).as(result.toString()).isEqualTo(1);
        assertThat(result.path("faulty").asInt()).isEqualTo(3);
        assertThat(errors(result).get(0)).startsWith("3 axles:").contains("2 tires, or 4 as duals");
        assertThat(errors(result).get(1)).startsWith("4 kind:").contains("bus, truck");
        assertThat(errors(result).get(2)).startsWith("5 gvwr:");
        assertThat(api.get("/api/fleet").text()).doesNotContain("DR-1");
    }

    @Test
    @DisplayName("with faulty rows nothing is stored unless they are left out on purpose")
    void allOrNothing() {
        JsonNode refused = take("VEHICLES", "?dryRun=false", vehicles("BX"));
        assertThat(refused.path("stored").asBoolean()).isFalse();
        assertThat(api.get("/api/fleet").text()).doesNotContain("BX-1");
        JsonNode stored = take("VEHICLES", "?dryRun=false&skipFaulty=true", vehicles("BX"));
        assertThat(stored.path("stored").asBoolean()).isTrue();
        assertThat(api.get("/api/fleet").text()).contains("BX-1").doesNotContain("BX-2");
    }

    @Test
    @DisplayName("what was exported comes in as what is on file already, sheet by sheet")
    void exportedComesBack() {
        for (String kind : List.of("VEHICLES", "TIRES", "ODOMETERS", "READINGS")) {
            Answer file = api.get("/api/exports/" + kind);
            assertThat(file.type()).startsWith("text/csv");
            JsonNode result = take(kind, "", file.text());
            assertThat(errors(result)).as(kind).isEmpty();
            assertThat(result.path("same").asInt())
                    .as(kind)
                    .isEqualTo(result.path("rows").size());
            assertThat(result.path("rows").size()).as(kind).isGreaterThan(20);
        }
    }

    @Test
    @DisplayName(
            "seats, pay, what it tows and the speed it asks for come in with a vehicle, and a sheet without them keeps them")
    void use() {
        take(
                "VEHICLES",
                "?dryRun=false",
                "Unit;Class;Yard;Kind;GVWR;Axles;Seats;For pay;GCWR;Speed symbol",
                "US-1;Box truck;Millrace;suv;7000 lb;steer 2 | drive 2;9;no;12000 lb;T");
        JsonNode again = take(
                "VEHICLES",
                "?dryRun=false",
                "Unit;Class;Yard;Kind;GVWR;Axles;Description",
                "US-1;Box truck;Millrace;suv;7000 lb;steer 2 | drive 2;Crew wagon");
        assertThat(errors(again)).isEmpty();
        assertThat(api.get("/api/exports/VEHICLES").text()).containsPattern("US-1.*Crew wagon.*9.*no.*12000 lb.*T");
        assertThat(errors(take(
                                "VEHICLES",
                                "",
                                "Unit;Class;Yard;Kind;GVWR;Axles;Speed symbol",
                                "US-1;Box truck;Millrace;suv;7000 lb;steer 2 | drive 2;fast"))
                        .get(0))
                .isEqualTo("2 speed symbol: Write the symbol on the sidewall, for example L.");
    }

    @Test
    @DisplayName(
            "a figure far from the last is a row's error until the row says that it is right, line after line of one file")
    void unusual() {
        String header = "Unit,Position,Day,Pressure,Warmth,Outer,Center,Inner,Confirmed";
        JsonNode asked = take(
                "READINGS",
                "",
                header,
                "VN-01,1L,2026-11-23,20,cold,,,,",
                "VN-01,1L,2026-11-23,20,cold,,,,yes",
                "VN-01,1L,2026-11-23,21,cold,,,,",
                "VN-01,1L,2026-11-23,,unknown,11,11,11,");
        assertThat(errors(asked)).hasSize(2);
        assertThat(errors(asked).get(0))
                .startsWith("2 pressure: 20 psi differs too much from the last reading")
                .endsWith("In a file, enter yes in the column confirmed.");
        assertThat(errors(asked).get(1)).startsWith("5 outer: 11/32 in is deeper than the last reading");
        JsonNode odometers = take(
                "ODOMETERS",
                "",
                "Unit,Day,Odometer,Confirmed",
                "VN-01,2026-11-23,900000,",
                "VN-01,2026-11-23,900000,y");
        assertThat(errors(odometers))
                .singleElement()
                .asString()
                .contains("more than the ")
                .contains("or confirm the reading");
    }

    @Test
    @DisplayName("what is neither yes nor no is an error at its column")
    void neitherYesNorNo() {
        JsonNode result = take(
                "READINGS",
                "",
                "Unit,Position,Day,Pressure,Warmth,Filled,Confirmed",
                "VN-01,1L,2026-11-23,50,cold,perhaps,",
                "VN-01,1L,2026-11-23,50,cold,,sure");
        assertThat(errors(result)).containsExactly("2 filled: Write yes or no.", "3 confirmed: Write yes or no.");
    }

    @Test
    @DisplayName("an old reading is held against what was read before its day, not against what came later")
    void unusualInItsTime() {
        assertThat(errors(take("READINGS", "", "Unit,Position,Day,Pressure,Warmth", "LC-03,2RO,2026-11-01,94,cold")))
                .isEmpty();
    }

    @Test
    @DisplayName("nitrogen's purity comes in and goes out with a fill; air has none")
    void purity() {
        String header = "Unit,Position,Day,Pressure,Warmth,Filled,Gas,Purity";
        assertThat(errors(take("READINGS", "", header, "VN-01,1L,2026-11-23,50,cold,yes,air,95")))
                .singleElement()
                .asString()
                .startsWith("2 purity: Only nitrogen");
        take("READINGS", "?dryRun=false", header, "VN-01,1L,2026-11-23,50,cold,yes,nitrogen,95.5%");
        assertThat(api.get("/api/exports/READINGS").text())
                .contains("VN-01,1L,2026-11-23,50 psi,cold,,,,,,,yes,nitrogen,95.5,");
    }

    @Test
    @DisplayName("an export in metric reads in metric")
    void metric() {
        assertThat(api.get("/api/exports/VEHICLES?units=METRIC").text())
                .contains("20,865 kg")
                .contains("758 kPa");
        assertThat(api.get("/api/exports/VEHICLES").text()).contains("46000 lb").contains("110 psi");
    }

    @Test
    @DisplayName("tires by file: onto vehicles and into stock, models put in the catalog once")
    void tires() {
        take(
                "VEHICLES",
                "?dryRun=false",
                "unit,class,yard,kind,gvwr,axles",
                "TT-1,Box truck,Millrace,truck,26000,steer 2|drive 4");
        JsonNode result = take(
                "TIRES",
                "?dryRun=false",
                "Tire number,DOT,Brand,Pattern,Size,Vehicle,Position,Yard",
                "N-1,9AB1XR0M2626,Larkfell,Hill 3,245/70R19.5 136/134M H,TT-1,1L,",
                "N-2,9AB1XR1M2626,Larkfell,Hill 3,245/70R19.5 136/134M H,TT-1,1R,",
                "N-3,9AB1XR2M2626,Larkfell,Hill 3,245/70R19.5 136/134M H,,,Millrace");
        assertThat(errors(result)).isEmpty();
        assertThat(result.path("added").asInt()).isEqualTo(3);
        assertThat(api.get("/api/vehicles/{id}", api.vehicle("TT-1")).text())
                .contains("N-1")
                .contains("Larkfell Hill 3");
        assertThat(api.get("/api/stock").text()).contains("N-3");
        assertThat(api.get("/api/tire-models")
                        .body()
                        .valueStream()
                        .filter(model -> model.path("title").asString().equals("Larkfell Hill 3")))
                .hasSize(1);
    }

    @Test
    @DisplayName("a tire where one is, an unknown vehicle and a future week are errors of their row")
    void faultyTires() {
        JsonNode result = take(
                "TIRES",
                "",
                "dot,maker,model,sidewall,unit,position",
                "9AB1XR0M2626,Larkfell,Hill 3,275/70R22.5 148/145M H,LC-01,1L",
                "9AB1XR0M2626,Larkfell,Hill 3,275/70R22.5 148/145M H,ZZ-99,1L",
                "9AB1XR0M4026,Larkfell,Hill 3,275/70R22.5 148/145M H,LC-01,9L",
                "9AB1XR0M5126,Larkfell,Hill 3,275/70R22.5 148/145M H ??,,");
        assertThat(errors(result))
                .anyMatch(error -> error.startsWith("2 position:") && error.contains("A tire is there already"))
                .anyMatch(error -> error.startsWith("3 unit:") && error.contains("ZZ-99"))
                .anyMatch(error -> error.startsWith("4 position:") && error.contains("no position 9L"))
                .anyMatch(error -> error.startsWith("5 "));
    }

    @Test
    @DisplayName("readings belong to the tire that was there; odometers fit between their neighbors")
    void readingsAndOdometers() {
        JsonNode readings = take(
                "READINGS",
                "?dryRun=false&skipFaulty=true",
                "unit,position,date,psi,warmth,outer,center,inner",
                "VN-01,1L,2026-11-22,49,cold,7,7,7",
                "VN-01,1L,2010-01-01,49,cold,7,7,7",
                "VN-01,1L,22.13.2026,49,cold,7,7,7",
                "VN-01,1L,2026-11-22,490,lukewarm,7,7,7");
        assertThat(readings.path("added").asInt()).isEqualTo(1);
        assertThat(errors(readings))
                .anyMatch(error -> error.startsWith("3 day:") && error.contains("installed later"))
                .anyMatch(error -> error.startsWith("4 day:") && error.contains("2026-07-28"))
                .anyMatch(error -> error.startsWith("5 pressure:"));
        assertThat(api.get("/api/vehicles/{id}/history", api.vehicle("VN-01")).text())
                .contains("2026-11-22");
        JsonNode odometers = take("ODOMETERS", "", "unit,day,odometer", "VN-01,2026-11-22,5");
        assertThat(errors(odometers).get(0)).contains("Less than the last reading");
    }

    @Test
    @DisplayName("columns are matched by name, by what they are often called, or by hand")
    void columns() {
        JsonNode byName = take("ODOMETERS", "", "Vehicle,Date,Reading", "VN-02,2026-11-22,90000");
        assertThat(byName.path("missing").toString()).isEqualTo("[\"odometer\"]");
        JsonNode byHand = take(
                "ODOMETERS",
                "?columns=unit,day,odometer,confirmed",
                "Vehicle,Date,Reading,Sure",
                "VN-02,2026-11-22,400000,yes");
        assertThat(byHand.path("missing")).isEmpty();
        assertThat(byHand.path("added").asInt()).isEqualTo(1);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "\u0000\u0001binary", "only a header"})
    @DisplayName("what is no CSV is refused in words at the file")
    void noCsv(String text) {
        Answer answer = api.send("/api/imports/TIRES", text.getBytes(StandardCharsets.UTF_8));
        assertThat(answer.status()).isBetween(400, 422);
        assertThat(answer.text()).contains("Nothing was stored");
    }

    @Test
    @DisplayName("a file of 50 MB is refused before it is read")
    void fiftyMegabytes() {
        Answer answer = api.send("/api/imports/TIRES", new byte[50 * 1024 * 1024]);
        assertThat(answer.status()).isEqualTo(413);
        assertThat(answer.text()).contains("at most 8 MB");
    }

    @Test
    @DisplayName("HTML and formulas in cells are letters, out and in")
    void letters() {
        take(
                "VEHICLES",
                "?dryRun=false",
                "unit,class,yard,kind,gvwr,axles,description",
                "HT-1,Box truck,Millrace,truck,26000,steer 2|drive 4,\"=HYPERLINK(\"\"x\"\") <b>\"");
        String file = api.get("/api/exports/VEHICLES").text();
        assertThat(file).contains("\"'=HYPERLINK(\"\"x\"\") <b>\"");
        assertThat(take("VEHICLES", "", file).path("same").asInt())
                .isEqualTo(take("VEHICLES", "", file).path("rows").size());
    }

    @Test
    @DisplayName("a tag's code opens our own pages only")
    void codes() {
        assertThat(api.get("/api/qr?address={a}&path={p}", "http://yard-pc:8484", "/tires/3")
                        .text())
                .startsWith("<svg");
        assertThat(api.get("/api/qr?address={a}&path={p}", "http://yard-pc:8484", "/../../x")
                        .status())
                .isEqualTo(422);
        assertThat(api.get("/api/qr?address={a}&path={p}", "javascript:alert(1)", "/tires/3")
                        .status())
                .isEqualTo(422);
    }
}
