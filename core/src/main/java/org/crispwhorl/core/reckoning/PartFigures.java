package org.crispwhorl.core.reckoning;

import static org.crispwhorl.core.measure.Why.in;

import java.util.List;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.assessment.Work;
import org.crispwhorl.core.measure.Figure;
import org.crispwhorl.core.measure.Figure.Group;
import org.crispwhorl.core.measure.Figures;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.species.Part;

/** The figures of a part: what its kind says of itself, where it stands, its paste, its drying, its hands. */
final class PartFigures {
    private PartFigures() {}

    static List<Figure> of(Assessment a, Part part) {
        Figures figures = new Figures();
        part.figures(figures, a);
        part.flat().ifPresentOrElse(petaled -> PetaledFigures.add(figures, a, petaled), () -> paste(figures, a, part));
        DryingFigures.add(figures.in(Group.DRYING), a, part);
        hands(figures, a, part);
        return figures.list();
    }

    private static void paste(Figures figures, Assessment a, Part part) {
        double grams = a.pasteG(part);
        if (grams > 0) {
            figures.in(Group.PASTE)
                    .add(
                            "pieceMass",
                            "paste",
                            grams,
                            Unit.G,
                            Why.of(
                                    "Volume × density",
                                    "Density of the medium",
                                    in("volume", 1000 * grams / a.paste().densityGPerCm3(), Unit.CUBIC_MM),
                                    in("density", a.paste().densityGPerCm3(), Unit.G_PER_CM3)));
        }
    }

    private static void hands(Figures figures, Assessment a, Part part) {
        double make = Work.makeMin(a, part);
        double join = Work.joinMin(a, part);
        double colour = Work.colourMin(a, part);
        figures.in(Group.TIME)
                .add(
                        "labour",
                        "working time",
                        make + join + colour,
                        Unit.MIN,
                        Why.of(
                                "Make + join + colour, by the studio's pace",
                                "The studio's pace",
                                in("make", make, Unit.MIN),
                                in("join", join, Unit.MIN),
                                in("colour", colour, Unit.MIN)));
    }
}
