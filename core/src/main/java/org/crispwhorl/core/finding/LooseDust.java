package org.crispwhorl.core.finding;

import static org.crispwhorl.core.measure.Why.in;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.colour.Colouring;
import org.crispwhorl.core.colour.Mixture;
import org.crispwhorl.core.colour.Pass;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.paste.MixingLaw;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.species.Species;

/** Dark dust that is not brushed off before pale petals come to lie beside it. */
final class LooseDust implements Rule {
    /** Lightness in OKLab below which dust is dark, and above which a petal is pale. */
    private static final double DARK = 0.5;

    private static final double PALE = 0.85;

    /** Thinner than this it does not come off as a smear. */
    private static final double STRONG = 0.3;

    @Override
    public List<Finding> look(Assessment a) {
        List<Finding> found = new ArrayList<>();
        Species species = a.species();
        List<Petaled> rings = species.petaled().stream().filter(Petaled::ring).toList();
        for (int i = 0; i < rings.size(); i++) {
            Petaled ring = rings.get(i);
            Optional<Petaled> pale = pale(species, rings, i);
            Optional<Pass> loose =
                    ring.colour().passes().stream().filter(LooseDust::smears).findFirst();
            if (pale.isPresent() && loose.isPresent()) {
                found.add(new Finding(
                        "loose-dust",
                        Severity.CHECK,
                        Optional.of(ring.id()),
                        "Its dark dust comes off on " + pale.get().name(),
                        Why.of(
                                "Dark dust is brushed off before a pale petal comes near",
                                "Lightness in OKLab: dark below 0.5, pale above 0.85",
                                in("lightness of the dust", lightness(Mixture.swatch(loose.get())), Unit.NONE),
                                in("of the pale petals", paste(species, pale.get()), Unit.NONE)),
                        List.of(Fix.part(
                                a,
                                "brush it off before it is joined",
                                ring,
                                p -> p.with(
                                        p.colour().each(pass -> smears(pass) ? pass.withBrushedOff(true) : pass))))));
            }
        }
        for (Part part : species.parts()) {
            Optional<Pass> loose = part.boughtStrands() == 0
                    ? Optional.empty()
                    : part.colouring().orElse(Colouring.NONE).passes().stream()
                            .filter(LooseDust::smears)
                            .findFirst();
            Optional<Petaled> beside = rings.stream().findFirst().filter(ring -> paste(species, ring) > PALE);
            if (loose.isPresent() && beside.isPresent()) {
                found.add(ofStamens(a, part, loose.get(), beside.get()));
            }
        }
        return found;
    }

    private static Finding ofStamens(Assessment a, Part stamens, Pass loose, Petaled pale) {
        return new Finding(
                "loose-dust",
                Severity.CHECK,
                Optional.of(stamens.id()),
                "Their dark dust falls on " + pale.name(),
                Why.of(
                        "Dark dust is brushed off before a pale petal comes near",
                        "Lightness in OKLab: dark below 0.5, pale above 0.85",
                        in("lightness of the dust", lightness(Mixture.swatch(loose)), Unit.NONE),
                        in("of the pale petals", paste(a.species(), pale), Unit.NONE)),
                List.of(Fix.part(
                        a,
                        "tap it off before the petals go on",
                        stamens,
                        p -> p.coloured(c -> c.each(pass -> smears(pass) ? pass.withBrushedOff(true) : pass)))));
    }

    private static boolean smears(Pass pass) {
        return !pass.wet()
                && !pass.brushedOff()
                && !pass.colours().isEmpty()
                && pass.strength() >= STRONG
                && lightness(Mixture.swatch(pass)) < DARK;
    }

    /** The ring inside it or outside it, where that is pale. */
    private static Optional<Petaled> pale(Species species, List<Petaled> rings, int at) {
        for (int beside : new int[] {at - 1, at + 1}) {
            if (beside >= 0 && beside < rings.size() && paste(species, rings.get(beside)) > PALE) {
                return Optional.of(rings.get(beside));
            }
        }
        return Optional.empty();
    }

    private static double paste(Species species, Petaled ring) {
        return MixingLaw.lightness(MixingLaw.linear(species.shade(ring.shade())));
    }

    private static double lightness(String swatch) {
        return MixingLaw.lightness(MixingLaw.linear(swatch));
    }
}
