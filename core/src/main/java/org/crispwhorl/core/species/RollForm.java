package org.crispwhorl.core.species;

import org.crispwhorl.core.measure.LengthText;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.ShownAsPicture;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.work.Operation;
import org.crispwhorl.core.work.Said;
import org.crispwhorl.core.work.Steps;
import org.crispwhorl.core.work.Use;

/** What is rolled up into a flower. */
@Text(label = "rolled from", means = "What is rolled up into a flower.")
@ShownAsPicture
public sealed interface RollForm {
    /** Length along which it is rolled, mm. */
    double alongMm();

    /** Height of the roll, mm. */
    double heightMm();

    /** Layers of paste in one turn. */
    double layers();

    /** Area of paste as cut, mm². */
    double areaMm2();

    /** Pieces cut. */
    int pieces();

    /** Scallops along its upper edge. */
    int scallops();

    /** How deep they are, mm. */
    double scallopMm();

    /** Whether it is closed once to a ring and not rolled up. */
    boolean once();

    /** What hands do before it is rolled up. */
    Steps making();

    /** What it is, where there is little room. */
    String inShort();

    /** What the maker starts from. */
    String startsFrom();

    /** The same, larger or smaller. */
    RollForm scaled(double factor);

    /**
     * The same cut off sooner: a shorter strip, or fewer petals of a fan, as a flower that is less open is rolled from.
     *
     * @param share of its length, above 0, at most 1
     */
    RollForm shortened(double share);

    /** A long strip, folded along its length or not. */
    @Text(label = "a strip")
    record Strip(
            @Quantity(
                    label = "strip long",
                    unit = Unit.MM,
                    min = 20,
                    max = 800,
                    step = 5,
                    usual = 160,
                    means = "Length of the strip.")
            double longMm,

            @Quantity(
                    label = "strip wide",
                    unit = Unit.MM,
                    min = 4,
                    max = 120,
                    usual = 30,
                    means = "Width of the strip, before it is folded.")
            double wideMm,

            @Text(label = "folded") boolean folded,

            @Quantity(
                    label = "scallops",
                    unit = Unit.COUNT,
                    min = 0,
                    max = 60,
                    usual = 0,
                    means = "Scallops cut along its upper edge; 0 leaves it straight.")
            int scallops,

            @Quantity(
                    label = "scallops deep",
                    unit = Unit.MM,
                    min = 0,
                    max = 30,
                    step = 0.5,
                    usual = 0,
                    means = "From the top of a scallop to where two meet, at most half the height.")
            double scallopMm)
            implements RollForm {
        public Strip {
            Limits.check(Strip.class, longMm, wideMm, folded, scallops, scallopMm);
        }

        @Override
        public String inShort() {
            return "strip " + LengthText.size(longMm, wideMm);
        }

        /** A strip with a straight edge. */
        public Strip(double longMm, double wideMm, boolean folded) {
            this(longMm, wideMm, folded, 0, 0);
        }

        @Override
        public boolean once() {
            return false;
        }

        @Override
        public double alongMm() {
            return longMm;
        }

        @Override
        public double heightMm() {
            return folded ? wideMm / 2 : wideMm;
        }

        @Override
        public double layers() {
            return folded ? 2 : 1;
        }

        /** Depth of its scallops, which leave at least half of the strip, mm. */
        private double deepMm() {
            return Math.min(scallopMm, heightMm() / 2);
        }

        /** A scallop is half a wave of a sine: between its top and where two meet a share of 1 − 2/π is cut off. */
        @Override
        public double areaMm2() {
            double off = scallops > 0 ? deepMm() * (1 - 2 / Math.PI) : 0;
            return longMm * (wideMm - off * (folded ? 2 : 1));
        }

        @Override
        public int pieces() {
            return 1;
        }

        @Override
        public Steps making() {
            return Steps.of(Operation.STRIP, 1, "Cut a strip " + Said.size(longMm, wideMm) + ".")
                    .and(
                            Operation.CUT,
                            scallops > 0 ? 1 : 0,
                            "Cut " + Said.many(scallops, "scallop") + ", " + Said.mm(scallopMm)
                                    + " deep, along the top.")
                    .and(Operation.FOLD, folded ? 1 : 0, "Fold it lengthways; do not press the edges.");
        }

        @Override
        public RollForm shortened(double share) {
            return new Strip(
                    Limits.within(Strip.class, "longMm", longMm * share),
                    wideMm,
                    folded,
                    (int) Math.round(scallops * share),
                    scallopMm);
        }

        @Override
        public RollForm scaled(double factor) {
            double wide = Limits.within(Strip.class, "wideMm", wideMm * factor);
            return new Strip(
                    Limits.within(Strip.class, "longMm", longMm * factor),
                    wide,
                    folded,
                    scallops,
                    Limits.within(Strip.class, "scallopMm", scallopMm * factor));
        }

        @Override
        public String startsFrom() {
            return "strip " + Unit.MM.write(longMm) + " × " + Unit.MM.write(wideMm);
        }
    }

    /** Petals laid in a row, each over a part of the one before, and rolled up together. */
    @Text(label = "a fan of petals")
    record PetalFan(
            @Quantity(label = "petals", unit = Unit.COUNT, min = 2, max = 40, usual = 6, means = "Petals in the row.")
            int count,

            @Text(label = "outline") Outline outline,

            @Quantity(
                    label = "lap",
                    unit = Unit.NONE,
                    min = 0,
                    max = 0.9,
                    step = 0.05,
                    usual = 0.4,
                    means = "Share of a petal's width that lies over the one before.")
            double lap,

            @Text(label = "closed once", means = "Closed to a ring, its last petal on its first, and not rolled up.")
            boolean once)
            implements RollForm {
        public PetalFan {
            Limits.check(PetalFan.class, count, outline, lap, once);
        }

        @Override
        public String inShort() {
            return count + (once ? " petals closed to a ring" : " petals rolled up");
        }

        /** A fan that is rolled up. */
        public PetalFan(int count, Outline outline, double lap) {
            this(count, outline, lap, false);
        }

        @Override
        public int scallops() {
            return count;
        }

        /** From the tips down to where the upper edges of two neighbours cross, half-way between them. */
        @Override
        public double scallopMm() {
            double half = outline.widthMm() * (1 - lap) / 2;
            double low = outline.widest() * outline.lengthMm();
            double high = outline.lengthMm();
            for (int i = 0; i < HALVINGS; i++) {
                double mid = (low + high) / 2;
                if (outline.halfWidthAt(mid) > half) {
                    low = mid;
                } else {
                    high = mid;
                }
            }
            return outline.lengthMm() - low;
        }

        private static final int HALVINGS = 24;

        @Override
        public double alongMm() {
            return outline.widthMm() * (once ? count * (1 - lap) : 1 + (count - 1) * (1 - lap));
        }

        @Override
        public double heightMm() {
            return outline.lengthMm();
        }

        @Override
        public double layers() {
            return count * outline.widthMm() / alongMm();
        }

        @Override
        public double areaMm2() {
            return count * outline.areaMm2();
        }

        @Override
        public int pieces() {
            return count;
        }

        @Override
        public Steps making() {
            return Steps.of(
                            Operation.CUT,
                            count,
                            "Cut {n} petals{tool}, " + Said.size(outline.lengthMm(), outline.widthMm()) + ".")
                    .and(
                            Operation.SET,
                            count - 1,
                            "Lay them in a row, each over " + Said.mm(lap * outline.widthMm())
                                    + " of the last, with glue.")
                    .using(Use.GLUE);
        }

        @Override
        public RollForm shortened(double share) {
            return new PetalFan(
                    (int) Limits.within(PetalFan.class, "count", Math.round(count * share)), outline, lap, once);
        }

        @Override
        public RollForm scaled(double factor) {
            return new PetalFan(
                    count,
                    outline.withLength(Limits.within(Outline.class, "lengthMm", outline.lengthMm() * factor))
                            .withWidth(Limits.within(Outline.class, "widthMm", outline.widthMm() * factor)),
                    lap,
                    once);
        }

        @Override
        public String startsFrom() {
            return count + " petals " + Unit.MM.write(outline.lengthMm()) + " × " + Unit.MM.write(outline.widthMm());
        }
    }

    /** A disc folded over across its middle, its fold gathered, and rolled up. */
    @Text(label = "a disc, folded over", means = "A disc folded across its middle; its fold is gathered and rolled up.")
    record FoldedDisc(
            @Quantity(
                    label = "disc",
                    unit = Unit.MM,
                    min = 10,
                    max = 200,
                    step = 2,
                    usual = 60,
                    means = "Diameter of the disc as it is cut.")
            double discMm,

            @Quantity(
                    label = "gathered to",
                    unit = Unit.NONE,
                    min = 0.2,
                    max = 1,
                    step = 0.05,
                    usual = 0.6,
                    means = "Share of the fold's length that is left once it is gathered; 1 leaves it smooth.")
            double gatheredTo)
            implements RollForm {
        public FoldedDisc {
            Limits.check(FoldedDisc.class, discMm, gatheredTo);
        }

        @Override
        public double alongMm() {
            return discMm * gatheredTo;
        }

        @Override
        public double heightMm() {
            return discMm / 2;
        }

        /** Two, and so many more as it is gathered. */
        @Override
        public double layers() {
            return 2 / gatheredTo;
        }

        @Override
        public double areaMm2() {
            return Math.PI * discMm * discMm / 4;
        }

        @Override
        public int pieces() {
            return 1;
        }

        /** Its rim rises once from where it begins to its middle and falls to where it ends. */
        @Override
        public int scallops() {
            return 1;
        }

        @Override
        public double scallopMm() {
            return heightMm();
        }

        @Override
        public boolean once() {
            return false;
        }

        @Override
        public Steps making() {
            return Steps.of(Operation.CUT, 1, "Cut a disc of " + Said.mm(discMm) + ".")
                    .and(Operation.FOLD, 1, "Fold it over.")
                    .and(
                            Operation.PINCH,
                            gatheredTo < 1 ? 1 : 0,
                            "Gather the fold to " + Said.mm(gatheredTo * discMm) + ".");
        }

        @Override
        public String inShort() {
            return "disc " + Unit.MM.write(discMm) + ", folded";
        }

        @Override
        public String startsFrom() {
            return "disc " + Unit.MM.write(discMm);
        }

        @Override
        public RollForm scaled(double factor) {
            return new FoldedDisc(Limits.within(FoldedDisc.class, "discMm", discMm * factor), gatheredTo);
        }

        /** A smaller disc: its fold cannot be cut off. */
        @Override
        public RollForm shortened(double share) {
            return scaled(share);
        }
    }
}
