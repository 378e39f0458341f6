package org.crispwhorl.core.finding;

import static org.crispwhorl.core.measure.Why.in;

import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.species.Heart;
import org.crispwhorl.core.species.Petaled;

/** Petals glued round a ball do not meet on top of it. */
final class PetalsTooShortToMeet implements Rule {
    @Override
    public List<Finding> look(Assessment a) {
        Optional<Petaled> first = GluedCentre.firstPetals(a.species());
        Optional<Heart> heart = a.species().heart().filter(h -> GluedCentre.isBall(h.form()));
        if (first.isEmpty() || heart.isEmpty()) {
            return List.of();
        }
        double seat = first.get().pieces().place().seatMm() - heart.get().seatMm();
        double needed = toTheTop(heart.get(), seat);
        double length = first.get().pieces().finished().lengthMm();
        if (length >= needed - 1e-9) {
            return List.of();
        }
        double cut = Math.ceil(2 * needed / first.get().pieces().growth()) / 2;
        double size = Math.floor(heart.get().form().diameterMm() * length / needed);
        return List.of(new Finding(
                "petals-too-short-to-meet",
                heart.get().form().volumeMm3() == 0 ? Severity.STOP : Severity.LOOK,
                Optional.of(first.get().id()),
                "Too short to meet over the ball",
                Why.of(
                        "From below half the circumference, from the equator a quarter: the arc from their seat to the top",
                        "Arc of a circle",
                        in("ball", heart.get().form().diameterMm(), Unit.MM),
                        in("seat above its foot", seat, Unit.MM),
                        in("arc to the top", needed, Unit.MM),
                        in("finished length", length, Unit.MM)),
                List.of(
                        Mend.pieces(
                                a,
                                "cut them " + Unit.MM.write(cut) + " long",
                                first.get(),
                                p -> p.outlined(o -> o.withLength(cut))),
                        Mend.part(
                                a,
                                "use a ball of " + Unit.MM.write(size),
                                heart.get(),
                                h -> h.withForm(h.form().resized(size, size))))));
    }

    /** Length of arc from a height above the foot up to the top, mm. */
    private static double toTheTop(Heart heart, double seatMm) {
        double radius = heart.form().diameterMm() / 2;
        double middle = heart.form().heightMm() - radius;
        double above = Math.max(-1, Math.min(1, (seatMm - middle) / radius));
        return radius * Math.acos(above);
    }
}
