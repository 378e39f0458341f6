package org.crispwhorl.files.picture;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import org.crispwhorl.core.colour.Colouring;
import org.crispwhorl.core.drying.Lying;
import org.crispwhorl.core.measure.Usual;
import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.paste.Medium;
import org.crispwhorl.core.paste.Shade;
import org.crispwhorl.core.species.Attachment;
import org.crispwhorl.core.species.Centre;
import org.crispwhorl.core.species.CentreForm;
import org.crispwhorl.core.species.Choices;
import org.crispwhorl.core.species.Joining;
import org.crispwhorl.core.species.Leaf;
import org.crispwhorl.core.species.Overlap;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Pieces;
import org.crispwhorl.core.species.Place;
import org.crispwhorl.core.species.Ring;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.species.Stamens;
import org.crispwhorl.core.thinning.Thinning;

/** The flowers of usual values on which choices are pictured. */
public final class PicturedFlowers {
    private PicturedFlowers() {}

    static final Shade PETAL = new Shade("petal", "petal", "#c97f98", 0.35);
    static final Shade GREEN = new Shade("green", "green", "#5c7a45", 0.6);

    static final Outline BROAD = Outline.of(24, 25, 0.62, 0.25, 2);

    static Species species(Part... parts) {
        return new Species(
                "picture",
                "",
                50,
                Medium.USUAL,
                List.of(PETAL, GREEN),
                List.of(parts),
                Species.Finishing.NONE,
                Choices.NONE);
    }

    static Centre centre(CentreForm form) {
        return new Centre("centre", "centre", GREEN.id(), form, 22, 0, 1, 3, 50, Colouring.NONE);
    }

    static Centre centre() {
        return centre(new CentreForm.Ball(7));
    }

    static Ring ring(int count, Function<Pieces, Pieces> edit) {
        Pieces pieces = Pieces.cut(
                count,
                BROAD,
                new Thinning(1, 0.8),
                75,
                Optional.empty(),
                Place.of(Place.Rule.FREE),
                Overlap.TUCKED,
                Usual.of(Attachment.Wired.class),
                new Lying.OneSided(),
                Joining.of(Joining.As.FIRM, Joining.Onto.DRY));
        return new Ring("ring", "ring", PETAL.id(), edit.apply(pieces), Colouring.NONE);
    }

    static Pieces flat(Pieces pieces) {
        return pieces.with(d -> {
            d.opensDeg = 90;
            d.outline = Outline.of(34, 28, 0.6, 0.2, 2);
        });
    }

    static Stamens stamens(Stamens.StamenArrangement arrangement) {
        return new Stamens(
                "stamens",
                "stamens",
                PETAL.id(),
                16,
                Stamens.Use.FOLDED,
                0.3,
                1.4,
                14,
                11,
                2,
                arrangement,
                1,
                0,
                Colouring.NONE);
    }

    static Leaf leaves(Leaf.Along along) {
        Pieces pieces = ring(
                        6,
                        p -> p.with(d -> {
                            d.outline = Outline.of(20, 9, 0.45, 0.1, 1.4);
                            d.opensDeg = 65;
                            d.overlap = Overlap.APART;
                            d.place = new Place(Place.Rule.FREE, 20, -12);
                        }))
                .pieces();
        return new Leaf(
                "leaf", "leaf", GREEN.id(), pieces, along, 3, along == Leaf.Along.STAGGERED ? 6 : 14, Colouring.NONE);
    }
}
