package org.crispwhorl.core.finding;

import static org.crispwhorl.core.measure.Why.in;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.species.Heart;
import org.crispwhorl.core.species.Stamens;

/** Stamens that the heart stands over are not seen. */
final class StamensHidden implements Rule {
    /** How far heads stand over the heart once mended, mm. */
    private static final double CLEAR_MM = 2;

    @Override
    public List<Finding> look(Assessment a) {
        List<Finding> found = new ArrayList<>();
        Optional<Heart> heart = a.species().heart();
        for (Stamens stamens : a.species().all(Stamens.class)) {
            if (heart.isPresent()
                    && stamens.ringMm() + stamens.headMm() / 2
                            <= heart.get().form().diameterMm() / 2
                    && stamens.standMm() + stamens.headMm() / 2 <= heart.get().topMm()) {
                found.add(finding(a, stamens, heart.get()));
            }
        }
        return found;
    }

    private static Finding finding(Assessment a, Stamens stamens, Heart heart) {
        double stand = Math.ceil(heart.topMm() + CLEAR_MM);
        double ring = Math.ceil(heart.form().diameterMm() / 2 + stamens.headMm());
        return new Finding(
                "stamens-hidden",
                Severity.LOOK,
                Optional.of(stamens.id()),
                "The heart hides the stamens",
                Why.of(
                        "Heads stand higher than the heart, or outside it",
                        "Section of the flower",
                        in("heads stand at", stamens.standMm(), Unit.MM),
                        in("heart stands to", heart.topMm(), Unit.MM),
                        in("ring of heads", stamens.ringMm(), Unit.MM),
                        in("radius of the heart", heart.form().diameterMm() / 2, Unit.MM)),
                List.of(
                        Mend.part(a, "stand them at " + Unit.MM.write(stand), stamens, s -> s.withStand(stand)),
                        Mend.part(
                                a,
                                "set them on a ring of " + Unit.MM.write(ring),
                                stamens,
                                s -> s.withRing(ring, s.rows()))));
    }
}
