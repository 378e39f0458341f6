package org.crispwhorl.core.drawer;

import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.paste.Paste;

/** Paste in the cupboard: what is left of it and how it behaves. */
@Text(label = "paste", means = "Paste in the cupboard: what is left of it and how it behaves.")
public record OwnPaste(
        @Text(label = "name", shortest = 1, longest = 60, means = "As written on it.")
        String name,

        @Quantity(label = "left", unit = Unit.G, min = 0, max = 1000000, step = 50, usual = 500, means = "Grams left.")
        double grams,

        @Text(label = "as it behaves") Paste paste,

        @Quantity(
                label = "price",
                unit = Unit.MONEY,
                min = 0,
                max = 100000,
                step = 0.5,
                usual = 0,
                means = "Of a kilogram, in the studio's own money; 0 is not known.")
        double price)
        implements DrawerItem, UsedUp {
    public OwnPaste {
        Limits.check(OwnPaste.class, name, grams, paste, price);
    }

    /** One whose price is not known. */
    public OwnPaste(String name, double grams, Paste paste) {
        this(name, grams, paste, 0);
    }

    @Override
    public double amount() {
        return grams;
    }

    @Override
    public DrawerItem holding(double amount, Stock.Taken changed) {
        return new OwnPaste(name, amount, paste, price);
    }

    @Override
    public String inShort() {
        return Unit.G_PER_CM3.write(paste.densityGPerCm3());
    }

    @Override
    public String howMuch() {
        return Unit.G.write(grams);
    }
}
