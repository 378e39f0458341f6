package org.crispwhorl.core.reckoning;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.crispwhorl.core.bench.Kit;
import org.crispwhorl.core.paste.ShadeLadder;
import org.crispwhorl.core.species.Attachment;
import org.crispwhorl.core.species.Making;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.species.Pieces;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.species.Ways;
import org.crispwhorl.core.species.Whorl;

/**
 * A species as it is made by the ways of a studio, a species and its parts: quick counts, ridges, wire ends, insertions,
 * one-piece blossoms, the order of its rings and its ladder of shades are settled. What stays a question of when or with
 * what (dusting, glue, board) is looked up where it matters.
 */
public final class AsMade {
    /** Wire in a small hook, mm. */
    private static final double HOOK_MM = 3;

    /** Share of the finished length that a short insertion takes. */
    private static final double SHORT = 0.25;

    /** Share of the finished length that a wire to the middle takes. */
    private static final double MIDDLE = 0.5;

    /** A ridge left on a petal pressed from a ball, in thicknesses of the petal. */
    private static final double BALL_RIDGE = 3;

    /** Middle of a one-piece cut in the width of its petals' base, where a studio makes singles in one piece. */
    private static final double MIDDLE_PER_BASE = 1.0;

    private final Species species;
    private final Ways ways;
    private final Kit kit;

    private AsMade(Species species, Ways ways, Kit kit) {
        this.species = species;
        this.ways = ways;
        this.kit = kit;
    }

    /**
     * The species as it is made. Making it so twice changes nothing more.
     *
     * @param studio the studio's ways; the species' own choices go before them, a part's before both
     */
    public static Species of(Species designed, Ways studio, Kit kit) {
        AsMade making = new AsMade(designed, studio.with(designed.ways()), kit);
        List<Part> parts = new ArrayList<>();
        for (Part part : designed.parts()) {
            parts.add(part instanceof Petaled petaled ? petaled.with(making.pieces(petaled)) : part);
        }
        return designed.withParts(making.ordered(parts))
                .withShades(ShadeLadder.of(designed.shades(), making.ways.ladder()))
                .withWays(making.ways.all());
    }

    private Pieces pieces(Petaled part) {
        Ways own = part.pieces().ways().map(ways::with).orElse(ways);
        Pieces pieces = part.pieces();
        return pieces.with(d -> {
            if (own.counts() == Ways.Counts.QUICK && pieces.quickCount() > 0) {
                d.count = pieces.quickCount();
                d.quickCount = 0;
            }
            inOneOrSingly(d, part, own);
            if (d.attachment instanceof Attachment.Wired wired) {
                d.attachment = wired(wired, pieces, own);
            }
        });
    }

    private static void inOneOrSingly(Pieces.Draft d, Petaled part, Ways own) {
        if (!(part instanceof Whorl)) {
            return;
        }
        boolean wired = d.attachment instanceof Attachment.Wired;
        if (own.petals() == Ways.Petals.ONE_PIECE && d.making instanceof Making.Sheet sheet && wired && d.count > 1) {
            double base = Math.max(1, d.outline.base() * d.outline.widthMm());
            d.making = new Making.OnePiece(
                    sheet.thinning(), Math.min(60, MIDDLE_PER_BASE * base), Making.OnePiece.Division.WHOLE);
            d.attachment = new Attachment.Threaded();
        } else if (own.petals() == Ways.Petals.SINGLES && d.making instanceof Making.OnePiece one) {
            d.making = new Making.Sheet(one.thinning());
            d.attachment = wired ? d.attachment : USUAL_WIRE;
        }
    }

    /** The wire of a petal that a studio makes singly where it was designed in one piece. */
    private static final Attachment.Wired USUAL_WIRE = new Attachment.Wired(28, 8, 0, 3, 80, 0.7);

    private Attachment wired(Attachment.Wired wired, Pieces pieces, Ways own) {
        double length = pieces.finished().lengthMm();
        Attachment.Wired made =
                switch (own.insertion()) {
                    case STATED -> wired;
                    case SHORT -> wired.withInsertion(Math.max(2, Math.min(200, SHORT * length)));
                    case MIDDLE -> wired.withInsertion(Math.max(2, Math.min(200, MIDDLE * length)));
                };
        if (own.wireEnd() == Ways.WireEnd.HOOK) {
            made = made.withHook(Math.max(HOOK_MM, made.hookMm()));
        }
        double ridge =
                switch (own.ridge()) {
                    case PINNED -> made.ridgeMm();
                    case BOARD -> kit.grooveMm();
                    case BALL -> BALL_RIDGE * pieces.finishedMm(kit.paste(species.medium()));
                    case SANDWICH ->
                        2 * Math.max(pieces.making().rolledMm(), pieces.finishedMm(kit.paste(species.medium())));
                };
        return made.withRidge(Math.max(0.3, Math.min(6, ridge)));
    }

    /** Rings sorted by length into the places that rings have; all else stays where it is. */
    private List<Part> ordered(List<Part> parts) {
        if (ways.ringOrder() == Ways.RingOrder.DESIGNED) {
            return parts;
        }
        Comparator<Part> bySize =
                Comparator.comparingDouble(p -> ((Whorl) p).pieces().finished().lengthMm());
        List<Part> rings =
                new ArrayList<>(parts.stream().filter(Whorl.class::isInstance).toList());
        rings.sort(ways.ringOrder() == Ways.RingOrder.SMALL_INSIDE ? bySize : bySize.reversed());
        List<Part> ordered = new ArrayList<>();
        for (Part part : parts) {
            ordered.add(part instanceof Whorl ? rings.remove(0) : part);
        }
        return ordered;
    }
}
