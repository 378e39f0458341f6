package org.crispwhorl.core.order;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;
import org.crispwhorl.core.colour.ColourForm;
import org.crispwhorl.core.drawer.CakePick;
import org.crispwhorl.core.drawer.ColourPot;
import org.crispwhorl.core.drawer.Drawer;
import org.crispwhorl.core.drawer.DrawerItem;
import org.crispwhorl.core.drawer.OwnPaste;
import org.crispwhorl.core.drawer.OwnWire;
import org.crispwhorl.core.drawer.PickFit;
import org.crispwhorl.core.drawer.ReadyMade;
import org.crispwhorl.core.drawer.StamenBunch;
import org.crispwhorl.core.drawer.TapeRoll;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.outline.Cut;
import org.crispwhorl.core.paste.MasterColour;
import org.crispwhorl.core.species.Bought;

/** Writes the shopping list of an order: what it takes, beside what the drawer has of it. */
final class Shopping {
    private static final double MM_PER_M = 1000;
    private static final double G_PER_KG = 1000;
    private static final double HUNDRED = 100;

    private final Drawer drawer;
    private final double tierMm;
    private final double tapeMm;
    private final List<Materials.ShoppingLine> list = new ArrayList<>();

    /**
     * @param tierMm height of the lowest tier that picks go into
     * @param tapeMm width of the tape that is used
     */
    Shopping(Drawer drawer, double tierMm, double tapeMm) {
        this.drawer = drawer;
        this.tierMm = tierMm;
        this.tapeMm = tapeMm;
    }

    List<Materials.ShoppingLine> of(
            List<Materials.CutterJob> cuts,
            List<Materials.WireJob> wires,
            List<Materials.PasteJob> pastes,
            List<Materials.StemJob> stems,
            OrderSheet sheet,
            ColourSheet colours,
            List<Materials.ShoppingLine> tools) {
        cutters(cuts);
        list.addAll(tools);
        wires.forEach(this::wire);
        pastes.forEach(this::paste);
        masters(sheet.shades());
        stamens(sheet.stamens());
        readyMade(sheet.bought());
        colours.colours().forEach(this::colour);
        tape(stems);
        picks(stems);
        return List.copyOf(list);
    }

    private <T extends DrawerItem> double owned(Class<T> kind, ToDoubleFunction<T> amount) {
        return drawer.all(kind).stream().mapToDouble(amount).sum();
    }

    /** The first price of a kind that is known; 0 where none is. */
    private <T extends DrawerItem> double price(Class<T> kind, Predicate<T> which, ToDoubleFunction<T> price) {
        return drawer.all(kind).stream()
                .filter(which)
                .mapToDouble(price)
                .filter(p -> p > 0)
                .findFirst()
                .orElse(0);
    }

    /** @param each what one of the needed costs */
    private void line(String what, double needed, double owned, String sign, double each, String note) {
        list.add(new Materials.ShoppingLine(what, needed, owned, sign, needed * each, false, note));
    }

    private void lasting(String what, double needed, double owned, String note) {
        list.add(new Materials.ShoppingLine(what, needed, owned, "", 0, true, note));
    }

    private void cutters(List<Materials.CutterJob> cuts) {
        cuts.stream()
                .filter(c -> c.cutter().isEmpty())
                .map(Materials.CutterJob::cut)
                .distinct()
                .forEach(cut -> lasting(called(cut), 1, 0, "none in the drawer fits"));
    }

    private static String called(Cut cut) {
        return String.format(
                Locale.ROOT,
                cut.onePiece() ? "one-piece cutter, %d petals, %s across" : "cutter, %2$s × %3$s",
                cut.petals(),
                Unit.MM.write(cut.sizeMm()),
                Unit.MM.write(cut.outline().widthMm()));
    }

    private void wire(Materials.WireJob job) {
        line(
                "wire " + job.gauge() + " ga",
                job.plan().wholeWires(),
                job.owned(),
                "",
                price(OwnWire.class, w -> w.gauge() == job.gauge(), OwnWire::price),
                job.plan().proved() ? "whole wires, the fewest" : "whole wires");
    }

    private void paste(Materials.PasteJob job) {
        double own = owned(OwnPaste.class, p -> p.paste().medium() == job.medium() ? p.grams() : 0);
        line(
                job.medium().label(),
                job.grams(),
                own,
                "g",
                price(OwnPaste.class, p -> p.paste().medium() == job.medium(), OwnPaste::price) / G_PER_KG,
                "spares, trimmings and reserve included");
        if (job.gumG() > 0) {
            line(
                    "gum powder",
                    job.gumG(),
                    0,
                    "g",
                    0,
                    "kneaded into the " + job.medium().boughtAs().label() + "; the drawer keeps no count of it");
        }
    }

    private void stamens(List<OrderSheet.StamenLine> lines) {
        int strands = lines.stream().mapToInt(OrderSheet.StamenLine::strands).sum();
        if (strands > 0) {
            line(
                    "stamens",
                    strands,
                    owned(StamenBunch.class, StamenBunch::count),
                    "strands",
                    price(StamenBunch.class, s -> true, StamenBunch::price) / HUNDRED,
                    "two heads on each");
        }
    }

    /** What is of one sort and size is one line. */
    private void readyMade(List<OrderSheet.BoughtLine> lines) {
        Map<Bought, Integer> counts = new LinkedHashMap<>();
        lines.forEach(l -> counts.merge(
                new Bought(l.bought().of(), l.bought().wideMm(), l.bought().highMm(), 0),
                l.bought().count(),
                Integer::sum));
        counts.forEach((what, count) -> {
            double own = owned(ReadyMade.class, r -> r.serves(what) ? r.count() : 0);
            if (what.of().comesBack()) {
                lasting(what.label(), count, own, "for all flowers at once; counted out again");
            } else {
                line(what.label(), count, own, "", price(ReadyMade.class, r -> r.serves(what), ReadyMade::price), "");
            }
        });
    }

    private static final double MG_PER_G = 1000;

    /** A colour of which the drawer has a pot that was never weighed is taken to be enough. */
    private void colour(ColourSheet.ColourJob job) {
        boolean unweighed = job.owned().orElse(0) > 0 && job.ownedG() == 0;
        line(
                job.name() + ", " + Text.Labels.of(job.form()),
                job.milligrams(),
                unweighed ? job.milligrams() : MG_PER_G * job.ownedG(),
                "mg",
                price(ColourPot.class, pot -> pot.holds(job.name(), job.form()), ColourPot::price) / MG_PER_G,
                unweighed ? "in the drawer, never weighed" : "by area and strength; an estimate");
    }

    /** What strong paste is coloured with: a tip of a stick of each, of which the drawer keeps pots. */
    private void masters(List<OrderSheet.ShadeLine> shades) {
        shades.stream()
                .filter(shade -> shade.strongG() > 0)
                .flatMap(shade -> shade.master().stream())
                .map(MasterColour::name)
                .distinct()
                .forEach(name -> list.add(new Materials.ShoppingLine(
                        "paste colour " + name,
                        1,
                        owned(
                                ColourPot.class,
                                pot -> pot.form() == ColourForm.PASTE
                                                && pot.name().equals(name)
                                        ? pot.count()
                                        : 0),
                        "",
                        0,
                        true,
                        "for strong paste")));
    }

    private void tape(List<Materials.StemJob> stems) {
        double metres = stems.stream()
                .mapToDouble(s -> s.flowers() * s.plan().tapeMm() / MM_PER_M)
                .sum();
        if (metres > 0) {
            line(
                    "tape " + Unit.MM.write(tapeMm),
                    metres,
                    owned(TapeRoll.class, t -> t.widthMm() == tapeMm ? t.metres() : 0),
                    "m",
                    price(TapeRoll.class, t -> t.widthMm() == tapeMm, TapeRoll::price),
                    "as it comes off the roll");
        }
    }

    private void picks(List<Materials.StemJob> stems) {
        Map<String, Integer> picks = new LinkedHashMap<>();
        for (Materials.StemJob stem : stems) {
            String pick = stem.picks().stream()
                    .filter(PickFit::fits)
                    .findFirst()
                    .map(f -> f.pick().name())
                    .orElseGet(() -> String.format(
                            Locale.ROOT,
                            "pick, bore %.1f mm, up to %.0f mm long",
                            Math.ceil(2 * (stem.plan().thickMm() + PickFit.PLAY_MM)) / 2,
                            Math.max(0, tierMm - PickFit.CLEAR_MM)));
            picks.merge(pick, stem.flowers(), Integer::sum);
        }
        picks.forEach((name, wanted) -> line(
                name,
                wanted,
                owned(CakePick.class, p -> p.name().equals(name) ? p.count() : 0),
                "",
                price(CakePick.class, p -> p.name().equals(name), CakePick::price),
                "one for each stem"));
    }
}
