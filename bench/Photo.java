import java.awt.image.BufferedImage;
import java.io.File;
import java.util.Random;
import javax.imageio.ImageIO;

/** Writes a JPEG of 48 million pixels, as a phone's camera takes it. Argument: the file. */
public class Photo {
    public static void main(String[] words) throws Exception {
        BufferedImage image = new BufferedImage(8_000, 6_000, BufferedImage.TYPE_INT_RGB);
        Random random = new Random(7);
        for (int x = 0; x < image.getWidth(); x += 8) {
            for (int y = 0; y < image.getHeight(); y += 8) {
                int color = random.nextInt(0x1000000);
                for (int i = 0; i < 64; i++) {
                    image.setRGB(x + i % 8, y + i / 8, color);
                }
            }
        }
        ImageIO.write(image, "jpg", new File(words[0]));
    }
}
