package org.crispwhorl.core.reckoning;

import static org.crispwhorl.core.measure.Why.in;

import java.util.List;
import org.crispwhorl.core.measure.Figure;
import org.crispwhorl.core.measure.Figure.Group;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.species.Part;

/** The figures that every part of paste has: its mass, its drying, its hands. */
final class PasteFigures {
    private PasteFigures() {}

    static void of(Figures figures, Assessment a, Part part) {
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

    /** Adds drying and hands, which stand last. */
    static List<Figure> finished(Figures figures, Assessment a, Part part) {
        DryingFigures.add(figures.in(Group.DRYING), a, part);
        double make = Work.makeMin(a, part);
        double join = Work.joinMin(a, part);
        double colour = Work.colourMin(a, part);
        return figures.in(Group.TIME)
                .add(
                        "hands",
                        "hands",
                        make + join + colour,
                        Unit.MIN,
                        Why.of(
                                "Make + join + colour, by the studio's pace",
                                "Pace of the kit",
                                in("make", make, Unit.MIN),
                                in("join", join, Unit.MIN),
                                in("colour", colour, Unit.MIN)))
                .list();
    }
}
