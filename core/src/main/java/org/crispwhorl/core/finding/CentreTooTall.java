package org.crispwhorl.core.finding;

import static org.crispwhorl.core.measure.Why.in;

import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.species.Heart;
import org.crispwhorl.core.species.HeartForm;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.species.Pieces;

/** The heart stands higher than the petals glued round it reach. */
final class CentreTooTall implements Rule {
    @Override
    public List<Finding> look(Assessment a) {
        Optional<Petaled> first = GluedCentre.firstPetals(a.species());
        Optional<Heart> heart = a.species().heart();
        if (first.isEmpty() || heart.isEmpty() || GluedCentre.isBall(heart.get().form())) {
            return List.of();
        }
        if (!GluedCentre.closesOver(first.get(), heart.get())) {
            return List.of();
        }
        Pieces pieces = first.get().pieces();
        double way = wayMm(heart.get().form());
        double middle = pieces.making().finishedMiddleMm() / 2;
        double petal = middle + pieces.finished().lengthMm();
        double needed = way / REACHED;
        if (petal >= needed - 1e-9) {
            return List.of();
        }
        double longer = Math.ceil(2 * (needed - middle) / pieces.growth()) / 2;
        double shorter = shorter(heart.get().form(), petal * REACHED);
        double diameter = Math.min(heart.get().form().diameterMm(), shorter);
        return List.of(new Finding(
                "centre-too-tall",
                Severity.LOOK,
                Optional.of(heart.get().id()),
                "The first petals do not close over the heart",
                Why.of(
                        "The way from under the heart along its skin to its point, and a twentieth more, is what a petal covers",
                        "Arc of the heart's profile",
                        in("way along the heart", way, Unit.MM),
                        in("petal, from the middle of its cut", petal, Unit.MM),
                        in("needed", needed, Unit.MM)),
                List.of(
                        Mend.part(
                                a,
                                "make the heart " + Unit.MM.write(shorter) + " high",
                                heart.get(),
                                h -> h.withForm(h.form().resized(diameter, shorter))),
                        Mend.pieces(
                                a,
                                "cut " + first.get().name() + " " + Unit.MM.write(longer) + " long",
                                first.get(),
                                p -> p.outlined(o -> o.withLength(longer))))));
    }

    /** A petal covers what it reaches, less this. */
    private static final double REACHED = 0.95;

    private static final int STEPS = 60;

    /** From the axis under a heart along its skin to its top, mm. */
    private static double wayMm(HeartForm form) {
        double way = form.radiusAt(0);
        double before = form.radiusAt(0);
        for (int i = 1; i <= STEPS; i++) {
            double radius = form.radiusAt(form.heightMm() * i / STEPS);
            way += Math.hypot(radius - before, form.heightMm() / STEPS);
            before = radius;
        }
        return way;
    }

    /** The height of the same heart at which its way is so long. */
    private static double shorter(HeartForm form, double wayMm) {
        double height = Math.floor(2 * form.heightMm()) / 2;
        while (height > 2 && wayMm(form.resized(Math.min(form.diameterMm(), height), height)) > wayMm) {
            height -= 0.5;
        }
        return height;
    }
}
