package org.crispwhorl.core.assessment;

import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import org.crispwhorl.core.drying.Body;
import org.crispwhorl.core.drying.DryingCourse;
import org.crispwhorl.core.drying.DryingLaw;
import org.crispwhorl.core.form.PetalSurface;
import org.crispwhorl.core.form.PlacedRing;
import org.crispwhorl.core.paste.Stage;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Pieces;

/**
 * Layers that are glued on each other, which dry as one thick body and not as separate sheets: ℓ = the thickest + the rest as far as
 * they are glued on each other, for water goes round what is glued by a little only.
 *
 * @param thickestMm the thickest of them
 * @param sumMm all of them together, a ring that laps itself by its mean number of layers
 * @param gluedMm how far they are glued on each other on the mean
 */
public record GluedBody(double thickestMm, double sumMm, double gluedMm) {
    /** Rings lap themselves no further than this, for the reckoning of layers. */
    private static final double MOST_LAPS = 3;

    private static final int STEPS = 24;

    /** The fused body of a flower; none where nothing of paste is glued on anything. */
    public static Optional<GluedBody> of(Assessment a) {
        double thickest = 0;
        double sum = 0;
        double way = 0;
        int rings = 0;
        for (PlacedRing ring : a.form().faceRings()) {
            Pieces pieces = ring.part().pieces();
            if (pieces.wired().isPresent() || !a.dries(ring.part())) {
                continue;
            }
            double thick = pieces.finishedMm(a.paste());
            double laps = laps(pieces, ring.surface());
            thickest = Math.max(thickest, thick);
            sum += laps * thick;
            way += pieces.attachment().gluedShare() * pieces.finished().lengthMm();
            rings++;
        }
        if (rings == 0 || way == 0) {
            return Optional.empty();
        }
        double centre = a.species()
                .centre()
                .filter(a::dries)
                .flatMap(h -> a.body((Part) h))
                .map(Body::firstMm)
                .orElse(0.0);
        return Optional.of(new GluedBody(Math.max(thickest, centre), sum + centre, way / rings));
    }

    /** How many layers of its own a ring lays on what it is glued to, on the mean: its area there over that of the skin. */
    private static double laps(Pieces pieces, PetalSurface surface) {
        double share = pieces.attachment().gluedShare();
        double way = share * pieces.finished().lengthMm();
        if (way <= 0) {
            return 1;
        }
        double skin = 0;
        double step = way / STEPS;
        for (int i = 0; i < STEPS; i++) {
            skin += 2 * Math.PI * Math.max(0, surface.radius(surface.startMm() + (i + 0.5) * step)) * step;
        }
        double laid = pieces.count() * share * pieces.finished().areaMm2();
        return Math.max(1, Math.min(MOST_LAPS, laid / skin));
    }

    /** Its drying length, mm. */
    public double lengthMm() {
        return thickestMm + (sumMm - thickestMm) * Math.min(1, gluedMm / (2 * sumMm));
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
     * each in its own time, and it starts from their mean by mass.
     *
     * @param aloneH for each part the hours from when it was made until then
     */
    public double hoursTo(Stage stage, Assessment a, ToDoubleFunction<Part> aloneH) {
        double fresh = safeH(course(a), stage);
        double goal = DryingLaw.of(a.paste()).leftAt(stage, a.roomOfFlower());
        if (goal <= 0 || Double.isInfinite(fresh)) {
            return fresh;
        }
        double mass = 0;
        double left = 0;
        for (Part part : parts(a)) {
            double grams = a.pasteG(part);
            double way = aloneH.applyAsDouble(part)
                    / a.drying(part).map(c -> safeH(c, stage)).orElse(fresh);
            mass += grams;
            left += grams * Math.pow(goal, way);
        }
        return mass > 0 ? fresh * Math.max(0, 1 - Math.log(left / mass) / Math.log(goal)) : fresh;
    }

    private static double safeH(DryingCourse course, Stage stage) {
        return course.at(stage).map(DryingCourse.Reached::safeByH).orElse(Double.POSITIVE_INFINITY);
    }

    /** The course of its drying, were it fresh. */
    private DryingCourse course(Assessment a) {
        return DryingCourse.of(a.paste(), Body.of(lengthMm()), a.roomOfFlower(), a.spread());
    }
}
