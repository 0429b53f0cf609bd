package hingeyard.app.photo;

import hingeyard.app.problem.Refused;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Iterator;
import java.util.Locale;
import java.util.Set;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import net.coobird.thumbnailator.Thumbnails;

/**
 * A picture made anew from an uploaded file: turned upright, scaled down, without anything the camera wrote into it (place, time, model).
 *
 * @param picture JPEG, its longer side at most {@link #LONGER_SIDE}
 * @param small   JPEG, its longer side at most {@link #SMALL_SIDE}
 */
record PictureFile(byte[] picture, byte[] small, int width, int height) {

    static final int LONGER_SIDE = 1600;
    static final int SMALL_SIDE = 320;
    private static final Set<String> TYPES = Set.of("jpeg", "png");
    private static final String ALLOWED = "a JPEG or PNG picture";
    private static final int LEAST_SIDE = 64;
    private static final long MOST_PIXELS = 80_000_000;
    private static final double QUALITY = 0.86;

    /** @throws Refused when the bytes are no picture of an allowed type and size */
    static PictureFile of(byte[] bytes, String name) {
        check(bytes, name);
        try {
            BufferedImage upright = Thumbnails.of(new ByteArrayInputStream(bytes)).size(LONGER_SIDE, LONGER_SIDE)
                    .imageType(BufferedImage.TYPE_INT_RGB).asBufferedImage();
            return new PictureFile(jpeg(upright, LONGER_SIDE), jpeg(upright, SMALL_SIDE), upright.getWidth(), upright.getHeight());
        } catch (IOException | RuntimeException broken) {
            throw Refused.input("file", name, ALLOWED + " that is whole; this one breaks off or is damaged");
        }
    }

    /** Looks at type and size before anything is unpacked: a small file can hold a picture too large for the memory. */
    private static void check(byte[] bytes, String name) {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                throw Refused.input("file", name, ALLOWED);
            }
            ImageReader reader = readers.next();
            try {
                if (!TYPES.contains(reader.getFormatName().toLowerCase(Locale.ROOT))) {
                    throw Refused.input("file", name + " (" + reader.getFormatName() + ")", ALLOWED);
                }
                reader.setInput(in, true, true);
                long width = reader.getWidth(0);
                long height = reader.getHeight(0);
                if (width < LEAST_SIDE || height < LEAST_SIDE || width * height > MOST_PIXELS) {
                    throw Refused.input("file", "%s, %d × %d pixels".formatted(name, width, height),
                            "from %d × %d to %d million pixels".formatted(LEAST_SIDE, LEAST_SIDE,
                                    MOST_PIXELS / 1_000_000));
                }
            } finally {
                reader.dispose();
            }
        } catch (IOException broken) {
            throw Refused.input("file", name, ALLOWED + " that is whole; this one breaks off or is damaged");
        }
    }

    private static byte[] jpeg(BufferedImage image, int side) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        double scale = Math.min(1, side / (double) Math.max(image.getWidth(), image.getHeight()));
        Thumbnails.of(image).scale(scale).outputFormat("jpg").outputQuality(QUALITY).toOutputStream(out);
        return out.toByteArray();
    }
}
