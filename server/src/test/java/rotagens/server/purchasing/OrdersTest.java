package rotagens.server.purchasing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Comparator;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import rotagens.server.Api;
import rotagens.server.Api.Answer;
import rotagens.server.ServerTest;
import tools.jackson.databind.JsonNode;

@ServerTest
class OrdersTest {

    @Autowired
    MockMvc http;

    private Api api;

    @BeforeEach
    void client() {
        api = new Api(http);
    }

    private long model(String title) {
        return api.get("/api/tire-models")
                .body()
                .valueStream()
                .filter(model -> model.path("title").asString().equals(title))
                .findFirst()
                .orElseThrow()
                .path("id")
                .asLong();
    }

    private JsonNode line(String supplier) {
        return api.get("/api/orders")
                .body()
                .valueStream()
                .filter(order -> order.path("supplier").asString().equals(supplier))
                // The newest: other tests order from the same suppliers.
                .max(Comparator.comparing(order -> order.path("id").asLong()))
                .orElseThrow()
                .path("lines")
                .get(0);
    }

    private long order(String supplier, int quantity) {
        Answer ordered = api.post(
                "/api/orders",
                "{\"supplier\":\"%s\",\"yard\":\"Millrace\",\"lines\":[{\"tireModelId\":%d,\"quantity\":%d,\"price\":\"180\"}]}"
                        .formatted(supplier, model("Brantholm Stowmere 4"), quantity));
        assertThat(ordered.status()).as(ordered.text()).isEqualTo(200);
        return line(supplier).path("id").asLong();
    }

    private Answer deliver(long line, String tires) {
        int count = tires.split("dotCode").length - 1;
        return deliver(line, tires, count, LOOKED);
    }

    private static final String LOOKED = """
            {"step":"UNLOAD","done":true},{"step":"NUMBER","done":false,"reason":"brand iron is lent out"},
            {"step":"STORE","done":true}""";

    private Answer deliver(long line, String tires, int counted, String steps) {
        return api.post(
                "/api/orders/lines/" + line + "/deliveries",
                "{\"tires\":[" + tires + "],\"counted\":\"" + counted + "\",\"steps\":[" + steps + "]}");
    }

    @Test
    @DisplayName(
            "a delivery is taken in by its sheet: count, looks and storing are each done by name or left out with a reason")
    void receivingSheet() {
        long line = order("Dogwood Supply", 2);
        String tire = "{\"dotCode\":\"7KB4AB5C3426\"}";
        Answer bare = deliver(line, tire, 2, "");
        assertThat(bare.at("counted")).contains("2 counted, but only 1 entered");
        assertThat(bare.at("steps.UNLOAD")).contains("or enter a reason");
        assertThat(bare.at("steps.STORE")).contains("or enter a reason");
        assertThat(line("Dogwood Supply").path("deliveries")).isEmpty();
        assertThat(deliver(line, tire, 1, LOOKED).status()).isEqualTo(200);
        JsonNode sheet = line("Dogwood Supply").path("checklists").get(0);
        assertThat(sheet.path("by").asString()).isEqualTo("Ines Okafor");
        assertThat(sheet.path("steps").toString())
                .contains("1 counted")
                .contains("Brand or paint the number, skipped: brand iron is lent out");
        assertThat(api.get("/api/orders/receiving-steps")
                        .body()
                        .get(0)
                        .path("title")
                        .asString())
                .isEqualTo("Count them against the delivery note");
    }

    @Test
    @DisplayName("a delivery as ordered goes to stock at the order's yard, at its price, with new tread")
    void asOrdered() {
        long line = order("Alder Supply", 2);
        Answer received = deliver(line, "{\"dotCode\":\"7KB4AB0C3426\"},{\"dotCode\":\"7KB4AB1C3426\"}");
        assertThat(received.body().path("tireIds")).hasSize(2);
        JsonNode tire = api.get(
                        "/api/tires/{id}",
                        received.body().path("tireIds").get(0).asLong())
                .body();
        assertThat(tire.path("where").path("label").asString()).isEqualTo("In stock, Millrace");
        assertThat(tire.path("price").asString()).isEqualTo("$180.00");
        assertThat(tire.path("facts").toString()).contains("14/32 in");
        assertThat(line("Alder Supply").path("accepted").asInt()).isEqualTo(2);
        assertThat(deliver(line, "{\"dotCode\":\"7KB4AB2C3426\"}").at("tires")).contains("0 of 2 are still to come");
    }

    @Test
    @DisplayName("an old or other tire is a difference: accepted by name, or refused with a reason")
    void differences() {
        long line = order("Birch Supply", 3);
        long other = model("Ossiveld Fellgrip");
        JsonNode checked = api.post(
                        "/api/orders/lines/" + line + "/check",
                        "{\"tires\":[{\"dotCode\":\"7KB4AB3C1025\"},{\"dotCode\":\"5FA7AB3C3426\",\"tireModelId\":%d}]}"
                                .formatted(other))
                .body()
                .path("tires");
        assertThat(checked.get(0).path("differences").toString()).contains("20 months ago");
        assertThat(checked.get(1).path("differences").toString())
                .contains("LT245/75R17 delivered, LT225/75R16 ordered")
                .contains("Ossiveld Fellgrip delivered, Brantholm Stowmere 4 ordered");
        assertThat(deliver(line, "{\"dotCode\":\"7KB4AB3C1025\"}").at("tires[0].dotCode"))
                .contains("Accept it with your name, or refuse it");
        assertThat(deliver(line, "{\"dotCode\":\"7KB4AB3C1025\",\"accepted\":false}")
                        .at("tires[0].note"))
                .contains("why");
        Answer decided = deliver(
                line,
                "{\"dotCode\":\"7KB4AB3C1025\",\"accepted\":true},{\"dotCode\":\"5FA7AB3C3426\",\"tireModelId\":%d,\"accepted\":false,\"note\":\"wrong size\"}"
                        .formatted(other));
        assertThat(decided.body().path("tireIds")).hasSize(1);
        assertThat(decided.body().path("refused").asInt()).isEqualTo(1);
        String deliveries = line("Birch Supply").path("deliveries").toString();
        assertThat(deliveries).contains("Ines Okafor").contains("wrong size").contains("20 months ago");
    }

    @Test
    @DisplayName("one wrong code in a delivery of two stores neither")
    void allOrNothing() {
        long line = order("Cedar Supply", 2);
        Answer refused = deliver(line, "{\"dotCode\":\"7KB4AB4C3426\"},{\"dotCode\":\"7KB4AB4C5426\"}");
        assertThat(refused.at("tires[1].dotCode")).contains("Week 54");
        assertThat(line("Cedar Supply").path("deliveries")).isEmpty();
    }

    @Test
    @DisplayName("an order without supplier, yard or lines is refused at its fields")
    void emptyOrder() {
        Answer refused = api.post("/api/orders", "{\"lines\":[]}");
        assertThat(refused.at("supplier")).isNotEmpty();
        assertThat(refused.at("yard")).isNotEmpty();
        assertThat(refused.at("lines")).isNotEmpty();
        assertThat(api.post(
                                "/api/orders",
                                "{\"supplier\":\"x\",\"yard\":\"y\",\"lines\":[{\"quantity\":0,\"price\":\"a lot\"}]}")
                        .at("lines[0].price"))
                .contains("price");
    }

    private JsonNode newest(String supplier) {
        return api.get("/api/orders")
                .body()
                .valueStream()
                .filter(order -> order.path("supplier").asString().equals(supplier))
                .max(Comparator.comparing(order -> order.path("id").asLong()))
                .orElseThrow();
    }

    @Test
    @DisplayName(
            "an order closed by mistake is opened again; one written by mistake is withdrawn, unless tires have come")
    void undone() {
        long line = order("Hazel Supply", 2);
        String path = "/api/orders/" + newest("Hazel Supply").path("id").asLong();
        assertThat(api.post(path + "/reopen", "").status()).isEqualTo(409);
        api.post(path + "/close", "");
        assertThat(api.post(path + "/reopen", "").status()).isEqualTo(204);
        assertThat(deliver(line, "{\"dotCode\":\"7KB4AB8C3426\"}").status()).isEqualTo(200);
        assertThat(api.post(path + "/withdraw", "").text()).contains("have come already");
        order("Hazel Supply", 2);
        String second = "/api/orders/" + newest("Hazel Supply").path("id").asLong();
        assertThat(api.post(second + "/withdraw", "").status()).isEqualTo(204);
        assertThat(newest("Hazel Supply").path("note").asString()).isEqualTo("withdrawn");
        assertThat(newest("Hazel Supply").path("closedAt").isMissingNode()).isFalse();
        assertThat(api.post(second + "/reopen", "").text()).contains("Order anew");
    }

    @Test
    @DisplayName("nothing is delivered against a closed order")
    void closed() {
        long line = order("Dogwood Supply", 1);
        long id = api.get("/api/orders")
                .body()
                .valueStream()
                .filter(order -> order.path("supplier").asString().equals("Dogwood Supply"))
                .findFirst()
                .orElseThrow()
                .path("id")
                .asLong();
        api.post("/api/orders/" + id + "/close", "");
        assertThat(deliver(line, "{\"dotCode\":\"7KB4AB5C3426\"}").status()).isEqualTo(409);
        assertThat(api.post("/api/orders/" + id + "/close", "").status()).isEqualTo(409);
    }
}
