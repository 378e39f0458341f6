package org.crispwhorl.core.finding;

import static org.crispwhorl.core.measure.Why.in;

import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.species.ConeRule;
import org.crispwhorl.core.species.Heart;
import org.crispwhorl.core.species.Petaled;

/** The heart stands higher than the petals glued round it reach. */
final class CentreTooTall implements Rule {
    @Override
    public List<Finding> look(Assessment a) {
        Optional<Petaled> first = GluedCentre.firstPetals(a.species());
        Optional<Heart> heart = a.species().heart();
        if (first.isEmpty() || heart.isEmpty() || GluedCentre.isBall(heart.get().form())) {
            return List.of();
        }
        double height = heart.get().form().heightMm();
        double cutter = first.get().pieces().outline().lengthMm();
        double tallest = ConeRule.tallestMm(cutter);
        if (height <= tallest + 1e-9) {
            return List.of();
        }
        double shorter = Math.floor(tallest * 2) / 2;
        double longer = Math.ceil(ConeRule.cutterFor(height));
        double diameter = Math.min(heart.get().form().diameterMm(), shorter);
        return List.of(new Finding(
                "centre-too-tall",
                Severity.STOP,
                Optional.of(heart.get().id()),
                "The first petals cannot close over the heart",
                Why.of(
                        "A heart stands no higher than half its first petals' cutter, less 5 %",
                        "Cone rule of the craft",
                        in("height of the heart", height, Unit.MM),
                        in("cutter of " + first.get().name(), cutter, Unit.MM),
                        in("tallest heart it covers", tallest, Unit.MM)),
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
}
