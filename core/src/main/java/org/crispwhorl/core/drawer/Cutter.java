package org.crispwhorl.core.drawer;

import java.util.ArrayList;
import java.util.List;
import org.crispwhorl.core.measure.InvalidValue;
import org.crispwhorl.core.measure.LengthText;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.outline.Cut;

/** A cutter: what it cuts, and whether it can be bent. */
@Text(label = "cutter", means = "A cutter: what it cuts, and whether it can be bent.")
public record Cutter(
        @Text(label = "name", shortest = 1, longest = 60, means = "As written on it.")
        String name,

        @Quantity(
                label = "owned",
                unit = Unit.COUNT,
                min = 0,
                max = 100000,
                usual = 1,
                means = "How many there are; 0 is one that could be bought.")
        int count,

        @Quantity(
                label = "on loan",
                unit = Unit.COUNT,
                min = 0,
                max = 100000,
                usual = 0,
                means = "Of them, with somebody else.")
        int lent,

        @Quantity(
                label = "worn out",
                unit = Unit.COUNT,
                min = 0,
                max = 100000,
                usual = 0,
                means = "Of them, of no use any more.")
        int worn,

        @Text(label = "cuts") Cut cut,

        @Text(label = "can be bent", means = "Thin metal that is squeezed into another shape and keeps its perimeter.")
        boolean bendable,

        @Quantity(
                label = "price",
                unit = Unit.MONEY,
                min = 0,
                max = 100000,
                step = 0.5,
                usual = 0,
                means = "What one costs, in the studio's own money; 0 is not known.")
        double price)
        implements DrawerItem, Tool {
    public Cutter {
        Limits.check(Cutter.class, name, count, lent, worn, cut, bendable, price);
    }

    /** All of them here, and fit for use. */
    public Cutter(String name, int count, Cut cut, boolean bendable, double price) {
        this(name, count, 0, 0, cut, bendable, price);
    }

    /**
     * The same cutter of other sizes, as sets are sold.
     *
     * @param sizesMm as makers say a size: the length of a single outline, the width across the tips of a blossom
     * @return one for each size that is not its own, named after it
     */
    public List<Cutter> inSizes(List<Double> sizesMm) {
        List<Cutter> set = new ArrayList<>();
        for (double size : sizesMm) {
            if (!(size >= LEAST_SIZE_MM && size <= MOST_SIZE_MM)) {
                throw new InvalidValue("sizesMm", size, "from 2 to 600 mm each");
            }
            double factor = size / cut.sizeMm();
            if (Math.abs(factor - 1) > SAME_SIZE) {
                Cut scaled = new Cut(cut.outline().scaled(factor), cut.petals(), cut.middleMm() * factor);
                Limits.stated("cut", scaled.outline());
                set.add(new Cutter(named(size), count, lent, worn, scaled, bendable, price));
            }
        }
        return set;
    }

    private static final double LEAST_SIZE_MM = 2;
    private static final double MOST_SIZE_MM = 600;
    private static final double SAME_SIZE = 0.005;
    private static final int LONGEST_NAME = 60;

    /** Its name with the size that stands at its end changed, or put there. */
    private String named(double size) {
        String stem = name.replaceAll("[ ,]*[0-9.]+( ?mm)?$", "");
        String told = " " + (size == Math.rint(size) ? Long.toString(Math.round(size)) : Double.toString(size));
        return stem.substring(0, Math.min(stem.length(), LONGEST_NAME - told.length())) + told;
    }

    @Override
    public String inShort() {
        return (cut.onePiece()
                        ? cut.petals() + " petals, " + Unit.MM.write(cut.sizeMm()) + " across"
                        : LengthText.size(
                                cut.outline().lengthMm(), cut.outline().widthMm()))
                + (bendable ? ", bends" : "");
    }

    @Override
    public List<Double> sizesMm() {
        return cut.onePiece()
                ? List.of(cut.sizeMm())
                : List.of(cut.outline().lengthMm(), cut.outline().widthMm());
    }

    @Override
    public String howMuch() {
        return couldBeBought() ? "could be bought" : Tool.super.howMuch();
    }
}
