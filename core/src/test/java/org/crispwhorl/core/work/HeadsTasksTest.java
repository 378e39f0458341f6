package org.crispwhorl.core.work;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.crispwhorl.core.Close;
import org.crispwhorl.core.Garden;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.assessment.Plan;
import org.crispwhorl.core.assessment.Planning;
import org.crispwhorl.core.assessment.TaskKind;
import org.crispwhorl.core.assessment.Work;
import org.crispwhorl.core.bench.BenchCard;
import org.crispwhorl.core.bench.BenchEvent;
import org.crispwhorl.core.bench.Cards;
import org.crispwhorl.core.bench.CarriedOver;
import org.crispwhorl.core.colour.Colouring;
import org.crispwhorl.core.colour.Pass;
import org.crispwhorl.core.colour.Zone;
import org.crispwhorl.core.drawer.Drawer;
import org.crispwhorl.core.order.OrderSheet;
import org.crispwhorl.core.species.Centre;
import org.crispwhorl.core.species.Heads;
import org.crispwhorl.core.species.HeadsBuilder;
import org.crispwhorl.core.species.Joining;
import org.crispwhorl.core.species.Opening;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Pearls;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.studio.Conditions;
import org.testng.annotations.Test;

/** Further heads are made stage by stage of opening, as the flower itself is made. */
public class HeadsTasksTest {
    private static final Heads SPIKE = HeadsBuilder.builder(Garden.spike(6, 18))
            .openings(List.of(
                    new Opening("tight buds", 3, 0.4, 0, 0),
                    new Opening("half open", 4, 0.7, 1, 0.5),
                    new Opening("open", 6, 1, 40, 1)))
            .build();

    private static final Species ROSE = Garden.and(Garden.rose(), SPIKE);

    private static List<Plan.Task> tasks(Species species) {
        return Planning.of(new Assessment(species, Conditions.USUAL)).tasks().stream()
                .filter(task -> !task.onHeads().isEmpty())
                .toList();
    }

    private static Species with(List<Opening> openings) {
        return Garden.and(
                Garden.rose(), HeadsBuilder.builder(SPIKE).openings(openings).build());
    }

    /** Where nothing has to wait but the pieces, a stage is made and put together: two tasks. */
    @Test
    public void eachStageIsTakenUpNoOftenerThanItsWaitsAsk() {
        assertEquals(
                tasks(ROSE).stream().map(Plan.Task::name).toList(),
                List.of(
                        "Make spike, tight buds",
                        "Make spike, half open",
                        "Make spike, open",
                        "Put together spike, tight buds",
                        "Put together spike, half open",
                        "Put together spike, open"));
        assertTrue(tasks(ROSE).stream()
                .filter(task -> task.doing() == TaskKind.JOIN)
                .allMatch(task -> task.gates().stream().anyMatch(gate -> gate.waitH() > 1)));
    }

    /** Where petals are laid soft onto what holds its shape, that is made for all stages in one go. */
    @Test
    public void whatBearsThemIsMadeForAllOfThem() {
        Species soft = Garden.bud();
        for (String ring : List.of("first", "second")) {
            soft = Garden.changed(soft, ring, p -> p.withJoining(Joining.of(Joining.As.SOFT, Joining.Onto.HOLDS)));
        }
        List<Plan.Task> tasks = tasks(Garden.and(soft, SPIKE));
        assertEquals(tasks.get(0).id(), "spike.centres");
        assertEquals(tasks.get(0).onHeads().size(), 3, "of all three stages");
        assertEquals(tasks.get(0).pieces(), 13);
        assertTrue(
                tasks.stream().map(Plan.Task::name).toList().contains("Make spike, open"),
                tasks.stream().map(Plan.Task::name).toList().toString());
    }

    /** The pieces of a head rest as long as those of the flower that it is made like. */
    @Test
    public void aHeadIsPutTogetherWhenItsPiecesAreDryEnough() {
        Plan plan = Planning.of(new Assessment(ROSE, Conditions.USUAL));
        Map<String, Plan.Task> byId = new HashMap<>();
        plan.tasks().forEach(task -> byId.put(task.id(), task));
        double rose = waitH(byId.get("join-stamens"), "make-centre");
        double open = waitH(byId.get("spike.open.dust-petals"), "spike.open.make-centre");
        Close.within(1e-9, open, rose);
        assertTrue(waitH(byId.get("spike.half-open.dust-petals"), "spike.half-open.make-centre") <= rose);
        assertTrue(byId.get("join-spike").startH()
                >= byId.get("spike.open.dust-petals").endH());
    }

    /** What is gone on with several times says with what. */
    @Test
    public void noTwoTasksOfHeadsAreCalledAlike() {
        Species bendy = Garden.and(Garden.bud(), SPIKE);
        List<String> names = tasks(bendy).stream().map(Plan.Task::name).toList();
        assertEquals(names.stream().distinct().toList(), names);
        assertTrue(names.stream().anyMatch(name -> name.startsWith("Go on with spike, open: ")), names.toString());
    }

    private static double waitH(Plan.Task task, String after) {
        return task.gates().stream()
                .filter(gate -> gate.afterTask().equals(after))
                .mapToDouble(Plan.Gate::waitH)
                .max()
                .orElseThrow();
    }

    @Test
    public void theirMinutesAreThoseOfAllTheirActs() {
        Assessment a = new Assessment(ROSE, Conditions.USUAL);
        Part spike = a.species().part("spike").orElseThrow();
        double tasks = tasks(ROSE).stream().mapToDouble(Plan.Task::labourMin).sum();
        Close.within(1e-6, tasks, Work.makeMin(a, spike));
    }

    @Test
    public void aStageThatIsMovedInTheListKeepsItsWork() {
        List<Opening> turned = new ArrayList<>(SPIKE.openings());
        Collections.reverse(turned);
        assertEquals(ids(with(turned)), ids(ROSE));
        List<Opening> fewer = SPIKE.openings().subList(0, 2);
        assertTrue(ids(ROSE).containsAll(ids(with(fewer))));
        List<Opening> alike = List.of(SPIKE.openings().get(2), SPIKE.openings().get(2));
        assertEquals(
                ids(with(alike)).stream().distinct().count(), ids(with(alike)).size());
    }

    private static List<String> ids(Species species) {
        return tasks(species).stream().map(Plan.Task::id).sorted().toList();
    }

    /** Spares of what breaks are cut, told and paid for heads, too. */
    @Test
    public void sparesOfHeadsAreToldAndTakeTheirTime() {
        List<OrderSheet.Line> lines = List.of(OrderSheet.Line.of(ROSE, 2));
        OrderSheet sheet = OrderSheet.of(lines, Conditions.USUAL);
        OrderSheet.CutLine cut = sheet.cuts().stream()
                .filter(line -> line.species().endsWith(", open") && line.part().equals("petals"))
                .findFirst()
                .orElseThrow();
        assertTrue(cut.spares() > 0, "something breaks");
        BenchCard card = Cards.of(lines, sheet, Conditions.USUAL, Drawer.EMPTY).stream()
                .filter(one -> one.key().endsWith("/spike.open.make-centre"))
                .findFirst()
                .orElseThrow();
        String told = card.acts().toString();
        assertTrue(told.contains("Cut " + (cut.needed() + cut.spares()) + " "), told);
        assertTrue(told.contains(cut.spares() + " to spare"), told);
        Plan.Task one = tasks(ROSE).stream()
                .filter(task -> task.id().equals("spike.open.make-centre"))
                .findFirst()
                .orElseThrow();
        double plain = Work.minutes(new Assessment(ROSE, Conditions.USUAL), one, 2, Work.SpareShares.NONE);
        assertTrue(card.labourMin() > plain);
    }

    /** What an older version knew as one task is done in all that it fell into, as often as that is asked. */
    @Test
    public void touchesOfAllHeadsInOneAreCarriedOver() {
        Map<String, List<String>> formerly = Planning.formerly(new Assessment(ROSE, Conditions.USUAL));
        Instant at = Instant.parse("2030-05-30T10:00:00Z");
        List<BenchEvent> events = List.of(
                touched("0/make-spike/1-2", BenchEvent.Touch.DONE, at),
                touched("1/make-spike/1-1", BenchEvent.Touch.DONE, at),
                touched("0/make-spike/2-2", BenchEvent.Touch.GOOD, at),
                touched("0/make-petals/1-1", BenchEvent.Touch.DONE, at));
        List<BenchEvent> carried = CarriedOver.of(events, "0", formerly);
        assertEquals(
                carried.stream().map(BenchEvent::uid).sorted().toList(),
                ids(ROSE).stream().map(id -> "0/" + id + "/1-2").toList());
        assertEquals(CarriedOver.of(events, "0", formerly), carried);
        assertTrue(carried.stream().allMatch(event -> event.at().equals(at)));
        assertEquals(Planning.formerly(new Assessment(Garden.rose(), Conditions.USUAL)), Map.of());
    }

    private static BenchEvent touched(String uid, BenchEvent.Touch touch, Instant at) {
        return new BenchEvent(
                UUID.nameUUIDFromBytes((uid + touch).getBytes(StandardCharsets.UTF_8)),
                uid,
                touch,
                at,
                1,
                Optional.empty(),
                Optional.empty());
    }

    /** A bought centre that needs no drying is coloured at once: no part alone is made first then. */
    @Test
    public void whatIsColouredAtOnceIsPlannedToo() {
        Centre pearl = new Centre(
                "centre",
                "pearl",
                Garden.PINK.id(),
                new Pearls(1, 6, Pearls.PearlKind.values()[0]),
                20,
                0,
                1,
                4,
                90,
                new Colouring(List.of(Garden.pass(Zone.ALL, 0, 0, 1).withWhen(Pass.GoesOn.FLOWER))));
        List<Plan.Task> tasks = tasks(Garden.and(Garden.species(20, pearl), SPIKE));
        assertFalse(tasks.isEmpty());
        assertTrue(tasks.stream().noneMatch(task -> task.id().equals("spike.centres")), tasks.toString());
    }

    /** Stalks that are cut evenly shorter towards the youngest: the wire of each stage is as long as its longest asks. */
    @Test
    public void stalksOfABunchMayBeUnequal() {
        Heads bunch = HeadsBuilder.builder(SPIKE)
                .arrangement(Heads.Arrangement.BUNCH)
                .stalkMm(60)
                .stalkTipMm(20)
                .build();
        Opening youngest = bunch.opening(bunch.pieceCount());
        Opening oldest = bunch.opening(1);
        assertEquals(bunch.stalkMm(bunch.pieceCount()), 20, 1e-9);
        assertTrue(bunch.wireBelowMm(youngest) < bunch.wireBelowMm(oldest));
        Close.within(1e-9, bunch.wireBelowMm(oldest), bunch.stalkMm(1) + bunch.stemMm());
        Plan.Task join =
                Planning.of(new Assessment(Garden.and(Garden.rose(), bunch), Conditions.USUAL)).tasks().stream()
                        .filter(task -> task.id().equals("join-spike"))
                        .findFirst()
                        .orElseThrow();
        String told = join.steps().list().get(0).said(1, "").replace('\u00a0', ' ');
        assertTrue(told.contains("60 mm of the stalk free at the foot, evenly to 20 mm for the youngest"), told);
    }

    @Test
    public void aStageOfWhichNothingIsLeftHasNoWork() {
        Species bare = Garden.rose()
                .withParts(Garden.rose().parts().stream()
                        .filter(part -> part.id().equals("petals"))
                        .toList());
        Species spiked = Garden.and(
                bare,
                HeadsBuilder.builder(SPIKE)
                        .openings(List.of(
                                new Opening("nothing", 2, 0.5, 0, 0),
                                SPIKE.openings().get(2)))
                        .build());
        List<Plan.Task> tasks = tasks(spiked);
        assertFalse(tasks.isEmpty());
        assertTrue(tasks.stream().allMatch(task -> task.id().startsWith("spike.open.")), tasks.toString());
    }
}
