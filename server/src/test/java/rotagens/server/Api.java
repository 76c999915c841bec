package rotagens.server;

import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.mock.web.MockHttpSession;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Talks to the server as the interface does. */
public final class Api {

    /** What came back. */
    public record Answer(int status, String type, JsonNode body, String text) {

        /** The message at a field of a problem; empty text where that field wasn't wrong. */
        public String at(String field) {
            for (JsonNode wrong : body.path("fields")) {
                if (wrong.path("field").asString().equals(field)) {
                    return wrong.path("message").asString();
                }
            }
            return "";
        }
    }

    private final MockMvc http;
    private final JsonMapper json = JsonMapper.shared();
    private MockHttpSession session = new MockHttpSession();

    /** Signed in as the demo's coordinator. */
    public Api(MockMvc http) {
        this(http, "COORDINATOR");
    }

    private Api(MockMvc http, String role) {
        this.http = http;
        if (role != null) {
            for (JsonNode person : get("/api/session").body().path("demoPeople")) {
                if (person.path("role").asString().equals(role)) {
                    Answer in = post(
                            "/api/session/demo",
                            "{\"personId\":" + person.path("id").asLong() + "}");
                    if (in.status() != 200) {
                        throw new AssertionError(in.text());
                    }
                    return;
                }
            }
            throw new IllegalArgumentException(role);
        }
    }

    /** Signed in as one of the demo's people with this role. */
    public static Api as(MockMvc http, String role) {
        return new Api(http, role);
    }

    /** Not signed in. */
    public static Api asNobody(MockMvc http) {
        return new Api(http, null);
    }

    public Answer get(String path, Object... variables) {
        return send(org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get(path, variables));
    }

    public Answer post(String path, String body, String... headers) {
        return send(
                with(org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post(path), body, headers));
    }

    public Answer put(String path, String body, String... headers) {
        return send(with(org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put(path), body, headers));
    }

    public Answer delete(String path, String body, String... headers) {
        return send(
                with(org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete(path), body, headers));
    }

    /** Takes every open job off the plan, work begun taken back first: a test puts into the shop what it needs. */
    public void emptyShop() {
        for (JsonNode open : get("/api/jobs").body()) {
            if (takeOff(open).status() == 409) {
                takeBack(open.path("id").asLong());
                takeOff(open);
            }
        }
    }

    private Answer takeOff(JsonNode job) {
        return delete(
                "/api/jobs/" + job.path("id").asLong(),
                "",
                "If-Match",
                "\"" + job.path("version").asInt() + "\"");
    }

    /** Every step marked on a job's sheet is taken back, the last one first. */
    public void takeBack(long job) {
        JsonNode steps = get("/api/jobs/{id}/sheet", job).body().path("steps");
        for (int step = steps.size() - 1; step >= 0; step--) {
            if (!steps.get(step).path("by").isMissingNode()) {
                post(
                        "/api/jobs/" + job + "/sheet/steps/"
                                + steps.get(step).path("key").asString() + "/undo",
                        "");
            }
        }
    }

    /** The id of a vehicle of the demo fleet. */
    public long vehicle(String unit) {
        for (JsonNode tile : get("/api/fleet").body().path("vehicles")) {
            if (tile.path("unit").asString().equals(unit)) {
                return tile.path("id").asLong();
            }
        }
        throw new IllegalArgumentException(unit);
    }

    /** The session a browser would hold. */
    public MockHttpSession session() {
        return session;
    }

    /** Sends a file as it is. */
    public Answer send(String path, byte[] file) {
        return send(path, file, MediaType.APPLICATION_OCTET_STREAM);
    }

    /** Sends a file of a kind. */
    public Answer send(String path, byte[] file, MediaType kind) {
        return send(org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post(java.net.URI.create(path))
                .with(csrf())
                .contentType(kind)
                .content(file));
    }

    /** A file as it comes. */
    public byte[] file(String path) {
        try {
            return http.perform(org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get(path)
                            .session(session))
                    .andReturn()
                    .getResponse()
                    .getContentAsByteArray();
        } catch (Exception e) {
            throw new AssertionError(e);
        }
    }

    private static MockHttpServletRequestBuilder with(
            MockHttpServletRequestBuilder request, String body, String... headers) {
        request.with(csrf()).contentType(MediaType.APPLICATION_JSON).content(body);
        for (int at = 0; at < headers.length; at += 2) {
            request.header(headers[at], headers[at + 1]);
        }
        return request;
    }

    private Answer send(MockHttpServletRequestBuilder request) {
        try {
            if (session.isInvalid()) {
                session = new MockHttpSession();
            }
            MockHttpServletResponse response =
                    http.perform(request.session(session)).andReturn().getResponse();
            response.setCharacterEncoding("UTF-8");
            String text = response.getContentAsString();
            return new Answer(
                    response.getStatus(),
                    String.valueOf(response.getContentType()),
                    text.startsWith("{") || text.startsWith("[") ? json.readTree(text) : json.createObjectNode(),
                    text);
        } catch (Exception e) {
            throw new AssertionError(e);
        }
    }
}
