package org.crispwhorl.core.truths;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.crispwhorl.core.Close;
import org.crispwhorl.core.drying.Body;
import org.crispwhorl.core.drying.DryingCourse;
import org.crispwhorl.core.drying.DryingLaw;
import org.crispwhorl.core.drying.Lying;
import org.crispwhorl.core.drying.Rind;
import org.crispwhorl.core.drying.Room;
import org.crispwhorl.core.drying.SkinClock;
import org.crispwhorl.core.drying.Spread;
import org.crispwhorl.core.paste.Medium;
import org.crispwhorl.core.paste.Paste;
import org.crispwhorl.core.paste.Stage;
import org.crispwhorl.core.species.CentreForm;
import org.crispwhorl.core.species.Dome;
import org.crispwhorl.core.species.SliverCone;
import org.crispwhorl.core.species.Texture;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What makers do by the clock, and what the laws of drying say of it. */
public class DryingTruthsTest {
    private static final Paste GUM = Paste.usual(Medium.GUM_PASTE);
    private static final Spread SPREAD = Spread.UNRECORDED;
    private static final Lying ONE = new Lying.OneSided();
    private static final Lying HUNG = new Lying.Hung();

    private static DryingCourse course(Body body, Room room) {
        return DryingCourse.of(GUM, body, room, SPREAD);
    }

    private static DryingCourse sheet(double mm, Lying lying) {
        return course(Body.sheet(mm, mm, lying), Room.REFERENCE);
    }

    private static DryingCourse fondant(double mm, Lying lying) {
        return DryingCourse.of(Paste.usual(Medium.GUM_FONDANT), Body.sheet(mm, mm, lying), Room.REFERENCE, SPREAD);
    }

    private static DryingCourse ridged(double mm, double highMm) {
        return course(Body.sheet(mm, Body.ridgeMm(mm, highMm, Math.max(highMm, 1.2)), ONE), Room.REFERENCE);
    }

    private static DryingCourse solid(CentreForm form) {
        return course(Body.solid(form.volumeMm3(), form.surfaceMm2()), Room.REFERENCE);
    }

    private static double safe(DryingCourse course, Stage stage) {
        return course.at(stage).orElseThrow().safeByH();
    }

    private static double holds(DryingCourse course) {
        return SPREAD.likelyBy(course.at(Stage.PART_DRY).orElseThrow().medianH());
    }

    private static double foot(double wide, double high) {
        double r = wide / 2;
        return Math.PI * r * r * high / 3 / (Math.PI * r * (r + Math.hypot(r, high)));
    }

    private static double skinMin(double mm) {
        return 60 * SkinClock.hours(GUM, mm, Room.REFERENCE);
    }

    private static double fondantSkinMin(double mm) {
        return 60 * SkinClock.hours(Paste.usual(Medium.GUM_FONDANT), mm, Room.REFERENCE);
    }

    private static double chocolateMin(double mm, double celsius) {
        return 60
                * DryingLaw.of(Paste.usual(Medium.MODELLING_CHOCOLATE))
                        .hoursTo(Rind.FIRM, Body.of(mm), new Room(celsius, 50, new Room.Air.Still()));
    }

    private static double leftAfter(double hours, double mm) {
        return Math.pow(
                Rind.FIRM.moistureRatio(),
                hours / sheet(mm, ONE).at(Stage.FIRM).orElseThrow().medianH());
    }

    private static double quickerInACabinet() {
        Body petal = Body.sheet(0.8, 0.8, new Lying.TurnedOut(3));
        Room cabinet = new Room(20, 50, new Room.Air.Cabinet(30, 40));
        return safe(course(petal, Room.REFERENCE), Stage.DRY) / safe(course(petal, cabinet), Stage.DRY);
    }

    private static double holdsInACabinetInADampKitchen() {
        return 60
                * course(Body.sheet(0.7, 0.7, ONE), new Room(20, 72, new Room.Air.Cabinet(30, 40)))
                        .at(Stage.PART_DRY)
                        .orElseThrow()
                        .medianH();
    }

    private static double holdsAt65() {
        double dry = course(Body.of(foot(19, 19) * 1.5), new Room(20, 65, new Room.Air.Still()))
                .at(Stage.FIRM)
                .orElseThrow()
                .safeByH();
        return dry;
    }

    private static DryingCourse.Window window(double mm) {
        return sheet(mm, ONE).window().orElseThrow();
    }

    /** Number of the truth, what is done, the figure, from, to. */
    @DataProvider
    public Object[][] times() {
        return new Object[][] {
            {2, "cut pieces lie uncovered, min", skinMin(0.7), 7, 25},
            {3, "the oldest layer still gives, min", skinMin(0.7), 6, 150},
            {13, "chocolate laid out sets, min", chocolateMin(1.7, 20), 4, 20},
            {
                31,
                "taped to a snipped centre 10 across, h",
                safe(solid(new Dome(10, 5, Texture.SNIPPED)), Stage.DRY),
                4,
                16
            },
            {42, "taped while rather soft, gum fondant, min", 60 * holds(fondant(0.7, ONE)), 5, 45},
            {
                57,
                "a strip bent after it is rolled, gum fondant, min",
                60 * fondant(0.8, HUNG).window().orElseThrow().likelyToH(),
                15,
                120
            },
            {33, "taped to a centre of 16 × 8, h", safe(solid(new Dome(16, 8, Texture.SNIPPED)), Stage.DRY), 8, 16},
            {35, "petals of 0.9 dusted and taped, h", safe(ridged(0.9, 1.0), Stage.DRY), 6, 16},
            {36, "petals of 0.9 with a ridge of 1.2 taped, h", safe(ridged(0.9, 1.2), Stage.DRY), 6, 16},
            {37, "a cone under thirty slivers, h", safe(solid(new SliverCone(9, 18, 3, 10, 12, 1.3)), Stage.DRY), 6, 16
            },
            {39, "petals of 0.8 stop bending, min", 60 * window(0.8).likelyToH(), 31, 150},
            {43, "no longer wet to the brush, gum fondant, min", fondantSkinMin(0.7), 5, 30},
            {45, "wired petals are taped round the bud, h", holds(sheet(0.7, ONE)), 0, 16},
            {46, "veined leaves dusted, h", safe(sheet(0.8, ONE), Stage.DRY), 2, 16},
            {51, "a paper roll taken out of a wall of 0.9, h", safe(sheet(0.9, HUNG), Stage.DRY), 3, 16},
            {53, "a solid foot of 14 × 5, h", safe(course(Body.of(foot(5, 14)), Room.REFERENCE), Stage.DRY), 6, 16},
            {55, "a folded blossom hangs, h", holds(sheet(0.75, HUNG)), 0.1, 0.5},
            {60, "a fringe lies till it keeps its shape, min", skinMin(0.45), 5, 15},
            {61, "a wound fringe hangs, min", 60 * holds(sheet(0.45, HUNG)), 8, 20},
            {66, "rows hang, min", 60 * holds(sheet(0.65, HUNG)), 3, 18},
            {68, "a damp night, h", holdsAt65(), 10, 40},
            {71, "petals in moulds set, min", 60 * holds(sheet(0.7, ONE)), 10, 40},
            {
                72,
                "the last three still give, min",
                60 * (window(0.7).closesH() - window(0.7).opensH()),
                15,
                120
            },
            {75, "turned over after three hours, share left", leftAfter(3, 0.8), 0.3, 0.62},
            {77, "calyx on dry petals, h", safe(sheet(0.8, new Lying.TurnedOut(3)), Stage.DRY), 4.5, 16},
            {81, "in a cabinet, times quicker", quickerInACabinet(), 2, 5},
            {82, "a cabinet in a damp kitchen, min", holdsInACabinetInADampKitchen(), 2, 25},
        };
    }

    @Test(dataProvider = "times")
    public void whatMakersDoByTheClock(int number, String what, double figure, double from, double to) {
        assertTrue(
                figure >= from && figure <= to, number + ", " + what + ": " + figure + " not in " + from + " to " + to);
    }

    /** Worked figures of gum paste at 20 °C and 50 %. */
    @Test
    public void theLawsGiveTheirWorkedFigures() {
        DryingCourse petal = sheet(0.7, ONE);
        Close.within(0.03, 60 * petal.at(Stage.PART_DRY).orElseThrow().medianH(), 21);
        Close.within(0.03, 60 * window(0.7).opensH(), 24);
        Close.within(0.03, 60 * window(0.7).closesH(), 78);
        Close.within(0.02, 60 * window(0.7).likelyToH(), 93);
        Close.within(0.02, petal.at(Stage.FIRM).orElseThrow().medianH(), 2.6);
        Close.within(0.02, petal.at(Stage.DRY).orElseThrow().medianH(), 5.7);
        Close.within(0.02, holds(solid(new CentreForm.Cone(15, 31))), 1.75);
        Close.within(0.02, safe(solid(new Dome(16, 8, Texture.SMOOTH)), Stage.DRY), 15.1);
        assertTrue(safe(solid(new CentreForm.Ball(80)), Stage.DRY) < 15.75, "no solid later");
        double[][] drives = {{50, 1}, {60, 0.6}, {65, 0.4}, {70, 0.255}, {74, 0.18}};
        for (double[] drive : drives) {
            Close.within(0.02, DryingLaw.of(GUM).drive(20, drive[0]), drive[1]);
        }
        assertEquals(DryingLaw.of(GUM).drive(20, 75), 0.0);
    }

    private static final double[] SIZES = {0.2, 0.5, 0.7, 1, 1.5, 2, 3, 5, 8, 12, 20};

    /** Never sooner with humidity or size, no point of humidity a tenth of a wait, no hair of size more than half as much again. */
    @Test
    public void noWaitJumps() {
        for (Medium medium : List.of(Medium.GUM_PASTE, Medium.GUM_FONDANT, Medium.MARZIPAN, Medium.COLD_PORCELAIN)) {
            DryingLaw law = DryingLaw.of(Paste.usual(medium));
            double most = 100 * Paste.usual(medium).driesUpToPct() / 100;
            for (Rind rind : List.of(Rind.HOLDS, Rind.STOPS_BENDING, Rind.FIRM, Rind.DRY)) {
                for (double size : SIZES) {
                    double before = 0;
                    for (double pct = 5; pct < most - 1; pct++) {
                        Room room = new Room(20, pct, new Room.Air.Still());
                        double hours = law.hoursTo(rind, Body.of(size), room);
                        assertTrue(hours >= before, medium + " " + pct);
                        assertTrue(before == 0 || hours <= 1.1 * before, medium + ", " + pct + " %: " + hours / before);
                        before = hours;
                        double larger = law.hoursTo(rind, Body.of(1.01 * size), room);
                        assertTrue(
                                larger > hours && larger <= 1.015 * hours * (1 + 1e-3), size + ": " + larger / hours);
                    }
                }
            }
        }
    }

    @Test
    public void stagesKeepTheirOrderForEverySize() {
        Random random = new Random(5);
        List<Double> sizes = new ArrayList<>();
        for (int i = 0; i < 500; i++) {
            sizes.add(0.2 * Math.pow(100, random.nextDouble()));
        }
        for (double size : sizes) {
            DryingCourse course = course(Body.of(size), Room.REFERENCE);
            double before = 0;
            for (DryingCourse.Reached reached : course.stages()) {
                assertTrue(reached.medianH() >= before, size + ": " + course.stages());
                before = reached.medianH();
            }
            course.window()
                    .ifPresent(w -> assertTrue(
                            w.likelyToH() <= course.at(Stage.FIRM).orElseThrow().medianH()));
        }
    }
}
