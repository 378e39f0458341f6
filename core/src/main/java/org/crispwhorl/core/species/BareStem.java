package org.crispwhorl.core.species;

import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.work.Operation;
import org.crispwhorl.core.work.Said;
import org.crispwhorl.core.work.Steps;

/** No centre of paste: petals are set round the bare end of the wire, or of a skewer that is food-safe. */
@Text(label = "bare stem", means = "No paste: petals are set round the bare end of a wire or of a food-safe skewer.")
public record BareStem(
        @Text(label = "of") StemKind of,

        @Quantity(
                label = "thickness",
                unit = Unit.MM,
                min = 0.2,
                max = 10,
                step = 0.1,
                usual = 1,
                means = "Across the bare end, taped or not.")
        double thicknessMm,

        @Quantity(
                label = "height",
                unit = Unit.MM,
                min = 1,
                max = 120,
                usual = 10,
                means = "That stands in the flower.")
        double heightMm)
        implements Uncoated {
    /** What the bare stem is. */
    @Text(label = "of", means = "What the bare stem is.")
    public enum StemKind {
        @Text(label = "wire", means = "The stem's own wire, its end bare or taped.")
        WIRE,
        @Text(label = "skewer", means = "A food-safe skewer; not food itself: take it out before serving.")
        SKEWER
    }

    public BareStem {
        Limits.check(BareStem.class, of, thicknessMm, heightMm);
    }

    @Override
    public double diameterMm() {
        return thicknessMm;
    }

    @Override
    public double volumeMm3() {
        return 0;
    }

    @Override
    public double surfaceMm2() {
        return Math.PI * thicknessMm * (heightMm + thicknessMm / 4);
    }

    @Override
    public double radiusAt(double z) {
        return z < 0 || z > heightMm ? 0 : thicknessMm / 2;
    }

    @Override
    public Optional<Double> skewerMm() {
        return of == StemKind.SKEWER ? Optional.of(thicknessMm) : Optional.empty();
    }

    /** It holds as it is. */
    @Override
    public boolean holdsAtOnce() {
        return true;
    }

    @Override
    public List<Bought> bought() {
        return of == StemKind.SKEWER ? List.of(new Bought(Bought.BoughtSort.SKEWERS, thicknessMm, 0, 1)) : List.of();
    }

    @Override
    public List<NotFood> notFood() {
        return of == StemKind.SKEWER ? List.of(new NotFood("skewers", 1)) : List.of();
    }

    @Override
    public Steps making() {
        return Steps.NONE;
    }

    /** Nothing is set on it: its end stands in the flower as it is. */
    @Override
    public Steps onWire(int gauge, double wireMm, double hookMm) {
        return Steps.of(
                Operation.HOOK,
                1,
                of == StemKind.SKEWER
                        ? "Take a skewer, " + Said.mm(thicknessMm) + " thick; " + Said.mm(heightMm)
                                + " of it stands in the flower."
                        : "Cut " + Unit.GAUGE.write(gauge) + " wire, " + Said.mm(wireMm) + " long; leave its upper "
                                + Said.mm(heightMm) + " bare.");
    }

    @Override
    public CentreForm resized(double newDiameterMm, double newHeightMm) {
        return new BareStem(of, thicknessMm, Limits.within(BareStem.class, "heightMm", newHeightMm));
    }
}
