package org.crispwhorl.core.species;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.crispwhorl.core.colour.Colouring;
import org.crispwhorl.core.drying.Lying;
import org.crispwhorl.core.measure.Usual;
import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.paste.Medium;
import org.crispwhorl.core.paste.Shade;
import org.crispwhorl.core.thinning.Thinning;

/** What a new species, and a new part, begins with: sound as it is, to be changed into another. */
public final class Beginning {
    private Beginning() {}

    /** A small flower of a centre and one ring. */
    public static Species named(String name) {
        Shade petal = new Shade("petal", "petal", "#c9b46a", 0.2);
        Shade green = new Shade("green", "green", "#3d5e33", 0.8);
        Centre centre =
                new Centre("centre", "centre", green.id(), new CentreForm.Ball(8), 20, 0, 1, 4, 100, Colouring.NONE);
        Ring ring = new Ring(
                "ring",
                "petals",
                petal.id(),
                Pieces.cut(
                        5,
                        Outline.of(26, 25, 0.62, 0.2, 2),
                        new Thinning(1.1, 0.7),
                        53,
                        Optional.of(new Former("shallow cup", 30, 9, Former.Side.CUPS_IN)),
                        Place.of(Place.Rule.FREE),
                        Overlap.TUCKED,
                        new Attachment.Wired(28, 12, 0, 3, 80, 0.9),
                        new Lying.OneSided(),
                        Joining.of(Joining.As.FIRM, Joining.Onto.DRY)),
                Colouring.dust(1));
        return new Species(
                name,
                "",
                58,
                Medium.USUAL,
                List.of(petal, green),
                List.of(centre, ring),
                Species.Finishing.NONE,
                Choices.NONE);
    }

    /** A part of every kind, in the order in which they are offered, named as makers name them, of one shade. */
    public static List<Part> parts(String shade) {
        return List.of(
                part(
                        Ring.class,
                        "ring",
                        "ring",
                        shade,
                        Map.of("pieces", taped(5, 0, Overlap.TUCKED, new Lying.OneSided()))),
                part(Centre.class, "centre", "centre", shade, Map.of("form", Usual.of(CentreForm.Ball.class))),
                part(Stamens.class, "stamens", "stamens", shade, Map.of("held", new Hold.TapedIn())),
                part(FineStamens.class, "fine-stamens", "stamens on wire", shade, Map.of()),
                part(Pistil.class, "pistil", "pistil", shade, Map.of()),
                part(
                        Roll.class,
                        "roll",
                        "rolled flower",
                        shade,
                        Map.of("from", Usual.of(RollForm.Strip.class, Map.of("folded", true)), "edge", Edge.PLAIN)),
                part(Calyx.class, "calyx", "calyx", shade, Map.of("pieces", sepals())),
                part(Bead.class, "bead", "hip", shade, Map.of()),
                part(
                        Leaf.class,
                        "leaf",
                        "leaves",
                        shade,
                        Map.of(
                                "pieces",
                                taped(3, LEAF_SEAT_MM, Overlap.APART, new Lying.Hung()),
                                "along",
                                Leaf.Along.STAGGERED)),
                part(Tendril.class, "tendril", "tendrils", shade, Map.of()),
                part(StemWrap.class, "stem-wrap", "thickened stem", shade, Map.of()),
                Usual.of(Supports.class, Map.of("id", "supports", "name", "supports")),
                Usual.of(
                        Heads.class,
                        Map.of(
                                "id",
                                "heads",
                                "name",
                                "further heads",
                                "openings",
                                List.of(Usual.of(Opening.class, Map.of("name", "buds", "open", BUD_OPEN))))));
    }

    /** How far open buds are: they show colour and no more. */
    private static final double BUD_OPEN = 0.2;

    private static <T extends Record & ShadedPart> T part(
            Class<T> kind, String id, String name, String shade, Map<String, ?> otherwise) {
        Map<String, Object> all = new HashMap<>(otherwise);
        all.putAll(Map.of("id", id, "name", name, "shade", shade, "colour", Colouring.NONE));
        return Usual.of(kind, all);
    }

    /** Leaves begin so far below the flower, mm. */
    private static final double LEAF_SEAT_MM = -25;

    /** Pieces on wires of their own, taped in once they are dry. */
    private static Pieces taped(int count, double onStemMm, Overlap overlap, Lying drying) {
        return Usual.of(
                        Pieces.class,
                        Map.of(
                                "making",
                                new Making.Sheet(Usual.of(Thinning.class)),
                                "edge",
                                Edge.PLAIN,
                                "attachment",
                                Usual.of(Attachment.Wired.class),
                                "place",
                                new Place(Place.Rule.FREE, 0, onStemMm),
                                "overlap",
                                overlap,
                                "drying",
                                drying,
                                "joining",
                                Joining.of(Joining.As.FIRM, Joining.Onto.DRY)))
                .withCount(count);
    }

    /** Sepals glued on fresh under what holds: narrow, leaning out a little beyond level. */
    private static Pieces sepals() {
        return taped(5, 0, Overlap.APART, new Lying.Hung()).with(d -> {
            d.outline = Outline.of(14, 5, 0.4, 0.4, 1.3);
            d.opensDeg = 95;
            d.attachment = Usual.of(Attachment.Glued.class);
            d.joining = Joining.of(Joining.As.SOFT, Joining.Onto.DRY);
        });
    }
}
