package org.crispwhorl.core.book;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import org.crispwhorl.core.Garden;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.assessment.Plan;
import org.crispwhorl.core.assessment.Planning;
import org.crispwhorl.core.assessment.TaskKind;
import org.crispwhorl.core.assessment.Work;
import org.crispwhorl.core.bench.BenchEvent;
import org.crispwhorl.core.bench.BenchEvent.Touch;
import org.crispwhorl.core.bench.BenchRecord;
import org.crispwhorl.core.drawer.BreakageRecord;
import org.crispwhorl.core.drawer.Drawer;
import org.crispwhorl.core.drawer.RollerMachine;
import org.crispwhorl.core.drying.Room;
import org.crispwhorl.core.order.OrderSheet;
import org.crispwhorl.core.paste.Medium;
import org.crispwhorl.core.paste.Stage;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.species.PieceSort;
import org.crispwhorl.core.studio.Conditions;
import org.crispwhorl.core.studio.Pace;
import org.crispwhorl.core.studio.Spares;
import org.crispwhorl.core.studio.Watched;
import org.crispwhorl.core.work.Operation;
import org.crispwhorl.core.work.Steps;
import org.testng.annotations.Test;

/** A day at the bench as it comes into the book, and what it teaches. */
public class BookTest {
    private static final Instant NINE = Instant.parse("2030-06-10T09:00:00Z");
    private static final int ROSES = 6;

    private static final RollerMachine ROLLER = new RollerMachine(
            "roller",
            1,
            140,
            List.of(new RollerMachine.RollerReading(1, 2.4), new RollerMachine.RollerReading(7, 0.6)));

    private final List<BenchEvent> events = new ArrayList<>();
    private Conditions conditions = Conditions.USUAL;

    private static Assessment rose() {
        return new Assessment(Garden.rose(), Conditions.USUAL);
    }

    private static Plan.Task making(String part) {
        return Planning.of(rose()).tasks().stream()
                .filter(t -> t.doing() == TaskKind.MAKE && t.partId().orElse("").equals(part))
                .findFirst()
                .orElseThrow();
    }

    private static String uid(String part) {
        return "0/" + making(part).id() + "/1-1";
    }

    private void touch(String uid, Touch touch, double afterMin, int pieces) {
        events.add(new BenchEvent(UUID.randomUUID(), uid, touch, NINE.plusSeconds(Math.round(60 * afterMin)), pieces));
    }

    private Book book(String... leftOut) {
        Book.Worked order = new Book.Worked(
                "a",
                "supper",
                List.of(new OrderSheet.Line("0", Garden.rose(), ROSES)),
                conditions,
                events,
                ZoneOffset.UTC,
                at -> Optional.of(Room.REFERENCE));
        return Book.of(List.of(order), Pace.Hand.PRACTISED, List.of(leftOut), Optional.of(ROLLER));
    }

    private double reckonedMin(String part) {
        return Work.minutes(new Assessment(Garden.rose(), conditions), making(part), ROSES, Work.SpareShares.NONE);
    }

    private void petalsMade(double timesReckoned) {
        events.clear();
        conditions = Conditions.USUAL;
        double reckoned = reckonedMin("petals");
        touch(uid("petals"), Touch.BEGUN, 0, 1);
        touch(uid("petals"), Touch.GOOD, 5, 27);
        touch(uid("petals"), Touch.BROKE, 6, 3);
        touch(uid("petals"), Touch.DONE, timesReckoned * reckoned, 1);
    }

    @Test
    public void whatWasTouchedStandsInTheBook() {
        petalsMade(1.5);
        Book.Entry entry = book().entries().get(0);
        assertEquals(entry.species(), Garden.rose().name());
        assertEquals(entry.good(), 27);
        assertEquals(entry.broke(), 3);
        assertEquals(entry.minutes().orElseThrow(), 1.5 * entry.reckonedMin(), 0.02);
        assertTrue(entry.timed());
        assertEquals(book().breakage().share(), (1.5 + 3) / (30 + 30), 1e-12);
        assertEquals(book().breakage().parts().get(0).part(), "petals");
    }

    @Test
    public void whoTakesLongerIsReckonedLonger() {
        petalsMade(2);
        PaceLearnt cut = book().pace().stream()
                .max((x, y) -> Double.compare(x.works(), y.works()))
                .orElseThrow();
        assertTrue(cut.works() < 1, "it is one of several operations");
        // One work of ratio 2, of which this operation is a share w: e^(w ln 2 / (3 + w)).
        assertEquals(cut.factor(), Math.exp(cut.works() * Math.log(2) / (3 + cut.works())), 1e-3);
        assertEquals(cut.learntMin(), cut.factor() * cut.operation().eachMin(), 1e-9);
        Pace then = cut.into(Pace.UNRECORDED);
        assertEquals(then.eachMin(cut.operation()), cut.learntMin(), 1e-3);
        assertEquals(PaceLearnt.without(then, cut.operation()), Pace.UNRECORDED);
    }

    @Test
    public void whatWasLeftLyingTeachesNoPace() {
        petalsMade(9);
        assertFalse(book().entries().get(0).timed());
        assertTrue(book().pace().isEmpty());
    }

    @Test
    public void whatIsLeftOutTeachesNothing() {
        petalsMade(2);
        Book without = book("a " + uid("petals"));
        assertTrue(without.entries().get(0).leftOut());
        assertTrue(without.pace().isEmpty());
        assertEquals(without.breakage().share(), without.breakage().beforeShare(), 1e-12);
    }

    @Test
    public void looksAreHeldAgainstWhatIsReckonedWithoutTheBook() {
        petalsMade(1);
        double done = reckonedMin("petals");
        double firm = rose().course(rose().species().part("petals").orElseThrow())
                .at(Stage.FIRM)
                .orElseThrow()
                .medianH();
        touch(uid("petals"), Touch.NOT_YET, done + 60 * 0.5 * firm, 1);
        touch(uid("petals"), Touch.READY, done + 60 * 0.8 * firm, 1);
        Book.DryingLesson lesson = book().drying().get(0);
        assertEquals(lesson.medium(), Medium.GUM_PASTE);
        Book.Looked look = book().entries().get(0).looks().get(0);
        assertEquals(look.reckonedH(), firm, 1e-9);
        assertEquals(look.notYetH().orElseThrow(), 0.5 * firm, 0.01);
        assertEquals(look.readyH().orElseThrow(), 0.8 * firm, 0.01);
        assertTrue(lesson.rate().factor() > 1, lesson.toString());
        // Taken, it is not learnt twice.
        conditions = Conditions.USUAL.withKit(Conditions.USUAL.kit().withWatched(List.of(lesson.watched())));
        assertEquals(book().drying().get(0).rate().factor(), lesson.rate().factor(), 1e-12);
    }

    /** However many looks there are, safe times keep what a single piece may be out. */
    @Test
    public void safeTimesKeepTheErrorOfASingleLook() {
        List<RateLearnt.Seen> looks = Collections.nCopies(200, new RateLearnt.Seen(1.05, 1.2));
        RateLearnt rate = RateLearnt.of(looks);
        Watched watched =
                new Book.DryingLesson(Medium.GUM_PASTE, Watched.DryingClock.BODY, looks.size(), rate).watched();
        assertTrue(rate.sigma() < 0.05 && rate.factor() < 0.95, rate.toString());
        Conditions learnt = Conditions.USUAL.withKit(Conditions.USUAL.kit().withWatched(List.of(watched)));
        Assessment then = new Assessment(Garden.rose(), learnt);
        var firm = then.course(then.species().part("petals").orElseThrow())
                .at(Stage.FIRM)
                .orElseThrow();
        assertEquals(firm.safeByH() / firm.medianH(), Math.exp(1.2815515655 * RateLearnt.NOISE), 1e-6);
    }

    @Test
    public void aLessonThatIsTakenIsReckonedBy() {
        Watched slow = new Watched(Medium.GUM_PASTE, Watched.DryingClock.BODY, 0.5, 0.1, 12);
        Conditions learnt = Conditions.USUAL.withKit(Conditions.USUAL.kit().withWatched(List.of(slow)));
        Assessment then = new Assessment(Garden.rose(), learnt);
        var before = rose().course(rose().species().part("petals").orElseThrow())
                .at(Stage.FIRM)
                .orElseThrow();
        var after = then.course(then.species().part("petals").orElseThrow())
                .at(Stage.FIRM)
                .orElseThrow();
        assertEquals(after.medianH(), 2 * before.medianH(), 1e-6);
        assertEquals(after.safeByH() / after.medianH(), Math.exp(1.2815515655 * 0.1), 1e-6);
    }

    private void said(BenchRecord what) {
        events.add(BenchEvent.saying(UUID.randomUUID(), uid("petals"), NINE.plusSeconds(7 * 60), what));
    }

    /** Still soft after half of what is reckoned, skinned after seven tenths: it skins faster here, and batches get smaller by it. */
    @Test
    public void theFaceHasAClockOfItsOwn() {
        petalsMade(1);
        double open = Work.batches(
                        rose(),
                        rose().species().part("petals").flatMap(Part::flat).orElseThrow())
                .openTimeMin();
        touch(uid("petals"), Touch.STILL_SOFT, 0.5 * open, 1);
        touch(uid("petals"), Touch.SKINNED, 0.7 * open, 1);
        Book.Looked look = book().entries().get(0).skin().get(0);
        assertEquals(look.stage(), Stage.SKINNED);
        assertEquals(60 * look.reckonedH(), open, 1e-9);
        assertEquals(60 * look.readyH().orElseThrow(), 0.7 * open, 0.02);
        Book.DryingLesson lesson = book().drying().get(0);
        assertEquals(lesson.clock(), Watched.DryingClock.SKIN);
        assertTrue(lesson.rate().factor() > 1.1, lesson.toString());
        Conditions learnt = Conditions.USUAL.withKit(Conditions.USUAL.kit().withWatched(List.of(lesson.watched())));
        Assessment then = new Assessment(Garden.rose(), learnt);
        Petaled petals = then.species().part("petals").flatMap(Part::flat).orElseThrow();
        assertEquals(
                Work.batches(then, petals).openTimeMin(),
                open / lesson.watched().factor(),
                1e-6);
        assertEquals(
                then.course(petals).at(Stage.FIRM),
                rose().course(rose().species().part("petals").orElseThrow()).at(Stage.FIRM),
                "its body dries as it did");
    }

    @Test
    public void whatIsMeasuredAndNotedStandsInTheBook() {
        petalsMade(1);
        said(new BenchRecord.PetalMeasured(52, 38));
        said(new BenchRecord.BenchNote("paste was from yesterday"));
        Book.Entry entry = book().entries().get(0);
        assertEquals(entry.written().size(), 2);
        assertTrue(
                entry.written().get(0).told().contains("thick"), entry.written().toString());
        assertEquals(entry.written().get(1).told(), "paste was from yesterday");
        assertEquals(entry.room().orElseThrow(), Room.REFERENCE);
        events.add(BenchEvent.saying(
                UUID.randomUUID(), "plan", NINE, new BenchRecord.BenchNote("planned anew: 3 of 40 moved")));
        assertEquals(book().remarks().get(0).written().told(), "planned anew: 3 of 40 moved");
        assertEquals(book().entries().size(), 1);
    }

    /** Sheets a tenth thicker than the table says: the mean of what was measured, drawn to the table by what is known beforehand. */
    @Test
    public void aRollerDrifts() {
        petalsMade(1);
        assertTrue(book().roller().isEmpty());
        for (int k = 1; k <= 4; k++) {
            said(new BenchRecord.SheetMeasured(3, 1.1 * ROLLER.measuredMm(3)));
        }
        RollerLearnt learnt = book().roller().orElseThrow();
        assertEquals(learnt.measures(), 4);
        double prior = (0.08 * 0.08) / (0.10 * 0.10);
        assertEquals(Math.log(learnt.factor()), 4 * Math.log(1.1) / (4 + prior), 1e-9);
        assertTrue(learnt.low() < learnt.factor() && learnt.factor() < learnt.high());
        RollerMachine drifted = ROLLER.drifted(learnt.factor());
        assertEquals(drifted.thickMm(3), learnt.factor() * ROLLER.thickMm(3), 1e-9);
        assertTrue(drifted.settingFor(1) >= ROLLER.settingFor(1), "a thinner setting for the same sheet");
    }

    @Test
    public void eachSortOfPiecesBreaksByItsOwnOdds() {
        petalsMade(1);
        Book.SortBroke sort = book().breakage().sorts().get(0);
        assertEquals(sort.sort(), PieceSort.WIRED);
        assertEquals(sort.share(), (1.5 + 3) / (30 + 30), 1e-12);
        Drawer drawer = new Drawer(List.of(new BreakageRecord("book", PieceSort.WIRED, 30, 70)));
        assertTrue(drawer.kit().spares(PieceSort.WIRED).forPieces(20)
                > drawer.kit().spares(PieceSort.LEAF).forPieces(20));
        assertEquals(drawer.kit().spares(PieceSort.LEAF), Spares.UNRECORDED);
    }

    @Test
    public void fourOfFiveIntervalsOfPaceAndBreakageHoldTheTruth() {
        Random random = new Random(5);
        int studios = 1000;
        int pace = 0;
        int broke = 0;
        for (int k = 0; k < studios; k++) {
            double truth = Math.exp(PaceLearnt.NOISE / Math.sqrt(3) * random.nextGaussian());
            List<PaceLearnt.Timed> works = new ArrayList<>();
            for (int i = 0; i < 12; i++) {
                works.add(new PaceLearnt.Timed(
                        Steps.of(Operation.CUT, 20, "Cut."),
                        truth * Math.exp(PaceLearnt.NOISE * random.nextGaussian())));
            }
            PaceLearnt learnt = PaceLearnt.of(works, Pace.Hand.PRACTISED).get(0);
            pace += learnt.lowMin() <= truth * learnt.handMin() && truth * learnt.handMin() <= learnt.highMin() ? 1 : 0;
            double share = Spares.UNRECORDED.shareBelow(Math.min(0.9999, Math.max(0.0001, random.nextDouble())));
            int broken = (int) random.doubles(150).filter(x -> x < share).count();
            Book.SortBroke counted = Book.SortBroke.of(PieceSort.SET, broken, 150 - broken);
            broke += counted.low() <= share && share <= counted.high() ? 1 : 0;
        }
        assertTrue(pace >= 750 && pace <= 850, pace + " of " + studios);
        assertTrue(broke >= 750 && broke <= 850, broke + " of " + studios);
    }

    @Test
    public void paceComesNearTheTruthAfterManyWorks() {
        Random random = new Random(3);
        for (double truth : new double[] {0.6, 1.3, 2.2}) {
            List<PaceLearnt.Timed> works = new ArrayList<>();
            for (int i = 0; i < 200; i++) {
                works.add(new PaceLearnt.Timed(
                        Steps.of(Operation.CUT, 20, "Cut."), truth * Math.exp(0.3 * random.nextGaussian())));
            }
            assertEquals(PaceLearnt.of(works, Pace.Hand.PRACTISED).get(0).factor(), truth, 0.08 * truth);
        }
    }
}
