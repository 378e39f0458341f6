package org.crispwhorl.core.form;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.Close;
import org.crispwhorl.core.Garden;
import org.crispwhorl.core.outline.OutlineMesh;
import org.crispwhorl.core.solid.Solid;
import org.crispwhorl.core.species.Attachment;
import org.crispwhorl.core.species.CentreForm;
import org.crispwhorl.core.species.Joining;
import org.crispwhorl.core.species.Pieces;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class HuggingPetalTest {
    private static final double THICK_MM = 0.7;

    private static Skin skin(CentreForm form) {
        return Skin.of(List.of(new Solid.Turned(0, form.heightMm(), form::radiusAt)), 0.5);
    }

    private static Pieces laid(int count, double length, double width, double glued, double opens, double lean) {
        return Garden.petals(count, length, width, lean).with(d -> {
            d.attachment = new Attachment.Glued(glued, opens, Optional.empty());
            d.former = Optional.empty();
            d.opensDeg = lean;
            d.joining = Joining.of(Joining.As.SOFT, Joining.Onto.HOLDS);
        });
    }

    @DataProvider
    public Object[][] petals() {
        CentreForm cone = new CentreForm.Cone(15, 30);
        CentreForm ball = new CentreForm.Ball(24);
        CentreForm drop = new CentreForm.Teardrop(10, 24);
        return new Object[][] {
            {cone, laid(5, 30, 26, 0.75, 0.9, 0), 4},
            {cone, laid(5, 30, 26, 0.4, 0.6, 40), 4},
            {ball, laid(6, 34, 28, 0.6, 1, 0), 2},
            {ball, laid(3, 24, 20, 0.3, 0.5, 60), 8},
            {drop, laid(1, 30, 30, 0.6, 1, 0), 1},
            {drop, laid(8, 20, 12, 0.2, 0.3, 85), 3}
        };
    }

    @Test(dataProvider = "petals")
    public void theMidribKeepsItsLength(CentreForm form, Pieces pieces, double way) {
        HuggingPetal petal = HuggingPetal.on(skin(form), pieces, THICK_MM, way);
        double length = petal.outline().lengthMm();
        double sum = 0;
        int steps = 32;
        for (int i = 1; i <= steps; i++) {
            double a = length * (i - 1) / steps;
            double b = length * i / steps;
            sum += Math.hypot(petal.radius(b) - petal.radius(a), petal.height(b) - petal.height(a));
        }
        Close.within(0.01, sum, length);
    }

    @Test(dataProvider = "petals")
    public void thePasteKeepsItsAreaOnTheSkin(CentreForm form, Pieces pieces, double way) {
        HuggingPetal petal = HuggingPetal.on(skin(form), pieces, THICK_MM, way);
        OutlineMesh flat = petal.flat(40, 30);
        double was = 0;
        double is = 0;
        for (int t = 0; t < flat.triangles().length; t += 3) {
            double[][] on = new double[3][];
            double[][] lying = new double[3][];
            for (int k = 0; k < 3; k++) {
                double[] p = flat.points()[flat.triangles()[t + k]];
                on[k] = petal.point(p[1], p[0]);
                lying[k] = new double[] {p[0], p[1], 0};
            }
            if (Math.max(lying[0][1], Math.max(lying[1][1], lying[2][1])) < petal.hugsToMm() - 1) {
                was += area(lying);
                is += area(on);
            }
        }
        // The edges stand half a layer in and out, and so lie on a girth a little smaller and larger.
        Close.within(0.12, is, was);
    }

    private static double area(double[][] t) {
        double[] c = TriangleMeeting.cross(TriangleMeeting.minus(t[1], t[0]), TriangleMeeting.minus(t[2], t[0]));
        return Math.sqrt(TriangleMeeting.dot(c, c)) / 2;
    }

    @Test
    public void aTipStandsWhereItIsToReach() {
        Skin skin = skin(new CentreForm.Cone(15, 30));
        for (double top = 24; top <= 38; top += 2) {
            Pieces pieces = laid(5, 30, 26, 0.6, 1, 0);
            double way = TipHeight.wayReaching(skin, pieces, THICK_MM, top);
            HuggingPetal petal = HuggingPetal.on(skin, pieces, THICK_MM, way);
            assertEquals(petal.height(petal.outline().lengthMm()), top, 0.3);
        }
    }

    @Test
    public void whatWouldHangBelowTheCentreIsPinchedOff() {
        Skin skin = skin(new CentreForm.Cone(15, 20));
        Pieces pieces = laid(3, 50, 26, 0.6, 1, 0);
        double way = TipHeight.wayReaching(skin, pieces, THICK_MM, 21);
        assertTrue(way < 0);
        HuggingPetal petal = HuggingPetal.on(skin, pieces, THICK_MM, way);
        Close.within(1e-9, petal.startMm(), -way);
        assertTrue(petal.height(petal.startMm()) > -THICK_MM * 3, "nothing of it hangs below");
    }

    /** No step of the midrib comes nearer to the centre than the paste is thick. */
    @Test(dataProvider = "petals")
    public void nothingGoesIntoWhatIsInside(CentreForm form, Pieces pieces, double way) {
        Skin skin = skin(form);
        HuggingPetal petal = HuggingPetal.on(skin, pieces, THICK_MM, way);
        for (int i = 0; i <= 40; i++) {
            double s = petal.outline().lengthMm() * i / 40;
            double r = petal.radius(s);
            double z = petal.height(s);
            assertTrue(form.radiusAt(z) <= r + 0.6, "at " + s + " mm: " + r + " inside " + form.radiusAt(z));
        }
    }

    @Test(dataProvider = "petals")
    public void aHairMovesNothingFar(CentreForm form, Pieces pieces, double way) {
        Skin skin = skin(form);
        HuggingPetal petal = HuggingPetal.on(skin, pieces, THICK_MM, way);
        List<HuggingPetal> moved = List.of(
                HuggingPetal.on(skin, pieces.withOpensDeg(pieces.opensDeg() + 0.1), THICK_MM, way),
                HuggingPetal.on(skin, pieces, THICK_MM + 0.001, way),
                HuggingPetal.on(skin, pieces, THICK_MM, way + 0.01),
                HuggingPetal.on(skin, pieces.outlined(o -> o.withWidth(o.widthMm() + 0.01)), THICK_MM, way));
        for (HuggingPetal other : moved) {
            for (int i = 0; i <= 40; i++) {
                double s = petal.outline().lengthMm() * i / 40;
                double off = Math.hypot(other.radius(s) - petal.radius(s), other.height(s) - petal.height(s));
                assertTrue(off < 0.2, "at " + s + " mm it jumps by " + off);
            }
        }
    }

    @Test
    public void aRingLiesOnTheOneBeforeUntilThatOpens() {
        Skin centre = skin(new CentreForm.Cone(15, 30));
        Pieces first = laid(5, 30, 26, 0.7, 0.9, 0);
        HuggingPetal inside = HuggingPetal.on(centre, first, THICK_MM, 4);
        Skin skin = inside.outside();
        HuggingPetal outside = HuggingPetal.on(skin, laid(5, 30, 26, 0.5, 0.6, 40), THICK_MM, 4);
        for (double s = 8; s < 18; s += 2) {
            double apart = outside.radius(s) - inside.radius(s);
            assertTrue(apart > 0.3 && apart < 4, "at " + s + " mm it lies " + apart + " mm outside");
        }
        double tip = outside.outline().lengthMm();
        assertTrue(outside.radius(tip) > inside.radius(tip) + 5, "its tip stands off");
    }

    @Test
    public void aThickerRingMakesTheNextLieFartherOut() {
        Skin centre = skin(new CentreForm.Ball(20));
        double last = 0;
        for (int count = 3; count <= 12; count++) {
            Skin skin = HuggingPetal.on(centre, laid(count, 26, 22, 0.7, 1, 0), THICK_MM, 2)
                    .outside();
            double radius = HuggingPetal.on(skin, laid(5, 26, 22, 0.7, 1, 0), THICK_MM, 2)
                    .radius(16);
            assertTrue(radius >= last - 1e-3, count + " petals: " + radius + " after " + last);
            last = radius;
        }
    }
}
