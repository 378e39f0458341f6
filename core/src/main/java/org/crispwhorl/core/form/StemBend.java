package org.crispwhorl.core.form;

import org.crispwhorl.core.species.Centre;
import org.crispwhorl.core.species.Species;

/**
 * A stem that is bent just below the flower so that its head nods. The flower is drawn looking up, and the stem runs away from under
 * it round an arc: what stands on the stem goes with it.
 *
 * @param fromMm height at which it begins to bend, below the neck and below all that belongs to the head
 * @param rad how far it is bent
 */
public record StemBend(double fromMm, double rad) {
    /** Round which a wire is bent by hand, mm. */
    private static final double RADIUS_MM = 12;

    /** The bend of a flower's stem. */
    public static StemBend of(FlowerForm form) {
        Species species = form.species();
        double nod = species.centre().map(Centre::nodDeg).orElse(0.0);
        return new StemBend(form.heightsMm()[0], Math.toRadians(nod));
    }

    /** Whether it is straight. */
    public boolean straight() {
        return rad == 0;
    }

    /** Where a point of a straight stem comes to lie; what is above the bend stays. */
    public double[] bent(double x, double y, double z) {
        if (straight() || z >= fromMm) {
            return new double[] {x, y, z};
        }
        double down = fromMm - z;
        double turned = Math.min(rad, down / RADIUS_MM);
        double on = down - turned * RADIUS_MM;
        double sin = Math.sin(turned);
        double cos = Math.cos(turned);
        return new double[] {
            RADIUS_MM * (1 - cos) + on * sin + x * cos, y, fromMm - RADIUS_MM * sin - on * cos + x * sin
        };
    }
}
