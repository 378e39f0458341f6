package org.crispwhorl.core.assessment;

import java.util.ArrayList;
import java.util.List;
import org.crispwhorl.core.form.PlacedRing;
import org.crispwhorl.core.solid.Solid;
import org.crispwhorl.core.species.Centre;
import org.crispwhorl.core.species.Heads;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.WireCut;
import org.crispwhorl.core.wire.MainStem;

/** What stands on the stem of a species, and which wires bear it: one weight and one stem for the whole program. */
public final class StemLoad {
    /** Density of steel, g/mm³. */
    private static final double STEEL = 0.00785;

    /** Wires of the stem itself go on into what holds it, mm. */
    private static final double HELD_MM = 10;

    private StemLoad() {}

    /** Mass of the finished piece, paste and wires, further heads with them, g. */
    public static double weightG(Assessment a) {
        return a.headG() + wiresG(a) + headsG(a);
    }

    /** Paste and wires of the further heads, g. */
    public static double headsG(Assessment a) {
        return a.opened().stream()
                .mapToDouble(o -> o.opening().count() * (o.head().headG() + wiresG(o.head())))
                .sum();
    }

    /** The wires of a flower, further heads left out, g. */
    public static double wiresG(Assessment a) {
        return a.species().parts().stream()
                .flatMap(part -> part.wireCuts().stream())
                .mapToDouble(cut -> cut.count() * cut.lengthMm() * gPerMm(a, cut.gauge()))
                .sum();
    }

    private static double gPerMm(Assessment a, int gauge) {
        double d = a.wireTable().diameterMm(gauge);
        return STEEL * Math.PI * d * d / 4;
    }

    /** The stem of a species with all that stands on it. */
    public static MainStem of(Assessment a) {
        return a.species().heads().map(heads -> ofHeads(a, heads)).orElseGet(() -> ofOne(a));
    }

    /** A flower on its own wires: what they bear hangs from the neck, and a petal's wire bears as far as its tail reaches. */
    private static MainStem ofOne(Assessment a) {
        double free = a.species().centre().map(Centre::standsFreeMm).orElse(0.0);
        List<MainStem.Weight> weights = new ArrayList<>();
        List<MainStem.Run> runs = new ArrayList<>();
        List<MainStem.StemWire> wires = new ArrayList<>();
        for (Part part : a.species().ownParts()) {
            double middle = free + middleMm(a, part);
            if (middle > 0) {
                weights.add(new MainStem.Weight(a.pasteG(part), middle));
            }
            double top = Math.max(0, Math.min(free, middle));
            double down = part.reachesDownMm();
            for (WireCut cut : part.wireCuts()) {
                double ends = down < 0 ? -HELD_MM : top - down;
                runs.add(new MainStem.Run(cut.count() * gPerMm(a, cut.gauge()), top, Math.max(0, ends)));
                // What is in the head is bound above the neck; a leaf's wire bears from where it is taped in.
                double joint = part.inHead() ? Double.POSITIVE_INFINITY : top;
                for (int i = 0; i < cut.count(); i++) {
                    wires.add(MainStem.StemWire.joined(a.wireTable().diameterMm(cut.gauge()), ends, joint));
                }
            }
        }
        a.species()
                .centre()
                .flatMap(centre -> centre.form().skewerMm())
                .ifPresent(across -> wires.add(MainStem.StemWire.skewer(across)));
        return new MainStem(weights, runs, wires, free);
    }

    /** Height of the middle of a part's pieces or bodies above the neck, mm. */
    private static double middleMm(Assessment a, Part part) {
        return a.form()
                .ring(part.id())
                .map(PlacedRing::heightsMm)
                .map(z -> (z[0] + z[1]) / 2)
                .orElseGet(() -> {
                    List<Solid> solids = a.form().solids(part);
                    double low = solids.stream().mapToDouble(Solid::lowMm).min().orElse(0);
                    double top = solids.stream().mapToDouble(Solid::topMm).max().orElse(0);
                    return (low + top) / 2;
                });
    }

    /**
     * Heads down a main stem, each at its joint: the main wire bears, and each head's wires from their joint down as far as they are
     * taped. In a bunch there is no main wire: the stalks bear up to where they are bound.
     */
    private static MainStem ofHeads(Assessment a, Heads heads) {
        double foot = heads.standsFreeMm();
        List<MainStem.Weight> weights = new ArrayList<>();
        List<MainStem.Run> runs = new ArrayList<>();
        List<MainStem.StemWire> wires = new ArrayList<>();
        head(a, a, heads, 0, weights, runs, wires);
        for (int head = 1; head <= heads.pieceCount(); head++) {
            Assessment one = a.opened()
                    .get(heads.openings().indexOf(heads.opening(head)))
                    .head();
            head(a, one, heads, heads.heightMm(head), weights, runs, wires);
        }
        double top = foot + heads.alongMm();
        for (WireCut main : heads.wireCuts()) {
            runs.add(new MainStem.Run(gPerMm(a, main.gauge()), top, 0));
            wires.add(new MainStem.StemWire(a.wireTable().diameterMm(main.gauge()), -HELD_MM));
        }
        return new MainStem(weights, runs, wires, top);
    }

    /** A head at a height above the lowest: its weight at its joint, its stalk's wires down the stem. */
    private static void head(
            Assessment a,
            Assessment head,
            Heads heads,
            double heightMm,
            List<MainStem.Weight> weights,
            List<MainStem.Run> runs,
            List<MainStem.StemWire> wires) {
        double joint = heads.standsFreeMm() + heightMm;
        double below = 0;
        boolean bound = heads.wireCuts().isEmpty();
        double ends = bound ? -HELD_MM : joint - heads.downMm(heightMm);
        for (Centre centre : head.species().centres()) {
            double across = a.wireTable().diameterMm(centre.gauge());
            double gPerMm = centre.wires() * gPerMm(a, centre.gauge());
            double taped = Math.min(centre.stemMm(), heads.downMm(heightMm));
            below += centre.wires() > 0 ? gPerMm * taped : 0;
            runs.add(new MainStem.Run(gPerMm, joint, Math.max(0, ends)));
            for (int i = 0; i < centre.wires(); i++) {
                wires.add(MainStem.StemWire.joined(
                        across, ends < 0 ? -HELD_MM : ends, bound ? Double.POSITIVE_INFINITY : joint));
            }
        }
        double own = head == a ? headOnlyWiresG(a, heads) : wiresG(head);
        weights.add(new MainStem.Weight(head.headG() + Math.max(0, own - below), joint));
    }

    /** The wires of the flower at the foot, the main stem's left out, g. */
    private static double headOnlyWiresG(Assessment a, Heads heads) {
        return wiresG(a)
                - heads.wireCuts().stream()
                        .mapToDouble(cut -> cut.count() * cut.lengthMm() * gPerMm(a, cut.gauge()))
                        .sum();
    }
}
