package org.crispwhorl.files.svg;

import java.util.List;
import java.util.Locale;
import org.crispwhorl.core.measure.LengthText;
import org.crispwhorl.files.page.OutlinePages;

/** Outlines at true size as SVG: one user unit is one millimetre. Pages stand under each other. */
public final class OutlineSvg {
    private OutlineSvg() {}

    public static String write(String title, OutlinePages laid, LengthText.Lengths lengths) {
        double wide = laid.paper().widthMm();
        double page = laid.paper().heightMm();
        int pages = Math.max(1, laid.pages().size());
        StringBuilder svg = new StringBuilder();
        svg.append(String.format(
                Locale.ROOT,
                "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%smm\" height=\"%smm\" viewBox=\"0 0 %s %s\">%n",
                wide,
                page * pages,
                wide,
                page * pages));
        svg.append("<title>").append(escaped(title)).append("</title>\n");
        svg.append(
                "<g fill=\"none\" stroke=\"#222\" stroke-width=\"0.2\" font-family=\"sans-serif\" font-size=\"3\">\n");
        for (int i = 0; i < laid.pages().size(); i++) {
            svg.append(String.format(Locale.ROOT, "<g transform=\"translate(0 %s)\">%n", page * i));
            for (OutlinePages.Placed placed : laid.pages().get(i)) {
                outline(svg, placed, lengths);
            }
            ruler(svg, page);
            svg.append("</g>\n");
        }
        return svg.append("</g>\n</svg>\n").toString();
    }

    private static void outline(StringBuilder svg, OutlinePages.Placed placed, LengthText.Lengths lengths) {
        svg.append("<path d=\"");
        double[][] ring = placed.ring();
        for (int i = 0; i < ring.length; i++) {
            svg.append(String.format(Locale.ROOT, "%s%.3f %.3f", i == 0 ? "M" : "L", ring[i][0], ring[i][1]));
        }
        svg.append("Z\"/>\n");
        double under = placed.topMm() + placed.highMm();
        for (String line : List.of(placed.piece().label(), placed.piece().note())) {
            under += 4;
            svg.append(String.format(
                    Locale.ROOT,
                    "<text x=\"%.2f\" y=\"%.2f\" fill=\"#222\" stroke=\"none\">%s</text>%n",
                    placed.leftMm(),
                    under,
                    escaped(LengthText.in(line, lengths))));
        }
    }

    private static void ruler(StringBuilder svg, double pageMm) {
        double y = pageMm - OutlinePages.MARGIN_MM;
        double x = OutlinePages.MARGIN_MM;
        svg.append(String.format(Locale.ROOT, "<path d=\"M%s %sh%s", x, y, OutlinePages.RULER_MM));
        for (int mm = 0; mm <= OutlinePages.RULER_MM; mm += 5) {
            svg.append(String.format(Locale.ROOT, "M%s %sv-%s", x + mm, y, mm % 10 == 0 ? 4 : 2));
        }
        svg.append("\"/>\n");
        svg.append(String.format(
                Locale.ROOT,
                "<text x=\"%s\" y=\"%s\" fill=\"#222\" stroke=\"none\">100 mm: measure it; if it is not, print at 100 %%</text>%n",
                x + OutlinePages.RULER_MM + 4,
                y));
    }

    static String escaped(String text) {
        return text.replace("&", "&amp;")
                .replace("<", "&lt;")
                .replace(">", "&gt;")
                .replace("\"", "&quot;");
    }
}
