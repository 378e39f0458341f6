package org.crispwhorl.core.species;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.crispwhorl.core.drying.Body;
import org.crispwhorl.core.measure.Advanced;
import org.crispwhorl.core.measure.Figures;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Marked;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.ShownAsPicture;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.solid.Solid;
import org.crispwhorl.core.wire.WireTable;
import org.crispwhorl.core.work.Operation;
import org.crispwhorl.core.work.Said;
import org.crispwhorl.core.work.Steps;

/**
 * Further heads of the same flower on one stem: a spike, a cluster or a spray. The flower drawn is the fullest of them;
 * the others are made from it by rule, with fewer or smaller rings.
 */
@Text(label = "further heads", means = "Further heads on the stem, each made from this flower by rule.")
@Marked(Marked.ONCE)
@RecordBuilder
public record Heads(
        @Text(label = "id", pattern = ID, means = "Unique within the species.")
        String id,

        @Text(label = "name", shortest = 1, longest = 60) String name,

        @Text(label = "set") Arrangement arrangement,

        @Text(
                label = "stages of opening",
                shortest = 1,
                longest = 8,
                means = "From the tip to the foot, youngest first.")
        List<Opening> openings,

        @Text(label = "along the stem") StageOrder order,

        @Quantity(
                label = "apart at the foot",
                unit = Unit.MM,
                min = 0,
                max = 120,
                usual = 14,
                means = "From head to head at the foot.")
        double apartFootMm,

        @Quantity(
                label = "apart at the tip",
                unit = Unit.MM,
                min = 0,
                max = 120,
                usual = 6,
                means = "From head to head at the tip.")
        double apartTipMm,

        @Quantity(
                label = "angle at the foot",
                unit = Unit.DEGREE,
                min = 0,
                max = 180,
                step = 5,
                usual = 70,
                means = "Between the stem and a head's own stalk at the foot; 180 hangs straight down.")
        double angleFootDeg,

        @Quantity(
                label = "angle at the tip",
                unit = Unit.DEGREE,
                min = 0,
                max = 180,
                step = 5,
                usual = 25,
                means = "Between the stem and a head's own stalk at the tip; 180 hangs straight down.")
        double angleTipDeg,

        @Quantity(
                label = "stalk",
                unit = Unit.MM,
                min = 0,
                max = 150,
                usual = 15,
                means = "Free stalk of a head at the foot, from the stem to its neck.")
        double stalkMm,

        @Advanced
        @Quantity(
                label = "stalk at the tip",
                unit = Unit.MM,
                min = 0,
                max = 150,
                usual = 15,
                means = "Free stalk of the youngest head; those between are evenly longer or shorter.")
        double stalkTipMm,

        @Quantity(
                label = "stem gauge",
                unit = Unit.GAUGE,
                min = 16,
                max = 33,
                step = 2,
                usual = 18,
                means = "Gauge of the main stem's wire.")
        int gauge,

        @Quantity(
                label = "stem below",
                unit = Unit.MM,
                min = 5,
                max = 400,
                step = 5,
                usual = 100,
                means = "Main stem below the lowest head.")
        double stemMm,

        @Advanced
        @Quantity(
                label = "stands free",
                unit = Unit.MM,
                min = 5,
                max = 400,
                step = 5,
                usual = Centre.USUAL_FREE_MM,
                means = "Stem between the lowest head and the pick, cake or hand that holds it.")
        double freeMm,

        @Advanced
        @Quantity(
                label = "tails",
                unit = Unit.MM,
                min = 5,
                max = TO_THE_FOOT_MM,
                step = 5,
                usual = TO_THE_FOOT_MM,
                means = "How far down the stem a head's wire is taped; it ends at the foot where the stem is shorter.")
        double tailMm)
        implements UnshadedPart, BringsNothing {
    /** How heads stand on the stem. */
    @ShownAsPicture
    public enum Arrangement {
        @Text(label = "as a spike", means = "Along the stem, youngest at the tip.")
        SPIKE,
        @Text(label = "as a cluster", means = "All from one point, the outermost the fullest.")
        CLUSTER,
        @Text(label = "as a spray", means = "In two ranks down an arching stem.")
        SPRAY,
        @Text(
                label = "as a bunch",
                means = "From one point; their stalks are taped together to the foot, without a main wire.")
        BUNCH;

        /** Whether all heads spring from one point. */
        public boolean fromOnePoint() {
            return this == CLUSTER || this == BUNCH;
        }
    }

    /** How the stages of opening follow each other along the stem. */
    @Text(label = "along the stem", means = "How the stages of opening follow each other along the stem.")
    @ShownAsPicture
    public enum StageOrder {
        @Text(label = "graded", means = "Youngest at the tip, oldest at the foot.")
        GRADED,
        @Text(label = "mixed", means = "Flowers among buds, every stage spread evenly along it.")
        MIXED
    }

    public Heads {
        openings = List.copyOf(openings);
        Limits.check(
                Heads.class,
                id,
                name,
                arrangement,
                openings,
                order,
                apartFootMm,
                apartTipMm,
                angleFootDeg,
                angleTipDeg,
                stalkMm,
                stalkTipMm,
                gauge,
                stemMm,
                freeMm,
                tailMm);
    }

    /** Tails as long as any stem. */
    static final double TO_THE_FOOT_MM = 400;

    /** Heads graded from tip to foot. */
    public Heads(
            String id,
            String name,
            Arrangement arrangement,
            List<Opening> openings,
            double apartFootMm,
            double apartTipMm,
            double angleFootDeg,
            double angleTipDeg,
            double stalkMm,
            int gauge,
            double stemMm) {
        this(
                id,
                name,
                arrangement,
                openings,
                StageOrder.GRADED,
                apartFootMm,
                apartTipMm,
                angleFootDeg,
                angleTipDeg,
                stalkMm,
                stalkMm,
                gauge,
                stemMm,
                Math.min(stemMm, Centre.USUAL_FREE_MM),
                TO_THE_FOOT_MM);
    }

    @Override
    public String inShort() {
        return pieceCount() + " heads · "
                + (arrangement == Arrangement.BUNCH ? "stalks alone" : Unit.GAUGE.write(gauge));
    }

    @Override
    public int pieceCount() {
        return openings.stream().mapToInt(Opening::count).sum();
    }

    /** Length of the main stem that carries heads, mm. */
    public double alongMm() {
        int steps = pieceCount();
        return arrangement.fromOnePoint() ? 0 : steps * (apartFootMm + apartTipMm) / 2;
    }

    /** What changes nothing: the gauge of a main wire that there is none of, distances where all spring from one point. */
    @Override
    public List<String> idle() {
        List<String> idle = new ArrayList<>();
        if (arrangement == Arrangement.BUNCH) {
            idle.add("gauge");
            idle.add("tailMm");
        }
        if (arrangement.fromOnePoint()) {
            idle.add("apartFootMm");
            idle.add("apartTipMm");
        }
        if (openings.size() == 1) {
            idle.add("order");
        }
        return idle;
    }

    /**
     * Length of the wire of the heads of a stage below their necks, mm: the stalk, then down the main stem as far as it is taped,
     * for all of them as far as the highest needs it.
     *
     * @param opening one of its stages, or another: then that of the flower at the foot
     */
    public double wireBelowMm(Opening opening) {
        return IntStream.rangeClosed(1, pieceCount())
                .filter(head -> opening(head).equals(opening))
                .mapToDouble(head -> stalkMm(head) + downMm(heightMm(head)))
                .max()
                .orElse(stalkMm + downMm(0));
    }

    /** How far down the stem the wire of a head at a height is taped, mm: in a bunch to the foot. */
    public double downMm(double heightMm) {
        return arrangement == Arrangement.BUNCH ? stemMm : Math.min(tailMm, heightMm + stemMm);
    }

    /**
     * Free stalk of a head, from the stem to its neck, mm.
     *
     * @param head 1 for the lowest further head, up to the count
     */
    public double stalkMm(int head) {
        return stalkMm + (stalkTipMm - stalkMm) * shareUp(head);
    }

    /** Stem that stands free of what holds it, mm: none of it is longer than it is. */
    public double standsFreeMm() {
        return Math.min(freeMm, stemMm);
    }

    /** Gauges of the wires that lie side by side in the stem under the lowest head: its own, and those of the heads that reach there. */
    public List<Integer> stemWires(Species of) {
        List<Integer> gauges = new ArrayList<>();
        wireCuts().forEach(cut -> gauges.add(cut.gauge()));
        for (int head = 1; head <= pieceCount(); head++) {
            if (downMm(heightMm(head)) >= heightMm(head)) {
                Opening opening = opening(head);
                of.centres()
                        .forEach(centre -> gauges.addAll(Collections.nCopies(
                                centre.wires(),
                                opening.core().map(OwnCore::gauge).orElse(centre.gauge()))));
            }
        }
        return gauges;
    }

    @Override
    public Map<String, String> shadesByField() {
        Map<String, String> shades = new LinkedHashMap<>();
        for (int i = 0; i < openings.size(); i++) {
            String field = "openings/" + i + "/core/shade";
            openings.get(i).core().flatMap(OwnCore::shade).ifPresent(shade -> shades.put(field, shade));
        }
        return shades;
    }

    /** The main stem; a bunch has none. */
    @Override
    public List<WireCut> wireCuts() {
        return arrangement == Arrangement.BUNCH ? List.of() : List.of(new WireCut(gauge, stemMm + alongMm(), 1));
    }

    /**
     * Share of the way from the foot to the tip of a head: 0 is the flower that is drawn, at the foot.
     *
     * @param head 1 for the lowest further head, up to the count
     */
    public double shareUp(int head) {
        return (double) head / pieceCount();
    }

    /** Height of a head's joint above the foot, mm: internodes shrink evenly from foot to tip. */
    public double heightMm(int head) {
        if (arrangement.fromOnePoint()) {
            return 0;
        }
        double sum = 0;
        for (int i = 1; i <= head; i++) {
            double share = pieceCount() == 1 ? 0 : (i - 1.0) / (pieceCount() - 1);
            sum += apartFootMm + (apartTipMm - apartFootMm) * share;
        }
        return sum;
    }

    /** Angle between the stem and a head's stalk, degrees. */
    public double angleDeg(int head) {
        return angleFootDeg + (angleTipDeg - angleFootDeg) * shareUp(head);
    }

    /** The opening of a head: graded, the foot carries the last of the list and the tip the first; mixed, all are spread evenly. */
    public Opening opening(int head) {
        if (head < 1 || head > pieceCount()) {
            throw new IllegalArgumentException("no head " + head);
        }
        return order == StageOrder.MIXED ? mixed().get(head - 1) : graded(head);
    }

    private Opening graded(int head) {
        int left = head;
        int i = openings.size() - 1;
        while (left > openings.get(i).count()) {
            left -= openings.get(i).count();
            i--;
        }
        return openings.get(i);
    }

    /** At each place the stage that is furthest behind its share of the heads up to there. */
    private List<Opening> mixed() {
        int all = pieceCount();
        int[] used = new int[openings.size()];
        List<Opening> dealt = new ArrayList<>();
        for (int place = 1; place <= all; place++) {
            int next = -1;
            double most = Double.NEGATIVE_INFINITY;
            for (int i = openings.size() - 1; i >= 0; i--) {
                double behind = (double) openings.get(i).count() * place / all - used[i];
                if (used[i] < openings.get(i).count() && behind > most + 1e-9) {
                    most = behind;
                    next = i;
                }
            }
            used[next]++;
            dealt.add(openings.get(next));
        }
        return dealt;
    }

    /** The same, the heads' wires running down to its foot. */
    public Heads withLongTails() {
        return HeadsBuilder.builder(this).tailMm(TO_THE_FOOT_MM).build();
    }

    /** The same, the heads' wires taped so far down. */
    public Heads withTail(double newTailMm) {
        return HeadsBuilder.builder(this).tailMm(newTailMm).build();
    }

    /** The same with so much of its stem free. */
    public Heads withFree(double newFreeMm) {
        return HeadsBuilder.builder(this).freeMm(newFreeMm).build();
    }

    public Heads withStem(int newGauge, double newStemMm) {
        return HeadsBuilder.builder(this).gauge(newGauge).stemMm(newStemMm).build();
    }

    @Override
    public boolean severalHeads() {
        return true;
    }

    @Override
    public boolean inHead() {
        return false;
    }

    @Override
    public Strand strand(WireTable table) {
        return Strand.NONE;
    }

    @Override
    public List<Solid> solids(WireTable table) {
        return List.of();
    }

    /** The paste of all the heads. */
    @Override
    public List<Portion> lumps(BuildContext made) {
        List<Portion> all = new ArrayList<>();
        for (BuildContext.OpenHeads heads : made.opened()) {
            for (Part own : heads.head().species().parts()) {
                for (Portion lump : own.lumps(heads.head())) {
                    all.add(new Portion(
                            lump.shade(),
                            lump.volumeMm3(),
                            lump.count() * heads.opening().count()));
                }
            }
        }
        return all;
    }

    /** Further heads are dry when the slowest part of any of them is. */
    @Override
    public Optional<Body> drying(BuildContext made) {
        return made.opened().stream()
                .flatMap(heads ->
                        heads.head().species().parts().stream().flatMap(own -> own.drying(heads.head()).stream()))
                .max(Comparator.comparingDouble(Body::firstMm));
    }

    @Override
    public String wireName() {
        return "main stem";
    }

    /** To make every head and put it together. */
    @Override
    public Steps making(BuildContext made) {
        return made.makingHeads();
    }

    @Override
    public Steps joining(BuildContext made) {
        String apart = idle().contains("apartTipMm")
                ? "all from one point."
                : "from the tip down, " + Said.mm(apartTipMm) + " to the next at the tip, evenly to "
                        + Said.mm(apartFootMm) + " at the foot.";
        String turned =
                switch (arrangement) {
                    case SPIKE -> " Each a little over a third of the way round from the last.";
                    case SPRAY -> " Left and right in turn.";
                    case CLUSTER, BUNCH -> "";
                };
        return Steps.of(Operation.HEAD, pieceCount(), "Tape in {n} heads, " + stalks() + apart + turned + taped())
                .andCounted(
                        Operation.HEAD,
                        0,
                        pieceCount(),
                        "Lean the stalks " + Said.deg(angleTipDeg) + " at the tip, evenly to " + Said.deg(angleFootDeg)
                                + " at the foot. Bend the stalk, never the head.");
    }

    private String stalks() {
        return stalkTipMm == stalkMm
                ? Said.mm(stalkMm) + " of each stalk free, "
                : Said.mm(stalkMm) + " of the stalk free at the foot, evenly to " + Said.mm(stalkTipMm)
                        + " for the youngest, ";
    }

    /** How far the wires of the heads run down. */
    private String taped() {
        if (arrangement == Arrangement.BUNCH) {
            return " Tape the stalks together to the foot.";
        }
        return tailMm >= alongMm() + stemMm
                ? " Their wires run down the stem to its foot."
                : " Their wires are taped " + Said.mm(tailMm) + " down the stem.";
    }

    @Override
    public List<NotFood> notFood() {
        return List.of();
    }

    @Override
    public void figures(Figures figures, BuildContext made) {
        HeadsFigures.add(figures, this, made);
    }

    /** A head carries no further heads. */
    @Override
    public Optional<Part> opened(Opening opening, int ring, double stalkMm) {
        return Optional.empty();
    }
}
