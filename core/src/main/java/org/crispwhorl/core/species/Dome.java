package org.crispwhorl.core.species;

import java.util.ArrayList;
import java.util.List;
import org.crispwhorl.core.measure.InvalidValue;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.solid.Solid;
import org.crispwhorl.core.work.Operation;
import org.crispwhorl.core.work.Steps;

/** A flattened dome, snipped or tweezed into texture: the cap of a ball. */
@Text(label = "dome", means = "A flattened dome, snipped or tweezed into texture.")
public record Dome(
        @Quantity(label = "diameter", unit = Unit.MM, min = 2, max = 80, usual = 14, means = "Diameter of the foot.")
        double diameterMm,

        @Quantity(label = "height", unit = Unit.MM, min = 1, max = 40, usual = 5, means = "From foot to crown.")
        double heightMm,

        @Text(label = "texture") Texture texture)
        implements Uncoated {
    public Dome {
        Limits.check(Dome.class, diameterMm, heightMm, texture);
        if (heightMm > diameterMm / 2) {
            throw new InvalidValue(
                    "heightMm", heightMm, "at most half the diameter, " + diameterMm / 2 + " mm: a half-ball");
        }
    }

    @Override
    public int touches() {
        return texture.touches(2 * Math.PI * sphereMm() * heightMm);
    }

    @Override
    public List<Solid> solids(double onStemMm) {
        List<Solid> solids = new ArrayList<>(Uncoated.super.solids(onStemMm));
        if (texture.seen()) {
            solids.add(marks(onStemMm));
        }
        return solids;
    }

    @Override
    public Steps making() {
        return Steps.of(Operation.SHAPE, 1, "Flatten " + ball() + " to a dome " + widthAndHeight() + ".")
                .and(texture.making(""));
    }

    private double sphereMm() {
        double a = diameterMm / 2;
        return (a * a + heightMm * heightMm) / (2 * heightMm);
    }

    @Override
    public double volumeMm3() {
        double a = diameterMm / 2;
        return Math.PI * heightMm * (3 * a * a + heightMm * heightMm) / 6;
    }

    @Override
    public double surfaceMm2() {
        double a = diameterMm / 2;
        return 2 * Math.PI * sphereMm() * heightMm + Math.PI * a * a;
    }

    @Override
    public double radiusAt(double z) {
        double toMiddle = z + sphereMm() - heightMm;
        return z < 0 || z > heightMm ? 0 : Math.sqrt(Math.max(0, sphereMm() * sphereMm() - toMiddle * toMiddle));
    }

    @Override
    public CentreForm resized(double newDiameterMm, double newHeightMm) {
        return new Dome(newDiameterMm, Math.min(newHeightMm, newDiameterMm / 2), texture);
    }
}
