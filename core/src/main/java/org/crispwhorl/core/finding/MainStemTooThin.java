package org.crispwhorl.core.finding;

import static org.crispwhorl.core.measure.Why.in;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.IntFunction;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.assessment.StemLoad;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.species.Attachment;
import org.crispwhorl.core.species.Centre;
import org.crispwhorl.core.species.Heads;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.wire.LoadedWire;
import org.crispwhorl.core.wire.MainStem;

/** The stem bends under what stands on it: at rest, or in a jolt on the way. */
final class MainStemTooThin implements Rule {
    /** A free stem shorter than this is no stem, mm. */
    private static final double SHORTEST_MM = 5;

    @Override
    public List<Finding> look(Assessment a) {
        MainStem stem = StemLoad.of(a);
        if (stem.wires().isEmpty() || stem.freeMm() < SHORTEST_MM || stem.carries()) {
            return List.of();
        }
        boolean atRest = stem.asSetMpa() > LoadedWire.USABLE_MPA;
        double worst = stem.worstMm();
        Optional<Heads> heads = a.species().heads();
        List<Fix> fixes = new ArrayList<>(heads.isPresent() ? ofHeads(a, heads.get(), stem) : ofOne(a, stem));
        return List.of(new Finding(
                "main-stem-too-thin",
                atRest ? Severity.STOP : Severity.CHECK,
                heads.map(Heads::id).or(() -> a.species().centre().map(Centre::id)),
                atRest ? "The stem bends under its flower" : "The stem may bend on the way",
                Why.of(
                        "M ÷ Σ(πd³/32) up to 250 MPa: all that is above, leaning by 45° on its way and by 15° as it is set, over the"
                                + " wires that bear there",
                        "Euler-Bernoulli cantilever, steel",
                        in("stands on it", stem.massG(), Unit.G),
                        in("free stem", stem.freeMm(), Unit.MM),
                        in("worst place above its foot", worst, Unit.MM),
                        in("moment there, leaning by 45°", stem.momentNmm(worst), Unit.NEWTON_MM),
                        in("wires that reach it", stem.bearing(worst), Unit.COUNT),
                        in("stress there, leaning by 45°", stem.leaningMpa(), Unit.MPA),
                        in("stays straight to", LoadedWire.USABLE_MPA, Unit.MPA)),
                fixes));
    }

    private static List<Fix> ofHeads(Assessment a, Heads heads, MainStem stem) {
        List<Fix> fixes = new ArrayList<>();
        thinner(a, heads.gauge(), gauge -> a.species().with(heads.withStem(gauge, heads.stemMm())))
                .ifPresent(gauge ->
                        fixes.add(Fix.part(a, "use " + gauge + " gauge", heads, h -> h.withStem(gauge, h.stemMm()))));
        if (stem.withLongTails().carries()) {
            fixes.add(Fix.part(a, "run the heads' wires down to the foot", heads, Heads::withLongTails));
        }
        double shorter = Math.floor(stem.longestMm() - heads.alongMm());
        if (Limits.allows(Heads.class, "freeMm", shorter)) {
            fixes.add(
                    Fix.part(a, "leave " + Unit.MM.write(shorter) + " of stem free", heads, h -> h.withFree(shorter)));
        }
        return fixes;
    }

    private static List<Fix> ofOne(Assessment a, MainStem stem) {
        List<Fix> fixes = new ArrayList<>();
        a.species().centre().filter(centre -> centre.wires() > 0).ifPresent(centre -> {
            thinner(a, centre.gauge(), gauge -> a.species()
                            .with(centre.withStem(gauge, centre.wires(), centre.stemMm())))
                    .ifPresent(gauge -> fixes.add(Fix.part(
                            a, "use " + gauge + " gauge", centre, h -> h.withStem(gauge, h.wires(), h.stemMm()))));
            if (stem.withLongTails().carries()) {
                double tail = Math.ceil(centre.stemMm() / 5) * 5 + 10;
                fixes.add(Fix.species(a, "leave every tail " + Unit.MM.write(tail) + " long", s -> longTails(s, tail)));
            }
            double shorter = Math.floor(stem.longestMm());
            if (Limits.allows(Centre.class, "freeMm", shorter)) {
                fixes.add(Fix.part(
                        a, "leave " + Unit.MM.write(shorter) + " of stem free", centre, h -> h.withFree(shorter)));
            }
        });
        return fixes;
    }

    private static Species longTails(Species species, double tailMm) {
        Species longer = species;
        for (Petaled part : species.petaled()) {
            longer = longer.with(part.with(part.pieces().withWire(w -> withTail(w, tailMm))));
        }
        return longer;
    }

    private static Attachment.Wired withTail(Attachment.Wired wired, double tailMm) {
        return wired.withTail(Math.max(wired.tailMm(), Limits.within(Attachment.Wired.class, "tailMm", tailMm)));
    }

    /** The thinnest gauge of the kit, thicker than the one it has, with which the stem carries. */
    private static Optional<Integer> thinner(Assessment a, int now, IntFunction<Species> made) {
        return a.conditions().kit().gauges().stream()
                .filter(gauge -> gauge < now)
                .sorted(Comparator.reverseOrder())
                .filter(gauge -> StemLoad.of(new Assessment(made.apply(gauge), a.conditions()))
                        .carries())
                .findFirst();
    }
}
