package org.crispwhorl.files.pdf;

import java.awt.Color;
import java.io.ByteArrayOutputStream;
import java.io.Closeable;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.PDResources;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.apache.pdfbox.pdmodel.graphics.form.PDFormXObject;
import org.apache.pdfbox.util.Matrix;
import org.crispwhorl.core.measure.LengthText;
import org.crispwhorl.files.page.OutlinePages;
import org.crispwhorl.files.page.Paper;

/** Pages to draw on in millimetres from the upper left corner, with the fonts embedded. */
public final class PdfCanvas implements Closeable {
    static final double MM = 72 / 25.4;
    private static final Color INK = new Color(0x22, 0x22, 0x22);

    private final PDDocument document = new PDDocument();
    private final Paper paper;
    private final LengthText.Lengths lengths;
    final PDFont regular;
    final PDFont strong;
    private PDPageContentStream page;

    public PdfCanvas(Paper paper, String title, LengthText.Lengths lengths) throws IOException {
        this.paper = paper;
        this.lengths = lengths;
        document.getDocumentInformation().setTitle(title);
        document.getDocumentInformation().setCreator("Crisp Whorl");
        regular = font("IBMPlexSans-Regular.ttf");
        strong = font("IBMPlexSans-SemiBold.ttf");
    }

    private PDFont font(String name) throws IOException {
        try (InputStream in = Objects.requireNonNull(PdfCanvas.class.getResourceAsStream("fonts/" + name))) {
            return PDType0Font.load(document, in, true);
        }
    }

    /** A text with its lengths as the maker reads them. */
    String told(String text) {
        return LengthText.in(text, lengths);
    }

    Paper paper() {
        return paper;
    }

    public void newPage() throws IOException {
        endPage();
        PDPage blank = new PDPage(new PDRectangle((float) (paper.widthMm() * MM), (float) (paper.heightMm() * MM)));
        document.addPage(blank);
        page = new PDPageContentStream(document, blank);
        page.setStrokingColor(INK);
        page.setNonStrokingColor(INK);
        page.setLineWidth((float) (0.2 * MM));
    }

    private void endPage() throws IOException {
        if (page != null) {
            page.close();
            page = null;
        }
    }

    private float x(double mm) {
        return (float) (mm * MM);
    }

    private float y(double mm) {
        return (float) ((paper.heightMm() - mm) * MM);
    }

    /** Writes one line with its base line at {@code topMm}; what the font cannot write is written as its code point. */
    void text(PDFont font, double sizePt, double leftMm, double topMm, String text) throws IOException {
        page.beginText();
        page.setFont(font, (float) sizePt);
        page.newLineAtOffset(x(leftMm), y(topMm));
        page.showText(writable(font, told(text)));
        page.endText();
    }

    /** Writes one line at the origin, as high as stated in the units that are drawn in. */
    void write(PDFont font, double high, String text) throws IOException {
        page.beginText();
        page.setFont(font, (float) high);
        page.showText(writable(font, told(text)));
        page.endText();
    }

    PDPageContentStream page() {
        return page;
    }

    PDDocument document() {
        return document;
    }

    /** Width of a line, mm. */
    double wide(PDFont font, double sizePt, String text) throws IOException {
        return font.getStringWidth(writable(font, text)) / 1000 * sizePt / MM;
    }

    /** What the font lacks is written by its code point, so that nobody reads another sign in its place. */
    private static String writable(PDFont font, String text) throws IOException {
        StringBuilder all = new StringBuilder();
        for (int code : text.codePoints().toArray()) {
            String one = Character.toString(code);
            try {
                font.encode(one);
                all.append(one);
            } catch (IllegalArgumentException e) {
                all.append(Character.isWhitespace(code) ? " " : String.format("[U+%04X]", code));
            }
        }
        return all.toString();
    }

    /** The words of a text; one that is longer than the column, such as a name without a space, in pieces that are not. */
    private List<String> words(PDFont font, double sizePt, double columnMm, String text) throws IOException {
        List<String> words = new ArrayList<>();
        for (String word : text.split(" ")) {
            String rest = word;
            while (rest.length() > 1 && wide(font, sizePt, rest) > columnMm) {
                int fits = rest.length() - 1;
                while (fits > 1 && wide(font, sizePt, rest.substring(0, fits)) > columnMm) {
                    fits--;
                }
                words.add(rest.substring(0, fits));
                rest = rest.substring(fits);
            }
            words.add(rest);
        }
        return words;
    }

    /** Breaks a text into lines that are no wider than a column. */
    List<String> broken(PDFont font, double sizePt, double columnMm, String text) throws IOException {
        List<String> lines = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        for (String word : words(font, sizePt, columnMm, text)) {
            String longer = line.isEmpty() ? word : line + " " + word;
            if (!line.isEmpty() && wide(font, sizePt, longer) > columnMm) {
                lines.add(line.toString());
                line = new StringBuilder(word);
            } else {
                line = new StringBuilder(longer);
            }
        }
        lines.add(line.toString());
        return lines;
    }

    void line(double x0, double y0, double x1, double y1) throws IOException {
        page.moveTo(x(x0), y(y0));
        page.lineTo(x(x1), y(y1));
        page.stroke();
    }

    void closedPath(double[][] ring) throws IOException {
        for (int i = 0; i < ring.length; i++) {
            if (i == 0) {
                page.moveTo(x(ring[i][0]), y(ring[i][1]));
            } else {
                page.lineTo(x(ring[i][0]), y(ring[i][1]));
            }
        }
        page.closeAndStroke();
    }

    /** A closed path that is drawn once and then put down wherever it is wanted. */
    record Stamp(PDFormXObject form) {}

    /** Finer than this nobody sees a line bend, mm. */
    private static final double SEEN_MM = 0.03;

    /**
     * A shape to be put down many times.
     *
     * @param ring rows of x, y in mm, y downwards
     * @param scale at which it is drawn
     */
    Stamp stamp(double[][] ring, double scale) throws IOException {
        return stamp(ring, scale, "", "s");
    }

    /** One that is filled with a colour, or where there is none is a pale line. */
    Stamp stamp(double[][] ring, double scale, Optional<String> fill) throws IOException {
        return stamp(ring, scale, fill.map(PdfCanvas::filled).orElse("0.72 G 0.4 w "), fill.isPresent() ? "b" : "s");
    }

    private static String filled(String colour) {
        float[] rgb = Color.decode(colour).getRGBColorComponents(null);
        return String.format(Locale.ROOT, "%.3f %.3f %.3f rg 0.5 w ", rgb[0], rgb[1], rgb[2]);
    }

    private Stamp stamp(double[][] ring, double scale, String before, String drawn) throws IOException {
        PDFormXObject form = new PDFormXObject(document);
        StringBuilder path = new StringBuilder(before);
        double[] box = {Double.MAX_VALUE, Double.MAX_VALUE, -Double.MAX_VALUE, -Double.MAX_VALUE};
        double[] last = null;
        for (double[] corner : ring) {
            double[] at = {corner[0] * scale, -corner[1] * scale};
            if (last != null && Math.hypot(at[0] - last[0], at[1] - last[1]) < SEEN_MM) {
                continue;
            }
            path.append(String.format(Locale.ROOT, "%.2f %.2f %s ", at[0] * MM, at[1] * MM, last == null ? "m" : "l"));
            box[0] = Math.min(box[0], at[0]);
            box[1] = Math.min(box[1], at[1]);
            box[2] = Math.max(box[2], at[0]);
            box[3] = Math.max(box[3], at[1]);
            last = at;
        }
        path.append(drawn);
        form.setBBox(new PDRectangle(
                (float) (box[0] * MM - 1), (float) (box[1] * MM - 1), (float) ((box[2] - box[0]) * MM + 2), (float)
                        ((box[3] - box[1]) * MM + 2)));
        form.setResources(new PDResources());
        try (OutputStream out = form.getStream().createOutputStream(COSName.FLATE_DECODE)) {
            out.write(path.toString().getBytes(StandardCharsets.US_ASCII));
        }
        return new Stamp(form);
    }

    /** Puts a stamp down with its origin at a place, turned clockwise as the page is read. */
    void put(Stamp stamp, double leftMm, double topMm, double turnDeg) throws IOException {
        page.saveGraphicsState();
        Matrix place = Matrix.getTranslateInstance(x(leftMm), y(topMm));
        place.rotate(Math.toRadians(-turnDeg));
        page.transform(place);
        page.drawForm(stamp.form());
        page.restoreGraphicsState();
    }

    void box(double leftMm, double topMm, double wideMm, double highMm, String fill) throws IOException {
        if (fill != null) {
            page.setNonStrokingColor(Color.decode(fill));
            page.addRect(x(leftMm), y(topMm + highMm), x(wideMm), x(highMm));
            page.fill();
            page.setNonStrokingColor(INK);
        }
        page.addRect(x(leftMm), y(topMm + highMm), x(wideMm), x(highMm));
        page.stroke();
    }

    /** A filled disc of so many corners, the first of them to the right where it is not turned. */
    void disc(double middleMm, double topMm, double radiusMm, int corners, double turnDeg) throws IOException {
        for (int i = 0; i < corners; i++) {
            double angle = Math.toRadians(turnDeg) + 2 * Math.PI * i / corners;
            float across = x(middleMm + radiusMm * Math.cos(angle));
            float down = y(topMm + radiusMm * Math.sin(angle));
            if (i == 0) {
                page.moveTo(across, down);
            } else {
                page.lineTo(across, down);
            }
        }
        page.closePath();
        page.fill();
    }

    /** The ruler by which a printer is checked, at the foot of the page. */
    void ruler() throws IOException {
        double left = OutlinePages.MARGIN_MM;
        double top = paper.heightMm() - OutlinePages.MARGIN_MM;
        line(left, top, left + OutlinePages.RULER_MM, top);
        for (int mm = 0; mm <= OutlinePages.RULER_MM; mm += 5) {
            line(left + mm, top, left + mm, top - (mm % 10 == 0 ? 4 : 2));
        }
        text(
                regular,
                8,
                left + OutlinePages.RULER_MM + 3,
                top,
                String.format(
                        Locale.ROOT, "%.0f mm: if it measures otherwise, print at 100 %%", OutlinePages.RULER_MM));
    }

    public byte[] finished() throws IOException {
        endPage();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        document.save(out);
        return out.toByteArray();
    }

    @Override
    public void close() throws IOException {
        endPage();
        document.close();
    }
}
