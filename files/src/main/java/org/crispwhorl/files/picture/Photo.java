package org.crispwhorl.files.picture;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Iterator;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageInputStream;
import javax.imageio.stream.ImageOutputStream;
import javax.imageio.stream.MemoryCacheImageInputStream;
import org.crispwhorl.core.measure.InvalidValue;

/** A photograph, encoded anew: its pixels and nothing else. */
public final class Photo {
    /** As many pixels as a large camera takes; more are not even looked at. */
    private static final long MOST_PIXELS = 60_000_000;

    /** A row of pixels is held whole. */
    private static final int LONGEST_SIDE = 20_000;

    private static final Set<String> FORMATS = Set.of("jpeg", "jpg", "png");

    /** As large as it is looked at, longest side, pixels. */
    private static final int LONGEST = 1600;

    /** As many bytes as are kept of one. */
    private static final int MOST_BYTES = 700_000;

    private static final float[] QUALITIES = {0.85f, 0.7f, 0.5f, 0.3f};
    private static final String FIELD = "picture";

    private Photo() {}

    /**
     * The same picture as JPEG, no larger than it is looked at, without place, date, camera or anything else that was written beside
     * its pixels.
     *
     * @param encoded JPEG or PNG
     * @throws InvalidValue where it is neither, is damaged, or has more pixels than any camera takes
     */
    public static byte[] encodedAnew(byte[] encoded) {
        BufferedImage read = read(encoded);
        double scale = Math.min(1, (double) LONGEST / Math.max(read.getWidth(), read.getHeight()));
        BufferedImage drawn = new BufferedImage(
                Math.max(1, (int) Math.round(scale * read.getWidth())),
                Math.max(1, (int) Math.round(scale * read.getHeight())),
                BufferedImage.TYPE_INT_RGB);
        Graphics2D g = drawn.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, drawn.getWidth(), drawn.getHeight());
        g.drawImage(read, 0, 0, drawn.getWidth(), drawn.getHeight(), null);
        g.dispose();
        for (float quality : QUALITIES) {
            byte[] jpeg = jpeg(drawn, quality);
            if (jpeg.length <= MOST_BYTES) {
                return jpeg;
            }
        }
        throw new InvalidValue(
                FIELD, encoded.length + " bytes", "one with less grain: it could not be made small enough");
    }

    /**
     * The picture, every so many pixels of it, so that no more is held than is looked at; told from its header alone where it is too
     * large. Only the readers of JPEG and PNG are asked, and nothing is read of what stands beside the pixels.
     */
    private static BufferedImage read(byte[] encoded) {
        try (ImageInputStream in = new MemoryCacheImageInputStream(new ByteArrayInputStream(encoded))) {
            ImageReader reader =
                    reader(in).orElseThrow(() -> new InvalidValue(FIELD, encoded.length + " bytes", "a JPEG or a PNG"));
            try {
                reader.setInput(in, true, true);
                int width = reader.getWidth(0);
                int height = reader.getHeight(0);
                if ((long) width * height > MOST_PIXELS || Math.max(width, height) > LONGEST_SIDE) {
                    throw new InvalidValue(
                            FIELD,
                            width + " × " + height + " pixels",
                            "at most " + MOST_PIXELS / 1_000_000 + " million pixels, no side over " + LONGEST_SIDE);
                }
                int every = Math.max(1, Math.max(width, height) / (2 * LONGEST));
                ImageReadParam how = reader.getDefaultReadParam();
                how.setSourceSubsampling(every, every, 0, 0);
                return reader.read(0, how);
            } finally {
                reader.dispose();
            }
        } catch (IOException | RuntimeException e) {
            if (e instanceof InvalidValue invalid) {
                throw invalid;
            }
            throw new InvalidValue(
                    FIELD, encoded.length + " bytes", "a JPEG or a PNG that is whole: this one cannot be read");
        }
    }

    private static Optional<ImageReader> reader(ImageInputStream in) {
        for (Iterator<ImageReader> readers = ImageIO.getImageReaders(in); readers.hasNext(); ) {
            ImageReader reader = readers.next();
            if (FORMATS.contains(
                    reader.getOriginatingProvider().getFormatNames()[0].toLowerCase(Locale.ROOT))) {
                return Optional.of(reader);
            }
        }
        return Optional.empty();
    }

    /** Whether something is a picture as it is kept here: a JPEG, no larger than it is looked at. Its header alone is read. */
    public static boolean isOneOfOurs(byte[] jpeg) {
        if (jpeg.length < 4 || (jpeg[0] & 0xff) != 0xff || (jpeg[1] & 0xff) != 0xd8 || jpeg.length > MOST_BYTES) {
            return false;
        }
        try (ImageInputStream in = new MemoryCacheImageInputStream(new ByteArrayInputStream(jpeg))) {
            ImageReader reader = ImageIO.getImageReadersByFormatName("jpeg").next();
            try {
                reader.setInput(in, true, true);
                return Math.max(reader.getWidth(0), reader.getHeight(0)) <= LONGEST;
            } finally {
                reader.dispose();
            }
        } catch (IOException | RuntimeException e) {
            return false;
        }
    }

    private static byte[] jpeg(BufferedImage drawn, float quality) {
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ImageOutputStream out = ImageIO.createImageOutputStream(bytes)) {
            ImageWriteParam how = writer.getDefaultWriteParam();
            how.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
            how.setCompressionQuality(quality);
            writer.setOutput(out);
            writer.write(null, new IIOImage(drawn, null, null), how);
        } catch (IOException e) {
            throw new IllegalStateException(e);
        } finally {
            writer.dispose();
        }
        return bytes.toByteArray();
    }
}
