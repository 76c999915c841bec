package rotagens.server.calendar;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.util.List;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.model.Calendar;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import rotagens.server.Api;
import rotagens.server.Api.Answer;
import rotagens.server.ServerTest;
import tools.jackson.databind.JsonNode;

/** Calendars as other programs read and write them. */
@ServerTest
class CalendarFormsTest {

    @Autowired
    MockMvc http;

    private Api coordinator;

    @BeforeEach
    void client() {
        coordinator = new Api(http);
        coordinator.emptyShop();
    }

    private String feed() {
        return coordinator
                .post("/api/calendar/feeds", "{}")
                .body()
                .path("address")
                .asString();
    }

    private MockHttpServletResponse ask(org.springframework.test.web.servlet.RequestBuilder request) throws Exception {
        return http.perform(request).andReturn().getResponse();
    }

    @Test
    @DisplayName(
            "a feed without a job is a valid calendar with a name; one with a job leads back to its sheet by a UID of its own")
    void feedForm() throws Exception {
        String address = feed();
        Calendar empty = new CalendarBuilder()
                .build(new StringReader(Api.asNobody(http).get(address).text()));
        assertThat(empty.validate().getEntries()).isEmpty();
        assertThat(empty.getComponents()).as("a calendar has at least one part").isNotEmpty();
        assertThat(empty.toString()).contains("X-WR-CALNAME:Rotagens");
        coordinator.post(
                "/api/jobs",
                "{\"day\":\"2026-11-30\",\"work\":[{\"vehicleId\":%d,\"key\":\"REPLACE:1L\"}]}"
                        .formatted(coordinator.vehicle("SH-02")));
        String text = Api.asNobody(http).get(address).text().replace("\r\n ", "");
        assertThat(text)
                .containsPattern("UID:[0-9a-f-]{36}@rotagens")
                .containsPattern("URL:http://localhost/jobs/\\d+/sheet");
        assertThat(new CalendarBuilder()
                        .build(new StringReader(text))
                        .validate()
                        .getEntries())
                .isEmpty();
    }

    @Test
    @DisplayName("a calendar program that asks again is told that nothing changed, and may ask for the head alone")
    void unchanged() throws Exception {
        String address = feed();
        MockHttpServletResponse first = ask(MockMvcRequestBuilders.get(address));
        String tag = first.getHeader("ETag");
        assertThat(tag).isNotBlank();
        assertThat(ask(MockMvcRequestBuilders.get(address).header("If-None-Match", tag))
                        .getStatus())
                .isEqualTo(304);
        MockHttpServletResponse head = ask(MockMvcRequestBuilders.head(address));
        assertThat(head.getStatus()).isEqualTo(200);
        assertThat(head.getHeader("ETag")).isEqualTo(tag);
    }

    private Answer bookings(String product, String... events) {
        return sent("/api/calendar/bookings", product, events);
    }

    private Answer sent(String address, String product, String... events) {
        String text = "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:" + product + "\r\n" + String.join("", events)
                + "END:VCALENDAR\r\n";
        return coordinator.send(address, text.getBytes(StandardCharsets.UTF_8), MediaType.valueOf("text/calendar"));
    }

    @Test
    @DisplayName("a file is looked at before it is brought in, says what it would take away, and is undone as a whole")
    void lookedAtAndUndone() {
        String first =
                event("UID:u1", "SUMMARY:LC-04 to Norfield", "DTSTART:20261202T140000Z", "DTEND:20261202T220000Z");
        String second = event("UID:u2", "SUMMARY:LC-04 parade", "DTSTART:20261203T140000Z", "DTEND:20261203T220000Z");
        bookings("-//Elsewhere//EN", first);
        List<String> before = away("LC-04");
        assertThat(before).hasSize(1);
        Answer look = sent("/api/calendar/bookings?dryRun=true", "-//Elsewhere//EN", second);
        assertThat(look.body().path("lines").valueStream())
                .extracting(line -> line.path("outcome").asString() + " "
                        + line.path("unit").asString())
                .containsExactly("REMOVED LC-04", "NEW LC-04");
        assertThat(look.body().has("importId")).isFalse();
        assertThat(away("LC-04")).as("only looked at").isEqualTo(before);
        assertThat(sent("/api/calendar/bookings?dryRun=true", "-//Elsewhere//EN", first)
                        .body()
                        .path("same")
                        .asInt())
                .isEqualTo(1);
        long in = bookings("-//Elsewhere//EN", second).body().path("importId").asLong();
        assertThat(away("LC-04").toString()).contains("parade").doesNotContain("Norfield");
        assertThat(coordinator
                        .post("/api/calendar/bookings/" + in + "/undo", "")
                        .status())
                .isEqualTo(204);
        assertThat(away("LC-04")).isEqualTo(before);
        assertThat(coordinator
                        .post("/api/calendar/bookings/" + in + "/undo", "")
                        .status())
                .isEqualTo(409);
    }

    private static String event(String... lines) {
        return "BEGIN:VEVENT\r\nDTSTAMP:20261101T000000Z\r\n" + String.join("\r\n", lines) + "\r\nEND:VEVENT\r\n";
    }

    private List<String> away(String unit) {
        return coordinator
                .get("/api/shop/schedule?from=2026-11-23&weeks=8")
                .body()
                .path("bookings")
                .valueStream()
                .filter(one -> one.path("unit").asString().equals(unit))
                .map(JsonNode::toString)
                .toList();
    }

    @Test
    @DisplayName(
            "called off or free takes no vehicle away; one time moved is at its new hour only; two units in a title are two vehicles")
    void kept() {
        Answer read = bookings(
                "-//Elsewhere//EN",
                event(
                        "UID:a",
                        "SUMMARY:LC-03 away",
                        "DTSTART:20261201T150000Z",
                        "DTEND:20261201T170000Z",
                        "STATUS:CANCELLED"),
                event(
                        "UID:b",
                        "SUMMARY:LC-03 noted",
                        "DTSTART:20261202T150000Z",
                        "DTEND:20261202T170000Z",
                        "TRANSP:TRANSPARENT"),
                event(
                        "UID:c",
                        "SUMMARY:VN-02 round",
                        "DTSTART:20261207T150000Z",
                        "DTEND:20261207T170000Z",
                        "RRULE:FREQ=WEEKLY;COUNT=3"),
                event(
                        "UID:c",
                        "SUMMARY:VN-02 round",
                        "RECURRENCE-ID:20261214T150000Z",
                        "DTSTART:20261215T150000Z",
                        "DTEND:20261215T170000Z"),
                event("UID:d", "SUMMARY:SH-01 and SH-02 to the fair", "DTSTART:20261210T150000Z"));
        assertThat(read.status()).as(read.text()).isEqualTo(200);
        assertThat(read.body().path("bookings").asInt()).isEqualTo(5);
        assertThat(away("LC-03")).isEmpty();
        assertThat(away("VN-02"))
                .hasSize(3)
                .anyMatch(text -> text.contains("2026-12-15T09:00"))
                .noneMatch(text -> text.contains("2026-12-14T09:00"));
        assertThat(away("SH-01")).singleElement().asString().contains("2026-12-10T09:00", "2026-12-11T00:00");
        assertThat(away("SH-02")).hasSize(1);
    }

    @Test
    @DisplayName("our own feed isn't read back, and a rule by the hour is said and left out")
    void refused() {
        assertThat(bookings("-//Rotagens//Shop//EN", event("UID:a", "SUMMARY:LC-03", "DTSTART:20261201T150000Z"))
                        .at("file"))
                .contains("shop calendar of Rotagens itself");
        Answer hourly = bookings(
                "-//Elsewhere//EN",
                event("UID:a", "SUMMARY:LC-03 ping", "DTSTART:20000101T150000Z", "RRULE:FREQ=SECONDLY"),
                event("UID:b", "SUMMARY:LC-03 bell", "DTSTART:20261201T150000Z", "RRULE:FREQ=DAILY;BYMINUTE=0,1,2,3"),
                event("UID:c", "SUMMARY:LC-03 old", "DTSTART:19000101T150000Z", "RRULE:FREQ=DAILY"));
        assertThat(hourly.body().path("bookings").asInt()).isZero();
        assertThat(hourly.body().path("unread").toString())
                .contains("LC-03 ping")
                .contains("repeats by the hour or faster")
                .contains("LC-03 bell")
                .contains("began more than 15 years ago");
    }
}
