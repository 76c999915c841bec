package rotagens.server.notes;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import rotagens.server.Api;
import rotagens.server.ServerTest;
import tools.jackson.databind.JsonNode;

@ServerTest
class NotesTest {

    @Autowired
    MockMvc http;

    private Api technician;

    @BeforeEach
    void client() {
        technician = Api.as(http, "TECHNICIAN");
    }

    @Test
    @DisplayName("a note of a vehicle stands with its writer, newest first, and on no other vehicle")
    void vehicle() {
        long id = technician.vehicle("LC-04");
        technician.post("/api/vehicles/" + id + "/notes", "{\"text\":\"Step is bent, driver knows\"}");
        JsonNode notes = technician
                .post("/api/vehicles/" + id + "/notes", "{\"text\":\"Jack point marked in white\"}")
                .body();
        assertThat(notes.get(0).path("text").asString()).isEqualTo("Jack point marked in white");
        assertThat(notes.get(1).path("text").asString()).isEqualTo("Step is bent, driver knows");
        assertThat(notes.get(0).path("by").asString()).isNotBlank();
        assertThat(technician
                        .get("/api/vehicles/{id}/notes", technician.vehicle("LC-05"))
                        .body())
                .isEmpty();
        assertThat(technician
                        .post("/api/vehicles/" + id + "/notes", "{\"text\":\" \"}")
                        .at("text"))
                .contains("Write the note first");
        assertThat(technician
                        .post("/api/vehicles/999999/notes", "{\"text\":\"x\"}")
                        .status())
                .isEqualTo(404);
    }

    @Test
    @DisplayName("a note sent twice under one key is kept once")
    void once() {
        long id = technician.vehicle("VN-05");
        String path = "/api/vehicles/" + id + "/notes";
        technician.post(path, "{\"text\":\"Spare lock is stiff\"}", "Idempotency-Key", "note-1");
        technician.post(path, "{\"text\":\"Spare lock is stiff\"}", "Idempotency-Key", "note-1");
        assertThat(technician.get("/api/vehicles/{id}/notes", id).body()).hasSize(1);
    }

    @Test
    @DisplayName("a photo of a tire is kept and shown; what is no photo is refused in words")
    void photo() throws Exception {
        long tire = technician.get("/api/stock").body().get(0).path("tireId").asLong();
        ByteArrayOutputStream picture = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(40, 30, BufferedImage.TYPE_INT_RGB), "jpg", picture);
        assertThat(send("/api/tires/" + tire + "/notes/photos", picture.toByteArray())
                        .getStatus())
                .isEqualTo(200);
        JsonNode note = technician.get("/api/tires/{id}/notes", tire).body().get(0);
        assertThat(note.path("photo").asBoolean()).isTrue();
        MockHttpServletResponse shown = http.perform(MockMvcRequestBuilders.get(
                                "/api/notes/" + note.path("id").asLong() + "/photo")
                        .session(technician.session()))
                .andReturn()
                .getResponse();
        assertThat(ImageIO.read(new java.io.ByteArrayInputStream(shown.getContentAsByteArray()))
                        .getWidth())
                .isEqualTo(40);
        MockHttpServletResponse refused = send("/api/tires/" + tire + "/notes/photos", new byte[] {1, 2, 3});
        assertThat(refused.getStatus()).isEqualTo(422);
        assertThat(refused.getContentAsString()).contains("no photo the program can read");
        assertThat(send("/api/tires/999999/notes/photos", picture.toByteArray()).getStatus())
                .isEqualTo(404);
    }

    private MockHttpServletResponse send(String path, byte[] picture) throws Exception {
        return http.perform(MockMvcRequestBuilders.post(path)
                        .session(technician.session())
                        .with(SecurityMockMvcRequestPostProcessors.csrf())
                        .contentType(MediaType.IMAGE_JPEG)
                        .content(picture))
                .andReturn()
                .getResponse();
    }
}
