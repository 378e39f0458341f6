package org.crispwhorl.files;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Iterator;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageInputStream;
import javax.imageio.stream.ImageOutputStream;
import org.crispwhorl.core.measure.InvalidValue;

/** A photograph, encoded anew: its pixels and nothing else. */
public final class Photo {
    /** As many pixels as a large camera takes; more are not even looked at. */
    private static final long MOST_PIXELS = 60_000_000;

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

    private static BufferedImage read(byte[] encoded) {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(encoded))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                throw new InvalidValue(FIELD, encoded.length + " bytes", "a JPEG or a PNG");
            }
            ImageReader reader = readers.next();
            try {
                reader.setInput(in);
                long pixels = (long) reader.getWidth(0) * reader.getHeight(0);
                if (pixels > MOST_PIXELS) {
                    throw new InvalidValue(FIELD, pixels + " pixels", "at most " + MOST_PIXELS + " pixels");
                }
                return reader.read(0);
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
