package org.crispwhorl.core.studio;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.paste.Ladder;
import org.crispwhorl.core.paste.ShadeLadder;
import org.crispwhorl.core.species.Attachment;
import org.crispwhorl.core.species.Choices;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.species.Pieces;
import org.crispwhorl.core.species.PiecesDraft;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.species.Techniques;

/**
 * A species as it is made by the techniques of a studio, a species and its parts: fewer pieces, ridges, wire ends, wires inside,
 * one-piece blossoms, the order of its rings and its ladder of shades are settled. What stays a question of when or with
 * what (dusting, glue, board) is looked up where it matters.
 */
public final class AppliedTechniques {
    /** Wire in a small hook, mm. */
    private static final double HOOK_MM = 3;

    /** Share of the finished length that a short wire inside takes. */
    private static final double SHORT = 0.25;

    /** Share of the finished length that a wire to the middle takes. */
    private static final double MIDDLE = 0.5;

    /** A ridge left on a petal pressed from a ball, in thicknesses of the petal. */
    private static final double BALL_RIDGE = 3;

    /** Middle of a one-piece cut in the width of its petals' base, where a studio makes singles in one piece. */
    private static final double MIDDLE_PER_BASE = 1.0;

    private final Species species;
    private final Techniques techniques;
    private final Kit kit;

    private AppliedTechniques(Species species, Techniques techniques, Kit kit) {
        this.species = species;
        this.techniques = techniques;
        this.kit = kit;
    }

    /**
     * The species as it is made. Making it so twice changes nothing more.
     *
     * @param studio the studio's ways; the species' own choices go before them, a part's before both
     */
    public static Species of(Species designed, Techniques studio, Kit kit) {
        AppliedTechniques making = new AppliedTechniques(designed, studio.with(designed.techniques()), kit);
        List<Part> parts = new ArrayList<>();
        for (Part part : designed.parts()) {
            parts.add(part.petalsOtherwise(p -> p.with(making.pieces(p))));
        }
        return designed.withParts(making.ordered(parts))
                .withShades(ShadeLadder.of(designed.shades(), making.techniques.ladder()))
                .withTechniques(making.techniques.all());
    }

    /**
     * A design changed so that the same species, as the studio makes it, comes out with an edit made on it. Ways that would
     * override the edit are cleared on what it changes: the choice is then the design's own.
     *
     * @param edit of a species, made alike on the design and on what is made of it
     * @throws org.crispwhorl.core.measure.InvalidValue where the design cannot take it
     */
    public static Species edited(Species designed, Techniques studio, Kit kit, UnaryOperator<Species> edit) {
        Species made = of(designed, studio, kit);
        Species wanted = edit.apply(made);
        Species changed = edit.apply(designed);
        if (!wanted.shades().equals(of(changed, studio, kit).shades())) {
            changed = changed.withShades(wanted.shades())
                    .withTechniques(changed.techniques().withLadder(Optional.of(Ladder.STATED)));
        }
        Species remade = of(changed, studio, kit);
        for (Petaled part : changed.petaled()) {
            Petaled before = flat(designed, part.id());
            Petaled want = flat(wanted, part.id());
            Petaled counted = counted(part, before, flat(made, part.id()), want);
            if (counted != part) {
                changed = changed.with(counted);
                remade = of(changed, studio, kit);
            }
            for (Choices cleared : CLEARED) {
                if (same(flat(remade, part.id()), want)) {
                    break;
                }
                changed = changed.with(part.with(counted.pieces()
                        .with(d -> d.techniques =
                                Optional.of(d.techniques.orElse(Choices.NONE).or(cleared)))));
                remade = of(changed, studio, kit);
            }
        }
        return changed;
    }

    /** Choices that leave pieces as they are designed, one after the other and then all together. */
    private static final List<Choices> CLEARED = cleared();

    private static List<Choices> cleared() {
        List<Choices> one = List.of(
                Choices.NONE.withWireInside(Optional.of(Techniques.WireInside.STATED)),
                Choices.NONE.withRidge(Optional.of(Techniques.Ridge.PINNED)),
                Choices.NONE.withPetals(Optional.of(Techniques.Petals.DESIGNED)),
                Choices.NONE.withWireEnd(Optional.of(Techniques.WireEnd.STRAIGHT)));
        List<Choices> all = new ArrayList<>(one);
        all.add(one.stream().reduce(Choices.NONE, Choices::or));
        return all;
    }

    private static Petaled flat(Species species, String id) {
        return species.part(id).flatMap(Part::flat).orElseThrow();
    }

    /** What a way says is no part of what is made. */
    private static boolean same(Petaled one, Petaled other) {
        UnaryOperator<Pieces> bare = p -> p.with(d -> d.techniques = Optional.empty());
        return bare.apply(one.pieces()).equals(bare.apply(other.pieces()))
                && one.colour().equals(other.colour());
    }

    /** Where the quick count is in force, a change of the count is one of the quick count. */
    private static Petaled counted(Petaled changed, Petaled designed, Petaled made, Petaled wanted) {
        boolean quick = made.pieces().count() != designed.pieces().count();
        return !quick || wanted.pieces().count() == made.pieces().count()
                ? changed
                : changed.with(changed.pieces().with(d -> {
                    d.count = designed.pieces().count();
                    d.fewerCount = wanted.pieces().count();
                }));
    }

    private Pieces pieces(Petaled part) {
        Techniques own = part.pieces().techniques().map(techniques::with).orElse(techniques);
        Pieces pieces = part.pieces();
        return pieces.with(d -> {
            if (own.counts() == Techniques.Counts.FEWER && pieces.fewerCount() > 0) {
                d.count = pieces.fewerCount();
                d.fewerCount = 0;
            }
            inOneOrSingly(d, part, own);
            d.attachment.wire().ifPresent(wired -> d.attachment = wired(wired, pieces, own));
        });
    }

    private static void inOneOrSingly(PiecesDraft d, Petaled part, Techniques own) {
        if (!part.ring()) {
            return;
        }
        boolean wired = d.attachment.wire().isPresent();
        if (own.petals() == Techniques.Petals.ONE_PIECE && wired && d.count > 1) {
            double base = Math.max(1, d.outline.base() * d.outline.widthMm());
            d.making.inOne(MIDDLE_PER_BASE * base).ifPresent(inOne -> {
                d.making = inOne;
                d.attachment = new Attachment.Threaded();
            });
        } else if (own.petals() == Techniques.Petals.SINGLES) {
            d.making.singly().ifPresent(singly -> {
                d.making = singly;
                d.attachment = wired ? d.attachment : USUAL_WIRE;
            });
        }
    }

    /** The wire of a petal that a studio makes singly where it was designed in one piece. */
    private static final Attachment.Wired USUAL_WIRE = new Attachment.Wired(28, 8, 0, 3, 80, 0.7);

    private Attachment wired(Attachment.Wired wired, Pieces pieces, Techniques own) {
        double length = pieces.finished().lengthMm();
        Attachment.Wired made =
                switch (own.wireInside()) {
                    case STATED -> wired;
                    case SHORT -> inserted(wired, SHORT * length);
                    case MIDDLE -> inserted(wired, MIDDLE * length);
                };
        if (own.wireEnd() == Techniques.WireEnd.HOOK) {
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
        return made.withRidge(Limits.within(Attachment.Wired.class, "ridgeMm", ridge));
    }

    private static Attachment.Wired inserted(Attachment.Wired wired, double mm) {
        return wired.withWireInside(Limits.within(Attachment.Wired.class, "wireInsideMm", mm));
    }

    /** Rings sorted by length into the places that rings have; all else stays where it is. */
    private List<Part> ordered(List<Part> parts) {
        if (techniques.ringOrder() == Techniques.RingOrder.DESIGNED) {
            return parts;
        }
        Comparator<Petaled> bySize =
                Comparator.comparingDouble(p -> p.pieces().finished().lengthMm());
        Deque<Petaled> rings = new ArrayDeque<>(parts.stream()
                .flatMap(p -> p.flat().stream())
                .filter(Petaled::ring)
                .sorted(techniques.ringOrder() == Techniques.RingOrder.SMALL_INSIDE ? bySize : bySize.reversed())
                .toList());
        List<Part> ordered = new ArrayList<>();
        for (Part part : parts) {
            ordered.add(part.ring() ? rings.remove() : part);
        }
        return ordered;
    }
}
