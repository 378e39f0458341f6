package org.crispwhorl.core.finding;

import static org.crispwhorl.core.measure.Why.in;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.species.Centre;
import org.crispwhorl.core.species.Stamens;

/** Stamens that the centre stands over are not seen. */
final class StamensHidden implements Rule {
    /** How far heads stand over the centre once mended, mm. */
    private static final double CLEAR_MM = 2;

    @Override
    public List<Finding> look(Assessment a) {
        List<Finding> found = new ArrayList<>();
        Optional<Centre> centre = a.species().centre();
        for (Stamens stamens : a.species().all(Stamens.class)) {
            if (centre.isPresent()
                    && stamens.ringMm() + stamens.headMm() / 2
                            <= centre.get().form().diameterMm() / 2
                    && stamens.aboveCentreMm() + stamens.headMm() / 2
                            <= centre.get().topMm()) {
                found.add(finding(a, stamens, centre.get()));
            }
        }
        return found;
    }

    private static Finding finding(Assessment a, Stamens stamens, Centre centre) {
        double stand = Math.ceil(centre.topMm() + CLEAR_MM);
        double ring = Math.ceil(centre.form().diameterMm() / 2 + stamens.headMm());
        return new Finding(
                "stamens-hidden",
                Severity.CHECK,
                Optional.of(stamens.id()),
                "The centre hides the stamens",
                Why.of(
                        "Heads stand higher than the centre, or outside it",
                        "Section of the flower",
                        in("heads stand at", stamens.aboveCentreMm(), Unit.MM),
                        in("centre stands to", centre.topMm(), Unit.MM),
                        in("ring of heads", stamens.ringMm(), Unit.MM),
                        in("radius of the centre", centre.form().diameterMm() / 2, Unit.MM)),
                List.of(
                        Fix.part(a, "stand them at " + Unit.MM.write(stand), stamens, s -> s.withAboveCentre(stand)),
                        Fix.part(
                                a,
                                "set them on a ring of " + Unit.MM.write(ring),
                                stamens,
                                s -> s.withRing(ring, s.rows()))));
    }
}
