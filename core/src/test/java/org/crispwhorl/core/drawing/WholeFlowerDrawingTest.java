package org.crispwhorl.core.drawing;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.Close;
import org.crispwhorl.core.Garden;
import org.crispwhorl.core.colour.Colouring;
import org.crispwhorl.core.form.PetalSurface;
import org.crispwhorl.core.form.PlacedRing;
import org.crispwhorl.core.solid.Scatter;
import org.crispwhorl.core.species.Attachment;
import org.crispwhorl.core.species.Bead;
import org.crispwhorl.core.species.Carried;
import org.crispwhorl.core.species.Centre;
import org.crispwhorl.core.species.CentreForm;
import org.crispwhorl.core.species.Edge;
import org.crispwhorl.core.species.Former;
import org.crispwhorl.core.species.FromBall;
import org.crispwhorl.core.species.Leaf;
import org.crispwhorl.core.species.Lining;
import org.crispwhorl.core.species.OnePiece;
import org.crispwhorl.core.species.Overlap;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.species.Pieces;
import org.crispwhorl.core.species.Place;
import org.crispwhorl.core.species.Roll;
import org.crispwhorl.core.species.RollForm;
import org.crispwhorl.core.species.Species;
import org.testng.annotations.Test;

/** What is drawn is what was computed, whatever the flower is built of. */
public class WholeFlowerDrawingTest {
    private static final Species ROSE = Garden.rose();
    private static final String PINK = Garden.PINK.id();

    private static Drawing drawn(Species species) {
        return Draughting.of(Garden.form(species));
    }

    private static List<Drawing.DrawnRing> rings(Species species, String id) {
        return drawn(species).face().rings().stream()
                .filter(r -> r.partId().equals(id))
                .toList();
    }

    private static PlacedRing placed(Species species, String id) {
        return Garden.form(species).ring(id).orElseThrow();
    }

    private static Species leaves(Leaf.Along along) {
        Leaf leaf = (Leaf) ROSE.part("leaves").orElseThrow();
        Pieces four = leaf.pieces().withCount(4);
        return ROSE.with(new Leaf(leaf.id(), leaf.name(), leaf.shade(), four, along, 20, leaf.colour()));
    }

    @Test
    public void leavesInPairsStandAcrossThePairAbove() {
        PlacedRing pairs = placed(leaves(Leaf.Along.PAIRS), "leaves");
        double[] at = pairs.azimuthsRad();
        Close.within(1e-9, at[1] - at[0], Math.PI);
        Close.within(1e-9, at[2] - at[0], Math.PI / 2);
        assertEquals(pairs.belowMm(1), 0.0);
        assertEquals(pairs.belowMm(2), 20.0);
    }

    @Test
    public void staggeredLeavesStandOneBelowAnotherAGoldenAngleOn() {
        PlacedRing staggered = placed(leaves(Leaf.Along.STAGGERED), "leaves");
        double[] at = staggered.azimuthsRad();
        Close.within(1e-9, Math.toDegrees(at[1] - at[0]), Scatter.GOLDEN_DEG);
        assertEquals(staggered.belowMm(3), 60.0);
        long levels = drawn(leaves(Leaf.Along.STAGGERED)).section().profiles().stream()
                .filter(p -> p.partId().equals("leaves"))
                .count();
        assertEquals(levels, 4L);
    }

    @Test
    public void twoSidesAlikeMirrorEachOther() {
        Species sides = Garden.changed(ROSE, "petals", p -> p.withPlace(new Place(Place.Rule.SIDES_ALIKE, 80, 0)));
        double[] at = placed(sides, "petals").azimuthsRad();
        for (int i = 0; i < at.length; i++) {
            assertEquals(at[i], -at[at.length - 1 - i], 1e-12);
        }
        assertEquals(Math.toDegrees(at[0]), 80.0, 1e-9);
        Species lip = Garden.changed(
                ROSE, "petals", p -> p.withCount(1).withPlace(new Place(Place.Rule.SIDES_ALIKE, 180, 0)));
        assertEquals(Math.toDegrees(placed(lip, "petals").azimuthsRad()[0]), 180.0, 1e-9);
    }

    @Test
    public void oppositePairsArePaintedPairByPair() {
        Species pairs = Garden.changed(ROSE, "petals", p -> p.withCount(6).withOverlap(Overlap.PAIRS));
        double[] at = rings(pairs, "petals").get(0).azimuths();
        for (int i = 0; i < 6; i += 2) {
            assertEquals(Math.abs(at[i + 1] - at[i]), 180.0, 0.02);
        }
        assertEquals(Arrays.stream(at).distinct().count(), 6L);
    }

    @Test
    public void theSmallPetalIsDrawnOnTheLargeOneInItsOwnShade() {
        Species carrying = Garden.changed(
                ROSE, "petals", p -> p.with(d -> d.carries = Optional.of(new Carried("pale", 10, 8, 0.6))));
        List<Drawing.DrawnRing> both = rings(carrying, "petals");
        assertEquals(both.get(0).shade(), Optional.empty());
        assertEquals(both.get(1).shade(), Optional.of("pale"));
        assertTrue(reach(both.get(1)) < reach(both.get(0)));
    }

    private static double reach(Drawing.DrawnRing ring) {
        double most = 0;
        for (int i = 0; i < ring.outline().length; i += 2) {
            most = Math.max(most, Math.hypot(ring.outline()[i], ring.outline()[i + 1]));
        }
        return most;
    }

    @Test
    public void whatReturnsOverTheCentreShowsTheLaminatedBack() {
        Former deep = new Former("cup", 16, 15, Former.Side.CUPS_IN);
        Species closed = Garden.changed(ROSE, "petals", p -> p.withOpensDeg(10)
                .withFormer(Optional.of(deep))
                .with(d -> d.lining = Optional.of(new Lining("green", 0.5))));
        List<Drawing.DrawnRing> laps = rings(closed, "petals");
        assertEquals(laps.size(), 2);
        assertEquals(laps.get(0).shade(), Optional.empty());
        assertEquals(laps.get(1).shade(), Optional.of("green"));
        assertEquals(laps.get(1).lap(), Drawing.Lap.OVER);
    }

    @Test
    public void aFrillStandsOffTheOutlineByItsAmplitudeAtMost() {
        Edge frilled = new Edge(4, 0.35, 6, 0, Edge.Finish.SMOOTH);
        Species frill = Garden.changed(ROSE, "petals", p -> p.withOpensDeg(30).with(d -> d.edge = frilled));
        Species plain = Garden.changed(ROSE, "petals", p -> p.withOpensDeg(30));
        double amplitude = frilled.ruffle(0.7).amplitudeMm();
        double off = Math.abs(reach(rings(frill, "petals").get(0))
                - reach(rings(plain, "petals").get(0)));
        assertTrue(off <= amplitude + 0.05, off + " of " + amplitude);
        assertTrue(rings(frill, "petals").get(0).outline().length
                > rings(plain, "petals").get(0).outline().length);
    }

    @Test
    public void theOutermostRadiusIsThatOfAFineMesh() {
        for (Species species :
                List.of(ROSE, Garden.bud(), Garden.changed(ROSE, "petals", p -> p.with(d -> d.foldDeg = 60)))) {
            for (PlacedRing ring : Garden.form(species).rings()) {
                double most = 0;
                PetalSurface surface = ring.surface();
                for (int i = 0; i <= 400; i++) {
                    double s = surface.outline().lengthMm() * i / 400;
                    for (int j = 0; j <= 20; j++) {
                        double[] p = surface.point(s, surface.outline().halfWidthAt(s) * j / 20);
                        most = Math.max(most, Math.hypot(p[0], p[1]));
                    }
                }
                Close.within(0.003, ring.outerMm(), most);
            }
        }
    }

    @Test
    public void aPulledPetalIsDrawnThickAtItsFootAndThinAtItsLip() {
        Species pulled = Garden.changed(ROSE, "petals", p -> p.withMaking(new FromBall.Pulled(1.8, 0.5)));
        Drawing.Profile profile = drawn(pulled).section().profiles().stream()
                .filter(p -> p.partId().equals("petals"))
                .findFirst()
                .orElseThrow();
        assertEquals(profile.thicknessMm(), 1.8);
        assertEquals(profile.tipMm(), 0.5);
    }

    @Test
    public void centresStandAtTheirHeightsTheHighestDrawnLast() {
        Centre above = new Centre("above", "above", PINK, new CentreForm.Ball(4), 26, 9, 0, 0, 10, Colouring.NONE);
        Drawing drawing = drawn(Garden.and(ROSE, above));
        List<Drawing.CentreDisc> discs = drawing.face().discs();
        assertEquals(discs.get(discs.size() - 1).partId(), "above");
        double[] profile = drawing.section().solids().stream()
                .filter(s -> s.partId().equals("above"))
                .findFirst()
                .orElseThrow()
                .profile();
        assertEquals(profile[1], 9.0);
        assertEquals(profile[profile.length - 1], 13.0);
    }

    @Test
    public void aRollIsDrawnAsItsSpiralRoundItsHollow() {
        Roll roll = new Roll("r", "r", PINK, new RollForm.Strip(160, 30, false), 1, 0.5, 6, Colouring.NONE);
        Drawing.Face face = drawn(Garden.species(30, roll)).face();
        assertEquals(face.discs().get(0).hollowMm(), 3.0);
        double[] spiral = face.strokes().get(0).points();
        assertEquals(Math.hypot(spiral[0], spiral[1]), 3.0, 0.02);
        int last = spiral.length - 2;
        assertEquals(Math.hypot(spiral[last], spiral[last + 1]), roll.radiusMm(), 0.02);
        assertEquals(face.radiusMm(), roll.radiusMm(), 0.01);
    }

    @Test
    public void aBeadHangsBelowTheNeckAndCountsIntoTheHeight() {
        Bead hip = new Bead("hip", "hip", PINK, 8, 30, -2, Colouring.NONE);
        double without = Garden.form(ROSE).heightMm();
        assertTrue(Garden.form(Garden.and(ROSE, hip)).heightMm() > without);
        assertTrue(drawn(Garden.and(ROSE, hip)).section().lowestMm() <= -32);
    }

    @Test
    public void threadedPetalsLeaveTheAxisAtTheMiddleOfTheirCut() {
        Species threaded = Garden.changed(
                ROSE, "petals", p -> p.withMaking(new OnePiece(p.thinning().orElseThrow(), 14, OnePiece.Division.WHOLE))
                        .withAttachment(new Attachment.Threaded()));
        double growth =
                ((Petaled) threaded.part("petals").orElseThrow()).pieces().growth();
        Close.within(1e-9, placed(threaded, "petals").neckMm(), 7 * growth);
    }
}
