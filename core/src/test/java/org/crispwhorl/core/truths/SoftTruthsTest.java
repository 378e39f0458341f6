package org.crispwhorl.core.truths;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.Garden;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.assessment.Plan;
import org.crispwhorl.core.assessment.Planning;
import org.crispwhorl.core.assessment.SoftWindow;
import org.crispwhorl.core.drying.Lying;
import org.crispwhorl.core.paste.Medium;
import org.crispwhorl.core.species.Attachment;
import org.crispwhorl.core.species.CentreForm;
import org.crispwhorl.core.species.Joining;
import org.crispwhorl.core.species.OnePiece;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Pieces;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.studio.Conditions;
import org.crispwhorl.core.thinning.Thinning;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What is laid on, wound round or pushed into what is soft, and how long that may wait: what makers do, and what the program asks. */
public class SoftTruthsTest {
    private static final Joining ON_SOFT = Joining.of(Joining.As.SOFT, Joining.Onto.SOFT);
    private static final Joining ON_HOLDS = Joining.of(Joining.As.SOFT, Joining.Onto.HOLDS);

    /** A cut of five of a finished thickness, glued so far up, hung. */
    private static Part cut(String id, double mm, double glued, Joining joining) {
        Pieces pieces = Garden.petals(5, 30, 26, 30).with(d -> {
            d.making = new OnePiece(new Thinning(1.3 * mm, mm), 6, OnePiece.Division.WHOLE);
            d.attachment = new Attachment.Threaded(glued, glued);
            d.former = Optional.empty();
            d.drying = new Lying.Hung();
            d.joining = joining;
        });
        return Truths.plain(id, pieces);
    }

    private static Species of(CentreForm form, Part... parts) {
        Part[] all = new Part[parts.length + 1];
        all[0] = Truths.centre(form, 20);
        System.arraycopy(parts, 0, all, 1, parts.length);
        return Garden.species(60, all);
    }

    private static double mostMin(Species species, int before, int part) {
        Assessment a = new Assessment(species, Conditions.USUAL);
        List<Part> parts = a.species().parts();
        return 60
                * SoftWindow.mostH(a, parts.get(before), parts.get(part), true).orElseThrow();
    }

    private static Species two(double mm, Joining joining) {
        return of(new CentreForm.Cone(15, 31), cut("first", mm, 0.25, ON_HOLDS), cut("second", mm, 0.25, joining));
    }

    private static Species made(Medium medium) {
        return two(1.7, ON_SOFT).withMedium(medium);
    }

    private static Species folded() {
        return of(new CentreForm.Teardrop(6, 10), cut("petals", 0.75, 0.45, ON_SOFT));
    }

    /** Number of the truth, what is done, minutes it may wait at most, from, to. */
    @DataProvider
    public Object[][] most() {
        return new Object[][] {
            {9, "the next frilled cut", mostMin(two(0.5, ON_HOLDS), 1, 2), 3, 90},
            {11, "a calyx after the last ring", mostMin(two(0.5, ON_HOLDS), 1, 2), 3, 90},
            {14, "the next row of chocolate", mostMin(made(Medium.MODELLING_CHOCOLATE), 1, 2), 2, 20},
            {18, "three on the cloak, of marzipan", mostMin(made(Medium.MARZIPAN), 1, 2), 2, 60},
            {23, "the second cut", mostMin(two(0.7, ON_HOLDS), 1, 2), 3, 60},
            {54, "a cut folded over its bud", mostMin(folded(), 0, 1), 3, 20},
            {58, "the second strip round the first", mostMin(two(0.8, ON_SOFT), 1, 2), 2, 30},
        };
    }

    @Test(dataProvider = "most")
    public void whatIsSoftWaitsSoLongAtMost(int truth, String act, double figure, double from, double to) {
        assertTrue(figure >= from && figure <= to, truth + " " + act + ": " + figure);
    }

    /** A cut on a bought core, a cut after a cut: at once. After a rest that is stated nothing closes. */
    @Test
    public void whatNeedNotWaitIsDoneAtOnce() {
        Plan plan = Planning.of(new Assessment(two(0.7, ON_HOLDS), Conditions.USUAL));
        Plan.Task second = plan.tasks().stream()
                .filter(t -> t.id().equals("make-second"))
                .findFirst()
                .orElseThrow();
        Plan.Gate gate = second.gates().stream()
                .filter(g -> g.afterTask().equals("make-first"))
                .findFirst()
                .orElseThrow();
        assertEquals(gate.waitH(), 0.0);
        assertTrue(gate.atMostH().isPresent());
        Joining rested = new Joining(
                Joining.As.SOFT,
                Joining.Onto.HOLDS,
                new Joining.Rest(Joining.Rest.Until.HOLDS, 0, Joining.Rest.Position.HANGING));
        Species dahlia =
                of(new CentreForm.Cone(15, 31), cut("first", 0.7, 0.25, rested), cut("second", 0.7, 0.25, ON_HOLDS));
        assertTrue(Planning.of(new Assessment(dahlia, Conditions.USUAL)).tasks().stream()
                .filter(t -> t.id().equals("make-second"))
                .flatMap(t -> t.gates().stream())
                .allMatch(g -> g.atMostH().isEmpty()));
        assertTrue(
                Planning.of(new Assessment(two(0.7, ON_HOLDS), Conditions.USUAL)).tasks().stream()
                        .filter(t -> t.id().equals("make-first"))
                        .flatMap(t -> t.gates().stream())
                        .allMatch(g -> g.atMostH().isEmpty()),
                "the first cut waits for its cone, and for that no window closes");
    }
}
