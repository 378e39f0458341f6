package org.crispwhorl.files.svg;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import java.util.Locale;
import org.crispwhorl.core.measure.InvalidValue;
import org.crispwhorl.core.outline.CutShape;
import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.outline.Pulling;
import org.crispwhorl.files.document.DocumentFault;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class SvgOutlineTest {
    private static final String PETAL = "M 50 100 C 20 90 0 50 20 20 C 30 0 70 0 80 20 C 100 50 80 90 50 100 Z";

    private static String svg(String inside) {
        return "<svg xmlns=\"http://www.w3.org/2000/svg\" xmlns:xlink=\"http://www.w3.org/1999/xlink\">" + inside
                + "</svg>";
    }

    @Test
    public void aPathIsScaledByItsStatedLength() {
        Outline petal = SvgOutline.read(PETAL, 32, 0);
        assertEquals(petal.lengthMm(), 32);
        CutShape shape = CutShape.of(petal);
        assertEquals(shape.alongMm(), 32, 0.05);
        assertEquals(shape.acrossMm(), petal.widthMm(), 0.05);
        assertEquals(petal.halfWidthAt(16) * 2, shape.acrossMm(), 0.2 * shape.acrossMm());
        assertTrue(petal.widest() > 0.5, "the broad end of a path drawn with y down is its tip");
    }

    @Test
    public void aCircleHasItsAreaAndPerimeter() {
        Outline round = SvgOutline.read("M0 0 a 10 10 0 0 0 10 -10 a 10 10 0 0 0 -20 0 a 10 10 0 0 0 10 10 Z", 30, 0);
        assertEquals(round.areaMm2() / (Math.PI * 225), 1, 2e-3);
        assertEquals(round.perimeterMm() / (Math.PI * 30), 1, 2e-3);
        assertEquals(round.centroidMm(), 15, 0.05);
    }

    @Test
    public void aDrawingMayMoveAndTurnItsPath() {
        Outline plain = SvgOutline.read(PETAL, 32, 0);
        Outline moved = SvgOutline.read(
                svg("<g transform=\"translate(5 8) scale(2)\"><path transform=\"rotate(90)\" d=\"" + PETAL
                        + "\"/></g>"),
                32,
                -90);
        assertEquals(moved.widthMm(), plain.widthMm(), 0.05);
        assertEquals(moved.areaMm2(), plain.areaMm2(), 0.005 * plain.areaMm2());
    }

    /** What the outline sheet writes can be taken in again. */
    @Test
    public void anOutlineOfTheFamilyComesBackFromItsOwnPath() {
        Outline family = Outline.of(38, 30, 0.62, 0.25, 2.2);
        StringBuilder path = new StringBuilder("M");
        for (double[] p : family.polygon(96)) {
            path.append(String.format(Locale.ROOT, " %.3f %.3f", p[0], -p[1]));
        }
        Outline back = SvgOutline.read(path + " Z", 38, 0);
        assertEquals(back.widthMm(), 30, 0.05);
        assertEquals(back.areaMm2() / family.areaMm2(), 1, 0.003);
        assertEquals(Pulling.ofTheFamily(back).areaMm2() / family.areaMm2(), 1, 0.05);
        for (double s = 2; s < 37; s += 2.5) {
            assertEquals(back.halfWidthAt(s), family.halfWidthAt(s), 0.1, "at " + s);
        }
    }

    private static String many(int points) {
        StringBuilder path = new StringBuilder("M0 0");
        for (int i = 0; i < points; i++) {
            path.append("L").append(i % 7).append(' ').append(i % 11);
        }
        return path.append("Z").toString();
    }

    private static String curves(int many) {
        StringBuilder path = new StringBuilder("M0 0");
        for (int i = 0; i < many; i++) {
            path.append("Q9 9 ").append(i % 9).append(' ').append(i % 5);
        }
        return path.append("Z").toString();
    }

    private static String saw(int teeth) {
        StringBuilder path = new StringBuilder("M0 0L100 0");
        for (int i = 0; i < teeth; i++) {
            double x = 100 - 100.0 * (i + 1) / teeth;
            path.append(String.format(Locale.ROOT, "L%.4f %d", x, i % 2 == 0 ? 100 : 60));
        }
        return path.append("Z").toString();
    }

    @DataProvider
    Object[][] hostile() {
        return new Object[][] {
            {"crossing itself", "M0 0L10 10L0 10L10 0Z", "crosses itself"},
            {"open", "M0 0L10 0L10 30", "open line"},
            {"open curve", "M0 0C20 10 20 30 0 40", "open line"},
            {"a million points", many(1_000_000), "characters"},
            {"as many points as the text may hold", many(45_000), "points"},
            {"many curves that cross", curves(15_000), "points"},
            {"script", svg("<script>alert(1)</script><path d=\"" + PETAL + "\"/>"), "acts"},
            {"script as attribute", svg("<path onload=\"x()\" d=\"" + PETAL + "\"/>"), "acts"},
            {"animation", svg("<path d=\"" + PETAL + "\"><animate attributeName=\"d\"/></path>"), "acts"},
            {"foreign object", svg("<foreignObject/><path d=\"" + PETAL + "\"/>"), "acts"},
            {"external image", svg("<image xlink:href=\"http://example.org/a.png\"/>"), "refers"},
            {"external use", svg("<use href=\"other.svg#petal\"/>"), "refers"},
            {"external paint", svg("<path fill=\"url(http://example.org/p)\" d=\"" + PETAL + "\"/>"), "reference"},
            {"style sheet", "<?xml-stylesheet href=\"a.css\"?>" + svg("<path d=\"" + PETAL + "\"/>"), "instruction"},
            {
                "entity",
                "<!DOCTYPE svg [<!ENTITY x SYSTEM \"file:///etc/passwd\">]>" + svg("<path d=\"&x;\"/>"),
                "document type"
            },
            {
                "entities within entities",
                "<!DOCTYPE svg [<!ENTITY a \"aaaaaaaaaa\"><!ENTITY b \"&a;&a;&a;&a;\">]>" + svg("<path d=\"&b;\"/>"),
                "document type"
            },
            {"deep nesting", "<svg>" + "<g>".repeat(5_000), "deep"},
            {"broken off", svg("<path d=\"M0 0").replace("</svg>", ""), "breaks off"},
            {"no path", svg("<text>petal</text>"), "without a path"},
            {"another shape", svg("<circle r=\"5\"/>"), "circle"},
            {"two paths", svg(("<path d=\"" + PETAL + "\"/>").repeat(2)), "2 paths"},
            {"a hole", "M0 0H40V40H0Z M10 10H20V20H10Z", "several lines"},
            {"no area", "M0 0L10 20L20 40L10 20Z", "crosses itself|encloses nothing|different points"},
            {"a straight line", "M0 0L0 40Z", "different points|straight line"},
            {"hair line", "M0 0L40 40L40.01 40L0.01 0Z", "encloses nothing"},
            {"one point", "M5 5Z", "different points"},
            {"needle tip", "M0 0H10L5.3 30L5 90L4.7 30Z", "needle"},
            {"nowhere wide enough", "M0 0H1L1 100H0Z", "nowhere|width"},
            {"far too broad", "M0 0H4000V10H0Z", "width"},
            {"ragged", saw(1_500), "ragged|needle|nowhere"},
            {"not a path", "petal", "cannot be read"},
            {"nothing", "  ", "nothing"},
            {"numbers beyond all bounds", "M0 0L1e400 0L0 1e400Z", "number|cannot be read"},
        };
    }

    @Test(dataProvider = "hostile")
    public void aHostileOutlineIsRefusedInPlainWords(String name, String text, String says) {
        RuntimeException refusal = expectThrows(RuntimeException.class, () -> SvgOutline.read(text, 40, 0));
        assertTrue(refusal instanceof DocumentFault || refusal instanceof InvalidValue, name + ": " + refusal);
        String said =
                refusal instanceof DocumentFault fault ? fault.faults().get(0).toString() : refusal.getMessage();
        assertTrue(said.matches("(?s).*(" + says + ").*"), name + " says: " + said);
    }

    @Test
    public void aLengthThatCannotBeIsRefused() {
        assertTrue(expectThrows(InvalidValue.class, () -> SvgOutline.read(PETAL, 900, 0))
                .getMessage()
                .contains("300"));
    }
}
