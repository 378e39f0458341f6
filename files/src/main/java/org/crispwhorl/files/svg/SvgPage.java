package org.crispwhorl.files.svg;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Base64;
import java.util.Locale;
import javax.imageio.ImageIO;
import org.crispwhorl.core.measure.LengthText;
import org.crispwhorl.files.page.Paper;
import org.crispwhorl.files.page.SheetPage;

/** A page as SVG: one user unit is one millimetre. */
public final class SvgPage implements SheetPage {
    private final StringBuilder svg = new StringBuilder();
    private final LengthText.Lengths lengths;
    private int clips;

    private SvgPage(LengthText.Lengths lengths) {
        this.lengths = lengths;
    }

    public static String written(Paper paper, String title, LengthText.Lengths lengths, Drawn drawn)
            throws IOException {
        return written(paper.widthMm(), paper.heightMm(), title, lengths, drawn);
    }

    public static String written(double wideMm, double highMm, String title, LengthText.Lengths lengths, Drawn drawn)
            throws IOException {
        SvgPage page = new SvgPage(lengths);
        drawn.on(page);
        String size = number(wideMm) + " " + number(highMm);
        return "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"" + number(wideMm) + "mm\" height=\""
                + number(highMm) + "mm\" viewBox=\"0 0 " + size
                + "\" stroke-linejoin=\"round\" stroke-linecap=\"round\">\n<title>" + OutlineSvg.escaped(title)
                + "</title>\n" + page.svg + "</svg>\n";
    }

    private static String number(double value) {
        String plain = String.format(Locale.ROOT, "%.2f", value);
        return plain.contains(".") ? plain.replaceAll("0+$", "").replaceAll("\\.$", "") : plain;
    }

    private static String d(double[] points, boolean closed) {
        StringBuilder d = new StringBuilder();
        for (int i = 0; i + 1 < points.length; i += 2) {
            d.append(i == 0 ? 'M' : 'L').append(number(points[i])).append(' ').append(number(points[i + 1]));
        }
        return closed ? d.append('Z').toString() : d.toString();
    }

    @Override
    public void path(double[] points, boolean closed, String fill, String stroke, double strokeMm) {
        svg.append("<path d=\"").append(d(points, closed)).append("\" fill=\"").append(fill == null ? "none" : fill);
        if (strokeMm > 0) {
            svg.append("\" stroke=\"")
                    .append(stroke)
                    .append("\" stroke-width=\"")
                    .append(number(strokeMm));
        }
        svg.append("\"/>\n");
    }

    @Override
    public void shadow(double[] points) {
        svg.append("<path d=\"")
                .append(d(points, true))
                .append("\" fill=\"")
                .append(INK)
                .append("\" fill-opacity=\"")
                .append(number(SHADOW))
                .append("\"/>\n");
    }

    @Override
    public void image(BufferedImage picture, double left, double top, double wide, double high) throws IOException {
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        ImageIO.write(picture, "png", png);
        svg.append("<image x=\"")
                .append(number(left))
                .append("\" y=\"")
                .append(number(top))
                .append("\" width=\"")
                .append(number(wide))
                .append("\" height=\"")
                .append(number(high))
                .append("\" preserveAspectRatio=\"none\" href=\"data:image/png;base64,")
                .append(Base64.getEncoder().encodeToString(png.toByteArray()))
                .append("\"/>\n");
    }

    @Override
    public void placed(double x, double y, double scale, double turnDeg, Drawn drawn) throws IOException {
        svg.append("<g transform=\"translate(")
                .append(number(x))
                .append(' ')
                .append(number(y))
                .append(") rotate(")
                .append(number(turnDeg))
                .append(") scale(")
                .append(String.format(Locale.ROOT, "%.4f", scale))
                .append(")\">\n");
        drawn.on(this);
        svg.append("</g>\n");
    }

    @Override
    public void within(double[] shape, double[] turnsDeg, Drawn drawn) throws IOException {
        String id = "within-" + clips++;
        svg.append("<clipPath id=\"").append(id).append("\">");
        for (double turn : turnsDeg) {
            svg.append("<path d=\"")
                    .append(d(shape, true))
                    .append("\" transform=\"rotate(")
                    .append(number(turn))
                    .append(")\"/>");
        }
        svg.append("</clipPath>\n<g clip-path=\"url(#").append(id).append(")\">\n");
        drawn.on(this);
        svg.append("</g>\n");
    }

    @Override
    public void text(String text, double x, double y, double highMm, boolean strong, String colour) {
        svg.append("<text x=\"")
                .append(number(x))
                .append("\" y=\"")
                .append(number(y))
                .append("\" font-family=\"sans-serif\" font-size=\"")
                .append(number(highMm))
                .append(strong ? "\" font-weight=\"600" : "")
                .append("\" fill=\"")
                .append(colour)
                .append("\">")
                .append(OutlineSvg.escaped(LengthText.in(text, lengths)))
                .append("</text>\n");
    }
}
