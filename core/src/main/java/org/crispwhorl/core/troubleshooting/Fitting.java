package org.crispwhorl.core.troubleshooting;

import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.paste.Shade;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.PieceSort;

/** What goes wrong where pieces meet, and where there is not enough. */
final class Fitting {
    private final Signs s;

    Fitting(Signs signs) {
        this.s = signs;
    }

    void gap() {
        s.may(
                "There are too few petals, or they are too narrow, where it is.",
                s.finding("ring-gap").map(f -> f.title() + ".").orElse("As designed it closes."),
                "Set one petal more behind the gap, or push the others closer while the glue is wet.",
                s.finding("ring-gap").isPresent()
                        ? "Take the fix that the plate offers."
                        : "Measure a petal: it may have come out smaller than designed.",
                Signs.MAY_BE + s.answered(0) + s.found("ring-gap"));
        s.pieces()
                .ifPresent(p -> s.may(
                        "They came out smaller than designed.",
                        "They are to be " + Unit.MM.write(p.finished().lengthMm()) + " × "
                                + Unit.MM.write(p.finished().widthMm()) + " at "
                                + Unit.FINE_MM.write(p.finishedMm(s.a.paste()))
                                + ".",
                        "Those that are not yet set can be thinned until they are that size.",
                        "Measure the first at the bench and tell; it says how far to go on.",
                        Signs.MAY_BE + s.answered(0)));
        s.may(
                "The neck shows between the petals and the centre.",
                s.finding("neck-shows").map(f -> f.title() + ".").orElse("As designed the neck is covered."),
                "Cover it with a ring of short stamens, or a bead of paste textured with a brush.",
                s.finding("neck-shows").isPresent()
                        ? "Take the fix that the plate offers."
                        : "Set the petals' feet closer under the centre.",
                s.answered(1) * 2 + s.found("neck-shows"));
    }

    void ranOut() {
        for (Shade shade : s.a.species().shades()) {
            double grams = s.a.shadeG(shade.id());
            boolean own = s.part.flatMap(Part::shadeId).map(shade.id()::equals).orElse(true);
            if (grams > 0 && own) {
                s.may(
                        "More of " + shade.name() + " went than was mixed.",
                        "One flower takes " + Unit.G.write(Math.rint(10 * grams) / 10)
                                + ", with what cannot be kneaded in again; "
                                + Unit.PERCENT.write(Math.rint(1000
                                                * s.a.conditions()
                                                        .kit()
                                                        .spares(s.part.map(Part::breaksAs)
                                                                .orElse(PieceSort.ANY))
                                                        .meanShare())
                                        / 10)
                                + " of the pieces are reckoned to break.",
                        "Mix " + Unit.PERCENT.write(Math.rint(100 * shade.share()))
                                + " of the strong colour with white for what is left, and match it dry beside a finished piece: wet paste looks darker.",
                        s.answered(1) > 0
                                ? "Half of it missing points to thickness: paste rolled a tenth too thick takes a tenth more."
                                : "Mix a tenth more, and wrap what is left: it can be kneaded in again for a day.",
                        Signs.MAY_BE);
            }
        }
        s.may(
                "It was rolled or left thicker than designed.",
                s.pieces()
                        .map(p -> "This part is to be rolled "
                                + Unit.FINE_MM.write(
                                        p.thinning().map(t -> t.rolledMm()).orElse(p.finishedMm(s.a.paste())))
                                + " thick.")
                        .orElse("What is rolled a tenth too thick takes a tenth more."),
                "Roll what is left to the gauge or the setting.",
                "Check the roller's setting with a thickness gauge: the quick figures have one.",
                Signs.MAY_BE + s.answered(1));
    }
}
