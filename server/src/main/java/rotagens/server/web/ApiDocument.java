package rotagens.server.web;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.springframework.core.io.ClassPathResource;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The API described in OpenAPI, for whoever writes a program against it. */
@RestController
class ApiDocument {

    /** This document. */
    @GetMapping(path = "/api/openapi.json", produces = MediaType.APPLICATION_JSON_VALUE)
    String getApiDocument() throws IOException {
        return new ClassPathResource("api/openapi.json").getContentAsString(StandardCharsets.UTF_8);
    }
}
