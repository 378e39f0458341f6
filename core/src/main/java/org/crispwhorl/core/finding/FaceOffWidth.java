package org.crispwhorl.core.finding;

import static org.crispwhorl.core.measure.Why.in;

import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.reckoning.Assessment;
import org.crispwhorl.core.species.Leaf;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.species.Species;

/** The flower comes out wider or narrower than it is wanted. */
final class FaceOffWidth implements Rule {
    /** Share of the wanted width by which it may be off. */
    private static final double ALLOWED = 0.05;

    /** Scaling is repeated, since necks and formers do not grow with the petals. */
    private static final int ROUNDS = 6;

    @Override
    public List<Finding> look(Assessment a) {
        double wanted = a.species().faceMm();
        double face = a.form().faceMm();
        if (a.form().faceRings().isEmpty() || Math.abs(face - wanted) <= ALLOWED * wanted) {
            return List.of();
        }
        Species scaled = scaled(a);
        double factor = scaled.petaled().get(0).pieces().outline().lengthMm()
                / a.species().petaled().get(0).pieces().outline().lengthMm();
        return List.of(new Finding(
                "face-off-width",
                Severity.LOOK,
                Optional.empty(),
                face > wanted ? "Wider than wanted" : "Narrower than wanted",
                Why.of(
                        "Width across the face within 5 % of the width wanted",
                        "Plan of the placed petals",
                        in("across the face", face, Unit.MM),
                        in("wanted", wanted, Unit.MM)),
                List.of(
                        new Mend(
                                "cut every petal at " + Math.round(100 * factor) + " % of its size",
                                scaled,
                                a.conditions().room()),
                        new Mend(
                                "want it " + Unit.MM.write(Math.round(face)) + " wide",
                                a.species().withFace(Math.round(face)),
                                a.conditions().room()))));
    }

    private static Species scaled(Assessment a) {
        Species species = a.species();
        for (int i = 0; i < ROUNDS; i++) {
            double factor = species.faceMm()
                    / new Assessment(species, a.conditions()).form().faceMm();
            for (Petaled part : species.petaled()) {
                if (!(part instanceof Leaf)) {
                    double to = Math.max(2 / part.pieces().outline().lengthMm(), factor);
                    species = species.with(part.with(part.pieces()
                            .withOutline(part.pieces()
                                    .outline()
                                    .scaled(Math.min(
                                            to, 300 / part.pieces().outline().lengthMm())))));
                }
            }
        }
        return species;
    }
}
