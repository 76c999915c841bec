package rotagens.server.security;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpSession;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import rotagens.server.Api;
import rotagens.server.ServerTest;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Walks every endpoint of the API document with each role and with none. */
@ServerTest
class AccessRulesTest {

    /** What anybody may ask without signing in: signing in itself, and nothing else. */
    private static final Set<String> PUBLIC = Set.of(
            "GET /api/calendar/feed/{code}/shop.ics",
            "GET /api/session",
            "POST /api/session",
            "DELETE /api/session",
            "POST /api/session/demo",
            "POST /api/first-account",
            "POST /api/first-account/export",
            "GET /api/driver-reports/{code}",
            "POST /api/driver-reports/{code}");

    /** The least role where it isn't the rule of thumb: looking is for viewers, writing for coordinators. */
    private static final Map<String, String> LEAST = Map.ofEntries(
            Map.entry("GET /api/export", "MANAGER"),
            Map.entry("GET /api/backups", "MANAGER"),
            Map.entry("POST /api/backups", "MANAGER"),
            Map.entry("POST /api/clock", "MANAGER"),
            Map.entry("POST /api/policy/{number}/outlook", "MANAGER"),
            Map.entry("PUT /api/policy/{number}", "MANAGER"),
            Map.entry("POST /api/people", "MANAGER"),
            Map.entry("PUT /api/people/{id}", "MANAGER"),
            Map.entry("PUT /api/people/{id}/password", "MANAGER"),
            Map.entry("PUT /api/session/units", "VIEWER"),
            Map.entry("PUT /api/session/password", "VIEWER"),
            Map.entry("POST /api/readings/{id}/void", "TECHNICIAN"),
            Map.entry("POST /api/reports/{id}/checks", "TECHNICIAN"),
            Map.entry("POST /api/parse/sidewall", "VIEWER"),
            Map.entry("POST /api/parse/dot-code", "VIEWER"),
            Map.entry("POST /api/parse/tire-model", "VIEWER"),
            Map.entry("POST /api/jobs/{id}/completion", "TECHNICIAN"),
            Map.entry("PUT /api/jobs/{id}/items/{itemId}/tire", "TECHNICIAN"),
            Map.entry("POST /api/vehicles/{vehicleId}/walk-arounds", "TECHNICIAN"),
            Map.entry("POST /api/vehicles/{id}/tires", "TECHNICIAN"),
            Map.entry("POST /api/vehicles/{id}/notes", "TECHNICIAN"),
            Map.entry("POST /api/vehicles/{id}/notes/photos", "TECHNICIAN"),
            Map.entry("POST /api/tires/{id}/notes", "TECHNICIAN"),
            Map.entry("POST /api/tires/{id}/notes/photos", "TECHNICIAN"),
            Map.entry("PUT /api/settings", "MANAGER"),
            Map.entry("POST /api/morning-digest", "MANAGER"),
            Map.entry("PUT /api/walk-arounds/{id}/positions/{position}", "TECHNICIAN"),
            Map.entry("POST /api/walk-arounds/{id}/finish", "TECHNICIAN"),
            Map.entry("POST /api/walk-arounds/{id}/positions/{position}/photos", "TECHNICIAN"),
            Map.entry("DELETE /api/walk-arounds/{id}/photos/{photo}", "TECHNICIAN"),
            Map.entry("POST /api/vehicles/{id}/odometer", "TECHNICIAN"),
            Map.entry("POST /api/vehicles/{id}/odometer/{readingId}/correction", "TECHNICIAN"),
            Map.entry("POST /api/tires", "TECHNICIAN"),
            Map.entry("PUT /api/tires/{id}", "TECHNICIAN"),
            Map.entry("POST /api/tires/{id}/dot", "TECHNICIAN"),
            Map.entry("POST /api/tires/{id}/installation", "TECHNICIAN"),
            Map.entry("POST /api/tires/{id}/install-check", "TECHNICIAN"),
            Map.entry("POST /api/tires/{id}/swap", "TECHNICIAN"),
            Map.entry("POST /api/tires/{id}/storage", "TECHNICIAN"),
            Map.entry("POST /api/tires/{id}/storage/undo", "TECHNICIAN"),
            Map.entry("POST /api/tires/{id}/retread-return", "TECHNICIAN"),
            Map.entry("POST /api/movements/{id}/correct", "TECHNICIAN"),
            Map.entry("POST /api/policy/{number}/preview", "MANAGER"),
            Map.entry("PUT /api/policy-choices/{choice}", "MANAGER"),
            Map.entry("POST /api/parse/scale-ticket", "VIEWER"),
            Map.entry("POST /api/parse/load-chart", "VIEWER"),
            Map.entry("POST /api/calculator", "VIEWER"),
            Map.entry("GET /api/vehicles/{id}/driver-card", "COORDINATOR"),
            Map.entry("POST /api/vehicles/{id}/events", "TECHNICIAN"),
            Map.entry("POST /api/vehicles/{id}/scale-tickets", "TECHNICIAN"),
            Map.entry("POST /api/vehicles/{id}/rotation/proposal", "VIEWER"),
            Map.entry("POST /api/vehicles/{id}/rotation/evaluation", "VIEWER"),
            Map.entry("POST /api/vehicles/{id}/rotation/replacement", "VIEWER"),
            Map.entry("PUT /api/vehicles/{id}/sensors/{position}", "TECHNICIAN"),
            Map.entry("PUT /api/jobs/{id}/sheet", "TECHNICIAN"),
            Map.entry("POST /api/jobs/{id}/sheet/steps/{step}", "TECHNICIAN"),
            Map.entry("POST /api/jobs/{id}/sheet/steps/{step}/skip", "TECHNICIAN"),
            Map.entry("POST /api/jobs/{id}/sheet/steps/{step}/undo", "TECHNICIAN"),
            Map.entry("POST /api/jobs/{id}/sheet/hand-over", "TECHNICIAN"),
            Map.entry("POST /api/jobs/{id}/sheet/completion", "TECHNICIAN"),
            Map.entry("POST /api/jobs/{id}/visit", "TECHNICIAN"),
            Map.entry("POST /api/jobs/{id}/visit/photos", "TECHNICIAN"),
            Map.entry("POST /api/jobs/{id}/visit/hand-over", "TECHNICIAN"),
            Map.entry("POST /api/wished-work", "COORDINATOR"),
            Map.entry("POST /api/parts/counts", "TECHNICIAN"),
            Map.entry("POST /api/parts/deliveries", "TECHNICIAN"),
            Map.entry("PUT /api/parts/levels", "COORDINATOR"),
            Map.entry("POST /api/vehicles/{id}/relearn", "TECHNICIAN"),
            Map.entry("POST /api/vehicles/{id}/relearn/events", "TECHNICIAN"),
            Map.entry("POST /api/vehicles/{id}/relearn/end", "TECHNICIAN"),
            Map.entry("POST /api/vehicles/{id}/dash-gauge-comparison", "TECHNICIAN"),
            Map.entry("GET /api/vehicles/{id}/pdf/driver-card.pdf", "COORDINATOR"),
            Map.entry("POST /api/simulators/sensor-system/{vehicleId}", "TECHNICIAN"),
            Map.entry("POST /api/simulators/sensor-system/{vehicleId}/ignition", "TECHNICIAN"),
            Map.entry("POST /api/simulators/sensor-system/{vehicleId}/learn-mode", "TECHNICIAN"),
            Map.entry("POST /api/simulators/sensor-system/{vehicleId}/trigger", "TECHNICIAN"),
            Map.entry("POST /api/simulators/sensor-system/{vehicleId}/timeout", "TECHNICIAN"),
            Map.entry("POST /api/simulators/sensor-system/{vehicleId}/inflation", "TECHNICIAN"),
            Map.entry("POST /api/simulators/sensor-system/{vehicleId}/reading", "TECHNICIAN"),
            Map.entry("POST /api/vehicles/{id}/body-changes", "TECHNICIAN"),
            Map.entry("PUT /api/vehicles/{id}/axles/{axle}/warning-threshold", "TECHNICIAN"),
            Map.entry("POST /api/vehicles/{id}/axles/{axle}/chalk-test", "TECHNICIAN"),
            Map.entry("POST /api/vehicles/{id}/pressure-round/{position}", "TECHNICIAN"),
            Map.entry("POST /api/vehicles/{id}/pressure-round/{position}/advice", "TECHNICIAN"),
            Map.entry("GET /api/gauge/events", "TECHNICIAN"),
            Map.entry("GET /api/machine-tokens", "MANAGER"),
            Map.entry("POST /api/machine-tokens", "MANAGER"),
            Map.entry("DELETE /api/machine-tokens/{id}", "MANAGER"),
            Map.entry("GET /api/webhooks", "MANAGER"),
            Map.entry("POST /api/webhooks", "MANAGER"),
            Map.entry("DELETE /api/webhooks/{id}", "MANAGER"),
            Map.entry("POST /api/ingest/odometers", "COORDINATOR"),
            Map.entry("POST /api/ingest/pressures", "COORDINATOR"),
            Map.entry("POST /api/ingest/sensor-alarms", "COORDINATOR"),
            Map.entry("POST /api/ingest/gauge-readings", "TECHNICIAN"),
            Map.entry("POST /api/simulators/gateway", "TECHNICIAN"),
            Map.entry("POST /api/simulators/gateway/stream", "TECHNICIAN"),
            Map.entry("GET /api/simulators/gateway/stream", "MANAGER"),
            Map.entry("GET /api/simulators/receiver", "MANAGER"),
            Map.entry("POST /api/ingest/scale-tickets", "TECHNICIAN"),
            Map.entry("POST /api/simulators/scale", "TECHNICIAN"),
            Map.entry("POST /api/simulators/gauge/reading", "TECHNICIAN"),
            Map.entry("POST /api/simulators/gauge/disconnect", "TECHNICIAN"),
            Map.entry("GET /api/calendar/feeds", "COORDINATOR"),
            Map.entry("POST /api/calendar/bookings/{importId}/undo", "COORDINATOR"),
            Map.entry("POST /api/simulators/telematics", "TECHNICIAN"),
            Map.entry("POST /api/simulators/forecast", "TECHNICIAN"),
            Map.entry("POST /api/outlook", "VIEWER"),
            Map.entry("POST /api/outlook/vehicles/{id}/timelines", "VIEWER"),
            Map.entry("POST /api/discount-programs", "MANAGER"),
            Map.entry("POST /api/orders/lines/{id}/check", "TECHNICIAN"),
            Map.entry("POST /api/orders/lines/{id}/deliveries", "TECHNICIAN"));

    private static final List<String> ROLES = List.of("VIEWER", "TECHNICIAN", "COORDINATOR", "MANAGER");

    @Autowired
    MockMvc http;

    private record Endpoint(HttpMethod method, String path) {
        String name() {
            return method + " " + path;
        }

        String least() {
            return LEAST.getOrDefault(name(), method == HttpMethod.GET ? "VIEWER" : "COORDINATOR");
        }
    }

    private static List<Endpoint> endpoints() throws Exception {
        JsonNode document = JsonMapper.shared().readTree(Files.readString(Path.of("../frontend/openapi.json")));
        List<Endpoint> all = new ArrayList<>();
        document.path("paths")
                .properties()
                .forEach(path -> path.getValue()
                        .properties()
                        .forEach(call -> all.add(
                                new Endpoint(HttpMethod.valueOf(call.getKey().toUpperCase()), path.getKey()))));
        return all;
    }

    private int status(Endpoint endpoint, MockHttpSession session) throws Exception {
        String address = endpoint.path()
                .replace("{kind}", "TIRES")
                .replace("{number}", "PULL_OTHER")
                .replace("{position}", "9L")
                .replaceAll("\\{[a-zA-Z]+}", "999999");
        var request = MockMvcRequestBuilders.request(endpoint.method(), address)
                .with(csrf())
                .contentType(MediaType.APPLICATION_JSON)
                .content("{}")
                .header("If-Match", "\"1\"");
        return http.perform(session == null ? request : request.session(session))
                .andReturn()
                .getResponse()
                .getStatus();
    }

    @Test
    @DisplayName("without signing in, nothing but signing in is answered")
    void nobody() throws Exception {
        assertThat(endpoints()).hasSizeGreaterThan(50);
        for (Endpoint endpoint : endpoints()) {
            if (PUBLIC.contains(endpoint.name())) {
                assertThat(status(endpoint, null)).as(endpoint.name()).isNotEqualTo(401);
            } else {
                assertThat(status(endpoint, null)).as(endpoint.name()).isEqualTo(401);
            }
        }
    }

    @Test
    @DisplayName("each role may do what is its own and what is below, and nothing above")
    void roles() throws Exception {
        for (String role : ROLES) {
            for (Endpoint endpoint : endpoints()) {
                if (PUBLIC.contains(endpoint.name())) {
                    continue;
                }
                int status = status(endpoint, Api.as(http, role).session());
                boolean allowed = ROLES.indexOf(role) >= ROLES.indexOf(endpoint.least());
                if (allowed) {
                    assertThat(status).as("%s as %s", endpoint.name(), role).isNotIn(401, 403, 500);
                } else {
                    assertThat(status).as("%s as %s", endpoint.name(), role).isEqualTo(403);
                }
            }
        }
    }

    @Test
    @DisplayName("an address nobody thought of is denied to everybody")
    void unknownAddress() throws Exception {
        assertThat(status(
                        new Endpoint(HttpMethod.POST, "/api/anything"),
                        Api.as(http, "MANAGER").session()))
                .isEqualTo(403);
        assertThat(Stream.of(HttpMethod.PUT, HttpMethod.DELETE, HttpMethod.PATCH)
                        .map(method -> {
                            try {
                                return status(
                                        new Endpoint(method, "/yard"),
                                        Api.as(http, "MANAGER").session());
                            } catch (Exception e) {
                                throw new AssertionError(e);
                            }
                        }))
                .containsOnly(403);
    }
}
