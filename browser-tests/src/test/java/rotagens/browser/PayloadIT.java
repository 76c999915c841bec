package rotagens.browser;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.LoadState;
import java.util.List;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/** What is typed stays text on every page, whatever it looks like to a browser. */
class PayloadIT extends OnDemoFleet {

    private static final String PAYLOAD = "<img src=x onerror=owned=1><script>owned=1</script>{{7*7}}${7*7}";

    private static final List<String> PAGES = List.of(
            "/fleet",
            "/today",
            "/questions",
            "/shop",
            "/shop/setup",
            "/shop/calendar",
            "/stock",
            "/stock/orders",
            "/stock/catalog",
            "/people",
            "/settings",
            "/labels?vehicles={id}",
            "/vehicles/{id}",
            "/vehicles/{id}/edit",
            "/vehicles/{id}/wear",
            "/vehicles/{id}/jobs",
            "/vehicles/{id}/history",
            "/vehicles/{id}/evidence",
            "/vehicles/{id}/driver-card");

    /** Sends what a form of the interface would; gives what came back. */
    private static Object send(Page page, String path, String body) {
        return page.evaluate("""
                async ([path, body]) => {
                  const token = decodeURIComponent(/XSRF-TOKEN=([^;]+)/.exec(document.cookie)[1])
                  const answer = await fetch(path, { method: 'POST', body,
                    headers: { 'Content-Type': 'application/json', 'X-XSRF-TOKEN': token } })
                  const said = await answer.text()
                  if (!answer.ok) throw new Error(path + ': ' + answer.status + ' ' + said)
                  return said === '' ? null : JSON.parse(said).id ?? null
                }""", List.of(path, body));
    }

    @Test
    @DisplayName(
            "markup and templates typed into a vehicle, a note, a model, a report, a supplier and a name are shown, never run")
    void shown() {
        Page page = open("/fleet", "Dana Prestwick, manager");
        String text = PAYLOAD.replace("\"", "\\\"");
        Object id = send(page, "/api/vehicles", """
                {"unit":"XS-01","vehicleClass":"%1$s","yard":"Millrace","type":"TRUCK","description":"%1$s",
                "gvwr":"26000 lb","hasWorkingSensors":false,"isParkedOutdoors":true,"placardLocation":"%1$s",
                "axles":[{"role":"STEER","tires":2},{"role":"DRIVE","tires":4}],"spares":0,"wheels":[]}""".formatted(text.substring(0, 50)));
        send(page, "/api/vehicles/" + id + "/notes", "{\"text\":\"" + text + "\"}");
        send(
                page,
                "/api/vehicles/" + id + "/events",
                "{\"type\":\"HARD_BRAKING\",\"day\":\"" + today(page) + "\",\"note\":\"" + text + "\"}");
        send(page, "/api/tire-models", """
                {"manufacturer":"%1$s","name":"%1$s","size":"245/70R19.5","service":"136/134M","range":"H",
                "isDirectional":false,"isSteerAllowed":true,"isTubeless":true,"originalDepth":"18/32"}""".formatted(text.substring(0, 40)));
        for (String path : PAGES) {
            page.navigate(product.at(path.replace("{id}", String.valueOf(id))));
            page.waitForLoadState(LoadState.NETWORKIDLE);
            assertThat(page.evaluate("() => typeof globalThis.owned")).as(path).isEqualTo("undefined");
            assertThat(page.locator("main img[src=x], main script").count())
                    .as(path)
                    .isZero();
        }
        page.navigate(product.at("/vehicles/" + id));
        page.waitForLoadState(LoadState.NETWORKIDLE);
        assertThat(page.locator("main").textContent())
                .contains("<img src=x onerror=owned=1>")
                .contains("{{7*7}}${7*7}");
        assertThat(chromium.complaints()).isEmpty();
    }
}
