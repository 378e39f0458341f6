package org.crispwhorl.core.drawing;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import java.util.List;
import org.crispwhorl.core.Garden;
import org.crispwhorl.core.colour.Colouring;
import org.crispwhorl.core.colour.Dip;
import org.crispwhorl.core.colour.Pass;
import org.crispwhorl.core.colour.Zone;
import org.crispwhorl.core.form.PlacedRing;
import org.crispwhorl.core.measure.InvalidValue;
import org.crispwhorl.core.paste.MixingLaw;
import org.crispwhorl.core.species.Species;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class ColouredPieceTest {
    private static final Dip PLUM = Dip.dust("plum", "#5a2040");

    private static PlacedRing ring(Pass pass) {
        Species species = Garden.species(
                60,
                Garden.ball(10),
                Garden.ring("petals", Garden.petals(5, 30, 26, 40)).with(new Colouring(List.of(pass))));
        return Garden.form(species).ring("petals").orElseThrow();
    }

    private static ColouredPiece piece(PlacedRing ring) {
        return ColouredPiece.of(ring, Garden.PINK, Garden.PALE);
    }

    @DataProvider
    public Object[][] zones() {
        return new Object[][] {{Zone.EDGE}, {Zone.FOOT}, {Zone.TIP}, {Zone.MIDRIB}, {Zone.BETWEEN}};
    }

    @Test(dataProvider = "zones")
    public void whatIsPulledToItsOwnHandleStaysAsItIs(Zone zone) {
        for (double reach : new double[] {1, 2.5, 4, 6}) {
            PlacedRing ring = ring(Garden.pass(zone, reach, 2, 0.5, PLUM));
            ColouredPiece.LaidPass laid = piece(ring).passes().get(0);
            Pass pulled = ColouredPiece.pulled(ring, 0, false, laid.reach().orElseThrow())
                    .passes()
                    .get(0);
            assertEquals(pulled.reachMm(), reach, 0.2, zone + " at " + reach);
            assertEquals(pulled.fadeMm(), 2, 1e-9);
            Pass faded = ColouredPiece.pulled(ring, 0, true, laid.fade().orElseThrow())
                    .passes()
                    .get(0);
            assertEquals(faded.fadeMm(), 2, 0.2, zone + " at " + reach);
            assertEquals(faded.reachMm(), reach, 1e-9);
        }
    }

    @Test
    public void aPullAtAnEdgeFollowsTheFingerDownTheMidrib() {
        double last = 0;
        for (double s = 34; s > 22; s -= 1) {
            PlacedRing ring = ring(Garden.pass(Zone.EDGE, 3, 2, 0.5, PLUM));
            Pass pulled = ColouredPiece.pulled(ring, 0, false, new ColouredPiece.Handle(0, s))
                    .passes()
                    .get(0);
            assertTrue(pulled.reachMm() > last, "at " + s);
            last = pulled.reachMm();
            ColouredPiece.Handle handle =
                    piece(ring(pulled)).passes().get(0).reach().orElseThrow();
            assertEquals(handle.alongMm(), s, 0.3, "the handle stays under the finger");
        }
    }

    @Test
    public void whatGoesAllOverHasNothingToPull() {
        PlacedRing ring = ring(Garden.pass(Zone.ALL, 0, 0, 0.5, PLUM));
        assertTrue(piece(ring).passes().get(0).reach().isEmpty());
        ColouredPiece.Handle tip = new ColouredPiece.Handle(0, 20);
        assertThrows(InvalidValue.class, () -> ColouredPiece.pulled(ring, 0, false, tip));
        assertThrows(InvalidValue.class, () -> ColouredPiece.pulled(ring, 1, false, tip));
    }

    @Test
    public void faceAndBackHaveTheColoursOfTheirOwnPasteAndPasses() {
        PlacedRing ring = ring(Garden.pass(Zone.TIP, 4, 4, 1, PLUM).withSide(Pass.PieceSide.BACK));
        ColouredPiece piece = piece(ring);
        assertEquals(at(piece.face(), 0.02), MixingLaw.colour(Garden.PINK));
        assertEquals(at(piece.back(), 0.02), "#5a2040");
        assertEquals(at(piece.back(), 0.8), MixingLaw.colour(Garden.PALE));
        assertEquals(piece.worn().paste(), MixingLaw.colour(Garden.PINK));
        assertTrue(piece.uses().get(0).milligrams() > 0);
    }

    /** The colour in the middle column of a grid, so far down. */
    private static String at(Drawing.ColourGrid grid, double down) {
        int cell = (int) (grid.rows() * down) * grid.columns() + grid.columns() / 2;
        return String.format("#%02x%02x%02x", grid.rgb()[3 * cell], grid.rgb()[3 * cell + 1], grid.rgb()[3 * cell + 2]);
    }

    /** However small a piece is, however steep it stands, and however short the stretch of it that is seen: no picture is black. */
    @Test
    public void noStretchOfAnyPieceIsWithoutAColour() {
        double[] base = MixingLaw.linear(Garden.PINK);
        for (double length : new double[] {3, 6, 12, 30}) {
            for (double lean : new double[] {0, 2, 45, 90, 120}) {
                Species species = Garden.species(
                        60,
                        Garden.ball(3),
                        Garden.ring("petals", Garden.petals(5, length, 0.8 * length, lean))
                                .with(new Colouring(List.of(Garden.pass(Zone.EDGE, 1, 1, 0.5, PLUM)))));
                PlacedRing ring = Garden.form(species).ring("petals").orElseThrow();
                double all = ring.surface().outline().lengthMm();
                for (double from = 0; from < all; from += all / 7) {
                    for (double stretch : new double[] {all / 400, all / 30, all}) {
                        Drawing.ColourGrid grid = PieceTint.of(
                                        ring.surface(), ring.tinted(), base, from, from + stretch, Pass.PieceSide.FACE)
                                .orElseThrow();
                        for (int cell = 0; cell < grid.columns() * grid.rows(); cell++) {
                            int sum = 0;
                            for (int k = 0; k < 3; k++) {
                                sum += grid.rgb()[3 * cell + k] & 0xff;
                            }
                            assertTrue(sum > 0, length + " mm, " + lean + "°, from " + from + " for " + stretch);
                        }
                    }
                }
            }
        }
    }
}
