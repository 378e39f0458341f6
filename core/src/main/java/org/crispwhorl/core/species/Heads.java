package org.crispwhorl.core.species;

import java.util.List;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Words;
import org.crispwhorl.core.paste.Paste;

/**
 * Further heads of the same flower on one stem: a spike, a cluster or a spray. The flower drawn is the fullest of them;
 * the others are made from it by rule, with fewer or smaller rings.
 */
@Words(label = "further heads", means = "Further heads on the stem, each made from this flower by rule.")
public record Heads(
        @Words(label = "id", pattern = ID, means = "Unique within the species.")
        String id,

        @Words(label = "name", shortest = 1, longest = 60) String name,

        @Words(label = "set") Arrangement arrangement,

        @Words(
                label = "stages of opening",
                shortest = 1,
                longest = 8,
                means = "From the tip to the foot, youngest first.")
        List<Opening> openings,

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
                max = 150,
                step = 5,
                usual = 70,
                means = "Between the stem and a head's own stalk at the foot.")
        double angleFootDeg,

        @Quantity(
                label = "angle at the tip",
                unit = Unit.DEGREE,
                min = 0,
                max = 150,
                step = 5,
                usual = 25,
                means = "Between the stem and a head's own stalk at the tip.")
        double angleTipDeg,

        @Quantity(
                label = "stalk",
                unit = Unit.MM,
                min = 0,
                max = 150,
                usual = 15,
                means = "Free stalk of each head, from the stem to its neck.")
        double stalkMm,

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
        double stemMm)
        implements Part {
    /** How heads stand on the stem. */
    public enum Arrangement {
        @Words(label = "as a spike", means = "Along the stem, youngest at the tip.")
        SPIKE,
        @Words(label = "as a cluster", means = "All from one point, the outermost the fullest.")
        CLUSTER,
        @Words(label = "as a spray", means = "In two ranks down an arching stem.")
        SPRAY
    }

    /** Heads at one stage of opening. */
    @Words(label = "stage of opening", means = "Heads at one stage of opening, made from the full flower by rule.")
    public record Opening(
            @Words(label = "name", shortest = 1, longest = 60)
            String name,

            @Quantity(
                    label = "heads",
                    unit = Unit.COUNT,
                    min = 1,
                    max = 60,
                    usual = 3,
                    means = "How many heads are at this stage.")
            int count,

            @Quantity(
                    label = "size",
                    unit = Unit.NONE,
                    min = 0.1,
                    max = 1,
                    step = 0.05,
                    usual = 0.6,
                    means = "Of its pieces, as a share of the full flower's.")
            double size,

            @Quantity(
                    label = "rings",
                    unit = Unit.COUNT,
                    min = 0,
                    max = 40,
                    usual = 1,
                    means = "Rings kept, counted from the heart; 0 is the heart alone.")
            int rings,

            @Quantity(
                    label = "open",
                    unit = Unit.NONE,
                    min = 0,
                    max = 1,
                    step = 0.05,
                    usual = 0.5,
                    means = "How far the rings lean out, as a share of the full flower's.")
            double open) {
        public Opening {
            Limits.check(Opening.class, name, count, size, rings, open);
        }
    }

    public Heads {
        openings = List.copyOf(openings);
        Limits.check(
                Heads.class,
                id,
                name,
                arrangement,
                openings,
                apartFootMm,
                apartTipMm,
                angleFootDeg,
                angleTipDeg,
                stalkMm,
                gauge,
                stemMm);
    }

    @Override
    public int pieceCount() {
        return openings.stream().mapToInt(Opening::count).sum();
    }

    /** Their paste is reckoned from the heads themselves. */
    @Override
    public List<Lump> lumps(Paste paste) {
        return List.of();
    }

    /** Length of the main stem that carries heads, mm. */
    public double alongMm() {
        int steps = pieceCount();
        return arrangement == Arrangement.CLUSTER ? 0 : steps * (apartFootMm + apartTipMm) / 2;
    }

    /** The main stem. */
    @Override
    public List<WireCut> wireCuts() {
        return List.of(new WireCut(gauge, stemMm + alongMm(), 1));
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
        if (arrangement == Arrangement.CLUSTER) {
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

    /** The opening of a head; the foot carries the last of the list, the tip the first. */
    public Opening opening(int head) {
        int left = head;
        for (int i = openings.size() - 1; i >= 0; i--) {
            left -= openings.get(i).count();
            if (left <= 0) {
                return openings.get(i);
            }
        }
        throw new IllegalArgumentException("no head " + head);
    }

    public Heads withStem(int newGauge, double newStemMm) {
        return new Heads(
                id,
                name,
                arrangement,
                openings,
                apartFootMm,
                apartTipMm,
                angleFootDeg,
                angleTipDeg,
                stalkMm,
                newGauge,
                newStemMm);
    }
}
