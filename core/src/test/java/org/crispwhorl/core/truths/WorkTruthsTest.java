package org.crispwhorl.core.truths;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.Garden;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.assessment.Plan;
import org.crispwhorl.core.assessment.Planning;
import org.crispwhorl.core.assessment.TaskKind;
import org.crispwhorl.core.assessment.Work;
import org.crispwhorl.core.bench.BenchCard;
import org.crispwhorl.core.bench.Cards;
import org.crispwhorl.core.colour.Colouring;
import org.crispwhorl.core.drawer.Drawer;
import org.crispwhorl.core.drying.Lying;
import org.crispwhorl.core.order.OrderSheet;
import org.crispwhorl.core.paste.Medium;
import org.crispwhorl.core.paste.Stage;
import org.crispwhorl.core.species.Attachment;
import org.crispwhorl.core.species.BareStem;
import org.crispwhorl.core.species.Calyx;
import org.crispwhorl.core.species.Carried;
import org.crispwhorl.core.species.Centre;
import org.crispwhorl.core.species.CentreForm;
import org.crispwhorl.core.species.Edge;
import org.crispwhorl.core.species.HollowedCone;
import org.crispwhorl.core.species.Joining;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Pieces;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.species.Supports;
import org.crispwhorl.core.studio.Conditions;
import org.testng.annotations.Test;

/** Truths of the bench of which the work has to speak: what cards say, what waits for what, what is seen to. */
public class WorkTruthsTest {
    private static final String WHY = "The first ring must open, so its glue stays low.";

    private static List<Plan.Task> tasks(Species species, Conditions conditions) {
        return Planning.of(new Assessment(species, conditions)).tasks();
    }

    private static Plan.Task task(Species species, String id) {
        return tasks(species, Conditions.USUAL).stream()
                .filter(task -> task.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new AssertionError(id + " in " + tasks(species, Conditions.USUAL)));
    }

    private static List<BenchCard> cards(Species species, int flowers) {
        List<OrderSheet.Line> lines = List.of(OrderSheet.Line.of(species, flowers));
        return Cards.of(lines, OrderSheet.of(lines, Conditions.USUAL), Conditions.USUAL, Drawer.EMPTY);
    }

    private static String acts(Species species, String id) {
        return cards(species, 1).stream()
                .filter(card -> card.key().endsWith("/" + id))
                .flatMap(card -> card.acts().stream())
                .map(BenchCard.BenchAct::words)
                .toList()
                .toString()
                .replace('\u00a0', ' ');
    }

    private static int at(Species species, String id) {
        return tasks(species, Conditions.USUAL).stream()
                .map(Plan.Task::id)
                .toList()
                .indexOf(id);
    }

    /** Five cuts of eight, frilled, soft onto soft, and a calyx. */
    private static Species frilled() {
        List<Part> parts = new ArrayList<>(List.of(Truths.centre(new CentreForm.Teardrop(9, 10), 22)));
        for (int i = 0; i < 5; i++) {
            double lean = 10 + 15 * i;
            parts.add(Truths.plain(
                    "ring" + i, LaidTruthsTest.cut(8, 55, 5, 16, 0.3, lean).with(d -> {
                        d.edge = new Edge(6, 0.3, 4, 0, Edge.Finish.SMOOTH);
                        d.former = Optional.empty();
                        d.joining = Joining.of(Joining.As.SOFT, Joining.Onto.SOFT);
                    })));
        }
        parts.add(new Calyx(
                "calyx", "calyx", Garden.GREEN.id(), LaidTruthsTest.cut(5, 34, 5, 7, 0.5, 60), Colouring.NONE));
        return Garden.species(60, parts.toArray(Part[]::new));
    }

    /** 25: twelve at once take so long each; every ring is frilled by its card and none waits over a night for the next. */
    @Test
    public void aFrilledFlowerIsMadeInOneGo() {
        Species flower = frilled();
        Assessment a = new Assessment(flower, Conditions.USUAL);
        double each = Planning.of(a).tasks().stream()
                        .filter(task -> !task.doing().mixes())
                        .mapToDouble(task -> Work.minutes(a, task, 12, Work.SpareShares.NONE))
                        .sum()
                / 12;
        assertTrue(each >= 12 && each <= 20, each + " min each");
        for (int i = 0; i < 5; i++) {
            String told = acts(flower, "make-ring" + i);
            assertTrue(told.contains("frill"), told);
        }
        for (int i = 1; i < 5; i++) {
            Plan.Task ring = task(flower, "make-ring" + i);
            double most =
                    ring.gates().stream().mapToDouble(Plan.Gate::waitH).max().orElse(0);
            assertTrue(most < 1, ring.name() + " waits " + most + " h");
        }
        assertFalse(Truths.kinds(flower).toString().contains("STOP"), Truths.kinds(flower) + "");
    }

    /** 26: how high the glue goes stands on the card, and why. */
    @Test
    public void aQuarterOnlyIsToldWithItsWhy() {
        Species rose = Garden.species(
                        70,
                        Truths.centre(new CentreForm.Cone(15, 30), 20),
                        Truths.plain("first", LaidTruthsTest.cut(5, 72, 6, 30, 0.25, 25)))
                .withNotes(List.of(new Species.PartNote("first", WHY)));
        BenchCard card = cards(rose, 1).stream()
                .filter(one -> one.key().endsWith("/make-first"))
                .findFirst()
                .orElseThrow();
        assertEquals(card.why(), Optional.of(WHY));
        assertTrue(
                acts(rose, "make-first").contains("glue its middle and 10 mm up each petal"), acts(rose, "make-first"));
    }

    private static Species sprayBlossom() {
        Pieces snipped = Garden.petals(5, 14, 10, 60).with(d -> {
            d.making = new HollowedCone(0.9, 14, 5);
            d.attachment = new Attachment.Threaded();
            d.former = Optional.empty();
            d.drying = new Lying.Hung();
            d.joining = Joining.of(Joining.As.SOFT, Joining.Onto.SOFT);
        });
        return Garden.and(
                Garden.and(Garden.species(30, Truths.plain("blossom", snipped)), Garden.pushedIn(6)),
                new Supports("paper", "roll of paper", Supports.SupportKind.PAPER, 1));
    }

    /** 27: the roll goes in straight after the stamens, before it rests, and out when it is dry; each is a card. */
    @Test
    public void aRollOfPaperIsPutInBeforeTheRestAndTakenOutAfterIt() {
        Species blossom = sprayBlossom();
        assertTrue(at(blossom, "join-stamens") < at(blossom, "join-paper"));
        Plan.Task in = task(blossom, "join-paper");
        assertTrue(in.gates().stream().allMatch(gate -> gate.waitH() <= 2 / 60.0), in.gates() + "");
        Plan.Task out = task(blossom, "out-paper");
        assertEquals(out.doing(), TaskKind.SEE_TO);
        assertTrue(
                out.gates().stream()
                        .anyMatch(gate -> gate.afterTask().equals("join-paper")
                                && gate.stage().equals(Optional.of(Stage.FIRM))
                                && gate.waitH() > 0.5),
                out.gates() + "");
        List<OrderSheet.Line> thirty = List.of(OrderSheet.Line.of(blossom, 30));
        OrderSheet sheet = OrderSheet.of(thirty, Conditions.USUAL);
        assertEquals(sheet.wires(), List.of(), "no wire, so nothing to put into a pick");
        assertEquals(
                cards(blossom, 30).stream()
                        .map(BenchCard::task)
                        .filter(name -> name.contains("paper"))
                        .toList(),
                List.of("Make roll of paper", "Join roll of paper", "Take out roll of paper"));
    }

    private static final Centre ON_A_SKEWER = new Centre(
            "centre",
            "skewer",
            Garden.PINK.id(),
            new BareStem(BareStem.StemKind.SKEWER, 3, 20),
            20,
            0,
            0,
            0,
            80,
            Colouring.NONE);

    /** 28: no wire with a skewer; the small petal on each has its ball and its size on the card. */
    @Test
    public void aPetalOnAPetalOnASkewerIsTold() {
        double thick = Math.PI
                * Math.pow(12, 3)
                / 6
                / new Carried(Garden.PALE.id(), 24, 20, 1).outline().areaMm2();
        Pieces falls = Garden.petals(3, 50, 34, 95).with(d -> {
            d.carries = Optional.of(new Carried(Garden.PALE.id(), 24, 20, thick));
            d.attachment = new Attachment.Glued(0.1);
            d.joining = Joining.of(Joining.As.FIRM, Joining.Onto.HOLDS);
        });
        Species flower = Garden.species(100, ON_A_SKEWER, Truths.plain("falls", Garden.apart(falls)));
        OrderSheet sheet = OrderSheet.of(List.of(OrderSheet.Line.of(flower, 1)), Conditions.USUAL);
        assertEquals(sheet.wires(), List.of(), sheet.wires() + "");
        assertTrue(sheet.bought().toString().contains("SKEWER"), sheet.bought() + "");
        String told = acts(flower, "make-falls");
        assertTrue(told.contains("12 mm of pale pink"), told);
        assertTrue(told.contains("24 × 20 mm"), told);
    }

    /** 30: turned at half dry, foam in before the rest and out after it, steamed and left to dry off: all of it is work. */
    @Test
    public void turningFoamAndSteamAreWorkWithPlacesInTheDays() {
        Pieces petals = Garden.petals(16, 40, 14, 80).with(d -> {
            d.drying = new Lying.TurnedOut(4);
            d.attachment = new Attachment.Wired(26, 12, 0, 6, 80, 0.9);
            d.joining = Joining.of(Joining.As.DRY, Joining.Onto.DRY);
        });
        Species flower = Garden.species(
                        90,
                        Truths.centre(new CentreForm.Disc(20, 6, CentreForm.Disc.Coat.NONE), 20),
                        Truths.plain("petals", petals),
                        new Calyx(
                                "calyx",
                                "calyx",
                                Garden.GREEN.id(),
                                LaidTruthsTest.cut(9, 60, 5, 7, 0.7, 70)
                                        .withJoining(new Joining(
                                                Joining.As.SOFT,
                                                Joining.Onto.DRY,
                                                new Joining.Rest(
                                                        Joining.Rest.Until.FIRM, 0, Joining.Rest.Position.UPRIGHT))),
                                Colouring.NONE),
                        new Supports("sponge", "bits of sponge", Supports.SupportKind.FOAM, 8))
                .withFinishing(Species.Finishing.STEAM);
        Plan.Task turn = task(flower, "turn-petals");
        assertTrue(turn.labourMin() > 0);
        assertTrue(turn.gates().stream().anyMatch(gate -> gate.waitH() >= 1), turn.gates() + "");
        assertTrue(at(flower, "join-sponge") < at(flower, "out-sponge"));
        assertTrue(task(flower, "join-sponge").gates().stream().allMatch(gate -> gate.waitH() < 0.1));
        assertTrue(task(flower, "out-sponge").gates().stream().anyMatch(gate -> gate.waitH() > 1));
        assertTrue(acts(flower, "finish").contains("in the steam for 3 seconds"), acts(flower, "finish"));
        assertTrue(task(flower, "box").gates().stream()
                .anyMatch(gate -> gate.afterTask().equals("finish") && gate.waitH() >= 0.25));
    }

    /** 42, 45: fondant petals are taped while they are rather soft still, straight onto a centre that was made ahead. */
    @Test
    public void wiredFondantPetalsAreTapedSoon() {
        Pieces petals = Garden.petals(7, 44, 40, 60).with(d -> {
            d.attachment = new Attachment.Wired(26, 12, 0, 6, 80, 0.9);
            d.joining = Joining.of(Joining.As.PART_DRY, Joining.Onto.DRY);
        });
        Species flower = Garden.in(
                Garden.species(100, Truths.centre(new CentreForm.Cone(14, 24), 18), Truths.plain("petals", petals)),
                Medium.GUM_FONDANT);
        double wait = task(flower, "join-petals").gates().stream()
                .filter(gate -> gate.afterTask().equals("make-petals"))
                .mapToDouble(Plan.Gate::waitH)
                .max()
                .orElseThrow();
        assertTrue(60 * wait >= 5 && 60 * wait <= 45, 60 * wait + " min");
    }
}
