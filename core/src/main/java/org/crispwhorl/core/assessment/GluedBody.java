package org.crispwhorl.core.assessment;

import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import org.crispwhorl.core.drying.Body;
import org.crispwhorl.core.drying.DryingCourse;
import org.crispwhorl.core.form.PlacedRing;
import org.crispwhorl.core.paste.Stage;
import org.crispwhorl.core.solid.Solid;
import org.crispwhorl.core.species.Centre;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Pieces;

/**
 * A centre with what is glued or wound over it, which dries as one body: what is glued makes it larger and lends it its paste.
 * ℓ = paste ÷ (S₀·((V₀ + V₊)/V₀)^(2/3)); a bought core lends its shape but no paste.
 *
 * @param shapeMm3 volume V₀ of what is glued on, a bought core with it
 * @param surfaceMm2 surface S₀ of that
 * @param pasteMm3 paste in it
 * @param gluedMm3 paste V₊ that is glued on it: every piece as far as it is glued
 */
public record GluedBody(double shapeMm3, double surfaceMm2, double pasteMm3, double gluedMm3) {
    /** The fused body of a flower; none where nothing of paste is glued on anything. */
    public static Optional<GluedBody> of(Assessment a) {
        double glued = 0;
        double firstMm3 = 0;
        double firstMm2 = 0;
        for (PlacedRing ring : a.form().faceRings()) {
            Pieces pieces = ring.part().pieces();
            if (pieces.wired().isPresent() || !a.dries(ring.part())) {
                continue;
            }
            double area = pieces.count() * pieces.finished().areaMm2();
            double paste = area * pieces.finishedMm(a.paste());
            glued += paste * pieces.attachment().gluedShare();
            firstMm3 = firstMm3 == 0 ? paste : firstMm3;
            firstMm2 = firstMm2 == 0 ? 2 * area : firstMm2;
        }
        if (glued == 0) {
            return Optional.empty();
        }
        Optional<Centre> centre =
                a.species().centre().filter(c -> c.form().core() || c.form().volumeMm3() > 0);
        if (centre.isEmpty()) {
            return Optional.of(new GluedBody(firstMm3, firstMm2, firstMm3, glued));
        }
        Solid.Turned shape =
                new Solid.Turned(0, centre.get().form().heightMm(), centre.get().form()::radiusAt);
        double paste = centre.get().form().volumeMm3();
        return Optional.of(
                centre.get().form().core()
                        ? new GluedBody(shape.volumeMm3(), shape.surfaceMm2(), paste, glued)
                        : new GluedBody(paste, centre.get().form().surfaceMm2(), paste, glued));
    }

    private static final double TWO_THIRDS = 2.0 / 3;

    /** Its drying length, mm. */
    public double lengthMm() {
        double grown = Math.pow((shapeMm3 + gluedMm3) / shapeMm3, TWO_THIRDS);
        return (pasteMm3 + gluedMm3) / (surfaceMm2 * grown);
    }

    /** What is glued into it: the centre, and every ring of paste that is glued. */
    public static List<Part> parts(Assessment a) {
        return a.species().parts().stream()
                .filter(a::dries)
                .filter(p -> a.species().centre().filter(h -> p == (Part) h).isPresent() || p.glued())
                .toList();
    }

    /**
     * Hours from when its last part was glued on until it has come to a stage. It does not start fresh: its parts have dried before,
     * each in its own time, and it starts from their progress to that stage, joined by mass.
     *
     * @param aloneH for each part the hours from when it was made until then
     */
    public double hoursTo(Stage stage, Assessment a, ToDoubleFunction<Part> aloneH) {
        double fresh = course(a).at(stage).map(DryingCourse.Reached::safeByH).orElse(Double.POSITIVE_INFINITY);
        double mass = 0;
        double way = 0;
        for (Part part : parts(a)) {
            double grams = a.pasteG(part);
            double alone = a.drying(part)
                    .flatMap(c -> c.at(stage))
                    .map(DryingCourse.Reached::medianH)
                    .orElse(Double.POSITIVE_INFINITY);
            mass += grams;
            way += grams * (alone == 0 ? 1 : Math.min(1, aloneH.applyAsDouble(part) / alone));
        }
        return mass > 0 && !Double.isInfinite(fresh) ? fresh * (1 - way / mass) : fresh;
    }

    /** The course of its drying, were it fresh. */
    private DryingCourse course(Assessment a) {
        return DryingCourse.of(a.paste(), Body.of(lengthMm()), a.roomOfFlower(), a.spread());
    }
}
