package org.crispwhorl.core.assessment;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Stream;
import org.crispwhorl.core.colour.Carrier;
import org.crispwhorl.core.colour.Colouring;
import org.crispwhorl.core.colour.How;
import org.crispwhorl.core.colour.Pass;
import org.crispwhorl.core.drying.DryingCourse;
import org.crispwhorl.core.drying.SkinClock;
import org.crispwhorl.core.paste.Shade;
import org.crispwhorl.core.paste.Stage;
import org.crispwhorl.core.species.Former;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.species.Techniques;
import org.crispwhorl.core.studio.BatchLimits;
import org.crispwhorl.core.studio.Pace;
import org.crispwhorl.core.work.Operation;
import org.crispwhorl.core.work.Steps;
import org.crispwhorl.core.work.Use;

/** Minutes of working time that a part of one flower takes, by the studio's pace. */
public final class Work {
    /** What is made for more flowers than are ordered, since some of it breaks. */
    public interface SpareShares {
        /** Nothing breaks. */
        SpareShares NONE = (opening, part) -> 0;

        /**
         * @param opening place of a stage of opening, where it is of further heads
         * @param part its id
         * @return as a share of a flower
         */
        double of(Optional<Integer> opening, String part);
    }

    private Work() {}

    private static Pace pace(Assessment a) {
        return a.conditions().pace();
    }

    /** To make all pieces of a part, the paste kneaded and rolled out, min. */
    public static double makeMin(Assessment a, Part part) {
        return pace(a).minutes(making(a, part));
    }

    /** What hands do to make a part: a shade is kneaded for the first part that it is in. */
    public static Steps making(Assessment a, Part part) {
        return kneading(a, part).and(a.making(part).inLots(lots(a, part)));
    }

    /** The shades that are kneaded for a part first. */
    static Steps kneading(Assessment a, Part part) {
        Steps steps = Steps.NONE;
        for (Map.Entry<String, String> first : a.kneadedFor().entrySet()) {
            if (first.getValue().equals(part.id())) {
                String shade = first.getKey();
                steps = steps.andLump(
                        a.shadeG(shade),
                        "Knead " + a.species().shade(shade).name() + " until it no longer cracks when it is pinched.");
            }
        }
        return steps;
    }

    /** Parts in the order in which they are made: what dries longest first, then what is joined while it bends. */
    static List<Part> inOrder(Assessment a) {
        List<Part> parts = new ArrayList<>(a.species().parts());
        parts.sort(Comparator.comparing(a::joinedWhileItBends)
                .thenComparingDouble(p -> a.joinedWhileItBends(p) ? 0 : -dryH(a, p)));
        return parts;
    }

    private static double dryH(Assessment a, Part part) {
        return a.drying(part)
                .map(course -> course.stages().isEmpty()
                        ? Double.POSITIVE_INFINITY
                        : course.stages().get(course.stages().size() - 1).safeByH())
                .orElse(0.0);
    }

    /** Lots of the pieces of one flower, parts of one too. */
    private static double lots(Assessment a, Part part) {
        return part.flat()
                .map(p -> (double) p.pieces().count() / batches(a, p).largest())
                .orElse(1.0);
    }

    /** What hands do in a task on a part of one flower; of mixing, which goes by the gram, the operation alone. */
    public static Steps hands(Plan.Task task) {
        return task.doing().mixes() ? Steps.of(Operation.MIX, 1, task.name()) : task.steps();
    }

    /**
     * Minutes of a task for so many flowers: what is rolled out or kneaded for all of them is begun once.
     *
     * @param spares of what is made
     */
    public static double minutes(Assessment a, Plan.Task task, int flowers, SpareShares spares) {
        if (task.doing().mixes()) {
            return mixMin(a, flowers);
        }
        if (task.onHeads().isEmpty()) {
            return minutes(
                    a,
                    task,
                    flowers,
                    task.partId().map(part -> spares.of(Optional.empty(), part)).orElse(0.0));
        }
        double kneading = pace(a).minutes(task.steps().first(task.making()), flowers);
        return kneading
                + task.onHeads().stream()
                        .flatMap(on -> on.tasks().stream()
                                .map(inner -> minutes(
                                        a,
                                        inner,
                                        flowers,
                                        inner.partId()
                                                .map(part -> spares.of(Optional.of(on.opening()), part))
                                                .orElse(0.0))))
                        .mapToDouble(Double::doubleValue)
                        .sum();
    }

    private static double minutes(Assessment a, Plan.Task task, int flowers, double spares) {
        return pace(a).minutes(task.steps().first(task.making()), flowers + spares)
                + pace(a).minutes(task.steps().after(task.making()), flowers);
    }

    /** To join all pieces to the flower, min. */
    public static double joinMin(Assessment a, Part part) {
        return pace(a).minutes(a.joining(part));
    }

    /** To colour all pieces of a part, min. */
    public static double colourMin(Assessment a, Part part) {
        return Stream.of(Pass.GoesOn.values())
                .mapToDouble(when -> colourMin(a, part, passes(a, part, when)))
                .sum();
    }

    static double colourMin(Assessment a, Part part, List<Pass> passes) {
        return pace(a).minutes(colouring(a, part, passes));
    }

    /**
     * What hands do to go over a part with passes: piece by piece before it is joined; afterwards a pass goes round the whole part at
     * once, where that is quicker.
     */
    static Steps colouring(Assessment a, Part part, List<Pass> passes) {
        Steps all = Steps.NONE;
        for (Pass pass : passes) {
            Steps pieces = Steps.of(pass.by(), part.colouredPieces(), pass.told(part.zoned()) + ".");
            Steps round = Steps.of(Operation.COLOUR_ROUND, 1, pass.told(part.zoned()) + ".");
            boolean each =
                    when(a, part, pass) == Pass.GoesOn.PIECE || pace(a).minutes(pieces) <= pace(a).minutes(round);
            all = all.and((each ? pieces : round).using(pass.uses()));
        }
        return all;
    }

    /** The passes of a part that go on then. */
    static List<Pass> passes(Assessment a, Part part, Pass.GoesOn when) {
        return part.colouring().map(Colouring::passes).orElse(List.of()).stream()
                .filter(pass -> when(a, part, pass) == when)
                .toList();
    }

    /**
     * When a pass goes on: as stated, but that a part which is joined before it is firm can only be coloured on the flower, that a
     * studio which dusts the whole flower dusts no pieces, and that the centre, which is joined to nothing, is no ring.
     */
    public static Pass.GoesOn when(Assessment a, Part part, Pass pass) {
        boolean bearer = a.species().bearer().filter(h -> h == part).isPresent();
        Pass.GoesOn stated = bearer && pass.when() == Pass.GoesOn.RING ? Pass.GoesOn.PIECE : pass.when();
        boolean onFlower =
                a.joinedWhileItBends(part) || !pass.wet() && a.techniques(part).dusting() == Techniques.Dusting.WHOLE;
        return stated == Pass.GoesOn.PIECE && onFlower ? Pass.GoesOn.FLOWER : stated;
    }

    /** Until the last of them is dry to the touch, h. */
    static double dryToTouchH(List<Pass> passes) {
        return passes.stream().mapToDouble(Pass::waitMin).sum() / 60;
    }

    /** What of passes of colour others in the house may mind: the compressor of a spray, spirit that dries off. */
    static List<Plan.Disturbs> disturbs(List<Pass> passes) {
        List<Plan.Disturbs> disturbs = new ArrayList<>();
        if (passes.stream().anyMatch(p -> p.how() == How.SPRAYED)) {
            disturbs.add(Plan.Disturbs.NOISE);
        }
        if (passes.stream().anyMatch(p -> p.carrier() == Carrier.SPIRIT)) {
            disturbs.add(Plan.Disturbs.SMELL);
        }
        return disturbs;
    }

    /** To mix the shades of so many flowers, each at once, min. */
    public static double mixMin(Assessment a, int flowers) {
        return a.species().shades().stream()
                .mapToDouble(shade -> pace(a).mixMin(flowers * a.shadeG(shade.id()), shade.share()))
                .sum();
    }

    /** Whether a shade of a species is mixed at all: not what is white, neat or in no piece. */
    public static boolean mixes(Assessment a, Shade shade) {
        return pace(a).mixMin(a.shadeG(shade.id()), shade.share()) > 0;
    }

    /** In how many batches the pieces of a part are made. */
    public static int batches(Assessment a, Part part) {
        return part.flat()
                .map(p -> batches(a, p).batchesFor(p.pieces().count()))
                .orElse(1);
    }

    /** The batches in which a ring's pieces can be made. */
    public static BatchLimits batches(Assessment a, Petaled part) {
        boolean covered = a.conditions().kit().covered();
        double skinnedMin = a.drying(part)
                .flatMap((DryingCourse c) -> c.at(Stage.SKINNED))
                .map(r -> 60 * r.medianH())
                .orElse(Double.POSITIVE_INFINITY);
        OptionalInt formers = part.pieces()
                .former()
                .map(Former::name)
                .map(a.conditions().kit()::formersNamed)
                .orElse(OptionalInt.empty());
        OptionalInt grooves = grooved(a, part) ? OptionalInt.of(atOnce(a, part)) : OptionalInt.empty();
        double open = Math.min(24 * 60, skinnedMin * (covered ? SkinClock.COVER : 1));
        int count = part.pieces().count();
        double made = pace(a).minutes(a.making(part).ofPieces()) / count;
        double set = pace(a).minutes(a.joining(part)) / count;
        return switch (part.joins(a).as()) {
            case SOFT -> new BatchLimits(open, made + set, formers, grooves, OptionalInt.empty());
            case PART_DRY -> new BatchLimits(open, made, formers, grooves, inTheWindow(a, part, made - set));
            default -> new BatchLimits(open, made, formers, grooves, OptionalInt.empty());
        };
    }

    /** Whether pieces of a part are cut on the ridged board, their midribs in its grooves. */
    public static boolean grooved(Assessment a, Part part) {
        return a.making(part).uses().anyMatch(use -> use.sort() == Use.Sort.BOARD);
    }

    /** Pieces that lie on the board at once: one a groove where it is not known how they lie. */
    private static int atOnce(Assessment a, Petaled part) {
        int grooves = a.conditions().kit().grooves();
        return a.conditions()
                .kit()
                .laid()
                .map(l -> Math.max(1, l.atOnce(part.pieces().outline(), grooves)))
                .orElse(grooves);
    }

    /** How many pieces made one after the other all bend still when the last of them holds, so that each is set in its window. */
    private static OptionalInt inTheWindow(Assessment a, Petaled part, double apartMin) {
        Optional<DryingCourse.Window> window = a.drying(part).flatMap(DryingCourse::window);
        if (window.isEmpty() || !window.get().sure()) {
            return OptionalInt.of(1);
        }
        double openMin = 60 * (window.get().closesH() - window.get().opensH());
        return apartMin <= 0 ? OptionalInt.empty() : OptionalInt.of(1 + (int) Math.floor(openMin / apartMin));
    }
}
