package org.crispwhorl.core.study;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.crispwhorl.core.measure.InvalidValue;
import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.thinning.Thinning;
import org.testng.annotations.Test;

public class StudyTest {
    private static final Thinning THIN = new Thinning(1.1, 0.7);

    private static MeasuredPetals of(int count, double length, double width) {
        return new MeasuredPetals(count, length, width, 0.6, "");
    }

    @Test
    public void rowsBecomeRingsTheSmallestInside() {
        Study study = new Study("rose", 80, 80, THIN, List.of(of(8, 40, 36), of(3, 26, 23), of(5, 33, 30)));
        assertEquals(study.rings().stream().map(MeasuredPetals::count).toList(), List.of(3, 5, 8));
    }

    @Test
    public void petalsMeasuredOneByOneAreSortedIntoTheirRings() {
        Random random = new Random(3);
        List<MeasuredPetals> petals = new ArrayList<>();
        for (double[] ring : new double[][] {{5, 24, 20}, {7, 34, 30}, {9, 46, 41}}) {
            for (int i = 0; i < ring[0]; i++) {
                petals.add(of(
                        1,
                        ring[1] * (0.98 + 0.04 * random.nextDouble()),
                        ring[2] * (0.98 + 0.04 * random.nextDouble())));
            }
        }
        Collections.shuffle(petals, random);
        List<MeasuredPetals> rings = new Study("rose", 90, 60, THIN, petals).rings();
        assertEquals(rings.stream().map(MeasuredPetals::count).toList(), List.of(5, 7, 9));
        assertEquals(rings.get(1).lengthMm(), 34, 0.7);
    }

    @Test
    public void theDraftIsScaledAndItsCuttersAllowForThinning() {
        Species draft = new Study("rose", 90, 60, THIN, List.of(of(5, 45, 36))).draft();
        Petaled ring = draft.petaled().get(0);
        Outline finished = ring.pieces().finished();
        assertEquals(finished.lengthMm(), 30, 1e-9);
        assertEquals(finished.widthMm(), 24, 1e-9);
        assertEquals(ring.pieces().outline().lengthMm(), 30 / THIN.growth(), 1e-9);
        assertEquals(draft.faceMm(), 60, 0);
    }

    @Test
    public void impossibleMeasuresAreRefusedByTheirField() {
        assertEquals(expectThrows(InvalidValue.class, () -> of(0, 20, 20)).field(), "count");
        assertEquals(expectThrows(InvalidValue.class, () -> of(5, 0, 20)).field(), "lengthMm");
        assertEquals(
                expectThrows(InvalidValue.class, () -> new Study("x", 80, 60, THIN, List.of()))
                        .field(),
                "petals");
    }

    @Test
    public void aDraftCanBeReckoned() {
        Species draft = new Study("rose", 90, 60, THIN, List.of(of(5, 45, 36), of(8, 60, 50))).draft();
        assertTrue(org.crispwhorl.core.Garden.form(draft).faceMm() > 30);
    }
}
