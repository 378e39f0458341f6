package org.crispwhorl.core.drawer;

import org.crispwhorl.core.colour.ColourForm;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;

/** A dust, a paste colour or a liquid colour. */
@Text(label = "colour", means = "A dust, a paste colour or a liquid colour.")
public record ColourPot(
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
                label = "left",
                unit = Unit.G,
                min = 0,
                max = 10000,
                step = 0.5,
                usual = 4,
                means = "In all pots of it; 0 where it was never weighed.")
        double grams,

        @Text(label = "colour", pattern = "#[0-9a-f]{6}", means = "sRGB colour.")
        String colour,

        @Text(label = "form") ColourForm form,

        @Text(label = "may be eaten") Eaten eaten,

        @Quantity(
                label = "price",
                unit = Unit.MONEY,
                min = 0,
                max = 100000,
                step = 0.5,
                usual = 0,
                means = "Of a gram, in the studio's own money; 0 is not known.")
        double price)
        implements DrawerItem, UsedUp {
    public ColourPot {
        Limits.check(ColourPot.class, name, count, grams, colour, form, eaten, price);
    }

    /** One whose price is not known. */
    public ColourPot(String name, int count, double grams, String colour, ColourForm form, Eaten eaten) {
        this(name, count, grams, colour, form, eaten, 0);
    }

    /** Whether it is the colour of that name, in that form. */
    public boolean holds(String wanted, ColourForm wantedForm) {
        return form == wantedForm && name.equalsIgnoreCase(wanted);
    }

    /** Whether it is food: what is called non-toxic is not therefore edible. */
    public enum Eaten {
        @Text(label = "edible")
        EDIBLE,
        @Text(label = "non-toxic, not edible")
        NON_TOXIC,
        @Text(label = "not known")
        UNKNOWN
    }

    @Override
    public double amount() {
        return grams;
    }

    /** A pot that is empty is one that could be bought; one into which something is put back is there again. */
    @Override
    public DrawerItem holding(double amount, Stock.Taken changed) {
        boolean emptied = amount == 0 && grams > 0;
        int pots = emptied ? 0 : amount > 0 ? Math.max(1, count) : count;
        return new ColourPot(name, pots, amount, colour, form, eaten, price);
    }

    @Override
    public String inShort() {
        return Text.Labels.of(form) + ", " + Text.Labels.of(eaten);
    }

    @Override
    public String howMuch() {
        return count + (grams == 0 ? ", not weighed" : ", " + Unit.G.write(grams));
    }
}
