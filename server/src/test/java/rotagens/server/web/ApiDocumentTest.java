package rotagens.server.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import io.swagger.v3.core.converter.ModelConverters;
import io.swagger.v3.oas.models.media.Content;
import io.swagger.v3.oas.models.media.MediaType;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.responses.ApiResponse;
import io.swagger.v3.oas.models.security.SecurityRequirement;
import io.swagger.v3.oas.models.security.SecurityScheme;
import java.lang.reflect.RecordComponent;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springdoc.core.customizers.OperationCustomizer;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.TestConfiguration;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.ClassPathScanningCandidateComponentProvider;
import org.springframework.context.annotation.Import;
import org.springframework.test.web.servlet.MockMvc;
import rotagens.server.Api;
import rotagens.server.ServerTest;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/**
 * The interface's types are generated from frontend/openapi.json. This test fails when that file no longer says what the
 * server does; {@code ./rotagens api} writes it anew.
 */
@ServerTest
@Import(ApiDocumentTest.Document.class)
class ApiDocumentTest {

    private static final Path KEPT = Path.of("../frontend/openapi.json");

    @Autowired
    MockMvc http;

    @Test
    @DisplayName("the API document the interface is built on says what the server does")
    void keptDocumentIsCurrent() throws Exception {
        String made =
                http.perform(get("/v3/api-docs")).andReturn().getResponse().getContentAsString();
        JsonMapper json =
                JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();
        String document = json.writeValueAsString(json.readTree(made)) + "\n";
        if (Boolean.getBoolean("rotagens.writeApi")) {
            Files.writeString(KEPT, document);
        }
        assertThat(Files.readString(KEPT)).isEqualTo(document);
    }

    @Test
    @DisplayName("the program serves its document to whoever is signed in, with how to sign in and how machines do")
    void served() throws Exception {
        JsonNode served = new Api(http).get("/api/openapi.json").body();
        assertThat(served.path("paths")
                        .path("/api/ingest/pressures")
                        .path("post")
                        .path("security")
                        .toString())
                .contains("machineToken");
        assertThat(served.path("components")
                        .path("securitySchemes")
                        .path("machineToken")
                        .path("scheme")
                        .asString())
                .isEqualTo("bearer");
    }

    @TestConfiguration
    static class Document {

        private static void secured(io.swagger.v3.oas.models.OpenAPI document) {
            document.getComponents()
                    .addSecuritySchemes(
                            "session",
                            new SecurityScheme()
                                    .type(SecurityScheme.Type.APIKEY)
                                    .in(SecurityScheme.In.COOKIE)
                                    .name("rotagens-8484")
                                    .description(
                                            "Of whoever is signed in, with the port in its name; a write carries the token of the cookie"
                                                    + " XSRF-TOKEN in the header X-XSRF-TOKEN."))
                    .addSecuritySchemes(
                            "machineToken",
                            new SecurityScheme()
                                    .type(SecurityScheme.Type.HTTP)
                                    .scheme("bearer")
                                    .description("Of a machine; it may send what its token names."));
            document.setSecurity(List.of(new SecurityRequirement().addList("session")));
            document.getPaths().forEach((path, item) -> {
                if (path.startsWith("/api/ingest/")) {
                    item.readOperations()
                            .forEach(operation -> operation.setSecurity(List.of(
                                    new SecurityRequirement().addList("machineToken"),
                                    new SecurityRequirement().addList("session"))));
                }
            });
        }

        @Bean
        OperationCustomizer words() {
            return ApiWords::told;
        }

        /** Components are there unless marked nullable; every call may answer with a problem. */
        @Bean
        OpenApiCustomizer exactTypes() {
            Map<String, List<Class<?>>> records = records();
            return document -> {
                document.setServers(List.of(new io.swagger.v3.oas.models.servers.Server()
                        .url("/")
                        .description("The installation that serves this document")));
                document.getInfo()
                        .title("Rotagens")
                        .version("1")
                        .license(new io.swagger.v3.oas.models.info.License()
                                .name("Apache-2.0")
                                .identifier("Apache-2.0"))
                        .description(
                                "The fleet’s tires, their readings and the work due. People sign in; machines send by a"
                                        + " token to the paths under /api/ingest. Whatever is refused is told as a problem"
                                        + " (RFC 9457), each wrong entry at its field.");
                secured(document);
                ApiWords.capabilities(document);
                document.getComponents().getSchemas().forEach((name, schema) -> {
                    for (Class<?> type : records.getOrDefault(name, List.of())) {
                        require(schema, type);
                    }
                });
                ModelConverters.getInstance(true).readAll(Problem.class).forEach((name, schema) -> {
                    records.getOrDefault(name, List.of()).forEach(type -> require(schema, type));
                    if (name.equals("Problem")) {
                        schema.setRequired(List.of("detail", "fields", "status", "title", "type"));
                    }
                    document.getComponents().addSchemas(name, schema);
                });
                Content problem = new Content()
                        .addMediaType(
                                "application/problem+json",
                                new MediaType().schema(new Schema<>().$ref("#/components/schemas/Problem")));
                document.getPaths()
                        .values()
                        .forEach(path -> path.readOperations()
                                .forEach(call -> call.getResponses()
                                        .addApiResponse("4XX", problem("What was sent is refused", problem))
                                        .addApiResponse("default", problem("A problem", problem))));
            };
        }

        private static ApiResponse problem(String about, Content content) {
            return new ApiResponse().description(about).content(content);
        }

        /** Several records may share a simple name; the one with the schema's own properties is meant. */
        private static void require(Schema<?> schema, Class<?> type) {
            List<String> names = Arrays.stream(type.getRecordComponents())
                    .map(RecordComponent::getName)
                    .toList();
            if (schema.getProperties() != null
                    && schema.getProperties().keySet().equals(java.util.Set.copyOf(names))) {
                schema.setRequired(Arrays.stream(type.getRecordComponents())
                        .filter(component -> !nullable(component))
                        .map(RecordComponent::getName)
                        .toList());
            }
        }

        private static boolean nullable(RecordComponent component) {
            return component.getAnnotatedType().isAnnotationPresent(Nullable.class);
        }

        private static Map<String, List<Class<?>>> records() {
            ClassPathScanningCandidateComponentProvider scan = new ClassPathScanningCandidateComponentProvider(false) {
                @Override
                protected boolean isCandidateComponent(
                        org.springframework.beans.factory.annotation.AnnotatedBeanDefinition definition) {
                    return true;
                }
            };
            scan.addIncludeFilter((reader, factory) ->
                    "java.lang.Record".equals(reader.getClassMetadata().getSuperClassName()));
            Map<String, List<Class<?>>> records = new HashMap<>();
            scan.findCandidateComponents("rotagens.server").forEach(found -> {
                try {
                    Class<?> type = Class.forName(found.getBeanClassName());
                    records.computeIfAbsent(type.getSimpleName(), name -> new java.util.ArrayList<>())
                            .add(type);
                } catch (ClassNotFoundException e) {
                    throw new IllegalStateException(e);
                }
            });
            return records;
        }
    }
}
