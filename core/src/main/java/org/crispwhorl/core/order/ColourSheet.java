package org.crispwhorl.core.order;

import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.colour.ColourForm;
import org.crispwhorl.core.colour.Worn;
import org.crispwhorl.core.drawer.Drawer;
import org.crispwhorl.core.studio.Conditions;

/**
 * What is coloured for an order, and with what.
 *
 * @param colours every colour that is used, the one of which most is needed first
 * @param parts what is gone over, in order of work
 */
public record ColourSheet(List<ColourJob> colours, List<PartJob> parts) {
    /** What is coloured for an order, of what a drawer has. */
    public static ColourSheet of(List<OrderSheet.Line> lines, Conditions conditions, Drawer drawer) {
        return Colours.of(lines, conditions, drawer);
    }

    /**
     * @param milligrams of it on all flowers, by area and strength
     * @param owned how many the drawer has of that name and form; none where it has no such colour
     * @param ownedG grams left of it; 0 where there is none, or it was never weighed
     * @param uses on what it goes
     */
    public record ColourJob(
            String name,
            String swatch,
            ColourForm form,
            double milligrams,
            Optional<Integer> owned,
            double ownedG,
            List<String> uses) {}

    /**
     * @param pieces that are gone over, in all flowers
     * @param worn what it looks like once its passes are on
     */
    public record PartJob(String species, String part, int pieces, Worn worn, List<PassJob> passes) {}

    /**
     * One pass in the maker's words.
     *
     * @param what colours and what they are let down with
     * @param where side and zone, with reach and fade
     * @param when on what, and at which stage
     * @param after what to do and how long to wait after it
     * @param swatch of the mixture; none where no colour is chosen
     */
    public record PassJob(
            String how,
            String what,
            String where,
            double strength,
            String when,
            String after,
            Optional<String> swatch) {}
}
