package org.crispwhorl.core.reckoning;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.Close;
import org.crispwhorl.core.Garden;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.colour.Colouring;
import org.crispwhorl.core.measure.Figure;
import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.paste.Paste;
import org.crispwhorl.core.species.Bead;
import org.crispwhorl.core.species.Carried;
import org.crispwhorl.core.species.Edge;
import org.crispwhorl.core.species.FineStamens;
import org.crispwhorl.core.species.FromBall;
import org.crispwhorl.core.species.HollowedCone;
import org.crispwhorl.core.species.Making;
import org.crispwhorl.core.species.OnePiece;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.species.Pieces;
import org.crispwhorl.core.species.Pistil;
import org.crispwhorl.core.species.Roll;
import org.crispwhorl.core.species.RollForm;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.species.StemWrap;
import org.crispwhorl.core.species.Tendril;
import org.crispwhorl.core.studio.Conditions;
import org.crispwhorl.core.thinning.Thinning;
import org.crispwhorl.core.work.Operation;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What is told of every kind of part, each figure with its reason. */
public class PartFiguresTest {
    private static final Species ROSE = Garden.rose();
    private static final String PINK = Garden.PINK.id();

    private static List<Figure> figures(Part part) {
        return of(Garden.and(ROSE, part), part.id());
    }

    private static List<Figure> of(Species species, String id) {
        return Reckoner.reckon(species, Conditions.USUAL).parts().stream()
                .filter(p -> p.id().equals(id))
                .findFirst()
                .orElseThrow()
                .figures();
    }

    private static double figure(Part part, String key) {
        return Figure.find(figures(part), key).value();
    }

    private static double petals(java.util.function.UnaryOperator<Pieces> change, String key) {
        return Figure.find(of(Garden.changed(ROSE, "petals", change), "petals"), key)
                .value();
    }

    private static boolean told(List<Figure> figures, String key) {
        return figures.stream().anyMatch(f -> f.key().equals(key));
    }

    @Test
    public void aPistilTakesTapeAndNoPaste() {
        Pistil pistil = new Pistil("p", "p", PINK, 3, 14, 6, 120, 6, 40, Colouring.NONE);
        assertEquals(figure(pistil, "tape"), 3 * (6 + 14 + 40.0));
        assertEquals(figure(pistil, "strand"), 1.0, 1e-9);
        assertFalse(told(figures(pistil), "pieceMass"));
        assertFalse(told(figures(pistil), "dry"));
    }

    @Test
    public void fineStamensStandAsFarApartAsTheirRingAllows() {
        FineStamens fine = new FineStamens("f", "f", PINK, 8, 33, 12, 4, 3, 1.2, 0, 60, Colouring.NONE);
        Close.within(1e-9, figure(fine, "spacing"), Math.PI);
        Close.within(1e-9, figure(fine, "wireLength"), Math.hypot(12, 4) + 60);
        assertTrue(figure(fine, "dry") > 0);
    }

    @Test
    public void aTendrilIsTakenFromItsLengthOfWire() {
        Tendril tendril = new Tendril("t", "t", PINK, 2, 30, 15, 6, 3, -20, 40, Colouring.NONE);
        Close.within(1e-9, figure(tendril, "wireLength"), 40 + 15 + 3 * Math.PI * 6);
        assertTrue(figure(tendril, "labour") > 0);
    }

    @Test
    public void aBeadStartsFromABallOfItsVolume() {
        Bead bead = new Bead("b", "b", PINK, 8, 12, -1, Colouring.NONE);
        Close.within(1e-9, Math.pow(figure(bead, "ball"), 3), 8 * 8 * 12);
        Close.within(1e-9, figure(bead, "pieceMass"), Math.PI / 6 * 768 / 1000 * 1.38);
    }

    @Test
    public void tapeThickensAStemInLayersAndPaperUnderOne() {
        StemWrap tape = new StemWrap("w", "w", PINK, 6, 80, StemWrap.With.TAPE, Colouring.NONE);
        double stem =
                new Assessment(Garden.and(ROSE, tape), Conditions.USUAL).form().bareStemMm();
        assertEquals(figure(tape, "layers"), Math.ceil((6 - stem) / 2 / 0.12));
        Close.within(
                1e-9,
                figure(tape, "tape"),
                figure(tape, "layers") * 80 * Math.hypot(Math.PI * (stem + 6) / 2, 6) / 6 / 1.5);
        StemWrap paper = new StemWrap("w", "w", PINK, 6, 80, StemWrap.With.PAPER, Colouring.NONE);
        assertEquals(figure(paper, "layers"), 1.0);
        assertTrue(figure(paper, "tape") < figure(tape, "tape"));
    }

    @Test
    public void pasteRoundAStemIsWeighedAndDries() {
        StemWrap paste = new StemWrap("w", "w", PINK, 8, 40, StemWrap.With.PASTE, Colouring.NONE);
        double stem =
                new Assessment(Garden.and(ROSE, paste), Conditions.USUAL).form().bareStemMm();
        Close.within(1e-9, figure(paste, "pieceMass"), Math.PI / 4 * (64 - stem * stem) * 40 / 1000 * 1.38);
        assertTrue(figure(paste, "dry") > 0);
    }

    @Test
    public void aRolledStripIsToldByItsTurns() {
        Roll roll = new Roll("r", "r", PINK, new RollForm.Strip(160, 30, true), 1, 0.5, 2, Colouring.NONE);
        assertEquals(figure(roll, "across"), 2 * roll.radiusMm());
        assertEquals(figure(roll, "height"), 15.0);
        Close.within(1e-9, figure(roll, "pieceMass"), 160 * 30 / 1000.0 * 1.38);
    }

    @DataProvider
    public Object[][] balls() {
        return new Object[][] {
            {new FromBall.Pressed(11)},
            {new FromBall.Weighed(0.9)},
            {new FromBall.Pulled(1.6, 0.6)},
            {new HollowedCone(0.9, 6, 4)}
        };
    }

    @Test(dataProvider = "balls")
    public void withoutACutterTheBallToStartFromIsTold(Making making) {
        Species made =
                Garden.changed(ROSE, "petals", p -> p.withOutline(p.finished()).withMaking(making));
        Pieces pieces = ((Petaled) made.part("petals").orElseThrow()).pieces();
        List<Figure> told = of(made, "petals");
        double ball = Figure.find(told, "ball").value();
        double fromOne = making.piecesPerUnit(5);
        Close.within(1e-9, Math.PI * Math.pow(ball, 3) / 6, fromOne * pieces.volumeMm3(Paste.usual(made.medium())));
        Close.within(1e-9, Figure.find(told, "slice").value(), ball * 2 / 3);
        assertFalse(told(told, "cutLength"));
    }

    @Test
    public void aOnePieceCutIsToldFromTipToTip() {
        double across =
                petals(p -> p.withMaking(new OnePiece(new Thinning(1, 0.6), 5, OnePiece.Division.WHOLE)), "across");
        assertEquals(across, 5 + 2 * 26.0);
    }

    @Test
    public void aFrillIsAsHighAsItsEdgeWasThinned() {
        double low = petals(p -> p.with(d -> d.edge = new Edge(4, 0.6, 8, 0, Edge.Finish.SMOOTH)), "frill");
        double high = petals(p -> p.with(d -> d.edge = new Edge(4, 0.35, 8, 0, Edge.Finish.SMOOTH)), "frill");
        assertTrue(high > low && low > 0);
        Close.within(1e-9, high, 8 * Math.sqrt((2.0 - 1) / (2 + 1)) / Math.PI);
    }

    /** What is done to each petal besides, and that it takes hands. */
    @DataProvider
    public Object[][] besides() {
        java.util.function.UnaryOperator<Pieces> frilled =
                p -> p.with(d -> d.edge = new Edge(4, 0.4, 8, 0, Edge.Finish.SMOOTH));
        java.util.function.UnaryOperator<Pieces> torn =
                p -> p.with(d -> d.edge = new Edge(0, 0.4, 0, 0, Edge.Finish.TORN));
        java.util.function.UnaryOperator<Pieces> carrying =
                p -> p.with(d -> d.carries = Optional.of(new Carried("pale", 8, 6, 0.6)));
        java.util.function.UnaryOperator<Pieces> pulled = p -> p.withMaking(new FromBall.Pulled(1.6, 0.6));
        return new Object[][] {{frilled}, {torn}, {carrying}, {pulled}};
    }

    @Test(dataProvider = "besides")
    public void whatIsDoneBesidesTakesHands(java.util.function.UnaryOperator<Pieces> change) {
        assertTrue(petals(change, "labour") > petals(p -> p, "labour"));
    }

    @Test
    public void takingAOnePieceCutApartTakesMoreHandsThanLeavingItWhole() {
        double whole = handsOf(OnePiece.Division.WHOLE);
        assertTrue(handsOf(OnePiece.Division.SECTIONS) > whole);
        assertTrue(handsOf(OnePiece.Division.SINGLES) > whole);
    }

    private static double handsOf(OnePiece.Division division) {
        return petals(
                p -> p.withMaking(new OnePiece(new Thinning(1, 0.6), 5, division))
                        .withAttachment(new org.crispwhorl.core.species.Attachment.Threaded()),
                "labour");
    }

    @Test
    public void everyPassOfPaintTakesHands() {
        Part leaves = ROSE.part("leaves").orElseThrow();
        Species painted = ROSE.with(((Petaled) leaves).with(Garden.passes(1, 2, org.crispwhorl.core.paste.Stage.DRY)));
        double more = Figure.find(of(painted, "leaves"), "labour").value()
                - Figure.find(of(ROSE, "leaves"), "labour").value();
        Close.within(1e-9, more, 3 * 2 * Operation.PAINT.eachMin());
    }

    @Test
    public void aThickFootDriesLaterThanItsLip() {
        Species pulled = Garden.changed(ROSE, "petals", p -> p.withMaking(new FromBall.Pulled(2, 0.4)));
        Assessment a = new Assessment(pulled, Conditions.USUAL);
        Part petals = pulled.part("petals").orElseThrow();
        double foot = a.body(petals).orElseThrow().firstMm();
        assertTrue(foot > a.body(petals).orElseThrow().freeMm() && foot < 2, foot + " mm: it is narrow there");
    }

    @Test
    public void leavesOfTapeNeverDryAndWeighNothing() {
        Species taped = Garden.changed(ROSE, "leaves", p -> p.withOutline(Outline.of(30, 12, 0.4, 0.3, 1.4))
                .withMaking(new Making.Tape(18)));
        List<Figure> leaves = of(taped, "leaves");
        assertFalse(told(leaves, "pieceMass"));
        assertFalse(told(leaves, "dry"));
    }
}
