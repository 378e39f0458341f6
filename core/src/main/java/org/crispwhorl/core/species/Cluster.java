package org.crispwhorl.core.species;

import java.util.List;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.solid.Scatter;
import org.crispwhorl.core.solid.Solid;
import org.crispwhorl.core.work.Operation;
import org.crispwhorl.core.work.Said;
import org.crispwhorl.core.work.Steps;
import org.crispwhorl.core.work.Use;

/** A cluster of equal balls lying in one layer; round things in a layer fill four fifths of it. */
@Text(label = "cluster of balls", means = "Equal balls gathered in one layer.")
public record Cluster(
        @Quantity(label = "balls", unit = Unit.COUNT, min = 2, max = 200, usual = 12, means = "Balls in the cluster.")
        int count,

        @Quantity(
                label = "ball",
                unit = Unit.MM,
                min = 1,
                max = 30,
                step = 0.5,
                usual = 3,
                means = "Diameter of one ball.")
        double ballMm)
        implements Uncoated {
    private static final double PACKING = 0.8;

    /** A cluster that is scaled evenly keeps all its balls, whatever the rounding. */
    private static final double A_HAIR = 1e-6;

    public Cluster {
        Limits.check(Cluster.class, count, ballMm);
    }

    @Override
    public int pieces() {
        return count;
    }

    @Override
    public double diameterMm() {
        return ballMm * Math.sqrt(count / PACKING);
    }

    @Override
    public double heightMm() {
        return ballMm;
    }

    @Override
    public double volumeMm3() {
        return count * Math.PI * ballMm * ballMm * ballMm / 6;
    }

    @Override
    public double surfaceMm2() {
        return count * Math.PI * ballMm * ballMm;
    }

    @Override
    public double radiusAt(double z) {
        return z < 0 || z > ballMm ? 0 : (diameterMm() - ballMm) / 2 + Math.sqrt(z * (ballMm - z));
    }

    @Override
    public CentreForm resized(double newDiameterMm, double newHeightMm) {
        double ball = Math.max(1, Math.min(newHeightMm, ballMm));
        int fit = (int) Math.floor(PACKING * Math.pow(newDiameterMm / ball, 2) + A_HAIR);
        return new Cluster(Math.max(2, Math.min(count, fit)), ball);
    }

    /** The balls themselves, in one layer, on what lies between them. */
    @Override
    public List<Solid> solids(double onStemMm) {
        return List.of(
                new Solid.Turned(onStemMm, ballMm / 2, z -> (diameterMm() - ballMm) / 2),
                new Solid.Grains(
                        Scatter.overDisc(count, (diameterMm() - ballMm) / 2, onStemMm + ballMm / 2), ballMm, ballMm));
    }

    /** Each ball is rolled and set. */
    @Override
    public Steps making() {
        return Steps.of(Operation.BALL, count, "Roll {n} balls of " + Said.mm(ballMm) + ".")
                .and(Operation.SET, count, "Glue them side by side in one layer.")
                .using(Use.GLUE);
    }
}
