package org.crispwhorl.core;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.crispwhorl.core.colour.Carrier;
import org.crispwhorl.core.colour.Colouring;
import org.crispwhorl.core.colour.Dip;
import org.crispwhorl.core.colour.How;
import org.crispwhorl.core.colour.Pass;
import org.crispwhorl.core.colour.Zone;
import org.crispwhorl.core.drying.Lying;
import org.crispwhorl.core.form.FlowerForm;
import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.paste.Medium;
import org.crispwhorl.core.paste.Paste;
import org.crispwhorl.core.paste.Shade;
import org.crispwhorl.core.paste.Stage;
import org.crispwhorl.core.species.Attachment;
import org.crispwhorl.core.species.Calyx;
import org.crispwhorl.core.species.Centre;
import org.crispwhorl.core.species.CentreForm;
import org.crispwhorl.core.species.Choices;
import org.crispwhorl.core.species.Former;
import org.crispwhorl.core.species.Heads;
import org.crispwhorl.core.species.Hold;
import org.crispwhorl.core.species.Joining;
import org.crispwhorl.core.species.Leaf;
import org.crispwhorl.core.species.Opening;
import org.crispwhorl.core.species.Overlap;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.species.Pieces;
import org.crispwhorl.core.species.Place;
import org.crispwhorl.core.species.Ring;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.species.Stamens;
import org.crispwhorl.core.species.StamensBuilder;
import org.crispwhorl.core.species.Techniques;
import org.crispwhorl.core.thinning.Thinning;
import org.crispwhorl.core.wire.WireTable;

/** Flowers to test with. */
public final class Garden {
    public static final Shade PINK = new Shade("pink", "pink", "#c03a5a", 0.3);
    public static final Shade PALE = new Shade("pale", "pale pink", "#c03a5a", 0.05);
    public static final Shade GREEN = new Shade("green", "green", "#35562c", 0.8);
    public static final Attachment.Wired WIRED = new Attachment.Wired(26, 12, 0, 0, 80, 0.9);
    public static final Former CUP = new Former("shallow cup", 30, 9, Former.Side.CUPS_IN);

    private Garden() {}

    /** A flower put together of the usual paste and wires. */
    public static FlowerForm form(Species species) {
        return FlowerForm.of(species, Paste.usual(species.medium()), WireTable.STANDARD);
    }

    /** Cupped petals of a cutter's outline, wired, tucked; they begin at that lean and bend in from there. */
    public static Pieces petals(int count, double lengthMm, double widthMm, double opensDeg) {
        return Pieces.cut(
                count,
                Outline.of(lengthMm, widthMm, 0.62, 0.2, 2),
                THINNED,
                opensDeg - halfBendDeg(lengthMm),
                Optional.of(CUP),
                Place.of(Place.Rule.IN_THE_GAPS),
                Overlap.TUCKED,
                WIRED,
                new Lying.OneSided(),
                Joining.of(Joining.As.FIRM, Joining.Onto.DRY));
    }

    public static Ring ring(String id, Pieces pieces) {
        return new Ring(id, id, PINK.id(), pieces, Colouring.dust(1));
    }

    public static Centre ball(double diameterMm) {
        return new Centre(
                "centre", "centre", GREEN.id(), new CentreForm.Ball(diameterMm), 20, 0, 1, 4, 90, Colouring.NONE);
    }

    public static Stamens stamens(int strands, double ringMm, int rows) {
        return new Stamens(
                "stamens",
                "stamens",
                PALE.id(),
                strands,
                Stamens.Use.FOLDED,
                0.3,
                1.2,
                12,
                ringMm,
                rows,
                Stamens.StamenArrangement.RING,
                1,
                2,
                Colouring.dust(1));
    }

    /** So many strands with one head each, pushed in soft. */
    public static Stamens pushedIn(int strands) {
        Stamens ring = stamens(strands, 3, 1);
        return StamensBuilder.builder(ring)
                .use(Stamens.Use.SINGLE)
                .held(new Hold.PushedIn(4))
                .build();
    }

    public static Species species(double faceMm, Part... parts) {
        return new Species(
                "Test flower",
                "",
                faceMm,
                Medium.GUM_PASTE,
                List.of(PINK, PALE, GREEN),
                List.of(parts),
                Species.Finishing.NONE,
                Choices.NONE);
    }

    /** A wild rose on which nothing is wrong: ball, stamens, five petals, five sepals apart, three leaves. */
    public static Species rose() {
        Pieces sepals = apart(Pieces.cut(
                5,
                Outline.of(14, 5, 0.4, 0.4, 1.3),
                new Thinning(0.9, 0.6),
                95,
                Optional.empty(),
                Place.of(Place.Rule.IN_THE_GAPS),
                Overlap.APART,
                Attachment.Glued.BASE,
                new Lying.Hung(),
                Joining.of(Joining.As.FIRM, Joining.Onto.DRY)));
        Pieces leaves = Pieces.cut(
                3,
                Outline.of(26, 14, 0.45, 0.1, 1.4),
                new Thinning(1.2, 0.8),
                75,
                Optional.empty(),
                new Place(Place.Rule.FREE, 20, -30),
                Overlap.APART,
                WIRED,
                new Lying.Hung(),
                Joining.of(Joining.As.FIRM, Joining.Onto.DRY));
        return species(
                54,
                ball(8),
                stamens(30, 7, 3),
                ring("petals", petals(5, 26, 25, 70)),
                new Calyx("calyx", "calyx", GREEN.id(), sepals, Colouring.NONE),
                new Leaf("leaves", "leaves", GREEN.id(), leaves, Leaf.Along.COLLAR, 0, Colouring.dust(1)));
    }

    /** A small double: a cone wrapped by glued petals in two rings that are joined while they bend. */
    public static Species bud() {
        Pieces first = glued(petals(4, 26, 24, 5).withOpensDeg(-15), 0);
        Pieces second = glued(petals(8, 30, 27, 50).withOpensDeg(27), 1);
        Centre cone =
                new Centre("centre", "cone", PINK.id(), new CentreForm.Cone(12, 11), 20, 0, 1, 6, 80, Colouring.NONE);
        return species(47, cone, ring("first", first), ring("second", second));
    }

    private static Pieces glued(Pieces p, int ring) {
        return p.with(d -> {
            d.former = Optional.of(new Former("spoon " + ring, 30, 5, Former.Side.CUPS_IN));
            d.place = Place.of(Place.Rule.SPIRAL);
            d.overlap = Overlap.SUCCESSIVE;
            d.attachment = Attachment.Glued.BASE;
            d.joining = Joining.of(Joining.As.PART_DRY, Joining.Onto.HOLDS);
        });
    }

    public static Pieces apart(Pieces p) {
        return p.withOverlap(Overlap.APART);
    }

    /** The same petals laid flat, at the lean at which they began. */
    public static Pieces flat(Pieces p) {
        return p.withFormer(Optional.empty())
                .withOpensDeg(p.opensDeg() + halfBendDeg(p.outline().lengthMm()));
    }

    private static final Thinning THINNED = new Thinning(1.1, 0.7);

    /** How far a petal in the usual cup bends from its base to its middle, degrees. */
    private static double halfBendDeg(double lengthMm) {
        return Math.toDegrees(lengthMm * THINNED.growth() / CUP.sphereRadiusMm() / 2);
    }

    public static Pieces lying(Pieces p, Lying lying) {
        return p.with(d -> d.drying = lying);
    }

    public static Pieces overlapping(Pieces p, Overlap overlap) {
        return p.withOverlap(overlap);
    }

    /** A species with the pieces of one part changed. */
    public static Species changed(Species species, String id, UnaryOperator<Pieces> change) {
        Petaled part = (Petaled) species.part(id).orElseThrow();
        return species.with(part.with(change.apply(part.pieces())));
    }

    public static Species in(Species s, Medium medium) {
        return s.withMedium(medium);
    }

    public static Species dusted(Species s, Techniques.Dusting dusting) {
        return s.withTechniques(Choices.NONE.withDusting(Optional.of(dusting)));
    }

    public static Species shaded(Species s, Shade... shades) {
        return s.withShades(List.of(shades));
    }

    public static Species without(Species s, String id) {
        return s.without(id);
    }

    /** A species with a part more, outside all others. */
    public static Species and(Species s, Part part) {
        List<Part> parts = new ArrayList<>(s.parts());
        parts.add(part);
        return s.withParts(parts);
    }

    /** A spike of heads in two stages of opening on a stem of a gauge. */
    public static Heads spike(int count, int gauge) {
        return new Heads(
                "spike",
                "spike",
                Heads.Arrangement.SPIKE,
                List.of(new Opening("buds", count / 2, 0.4, 0, 0), new Opening("open", count - count / 2, 0.8, 1, 0.9)),
                14,
                6,
                70,
                25,
                15,
                gauge,
                100);
    }

    /** So many passes of dust on firm paste, and of paint at a stage. */
    public static Colouring passes(int dust, int paint, Stage at) {
        List<Pass> all = new ArrayList<>(Colouring.dust(dust).passes());
        Pass wash = pass(Zone.ALL, 0, 0, 1)
                .withHow(How.WASHED)
                .withCarrier(Carrier.SPIRIT)
                .withLetDown(1)
                .withAt(at);
        all.addAll(Collections.nCopies(paint, wash));
        return new Colouring(all);
    }

    /** A pass of dust on both sides of firm pieces, brushed off. */
    public static Pass pass(Zone zone, double reachMm, double fadeMm, double strength, Dip... dips) {
        return new Pass(
                How.DUSTED,
                List.of(dips),
                Carrier.NOTHING,
                0,
                Pass.PieceSide.BOTH,
                zone,
                reachMm,
                fadeMm,
                strength,
                Pass.GoesOn.PIECE,
                Stage.FIRM,
                true);
    }
}
