package rotagens.server.shop;

import static org.assertj.core.api.Assertions.assertThat;

import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.List;
import java.util.stream.StreamSupport;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import rotagens.server.Api;
import rotagens.server.Api.Answer;
import rotagens.server.ServerTest;
import tools.jackson.databind.JsonNode;

/** The shop's calendar: planned in the background, moved by hand into a conflict and back, shared and filled from calendars. */
@ServerTest
class ShopTest {

    @Autowired
    MockMvc http;

    private Api coordinator;

    @BeforeEach
    void empty() {
        coordinator = new Api(http);
        coordinator.emptyShop();
    }

    private JsonNode job(String unit, String key, String day) {
        Answer job = coordinator.post(
                "/api/jobs",
                "{\"day\":\"" + day + "\",\"work\":[{\"vehicleId\":" + coordinator.vehicle(unit) + ",\"key\":\"" + key
                        + "\"}]}");
        assertThat(job.status()).as(job.text()).isEqualTo(200);
        return job.body().get(0);
    }

    private Answer place(JsonNode job, int version, String place) {
        return coordinator.put(
                "/api/shop/jobs/" + job.path("id").asLong() + "/slot", place, "If-Match", "\"" + version + "\"");
    }

    private JsonNode scheduled(long id) {
        return StreamSupport.stream(
                        coordinator
                                .get("/api/shop/schedule?from=2026-11-23&weeks=8")
                                .body()
                                .path("jobs")
                                .spliterator(),
                        false)
                .filter(one -> one.path("jobId").asLong() == id)
                .findFirst()
                .orElseThrow();
    }

    private String hand(String yard) {
        return StreamSupport.stream(
                        coordinator
                                .get("/api/shop/setup")
                                .body()
                                .path("setup")
                                .path("technicians")
                                .spliterator(),
                        false)
                .filter(worker -> worker.path("yard").asString().equals(yard))
                .findFirst()
                .orElseThrow()
                .path("name")
                .asString();
    }

    @Test
    @DisplayName("a job moved over another in one bay says so with the rule, and moved on it stands clean again")
    void intoConflictAndBack() {
        JsonNode one = job("SH-02", "REPLACE:1L", "2026-11-30");
        JsonNode other = job("SH-02", "WEIGH:", "2026-11-30");
        String yard = scheduled(one.path("id").asLong()).path("yard").asString();
        String hand = hand(yard);
        String first = "{\"day\":\"2026-12-07\",\"start\":\"08:00\",\"bay\":1,\"assignees\":[\"" + hand
                + "\"],\"pinned\":true}";
        place(one, 1, first);
        Answer clash = place(other, 1, first.replace("08:00", "08:15").replace("true", "false"));
        assertThat(clash.body().path("conflicts").toString()).contains("BAY_OCCUPIED", "Bay 1 has SH-02 until");
        assertThat(scheduled(one.path("id").asLong()).path("conflicts")).isNotEmpty();
        Answer back = place(other, 2, first.replace("08:00", "14:00").replace("true", "false"));
        assertThat(back.body().path("conflicts").toString()).doesNotContain("BAY_OCCUPIED", "TECHNICIAN_BUSY");
        assertThat(place(other, 2, first).status()).isEqualTo(412);
        assertThat(place(other, 3, "{\"start\":\"25:00\",\"pinned\":false}").at("start"))
                .contains("07:30");
        JsonNode why = coordinator
                .get("/api/shop/jobs/" + one.path("id").asLong() + "/explanation")
                .body();
        assertThat(why.path("statement").asString()).contains("scheduled Dec 7, 2026");
        assertThat(why.path("earlier").get(0).path("title").asString()).isEqualTo("Shop is closed");
    }

    @Test
    @DisplayName(
            "eight weeks are planned in the background from jobs and due work; taken, every job has an hour and breaks no rule")
    void plan() {
        JsonNode pinned = job("SH-02", "WEIGH:", "2026-12-08");
        String hand = hand(scheduled(pinned.path("id").asLong()).path("yard").asString());
        place(
                pinned,
                1,
                "{\"day\":\"2026-12-08\",\"start\":\"09:00\",\"bay\":1,\"assignees\":[\"" + hand
                        + "\"],\"pinned\":true}");
        assertThat(coordinator
                        .post("/api/shop/proposal", "{\"weeks\":99,\"takeDue\":true}")
                        .at("weeks"))
                .contains("1 to 12");
        JsonNode found = planned("{\"weeks\":8,\"seed\":3,\"takeDue\":true}");
        assertThat(found.path("failed").asString()).isEmpty();
        assertThat(found.path("jobs").size()).isGreaterThan(5);
        assertThat(found.path("points").asLong())
                .isLessThanOrEqualTo(found.path("firstFitPoints").asLong());
        JsonNode taken = coordinator.post("/api/shop/proposal/accept", "{}").body();
        assertThat(taken.path("made").asInt()).isPositive();
        JsonNode schedule =
                coordinator.get("/api/shop/schedule?from=2026-11-23&weeks=9").body();
        assertThat(schedule.path("conflicts").asInt()).as(schedule.toString()).isZero();
        JsonNode stays = scheduled(pinned.path("id").asLong());
        assertThat(stays.path("day").asString()).isEqualTo("2026-12-08");
        assertThat(stays.path("start").asString()).isEqualTo("09:00");
        assertThat(coordinator.post("/api/shop/proposal/accept", "{}").text()).contains("no finished proposal");
    }

    private JsonNode planned(String wish) {
        Answer started = coordinator.post("/api/shop/proposal", wish);
        assertThat(started.status()).as(started.text()).isEqualTo(200);
        Awaitility.await()
                .atMost(java.time.Duration.ofSeconds(120))
                .until(() -> !coordinator
                        .get("/api/shop/proposal")
                        .body()
                        .path("running")
                        .asBoolean());
        return coordinator.get("/api/shop/proposal").body();
    }

    @Test
    @DisplayName(
            "a job planned for after the weeks isn't pulled into them, and a plan whose ground has changed isn't stored")
    void outOfDate() {
        job("SH-02", "WEIGH:", "2027-06-15");
        assertThat(planned("{\"weeks\":2,\"takeDue\":false}").path("jobs")).isEmpty();
        JsonNode moved = job("SH-02", "REPLACE:1L", "2026-11-30");
        assertThat(planned("{\"weeks\":2,\"takeDue\":false}").path("jobs")).hasSize(1);
        coordinator.put(
                "/api/jobs/" + moved.path("id").asLong() + "/date", "{\"day\":\"2026-12-04\"}", "If-Match", "\"1\"");
        assertThat(coordinator.post("/api/shop/proposal/accept", "{}").text()).contains("Propose again");
        assertThat(coordinator.get("/api/shop/proposal").body().path("jobs"))
                .as("what was refused is still there to look at")
                .hasSize(1);
        JsonNode stays = scheduled(moved.path("id").asLong());
        assertThat(stays.path("day").asString()).isEqualTo("2026-12-04");
        assertThat(stays.path("bay").asString("none")).isEqualTo("none");
    }

    @Test
    @DisplayName("due work that somebody put on a day while the plan was made isn't put on a second one")
    void notTwice() {
        planned("{\"weeks\":2,\"takeDue\":true}");
        job("SH-02", "REPLACE:1L", "2026-12-01");
        assertThat(coordinator.post("/api/shop/proposal/accept", "{}").text()).contains("SH-02: something changed");
        assertThat(coordinator.get("/api/jobs").body()).hasSize(1);
    }

    @Test
    @DisplayName("a job may be taken to another yard by hand; what that yard lacks is said there, and it stays there")
    void anotherYard() {
        JsonNode job = job("SH-02", "REPLACE:1L", "2026-11-30");
        String hand = hand("Eastbank");
        String there = "{\"yard\":\"Northgate\",\"day\":\"2026-12-07\",\"start\":\"08:00\",\"bay\":1,\"assignees\":[\""
                + hand + "\"],\"pinned\":true}";
        JsonNode placed = place(job, 1, there).body();
        assertThat(placed.path("yard").asString()).isEqualTo("Northgate");
        assertThat(placed.path("conflicts").toString()).contains("TECHNICIAN_HOURS", "isn’t at work at Northgate");
        assertThat(scheduled(job.path("id").asLong()).path("yard").asString()).isEqualTo("Northgate");
        assertThat(place(job, 2, there.replace("Northgate", "Nowhere")).at("yard"))
                .contains("no shop");
    }

    @Test
    @DisplayName(
            "a vehicle booked out by hand can't be in the shop then; an end before the beginning is refused at its field")
    void bookedOut() {
        String booking =
                "{\"unit\":\"SH-04\",\"from\":\"2026-12-08T06:00\",\"to\":\"2026-12-08T18:00\",\"reason\":\"school visit\"}";
        assertThat(coordinator
                        .post("/api/shop/bookings", booking.replace("T18:00", "T05:00"))
                        .at("to"))
                .contains("comes back after it leaves");
        assertThat(coordinator
                        .post("/api/shop/bookings", booking.replace("SH-04", "ZZ-1"))
                        .at("unit"))
                .contains("no vehicle");
        coordinator.post("/api/shop/bookings", booking);
        JsonNode job = job("SH-04", "WEIGH:", "2026-12-08");
        String there = "{\"yard\":\"Eastbank\",\"day\":\"2026-12-08\",\"start\":\"08:00\",\"bay\":1,\"assignees\":[\""
                + hand("Eastbank") + "\"],\"pinned\":false}";
        assertThat(place(job, 1, there).body().path("conflicts").toString())
                .contains("SH-04 is away: school visit, back Dec 8, 2026 18:00");
        long id = 0;
        for (JsonNode one : coordinator
                .get("/api/shop/schedule?from=2026-11-23&weeks=4")
                .body()
                .path("bookings")) {
            id = one.path("unit").asString().equals("SH-04") ? one.path("id").asLong() : id;
        }
        coordinator.delete("/api/shop/bookings/" + id, "");
        assertThat(away("SH-04")).isEmpty();
        assertThat(scheduled(job.path("id").asLong()).path("conflicts").toString())
                .doesNotContain("bookings");
    }

    @Test
    @DisplayName("the road between two yards is kept in minutes; nonsense is refused at its field")
    void roads() {
        JsonNode before = coordinator.get("/api/shop/setup").body();
        assertThat(before.path("usualTravel").asInt()).isEqualTo(45);
        JsonNode yards = before.path("setup").path("yards");
        String road = "\"travelTimes\":[{\"one\":\"%s\",\"other\":\"%s\",\"minutes\":MIN}]"
                .formatted(
                        yards.get(0).path("name").asString(),
                        yards.get(1).path("name").asString());
        String form = before.path("setup").toString().replace("\"travelTimes\":[]", road);
        String version = "\"" + before.path("version").asLong() + "\"";
        assertThat(coordinator
                        .put("/api/shop/setup", form.replace("MIN", "0"), "If-Match", version)
                        .at("travelTimes[0].minutes"))
                .isEqualTo("1 to 600 minutes.");
        assertThat(coordinator
                        .put("/api/shop/setup", form.replace("MIN", "35"), "If-Match", version)
                        .status())
                .isEqualTo(200);
        assertThat(coordinator
                        .get("/api/shop/setup")
                        .body()
                        .path("setup")
                        .path("travelTimes")
                        .toString())
                .contains("\"minutes\":35");
    }

    @Test
    @DisplayName("a setup that can't be met is refused with the smallest cause, and the old one stays")
    void setup() {
        JsonNode before = coordinator.get("/api/shop/setup").body();
        String form = before.path("setup").toString();
        String version = "\"" + before.path("version").asInt() + "\"";
        String never = form.replaceFirst(
                "\"minimums\":\\[[^]]*]", "\"minimums\":[{\"vehicleClass\":\"Service van\",\"minimum\":50}]");
        Answer refused = coordinator.put("/api/shop/setup", never, "If-Match", version);
        assertThat(refused.at("setup")).contains("Keep 50 of Service van", "cannot be met");
        String twice = form.replaceFirst(
                "\"closures\":\\[[^]]*]",
                "\"closures\":[{\"from\":\"2026-12-24\",\"to\":\"2026-12-27\",\"reason\":\"winter\"},{\"from\":\"2026-12-26\",\"to\":\"2026-12-30\",\"reason\":\"stocktaking\"}]");
        assertThat(coordinator
                        .put("/api/shop/setup", twice, "If-Match", version)
                        .at("setup"))
                .contains("Two closures overlap: winter");
        String hours = form.replaceFirst("07:00–16:30", "seven to four");
        assertThat(coordinator
                        .put("/api/shop/setup", hours, "If-Match", version)
                        .text())
                .contains("Enter hours such as");
        assertThat(coordinator
                        .put("/api/shop/setup", form, "If-Match", "\"999\"")
                        .status())
                .isEqualTo(412);
        assertThat(coordinator.get("/api/shop/setup").body().path("setup").toString())
                .isEqualTo(form);
    }

    @Test
    @DisplayName(
            "a calendar program reads the shop under a private address: one event a job, the same UID when it moves, nothing once taken back")
    void feed() {
        JsonNode job = job("SH-02", "WEIGH:", "2026-12-09");
        place(job, 1, "{\"day\":\"2026-12-09\",\"start\":\"09:00\",\"bay\":2,\"assignees\":[],\"pinned\":false}");
        JsonNode feed = coordinator.post("/api/calendar/feeds", "{}").body();
        String address = feed.path("address").asString();
        Api nobody = Api.asNobody(http);
        ICalendar calendar = Biweekly.parse(nobody.get(address).text()).first();
        assertThat(Biweekly.parse(nobody.get(address).text())
                        .first()
                        .validate(biweekly.ICalVersion.V2_0)
                        .getWarnings())
                .isEmpty();
        VEvent event = calendar.getEvents().stream()
                .filter(one -> one.getSummary().getValue().equals("SH-02: Weigh"))
                .findFirst()
                .orElseThrow();
        assertThat(event.getLocation().getValue()).endsWith("bay 2");
        Instant before = event.getDateStart().getValue().toInstant();
        int sequence = event.getSequence().getValue();
        place(job, 2, "{\"day\":\"2026-12-10\",\"start\":\"10:30\",\"bay\":2,\"assignees\":[],\"pinned\":false}");
        VEvent moved = Biweekly.parse(nobody.get(address).text()).first().getEvents().stream()
                .filter(one -> one.getUid().getValue().equals(event.getUid().getValue()))
                .findFirst()
                .orElseThrow();
        assertThat(moved.getDateStart().getValue().toInstant()).isEqualTo(before.plusSeconds(25 * 3600 + 1800));
        assertThat(moved.getSequence().getValue()).isGreaterThan(sequence);
        coordinator.delete("/api/calendar/feeds/" + feed.path("id").asLong(), "");
        assertThat(nobody.get(address).status()).isEqualTo(404);
        assertThat(nobody.get("/api/calendar/feed/guess/shop.ics").status()).isEqualTo(404);
    }

    @Test
    @DisplayName(
            "bookings with recurrence and another time zone keep the vehicle out at the fleet's own hours; a broken file stores nothing")
    void bookings() {
        String ics = String.join(
                "\r\n",
                "BEGIN:VCALENDAR",
                "VERSION:2.0",
                "PRODID:-//made by hand//EN",
                "BEGIN:VTIMEZONE",
                "TZID:Europe/Berlin",
                "BEGIN:STANDARD",
                "DTSTART:19961027T030000",
                "TZOFFSETFROM:+0200",
                "TZOFFSETTO:+0100",
                "END:STANDARD",
                "END:VTIMEZONE",
                "BEGIN:VEVENT",
                "UID:1",
                "DTSTAMP:20261101T000000Z",
                "SUMMARY:Clinic day LC-03",
                "DTSTART;TZID=Europe/Berlin:20261201T090000",
                "DTEND;TZID=Europe/Berlin:20261201T170000",
                "RRULE:FREQ=WEEKLY;COUNT=3",
                "END:VEVENT",
                "BEGIN:VEVENT",
                "UID:2",
                "DTSTAMP:20261101T000000Z",
                "SUMMARY:Fair",
                "LOCATION:with VN-02",
                "DTSTART;VALUE=DATE:20261205",
                "DTEND;VALUE=DATE:20261207",
                "END:VEVENT",
                "BEGIN:VEVENT",
                "UID:3",
                "DTSTAMP:20261101T000000Z",
                "SUMMARY:Staff party",
                "DTSTART:20261218T180000Z",
                "END:VEVENT",
                "END:VCALENDAR",
                "");
        Answer read = calendar(ics);
        assertThat(read.status()).as(read.text()).isEqualTo(200);
        assertThat(read.body().path("bookings").asInt()).isEqualTo(4);
        assertThat(read.body().path("vehicles").asInt()).isEqualTo(2);
        assertThat(read.body().path("unread").toString()).contains("Staff party");
        List<String> away = away("LC-03");
        assertThat(away).hasSize(3).allMatch(text -> text.contains("Clinic day LC-03"));
        assertThat(away.get(0)).contains("2026-12-01T02:00", "2026-12-01T10:00");
        assertThat(away("VN-02").get(0)).contains("2026-12-05T00:00", "2026-12-07T00:00");
        assertThat(calendar(ics).body().path("bookings").asInt()).isEqualTo(4);
        assertThat(away("LC-03")).hasSize(3);
        assertThat(calendar("this is no calendar").at("file")).contains("can’t be read as a calendar");
        assertThat(away("LC-03")).hasSize(3);
    }

    private Answer calendar(String text) {
        return coordinator.send(
                "/api/calendar/bookings",
                text.getBytes(StandardCharsets.UTF_8),
                MediaType.parseMediaType("text/calendar"));
    }

    private List<String> away(String unit) {
        return StreamSupport.stream(
                        coordinator
                                .get("/api/shop/schedule?from=2026-11-23&weeks=8")
                                .body()
                                .path("bookings")
                                .spliterator(),
                        false)
                .filter(one -> one.path("unit").asString().equals(unit))
                .map(JsonNode::toString)
                .toList();
    }
}
