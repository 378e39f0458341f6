package org.crispwhorl.core.species;

import java.util.List;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.work.Operation;
import org.crispwhorl.core.work.Said;
import org.crispwhorl.core.work.Steps;

/** A polystyrene ball covered with paste; only the paste is mixed, weighed and dried. */
@Text(label = "covered ball", means = "A polystyrene ball covered with paste. Polystyrene is not food: take it out.")
public record CoveredBall(
        @Quantity(
                label = "core",
                unit = Unit.MM,
                min = 5,
                max = 80,
                usual = 20,
                means = "Diameter of the polystyrene ball.")
        double coreMm,

        @Quantity(
                label = "paste",
                unit = Unit.MM,
                min = 0,
                max = 10,
                step = 0.5,
                usual = 1.5,
                means = "Thickness of the paste over it; 0 where petals alone cover it.")
        double pasteMm)
        implements Uncoated {
    public CoveredBall {
        Limits.check(CoveredBall.class, coreMm, pasteMm);
    }

    @Override
    public double diameterMm() {
        return coreMm + 2 * pasteMm;
    }

    @Override
    public List<Bought> bought() {
        return List.of(new Bought(Bought.BoughtSort.BALLS, coreMm, 0, 1));
    }

    @Override
    public boolean polystyrene() {
        return true;
    }

    @Override
    public double heightMm() {
        return diameterMm();
    }

    @Override
    public double volumeMm3() {
        return Math.PI / 6 * (Math.pow(diameterMm(), 3) - Math.pow(coreMm, 3));
    }

    @Override
    public double surfaceMm2() {
        return Math.PI * diameterMm() * diameterMm();
    }

    @Override
    public double radiusAt(double z) {
        return z < 0 || z > diameterMm() ? 0 : Math.sqrt(z * (diameterMm() - z));
    }

    @Override
    public CentreForm resized(double newDiameterMm, double newHeightMm) {
        return new CoveredBall(Math.max(5, Math.min(newDiameterMm, newHeightMm) - 2 * pasteMm), pasteMm);
    }

    @Override
    public Steps making() {
        return pasteMm == 0
                ? Steps.NONE.andCounted(
                        Operation.COVER,
                        0,
                        1,
                        "Take a polystyrene ball of " + Said.mm(coreMm) + ", bare: petals alone cover it.")
                : Steps.of(
                        Operation.COVER,
                        1,
                        "Roll paste to " + Said.thick(pasteMm) + "; cover a polystyrene ball of " + Said.mm(coreMm)
                                + "; close the seam below.");
    }
}
