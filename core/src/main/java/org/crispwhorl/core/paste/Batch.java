package org.crispwhorl.core.paste;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.crispwhorl.core.measure.Text;

/**
 * One strong paste and the shades that are let down from it, in grams.
 *
 * @param strong sRGB colour of the strong colour
 * @param master what it is coloured with, as far as that is said
 * @param strongG strong colour to mix at the start, its reserve included
 * @param whiteG white to have ready
 * @param shades strongest first
 * @param ladders the same shades, with their shares by either rule, where there are three or more
 */
public record Batch(
        String strong, List<MasterColour> master, int strongG, int whiteG, List<Mixed> shades, List<LetDown> ladders) {
    /** So much more strong colour is mixed at the start: it cannot be matched again. */
    public static final double RESERVE = 0.1;

    public Batch {
        master = List.copyOf(master);
        shades = List.copyOf(shades);
        ladders = List.copyOf(ladders);
    }

    /** The shades by one rule. */
    public record LetDown(String rule, List<Rung> rungs) {
        public LetDown {
            rungs = List.copyOf(rungs);
        }
    }

    /** A shade by a rule: its share of strong colour, its colour, and its grams for the mass that is wanted. */
    public record Rung(String name, double share, String colour, int strongG, int whiteG) {}

    /**
     * What is wanted of a shade.
     *
     * @param shade as it is mixed
     * @param portions for whom, all of it together
     */
    public record Wanted(Shade shade, List<Portion> portions) {
        public Wanted {
            portions = List.copyOf(portions);
        }

        /** For one species alone. */
        public Wanted(String whose, Shade shade, double grams) {
            this(shade, List.of(new Portion(whose, shade.name(), grams)));
        }

        /** All of it, losses and spares included, g. */
        public double grams() {
            return portions.stream().mapToDouble(Portion::grams).sum();
        }

        /** The species it is for. */
        public String whose() {
            return portions.stream().map(Portion::whose).distinct().collect(Collectors.joining(", "));
        }

        /** The same with another portion. */
        public Wanted and(Portion portion) {
            List<Portion> all = new ArrayList<>(portions);
            all.add(portion);
            return new Wanted(shade, all);
        }
    }

    /**
     * What of a shade one species takes.
     *
     * @param name what it calls the shade
     * @param grams losses and spares included
     */
    public record Portion(String whose, String name, double grams) {}

    /**
     * One shade.
     *
     * @param share of strong colour
     * @param colour by the mixing law, sRGB
     * @param strongG grams of strong colour in it
     * @param whiteG grams of white
     * @param alike the stronger neighbour from which it cannot be told, where there is one
     * @param remade how to make it again where it runs out
     * @param portions what each species takes of it, where several do: shades that are the same, or that nobody could tell apart, are
     *     mixed at once, and parted by weight
     */
    public record Mixed(
            String whose,
            String name,
            double share,
            String colour,
            int strongG,
            int whiteG,
            Optional<String> alike,
            List<Remake> remade,
            List<Portion> portions) {
        public Mixed {
            remade = List.copyOf(remade);
            portions = List.copyOf(portions);
        }

        public int grams() {
            return strongG + whiteG;
        }
    }

    /**
     * A way to make ten grams of a shade that ran out.
     *
     * @param from what is left to begin with
     * @param fromG grams of it
     * @param with what is kneaded in
     * @param withG grams of that
     */
    public record Remake(String from, double fromG, String with, double withG) {}

    private static final double REMADE_G = 10;

    /** The batch of one strong colour for shades that are let down from it. */
    public static Batch of(String strong, List<Wanted> wanted) {
        List<Wanted> rungs = wanted.stream()
                .sorted(Comparator.comparingDouble((Wanted w) -> -w.shade().share()))
                .toList();
        List<Mixed> shades = new ArrayList<>();
        double masters = 0;
        int whites = 0;
        for (int i = 0; i < rungs.size(); i++) {
            Wanted rung = rungs.get(i);
            Shade shade = rung.shade();
            List<Integer> grams =
                    WholeGrams.of(List.of(rung.grams() * shade.share(), rung.grams() * (1 - shade.share())));
            Optional<Wanted> stronger = i > 0 ? Optional.of(rungs.get(i - 1)) : Optional.empty();
            Optional<Wanted> paler = i + 1 < rungs.size() ? Optional.of(rungs.get(i + 1)) : Optional.empty();
            shades.add(new Mixed(
                    rung.whose(),
                    shade.name(),
                    shade.share(),
                    MixingLaw.colour(shade),
                    grams.get(0),
                    grams.get(1),
                    stronger.filter(s -> s.shade().share() > shade.share()
                                    && MixingLaw.distance(s.shade(), shade) < MixingLaw.SAME)
                            .map(s -> s.shade().name()),
                    remade(shade, stronger.map(Wanted::shade), paler.map(Wanted::shade)),
                    rung.portions().size() > 1 ? rung.portions() : List.of()));
            masters += grams.get(0);
            whites += grams.get(1);
        }
        List<MasterColour> master = rungs.stream()
                .map(rung -> rung.shade().master())
                .filter(said -> !said.isEmpty())
                .findFirst()
                .orElse(List.of());
        return new Batch(
                strong, master, (int) Math.ceil(masters * (1 + RESERVE) - 1e-9), whites, shades, ladders(rungs));
    }

    private static List<LetDown> ladders(List<Wanted> rungs) {
        List<LetDown> ladders = new ArrayList<>();
        if (rungs.size() < FEWEST_RUNGS) {
            return ladders;
        }
        List<Shade> numbered = new ArrayList<>();
        for (int i = 0; i < rungs.size(); i++) {
            Shade shade = rungs.get(i).shade();
            numbered.add(new Shade("rung-" + i, shade.name(), shade.strong(), shade.share()));
        }
        for (Ladder rule : List.of(Ladder.EQUAL_STEPS, Ladder.HALVING)) {
            List<Shade> let = ShadeLadder.of(numbered, rule);
            List<Rung> all = new ArrayList<>();
            for (int i = 0; i < let.size(); i++) {
                double share = let.get(i).share();
                double grams = rungs.get(i).grams();
                List<Integer> whole = WholeGrams.of(List.of(grams * share, grams * (1 - share)));
                all.add(new Rung(let.get(i).name(), share, MixingLaw.colour(let.get(i)), whole.get(0), whole.get(1)));
            }
            ladders.add(new LetDown(Text.Labels.of(rule), all));
        }
        return ladders;
    }

    /** Two shades alone are no ladder: the strongest and the palest stay as they are. */
    private static final int FEWEST_RUNGS = 3;

    /** From the strong colour, from the next stronger with white, from the next paler with strong colour. */
    private static List<Remake> remade(Shade shade, Optional<Shade> stronger, Optional<Shade> paler) {
        double c = shade.share();
        List<Remake> techniques = new ArrayList<>();
        techniques.add(new Remake("strong", REMADE_G * c, "white", REMADE_G * (1 - c)));
        stronger.filter(s -> s.share() > c)
                .ifPresent(s -> techniques.add(
                        new Remake(s.name(), REMADE_G * c / s.share(), "white", REMADE_G * (1 - c / s.share()))));
        paler.filter(p -> p.share() < c).ifPresent(p -> {
            double strong = (c - p.share()) / (1 - p.share());
            techniques.add(new Remake(p.name(), REMADE_G * (1 - strong), "strong", REMADE_G * strong));
        });
        return techniques;
    }
}
