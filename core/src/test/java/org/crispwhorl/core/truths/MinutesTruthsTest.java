package org.crispwhorl.core.truths;

import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.Garden;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.assessment.Planning;
import org.crispwhorl.core.colour.Colouring;
import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.paste.Medium;
import org.crispwhorl.core.paste.Stage;
import org.crispwhorl.core.species.Attachment;
import org.crispwhorl.core.species.Calyx;
import org.crispwhorl.core.species.CentreForm;
import org.crispwhorl.core.species.CoveredBall;
import org.crispwhorl.core.species.Dome;
import org.crispwhorl.core.species.Edge;
import org.crispwhorl.core.species.Joining;
import org.crispwhorl.core.species.Leaf;
import org.crispwhorl.core.species.Making;
import org.crispwhorl.core.species.OnePiece;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Pieces;
import org.crispwhorl.core.species.Ring;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.species.Stamens;
import org.crispwhorl.core.species.Texture;
import org.crispwhorl.core.species.Veiner;
import org.crispwhorl.core.studio.Conditions;
import org.crispwhorl.core.thinning.Thinning;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** How long practised hands take for one flower made by itself, mixing left out; and the next day it can leave. */
public class MinutesTruthsTest {
    private static Part calyx(double across) {
        return new Calyx(
                "calyx", "calyx", Garden.GREEN.id(), LaidTruthsTest.cut(5, across, 5, 7, 0.7, 70), Colouring.NONE);
    }

    /** Seven eights, frilled, threaded up soft, and a calyx. */
    private static Species carnation() {
        List<Part> parts = new ArrayList<>();
        parts.add(Truths.centre(new CentreForm.Teardrop(9, 10), 22));
        double[] across = {36, 36, 36, 46, 46, 54, 54};
        for (int i = 0; i < across.length; i++) {
            double wide = across[i] * 0.33;
            double glued = i < 3 ? 0.6 : 0.35;
            parts.add(Truths.plain(
                    "eight" + i,
                    LaidTruthsTest.cut(8, across[i], 5, wide, glued, 20 + 8 * i).with(d -> {
                        d.making = new OnePiece(new Thinning(0.8, 0.5), 5, OnePiece.Division.WHOLE);
                        d.edge = new Edge(5, 0.3, 4, 0, Edge.Finish.SMOOTH);
                    })));
        }
        parts.add(calyx(40));
        return Garden.species(55, parts.toArray(Part[]::new));
    }

    private static Pieces wired(int count, double length, double mm, double ridge) {
        return Garden.petals(count, length, length * 0.85, 70).with(d -> {
            d.making = new Making.Sheet(new Thinning(1.1, mm));
            d.attachment = new Attachment.Wired(26, 6.5, 0, 8, 80, ridge);
            d.joining = Joining.of(Joining.As.FIRM, Joining.Onto.DRY);
        });
    }

    private static Stamens stamens(int strands) {
        return new Stamens(
                "stamens",
                "stamens",
                Garden.PALE.id(),
                strands,
                Stamens.Use.FOLDED,
                0.3,
                0.9,
                12,
                9,
                3,
                Stamens.StamenArrangement.RING,
                2,
                2,
                Colouring.NONE);
    }

    private static Ring coloured(Pieces pieces, int dust) {
        return new Ring("petals", "petals", Garden.PINK.id(), pieces, Garden.passes(dust, 0, Stage.DRY));
    }

    private static Part leaves(int count, int dust) {
        Pieces pieces = Garden.petals(count, 40, 22, 70).with(d -> {
            d.making = new Making.Sheet(new Thinning(1.2, 0.8));
            d.attachment = new Attachment.Wired(26, 10, 0, 20, 80, 0.9);
            d.former = Optional.empty();
            d.joining = Joining.of(Joining.As.FIRM, Joining.Onto.DRY);
        });
        return new Leaf(
                "leaves",
                "leaves",
                Garden.GREEN.id(),
                Garden.apart(pieces),
                Leaf.Along.COLLAR,
                20,
                Colouring.dust(dust));
    }

    private static Species anemone(int petals, double mm, double dome, int dust, Part... more) {
        List<Part> parts = new ArrayList<>(List.of(
                Truths.centre(new Dome(dome, dome / 2, Texture.SNIPPED), 20),
                stamens(60),
                coloured(wired(petals, 38, mm, mm + 0.2), dust)));
        parts.addAll(List.of(more));
        return Garden.species(80, parts.toArray(Part[]::new));
    }

    private static final Edge THINNED = new Edge(4, 0.4, 0, 0, Edge.Finish.SMOOTH);

    /** Half a dahlia: four cuts of two dozen split slips, two rows of twelve, eighteen rolled singles. */
    private static Species dahlia() {
        List<Part> parts = new ArrayList<>();
        parts.add(Truths.centre(new CoveredBall(19, 0), 18));
        Joining rested = new Joining(
                Joining.As.SOFT,
                Joining.Onto.HOLDS,
                new Joining.Rest(Joining.Rest.Until.HOLDS, 0, Joining.Rest.Position.HANGING));
        for (int i = 0; i < 4; i++) {
            parts.add(Truths.plain(
                    "split" + i,
                    LaidTruthsTest.cut(24, 56, 6, 6, 0.9, 5)
                            .withMaking(new OnePiece(new Thinning(1, 0.65), 6, OnePiece.Division.SPLIT, 12))
                            .with(d -> d.edge = THINNED)
                            .withJoining(rested)));
        }
        for (int i = 0; i < 2; i++) {
            parts.add(Truths.plain(
                    "outer" + i,
                    LaidTruthsTest.cut(12, 76, 6, 13, 0.3, 40)
                            .with(d -> d.edge = THINNED)
                            .withJoining(rested)));
        }
        parts.add(Truths.plain(
                "rolled",
                LaidTruthsTest.single(18, 30, 12, 0.9, 0.25, 0.4, 70, 4).with(d -> {
                    d.edge = THINNED;
                    d.quillDeg = 200;
                })));
        return Garden.species(90, parts.toArray(Part[]::new));
    }

    /** Petals dusted from foot and tip before they are joined. */
    private static Part shaded(String id, Pieces pieces) {
        return new Ring(
                id,
                id,
                Garden.PINK.id(),
                pieces.withJoining(Joining.of(Joining.As.DRY, Joining.Onto.HOLDS)),
                Garden.passes(2, 0, Stage.DRY));
    }

    private static Species sunflower() {
        Pieces petals = LaidTruthsTest.cut(16, 110, 40, 12, 0.15, 80)
                .withMaking(new OnePiece(new Thinning(1, 0.8), 40, OnePiece.Division.WHOLE))
                .with(d -> {
                    d.edge = THINNED;
                    d.foldDeg = 30;
                });
        return Garden.species(
                110,
                Truths.centre(new Dome(45, 8, Texture.SNIPPED), 18),
                shaded("first", petals),
                shaded("second", petals),
                calyx(70),
                new Calyx(
                        "calyx2",
                        "second calyx",
                        Garden.GREEN.id(),
                        LaidTruthsTest.cut(9, 60, 5, 7, 0.7, 70),
                        Colouring.dust(1)),
                leaves(4, 2));
    }

    private static Species lily() {
        Pieces petals = wired(6, 60, 0.9, 1.0)
                .withOutline(Outline.of(60, 24, 0.5, 0.15, 1.6))
                .with(d -> {
                    d.edge = new Edge(4, 0.4, 5, 0, Edge.Finish.SMOOTH);
                    d.veiner = Optional.of(new Veiner("lily", 70, Veiner.Sides.BOTH, Veiner.Laid.TOWARDS_BASE, 0.3));
                });
        return Garden.species(
                110,
                Truths.centre(new CentreForm.Teardrop(5, 12), 20),
                stamens(6),
                new Ring("petals", "petals", Garden.PINK.id(), petals, Garden.passes(3, 1, Stage.DRY)));
    }

    /** Number of the truth, the flower, from, to, min. */
    @DataProvider
    public Object[][] minutes() {
        return new Object[][] {
            {109, "two-cut rose, calyx, bead", HandOverTruthsTest.twoCutRose(), 6, 9.5},
            {110, "seven eights, calyx", carnation(), 15, 23},
            {112, "seven wired petals", anemone(7, 0.7, 12, 1), 11, 18},
            {120, "ten wired petals, six leaves", anemone(10, 0.6, 10, 2, leaves(6, 2)), 22, 38},
            {121, "six wired petals", anemone(6, 0.8, 16, 3), 14, 26},
            {122, "six petals, dusted, dashes", lily(), 20, 33},
            {124, "half of 24 split, 24 outer, 18 rolled", dahlia(), 38, 80},
            {126, "two petal cuts, calyx, leaves", sunflower(), 34, 75},
        };
    }

    @Test(dataProvider = "minutes")
    public void handsTakeSoLong(int truth, String what, Species flower, double from, double to) {
        double minutes = Truths.hands(flower);
        assertTrue(minutes >= from && minutes <= to, truth + " " + what + ": " + minutes + " min");
    }

    /** 94: ready the next day. */
    @Test
    public void aLilyIsReadyTheNextDay() {
        double ready = Planning.of(new Assessment(lily(), Conditions.USUAL)).readyH();
        assertTrue(ready >= 6 && ready <= 24, ready + " h");
    }

    /** 114: a marzipan rose is made as fast as any of its cuts, and 98: with one sitting after its cone. */
    @Test
    public void whatIsLaidSoftGoesInOneGo() {
        Species rose = Garden.in(HandOverTruthsTest.twoCutRose(), Medium.MARZIPAN);
        double minutes = Truths.hands(rose);
        assertTrue(minutes >= 6 && minutes <= 12.5, minutes + " min");
    }
}
