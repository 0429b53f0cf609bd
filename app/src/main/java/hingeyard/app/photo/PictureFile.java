package hingeyard.app.photo;

import hingeyard.app.problem.Refused;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Arrays;
import java.util.Iterator;
import java.util.Locale;
import java.util.Set;
import java.util.concurrent.Semaphore;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import net.coobird.thumbnailator.Thumbnails;
import net.coobird.thumbnailator.util.exif.ExifFilterUtils;
import net.coobird.thumbnailator.util.exif.ExifUtils;
import net.coobird.thumbnailator.util.exif.Orientation;

/**
 * A picture made anew from an uploaded file: turned upright, scaled down, without anything the camera wrote into it (place, time, model).
 *
 * @param picture JPEG, its longer side at most {@link #LONGER_SIDE}
 * @param small   JPEG, its longer side at most {@link #SMALL_SIDE}
 */
public record PictureFile(byte[] picture, byte[] small, int width, int height) {

    static final int LONGER_SIDE = 1600;
    static final int SMALL_SIDE = 320;
    private static final Set<String> TYPES = Set.of("jpeg", "png");
    private static final String ALLOWED = "a JPEG or PNG picture";
    private static final int LEAST_SIDE = 64;
    private static final long MOST_PIXELS = 80_000_000;
    private static final double QUALITY = 0.86;
    /** A JPEG's head is segments: a marker, what it is, its length in two bytes. */
    private static final int SEGMENT_HEAD = 4;
    private static final int MARKER = 0xFF;
    private static final int FROM_THE_CAMERA = 0xE1;
    private static final int PICTURE_BEGINS = 0xDA;
    private static final Semaphore AT_ONCE = new Semaphore(2);

    /** @throws Refused when the bytes are no picture of an allowed type and size */
    static PictureFile of(byte[] bytes, String name) {
        return of(bytes, name, LONGER_SIDE);
    }

    /**
     * The same at most this long.
     *
     * @throws Refused when the bytes are no picture of an allowed type and size
     */
    public static PictureFile of(byte[] bytes, String name, int side) {
        check(bytes, name);
        try {
            BufferedImage upright = Thumbnails.of(onWhite(unpacked(bytes))).size(side, side).imageType(BufferedImage.TYPE_INT_RGB)
                    .asBufferedImage();
            return new PictureFile(jpeg(upright, side), jpeg(upright, SMALL_SIDE), upright.getWidth(), upright.getHeight());
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

    /** Turned upright, and no more of it in memory than the picture that is made of it can use; never more than two at once. */
    private static BufferedImage unpacked(byte[] bytes) throws IOException {
        AT_ONCE.acquireUninterruptibly();
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
            ImageReader reader = ImageIO.getImageReaders(in).next();
            try {
                reader.setInput(in, true, true);
                int step = (Math.max(reader.getWidth(0), reader.getHeight(0)) + 2 * LONGER_SIDE - 1) / (2 * LONGER_SIDE);
                ImageReadParam every = reader.getDefaultReadParam();
                every.setSourceSubsampling(step, step, 0, 0);
                BufferedImage image = reader.read(0, every);
                Orientation held = held(bytes);
                return held == null ? image : ExifFilterUtils.getFilterForOrientation(held).apply(image);
            } finally {
                reader.dispose();
            }
        } finally {
            AT_ONCE.release();
        }
    }

    /** What is clear in a drawing is white on paper; without this it would be black. */
    private static BufferedImage onWhite(BufferedImage image) {
        if (!image.getColorModel().hasAlpha()) {
            return image;
        }
        BufferedImage flat = new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = flat.createGraphics();
        pen.drawImage(image, 0, 0, Color.WHITE, null);
        pen.dispose();
        return flat;
    }

    /** How the camera was held, as it wrote into the file's head; null where it did not. */
    private static Orientation held(byte[] jpeg) {
        int at = 2;
        while (at + SEGMENT_HEAD < jpeg.length && (jpeg[at] & 0xFF) == MARKER && (jpeg[at + 1] & 0xFF) != PICTURE_BEGINS) {
            int length = (jpeg[at + 2] & 0xFF) << Byte.SIZE | jpeg[at + 3] & 0xFF;
            int end = Math.min(jpeg.length, at + 2 + length);
            if ((jpeg[at + 1] & 0xFF) == FROM_THE_CAMERA && end > at + SEGMENT_HEAD && jpeg[at + SEGMENT_HEAD] == 'E') {
                return ExifUtils.getOrientationFromExif(Arrays.copyOfRange(jpeg, at + SEGMENT_HEAD, end));
            }
            at += 2 + length;
        }
        return null;
    }

    private static byte[] jpeg(BufferedImage image, int side) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        double scale = Math.min(1, side / (double) Math.max(image.getWidth(), image.getHeight()));
        Thumbnails.of(image).scale(scale).outputFormat("jpg").outputQuality(QUALITY).toOutputStream(out);
        return out.toByteArray();
    }
}
