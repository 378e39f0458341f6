package org.crispwhorl.core.species;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.crispwhorl.core.colour.Colouring;
import org.crispwhorl.core.colour.Pass;
import org.crispwhorl.core.measure.InvalidValue;
import org.crispwhorl.core.paste.Shade;

/** The colour of one ring taken on to others, so that the change from ring to ring is smooth. */
public final class ColourSteps {
    private ColourSteps() {}

    /**
     * A species in which a part has the passes of another, as much stronger or weaker as its shade has more or less of the same
     * strong colour; as strong where the shades have different masters or one has none of it.
     */
    public static Species copied(Species species, String from, String to) {
        Petaled source = ring(species, from);
        Petaled target = ring(species, to);
        double step = step(species.shade(source.shade()), species.shade(target.shade()));
        return species.with(target.with(source.colour().each(pass -> pass.strengthened(pass.strength() * step))));
    }

    private static double step(Shade from, Shade to) {
        boolean ladder = from.strong().equals(to.strong()) && from.share() > 0 && to.share() > 0;
        return ladder ? to.share() / from.share() : 1;
    }

    /**
     * A species in which all parts between two have passes between theirs, in even steps in build order. Passes that the two do not
     * have alike keep the strength that they have where they are, fading out towards where they are not.
     */
    public static Species between(Species species, String from, String to) {
        List<Petaled> rings = species.petaled().stream().filter(Petaled::ring).toList();
        int first = rings.indexOf(ring(species, from));
        int last = rings.indexOf(ring(species, to));
        if (first < 0 || last < 0) {
            throw new InvalidValue(first < 0 ? "from" : "to", first < 0 ? from : to, "a ring of petals");
        }
        if (first > last) {
            return between(species, to, from);
        }
        Species stepped = species;
        for (int i = first + 1; i < last; i++) {
            double share = (double) (i - first) / (last - first);
            stepped = stepped.with(rings.get(i)
                    .with(mixed(rings.get(first).colour(), rings.get(last).colour(), share)));
        }
        return stepped;
    }

    private static Colouring mixed(Colouring from, Colouring to, double share) {
        List<Pass> passes = new ArrayList<>();
        boolean[] taken = new boolean[to.passes().size()];
        for (Pass pass : from.passes()) {
            int twin = IntStream.range(0, taken.length)
                    .filter(i -> !taken[i] && pass.alike(to.passes().get(i)))
                    .findFirst()
                    .orElse(-1);
            if (twin >= 0) {
                taken[twin] = true;
                passes.add(pass.towards(to.passes().get(twin), share));
            } else {
                passes.add(pass.strengthened(pass.strength() * (1 - share)));
            }
        }
        for (int i = 0; i < taken.length; i++) {
            if (!taken[i]) {
                Pass pass = to.passes().get(i);
                passes.add(pass.strengthened(pass.strength() * share));
            }
        }
        return new Colouring(passes);
    }

    private static Petaled ring(Species species, String id) {
        return species.petaled().stream()
                .filter(p -> p.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new InvalidValue("part", id, "a part of flat pieces"));
    }
}
