package org.crispwhorl.core.species;

import java.util.Optional;
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
import org.crispwhorl.core.thinning.Thinning;
import org.crispwhorl.core.work.Operation;
import org.crispwhorl.core.work.Said;
import org.crispwhorl.core.work.Steps;

/**
 * How a piece comes to its outline. Every way conserves the paste's volume: what is cut, rolled or pulled is what the
 * finished piece holds.
 */
@Text(label = "making", means = "How each piece comes to its outline.")
@ShownAsPicture
public sealed interface Making extends PieceForm, PieceCut, MadeOtherwise
        permits FromSheet, OnePiece, BrimmedCone, FromBall, Making.Tape {
    /** What stands before the size of a piece where there is little room; nothing for what is cut one by one. */
    String inShort();

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

    /** The same way of making a piece whose outline is larger or smaller by a factor and as thick as before. */
    default Making scaled(double factor) {
        return this;
    }

    /** What hands do to bring all pieces of a ring to their outline, out of a sheet that is rolled out already. */
    Steps begin(Outline outline, int count, Paste paste);

    /** What hands do to thin all pieces of a ring, until they are as large as they come out; none where they are not thinned. */
    default Steps thinning(Outline outline, int count) {
        boolean thins = thinned().filter(Thinning::thins).isPresent();
        Outline out = finished(outline);
        return Steps.of(
                Operation.THIN,
                thins ? joints(count) : 0,
                thins ? count : 0,
                "Thin each until it is " + Said.size(out.lengthMm(), out.widthMm()) + " ("
                        + Said.thick(thinned().map(Thinning::finishedMm).orElse(0.0)) + ").");
    }

    /** Whether it is made of something that may be eaten. */
    boolean edible();

    /** The figures of what it starts from. */
    void figures(Figures figures, Outline outline, int count, Paste paste);

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
        public Steps begin(Outline outline, int count, Paste paste) {
            return Steps.of(
                    Operation.CUT,
                    count,
                    "Cut {n}{tool}, " + Said.size(outline.lengthMm(), outline.widthMm()) + ". Cover them.");
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
        public Steps begin(Outline outline, int count, Paste paste) {
            return Steps.of(
                    Operation.CUT,
                    count,
                    "Cut {n} from tape " + Said.mm(tapeMm) + " wide, "
                            + Said.size(outline.lengthMm(), outline.widthMm()) + ". Tape is not food.");
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
