package org.crispwhorl.core.species;

import java.util.Optional;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.outline.Outline;

/** The pieces of a flower that is less open than it was designed, made from the full one's. */
final class OpenedPieces {
    /** Share of what opens in the full flower that lies on in a bud. */
    private static final double LAID_FARTHER = 0.5;

    /** Share of a wrap's length that is glued. */
    private static final double WRAPPED_TO = 0.6;

    /** The tip of a wrap stands so far above its core, mm. */
    private static final double OVER_THE_CORE_MM = 2;

    private OpenedPieces() {}

    /**
     * They lean out less, and what is laid on soft lies on farther up and is fewer; a cut of unlike lobes stays as it is. Those of a
     * cutter stay as the cutter cuts them; those that the hand makes are smaller. All dry in the same formers: a basin is what it is.
     */
    static Pieces of(Pieces full, double size, double open) {
        return full.with(d -> {
            d.opensDeg = full.opensDeg() > 0 ? full.opensDeg() * open : full.opensDeg();
            d.making = full.making().leaning(open);
            if (full.hugs()) {
                laid(d, full, Math.max(size, open), open);
            }
            if (!full.making().cut()) {
                d.outline = d.outline
                        .withLength(Limits.within(Outline.class, "lengthMm", d.outline.lengthMm() * size))
                        .withWidth(Limits.within(Outline.class, "widthMm", d.outline.widthMm() * size));
                d.making = d.making.scaled(size);
                d.attachment = d.attachment.scaled(size);
            }
        });
    }

    private static void laid(PiecesDraft d, Pieces full, double share, double open) {
        Attachment attachment = full.attachment();
        if (full.wraps()) {
            double from = Math.max(attachment.gluedShare(), attachment.opensFrom());
            d.attachment = attachment.opening(from + (1 - from) * (1 - open) * LAID_FARTHER);
        }
        if (full.making().unlike().isEmpty()) {
            d.count = fewer(full.count(), share);
            d.fewerCount = full.fewerCount() == 0 ? 0 : Math.min(d.count, fewer(full.fewerCount(), share));
            d.making = d.making.ofCutter(full.count());
        }
    }

    /** So many of them, cut one by one, laid soft over a core and closed over it. */
    static Pieces wrapping(Pieces full, int wraps) {
        return full.with(d -> {
            d.count = wraps;
            d.fewerCount = 0;
            d.making = full.thinning().<Making>map(Making.Sheet::new).orElse(full.making());
            d.attachment =
                    new Attachment.Glued(WRAPPED_TO, 1, Optional.of(new Attachment.Glued.Reach(OVER_THE_CORE_MM)));
            d.overlap = Overlap.SUCCESSIVE;
            d.former = Optional.empty();
            d.opensDeg = 0;
            d.joining = Joining.of(Joining.As.SOFT, Joining.Onto.SOFT);
        });
    }

    /** A share of a count, at least one. */
    private static int fewer(int count, double share) {
        return (int) Math.max(1, Math.round(count * share));
    }
}
