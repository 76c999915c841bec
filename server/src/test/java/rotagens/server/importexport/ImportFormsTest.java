package rotagens.server.importexport;

import static org.assertj.core.api.Assertions.assertThat;

import com.github.miachm.sods.Sheet;
import com.github.miachm.sods.SpreadSheet;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import rotagens.server.Api;
import rotagens.server.Api.Answer;
import rotagens.server.ServerTest;
import tools.jackson.databind.JsonNode;

/** Lists as fleets keep them: spreadsheets, titles and sums, their own headers, units, days, positions and codes. */
@ServerTest
class ImportFormsTest {

    @Autowired
    MockMvc http;

    private Api api;

    @BeforeEach
    void client() {
        api = new Api(http);
    }

    private JsonNode take(String kind, String query, byte[] file) {
        Answer answer = api.send("/api/imports/" + kind + query, file);
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer.body();
    }

    private JsonNode take(String kind, String query, String... lines) {
        return take(kind, query, String.join("\n", lines).getBytes(StandardCharsets.UTF_8));
    }

    private static List<String> kept(JsonNode result) {
        assertThat(result.path("faulty").asInt()).as(result.toString()).isZero();
        return result.path("rows")
                .valueStream()
                .map(row -> row.path("description").asString())
                .toList();
    }

    @Test
    @DisplayName(
            "a title, the line that names the separator, empty lines and a sum are no rows; the header is found below them")
    void titles() {
        JsonNode result = take(
                "ODOMETERS",
                "",
                "sep=;",
                "Fleet report November",
                "",
                "Unit #;Date;Odometer (km)",
                "LC01;2026-11-22;101300",
                ";;",
                "Total;;101300");
        assertThat(kept(result)).containsExactly("LC-01, 101300 km");
        assertThat(result.path("leftOut").toString())
                .contains("\"line\":2")
                .contains("Fleet report November")
                .contains("\"line\":7")
                .contains("Total");
        assertThat(result.path("rows").get(0).path("line").asInt()).isEqualTo(5);
    }

    @Test
    @DisplayName(
            "headers as fleets write them, a unit in the header or in a cell, and positions by their usual letters")
    void headers() {
        JsonNode result = take(
                "READINGS",
                "",
                "Unit #,Tire Pos,Inspection Date,Cold PSI,Tread 32nds",
                "vn 01,LF,2026-11-22,50,7",
                "VN01,right front,2026-11-22,345 kPa,7");
        assertThat(kept(result))
                .containsExactly("VN-01 1L, 50 psi cold, lowest 7/32 in", "VN-01 1R, 345 kPa cold, lowest 7/32 in");
        assertThat(result.path("headers").toString()).contains("\"unit\":\"psi\"", "\"unit\":\"/32\"");
        JsonNode metric =
                take("READINGS", "", "unit,position,day,Pressure (bar),lowest mm", "VN-01,1L,2026-11-22,3.4,6");
        assertThat(kept(metric)).containsExactly("VN-01 1L, 3.4 bar unknown, lowest 6 mm");
    }

    @Test
    @DisplayName(
            "a row to a vehicle with a column to a tire is as many readings; a name that may mean two tires is said to")
    void wide() {
        JsonNode result = take(
                "READINGS",
                "",
                "Unit,Date,LF Cold PSI,RF Cold PSI,LF Tread 32nds",
                "VN-01,2026-11-22,50,49,7",
                "VN-02,2026-11-22,51,,");
        assertThat(kept(result))
                .containsExactly(
                        "VN-01 1L, 50 psi cold, lowest 7/32 in", "VN-01 1R, 49 psi cold", "VN-02 1L, 51 psi cold");
        JsonNode ambiguous = take("READINGS", "", "Unit,Date,LR psi", "SH-01,2026-11-22,80");
        assertThat(ambiguous.path("rows").get(0).toString()).contains("may mean 2LO or 2LI here");
    }

    @Test
    @DisplayName("the order of days is asked once where nothing shows it, and not where one day shows it")
    void dayOrder() {
        String[] open = {"unit,day,odometer", "LC-01,3/4/2026,100", "LC-02,5/6/2026,100"};
        JsonNode asked = take("ODOMETERS", "", open);
        assertThat(asked.path("rows")).isEmpty();
        assertThat(asked.path("questions").get(0).path("question").asString()).isEqualTo("DAY_ORDER");
        assertThat(asked.path("questions").toString()).contains("Mar 4, 2026", "Apr 3, 2026");
        assertThat(take("ODOMETERS", "?dayOrder=DAY_FIRST", open).path("rows")).hasSize(2);
        assertThat(take("ODOMETERS", "?dayOrder=whichever", open).path("questions"))
                .as("what is no answer is asked again, never guessed from")
                .hasSize(1);
        assertThat(take("ODOMETERS", "?dryRun=false&skipFaulty=true&dayOrder=DAY_FIRST", open)
                        .path("rows")
                        .toString())
                .as("April is before what is on file: the day was read")
                .doesNotContain("Write the day");
        JsonNode shown = take("ODOMETERS", "", "unit,day,odometer", "LC-01,11/22/2026,999999", "LC-02,3/4/2026,1");
        assertThat(shown.path("questions")).isEmpty();
        assertThat(take("ODOMETERS", "", "unit,day,odometer", "LC-01,22.11.26,1")
                        .path("questions"))
                .isEmpty();
    }

    @Test
    @DisplayName("a DOT code of three figures is asked about: a spreadsheet drops the zero in front")
    void lostZero() {
        String[] tires = {
            "dot,Mfr,model,size,Location",
            "821,Corvane,Tessaly C2,275/70R22.5 148/145M H,Millrace",
            "821,Corvane,Tessaly C2,275/70R22.5 148/145M H,Millrace"
        };
        JsonNode asked = take("TIRES", "", tires);
        assertThat(asked.path("questions").get(0).path("statement").asString())
                .isEqualTo(
                        "2 DOT codes have three figures, for example 821. Spreadsheets drop a leading zero. What is meant?");
        JsonNode yes = take("TIRES", "?lostZero=YES", tires);
        assertThat(yes.path("questions")).isEmpty();
        assertThat(yes.path("rows").get(0).path("description").asString()).isEqualTo("0821");
    }

    @Test
    @DisplayName("axles by their tires alone")
    void axles() {
        JsonNode result = take(
                "VEHICLES",
                "",
                "Unit #,Class,Home yard,Type,GVWR,Tires",
                "AX-1,Box truck,Millrace,truck,26000 lb,2/4",
                "AX-2,Coach,Millrace,bus,46000 lb,2/4/2",
                "AX-3,Trailer,Millrace,trailer,14000 lb,2/2");
        assertThat(kept(result)).hasSize(3);
    }

    private static byte[] zip(String... namesAndTexts) throws Exception {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            for (int at = 0; at < namesAndTexts.length; at += 2) {
                zip.putNextEntry(new ZipEntry(namesAndTexts[at]));
                zip.write(namesAndTexts[at + 1].getBytes(StandardCharsets.UTF_8));
                zip.closeEntry();
            }
        }
        return out.toByteArray();
    }

    private static byte[] xlsx(String rows, String prolog) throws Exception {
        String main = "http://schemas.openxmlformats.org/spreadsheetml/2006/main";
        String rel = "http://schemas.openxmlformats.org/officeDocument/2006/relationships";
        return zip(
                "[Content_Types].xml",
                "<Types xmlns=\"http://schemas.openxmlformats.org/package/2006/content-types\"><Default Extension=\"xml\" ContentType=\"application/xml\"/><Default Extension=\"rels\" ContentType=\"application/vnd.openxmlformats-package.relationships+xml\"/><Override PartName=\"/xl/workbook.xml\" ContentType=\"application/vnd.openxmlformats-officedocument.spreadsheetml.sheet.main+xml\"/><Override PartName=\"/xl/worksheets/sheet1.xml\" ContentType=\"application/vnd.openxmlformats-officedocument.spreadsheetml.worksheet+xml\"/><Override PartName=\"/xl/styles.xml\" ContentType=\"application/vnd.openxmlformats-officedocument.spreadsheetml.styles+xml\"/></Types>",
                "_rels/.rels",
                "<Relationships xmlns=\"http://schemas.openxmlformats.org/package/2006/relationships\"><Relationship Id=\"r1\" Type=\""
                        + rel + "/officeDocument\" Target=\"xl/workbook.xml\"/></Relationships>",
                "xl/workbook.xml",
                "<workbook xmlns=\"" + main + "\" xmlns:r=\"" + rel
                        + "\"><sheets><sheet name=\"Readings\" sheetId=\"1\" r:id=\"r1\"/></sheets></workbook>",
                "xl/_rels/workbook.xml.rels",
                "<Relationships xmlns=\"http://schemas.openxmlformats.org/package/2006/relationships\"><Relationship Id=\"r1\" Type=\""
                        + rel
                        + "/worksheet\" Target=\"worksheets/sheet1.xml\"/><Relationship Id=\"r2\" Type=\"" + rel
                        + "/styles\" Target=\"styles.xml\"/></Relationships>",
                "xl/styles.xml",
                "<styleSheet xmlns=\"" + main
                        + "\"><cellXfs count=\"2\"><xf numFmtId=\"0\"/><xf numFmtId=\"14\"/></cellXfs></styleSheet>",
                "xl/worksheets/sheet1.xml",
                prolog + "<worksheet xmlns=\"" + main + "\"><sheetData>" + rows + "</sheetData></worksheet>");
    }

    private static String cell(String at, String text) {
        return "<c r=\"" + at + "\" t=\"inlineStr\"><is><t>" + text + "</t></is></c>";
    }

    /** A title, a header, and a row whose day is a day and whose pressure is worked out. */
    private static final String ROWS =
            "<row r=\"1\">" + cell("A1", "November") + "</row><row r=\"3\">" + cell("A3", "Unit")
                    + cell("B3", "Tire Pos") + cell("C3", "Date") + cell("D3", "Cold PSI") + "</row><row r=\"4\">"
                    + cell("A4", "VN-01")
                    + cell("B4", "LF")
                    + "<c r=\"C4\" s=\"1\"><v>46348</v></c><c r=\"D4\"><f>48+1.5</f><v>49.5</v></c></row>";

    @Test
    @DisplayName("an XLSX file is read as it is: a formula by its value, a day as a day, the header below its title")
    void xlsx() throws Exception {
        JsonNode result = take("READINGS", "", xlsx(ROWS, ""));
        assertThat(kept(result)).containsExactly("VN-01 1L, 49.5 psi cold");
        assertThat(result.path("sheet").asString()).isEqualTo("Readings");
        assertThat(result.path("rows").get(0).path("line").asInt()).isEqualTo(4);
        take("READINGS", "?dryRun=false", xlsx(ROWS, ""));
        assertThat(api.get("/api/exports/READINGS").text()).contains("VN-01,1L,2026-11-22,49.5 psi,cold");
    }

    @Test
    @DisplayName("an ODS file is read as it is")
    void ods() throws Exception {
        SpreadSheet book = new SpreadSheet();
        book.appendSheet(new Sheet("Cover", 1, 1));
        Sheet list = new Sheet("Odometers", 2, 3);
        list.getDataRange()
                .setValues("Unit", "Reading date", "Odometer", "LC-01", LocalDate.of(2026, 11, 22), 62_950.0);
        book.appendSheet(list);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        book.save(out);
        JsonNode result = take("ODOMETERS", "", out.toByteArray());
        assertThat(kept(result)).containsExactly("LC-01, 62950 mi");
        assertThat(result.path("sheet").asString()).isEqualTo("Odometers");
    }

    @Test
    @DisplayName("a file that would fill the memory, defines its own words or is no spreadsheet is refused in words")
    void hostile() throws Exception {
        assertThat(api.send("/api/imports/READINGS", xlsx(ROWS, "<!DOCTYPE x [<!ENTITY a \"b\">]>"))
                        .at("file"))
                .contains("definitions of its own");
        assertThat(api.send("/api/imports/READINGS", zip("letter.txt", "hello")).at("file"))
                .contains("neither an XLSX nor an ODS");
        assertThat(api.send("/api/imports/READINGS", zip("xl/workbook.xml", " ".repeat(130 << 20)))
                        .at("file"))
                .contains("larger than any list");
        assertThat(api.send("/api/imports/READINGS", zip("xl/workbook.xml", "<workbook"))
                        .at("file"))
                .contains("can’t be read as a spreadsheet");
        assertThat(api.send("/api/imports/READINGS", zip("content.xml", "<a table:number-rows-repeated=\"99999999\"/>"))
                        .at("file"))
                .contains("more often than any sheet");
    }

    @Test
    @DisplayName("what a list may not change of a tire on file is said, with the way to change it")
    void editedTire() {
        String header = "number,maker,model,size,depth,retread,unit,position";
        String[] rows = api.get("/api/exports/TIRES").text().split("\r\n");
        String[] one = rows[1].split(",");
        String same = one[0] + ",%s,%s,%s,%s,%s," + one[10] + "," + one[11];
        JsonNode other = take("TIRES", "", header, same.formatted("Larkfell", "Hill 3", one[4], one[7], ""));
        assertThat(other.path("rows").get(0).toString()).contains("On file this number is a " + one[2]);
        JsonNode worn = take("TIRES", "", header, same.formatted(one[2], one[3], one[4], "1/32", ""));
        assertThat(worn.path("rows").get(0).toString()).contains("bring it in with the readings");
        JsonNode retread = take(
                "TIRES",
                "",
                header,
                same.formatted(one[2], one[3], one[4], one[7], one[8].equals("yes") ? "no" : "yes"));
        assertThat(retread.path("rows").get(0).toString()).contains("noted on its page");
    }

    @Test
    @DisplayName("what goes out comes in as the same, in either family of units, and a second time adds nothing")
    void outAndIn() {
        for (String kind : List.of("VEHICLES", "TIRES", "ODOMETERS", "READINGS")) {
            for (String units : List.of("US", "METRIC")) {
                String out = api.get("/api/exports/" + kind + "?units=" + units).text();
                JsonNode in = take(kind, "?units=" + units, out.getBytes(StandardCharsets.UTF_8));
                assertThat(in.path("rows")
                                .valueStream()
                                .filter(row -> !row.path("outcome").asString().equals("SAME"))
                                .map(JsonNode::toString)
                                .limit(3)
                                .toList())
                        .as("%s in %s units", kind, units)
                        .isEmpty();
            }
        }
    }

    @Test
    @DisplayName("every kind has a file to begin with, whose header is understood")
    void templates() {
        for (String kind : List.of("VEHICLES", "TIRES", "ODOMETERS", "READINGS")) {
            String template = api.get("/api/imports/" + kind + "/template").text();
            assertThat(template).startsWith("\uFEFF").contains(",");
            Answer empty = api.send("/api/imports/" + kind, template.getBytes(StandardCharsets.UTF_8));
            assertThat(empty.at("file")).contains("no rows under its header");
        }
    }
}
