package org.crispwhorl.core.paste;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.crispwhorl.core.outline.Cut;
import org.crispwhorl.core.outline.CutShape;
import org.crispwhorl.core.outline.Outline;

/**
 * How a cutter nests on a strip of paste: the best lattice or double lattice (the shape and itself turned by half a turn, after
 * Kuperberg and Kuperberg 1990) found over rotation, with the plain grid of boxes as the least.
 *
 * @param turnDeg by how much the cutter is turned on the strip
 * @param latticeYield share of an endless sheet that is cut
 * @param stripYield share of the strip that is cut, its edges included
 * @param gridYield share of the strip that a plain grid of boxes would cut
 * @param stripMm width of the strip to roll
 * @param pitchMm along the strip, after which the pattern comes again
 * @param pattern the pieces within one pitch
 */
public record Nesting(
        double turnDeg,
        double latticeYield,
        double stripYield,
        double gridYield,
        double stripMm,
        double pitchMm,
        List<OnStrip> pattern) {
    public Nesting {
        pattern = List.copyOf(pattern);
    }

    /**
     * One piece on the strip.
     *
     * @param alongMm where the cutter's origin lies along the strip
     * @param acrossMm and across it
     * @param turnDeg by how much it is turned
     */
    public record OnStrip(double alongMm, double acrossMm, double turnDeg) {}

    /** Length of strip that so many pieces take, mm. */
    public double lengthMm(int pieces) {
        return Math.ceil((double) pieces / pattern.size()) * pitchMm;
    }

    /** The places of so many pieces. */
    public List<OnStrip> places(int pieces) {
        List<OnStrip> all = new ArrayList<>();
        for (int i = 0; i < pieces; i++) {
            OnStrip in = pattern.get(i % pattern.size());
            all.add(new OnStrip(in.alongMm() + pitchMm * (i / pattern.size()), in.acrossMm(), in.turnDeg()));
        }
        return all;
    }

    /**
     * Paste that is lost for each gram cut: what lies between the cuts, as far as it cannot be kneaded in again.
     *
     * @param rekneadShare share of the trimmings that can, 0 to 1
     */
    public double lostPerG(double rekneadShare) {
        return (1 - rekneadShare) * (1 - stripYield) / stripYield;
    }

    /** Nestings that were sought before; the search takes some hundredths of a second. */
    private static final Map<Asked, Nesting> FOUND = new ConcurrentHashMap<>();

    private static final int MOST_KEPT = 2000;

    private record Asked(Cut cut, double stripMm) {}

    /** The best nesting of what a cutter cuts; asked a second time it is at hand. */
    public static Nesting of(Cut cut, double stripMm) {
        if (FOUND.size() > MOST_KEPT) {
            FOUND.clear();
        }
        return FOUND.computeIfAbsent(new Asked(cut, stripMm), asked -> of(cut.shape(), stripMm));
    }

    /** How single pieces lie on a ridged board: the strip runs across its grooves, each midrib lies in one. */
    public static Nesting along(Grooves grooves, Outline piece) {
        int each = Math.max(1, grooves.alongOne(piece));
        double pitch = grooves.every(piece) * grooves.apartMm();
        double wide = Math.max(grooves.longMm(), piece.lengthMm());
        double yield = each * piece.areaMm2() / (wide * pitch);
        List<OnStrip> pattern = new ArrayList<>();
        for (int k = 0; k < each; k++) {
            pattern.add(new OnStrip(pitch / 2, k * (piece.lengthMm() + Grooves.BETWEEN_MM), 0));
        }
        return new Nesting(0, yield, yield, yield, wide, pitch, pattern);
    }

    /**
     * The best nesting of a shape.
     *
     * @param stripMm greatest width of the strip, as the roller allows; a shape that is wider at every turn gets a strip of
     *     its own least width
     */
    public static Nesting of(CutShape shape, double stripMm) {
        return new NestingSearch(shape, stripMm).best();
    }
}
