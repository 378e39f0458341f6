package org.crispwhorl.core.species;

import java.util.List;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.solid.Solid;
import org.crispwhorl.core.work.Operation;
import org.crispwhorl.core.work.Said;
import org.crispwhorl.core.work.Steps;
import org.crispwhorl.core.work.Use;

/** Bought pearls, one or several lying in one layer: nothing is mixed for them and nothing of them dries. */
@Text(label = "bought pearls", means = "One pearl, or several in one layer; bought, of sugar or not.")
public record Pearls(
        @Quantity(label = "pearls", unit = Unit.COUNT, min = 1, max = 200, usual = 5, means = "In one flower.")
        int count,

        @Quantity(
                label = "pearl",
                unit = Unit.MM,
                min = 1,
                max = 30,
                step = 0.5,
                usual = 5,
                means = "Diameter of one pearl.")
        double pearlMm,

        @Text(label = "of what") PearlKind of)
        implements CentreForm {
    /** What they are of. */
    @Text(label = "of what", means = "What the pearls are of.")
    public enum PearlKind {
        @Text(label = "of sugar")
        SUGAR,
        @Text(label = "of glass or plastic", means = "Not food: take them out before serving.")
        NOT_FOOD
    }

    public Pearls {
        Limits.check(Pearls.class, count, pearlMm, of);
    }

    /** As balls of paste would lie; one lies by itself. */
    private CentreForm lying() {
        return count == 1 ? new Ball(pearlMm) : new Cluster(count, pearlMm);
    }

    @Override
    public int pieces() {
        return count;
    }

    @Override
    public double diameterMm() {
        return lying().diameterMm();
    }

    @Override
    public double heightMm() {
        return pearlMm;
    }

    @Override
    public double volumeMm3() {
        return 0;
    }

    @Override
    public double surfaceMm2() {
        return lying().surfaceMm2();
    }

    @Override
    public double radiusAt(double z) {
        return lying().radiusAt(z);
    }

    /** Sugar pearls run where they get wet. */
    @Override
    public boolean bearsSteam() {
        return of == PearlKind.NOT_FOOD;
    }

    @Override
    public CentreForm uncoated() {
        return this;
    }

    /** Pearls tell what they hold on their own label. */
    @Override
    public List<String> allergens() {
        return List.of();
    }

    @Override
    public boolean plain() {
        return false;
    }

    /** A pearl is firm as it is bought. */
    @Override
    public boolean holdsAtOnce() {
        return true;
    }

    @Override
    public List<Bought> bought() {
        return List.of(new Bought(
                of == PearlKind.SUGAR ? Bought.BoughtSort.SUGAR_PEARLS : Bought.BoughtSort.OTHER_PEARLS,
                pearlMm,
                0,
                count));
    }

    @Override
    public List<NotFood> notFood() {
        return of == PearlKind.NOT_FOOD ? List.of(new NotFood("pearls", count)) : List.of();
    }

    @Override
    public List<Solid> solids(double onStemMm) {
        return lying().solids(onStemMm);
    }

    @Override
    public Steps making() {
        return Steps.of(
                        Operation.PUSH,
                        1,
                        count,
                        "Glue " + Said.many(count, "pearl") + " of " + Said.mm(pearlMm) + " side by side in one layer.")
                .using(Use.GLUE);
    }

    /** The layer of pearls is glued on a loop of the wire. */
    @Override
    public Steps onWire(int gauge, double wireMm, double hookMm) {
        return Steps.of(
                        Operation.HOOK,
                        1,
                        "Cut " + Unit.GAUGE.write(gauge) + " wire, " + Said.mm(wireMm)
                                + " long. Bend its end to a flat loop narrower than the pearls; glue them on it.")
                .using(Use.GLUE);
    }

    @Override
    public CentreForm resized(double newDiameterMm, double newHeightMm) {
        CentreForm fits = lying().resized(newDiameterMm, newHeightMm);
        return new Pearls(fits.pieces(), Math.min(pearlMm, fits.heightMm()), of);
    }
}
