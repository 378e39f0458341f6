package org.crispwhorl.core.form;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.Optional;
import org.crispwhorl.core.Close;
import org.crispwhorl.core.Garden;
import org.crispwhorl.core.species.Former;
import org.crispwhorl.core.species.Pieces;
import org.testng.annotations.Test;

public class StandingPetalTest {
    private static final Pieces PETALS = Garden.petals(5, 28, 24, 70);

    @Test
    public void aFormersSphereFollowsFromRimAndDepth() {
        Close.within(1e-12, new Former("half ball", 20, 20, Former.Side.CUPS_IN).sphereRadiusMm(), 20);
        Close.within(1e-12, new Former("dish", 30, 9, Former.Side.CUPS_IN).sphereRadiusMm(), 981.0 / 18);
    }

    @Test
    public void thePetalBendsByItsLengthOverTheFormersRadius() {
        StandingPetal surface = StandingPetal.of(PETALS, 2, 0);
        double radius = Garden.CUP.sphereRadiusMm();
        Close.within(1e-12, surface.midrib().bendRad(), surface.outline().lengthMm() / radius);
    }

    @Test
    public void aHumpTurnsThePetalBack() {
        Pieces p = PETALS;
        Pieces over = p.withFormer(Optional.of(new Former("hump", 30, 9, Former.Side.TURNS_BACK)));
        assertTrue(StandingPetal.of(over, 2, 0).midrib().bendRad() < 0);
        double[] edge = StandingPetal.of(over, 2, 0).point(10, 5);
        double[] middle = StandingPetal.of(over, 2, 0).point(10, 0);
        assertTrue(edge[2] < middle[2] || edge[0] > middle[0], "the edge falls away");
    }

    @Test
    public void withoutAFormerItIsFlatAcross() {
        StandingPetal flat = StandingPetal.of(Garden.flat(PETALS), 2, 0);
        double[] p = flat.point(10, 6);
        Close.within(1e-12, p[1], 6);
        Close.within(1e-12, p[0], flat.point(10, 0)[0]);
    }

    @Test
    public void theChordAcrossIsShorterThanThePaste() {
        StandingPetal cupped = StandingPetal.of(PETALS, 2, 0);
        double s = 0.62 * cupped.outline().lengthMm();
        double width = 2 * cupped.outline().halfWidthAt(s);
        double radius = Garden.CUP.sphereRadiusMm();
        Close.within(1e-9, cupped.chordAt(s), 2 * radius * Math.sin(width / (2 * radius)));
        assertTrue(cupped.chordAt(s) < width);
    }

    @Test
    public void theSurfaceKeepsLengthsAcrossWhereItIsWidest() {
        StandingPetal cupped = StandingPetal.of(PETALS, 2, 0);
        double widest = cupped.outline().widest() * cupped.outline().lengthMm();
        double length = 0;
        for (int i = 0; i < 400; i++) {
            double[] a = cupped.point(widest, 10.0 * i / 400);
            double[] b = cupped.point(widest, 10.0 * (i + 1) / 400);
            length += Math.sqrt(Math.pow(a[0] - b[0], 2) + Math.pow(a[1] - b[1], 2) + Math.pow(a[2] - b[2], 2));
        }
        Close.within(1e-5, length, 10);
    }

    @Test
    public void theAngleItTakesUpShrinksOutwards() {
        StandingPetal flat = StandingPetal.of(Garden.flat(PETALS).withOpensDeg(90), 2, 0);
        double length = flat.outline().lengthMm();
        assertTrue(flat.halfAngleAt(0.9 * length) < flat.halfAngleAt(0.5 * length));
        double s = 0.6 * length;
        assertEquals(flat.halfAngleAt(s), Math.atan2(flat.outline().halfWidthAt(s), 2 + s), 1e-9);
    }

    @Test
    public void aQuilledPetalIsATubeOfItsOwnGirth() {
        StandingPetal tube = StandingPetal.of(PETALS.with(d -> d.quillDeg = 180), 2, 0);
        double s = tube.outline().lengthMm() / 2;
        double width = 2 * tube.outline().halfWidthAt(s);
        Close.within(1e-3, tube.chordAt(s), width * 2 / Math.PI);
    }

    @Test
    public void aFoldedPetalIsAsWideAsItsHalvesSeenAtTheirAngle() {
        StandingPetal folded = StandingPetal.of(Garden.flat(PETALS).with(d -> d.foldDeg = 90), 2, 0);
        double s = folded.outline().lengthMm() / 2;
        Close.within(1e-9, folded.chordAt(s), 2 * folded.outline().halfWidthAt(s) * Math.sqrt(0.5));
    }

    @Test
    public void theFurtherItIsQuilledTheNarrowerItLooks() {
        double last = Double.POSITIVE_INFINITY;
        for (double quill = 30; quill <= 330; quill += 50) {
            double turn = quill;
            double chord =
                    StandingPetal.of(PETALS.with(d -> d.quillDeg = turn), 2, 0).chordAt(15);
            assertTrue(chord < last);
            last = chord;
        }
    }
}
