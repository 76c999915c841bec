package rotagens.server.photos;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import rotagens.server.Api;
import rotagens.server.Api.Answer;
import rotagens.server.ServerTest;
import tools.jackson.databind.JsonNode;

@ServerTest
class PhotoTest {

    private static final String SECRET_PLACE = "GPS 40.1234 N 88.5678 W";

    @Autowired
    MockMvc http;

    @Value("${rotagens.data}")
    Path data;

    private Api api;
    private long walk;

    @BeforeEach
    void walking() {
        api = new Api(http);
        walk = api.post("/api/vehicles/" + api.vehicle("SP-01") + "/walk-arounds", "{}")
                .body()
                .path("id")
                .asLong();
    }

    /** A JPEG as a camera writes it, lying on its side by its EXIF note, with a place in it. */
    private static byte[] photo(int width, int height) throws Exception {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        for (int x = 0; x < width; x++) {
            image.setRGB(x, 0, Color.RED.getRGB());
        }
        ByteArrayOutputStream plain = new ByteArrayOutputStream();
        ImageIO.write(image, "jpg", plain);
        byte[] tiff = {'M', 'M', 0, 42, 0, 0, 0, 8, 0, 1, 1, 18, 0, 3, 0, 0, 0, 1, 0, 6, 0, 0, 0, 0, 0, 0};
        byte[] place = SECRET_PLACE.getBytes(StandardCharsets.US_ASCII);
        int length = 2 + 6 + tiff.length + place.length;
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.write(plain.toByteArray(), 0, 2);
        out.write(new byte[] {(byte) 0xFF, (byte) 0xE1, (byte) (length >> 8), (byte) length});
        out.write("Exif\0\0".getBytes(StandardCharsets.US_ASCII));
        out.write(tiff);
        out.write(place);
        int header = 2 + 18; // a camera writes its own note in place of the plain one
        out.write(plain.toByteArray(), header, plain.size() - header);
        return out.toByteArray();
    }

    private Answer send(String position, byte[] file, String type) {
        return api.send(
                "/api/walk-arounds/" + walk + "/positions/" + position + "/photos",
                file,
                MediaType.parseMediaType(type));
    }

    @Test
    @DisplayName("a photo is kept upright, at most 1,600 pixels long, and without the place the camera wrote into it")
    void kept() throws Exception {
        byte[] file = photo(3_600, 1_800);
        assertThat(new String(file, StandardCharsets.ISO_8859_1)).contains(SECRET_PLACE);
        Answer sent = send("1L", file, "image/jpeg");
        assertThat(sent.status()).isEqualTo(200);
        assertThat(sent.body().path("height").asInt()).isEqualTo(1_600);
        assertThat(sent.body().path("width").asInt()).isEqualTo(800);
        byte[] back = api.file("/api/photos/" + sent.body().path("id").asLong());
        assertThat(new String(back, StandardCharsets.ISO_8859_1))
                .doesNotContain("GPS")
                .doesNotContain("Exif");
        BufferedImage upright = ImageIO.read(new ByteArrayInputStream(back));
        assertThat(upright.getHeight()).isEqualTo(1_600);
        byte[] small = api.file("/api/photos/" + sent.body().path("id").asLong() + "?small=true");
        assertThat(ImageIO.read(new ByteArrayInputStream(small)).getHeight()).isEqualTo(240);
    }

    @Test
    @DisplayName("a PNG is taken too, with or without transparency, and kept as JPEG")
    void png() throws Exception {
        for (int kind : new int[] {BufferedImage.TYPE_INT_ARGB, BufferedImage.TYPE_BYTE_GRAY}) {
            ByteArrayOutputStream file = new ByteArrayOutputStream();
            ImageIO.write(new BufferedImage(300, 200, kind), "png", file);
            Answer sent = send("2R", file.toByteArray(), "image/png");
            assertThat(sent.text()).contains("\"width\":300");
            byte[] back = api.file("/api/photos/" + sent.body().path("id").asLong());
            assertThat(back[0] & 0xFF).isEqualTo(0xFF);
            assertThat(back[1] & 0xFF).isEqualTo(0xD8);
        }
    }

    @Test
    @DisplayName("what isn't a photo is refused in words, and nothing of it stays in the data folder")
    void refused() throws Exception {
        for (byte[] file : new byte[][] {
            "<svg onload=alert(1)>".getBytes(StandardCharsets.US_ASCII), {}, {(byte) 0xFF, (byte) 0xD8, 1, 2}
        }) {
            Answer sent = send("1R", file, "image/jpeg");
            assertThat(sent.status()).isIn(400, 422);
        }
        assertThat(send("1R", "GIF89a".getBytes(StandardCharsets.US_ASCII), "image/gif")
                        .status())
                .isEqualTo(415);
        assertThat(send("9L", photo(40, 40), "image/jpeg").status()).isEqualTo(404);
        if (Files.isDirectory(data.resolve("photos"))) {
            try (var files = Files.list(data.resolve("photos"))) {
                assertThat(files.filter(one -> one.toString().endsWith(".part")))
                        .isEmpty();
            }
        }
    }

    @Test
    @DisplayName("once the walk is finished the photo is the tire's and stays; before, it can be taken away again")
    void tires() throws Exception {
        long gone = send("2L", photo(60, 40), "image/jpeg").body().path("id").asLong();
        assertThat(api.delete("/api/walk-arounds/" + walk + "/photos/" + gone, "")
                        .status())
                .isEqualTo(204);
        assertThat(api.get("/api/photos/" + gone).status()).isEqualTo(404);
        long stays = send("2L", photo(60, 40), "image/jpeg").body().path("id").asLong();
        api.put(
                "/api/walk-arounds/" + walk + "/positions/2L",
                "{\"pressure\":\"60\",\"thermalState\":\"COLD\",\"confirmed\":[\"pressure\"]}",
                "If-Match",
                "\"0\"");
        api.post("/api/walk-arounds/" + walk + "/finish", "{\"skipReason\":\"only this one\"}");
        assertThat(api.delete("/api/walk-arounds/" + walk + "/photos/" + stays, "")
                        .status())
                .isEqualTo(409);
        long tire = 0;
        for (JsonNode position :
                api.get("/api/vehicles/{id}", api.vehicle("SP-01")).body().path("positions")) {
            if (position.path("position")
                    .asString(position.path("code").asString(""))
                    .equals("2L")) {
                tire = position.path("tireId").asLong();
            }
        }
        assertThat(api.get("/api/tires/{id}", tire)
                        .body()
                        .path("photos")
                        .get(0)
                        .path("id")
                        .asLong())
                .isEqualTo(stays);
    }

    private long files() throws Exception {
        Path folder = data.resolve("photos");
        try (var all = Files.list(Files.createDirectories(folder))) {
            return all.count();
        }
    }

    @Test
    @DisplayName("a picture no record came to name leaves no file, and one sent twice is kept once")
    void nothingLeft() throws Exception {
        byte[] file = photo(400, 300);
        assertThat(send("1L", file, "image/jpeg").status()).isEqualTo(200);
        long before = files();
        assertThat(send("9L", file, "image/jpeg").status()).isNotEqualTo(200);
        assertThat(api.send("/api/jobs/999999/visit/photos", file, MediaType.IMAGE_JPEG)
                        .status())
                .isEqualTo(404);
        assertThat(files()).isEqualTo(before);
    }

    @Test
    @DisplayName("a photo of a note may be as large as a phone takes it")
    void largeNote() throws Exception {
        BufferedImage noisy = new BufferedImage(1_200, 900, BufferedImage.TYPE_INT_RGB);
        java.util.Random random = new java.util.Random(7);
        for (int x = 0; x < noisy.getWidth(); x++) {
            for (int y = 0; y < noisy.getHeight(); y++) {
                noisy.setRGB(x, y, random.nextInt());
            }
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(noisy, "jpg", out);
        assertThat(out.size()).isGreaterThan(300_000);
        assertThat(api.send(
                                "/api/vehicles/" + api.vehicle("SP-01") + "/notes/photos",
                                out.toByteArray(),
                                MediaType.IMAGE_JPEG)
                        .status())
                .isEqualTo(200);
    }

    @Test
    @DisplayName("a strip out of all proportion is refused in words")
    void strip() throws Exception {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(20_001, 2, BufferedImage.TYPE_INT_RGB), "jpg", out);
        assertThat(send("1L", out.toByteArray(), "image/jpeg").at("photo")).contains("20,000 pixels on a side");
    }
}
