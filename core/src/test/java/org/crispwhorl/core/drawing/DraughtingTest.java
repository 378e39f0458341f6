package org.crispwhorl.core.drawing;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.crispwhorl.core.Close;
import org.crispwhorl.core.Garden;
import org.crispwhorl.core.form.Coverage;
import org.crispwhorl.core.species.Overlap;
import org.crispwhorl.core.species.Species;
import org.testng.annotations.Test;

public class DraughtingTest {
    private static Drawing.DrawnRing face(Species species, String id) {
        return Draughting.of(Garden.form(species)).face().rings().stream()
                .filter(r -> r.partId().equals(id))
                .findFirst()
                .orElseThrow();
    }

    @Test
    public void everyPieceIsDrawnAtItsAzimuth() {
        assertEquals(face(Garden.rose(), "petals").azimuths().length, 5);
        assertEquals(face(Garden.rose(), "leaves").azimuths().length, 3);
    }

    @Test
    public void theDrawnOutlineCoversWhatTheCoverageCounts() {
        Species one = Garden.species(70, Garden.ring("a", Garden.petals(1, 28, 20, 80)));
        double[] xy = face(one, "a").outline();
        double twice = 0;
        for (int i = 0; i < xy.length; i += 2) {
            int j = (i + 2) % xy.length;
            twice += xy[i] * xy[j + 1] - xy[j] * xy[i + 1];
        }
        Close.within(0.02, Math.abs(twice) / 2, Coverage.of(Garden.form(one)).planMm2("a"));
    }

    @Test
    public void aTuckedRingIsClosedOverItself() {
        assertFalse(face(Garden.rose(), "petals").closings().isEmpty());
        Species apart = Garden.changed(Garden.rose(), "petals", p -> Garden.overlapping(p, Overlap.APART));
        assertTrue(face(apart, "petals").closings().isEmpty());
    }

    @Test
    public void oneOverOnePaintsEveryOtherPetalLast() {
        Species six = Garden.species(
                70, Garden.ring("a", Garden.overlapping(Garden.petals(6, 28, 30, 80), Overlap.ALTERNATE)));
        double[] azimuths = face(six, "a").azimuths();
        assertEquals(
                Arrays.stream(azimuths)
                        .limit(3)
                        .map(a -> Math.round(a / 60) % 2)
                        .sum(),
                3.0);
    }

    /** As a cut of five is closed: the first and the third lie innermost. */
    @Test
    public void twoFirstPaintsTheFirstAndTheThirdLast() {
        Species five = Garden.species(
                70, Garden.ring("a", Garden.overlapping(Garden.petals(5, 28, 30, 80), Overlap.TWO_FIRST)));
        assertEquals(
                Arrays.stream(face(five, "a").azimuths())
                        .skip(3)
                        .map(a -> Math.round(a / 72) % 5)
                        .sorted()
                        .boxed()
                        .toList(),
                Stream.of(0, 2)
                        .map(i -> Math.round(Math.toDegrees(Garden.form(five)
                                                .ring("a")
                                                .orElseThrow()
                                                .azimuthsRad()[i])
                                        / 72)
                                % 5.0)
                        .sorted()
                        .toList());
    }

    @Test
    public void petalsSetOneBehindTheOtherArePaintedLastFirst() {
        double[] azimuths = face(Garden.bud(), "second").azimuths();
        double[] set = Garden.form(Garden.bud()).ring("second").orElseThrow().azimuthsRad();
        assertEquals(azimuths[0], Math.toDegrees(set[set.length - 1]) % 360, 0.01);
    }

    @Test
    public void theInnerRingIsPaintedOverTheOuter() {
        Species two = Garden.species(
                70, Garden.ring("a", Garden.petals(5, 26, 20, 80)), Garden.ring("b", Garden.petals(5, 30, 20, 85)));
        var rings = Draughting.of(Garden.form(two)).face().rings();
        assertEquals(rings.get(0).partId(), "b");
        assertEquals(rings.get(rings.size() - 1).partId(), "a");
    }

    @Test
    public void aGapIsMarkedWithItsWidth() {
        Species gappy = Garden.species(70, Garden.ring("a", Garden.petals(4, 28, 12, 80)));
        var gaps = Draughting.of(Garden.form(gappy)).face().gaps();
        assertEquals(gaps.size(), 1);
        double gap = Garden.form(gappy).ring("a").orElseThrow().gapMm();
        assertEquals(gaps.get(0).widthMm(), gap, 0.01);
        assertTrue(Draughting.of(Garden.form(Garden.rose())).face().gaps().isEmpty());
    }

    @Test
    public void theSectionRunsFromTheHighestTipToTheFootOfTheStem() {
        Drawing.Section section = Draughting.of(Garden.form(Garden.rose())).section();
        assertEquals(section.lowestMm(), -90, 0.01);
        assertTrue(section.highestMm() > 13, "highest " + section.highestMm());
        assertEquals(section.profiles().size(), 3);
        assertEquals(section.solids().size(), 1);
        List<Drawing.Stroke> threads = section.strokes().stream()
                .filter(s -> s.partId().equals("stamens"))
                .toList();
        assertEquals(threads.size(), 3, "a thread for each row");
        assertEquals(section.rounds().get(0).places().length, 6);
    }

    @Test
    public void everyHeadOfTheStamensIsDrawn() {
        var heads = Draughting.of(Garden.form(Garden.rose())).face().heads().get(0);
        assertEquals(heads.places().length / 2, 60);
        for (int i = 0; i < heads.places().length; i += 2) {
            assertTrue(Math.hypot(heads.places()[i], heads.places()[i + 1]) <= 7.01);
        }
    }
}
