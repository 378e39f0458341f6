package org.crispwhorl.core.drawer;

import java.util.ArrayList;
import java.util.List;

/** Takes from what the drawer holds, never below nothing, and puts back what was taken. */
public final class Stock {
    private Stock() {}

    /**
     * How one thing changed when an order took from it.
     *
     * @param amount taken, in the thing's own count, metres or grams
     * @param offcutsUsed offcuts that were cut up, mm
     * @param offcutsLeft offcuts that the cutting left, mm
     */
    public record Taken(double amount, List<Double> offcutsUsed, List<Double> offcutsLeft) {
        public Taken {
            offcutsUsed = List.copyOf(offcutsUsed);
            offcutsLeft = List.copyOf(offcutsLeft);
        }

        /** Plain counts, metres or grams. */
        public static Taken of(double amount) {
            return new Taken(amount, List.of(), List.of());
        }
    }

    /** The thing with an amount less; no less than nothing. */
    public static DrawerItem less(DrawerItem item, Taken taken) {
        return changed(item, -taken.amount(), taken.offcutsUsed(), taken.offcutsLeft());
    }

    /** The thing with what was taken put back into it. */
    public static DrawerItem back(DrawerItem item, Taken taken) {
        return changed(item, taken.amount(), taken.offcutsLeft(), taken.offcutsUsed());
    }

    /** How much of it there is, in its own count, metres or grams; 0 for what is not used up. */
    public static double amount(DrawerItem item) {
        if (item instanceof OwnWire wire) {
            return wire.count();
        }
        if (item instanceof StamenBunch stamens) {
            return stamens.count();
        }
        if (item instanceof CakePick pick) {
            return pick.count();
        }
        if (item instanceof TapeRoll tape) {
            return tape.metres();
        }
        if (item instanceof ReadyMade ready) {
            return ready.count();
        }
        if (item instanceof ColourPot pot) {
            return pot.grams();
        }
        return item instanceof OwnPaste paste ? paste.grams() : 0;
    }

    private static DrawerItem changed(DrawerItem item, double by, List<Double> gone, List<Double> come) {
        double now = Math.max(0, amount(item) + by);
        if (item instanceof OwnWire wire) {
            List<Double> offcuts = new ArrayList<>(wire.offcutsMm());
            gone.forEach(offcuts::remove);
            offcuts.addAll(come);
            return new OwnWire(wire.name(), (int) now, wire.gauge(), wire.lengthMm(), offcuts, wire.price());
        }
        if (item instanceof StamenBunch s) {
            return new StamenBunch(s.name(), (int) now, s.headMm(), s.threadMm(), s.price());
        }
        if (item instanceof CakePick pick) {
            return new CakePick(pick.name(), (int) now, pick.boreMm(), pick.lengthMm(), pick.price());
        }
        if (item instanceof TapeRoll tape) {
            return new TapeRoll(tape.name(), now, tape.widthMm(), tape.price());
        }
        if (item instanceof ReadyMade r) {
            return new ReadyMade(r.name(), (int) now, r.of(), r.wideMm(), r.highMm(), r.price());
        }
        if (item instanceof ColourPot pot) {
            return new ColourPot(pot.name(), pots(pot, now), now, pot.colour(), pot.form(), pot.eaten(), pot.price());
        }
        return item instanceof OwnPaste paste ? new OwnPaste(paste.name(), now, paste.paste(), paste.price()) : item;
    }

    /** A pot that is empty is one that could be bought; one into which something is put back is there again. */
    private static int pots(ColourPot pot, double grams) {
        boolean emptied = grams == 0 && pot.grams() > 0;
        return emptied ? 0 : grams > 0 ? Math.max(1, pot.count()) : pot.count();
    }
}
