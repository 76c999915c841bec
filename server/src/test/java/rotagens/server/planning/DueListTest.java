package rotagens.server.planning;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import rotagens.server.Api;
import rotagens.server.ServerTest;
import rotagens.server.fleet.FleetAssessor;
import rotagens.server.fleet.FleetCache;
import rotagens.server.fleet.VehicleAssessment;

@ServerTest
class DueListTest {

    @Autowired
    MockMvc http;

    @Autowired
    FleetAssessor fleet;

    @Autowired
    FleetCache kept;

    @Autowired
    Jobs jobs;

    private Api api;
    private List<VehicleAssessment> vehicleAssessments;
    private DueList book;

    @BeforeEach
    void asItStands() {
        api = new Api(http);
        vehicleAssessments = kept.all();
        book = jobs.book(vehicleAssessments);
    }

    private static List<String> lines(DueList book) {
        return book.entries().stream()
                .map(entry -> entry.assessment().unit() + " "
                        + entry.item().key() + " " + entry.item().due() + " "
                        + entry.item().urgency())
                .toList();
    }

    /** What changed, and that the list kept over the change is the one put together from nothing. */
    private void assertKeptIsFresh(int vehiclesJudgedAgain) {
        List<VehicleAssessment> now = kept.all();
        assertThat(now.stream().filter(one -> vehicleAssessments.stream().noneMatch(old -> old == one)))
                .hasSize(vehiclesJudgedAgain);
        assertThat(lines(jobs.book(book, now))).isNotEqualTo(lines(book)).isEqualTo(lines(jobs.book(fleet.all())));
    }

    @Test
    @DisplayName(
            "after one vehicle's walk-around only it is judged again, and the due list is the one put together anew")
    void oneVehicle() {
        long id = api.vehicle("SP-01");
        String walk = api.post("/api/vehicles/" + id + "/walk-arounds", "{}")
                .body()
                .path("id")
                .asString();
        String draft = "{\"pressure\":\"40\",\"thermalState\":\"COLD\",\"confirmed\":[\"pressure\"]}";
        api.put("/api/walk-arounds/" + walk + "/positions/1L", draft, "If-Match", "\"0\"");
        api.post("/api/walk-arounds/" + walk + "/finish", "{\"skipReason\":\"only this one\"}");
        assertKeptIsFresh(1);
    }

    @Test
    @DisplayName("a signed policy judges every vehicle again as a fleet loaded anew would be")
    void policy() {
        Api manager = Api.as(http, "MANAGER");
        assertThat(manager.put("/api/policy/OVERALL_AGE", "{\"value\":\"4\",\"reason\":\"insurer asks\"}")
                        .status())
                .isEqualTo(204);
        assertKeptIsFresh(24);
        assertThat(kept.get(api.vehicle("LC-01")).judgements())
                .isEqualTo(fleet.get(api.vehicle("LC-01")).judgements());
    }
}
