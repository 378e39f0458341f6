package org.crispwhorl.core.drawing;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.crispwhorl.core.colour.ColourUse;
import org.crispwhorl.core.colour.Colouring;
import org.crispwhorl.core.colour.Mixture;
import org.crispwhorl.core.colour.Pass;
import org.crispwhorl.core.colour.Tinted;
import org.crispwhorl.core.colour.Worn;
import org.crispwhorl.core.colour.Zone;
import org.crispwhorl.core.form.PlacedRing;
import org.crispwhorl.core.measure.InvalidValue;
import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.paste.MixingLaw;
import org.crispwhorl.core.paste.Shade;

/**
 * A finished piece lying flat as its passes leave it: its face, and its back turned over about the midrib.
 *
 * @param ring its corners, across and station in turn, mm
 * @param face colours of its face; its tip is up, its foot lies on the line 0
 * @param back colours of its back
 * @param passes what can be said of each pass, in their order
 * @param uses colours on one piece
 */
public record ColouredPiece(
        double lengthMm,
        double[] ring,
        Drawing.ColourGrid face,
        Drawing.ColourGrid back,
        Worn worn,
        List<LaidPass> passes,
        List<ColourUse> uses) {
    private static final int POINTS = 40;
    private static final int CELLS = 110;

    /**
     * @param swatch of what is mixed for it, sRGB; none where no colour is chosen
     * @param reach where it can be pulled wider; none where it goes all over
     * @param fade where its fade can be pulled longer
     */
    public record LaidPass(Optional<String> swatch, Optional<Handle> reach, Optional<Handle> fade) {}

    /** A place on the piece, across from the midrib and along it from the foot, mm. */
    public record Handle(double acrossMm, double alongMm) {}

    /** The pieces of a ring, of paste of such shades on their faces and backs. */
    public static ColouredPiece of(PlacedRing ring, Shade face, Shade back) {
        Outline outline = ring.surface().outline();
        Tinted tinted = ring.tinted();
        double[][] corners = outline.polygon(POINTS);
        double[] flat = new double[2 * corners.length];
        for (int i = 0; i < corners.length; i++) {
            flat[2 * i] = corners[i][0];
            flat[2 * i + 1] = corners[i][1];
        }
        double[] faceBase = MixingLaw.linear(face);
        double[] backBase = MixingLaw.linear(back);
        return new ColouredPiece(
                outline.lengthMm(),
                flat,
                tint(tinted, outline, faceBase, Pass.PieceSide.FACE),
                tint(tinted, outline, backBase, Pass.PieceSide.BACK),
                tinted.worn(faceBase, backBase),
                ring.part().colour().passes().stream()
                        .map(pass -> laid(pass, outline, tinted, ring.surface().startMm()))
                        .toList(),
                tinted.uses());
    }

    private static Drawing.ColourGrid tint(Tinted tinted, Outline outline, double[] base, Pass.PieceSide side) {
        double half = outline.widthMm() / 2;
        double cell = Math.max(outline.lengthMm(), outline.widthMm()) / CELLS;
        int columns = (int) Math.ceil(2 * half / cell);
        int rows = (int) Math.ceil(outline.lengthMm() / cell);
        byte[] rgb = new byte[3 * columns * rows];
        for (int row = 0; row < rows; row++) {
            double s = Math.max(0, outline.lengthMm() - (row + 0.5) * cell);
            double[] span = outline.spanAt(s);
            for (int column = 0; column < columns; column++) {
                double v = Math.max(span[0], Math.min(span[1], (column + 0.5) * cell - half));
                double[] colour = tinted.at(base, s, v, side);
                for (int k = 0; k < 3; k++) {
                    rgb[3 * (row * columns + column) + k] = (byte) MixingLaw.code(colour[k]);
                }
            }
        }
        return new Drawing.ColourGrid(-half, -outline.lengthMm(), cell, columns, rows, rgb);
    }

    private static LaidPass laid(Pass pass, Outline outline, Tinted tinted, double startMm) {
        Optional<String> swatch = pass.colours().isEmpty() ? Optional.empty() : Optional.of(Mixture.swatch(pass));
        if (pass.zone().everywhere()) {
            return new LaidPass(swatch, Optional.empty(), Optional.empty());
        }
        return new LaidPass(
                swatch,
                Optional.of(handle(pass.zone(), pass.reachMm(), outline, tinted, startMm)),
                Optional.of(handle(pass.zone(), pass.reachMm() + pass.fadeMm(), outline, tinted, startMm)));
    }

    /** The place on the way of a zone's handle that lies so far from where it is strongest, or as near to that as there is. */
    private static Handle handle(Zone zone, double offMm, Outline outline, Tinted tinted, double startMm) {
        double length = outline.lengthMm();
        boolean along = zone == Zone.FOOT || zone == Zone.TIP || zone == Zone.EDGE;
        double station = along ? 0 : zone == Zone.BETWEEN ? outline.widest() * length * LOW : outline.widest() * length;
        double half = outline.halfWidthAt(station);
        List<Handle> way = IntStream.rangeClosed(0, HANDLE_STEPS)
                .mapToObj(i -> along
                        ? new Handle(0, startMm + (length - startMm) * i / HANDLE_STEPS)
                        : new Handle(half * i / HANDLE_STEPS, station))
                .toList();
        double[] off = way.stream()
                .mapToDouble(h -> tinted.offMm(zone, h.alongMm(), h.acrossMm()))
                .toArray();
        // From the edge there are two places on the midrib that lie so far in: the one towards the tip is meant.
        int from = 0;
        for (int i = 0; zone == Zone.EDGE && i <= HANDLE_STEPS; i++) {
            from = off[i] > off[from] ? i : from;
        }
        int best = from;
        for (int i = from; i <= HANDLE_STEPS; i++) {
            best = Math.abs(off[i] - offMm) < Math.abs(off[best] - offMm) ? i : best;
        }
        return way.get(best);
    }

    private static final int HANDLE_STEPS = 200;
    private static final double LOW = 0.55;

    /**
     * Passes of which one is pulled so that it reaches, or fades out, at a place.
     *
     * @throws InvalidValue where there is no such pass, or it goes all over
     */
    public static Colouring pulled(PlacedRing ring, int pass, boolean fade, Handle to) {
        List<Pass> passes = ring.part().colour().passes();
        if (pass < 0 || pass >= passes.size() || passes.get(pass).zone().everywhere()) {
            throw new InvalidValue("pass", pass, "the number of a pass that has a zone, from 0");
        }
        Pass old = passes.get(pass);
        double s = Math.max(0, Math.min(ring.surface().outline().lengthMm(), to.alongMm()));
        double off = ring.tinted().offMm(old.zone(), s, to.acrossMm());
        Pass pulled =
                fade ? old.reaching(old.reachMm(), Math.max(0, off - old.reachMm())) : old.reaching(off, old.fadeMm());
        return new Colouring(IntStream.range(0, passes.size())
                .mapToObj(i -> i == pass ? pulled : passes.get(i))
                .toList());
    }
}
