package org.crispwhorl.core.species;

import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.drying.Lying;
import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.paste.Medium;
import org.crispwhorl.core.paste.Shade;
import org.crispwhorl.core.thinning.Thinning;

/** What a new species, and a new part, begins with: sound as it is, to be changed into another. */
public final class Beginning {
    private Beginning() {}

    /** A small flower of a heart and one ring. */
    public static Species named(String name) {
        Shade petal = new Shade("petal", "petal", "#c9b46a", 0.2);
        Shade green = new Shade("green", "green", "#3d5e33", 0.8);
        Heart heart = new Heart("heart", "heart", green.id(), new HeartForm.Ball(8), 20, 0, 1, 4, 100, Colouring.NONE);
        Whorl ring = new Whorl(
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
                Medium.GUM_PASTE,
                List.of(petal, green),
                List.of(heart, ring),
                Species.Finishing.NONE,
                Choices.NONE);
    }

    /** A part of every kind, in the order in which they are offered, named as makers name them, of one shade. */
    public static List<Part> parts(String shade) {
        Colouring none = Colouring.NONE;
        return List.of(
                new Whorl("ring", "ring", shade, taped(5, 0, Overlap.TUCKED, new Lying.OneSided()), none),
                new Heart("heart", "heart", shade, new HeartForm.Ball(8), 26, 0, 1, 0, 100, none),
                new Stamens(
                        "stamens",
                        "stamens",
                        shade,
                        20,
                        Stamens.Use.FOLDED,
                        0.3,
                        1.2,
                        12,
                        6,
                        2,
                        Stamens.Stand.RING,
                        1,
                        2,
                        none),
                new FineStamens("fine-stamens", "stamens on wire", shade, 6, 33, 16, 4, 360, 3, 1.2, 0, 60, none),
                new Pistil("pistil", "pistil", shade, 3, 14, 6, 120, 6, 40, none),
                new Roll(
                        "roll",
                        "rolled flower",
                        shade,
                        new RollForm.Strip(160, 30, true),
                        1,
                        0.6,
                        2,
                        0,
                        0,
                        Edge.PLAIN,
                        none),
                new Calyx("calyx", "calyx", shade, calyx(), none),
                new Bead("bead", "hip", shade, 8, 9, -1, none),
                new Leaf(
                        "leaf",
                        "leaves",
                        shade,
                        taped(3, -25, Overlap.APART, new Lying.Hung()),
                        Leaf.Along.STAGGERED,
                        20,
                        none),
                new Tendril("tendril", "tendrils", shade, 2, 30, 15, 6, 3, -20, 40, none),
                new StemWrap("stem-wrap", "thickened stem", shade, 5, 80, StemWrap.With.TAPE, none),
                new Heads(
                        "heads",
                        "further heads",
                        Heads.Arrangement.SPIKE,
                        List.of(new Heads.Opening("buds", 3, 0.6, 1, 0.2)),
                        14,
                        6,
                        70,
                        25,
                        15,
                        18,
                        100));
    }

    /** Pieces on wires of their own, taped in once they are dry. */
    private static Pieces taped(int count, double seatMm, Overlap overlap, Lying drying) {
        return Pieces.cut(
                count,
                Outline.of(28, 22, 0.6, 0.2, 2),
                new Thinning(1.1, 0.7),
                70,
                Optional.empty(),
                new Place(Place.Rule.FREE, 0, seatMm),
                overlap,
                new Attachment.Wired(26, 12, 0, 3, 80, 0.9),
                drying,
                Joining.of(Joining.As.FIRM, Joining.Onto.DRY));
    }

    /** Sepals glued on fresh under what holds. */
    private static Pieces calyx() {
        return Pieces.cut(
                5,
                Outline.of(14, 5, 0.4, 0.4, 1.3),
                new Thinning(1, 0.7),
                95,
                Optional.empty(),
                Place.of(Place.Rule.FREE),
                Overlap.APART,
                new Attachment.Glued(0.3, 0.5, Optional.empty()),
                new Lying.Hung(),
                Joining.of(Joining.As.SOFT, Joining.Onto.DRY));
    }
}
