package org.crispwhorl.core.assessment;

import java.util.ArrayList;
import java.util.List;
import org.crispwhorl.core.form.PlacedRing;
import org.crispwhorl.core.solid.Solid;
import org.crispwhorl.core.species.Centre;
import org.crispwhorl.core.species.Heads;
import org.crispwhorl.core.species.Opening;
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
        double free = a.species().centre().map(Centre::stemMm).orElse(0.0);
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
                for (int i = 0; i < cut.count(); i++) {
                    wires.add(new MainStem.StemWire(a.wireTable().diameterMm(cut.gauge()), ends));
                }
            }
        }
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

    /** Heads down a main stem, each at its joint, that the main wire bears; in a bunch the stalks bear, all down to the foot. */
    private static MainStem ofHeads(Assessment a, Heads heads) {
        double foot = heads.stemMm();
        List<MainStem.Weight> weights = new ArrayList<>();
        weights.add(new MainStem.Weight(a.headG() + wiresG(a) - mainWireG(a, heads), foot));
        for (int head = 1; head <= heads.pieceCount(); head++) {
            Opening opening = heads.opening(head);
            Assessment one = a.opened().get(heads.openings().indexOf(opening)).head();
            weights.add(new MainStem.Weight(one.headG() + wiresG(one), foot + heads.heightMm(head)));
        }
        if (heads.wireCuts().isEmpty()) {
            return new MainStem(weights, List.of(), stalks(a), foot);
        }
        double top = foot + heads.alongMm();
        return new MainStem(
                weights,
                List.of(new MainStem.Run(gPerMm(a, heads.gauge()), top, 0)),
                List.of(new MainStem.StemWire(a.wireTable().diameterMm(heads.gauge()), -HELD_MM)),
                foot);
    }

    /** The wires of the flower itself and of every further head's centre. */
    private static List<MainStem.StemWire> stalks(Assessment a) {
        List<MainStem.StemWire> wires = new ArrayList<>();
        centres(a, 1, wires);
        for (Assessment.OpenedHeads opened : a.opened()) {
            centres(opened.head(), opened.opening().count(), wires);
        }
        return wires;
    }

    private static void centres(Assessment a, int heads, List<MainStem.StemWire> wires) {
        for (Centre centre : a.species().centres()) {
            double across = a.wireTable().diameterMm(centre.gauge());
            for (int i = 0; i < heads * centre.wires(); i++) {
                wires.add(new MainStem.StemWire(across, -HELD_MM));
            }
        }
    }

    private static double mainWireG(Assessment a, Heads heads) {
        return heads.wireCuts().stream()
                .mapToDouble(cut -> cut.count() * cut.lengthMm() * gPerMm(a, cut.gauge()))
                .sum();
    }
}
