package org.crispwhorl.core.species;

import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.work.Operation;
import org.crispwhorl.core.work.Said;
import org.crispwhorl.core.work.Steps;

/** A polystyrene half-ball, flat side down, with a cap of paste over its crown. */
@Text(
        label = "capped half-ball",
        means = "A polystyrene half-ball with a cap of paste. Polystyrene is not food: take it out.")
public record CappedHalfBall(
        @Quantity(label = "core", unit = Unit.MM, min = 5, max = 80, usual = 20, means = "Diameter of the half-ball.")
        double coreMm,

        @Quantity(
                label = "paste",
                unit = Unit.MM,
                min = 0,
                max = 10,
                step = 0.5,
                usual = 1.5,
                means = "Thickness of the cap; 0 where petals alone cover it.")
        double pasteMm)
        implements Uncoated {
    public CappedHalfBall {
        Limits.check(CappedHalfBall.class, coreMm, pasteMm);
    }

    private double outerMm() {
        return coreMm / 2 + pasteMm;
    }

    @Override
    public double diameterMm() {
        return 2 * outerMm();
    }

    @Override
    public double heightMm() {
        return outerMm();
    }

    @Override
    public double volumeMm3() {
        return 2 * Math.PI / 3 * (Math.pow(outerMm(), 3) - Math.pow(coreMm / 2, 3));
    }

    @Override
    public double surfaceMm2() {
        return 2 * Math.PI * outerMm() * outerMm();
    }

    @Override
    public boolean polystyrene() {
        return true;
    }

    @Override
    public double radiusAt(double z) {
        return z < 0 || z > outerMm() ? 0 : Math.sqrt(outerMm() * outerMm() - z * z);
    }

    @Override
    public CentreForm resized(double newDiameterMm, double newHeightMm) {
        return new CappedHalfBall(Math.max(5, Math.min(newDiameterMm, 2 * newHeightMm) - 2 * pasteMm), pasteMm);
    }

    @Override
    public Steps making() {
        return pasteMm == 0
                ? Steps.NONE.andCounted(
                        Operation.COVER,
                        0,
                        1,
                        "Take a half-ball of " + Said.mm(coreMm) + ", bare: petals alone cover it.")
                : Steps.of(
                        Operation.COVER,
                        1,
                        "Roll paste to " + Said.thick(pasteMm) + "; cap a half-ball of " + Said.mm(coreMm)
                                + ", the edge turned under.");
    }
}
