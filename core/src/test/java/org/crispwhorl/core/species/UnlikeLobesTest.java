package org.crispwhorl.core.species;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.DoubleStream;
import org.crispwhorl.core.Close;
import org.crispwhorl.core.Garden;
import org.crispwhorl.core.colour.Colouring;
import org.crispwhorl.core.form.Coverage;
import org.crispwhorl.core.form.FlowerForm;
import org.crispwhorl.core.form.PlacedRing;
import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.paste.Medium;
import org.crispwhorl.core.paste.Paste;
import org.crispwhorl.core.thinning.Thinning;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** A cut of petals that are alike and lobes that are not. */
public class UnlikeLobesTest {
    private static final Paste PASTE = Paste.usual(Medium.GUM_PASTE);
    private static final Outline LIP = Outline.of(24, 20, 0.6, 0.2, 2);

    private static Lobe lip(int count, double turnDeg) {
        return new Lobe(LIP, count, turnDeg, 80, Optional.empty());
    }

    private static Pieces cut(int count, OnePiece.Division division, int petalsInCut, Lobe... lobes) {
        return Garden.petals(count, 18, 9, 50).with(d -> {
            d.making = new OnePiece(new Thinning(1, 0.7), 6, division, petalsInCut, List.of(lobes));
            d.attachment = new Attachment.Threaded(0.2, 0.4);
            d.former = Optional.empty();
            d.joining = Joining.of(Joining.As.SOFT, Joining.Onto.SOFT);
        });
    }

    private static double paste(Pieces pieces) {
        return pieces.count() * pieces.making().volumeMm3(pieces.outline(), pieces.count(), PASTE);
    }

    @DataProvider
    public Object[][] divisions() {
        return Arrays.stream(OnePiece.Division.values())
                .map(d -> new Object[] {d})
                .toArray(Object[][]::new);
    }

    /** However the cut is divided, a lobe more takes the paste that it adds: no more than its own area, and not less than what shows. */
    @Test(dataProvider = "divisions")
    public void aLobeTakesThePasteThatItAdds(OnePiece.Division division) {
        double without = paste(cut(4, division, 0));
        double with = paste(cut(4, division, 0, lip(1, 45)));
        double own = LIP.areaMm2() * 1;
        assertTrue(with > without + 0.8 * own && with < without + own + 1, division + ": " + without + " to " + with);
        double two = paste(cut(4, division, 0, lip(2, 45)));
        assertTrue(two > with, "two lips: " + two);
    }

    @Test
    public void petalsOfACutAreThoseOfTheRingBesideUnlikeLobes() {
        Pieces stated = cut(4, OnePiece.Division.WHOLE, 9, lip(1, 45));
        assertEquals(paste(stated), paste(cut(4, OnePiece.Division.WHOLE, 0, lip(1, 45))), 1e-9);
        assertEquals(
                stated.cut(), cut(4, OnePiece.Division.WHOLE, 0, lip(1, 45)).cut());
        Ring ring = new Ring("r", "r", Garden.PINK.id(), stated, Colouring.NONE);
        assertTrue(
                ring.idle().contains("pieces/making/petalsInCut"), ring.idle().toString());
        assertEquals(ring.pieceCount(), 5);
        assertEquals(ring.units(), 1);
    }

    private static FlowerForm form(Pieces pieces) {
        return Garden.form(
                Garden.species(50, Garden.ball(8), new Ring("r", "r", Garden.PINK.id(), pieces, Colouring.NONE)));
    }

    /** Whoever turns the ring turns the whole cut. */
    @Test
    public void lobesTurnWithTheirRing() {
        Pieces pieces = cut(1, OnePiece.Division.WHOLE, 0, lip(2, 90));
        List<PlacedRing> before = form(pieces).rings();
        List<PlacedRing> after =
                form(pieces.with(d -> d.place = d.place.withTurn(30))).rings();
        assertEquals(before.size(), 2);
        for (int k = 0; k < 2; k++) {
            double[] was = before.get(k).azimuthsRad();
            double[] now = after.get(k).azimuthsRad();
            for (int i = 0; i < was.length; i++) {
                Close.within(1e-9, now[i], was[i] + Math.toRadians(30));
            }
        }
        assertEquals(DoubleStream.of(before.get(1).azimuthsRad()).sum(), 0, 1e-9, "to either side of the first petal");
    }

    /** Seen from above the lobes count with their ring: all of one cut that nothing covers is seen. */
    @Test
    public void aCutIsSeenWithAllItsLobes() {
        Pieces pieces = cut(1, OnePiece.Division.WHOLE, 0, lip(1, 180));
        Coverage all = Coverage.of(form(pieces));
        Coverage alone = Coverage.of(form(cut(1, OnePiece.Division.WHOLE, 0)));
        assertTrue(all.planMm2("r") > 1.8 * alone.planMm2("r"), all.planMm2("r") + " and " + alone.planMm2("r"));
        assertTrue(all.seenFromAbove("r") > 0.6 && all.seenFromAbove("r") <= 1, "seen " + all.seenFromAbove("r"));
    }

    /** A flower wanted larger is cut larger with all its lobes. */
    @Test
    public void lobesAreScaledWithTheirCut() {
        Pieces pieces = cut(3, OnePiece.Division.WHOLE, 0, lip(1, 60));
        Making larger = pieces.making().scaled(1.2);
        Close.within(1e-9, larger.unlike().get(0).outline().lengthMm(), 1.2 * 24);
        assertEquals(larger.unlike().get(0).opensDeg(), 80.0);
        assertEquals(pieces.making().leaning(0.5).unlike().get(0).opensDeg(), 40.0);
    }
}
