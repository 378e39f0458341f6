package org.crispwhorl.core.drawer;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.outline.Cut;
import org.crispwhorl.core.species.Attachment;
import org.crispwhorl.core.species.Former;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.species.Pieces;
import org.crispwhorl.core.species.Veiner;
import org.crispwhorl.core.wire.LoadedWire;

/**
 * The drawer's tools for one part, of each sort the closest first.
 *
 * @param cut what a cutter cuts for it; none where it is made without one
 * @param cutters for its cut
 * @param others formers, veiners, boards and wires
 */
public record PartTools(String partId, String part, Optional<Cut> cut, List<CutterFit> cutters, List<ToolFit> others) {
    public PartTools {
        cutters = List.copyOf(cutters);
        others = List.copyOf(others);
    }

    /**
     * A tool for a part.
     *
     * @param sort what sort of tool it is
     * @param owned how many can be used today
     * @param off how far from what was designed; only tools of one sort compare
     */
    public record ToolFit(String sort, String name, int owned, boolean fits, double off, String reason) {}

    /** A bend that differs by less is not seen, degrees. */
    private static final double BEND_DEG = 12;

    /** The cutters that come closest are shown, this many at most. */
    private static final int MOST = 6;

    /** Every petaled part of a species with its tools. */
    public static List<PartTools> of(Assessment a, Drawer drawer) {
        return a.species().petaled().stream().map(p -> of(a, p, drawer)).toList();
    }

    private static PartTools of(Assessment a, Petaled part, Drawer drawer) {
        Pieces pieces = part.pieces();
        List<CutterFit> cutters = pieces.cut()
                .map(cut -> CutterFit.of(new CutterFit.Wanted(cut, pieces.finishedMm(a.paste())), drawer))
                .orElse(List.of());
        List<ToolFit> others = new ArrayList<>();
        pieces.former()
                .ifPresent(former -> others.addAll(best(drawer.all(OwnFormer.class).stream()
                        .map(own -> former(pieces, former, own))
                        .toList())));
        pieces.veiner()
                .ifPresent(veiner -> others.addAll(best(drawer.all(OwnVeiner.class).stream()
                        .map(own -> veiner(pieces, veiner, own, veiner.pasteMm(pieces, a.paste())))
                        .toList())));
        pieces.wired()
                .ifPresent(wired -> others.addAll(best(drawer.all(OwnWire.class).stream()
                        .map(own -> wire(
                                a.load(part, wired), wired, own, a.wireTable().diameterMm(own.gauge())))
                        .toList())));
        return new PartTools(
                part.id(),
                part.name(),
                pieces.cut(),
                cutters.stream().limit(MOST).toList(),
                others);
    }

    private static List<ToolFit> best(List<ToolFit> all) {
        return all.stream()
                .sorted(Comparator.comparing(ToolFit::fits)
                        .reversed()
                        .thenComparing(f -> f.owned() == 0)
                        .thenComparingDouble(ToolFit::off))
                .limit(MOST)
                .toList();
    }

    private static ToolFit former(Pieces pieces, Former wanted, OwnFormer own) {
        double length = pieces.finished().lengthMm();
        double bend = Math.toDegrees(length / own.sphereRadiusMm());
        double off = bend - Math.toDegrees(length / wanted.sphereRadiusMm());
        boolean bends = Math.abs(off) <= BEND_DEG;
        boolean holds =
                2 * own.rimRadiusMm() >= Math.min(length, pieces.finished().widthMm());
        int batches = own.here() == 0 ? 0 : (pieces.count() + own.here() - 1) / own.here();
        String reason = !holds
                ? "smaller than the piece"
                : bends
                        ? batches > 1 ? "bends it so; in " + batches + " turns for a ring" : "bends it so"
                        : String.format(Locale.ROOT, "bends it by %.0f° %s", Math.abs(off), off > 0 ? "more" : "less");
        return new ToolFit("former", own.name(), own.here(), bends && holds, Math.abs(off), reason);
    }

    private static ToolFit veiner(Pieces pieces, Veiner wanted, OwnVeiner own, double pasteMm) {
        double length = wanted.neededMm(pieces);
        double off = own.lengthMm() / length - 1;
        boolean cuts = own.sides() == Veiner.Sides.BOTH && pasteMm < own.leastMm();
        String end = wanted.laid() == Veiner.Laid.TOWARDS_TIP ? "tip" : "base";
        String reason = cuts
                ? "would cut through paste of " + Unit.FINE_MM.write(pasteMm)
                : off < 0
                        ? "too short by " + Unit.MM.write(length - own.lengthMm())
                        : off > 0.1 && wanted.laid().hasEnds() ? "lay the piece towards its " + end : "long enough";
        return new ToolFit("veiner", own.name(), own.here(), !cuts && off >= 0, Math.abs(off), reason);
    }

    private static ToolFit wire(LoadedWire load, Attachment.Wired wired, OwnWire own, double diameterMm) {
        boolean carries = load.carriedBy(diameterMm);
        boolean hidden = LoadedWire.RIDGE_DIAMETERS * diameterMm <= wired.ridgeMm() + 1e-9;
        String reason = !carries
                ? String.format(Locale.ROOT, "droops by %.1f°", load.droopDeg(diameterMm))
                : hidden ? own.gauge() == wired.gauge() ? "as designed" : "carries it" : "would show through the ridge";
        return new ToolFit(
                "wire", own.name(), own.count(), carries && hidden, Math.abs(own.gauge() - wired.gauge()), reason);
    }

    /** The cutter that the drawer has for it, where one fits and is owned. */
    public Optional<CutterFit> owned() {
        return cutters.stream().filter(c -> c.fits() && c.cutter().here() > 0).findFirst();
    }
}
