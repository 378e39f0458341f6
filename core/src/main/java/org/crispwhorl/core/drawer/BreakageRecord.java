package org.crispwhorl.core.drawer;

import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.species.PieceSort;

/** Pieces counted whole and broken: what spares are reckoned by. */
@Text(label = "breakage", means = "Pieces counted whole and broken: what spares are reckoned by.")
public record BreakageRecord(
        @Text(label = "name", shortest = 1, longest = 60, means = "As written on it.")
        String name,

        @Text(label = "of") PieceSort sort,

        @Quantity(label = "broken", unit = Unit.COUNT, min = 0, max = 100000, usual = 0, means = "Pieces that broke.")
        int broken,

        @Quantity(
                label = "whole",
                unit = Unit.COUNT,
                min = 0,
                max = 1000000,
                usual = 0,
                means = "Pieces that came out whole.")
        int whole)
        implements DrawerItem {
    public BreakageRecord {
        Limits.check(BreakageRecord.class, name, sort, broken, whole);
    }

    @Override
    public String inShort() {
        return broken + " broken, " + whole + " whole";
    }

    @Override
    public String howMuch() {
        return "";
    }
}
