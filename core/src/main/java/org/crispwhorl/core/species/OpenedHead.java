package org.crispwhorl.core.species;

import java.util.ArrayList;
import java.util.List;

/**
 * A head at a stage of opening, made from the full flower by rule: everything smaller by one share, only the inner rings,
 * each leaning out less, stamens only where it is open enough to show them.
 */
public final class OpenedHead {
    /** Below this share of opening stamens are not seen and not made. */
    private static final double SHOWS_STAMENS = 0.5;

    /** Share of a strip or fan that even a shut flower is rolled from. */
    private static final double ROLLED_SHUT = 0.5;

    private OpenedHead() {}

    /** The full flower as one head: without what stands on the stem. */
    public static Species full(Species species) {
        return of(species, new Heads.Opening("full", 1, 1, MOST_RINGS, 1));
    }

    /**
     * The whole flower, stem and leaves included, with its rings opened by a share only: each leans out less.
     *
     * @param open 0 upright as in a bud, 1 as designed
     */
    public static Species leaning(Species species, double open) {
        List<Part> parts = new ArrayList<>();
        for (Part part : species.parts()) {
            parts.add(
                    part instanceof Whorl whorl
                            ? whorl.with(whorl.pieces()
                                    .with(d -> d.leanDeg = whorl.pieces().leanDeg() * open))
                            : part);
        }
        return species.withParts(parts);
    }

    private static final int MOST_RINGS = 40;

    /** The head at a stage of opening, as a species of its own. */
    public static Species of(Species species, Heads.Opening opening) {
        double stalkMm = species.heads().map(Heads::stalkMm).orElse(0.0);
        List<Part> parts = new ArrayList<>();
        int rings = 0;
        for (Part part : species.parts()) {
            if (part instanceof Heart heart) {
                parts.add(heart(heart, opening.size(), stalkMm));
            } else if (part instanceof Whorl || part instanceof Calyx) {
                rings += part instanceof Whorl ? 1 : 0;
                if (rings <= opening.rings() && (part instanceof Whorl || opening.rings() > 0)) {
                    Petaled petaled = (Petaled) part;
                    double open = part instanceof Whorl ? opening.open() : 1;
                    parts.add(petaled.with(pieces(petaled.pieces(), opening.size(), open)));
                } else if (part instanceof Calyx calyx) {
                    parts.add(calyx.with(pieces(calyx.pieces(), opening.size(), opening.open())));
                }
            } else if (part instanceof Stamens || part instanceof FineStamens || part instanceof Pistil) {
                if (opening.open() >= SHOWS_STAMENS) {
                    parts.add(part);
                }
            } else if (part instanceof Roll roll) {
                double rolled = ROLLED_SHUT + (1 - ROLLED_SHUT) * opening.open();
                parts.add(roll.with(roll.from().scaled(opening.size()).shortened(rolled)));
            } else if (part instanceof Bead) {
                parts.add(part);
            }
        }
        return species.withParts(parts);
    }

    private static Heart heart(Heart heart, double size, double stalkMm) {
        HeartForm form = size == 1
                ? heart.form()
                : heart.form()
                        .resized(
                                Math.max(2, heart.form().diameterMm() * size),
                                Math.max(2, heart.form().heightMm() * size));
        return heart.withForm(form)
                .withStem(heart.gauge(), heart.wires(), stalkMm > 0 ? Math.max(10, stalkMm) : heart.stemMm());
    }

    private static Pieces pieces(Pieces pieces, double size, double open) {
        return pieces.with(d -> {
            d.outline = pieces.outline()
                    .withLength(Math.max(2, pieces.outline().lengthMm() * size))
                    .withWidth(Math.max(1, pieces.outline().widthMm() * size));
            d.making = pieces.making().scaled(size);
            d.leanDeg = pieces.leanDeg() * open;
            d.former = pieces.former().map(f -> f.scaled(size));
            if (pieces.attachment() instanceof Attachment.Wired wired) {
                d.attachment = wired.withInsertion(Math.max(2, wired.insertionMm() * size));
            }
        });
    }
}
