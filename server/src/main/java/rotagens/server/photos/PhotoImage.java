package rotagens.server.photos;

import static rotagens.server.photos.PhotosWords.WORDS;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Iterator;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import net.coobird.thumbnailator.Thumbnails;
import net.coobird.thumbnailator.util.exif.ExifFilterUtils;
import net.coobird.thumbnailator.util.exif.ExifUtils;
import net.coobird.thumbnailator.util.exif.Orientation;
import rotagens.core.measure.InvalidInputException;

/**
 * A photo as it is kept: upright, at most 1,600 pixels on its longer side, written afresh as JPEG so that nothing a camera wrote
 * beside the picture, its location above all, is kept.
 */
record PhotoImage(byte[] jpeg, int width, int height) {

    static final int LONGEST = 1_600;
    static final int SMALL = 240;
    private static final long MOST_PIXELS = 60_000_000;
    /** Nothing a camera takes is longer; a strip one pixel high would be read out of all proportion. */
    private static final long LONGEST_SIDE = 20_000;

    private static final double QUALITY = 0.82;

    /** Reads a JPEG or PNG. Refuses what isn't one, or is too large to be a photo of a tire. */
    static PhotoImage read(byte[] file) {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(file))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                throw unreadable();
            }
            ImageReader reader = readers.next();
            try {
                reader.setInput(in, false, false);
                return read(reader);
            } finally {
                reader.dispose();
            }
        } catch (InvalidInputException tooLarge) {
            throw tooLarge;
        } catch (IOException | IllegalArgumentException | IndexOutOfBoundsException e) {
            throw unreadable(); // a damaged file says so in many ways
        }
    }

    private static PhotoImage read(ImageReader reader) throws IOException {
        long width = reader.getWidth(0);
        long height = reader.getHeight(0);
        if (Math.max(width, height) > LONGEST_SIDE) {
            throw new InvalidInputException(WORDS.say("photoMayBeAtMost"));
        }
        if (width * height > MOST_PIXELS) {
            throw new InvalidInputException(WORDS.say("photoMayHaveAtMost"));
        }
        Orientation orientation = orientation(reader);
        ImageReadParam coarse = reader.getDefaultReadParam();
        // Leaves out pixels while reading, down to little more than what is kept: a large photo never stands whole in
        // memory.
        int step = (int) Math.max(1, Math.max(width, height) * 4 / (5L * LONGEST));
        coarse.setSourceSubsampling(step, step, 0, 0);
        BufferedImage read = reader.read(0, coarse);
        BufferedImage upright = orientation == null
                ? read
                : ExifFilterUtils.getFilterForOrientation(orientation).apply(read);
        return scaled(upright, LONGEST);
    }

    /** How the camera was held; null where the file doesn't say, or says it in a form nobody can read. */
    private static Orientation orientation(ImageReader reader) {
        try {
            return reader.getFormatName().equalsIgnoreCase("JPEG") ? ExifUtils.getExifOrientation(reader, 0) : null;
        } catch (IOException e) {
            return null;
        }
    }

    /** The same picture small, for a list. */
    static PhotoImage small(BufferedImage from) throws IOException {
        return scaled(from, SMALL);
    }

    private static PhotoImage scaled(BufferedImage image, int longest) throws IOException {
        int longer = Math.max(image.getWidth(), image.getHeight());
        BufferedImage fitting = Thumbnails.of(image)
                .scale(Math.min(1.0, (double) longest / longer))
                .imageType(BufferedImage.TYPE_INT_RGB)
                .asBufferedImage();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        Thumbnails.of(fitting)
                .scale(1)
                .outputFormat("jpg")
                .outputQuality(QUALITY)
                .toOutputStream(out);
        return new PhotoImage(out.toByteArray(), fitting.getWidth(), fitting.getHeight());
    }

    private static InvalidInputException unreadable() {
        return new InvalidInputException(WORDS.say("thisIsNoPhoto"));
    }
}
