package rotagens.server.jobsheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.StreamSupport;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import rotagens.server.Api.Answer;
import rotagens.server.ServerTest;

/** What a closed sheet takes off the shelf. */
@ServerTest
class SheetPartsTest extends OnSheet {

    private int onShelf(String yard, String part) {
        return StreamSupport.stream(coordinator.get("/api/parts").body().spliterator(), false)
                .filter(row -> row.path("yard").asString().equals(yard)
                        && row.path("part").asString().equals(part))
                .findFirst()
                .orElseThrow()
                .path("count")
                .asInt();
    }

    @Test
    @DisplayName(
            "the weights of the balance step are figures, said in the reader's units, and go off the shelf by the piece")
    void weights() {
        long job = coordinator
                .post(
                        "/api/wished-work",
                        "{\"vehicleId\":" + coordinator.vehicle("VN-02")
                                + ",\"workType\":\"REPLACE\",\"positions\":[\"2R\"],\"day\":\"2026-11-30\"}")
                .body()
                .path("id")
                .asLong();
        String yard = technician.get("/api/jobs/{id}", job).body().path("yard").asString();
        until(job, "BALANCE:2R");
        Answer wrong = mark(technician, job, "BALANCE:2R", "{\"weightOut\":\"2 lb\",\"weightIn\":\"\"}");
        assertThat(wrong.at("weightOut")).contains("oz or g");
        assertThat(wrong.at("weightIn")).isNotEmpty();
        Answer balanced = mark(technician, job, "BALANCE:2R", "{\"weightOut\":\"2.1\",\"weightIn\":\"0\"}");
        assertThat(step(balanced.body(), "BALANCE:2R").toString()).contains("2.1 oz outside, 0 oz inside");
        int weights = onShelf(yard, "WEIGHT");
        int cores = onShelf(yard, "CORE");
        goOn(job);
        Answer closed = close(job);
        assertThat(closed.status()).as(closed.text()).isEqualTo(200);
        assertThat(onShelf(yard, "WEIGHT")).as("nine pieces of a quarter ounce").isEqualTo(weights - 9);
        assertThat(onShelf(yard, "CORE")).isEqualTo(cores - 1);
    }
}
