package org.crispwhorl.core.drawer;

import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.crispwhorl.core.paste.Medium;
import org.crispwhorl.core.paste.Paste;
import org.crispwhorl.core.species.PieceSort;
import org.crispwhorl.core.studio.Kit;
import org.crispwhorl.core.studio.Spares;
import org.crispwhorl.core.studio.Watched;
import org.crispwhorl.core.wire.WirePiece;
import org.crispwhorl.core.wire.WireStock;

/** Everything that the studio owns or could buy. */
public record Drawer(List<DrawerItem> items) {
    /** Nothing in it yet. */
    public static final Drawer EMPTY = new Drawer(List.of());

    /** Length of a whole wire where the drawer does not say, mm. */
    private static final double USUAL_WIRE_MM = 360;

    public Drawer {
        items = List.copyOf(items);
    }

    /** All things of one kind, in their order. */
    public <T extends DrawerItem> List<T> all(Class<T> kind) {
        return items.stream().filter(kind::isInstance).map(kind::cast).toList();
    }

    /** The roller machine that rolls widest, where there is one. */
    public Optional<RollerMachine> roller() {
        return all(RollerMachine.class).stream()
                .filter(r -> r.here() > 0)
                .max(Comparator.comparingDouble(RollerMachine::stripMm));
    }

    /**
     * What the reckoning has to know of it. What the drawer says nothing about stays as it usually is; an empty drawer is a
     * usual kit.
     */
    public Kit kit() {
        Kit usual = Kit.USUAL;
        List<Integer> gauges = all(OwnWire.class).stream()
                .map(OwnWire::gauge)
                .distinct()
                .sorted()
                .toList();
        Optional<RidgedBoard> board = all(RidgedBoard.class).stream()
                .filter(b -> b.here() > 0)
                .max(Comparator.comparingInt(RidgedBoard::grooves));
        return new Kit(
                gauges.isEmpty() ? usual.gauges() : gauges,
                all(OwnFormer.class).stream()
                        .map(f -> new Kit.FormerStock(f.name(), Math.min(f.here(), 500)))
                        .toList(),
                places(),
                board.map(RidgedBoard::grooves).orElse(usual.grooves()),
                board.map(RidgedBoard::grooveMm).orElse(usual.grooveMm()),
                board.flatMap(RidgedBoard::laid),
                roller().map(RollerMachine::stripMm).orElse(usual.stripMm()),
                usual.covered(),
                List.copyOf(pastes().values()),
                List.copyOf(measured().values()),
                breakage(PieceSort.ANY),
                breakages(),
                watched());
    }

    private Kit.Places places() {
        int boards = all(RidgedBoard.class).stream().mapToInt(RidgedBoard::here).sum();
        return new Kit.Places(
                takes(DryingPlace.Sort.CABINET),
                takes(DryingPlace.Sort.HOOK),
                takes(DryingPlace.Sort.RACK),
                boards > 0 ? Optional.of(boards) : Optional.empty());
    }

    /** What all places of a sort take at a time; none where there are none. */
    private Optional<Integer> takes(DryingPlace.Sort sort) {
        int all = all(DryingPlace.class).stream()
                .filter(p -> p.sort() == sort)
                .mapToInt(p -> p.count() * p.holds())
                .sum();
        return all > 0 ? Optional.of(all) : Optional.empty();
    }

    /** Of each medium the first paste that the drawer has. */
    private Map<Medium, Paste> pastes() {
        Map<Medium, Paste> first = new EnumMap<>(Medium.class);
        all(OwnPaste.class).forEach(p -> first.putIfAbsent(p.paste().medium(), p.paste()));
        return first;
    }

    /** Of each gauge the last measure. */
    private Map<Integer, Kit.MeasuredWire> measured() {
        Map<Integer, Kit.MeasuredWire> last = new TreeMap<>();
        all(GaugeDiameter.class).forEach(g -> last.put(g.gauge(), new Kit.MeasuredWire(g.gauge(), g.diameterMm())));
        return last;
    }

    /** What the records of a sort of pieces make of the odds of breakage. */
    private Spares breakage(PieceSort sort) {
        Spares spares = Spares.UNRECORDED;
        for (BreakageRecord record : all(BreakageRecord.class)) {
            if (record.sort() == sort) {
                spares = spares.after(record.broken(), record.whole());
            }
        }
        return spares;
    }

    private List<Kit.SortedBreakage> breakages() {
        return all(BreakageRecord.class).stream()
                .map(BreakageRecord::sort)
                .filter(sort -> sort != PieceSort.ANY)
                .distinct()
                .map(sort -> new Kit.SortedBreakage(sort, breakage(sort)))
                .toList();
    }

    /** Of each clock of each medium the last that was watched. */
    private List<Watched> watched() {
        Map<Medium, Map<Watched.DryingClock, Watched>> last = new EnumMap<>(Medium.class);
        all(DryingRecord.class)
                .forEach(r -> last.computeIfAbsent(r.watched().medium(), m -> new EnumMap<>(Watched.DryingClock.class))
                        .put(r.watched().clock(), r.watched()));
        return last.values().stream()
                .flatMap(clocks -> clocks.values().stream())
                .toList();
    }

    /** What pieces of a gauge are cut from: the lengths in which its wires come, and the offcuts kept. */
    public WireStock wires(int gauge) {
        List<OwnWire> own =
                all(OwnWire.class).stream().filter(w -> w.gauge() == gauge).toList();
        List<Double> lengths = own.stream().map(OwnWire::lengthMm).toList();
        return new WireStock(
                lengths.isEmpty() ? List.of(USUAL_WIRE_MM) : lengths,
                own.stream()
                        .flatMap(w -> w.offcutsMm().stream())
                        .map(l -> new WirePiece(l, 1))
                        .toList());
    }
}
