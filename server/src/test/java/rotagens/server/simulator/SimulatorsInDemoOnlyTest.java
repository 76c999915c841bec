package rotagens.server.simulator;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import rotagens.server.WholeServer;

class SimulatorsInDemoOnlyTest {

    @TempDir
    Path folder;

    @Test
    @DisplayName("outside the demo no stand-in answers, so that no made-up figure comes on a real vehicle’s record")
    void run() throws Exception {
        try (WholeServer server = WholeServer.start(folder)) {
            HttpClient http = HttpClient.newHttpClient();
            String at = "http://127.0.0.1:" + server.port();
            HttpResponse<String> first = http.send(
                    HttpRequest.newBuilder(URI.create(at + "/api/session")).build(),
                    HttpResponse.BodyHandlers.ofString());
            String token = cookie(first, "XSRF-TOKEN");
            HttpResponse<String> made = http.send(
                    post(
                            at + "/api/first-account",
                            "XSRF-TOKEN=" + token,
                            token,
                            "{\"name\":\"Owner One\",\"password\":\"seven blue wheels\"}"),
                    HttpResponse.BodyHandlers.ofString());
            assertThat(made.statusCode()).isEqualTo(200);
            String fresh = cookie(made, "XSRF-TOKEN");
            String cookies = "rotagens-%d=%s".formatted(server.port(), cookie(made, "rotagens-" + server.port()))
                    + "; XSRF-TOKEN=" + fresh;
            for (String path : List.of("telematics", "forecast", "scale", "gateway", "gauge/reading")) {
                HttpResponse<String> answer = http.send(
                        post(at + "/api/simulators/" + path, cookies, fresh, "{\"vehicleId\":1}"),
                        HttpResponse.BodyHandlers.ofString());
                assertThat(answer.statusCode()).as(path + ": " + answer.body()).isEqualTo(404);
                assertThat(answer.body()).contains("in the demo only");
            }
        }
    }

    private static HttpRequest post(String address, String cookies, String token, String body) {
        return HttpRequest.newBuilder(URI.create(address))
                .header("Content-Type", "application/json")
                .header("Cookie", cookies)
                .header("X-XSRF-TOKEN", token)
                .POST(HttpRequest.BodyPublishers.ofString(body))
                .build();
    }

    private static String cookie(HttpResponse<String> answer, String name) {
        return answer.headers().allValues("Set-Cookie").stream()
                .filter(one -> one.startsWith(name + "=") && !one.startsWith(name + "=;"))
                .map(one -> one.substring(name.length() + 1, one.indexOf(';')))
                .reduce((before, last) -> last)
                .orElseThrow();
    }
}
