package org.crispwhorl.core.truths;

import static org.testng.Assert.assertTrue;

import java.util.Optional;
import org.crispwhorl.core.Garden;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.assessment.Planning;
import org.crispwhorl.core.colour.Colouring;
import org.crispwhorl.core.drying.Lying;
import org.crispwhorl.core.paste.Medium;
import org.crispwhorl.core.paste.Stage;
import org.crispwhorl.core.species.Attachment;
import org.crispwhorl.core.species.Bead;
import org.crispwhorl.core.species.Calyx;
import org.crispwhorl.core.species.CentreForm;
import org.crispwhorl.core.species.CoveredBall;
import org.crispwhorl.core.species.Dome;
import org.crispwhorl.core.species.FromBall;
import org.crispwhorl.core.species.Joining;
import org.crispwhorl.core.species.Making;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Pieces;
import org.crispwhorl.core.species.Ring;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.species.Texture;
import org.crispwhorl.core.studio.Conditions;
import org.crispwhorl.core.thinning.Thinning;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** When flowers of common builds can leave, hours from the first touch. */
public class HandOverTruthsTest {
    private static Part calyx() {
        Pieces star = LaidTruthsTest.cut(5, 49, 5, 7, 0.5, 70);
        return new Calyx("calyx", "calyx", Garden.GREEN.id(), star, Colouring.NONE);
    }

    private static Part ring(String id, double across, double glued) {
        return Truths.plain(
                id, LaidTruthsTest.cut(5, across, 6, across * 0.42, glued, 30).with(d -> d.drying = new Lying.Hung()));
    }

    static Species twoCutRose() {
        return Garden.species(
                50,
                Truths.centre(new CentreForm.Cone(15, 31), 20),
                ring("first", 72, 0.25),
                ring("second", 72, 0.25),
                calyx(),
                new Bead("bead", "bead", Garden.GREEN.id(), 8, 7, -1, Colouring.NONE));
    }

    private static Species onABoughtBud() {
        return Garden.species(
                50,
                Truths.centre(new CoveredBall(20, 0), 20),
                ring("first", 70, 0.5),
                ring("second", 76, 0.35),
                calyx());
    }

    private static Species ofBalls(Medium medium) {
        Part[] parts = new Part[4];
        parts[0] = Truths.centre(new CentreForm.Teardrop(14, 22), 20);
        int[] counts = {1, 3, 5};
        for (int i = 0; i < counts.length; i++) {
            int ring = i;
            parts[i + 1] = Truths.plain(
                    "ring" + i, Garden.petals(counts[i], 34, 34, 20 + 25 * i).with(d -> {
                        d.making = new FromBall.Pressed(14);
                        d.attachment = new Attachment.Glued(0.6 - 0.2 * ring);
                        d.former = Optional.empty();
                        d.joining = Joining.of(Joining.As.SOFT, Joining.Onto.SOFT);
                    }));
        }
        return Garden.in(Garden.species(60, parts), medium);
    }

    private static Species wiredAnemone(double mm, double centre) {
        Pieces petals = Garden.petals(6, 38, 34, 72).with(d -> {
            d.making = new Making.Sheet(new Thinning(1.1, mm));
            d.attachment = new Attachment.Wired(26, 6.5, 0, 8, 80, mm + 0.2);
            d.joining = Joining.of(Joining.As.FIRM, Joining.Onto.DRY);
        });
        return Garden.species(
                80,
                Truths.centre(new Dome(centre, centre / 2, Texture.SNIPPED), 20),
                new Ring("petals", "petals", Garden.PINK.id(), petals, Garden.passes(2, 0, Stage.DRY)));
    }

    /** What it is, the flower, from, to. */
    @DataProvider
    public Object[][] flowers() {
        return new Object[][] {
            {"a chocolate rose at once", ofBalls(Medium.MODELLING_CHOCOLATE), 0, 0.75},
            {"a marzipan rose the same day", ofBalls(Medium.MARZIPAN), 0, 8},
            {"a two-cut rose a day or two after", twoCutRose(), 12, 48},
            {"a rose on a bought bud like any rose", onABoughtBud(), 8, 48},
            {"an anemone the next day", wiredAnemone(0.6, 10), 8, 24},
            {"one with a larger centre too", wiredAnemone(0.8, 16), 8, 24},
        };
    }

    @Test(dataProvider = "flowers")
    public void flowersLeaveWhenMakersLetThem(String what, Species species, double from, double to) {
        double ready = Planning.of(new Assessment(species, Conditions.USUAL)).readyH();
        assertTrue(ready >= from && ready <= to, what + ": " + ready + " h");
    }

    /** More paste never dries sooner: a cut more, or more of it glued, never lets a rose leave earlier. */
    @Test
    public void moreIsNeverSooner() {
        double before = 0;
        for (double glued = 0.1; glued <= 0.9; glued += 0.1) {
            Species rose = Garden.species(
                    50,
                    Truths.centre(new CentreForm.Cone(15, 31), 20),
                    ring("first", 72, glued),
                    ring("second", 72, glued));
            double ready = Planning.of(new Assessment(rose, Conditions.USUAL)).readyH();
            assertTrue(ready >= before - 1e-9, glued + ": " + ready + " before " + before);
            before = ready;
        }
    }
}
