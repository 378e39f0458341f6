package org.crispwhorl.core.order;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import org.crispwhorl.core.drawer.CakePick;
import org.crispwhorl.core.drawer.ColourPot;
import org.crispwhorl.core.drawer.Drawer;
import org.crispwhorl.core.drawer.DrawerItem;
import org.crispwhorl.core.drawer.OwnPaste;
import org.crispwhorl.core.drawer.OwnWire;
import org.crispwhorl.core.drawer.PickFit;
import org.crispwhorl.core.drawer.ReadyMade;
import org.crispwhorl.core.drawer.StamenBunch;
import org.crispwhorl.core.drawer.Stock;
import org.crispwhorl.core.drawer.TapeRoll;
import org.crispwhorl.core.wire.CuttingPlan;
import org.crispwhorl.core.wire.WirePiece;

/** What an order takes out of the drawer, thing by thing. */
public final class UsingUp {
    private static final double MM_PER_M = 1000;
    private static final double MG_PER_G = 1000;

    private final Drawer drawer;
    private final Map<Integer, Stock.Taken> taken = new LinkedHashMap<>();

    private UsingUp(Drawer drawer) {
        this.drawer = drawer;
    }

    /**
     * @return by the place of a thing in the drawer, how it changes; of what there is too little of, all there is
     */
    public static Map<Integer, Stock.Taken> of(Materials materials, Drawer drawer) {
        UsingUp using = new UsingUp(drawer);
        materials.wires().forEach(using::wires);
        materials
                .pastes()
                .forEach(p -> using.amount(
                        i -> i instanceof OwnPaste own && own.paste().medium() == p.medium(), p.grams()));
        using.amount(
                StamenBunch.class::isInstance,
                materials.stamens().stream()
                        .mapToInt(OrderSheet.StamenLine::strands)
                        .sum());
        materials.bought().stream()
                .map(OrderSheet.BoughtLine::bought)
                .filter(b -> !b.of().comesBack())
                .forEach(b -> using.amount(i -> i instanceof ReadyMade own && own.serves(b), b.count()));
        materials
                .colours()
                .colours()
                .forEach(c -> using.amount(
                        i -> i instanceof ColourPot pot && pot.holds(c.name(), c.form()), c.milligrams() / MG_PER_G));
        using.amount(TapeRoll.class::isInstance, materials.tapeMm() / MM_PER_M);
        for (Materials.StemJob stem : materials.stems()) {
            Optional<CakePick> pick =
                    stem.picks().stream().filter(PickFit::fits).findFirst().map(PickFit::pick);
            pick.ifPresent(p -> using.amount(p::equals, stem.flowers()));
        }
        return using.taken;
    }

    /** Takes an amount from the things of a sort, one after the other. */
    private void amount(Predicate<DrawerItem> sort, double wanted) {
        double left = wanted;
        for (int i = 0; i < drawer.items().size() && left > 1e-9; i++) {
            DrawerItem item = drawer.items().get(i);
            if (sort.test(item)) {
                double before = taken.containsKey(i) ? taken.get(i).amount() : 0;
                double take = Math.min(left, Stock.amount(item) - before);
                if (take > 0) {
                    taken.put(i, Stock.Taken.of(before + take));
                    left -= take;
                }
            }
        }
    }

    private void wires(Materials.WireJob job) {
        List<Double> used = new ArrayList<>();
        Map<Double, Integer> whole = new LinkedHashMap<>();
        for (CuttingPlan.WireCutting cut : job.plan().cuts()) {
            if (cut.offcut()) {
                for (int k = 0; k < cut.times(); k++) {
                    used.add(cut.fromMm());
                }
            } else {
                whole.merge(cut.fromMm(), cut.times(), Integer::sum);
            }
        }
        List<Double> left = new ArrayList<>();
        for (WirePiece offcut : job.plan().offcuts()) {
            for (int k = 0; k < offcut.count(); k++) {
                left.add(offcut.lengthMm());
            }
        }
        boolean first = true;
        for (int i = 0; i < drawer.items().size(); i++) {
            if (drawer.items().get(i) instanceof OwnWire wire && wire.gauge() == job.gauge()) {
                List<Double> own = new ArrayList<>();
                for (double offcut : wire.offcutsMm()) {
                    if (used.remove(offcut)) {
                        own.add(offcut);
                    }
                }
                int wanted = whole.getOrDefault(wire.lengthMm(), 0);
                int take = Math.min(wanted, wire.count());
                whole.merge(wire.lengthMm(), -take, Integer::sum);
                if (take > 0 || !own.isEmpty() || first && !left.isEmpty()) {
                    taken.put(i, new Stock.Taken(take, own, first ? left : List.of()));
                }
                first = false;
            }
        }
    }
}
