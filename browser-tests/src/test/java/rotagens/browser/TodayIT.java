package rotagens.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import javax.imageio.ImageIO;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A technician's phone in the yard: the day, the way round, a label and the camera. */
class TodayIT extends OnDemoFleet {

    private static final int HEADER = 56;
    private static final int TARGET = 48;

    @Test
    @DisplayName("a technician on a phone starts with the day; header, bar and buttons are made for a thumb")
    void day() {
        Page desk = open("/fleet", COORDINATOR);
        WorkshopIT.schedule(open("/vehicles/{LC-03}", COORDINATOR), "Bulge");
        Page phone = open("/", TECHNICIAN, 390);
        assertThat(phone.getByRole(AriaRole.HEADING, named("Today"))).isVisible();
        Assertions.assertThat(phone.locator("header").boundingBox().height).isLessThanOrEqualTo(HEADER);
        Locator bar = phone.getByRole(AriaRole.NAVIGATION, named("Main"));
        for (String word : new String[] {"Today", "Yard", "Scan", "Offline", "More"}) {
            Assertions.assertThat(bar.getByText(word).boundingBox().height).isGreaterThanOrEqualTo(TARGET);
        }
        Locator start = phone.getByRole(AriaRole.BUTTON, named("Start the walk-around of"))
                .first();
        Assertions.assertThat(start.boundingBox().height).isGreaterThanOrEqualTo(TARGET);
        assertThat(phone.getByRole(AriaRole.REGION, named("Do not operate"))).isVisible();
        bar.getByText("More").click();
        phone.getByRole(AriaRole.MENUITEM, named("Stock")).click();
        assertThat(phone.getByRole(AriaRole.HEADING, named("Stock")).first()).isVisible();
        desk.close();
    }

    @Test
    @DisplayName("the camera held on a printed label opens its vehicle; typing opens it without a camera")
    void scan(@TempDir Path folder) throws IOException {
        Page labels = open("/labels?vehicles=" + product.at("/{LC-03}").replaceAll(".*\\D", ""), COORDINATOR);
        Locator label = labels.locator("img[alt='Code that opens LC-03']");
        assertThat(label).isVisible();
        Path film = folder.resolve("label.y4m");
        Files.write(film, film(label.screenshot()));
        try (Chromium seeing = Chromium.seeing(film)) {
            Page phone = seeing.open(product.address(), 390, 844);
            signIn(phone, TECHNICIAN);
            phone.getByText("Scan", new Page.GetByTextOptions().setExact(true)).click();
            assertThat(phone).hasURL(product.at("/vehicles/{LC-03}"));
        }
        Page blind = open("/scan", TECHNICIAN, 390);
        blind.getByLabel("Unit, tire number or DOT code").fill("LC-03");
        blind.getByRole(AriaRole.LINK, named("LC-03")).first().click();
        assertThat(blind.getByRole(AriaRole.HEADING, named("LC-03")).first()).isVisible();
    }

    /** A picture as a film of a few frames, gray, in the format Chromium's stand-in for a camera plays over and over. */
    private static byte[] film(byte[] picture) throws IOException {
        int width = 640;
        int height = 480;
        BufferedImage label = ImageIO.read(new ByteArrayInputStream(picture));
        BufferedImage frame = new BufferedImage(width, height, BufferedImage.TYPE_BYTE_GRAY);
        Graphics2D paint = frame.createGraphics();
        paint.setColor(java.awt.Color.LIGHT_GRAY);
        paint.fillRect(0, 0, width, height);
        double scale = Math.min(400.0 / label.getWidth(), 400.0 / label.getHeight());
        paint.drawImage(label, 120, 40, (int) (label.getWidth() * scale), (int) (label.getHeight() * scale), null);
        paint.dispose();
        ByteArrayOutputStream film = new ByteArrayOutputStream();
        film.write(
                ("YUV4MPEG2 W" + width + " H" + height + " F10:1 Ip A1:1 C420\n").getBytes(StandardCharsets.US_ASCII));
        byte[] chroma = new byte[width * height / 2];
        java.util.Arrays.fill(chroma, (byte) 128);
        for (int number = 0; number < 5; number++) {
            film.write("FRAME\n".getBytes(StandardCharsets.US_ASCII));
            for (int y = 0; y < height; y++) {
                for (int x = 0; x < width; x++) {
                    film.write(frame.getRaster().getSample(x, y, 0));
                }
            }
            film.write(chroma);
        }
        return film.toByteArray();
    }
}
