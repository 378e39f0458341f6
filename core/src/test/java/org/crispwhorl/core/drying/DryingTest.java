package org.crispwhorl.core.drying;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import org.crispwhorl.core.Close;
import org.crispwhorl.core.paste.Medium;
import org.crispwhorl.core.paste.Paste;
import org.crispwhorl.core.paste.Stage;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class DryingTest {
    private static final Evaporating GUM = (Evaporating) DryingLaw.of(Paste.usual(Medium.GUM_PASTE));
    private static final Rind DRY = Rind.DRY_THROUGH;
    private static final Body PETAL = Body.sheet(0.7, 0.7, new Lying.OneSided());

    private static Room room(double c, double pct) {
        return new Room(c, pct, new Room.Air.Still());
    }

    @DataProvider
    public Object[][] worked() {
        return new Object[][] {{50, 6.16}};
    }

    @Test(dataProvider = "worked")
    public void aPetalOfSevenTenthsDriesAsWorked(double humidity, double hours) {
        Close.onePercent(GUM.hoursTo(DRY, PETAL, room(20, humidity)), hours);
    }

    @Test
    public void ballsAndLayersDryAsTheBenchSays() {
        double volume = Math.PI * 1000 / 6;
        Close.onePercent(GUM.hoursTo(DRY, Body.solid(volume, Math.PI * 100), Room.REFERENCE), 21.1);
        Close.onePercent(GUM.hoursTo(DRY, Body.solid(8 * volume, Math.PI * 400), Room.REFERENCE), 64.4);
        Close.onePercent(GUM.hoursTo(DRY, Body.of(1.4), Room.REFERENCE), 16.2);
        Close.onePercent(GUM.hoursTo(DRY, PETAL, new Room(20, 50, new Room.Air.Fan())), 4.585);
    }

    @Test
    public void aFaceSkinsByTheAirOfTheBenchAndHardlyByItsThickness() {
        Paste gum = Paste.usual(Medium.GUM_PASTE);
        Close.within(1e-9, 60 * SkinClock.hours(gum, 0.7, Room.REFERENCE), 12);
        Close.within(1e-9, SkinClock.hours(gum, 1.4, Room.REFERENCE), 0.2 * Math.pow(2, 0.3));
        Room cabinet = new Room(20, 50, new Room.Air.Cabinet(30, 30));
        Close.within(1e-9, SkinClock.hours(gum, 0.7, cabinet), 0.2);
        assertTrue(SkinClock.hours(gum, 0.7, room(20, 65)) > 0.3);
        assertTrue(Double.isInfinite(SkinClock.hours(Paste.usual(Medium.MODELLING_CHOCOLATE), 0.7, Room.REFERENCE)));
    }

    @Test
    public void aThickPlaceDriesLaterButBendsNoLonger() {
        Paste gum = Paste.usual(Medium.GUM_PASTE);
        DryingCourse plain =
                DryingCourse.of(gum, Body.sheet(0.7, 0.7, new Lying.OneSided()), Room.REFERENCE, Spread.UNRECORDED);
        DryingCourse ridged =
                DryingCourse.of(gum, Body.sheet(0.7, 1.4, new Lying.OneSided()), Room.REFERENCE, Spread.UNRECORDED);
        assertEquals(ridged.window(), plain.window());
        assertTrue(ridged.at(Stage.DRY).orElseThrow().medianH()
                > 1.2 * plain.at(Stage.DRY).orElseThrow().medianH());
    }

    @Test
    public void aOneMillimetreSheetIsDryInTheReferenceTime() {
        Close.within(1e-9, GUM.hoursTo(DRY, Body.of(1), Room.REFERENCE), 10);
    }

    @Test
    public void atItsOwnWaterActivityItNeverDries() {
        assertTrue(Double.isInfinite(GUM.hoursTo(DRY, PETAL, room(20, 75))));
        assertTrue(Double.isInfinite(GUM.hoursTo(Rind.HOLDS, PETAL, room(20, 90))));
    }

    @Test
    public void dampAirSlowsAndWarmAirSpeeds() {
        double before = 0;
        for (int pct = 20; pct < 75; pct += 5) {
            double hours = GUM.hoursTo(DRY, PETAL, room(20, pct));
            assertTrue(hours > before);
            before = hours;
        }
        assertTrue(GUM.hoursTo(DRY, PETAL, room(26, 50)) < GUM.hoursTo(DRY, PETAL, room(18, 50)));
    }

    @Test
    public void aFanHurriesWhatTheFaceGivesOffAndNotWhatComesThroughThePaste() {
        Room fan = new Room(20, 50, new Room.Air.Fan());
        double still = GUM.dryH(0.7, Room.REFERENCE);
        Close.within(1e-9, GUM.dryH(0.7, fan), still - 10 * 0.6 * 0.7 * (1 - 1 / 1.6));
    }

    @Test
    public void aCabinetDriesInItsOwnAir() {
        Room damp = new Room(18, 85, new Room.Air.Cabinet(30, 40));
        Room fan = new Room(30, 40, new Room.Air.Fan());
        Close.within(1e-9, GUM.hoursTo(DRY, PETAL, damp), GUM.hoursTo(DRY, PETAL, fan));
    }

    @Test
    public void bothFacesDryFasterThanOne() {
        double one = GUM.hoursTo(DRY, Body.sheet(0.8, 0.8, new Lying.OneSided()), Room.REFERENCE);
        double both = GUM.hoursTo(DRY, Body.sheet(0.8, 0.8, new Lying.Hung()), Room.REFERENCE);
        Close.within(1e-9, one / both, (0.6 * 0.8 + 0.4 * 0.64) / (0.6 * 0.4 + 0.4 * 0.16));
    }

    @Test
    public void turningOutLiesBetweenOneFaceAndBoth() {
        double one = GUM.hoursTo(DRY, Body.sheet(0.8, 0.8, new Lying.OneSided()), Room.REFERENCE);
        double both = GUM.hoursTo(DRY, Body.sheet(0.8, 0.8, new Lying.Hung()), Room.REFERENCE);
        double turned = GUM.hoursTo(DRY, Body.sheet(0.8, 0.8, new Lying.TurnedOut(2)), Room.REFERENCE);
        assertTrue(both < turned && turned < one);
        double late = GUM.hoursTo(DRY, Body.sheet(0.8, 0.8, new Lying.TurnedOut(90)), Room.REFERENCE);
        Close.within(1e-9, late, one);
    }

    @Test
    public void equalReadingsIntegrateToTheSameTime() {
        List<DryingLaw.Reading> readings = List.of(
                new DryingLaw.Reading(0, Room.REFERENCE),
                new DryingLaw.Reading(1.3, Room.REFERENCE),
                new DryingLaw.Reading(4, Room.REFERENCE));
        Close.within(1e-9, GUM.hoursTo(DRY, PETAL, readings), GUM.hoursTo(DRY, PETAL, Room.REFERENCE));
    }

    @Test
    public void aWetNightStopsTheDryingForAsLongAsItLasts() {
        List<DryingLaw.Reading> night = List.of(
                new DryingLaw.Reading(0, Room.REFERENCE),
                new DryingLaw.Reading(2, room(20, 80)),
                new DryingLaw.Reading(10, Room.REFERENCE));
        Close.within(1e-9, GUM.hoursTo(DRY, PETAL, night), 8 + GUM.hoursTo(DRY, PETAL, Room.REFERENCE));
    }

    @Test
    public void vapourPressureAgreesWithTheSteamTables() {
        Close.onePercent(MoistAir.saturationKPa(0.01), 0.6117);
        Close.onePercent(MoistAir.saturationKPa(20), 2.339);
        Close.onePercent(MoistAir.saturationKPa(30), 4.247);
    }

    @Test
    public void safeByIsTheNinetiethPercentile() {
        Spread spread = Spread.UNRECORDED;
        assertEquals(spread.chanceBy(spread.safeBy(5), 5), 0.9, 1e-6);
        assertEquals(spread.chanceBy(5, 5), 0.5, 1e-6);
        Close.within(0.001, spread.safeBy(10), 10 * Math.exp(1.2816 * 0.35));
    }

    @Test
    public void theCourseReachesItsStagesInOrder() {
        DryingCourse course = DryingCourse.of(Paste.usual(Medium.GUM_PASTE), PETAL, Room.REFERENCE, Spread.UNRECORDED);
        double before = 0;
        for (DryingCourse.Reached reached : course.stages()) {
            assertTrue(reached.medianH() > before && reached.safeByH() > reached.medianH());
            before = reached.medianH();
        }
        assertEquals(course.stages().size(), 4);
        assertTrue(course.never().isEmpty());
    }

    @Test
    public void thePartDryWindowIsAsTheBenchSays() {
        DryingCourse course = DryingCourse.of(Paste.usual(Medium.GUM_PASTE), PETAL, Room.REFERENCE, Spread.UNRECORDED);
        DryingCourse.Window window = course.window().orElseThrow();
        Close.within(0.02, 60 * window.opensH(), 24.4);
        Close.onePercent(60 * window.closesH(), 78.3);
        assertTrue(window.sure());
        assertTrue(window.bestH() > window.opensH() && window.bestH() < window.closesH());
    }

    @Test
    public void theBestMomentIsBetterThanItsNeighbours() {
        Spread spread = Spread.UNRECORDED;
        DryingCourse.Window w = DryingCourse.of(Paste.usual(Medium.GUM_PASTE), PETAL, Room.REFERENCE, spread)
                .window()
                .orElseThrow();
        for (double factor : new double[] {0.8, 0.9, 1.1, 1.25}) {
            double at = w.bestH() * factor;
            double chance = spread.chanceBy(at, w.likelyFromH()) - spread.chanceBy(at, w.likelyToH());
            assertTrue(chance < w.bestChance());
        }
    }

    @DataProvider
    public Object[][] neverFirm() {
        return new Object[][] {{Medium.MARZIPAN}, {Medium.PLAIN_FONDANT}};
    }

    @Test(dataProvider = "neverFirm")
    public void someSkinButNeverDryThrough(Medium medium) {
        DryingCourse course = DryingCourse.of(Paste.usual(medium), Body.of(1), Room.REFERENCE, Spread.UNRECORDED);
        assertTrue(course.at(Stage.SKINNED).isPresent());
        assertEquals(course.never().orElseThrow(), Stage.FIRM);
    }

    @Test
    public void chocolateSetsInMinutesInACoolRoomAndNeverInAHotOne() {
        DryingLaw chocolate = DryingLaw.of(Paste.usual(Medium.MODELLING_CHOCOLATE));
        assertTrue(chocolate.hoursTo(DRY, Body.of(1), room(18, 50)) < 1);
        assertTrue(Double.isInfinite(chocolate.hoursTo(DRY, Body.of(1), room(27, 50))));
        assertTrue(chocolate.hoursTo(Rind.HOLDS, Body.of(2), room(18, 50))
                > chocolate.hoursTo(Rind.HOLDS, Body.of(1), room(18, 50)));
    }
}
