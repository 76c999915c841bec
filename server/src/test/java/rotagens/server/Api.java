package rotagens.server;

import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletResponse;
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

    public Api(MockMvc http) {
        this.http = http;
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

    /** The id of a vehicle of the demo fleet. */
    public long vehicle(String unit) {
        for (JsonNode tile : get("/api/yard").body().path("vehicles")) {
            if (tile.path("unit").asString().equals(unit)) {
                return tile.path("id").asLong();
            }
        }
        throw new IllegalArgumentException(unit);
    }

    /** The id of somebody who may sign. */
    public long person() {
        return get("/api/people").body().get(0).path("id").asLong();
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
            MockHttpServletResponse response = http.perform(request).andReturn().getResponse();
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
