package org.crispwhorl.core.finding;

import static org.crispwhorl.core.measure.Why.in;

import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.species.CentreForm;

/** The way over the centre is longer than the petals laid round it reach. */
final class CentreTooTall implements Rule {
    @Override
    public List<Finding> look(Assessment a) {
        return GluedCentre.of(a)
                .filter(c -> !c.isCore() && c.closes() && c.open())
                .map(c -> List.of(finding(a, c)))
                .orElse(List.of());
    }

    private static Finding finding(Assessment a, GluedCentre centre) {
        CentreForm form = centre.centre().form();
        double before = wayMm(form) - centre.wayMm();
        double shorter = shorter(form, centre.petalMm() * GluedCentre.REACHED + before);
        double diameter = Math.min(form.diameterMm(), shorter);
        double longer = centre.cutLengthMm();
        return new Finding(
                "centre-too-tall",
                Severity.CHECK,
                Optional.of(centre.centre().id()),
                "The first petals do not close over the centre",
                Why.of(
                        "The way from a petal's base along the centre over its point, and a twentieth more, is what a petal covers",
                        "Arc of the centre's profile",
                        in("way along the centre", centre.wayMm(), Unit.MM),
                        in("petal, from its base", centre.petalMm(), Unit.MM),
                        in("needed", centre.neededMm(), Unit.MM)),
                List.of(
                        Fix.part(
                                a,
                                "make the centre " + Unit.MM.write(shorter) + " high",
                                centre.centre(),
                                h -> h.withForm(h.form().resized(diameter, shorter))),
                        Fix.pieces(
                                a,
                                "cut " + centre.petals().name() + " " + Unit.MM.write(longer) + " long",
                                centre.petals(),
                                p -> p.outlined(o -> o.withLength(longer)))));
    }

    private static final int STEPS = 60;

    /** From the axis under a centre along its skin to its top, mm. */
    private static double wayMm(CentreForm form) {
        double way = form.radiusAt(0);
        double before = form.radiusAt(0);
        for (int i = 1; i <= STEPS; i++) {
            double radius = form.radiusAt(form.heightMm() * i / STEPS);
            way += Math.hypot(radius - before, form.heightMm() / STEPS);
            before = radius;
        }
        return way;
    }

    /** The height of the same centre at which its way is so long. */
    private static double shorter(CentreForm form, double wayMm) {
        double height = Math.floor(2 * form.heightMm()) / 2;
        while (height > 2 && wayMm(form.resized(Math.min(form.diameterMm(), height), height)) > wayMm) {
            height -= 0.5;
        }
        return height;
    }
}
