package org.crispwhorl.core.truths;

import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.Garden;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.assessment.Plan;
import org.crispwhorl.core.assessment.Planning;
import org.crispwhorl.core.assessment.SoftWindow;
import org.crispwhorl.core.assessment.Work;
import org.crispwhorl.core.colour.Colouring;
import org.crispwhorl.core.drying.Lying;
import org.crispwhorl.core.paste.Medium;
import org.crispwhorl.core.paste.Stage;
import org.crispwhorl.core.species.Attachment;
import org.crispwhorl.core.species.Calyx;
import org.crispwhorl.core.species.CappedHalfBall;
import org.crispwhorl.core.species.Centre;
import org.crispwhorl.core.species.CentreForm;
import org.crispwhorl.core.species.Cluster;
import org.crispwhorl.core.species.Former;
import org.crispwhorl.core.species.FromBall;
import org.crispwhorl.core.species.HollowedCone;
import org.crispwhorl.core.species.Joining;
import org.crispwhorl.core.species.Leaf;
import org.crispwhorl.core.species.Making;
import org.crispwhorl.core.species.Overlap;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Pieces;
import org.crispwhorl.core.species.Ridges;
import org.crispwhorl.core.species.Ring;
import org.crispwhorl.core.species.SliverCone;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.species.Supports;
import org.crispwhorl.core.species.WoundFringe;
import org.crispwhorl.core.studio.Conditions;
import org.crispwhorl.core.thinning.Thinning;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Builds beside the rose and the wired flower: pulled and pressed, stacked in a cup, wound of fringes, supported until they hold. */
public class BuildTruthsTest {
    private static final Supports PAPER = new Supports("paper", "roll of paper", Supports.SupportKind.PAPER, 1);

    private static Species pulled(double length, double wide, double wall, double foot, double footWide) {
        Pieces snipped = Garden.petals(5, length, wide, 60).with(d -> {
            d.making = new HollowedCone(wall, foot, footWide);
            d.attachment = new Attachment.Threaded();
            d.former = Optional.empty();
            d.drying = new Lying.Hung();
            d.joining = Joining.of(Joining.As.SOFT, Joining.Onto.SOFT);
        });
        return Garden.species(30, Truths.plain("blossom", snipped));
    }

    private static Species pulledLarge() {
        return Garden.and(pulled(14, 10, 0.9, 14, 5), Garden.pushedIn(6));
    }

    /** Twenty slivers round a cone and two wound fringes, eight wired petals dusted twice. */
    private static Species magnolia() {
        Pieces petals = Garden.petals(8, 60, 45, 60).with(d -> {
            d.making = new Making.Sheet(new Thinning(1.2, 0.9));
            d.attachment = new Attachment.Wired(24, 15, 0, 10, 80, 1.2);
            d.joining = Joining.of(Joining.As.DRY, Joining.Onto.DRY);
        });
        return Garden.species(
                140,
                Truths.centre(new SliverCone(9, 18, 2, 10, 12, 1.3), 18),
                fringe("first"),
                fringe("second"),
                new Ring("petals", "petals", Garden.PINK.id(), petals, Garden.passes(2, 0, Stage.DRY)));
    }

    private static Centre fringe(String id) {
        return new Centre(
                id,
                id + " fringe",
                Garden.PALE.id(),
                new WoundFringe(60, 12, 9, 0.45),
                20,
                -6,
                0,
                0,
                60,
                Colouring.NONE);
    }

    /** Three falls and three standards pressed from balls, wired, their ridges pinched. */
    private static Species iris() {
        List<Part> parts = new ArrayList<>(List.of(Truths.centre(new CentreForm.Teardrop(4, 12), 20)));
        for (String id : List.of("falls", "standards")) {
            boolean falls = id.equals("falls");
            Pieces pieces = Garden.petals(3, 50, 34, falls ? 100 : 10).with(d -> {
                d.making = new FromBall.Pressed(falls ? 15 : 13);
                d.ridges = Optional.of(new Ridges(Ridges.RidgeMade.PINCHED, falls ? 2 : 1, falls ? 1.5 : 0.9, 2));
                d.attachment = new Attachment.Wired(24, 14, 0, 10, 80, 1.2);
                d.joining = Joining.of(Joining.As.FIRM, Joining.Onto.DRY);
            });
            parts.add(new Ring(id, id, Garden.PINK.id(), Garden.apart(pieces), Garden.passes(2, 0, Stage.DRY)));
        }
        return Garden.species(110, parts.toArray(Part[]::new));
    }

    /** Three layers of five laid into one cup, soft on soft, and a ball for its middle. */
    private static Species cupBlossom() {
        Former cup = new Former("cup", 26, 18, Former.Side.CUPS_IN);
        List<Part> parts = new ArrayList<>(List.of(Truths.centre(new Cluster(7, 4), 22)));
        for (int i = 0; i < 3; i++) {
            parts.add(Truths.plain(
                    "layer" + i,
                    LaidTruthsTest.cut(5, 40 + 10 * i, 6, 17 + 4 * i, 0.15, 40 + 10 * i)
                            .with(d -> {
                                d.former = Optional.of(cup);
                                d.joining = Joining.of(Joining.As.SOFT, Joining.Onto.HOLDS);
                            })));
        }
        return Garden.species(60, parts.toArray(Part[]::new));
    }

    /** One, three and five petals pressed from balls, a star for its calyx, one leaf. */
    private static Species marzipanRose() {
        List<Part> parts = new ArrayList<>(List.of(Truths.centre(new CentreForm.Teardrop(14, 22), 20)));
        int[] counts = {1, 3, 5};
        for (int i = 0; i < counts.length; i++) {
            int ring = i;
            parts.add(Truths.plain(
                    "ring" + i, Garden.petals(counts[i], 34, 34, 20 + 25 * i).with(d -> {
                        d.making = new FromBall.Pressed(14);
                        d.attachment = new Attachment.Glued(0.6 - 0.2 * ring);
                        d.former = Optional.empty();
                        d.joining = Joining.of(Joining.As.SOFT, Joining.Onto.SOFT);
                    })));
        }
        parts.add(new Calyx(
                "calyx", "calyx", Garden.GREEN.id(), LaidTruthsTest.cut(5, 40, 5, 7, 0.5, 70), Colouring.NONE));
        Pieces leaf = Garden.petals(1, 36, 20, 80).with(d -> {
            d.making = new Making.Sheet(new Thinning(1.8, 1.5));
            d.attachment = new Attachment.Glued(0.2);
            d.former = Optional.empty();
            d.overlap = Overlap.APART;
            d.joining = Joining.of(Joining.As.SOFT, Joining.Onto.SOFT);
        });
        parts.add(new Leaf("leaf", "leaf", Garden.GREEN.id(), leaf, Leaf.Along.COLLAR, 0, Colouring.NONE));
        return Garden.in(Garden.species(60, parts.toArray(Part[]::new)), Medium.MARZIPAN);
    }

    /** Number of the truth, the flower, from, to, min of hands. */
    @DataProvider
    public Object[][] minutes() {
        return new Object[][] {
            {114, marzipanRose(), 8.5, 12.5},
            {115, Garden.and(pulledLarge(), PAPER), 2.8, 4},
            {123, magnolia(), 18, 36},
        };
    }

    @Test(dataProvider = "minutes")
    public void handsTakeSoLong(int truth, Species flower, double from, double to) {
        double minutes = Truths.hands(flower);
        assertTrue(minutes >= from && minutes <= to, truth + ": " + minutes + " min");
    }

    /** 116: tiny ones are made by the dozen, of one lump. */
    @Test
    public void tinyBlossomsTakeAMinuteAndAHalf() {
        Assessment a = new Assessment(pulled(7, 5, 0.6, 5, 3), Conditions.USUAL);
        double minutes = Planning.of(a).tasks().stream()
                        .filter(task -> !task.doing().mixes())
                        .mapToDouble(task -> Work.minutes(a, task, 12, Work.SpareShares.NONE))
                        .sum()
                / 12;
        assertTrue(minutes >= 0.8 && minutes <= 1.6, minutes + " min");
    }

    /** Number of the truth, the flower, from, to, h from the first touch. */
    @DataProvider
    public Object[][] ready() {
        return new Object[][] {
            {88, cupBlossom(), 4, 24}, {89, pulledLarge(), 3, 20}, {92, iris(), 6, 28},
        };
    }

    @Test(dataProvider = "ready")
    public void theyLeaveTheNextDay(int truth, Species flower, double from, double to) {
        double ready = Planning.of(new Assessment(flower, Conditions.USUAL)).readyH();
        assertTrue(ready >= from && ready <= to, truth + ": " + ready + " h");
    }

    private static Part five(String id, Joining joining) {
        return Truths.plain(id, LaidTruthsTest.cut(5, 46, 6, 18, 0.65, 20).withJoining(joining));
    }

    private static Species ranunculus() {
        return Garden.species(
                60,
                Truths.centre(new CappedHalfBall(24, 0.8), 20),
                five("first", Joining.of(Joining.As.SOFT, Joining.Onto.HOLDS)),
                five("last", Joining.of(Joining.As.SOFT, Joining.Onto.HOLDS)),
                new Supports("foam", "bits of foam", Supports.SupportKind.FOAM, 5));
    }

    private static Species sunflower() {
        return Garden.species(
                90,
                Truths.centre(new CentreForm.Disc(45, 8, CentreForm.Disc.Coat.NONE), 18),
                Truths.plain("petals", LaidTruthsTest.cut(16, 110, 40, 12, 0.15, 80)),
                new Calyx(
                        "calyx", "calyx", Garden.GREEN.id(), LaidTruthsTest.cut(9, 60, 5, 7, 0.7, 70), Colouring.NONE),
                new Supports("sponge", "bits of sponge", Supports.SupportKind.FOAM, 8));
    }

    private static double mostMin(Species species, String before, String part) {
        Assessment a = new Assessment(species, Conditions.USUAL);
        return 60
                * SoftWindow.mostH(
                                a,
                                a.species().part(before).orElseThrow(),
                                a.species().part(part).orElseThrow(),
                                true)
                        .orElseThrow();
    }

    /** Number of the truth, minutes that it may wait at most, from, to. */
    @DataProvider
    public Object[][] most() {
        return new Object[][] {
            {48, mostMin(pulledLarge(), "blossom", "stamens"), 2, 20},
            {62, mostMin(magnolia(), "first", "second"), 3, 60},
            {73, mostMin(ranunculus(), "last", "foam"), 1.2, 30},
            {79, mostMin(sunflower(), "calyx", "sponge"), 2, 20},
        };
    }

    @Test(dataProvider = "most")
    public void whatIsPutIntoSoftPasteWaitsSoLongAtMost(int truth, double minutes, double from, double to) {
        assertTrue(minutes >= from && minutes <= to, truth + ": " + minutes + " min");
    }

    private static double leastMin(Species species, String task) {
        return Planning.of(new Assessment(species, Conditions.USUAL)).tasks().stream()
                        .filter(t -> t.id().equals(task))
                        .flatMap(t -> t.gates().stream())
                        .mapToDouble(Plan.Gate::waitH)
                        .max()
                        .orElseThrow()
                * 60;
    }

    /** 49, 70: the paper goes in straight after the stamens, and the first cut onto its cap at once. */
    @Test
    public void whatIsSoftIsGoneOnWithAtOnce() {
        Species supported = Garden.and(pulledLarge(), PAPER);
        assertTrue(leastMin(supported, "join-paper") <= 2, leastMin(supported, "join-paper") + " min");
        assertTrue(leastMin(ranunculus(), "make-first") <= 6, leastMin(ranunculus(), "make-first") + " min");
    }
}
