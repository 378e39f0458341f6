package org.crispwhorl.core.work;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.crispwhorl.core.measure.NotWritten;

/** What hands do in one go, act by act: what cards and methods say, and what minutes are reckoned from. */
@NotWritten
public record Steps(List<Step> list) {
    /** Nothing to do. */
    public static final Steps NONE = new Steps(List.of());

    public Steps {
        list = List.copyOf(list);
    }

    /** One act on so many things. */
    public static Steps of(Operation operation, double things, String words) {
        return NONE.and(operation, things, words);
    }

    /** One act on so many things with so many petals in all. */
    public static Steps of(Operation operation, double things, double petals, String words) {
        return NONE.and(operation, things, petals, words);
    }

    /** This work and then other work. */
    public Steps and(Steps other) {
        List<Step> all = new ArrayList<>(list);
        all.addAll(other.list);
        return new Steps(all);
    }

    /** This work and then one act more; on nothing it is none. */
    public Steps and(Operation operation, double things, String words) {
        return and(operation, things, 0, words);
    }

    /** This work and then one act more, on petals; on nothing it is none. */
    public Steps and(Operation operation, double things, double petals, String words) {
        return things > 0 || petals > 0
                ? and(operation, new Charge.Each(things, petals), (int) Math.round(things), words)
                : this;
    }

    /** This work and then one act more that goes otherwise by the thing than it is counted. */
    public Steps andCounted(Operation operation, double things, int count, String words) {
        return andCounted(operation, things, 0, count, words);
    }

    /** The same on petals. */
    public Steps andCounted(Operation operation, double things, double petals, int count, String words) {
        return and(operation, new Charge.Each(things, petals), count, words);
    }

    /** This work and then a sheet that is rolled out, as much of it as one flower takes; of nothing there is none. */
    public Steps andSheet(double areaMm2, String words) {
        return areaMm2 > 0 ? and(Operation.ROLL, Charge.Shared.sheet(areaMm2), 1, words) : this;
    }

    /** This work and then a lump that is kneaded, as much of it as one flower takes; of nothing there is none. */
    public Steps andLump(double grams, String words) {
        return grams > 0 ? and(Operation.KNEAD, Charge.Shared.lump(grams), 1, words) : this;
    }

    private Steps and(Operation operation, Charge charge, int count, String words) {
        return and(new Steps(List.of(new Step("", operation, charge, count, words, List.of()))));
    }

    /** The same work, its last act taking something besides hands and paste; of no work nothing. */
    public Steps using(Use use) {
        List<Step> all = new ArrayList<>(list);
        if (!all.isEmpty()) {
            all.set(all.size() - 1, all.get(all.size() - 1).using(use));
        }
        return new Steps(all);
    }

    /** The same where it holds, else as it is. */
    public Steps using(Optional<Use> use) {
        return use.map(this::using).orElse(this);
    }

    /** The same work with what glues by its name. */
    public Steps glued(String glue) {
        return new Steps(list.stream().map(s -> s.glued(glue)).toList());
    }

    /** What it takes besides hands and paste, act by act. */
    public Stream<Use> uses() {
        return list.stream().flatMap(s -> s.uses().stream());
    }

    /** Its first acts, so many. */
    public Steps first(int acts) {
        return new Steps(list.subList(0, acts));
    }

    /** What comes after its first acts. */
    public Steps after(int acts) {
        return new Steps(list.subList(acts, list.size()));
    }

    /** The same work on so many flowers as if they were one. */
    public Steps times(double flowers) {
        return new Steps(list.stream().map(s -> s.times(flowers)).toList());
    }

    /** The same work, said to be done to something of several. */
    public Steps under(String heading) {
        return under(before -> heading);
    }

    /** The same work, what each act is done to said anew. */
    public Steps under(UnaryOperator<String> heading) {
        return new Steps(
                list.stream().map(s -> s.under(heading.apply(s.under()))).toList());
    }

    /** The same but for what all flowers share: what is rolled out and kneaded. */
    public Steps ofPieces() {
        return new Steps(
                list.stream().filter(s -> s.charge() instanceof Charge.Each).toList());
    }

    /** The same where no sheet is larger than what goes into one of so many lots. */
    public Steps inLots(double lots) {
        return new Steps(list.stream().map(s -> s.inLots(lots)).toList());
    }
}
