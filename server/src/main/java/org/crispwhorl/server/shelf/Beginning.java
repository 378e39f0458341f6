package org.crispwhorl.server.shelf;

import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.drying.Lying;
import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.paste.Medium;
import org.crispwhorl.core.paste.Shade;
import org.crispwhorl.core.species.Attachment;
import org.crispwhorl.core.species.Choices;
import org.crispwhorl.core.species.Colouring;
import org.crispwhorl.core.species.Former;
import org.crispwhorl.core.species.Heart;
import org.crispwhorl.core.species.HeartForm;
import org.crispwhorl.core.species.Joining;
import org.crispwhorl.core.species.Overlap;
import org.crispwhorl.core.species.Pieces;
import org.crispwhorl.core.species.Place;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.species.Whorl;
import org.crispwhorl.core.thinning.Thinning;

/** What a new species begins with: a small sound flower of a heart and one ring, to be changed into another. */
final class Beginning {
    private Beginning() {}

    static Species named(String name) {
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
}
