package org.crispwhorl.core.species;

import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.labour.Labour;
import org.crispwhorl.core.labour.Operation;
import org.crispwhorl.core.measure.Figure;
import org.crispwhorl.core.measure.Figures;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.ShownAsPicture;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.outline.Cut;
import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.paste.Paste;
import org.crispwhorl.core.solid.Solid;
import org.crispwhorl.core.thinning.Thinning;

/**
 * How a piece comes to its outline. Every way conserves the paste's volume: what is cut, rolled or pulled is what the
 * finished piece holds.
 */
@Text(label = "making", means = "How each piece comes to its outline.")
@ShownAsPicture
public sealed interface Making permits FromSheet, OnePiece, BrimmedCone, FromBall, Making.Tape {
    /** What stands before the size of a piece where there is little room; nothing for what is cut one by one. */
    String inShort();

    /** How many pieces come from one lump or one cut; {@code count} where the whole ring does. */
    default int piecesPerUnit(int count) {
        return 1;
    }

    /** How many pieces spring side by side from one middle, so that each has its share of the way round; 1 for single ones. */
    default int besides(int count) {
        return 1;
    }

    /** How many separate things are then set in place. */
    default int joints(int count) {
        return count;
    }

    /** The finished outline of one piece: as stated, where there is no cutter from which it grows. */
    default Outline finished(Outline outline) {
        return outline;
    }

    /** Paste in one piece, mm³; its share of what a ring made in one has in the middle is included. */
    double volumeMm3(Outline outline, int count, Paste paste);

    /** Mean thickness of the finished piece, mm: its paste over its area. */
    default double finishedMm(Outline outline, Paste paste) {
        return volumeMm3(outline, 1, paste) / outline.areaMm2();
    }

    /** Thickness at a station of the finished piece, mm. */
    default double thicknessAt(double share, Outline outline, Paste paste) {
        return finishedMm(outline, paste);
    }

    /** Thickness of the sheet from which it is cut; 0 where there is no sheet. */
    default double rolledMm() {
        return 0;
    }

    /** Lobes of the same cut that are not like the others; none where all are alike. */
    default List<Lobe> unlike() {
        return List.of();
    }

    /** The same as one kind of its lobes knows it: whole, with so many lobes in all beside each other. */
    default Making besideLobes(int all) {
        return this;
    }

    /** The same with its unlike lobes leaning out by a share only. */
    default Making leaning(double open) {
        return this;
    }

    /** The same cut by the cutter that cuts a ring of so many, however many are used of it. */
    default Making ofCutter(int count) {
        return this;
    }

    /** Whether a cutter is used, so that the outline stated is the cutter's. */
    default boolean cut() {
        return rolledMm() > 0;
    }

    /** The same way of making a piece whose outline is larger or smaller by a factor and as thick as before. */
    default Making scaled(double factor) {
        return this;
    }

    /** The thinning of a piece that is cut from a sheet; none where there is no sheet. */
    Optional<Thinning> thinned();

    /** The same thinned otherwise; what is not cut from a sheet stays as it is. */
    Making withThinning(Thinning other);

    /** What its cutter cuts; none where it is made without one. */
    Optional<Cut> cutOf(Outline outline, int count);

    /** Diameter of the finished middle from which the pieces of a ring made in one spring, mm; 0 where there is none. */
    double finishedMiddleMm();

    /** What hands do to bring all pieces of a ring to their outline and thickness. */
    Labour begin(Outline outline, int count);

    /** Whether a soft piece takes the shape of what it is laid on; what is hollowed out keeps its own. */
    default boolean lies() {
        return true;
    }

    /** Length of a solid foot below the pieces by which a flower without a wire is pushed in, mm; 0 where there is none. */
    default double pushedInMm() {
        return 0;
    }

    /** That foot as a body, where the pieces spring at a height above the neck. */
    default List<Solid> foot(double onStemMm) {
        return List.of();
    }

    /** Whether it is made of something that may be eaten. */
    boolean edible();

    /** Whether it is pressed out of a ball of a size that was chosen, so that the ball may be too small for it. */
    default boolean pressed() {
        return false;
    }

    /** The ring's pieces in one cut round a middle, where they are cut singly; else none. */
    default Optional<Making> inOne(double middleMm) {
        return Optional.empty();
    }

    /** The ring's pieces cut singly, where they are cut in one; else none. */
    default Optional<Making> singly() {
        return Optional.empty();
    }

    /** The same cut apart into sections that are set one by one; none where it is not in one. */
    default Optional<Making> inSections() {
        return Optional.empty();
    }

    /** The same way of making a piece, its mean thickness brought to another; none where it cannot be. */
    Optional<Making> thickened(Outline outline, double meanMm, Paste paste);

    /** The figures of what it starts from. */
    void figures(Figures figures, Outline outline, int count, Paste paste);

    /** The outline that is printed at its true size to be cut round; none where no template is used. */
    default Optional<Cut> templateOf(Outline outline) {
        return Optional.empty();
    }

    /** What the work starts from besides the outline itself, for a list of pieces. */
    String startsFrom(Outline outline, int count, Paste paste);

    /** Each piece cut singly from a sheet, then thinned. */
    @Text(label = "cut singly", means = "Each piece is cut from a sheet, then thinned.")
    record Sheet(@Text(label = "thickness") Thinning thinning) implements FromSheet {
        public Sheet {
            Limits.check(Sheet.class, thinning);
        }

        @Override
        public String inShort() {
            return "";
        }

        @Override
        public Making withThinning(Thinning other) {
            return new Sheet(other);
        }

        @Override
        public Optional<Cut> cutOf(Outline outline, int count) {
            return Optional.of(Cut.of(outline));
        }

        @Override
        public Labour begin(Outline outline, int count) {
            return Labour.of(Operation.CUT, count)
                    .and(Operation.THIN, thinning.thins() ? count : 0, thinning.thins() ? count : 0);
        }

        @Override
        public Optional<Making> inOne(double middleMm) {
            return Optional.of(new OnePiece(
                    thinning, Limits.within(OnePiece.class, "middleMm", middleMm), OnePiece.Division.WHOLE));
        }

        @Override
        public String startsFrom(Outline outline, int count, Paste paste) {
            return "cutter";
        }
    }

    /** Cut from florist's tape: no paste. */
    @Text(label = "cut from tape", means = "Cut from florist's tape: no paste, nothing to dry. Not food.")
    record Tape(
            @Quantity(label = "tape width", unit = Unit.MM, min = 3, max = 50, usual = 12, means = "Width of the tape.")
            double tapeMm)
            implements Making {
        /** Two layers of stretched tape stuck together. */
        private static final double THICK_MM = 0.24;

        public Tape {
            Limits.check(Tape.class, tapeMm);
        }

        @Override
        public String inShort() {
            return "tape ";
        }

        @Override
        public Optional<Thinning> thinned() {
            return Optional.empty();
        }

        @Override
        public Making withThinning(Thinning other) {
            return this;
        }

        @Override
        public Optional<Cut> cutOf(Outline outline, int count) {
            return Optional.empty();
        }

        @Override
        public double finishedMiddleMm() {
            return 0;
        }

        @Override
        public Labour begin(Outline outline, int count) {
            return Labour.of(Operation.CUT, count);
        }

        @Override
        public boolean edible() {
            return false;
        }

        @Override
        public Optional<Making> thickened(Outline outline, double meanMm, Paste paste) {
            return Optional.empty();
        }

        @Override
        public void figures(Figures figures, Outline outline, int count, Paste paste) {
            double strips = strips(outline);
            figures.in(Figure.Group.SIZE)
                    .add(
                            "tapeCut",
                            "tape for all pieces",
                            count * tapeOfOneMm(outline),
                            Unit.MM,
                            Why.of(
                                    "Pieces × 2 layers × length × strips side by side",
                                    "Your design",
                                    Why.in("pieces", count, Unit.COUNT),
                                    Why.in("length", outline.lengthMm(), Unit.MM),
                                    Why.in("width", outline.widthMm(), Unit.MM),
                                    Why.in("width of the tape", tapeMm, Unit.MM),
                                    Why.in("strips", strips, Unit.COUNT)));
        }

        @Override
        public double volumeMm3(Outline outline, int count, Paste paste) {
            return 0;
        }

        @Override
        public double finishedMm(Outline outline, Paste paste) {
            return THICK_MM;
        }

        @Override
        public String startsFrom(Outline outline, int count, Paste paste) {
            return Unit.MM.write(tapeOfOneMm(outline)) + " of tape";
        }

        /** What is broader than the tape takes strips side by side. */
        private double strips(Outline outline) {
            return Math.ceil(outline.widthMm() / tapeMm - 1e-9);
        }

        /** Tape for one piece, in two layers, mm. */
        private double tapeOfOneMm(Outline outline) {
            return 2 * outline.lengthMm() * strips(outline);
        }
    }
}
