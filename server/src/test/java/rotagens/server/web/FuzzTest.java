package rotagens.server.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpSession;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import rotagens.server.Api;
import rotagens.server.Noise;
import rotagens.server.ServerTest;
import rotagens.server.shop.BookingsNoiseTest;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Seeded noise into every address that takes something. {@code -Drotagens.fuzz=N} makes N of each. */
@ServerTest
class FuzzTest {

    private static final int EACH = Integer.getInteger("rotagens.fuzz", 12);
    private static final Duration LONGEST = Duration.ofSeconds(20);
    /** They sign the test itself out. */
    private static final Set<String> LEFT_OUT = Set.of("/api/session", "/api/session/demo", "/api/session/password");

    private static final String[] TEXTS = {
        "\"\"",
        "\" \"",
        "\"x\"",
        "\"1L\"",
        "\"80 psi\"",
        "\"-3\"",
        "\"1e999\"",
        "\"NaN\"",
        "\"2026-11-24\"",
        "\"2026-13-40\"",
        "\"9999999999999999999\"",
        "\"<b>'; DROP TABLE tire; --\"",
        "\"=1+1\"",
        "\"\\u0000\"",
        "\"٣³½\"",
        "\"LC-01\"",
        "\"" + "9".repeat(5_000) + "\"",
        "null",
        "0",
        "-1",
        "3.7",
        "1e308",
        "9223372036854775807",
        "true",
        "[]",
        "{}",
        "[null]",
        "[{}]",
        "[[[]]]",
        "{\"a\":1}"
    };

    @Autowired
    MockMvc http;

    private final Random random = new Random(23);
    private final Noise noise = new Noise(23);

    private int status(HttpMethod method, String address, MediaType type, byte[] body, MockHttpSession session)
            throws Exception {
        Instant from = Instant.now();
        int status = http.perform(MockMvcRequestBuilders.request(method, address)
                        .session(session)
                        .with(csrf())
                        .contentType(type)
                        .header("If-Match", "\"" + random.nextInt(3) + "\"")
                        .content(body))
                .andReturn()
                .getResponse()
                .getStatus();
        assertThat(Duration.between(from, Instant.now()))
                .as("%s %s", method, address)
                .isLessThan(LONGEST);
        return status;
    }

    private String value(JsonNode document, JsonNode schema, int depth) {
        JsonNode known =
                schema.has("$ref") ? document.at(schema.path("$ref").asString().substring(1)) : schema;
        if (random.nextInt(3) == 0 || depth > 4) {
            return TEXTS[random.nextInt(TEXTS.length)];
        }
        if (known.has("enum")) {
            JsonNode some = known.path("enum");
            return some.get(random.nextInt(some.size())).toString();
        }
        if (known.path("type").asString("").equals("array")) {
            List<String> items = new ArrayList<>();
            for (int at = random.nextInt(3); at >= 0; at--) {
                items.add(value(document, known.path("items"), depth + 1));
            }
            return "[" + String.join(",", items) + "]";
        }
        if (known.has("properties")) {
            List<String> fields = new ArrayList<>();
            for (Map.Entry<String, JsonNode> field : known.path("properties").properties()) {
                if (random.nextInt(8) > 0) {
                    fields.add("\"" + field.getKey() + "\":" + value(document, field.getValue(), depth + 1));
                }
            }
            return "{" + String.join(",", fields) + "}";
        }
        return switch (known.path("type").asString("")) {
            case "integer", "number" -> String.valueOf(random.nextInt(40));
            case "boolean" -> String.valueOf(random.nextBoolean());
            default -> TEXTS[random.nextInt(16)];
        };
    }

    @Test
    @DisplayName("no address answers with a failure of its own, whatever is sent to it")
    void everyAddress() throws Exception {
        JsonNode document = JsonMapper.shared().readTree(Files.readString(Path.of("../frontend/openapi.json")));
        MockHttpSession session = Api.as(http, "MANAGER").session();
        List<String> broken = new ArrayList<>();
        for (Map.Entry<String, JsonNode> path : document.path("paths").properties()) {
            for (Map.Entry<String, JsonNode> call : path.getValue().properties()) {
                HttpMethod method = HttpMethod.valueOf(call.getKey().toUpperCase(java.util.Locale.ROOT));
                JsonNode schema = call.getValue().at("/requestBody/content/application~1json/schema");
                if (LEFT_OUT.contains(path.getKey()) || method == HttpMethod.GET || schema.isMissingNode()) {
                    continue;
                }
                for (int time = 0; time < EACH; time++) {
                    String address = path.getKey()
                            .replace("{kind}", "TIRES")
                            .replace("{number}", "PULL_OTHER")
                            .replace("{position}", "1L")
                            .replaceAll("\\{[a-zA-Z]+}", String.valueOf(1 + random.nextInt(30)));
                    String body = value(document, schema, 0);
                    int status = status(
                            method,
                            address,
                            MediaType.APPLICATION_JSON,
                            body.getBytes(StandardCharsets.UTF_8),
                            session);
                    if (status >= 500) {
                        broken.add(method + " " + address + " " + body.substring(0, Math.min(300, body.length())));
                    }
                }
            }
        }
        assertThat(broken).isEmpty();
    }

    @Test
    @DisplayName("damaged files of every kind are read or refused with words")
    void files() throws Exception {
        MockHttpSession session = Api.as(http, "MANAGER").session();
        String calendar = BookingsNoiseTest.CALENDAR;
        Map<String, String> files = Map.of(
                "/api/imports/VEHICLES?dryRun=true",
                "unit,class,yard,kind,gvwr,axles\nBX-1,Box truck,Yard 1,truck,26000 lb,steer 2 | drive 4\n",
                "/api/imports/TIRES?dryRun=true",
                "number,dot,maker,model,sidewall,unit,position\nT1,4B9HKL213522,Larkfell,Hill 3,245/70R19.5 136/134M H,LC-01,1L\n",
                "/api/imports/ODOMETERS?dryRun=true",
                "unit,day,odometer\nLC-01,2026-11-20,63000 mi\n",
                "/api/imports/READINGS?dryRun=true",
                "unit,position,day,pressure,warmth,outer,center,inner\nLC-01,1L,2026-11-20,108 psi,cold,12/32 in,11,12\n");
        List<String> broken = new ArrayList<>();
        for (int time = 0; time < EACH * 4; time++) {
            for (Map.Entry<String, String> file : files.entrySet()) {
                byte[] body = noise.damagedFile(file.getValue());
                if (status(HttpMethod.POST, file.getKey(), MediaType.APPLICATION_OCTET_STREAM, body, session) >= 500) {
                    broken.add(file.getKey() + " " + new String(body, StandardCharsets.UTF_8));
                }
            }
            byte[] body = noise.damagedFile(calendar);
            if (status(HttpMethod.POST, "/api/calendar/bookings", MediaType.valueOf("text/calendar"), body, session)
                    >= 500) {
                broken.add(new String(body, StandardCharsets.UTF_8));
            }
        }
        assertThat(broken).isEmpty();
    }
}
