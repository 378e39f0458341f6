package org.crispwhorl.core.studio;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.Close;
import org.crispwhorl.core.Garden;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.finding.Finding;
import org.crispwhorl.core.finding.Findings;
import org.crispwhorl.core.measure.Figure;
import org.crispwhorl.core.reckoning.Reckoner;
import org.crispwhorl.core.reckoning.Reckoning;
import org.crispwhorl.core.species.Attachment;
import org.crispwhorl.core.species.Choices;
import org.crispwhorl.core.species.OnePiece;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.species.Pieces;
import org.crispwhorl.core.species.Ring;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.species.Techniques;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Each way changes the figures that it says it changes, and a part or a species may choose otherwise than the studio. */
public class AppliedTechniquesTest {
    private static final Species ROSE = Garden.changed(Garden.rose(), "petals", p -> p.with(d -> d.fewerCount = 4));

    private static Conditions studio(Choices chosen) {
        return Conditions.USUAL.withTechniques(Techniques.USUAL.with(chosen));
    }

    private static Choices only(java.util.function.UnaryOperator<Techniques> change) {
        return change.apply(Techniques.USUAL).all();
    }

    private static Techniques with(
            Techniques w,
            Techniques.Ridge ridge,
            Techniques.WireEnd end,
            Techniques.WireInside wireInside,
            Techniques.Petals petals,
            Techniques.Counts counts,
            Techniques.RingOrder order,
            Techniques.Assembly assembly) {
        return new Techniques(
                w.board(),
                ridge,
                end,
                wireInside,
                petals,
                w.glue(),
                w.dusting(),
                counts,
                w.ladder(),
                order,
                assembly,
                w.driesIn(),
                w.tape());
    }

    private static Choices ridge(Techniques.Ridge ridge) {
        return only(
                w -> with(w, ridge, w.wireEnd(), w.wireInside(), w.petals(), w.counts(), w.ringOrder(), w.assembly()));
    }

    private static Choices wireInside(Techniques.WireInside wireInside, Techniques.WireEnd end) {
        return only(w -> with(w, w.ridge(), end, wireInside, w.petals(), w.counts(), w.ringOrder(), w.assembly()));
    }

    private static Choices quick() {
        return only(w -> with(
                w,
                w.ridge(),
                w.wireEnd(),
                w.wireInside(),
                w.petals(),
                Techniques.Counts.FEWER,
                w.ringOrder(),
                w.assembly()));
    }

    private static Choices onePiece() {
        return only(w -> with(
                w,
                w.ridge(),
                w.wireEnd(),
                w.wireInside(),
                Techniques.Petals.ONE_PIECE,
                w.counts(),
                w.ringOrder(),
                w.assembly()));
    }

    private static Choices order(Techniques.RingOrder order) {
        return only(w -> with(w, w.ridge(), w.wireEnd(), w.wireInside(), w.petals(), w.counts(), order, w.assembly()));
    }

    private static Choices onePass() {
        return only(w -> with(
                w,
                w.ridge(),
                w.wireEnd(),
                w.wireInside(),
                w.petals(),
                w.counts(),
                w.ringOrder(),
                Techniques.Assembly.ONE_PASS));
    }

    private static Pieces petals(Species species, Conditions conditions) {
        return ((Petaled) new Assessment(species, conditions)
                        .species()
                        .part("petals")
                        .orElseThrow())
                .pieces();
    }

    private static double figure(Species species, Conditions conditions, String part, String key) {
        Reckoning reckoning = Reckoner.reckon(species, conditions);
        return Figure.find(
                        part.isEmpty()
                                ? reckoning.figures()
                                : reckoning.parts().stream()
                                        .filter(p -> p.id().equals(part))
                                        .findFirst()
                                        .orElseThrow()
                                        .figures(),
                        key)
                .value();
    }

    @Test
    public void byTheUsualTechniquesItIsMadeAsItIsDesigned() {
        Species made = new Assessment(ROSE, Conditions.USUAL).species();
        assertEquals(made.parts(), ROSE.parts());
        assertEquals(made.shades(), ROSE.shades());
    }

    @DataProvider
    public Object[][] allTechniques() {
        return new Object[][] {
            {Choices.NONE},
            {ridge(Techniques.Ridge.SANDWICH)},
            {quick()},
            {onePiece()},
            {order(Techniques.RingOrder.LARGE_INSIDE)},
            {wireInside(Techniques.WireInside.MIDDLE, Techniques.WireEnd.HOOK)},
            {onePass()}
        };
    }

    @Test(dataProvider = "allTechniques")
    public void makingItSoTwiceChangesNothingMore(Choices chosen) {
        Conditions studio = studio(chosen);
        Species once = new Assessment(ROSE, studio).species();
        assertEquals(new Assessment(once, studio).species(), once);
    }

    @Test
    public void aRidgedBoardGivesItsOwnRidgeAndNoLargerLotsThanGrooves() {
        Conditions board = studio(ridge(Techniques.Ridge.BOARD));
        assertEquals(((Attachment.Wired) petals(ROSE, board).attachment()).ridgeMm(), 1.2);
        assertEquals(figure(ROSE, board, "petals", "batch"), 8.0);
        assertTrue(figure(ROSE, Conditions.USUAL, "petals", "batch") > 8);
    }

    @Test
    public void aSandwichLeavesTwoSheetsForTheWire() {
        assertEquals(
                ((Attachment.Wired) petals(ROSE, studio(ridge(Techniques.Ridge.SANDWICH)))
                                .attachment())
                        .ridgeMm(),
                2.2,
                1e-9);
    }

    @Test
    public void aHookTakesThreeMillimetresMoreWire() {
        double straight = figure(ROSE, Conditions.USUAL, "petals", "wireLength");
        Conditions hooked = studio(wireInside(Techniques.WireInside.STATED, Techniques.WireEnd.HOOK));
        assertEquals(figure(ROSE, hooked, "petals", "wireLength") - straight, 3.0, 1e-9);
    }

    @Test
    public void aWireToTheMiddleGoesInHalfTheFinishedLength() {
        Conditions middle = studio(wireInside(Techniques.WireInside.MIDDLE, Techniques.WireEnd.STRAIGHT));
        Pieces petals = petals(ROSE, middle);
        Close.within(
                1e-9,
                ((Attachment.Wired) petals.attachment()).wireInsideMm(),
                petals.finished().lengthMm() / 2);
    }

    @Test
    public void quickCountsTakeFewerPetalsLessPasteAndFewerMinutes() {
        assertEquals(petals(ROSE, studio(quick())).count(), 4);
        for (String key : List.of("petals", "paste", "labour")) {
            assertTrue(figure(ROSE, studio(quick()), "", key) < figure(ROSE, Conditions.USUAL, "", key), key);
        }
    }

    @Test
    public void onePieceBlossomsTakeNoPetalWireAndFewerMinutes() {
        Pieces petals = petals(ROSE, studio(onePiece()));
        assertTrue(petals.making() instanceof OnePiece);
        assertEquals(petals.attachment(), new Attachment.Threaded());
        assertTrue(figure(ROSE, studio(onePiece()), "petals", "labour")
                < figure(ROSE, Conditions.USUAL, "petals", "labour"));
    }

    @Test
    public void theOrderOfTheRingsChangesWhatShowsOfEach() {
        Species two = Garden.species(
                70,
                Garden.ball(8),
                Garden.ring("long", Garden.petals(5, 30, 26, 70)),
                Garden.ring("short", Garden.petals(5, 22, 22, 72)));
        Conditions small = studio(order(Techniques.RingOrder.SMALL_INSIDE));
        List<String> ids = new Assessment(two, small)
                .species().parts().stream()
                        .filter(Ring.class::isInstance)
                        .map(p -> p.id())
                        .toList();
        assertEquals(ids, List.of("short", "long"));
        assertTrue(figure(two, small, "short", "seenAbove") > figure(two, Conditions.USUAL, "short", "seenAbove"));
    }

    @Test
    public void onePassUnderOneWrapMakesAThinnerStem() {
        Species two = Garden.species(
                70,
                Garden.ball(8),
                Garden.ring("a", Garden.petals(5, 26, 25, 66)),
                Garden.ring("b", Garden.petals(5, 30, 28, 74)));
        assertTrue(figure(two, studio(onePass()), "", "stem") < figure(two, Conditions.USUAL, "", "stem"));
        assertTrue(figure(two, studio(onePass()), "", "labour") < figure(two, Conditions.USUAL, "", "labour"));
    }

    @Test
    public void theSpeciesChoosesBeforeTheStudioAndThePartBeforeBoth() {
        Species faithful = ROSE.withTechniques(Techniques.USUAL.all());
        assertEquals(petals(faithful, studio(quick())).count(), 5);
        Species part = Garden.changed(faithful, "petals", p -> p.with(d -> d.techniques = Optional.of(quick())));
        assertEquals(petals(part, studio(Choices.NONE)).count(), 4);
    }

    @Test
    public void aFixOfAQuickCountLeavesTheFaithfulOneAlone() {
        Species narrow =
                Garden.changed(ROSE, "petals", p -> p.withOutline(p.outline().withWidth(21)));
        Finding gap = Findings.of(new Assessment(narrow, studio(quick()))).stream()
                .filter(f -> f.kind().equals("ring-gap"))
                .findFirst()
                .orElseThrow();
        Pieces mended = ((Petaled) gap.fixes().get(0).species().part("petals").orElseThrow()).pieces();
        assertEquals(mended.count(), 5);
        assertTrue(mended.fewerCount() > 4, "the quick count is mended");
        assertEquals(gap.fixes().get(0).species().techniques(), narrow.techniques());
    }

    @Test
    public void aFixKeepsWhatTheStudioAloneHadAltered() {
        Species designed =
                Garden.changed(ROSE, "leaves", p -> p.withOutline(p.outline().withLength(27)));
        Conditions studio = studio(ridge(Techniques.Ridge.SANDWICH));
        Species carried = AppliedTechniques.edited(
                designed, studio.techniques(), studio.kit(), s -> Garden.changed(s, "leaves", p -> p.withCount(4)));
        Pieces leaves = ((Petaled) carried.part("leaves").orElseThrow()).pieces();
        assertEquals(leaves.count(), 4);
        assertEquals(((Attachment.Wired) leaves.attachment()).ridgeMm(), Garden.WIRED.ridgeMm());
        assertEquals(leaves.techniques(), Optional.empty());
    }

    @Test
    public void aFixClearsTheWayThatWouldOverrideIt() {
        Conditions studio = studio(ridge(Techniques.Ridge.BALL));
        Species mended = AppliedTechniques.edited(
                ROSE,
                studio.techniques(),
                studio.kit(),
                s -> Garden.changed(s, "leaves", p -> p.withWire(w -> w.withRidge(1.7))));
        Pieces made = ((Petaled)
                        new Assessment(mended, studio).species().part("leaves").orElseThrow())
                .pieces();
        assertEquals(made.wired().orElseThrow().ridgeMm(), 1.7);
        Pieces other = ((Petaled) mended.part("petals").orElseThrow()).pieces();
        assertEquals(other.techniques(), Optional.empty(), "other parts go on as the studio does them");
    }
}
