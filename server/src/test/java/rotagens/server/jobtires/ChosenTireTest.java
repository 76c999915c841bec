package rotagens.server.jobtires;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Comparator;
import java.util.List;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import rotagens.server.Api.Answer;
import rotagens.server.ServerTest;
import rotagens.server.jobsheet.OnSheet;
import tools.jackson.databind.JsonNode;

/** Which tire goes on is said, and checked, when the work is planned; at the wheel it is known again by its code. */
@ServerTest
class ChosenTireTest extends OnSheet {

    private JsonNode choices(long job) {
        return technician.get("/api/jobs/{id}/tires", job).body().get(0);
    }

    private static List<JsonNode> options(JsonNode choices, String source) {
        return StreamSupport.stream(choices.path("options").spliterator(), false)
                .filter(option -> option.path("source").asString().equals(source))
                .toList();
    }

    private Answer choose(long job, JsonNode choices, JsonNode option) {
        String body = option.path("tireId").isNumber()
                ? "{\"tireId\":" + option.path("tireId").asLong() + "}"
                : option.path("orderLineId").isNumber()
                        ? "{\"orderLineId\":" + option.path("orderLineId").asLong() + "}"
                        : "{\"tireModelId\":" + option.path("tireModelId").asLong() + "}";
        return technician.put(
                "/api/jobs/" + job + "/items/" + choices.path("itemId").asLong() + "/tire", body);
    }

    private String code(JsonNode option) {
        return option.path("details").asString().replaceAll(".*DOT ([0-9A-Z]+).*", "$1");
    }

    @Test
    @DisplayName(
            "a tire from stock is chosen and reserved; another code at the wheel is noticed; closed, that tire is on and the old one isn't back in stock")
    void fromStock() {
        long job = job("VN-02", "REPLACE:2L");
        JsonNode choices = choices(job);
        JsonNode good = options(choices, "STOCK").stream()
                .filter(option -> option.path("refusals").isEmpty())
                .findFirst()
                .orElseThrow();
        assertThat(choose(job, choices, good).status()).isEqualTo(204);
        long chosen = good.path("tireId").asLong();
        assertThat(choices(job).path("chosen").asString()).contains(code(good));

        long other = job("SH-04", "REPLACE:1R");
        assertThat(choose(other, choices(other), good).at("tire")).contains("Reserved for other work");

        long old = technician
                .get("/api/vehicles/{id}", technician.vehicle("VN-02"))
                .body()
                .path("positions")
                .get(2)
                .path("tireId")
                .asLong();
        until(job, "DOT_OF_INSTALLED:2L");
        JsonNode wrong = mark(
                        technician,
                        job,
                        "DOT_OF_INSTALLED:2L",
                        "{\"dotCode\":\"3CT2XR5M0126\",\"facing\":\"OUTWARD\",\"outer\":\"14\",\"center\":\"14\",\"inner\":\"14\",\"oldTireTo\":\"RETREAD\"}")
                .body();
        assertThat(step(wrong, "DOT_OF_INSTALLED:2L").path("outside").asString())
                .contains("This is another tire");
        done(
                job,
                "DOT_OF_INSTALLED:2L",
                "{\"dotCode\":\"" + code(good)
                        + "\",\"facing\":\"OUTWARD\",\"outer\":\"14\",\"center\":\"14\",\"inner\":\"14\",\"oldTireTo\":\"RETREAD\"}");
        goOn(job);
        Answer closed = close(job);
        assertThat(closed.status()).as(closed.text()).isEqualTo(200);
        assertThat(technician
                        .get("/api/vehicles/{id}", technician.vehicle("VN-02"))
                        .body()
                        .path("positions")
                        .get(2)
                        .path("tireId")
                        .asLong())
                .isEqualTo(chosen);
        assertThat(technician.get("/api/tires/{id}", old).text())
                .as("worn out, it doesn't lie in stock")
                .contains("\"state\":\"RETREAD_CANDIDATE\"");
    }

    @Test
    @DisplayName("a tire that lies in stock and was not chosen can't come into the books a second time")
    void notTwice() {
        long job = job("SH-02", "REPLACE:1L");
        JsonNode lying = options(choices(job), "STOCK").stream()
                .filter(option -> code(option).length() > 4)
                .findFirst()
                .orElseThrow();
        until(job, "DOT_OF_INSTALLED:1L");
        JsonNode wrong = mark(
                        technician,
                        job,
                        "DOT_OF_INSTALLED:1L",
                        "{\"dotCode\":\"" + code(lying)
                                + "\",\"facing\":\"OUTWARD\",\"outer\":\"14\",\"center\":\"14\",\"inner\":\"14\",\"oldTireTo\":\"RETREAD\"}")
                .body();
        assertThat(step(wrong, "DOT_OF_INSTALLED:1L").path("outside").asString())
                .contains("in stock carries this code", "Choose it for this work first");
    }

    @Test
    @DisplayName("what must not go there is refused when it is chosen, with its reason, not when the nuts are tight")
    void refusedNow() {
        long job = job("SH-02", "REPLACE:1L");
        JsonNode choices = choices(job);
        long coachTire = StreamSupport.stream(
                        technician.get("/api/stock").body().spliterator(), false)
                .filter(row -> row.path("number").asString().equals("LM2007"))
                .mapToLong(row -> row.path("tireId").asLong())
                .findFirst()
                .orElseThrow();
        assertThat(technician
                        .put(
                                "/api/jobs/" + job + "/items/"
                                        + choices.path("itemId").asLong() + "/tire",
                                "{\"tireId\":" + coachTire + "}")
                        .at("tire"))
                .contains("Doesn’t go there");
        assertThat(choices(job).path("chosen").isNull()
                        || choices(job).path("chosen").isMissingNode())
                .isTrue();
        assertThat(technician
                        .put(
                                "/api/jobs/" + job + "/items/"
                                        + choices.path("itemId").asLong() + "/tire",
                                "{}")
                        .at("tire"))
                .contains("Choose the tire that goes on");
    }

    @Test
    @DisplayName("a tire on order goes on only once it was received")
    void onOrder() {
        long job = job("SH-04", "REPLACE:1R");
        JsonNode choices = choices(job);
        List<JsonNode> ordered = options(choices, "ORDERED");
        assertThat(ordered).isNotEmpty();
        assertThat(choose(job, choices, ordered.get(0)).status()).isEqualTo(204);
        assertThat(choices(job).path("chosen").asString()).endsWith("on order");
        until(job, "DOT_OF_INSTALLED:1R");
        JsonNode wrong = mark(
                        technician,
                        job,
                        "DOT_OF_INSTALLED:1R",
                        "{\"dotCode\":\"3CT2XR5M0126\",\"facing\":\"OUTWARD\",\"outer\":\"14\",\"center\":\"14\",\"inner\":\"14\",\"oldTireTo\":\"RETREAD\"}")
                .body();
        assertThat(step(wrong, "DOT_OF_INSTALLED:1R").path("outside").asString())
                .contains("Receive it under Stock first");
    }

    private Answer jobWith(String unit, String position, String tire) {
        long vehicle = coordinator.vehicle(unit);
        return coordinator.post(
                "/api/jobs",
                "{\"day\":\"2026-11-30\",\"work\":[{\"vehicleId\":%d,\"key\":\"REPLACE:%s\"}],\"tires\":{\"%d\":{\"%s\":%s}}}"
                        .formatted(vehicle, position, vehicle, position, tire));
    }

    private Answer wishedWith(String unit, String position, String tire) {
        return coordinator.post(
                "/api/wished-work",
                "{\"vehicleId\":%d,\"workType\":\"REPLACE\",\"positions\":[\"%s\"],\"day\":\"2026-11-30\",\"tires\":{\"%s\":%s}}"
                        .formatted(coordinator.vehicle(unit), position, position, tire));
    }

    private List<JsonNode> choicesAt(String unit, String position, String source) {
        JsonNode all = coordinator
                .get("/api/vehicles/" + coordinator.vehicle(unit) + "/positions/" + position + "/tire-choices")
                .body();
        return StreamSupport.stream(all.spliterator(), false)
                .filter(option -> option.path("source").asString().equals(source))
                .filter(option -> option.path("refusals").isEmpty())
                .toList();
    }

    private int openJobs(String unit) {
        return coordinator
                .get("/api/vehicles/{id}/jobs", coordinator.vehicle(unit))
                .body()
                .size();
    }

    @Test
    @DisplayName("the tire is chosen as its job is made: both stand, or neither")
    void withItsJob() {
        JsonNode good = choicesAt("SH-04", "1R", "STOCK").get(0);
        String tire = "{\"tireId\":" + good.path("tireId").asLong() + "}";
        Answer made = jobWith("SH-04", "1R", tire);
        assertThat(made.status()).as(made.text()).isEqualTo(200);
        assertThat(choices(made.body().get(0).path("id").asLong())
                        .path("chosen")
                        .asString())
                .contains(code(good));
        assertThat(choicesAt("VN-02", "1L", "STOCK").stream()
                        .filter(option -> option.path("tireId").asLong()
                                == good.path("tireId").asLong())
                        .map(option -> option.path("taken").asString()))
                .containsExactly("Reserved for other work");
        int before = openJobs("VN-02");
        assertThat(wishedWith("VN-02", "1L", tire).at("tires.VN-02.1L")).contains("Reserved for other work");
        assertThat(wishedWith("VN-02", "1L", "{}").at("tires.VN-02.1L")).contains("Choose the tire that goes on");
        assertThat(openJobs("VN-02")).as("nothing is booked either").isEqualTo(before);
    }

    @Test
    @DisplayName(
            "what the day is prepared with follows the choice: the tire to bring by its number, nothing to order, one less on the shelf")
    void prepared() {
        long vehicle = coordinator.vehicle("SH-04");
        JsonNode choice = choicesAt("SH-04", "1R", "STOCK").stream()
                .filter(option -> option.path("notes").isEmpty())
                .reduce((first, last) -> last)
                .orElseThrow();
        long model = choice.path("tireModelId").asLong();
        Answer made = coordinator.post(
                "/api/jobs",
                "{\"day\":\"2026-11-23\",\"work\":[{\"vehicleId\":%d,\"key\":\"REPLACE:1R\"}]}".formatted(vehicle));
        long job = made.body().get(0).path("id").asLong();
        int shelf = need(model).path("inStock").asInt();
        assertThat(need(model).path("wanted").asInt()).isEqualTo(1);

        assertThat(choose(job, choices(job), choice).status()).isEqualTo(204);
        JsonNode chosen =
                technician.get("/api/jobs/{id}", job).body().path("items").get(0);
        assertThat(chosen.path("tireSource").asString()).isEqualTo("STOCK");
        String number = choice.path("label").asString().replaceAll(",.*", "");
        assertThat(List.of("Eastbank", "Millrace", "Northgate").stream()
                        .map(yard -> technician.get("/api/today?yard=" + yard).text())
                        .toList()
                        .toString())
                .contains("1 × " + number + ", ");
        assertThat(need(model).isMissingNode()).as("nothing is wanted any more").isTrue();

        wishedWith("VN-02", "1L", "{\"tireModelId\":" + model + "}");
        assertThat(need(model).path("inStock").asInt())
                .as("the reserved one isn't counted for others")
                .isEqualTo(shelf - 1);
    }

    private JsonNode need(long model) {
        return coordinator.get("/api/order-needs").body().findValues("lines").stream()
                .flatMap(JsonNode::valueStream)
                .filter(line -> line.path("tireModelId").asLong() == model)
                .findFirst()
                .orElse(tools.jackson.databind.node.MissingNode.getInstance());
    }

    private long orderOf(String supplier, long model, int quantity) {
        Answer ordered = coordinator.post(
                "/api/orders",
                "{\"supplier\":\"%s\",\"yard\":\"Millrace\",\"lines\":[{\"tireModelId\":%d,\"quantity\":%d,\"price\":\"180\"}]}"
                        .formatted(supplier, model, quantity));
        assertThat(ordered.status()).as(ordered.text()).isEqualTo(200);
        return newest(supplier).path("lines").get(0).path("id").asLong();
    }

    private JsonNode newest(String supplier) {
        return coordinator
                .get("/api/orders")
                .body()
                .valueStream()
                .filter(order -> order.path("supplier").asString().equals(supplier))
                .max(Comparator.comparing(order -> order.path("id").asLong()))
                .orElseThrow();
    }

    @Test
    @DisplayName(
            "one tire on order is promised once; it came and its order was closed: it goes on, nobody else gets it")
    void orderOfOne() {
        long model =
                choicesAt("VN-02", "1L", "TO_BUY").get(0).path("tireModelId").asLong();
        long line = orderOf("Elder Supply", model, 1);
        String chosen = "{\"orderLineId\":" + line + "}";
        Answer made = wishedWith("VN-02", "1L", chosen);
        assertThat(made.status()).as(made.text()).isEqualTo(200);
        long job = made.body().path("id").asLong();
        assertThat(jobWith("SH-04", "1R", chosen).at("tires.SH-04.1R"))
                .contains("Every tire of this order is chosen for other work");

        Answer received = coordinator.post("/api/orders/lines/" + line + "/deliveries", """
                {"tires":[{"dotCode":"7KB4AB7C3426","accepted":true}],"counted":"1","steps":[
                  {"step":"UNLOAD","done":true},{"step":"NUMBER","done":true},{"step":"STORE","done":true}]}""");
        assertThat(received.status()).as(received.text()).isEqualTo(200);
        long came = received.body().path("tireIds").get(0).asLong();
        coordinator.post("/api/orders/" + newest("Elder Supply").path("id").asLong() + "/close", "");
        assertThat(jobWith("SH-04", "1R", "{\"tireId\":" + came + "}").at("tires.SH-04.1R"))
                .contains("Came for other work");
        assertThat(choices(job).path("chosen").asString()).contains("received from its order");

        until(job, "DOT_OF_INSTALLED:1L");
        done(
                job,
                "DOT_OF_INSTALLED:1L",
                "{\"dotCode\":\"7KB4AB7C3426\",\"facing\":\"OUTWARD\",\"outer\":\"11\",\"center\":\"11\",\"inner\":\"11\",\"oldTireTo\":\"RETREAD\"}");
        goOn(job);
        Answer closed = close(job);
        assertThat(closed.status()).as(closed.text()).isEqualTo(200);
        assertThat(technician
                        .get("/api/vehicles/{id}", technician.vehicle("VN-02"))
                        .body()
                        .path("positions")
                        .get(0)
                        .path("tireId")
                        .asLong())
                .isEqualTo(came);
    }
}
