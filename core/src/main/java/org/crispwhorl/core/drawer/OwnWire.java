package org.crispwhorl.core.drawer;

import java.util.ArrayList;
import java.util.List;
import org.crispwhorl.core.measure.InvalidValue;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;

/** Wires of one gauge and one stock length, with the offcuts of earlier work. */
@Text(label = "wire", means = "Wires of one gauge and one stock length, with the offcuts of earlier work.")
public record OwnWire(
        @Text(label = "name", shortest = 1, longest = 60, means = "As written on it.")
        String name,

        @Quantity(label = "owned", unit = Unit.COUNT, min = 0, max = 100000, usual = 1, means = "Whole wires left.")
        int count,

        @Quantity(
                label = "gauge",
                unit = Unit.GAUGE,
                min = 16,
                max = 33,
                step = 2,
                usual = 26,
                means = "Gauge of the wire.")
        int gauge,

        @Quantity(
                label = "stock length",
                unit = Unit.MM,
                min = 50,
                max = 2000,
                step = 10,
                usual = 360,
                means = "Length of a whole wire.")
        double lengthMm,

        @Text(
                label = "offcuts",
                longest = 500,
                unit = Unit.MM,
                means = "Lengths of the ends that were kept, each 10 to 2000 mm.")
        List<Double> offcutsMm,

        @Quantity(
                label = "price",
                unit = Unit.MONEY,
                min = 0,
                max = 100000,
                step = 0.5,
                usual = 0,
                means = "What one costs, in the studio's own money; 0 is not known.")
        double price)
        implements DrawerItem, UsedUp {
    public OwnWire {
        offcutsMm = List.copyOf(offcutsMm);
        checkOffcuts(offcutsMm);
        Limits.check(OwnWire.class, name, count, gauge, lengthMm, offcutsMm, price);
    }

    /** Shortest and longest offcut that can be kept, mm. */
    private static void checkOffcuts(List<Double> offcuts) {
        for (double offcut : offcuts) {
            if (!(offcut >= 10 && offcut <= 2000)) {
                throw new InvalidValue("offcutsMm", offcut, "10 to 2000 mm for each");
            }
        }
    }

    @Override
    public double amount() {
        return count;
    }

    @Override
    public DrawerItem holding(double amount, Stock.Taken changed) {
        List<Double> offcuts = new ArrayList<>(offcutsMm);
        changed.offcutsUsed().forEach(offcuts::remove);
        offcuts.addAll(changed.offcutsLeft());
        return new OwnWire(name, (int) amount, gauge, lengthMm, offcuts, price);
    }

    @Override
    public String inShort() {
        return gauge + " ga, " + Unit.MM.write(lengthMm)
                + (offcutsMm.isEmpty() ? "" : ", " + offcutsMm.size() + " offcuts");
    }

    @Override
    public List<Double> sizesMm() {
        return List.of(lengthMm);
    }
}
