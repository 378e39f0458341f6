package org.crispwhorl.core.species;

import java.util.Optional;
import org.crispwhorl.core.hands.Hands;
import org.crispwhorl.core.hands.Operation;
import org.crispwhorl.core.measure.Figure;
import org.crispwhorl.core.measure.Figures;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.measure.Words;
import org.crispwhorl.core.outline.Cut;
import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.paste.Paste;
import org.crispwhorl.core.thinning.Thinning;

/** All petals of the ring in one cut, round a middle that is threaded on the wire or glued. */
@Words(label = "one-piece cut", means = "All petals of the ring in one cut round a middle.")
public record OnePiece(
        @Words(label = "thickness") Thinning thinning,

        @Quantity(
                label = "middle",
                unit = Unit.MM,
                min = 0.5,
                max = 60,
                step = 0.5,
                usual = 4,
                means = "Diameter of the middle from which the petals spring, as cut.")
        double middleMm,

        @Words(label = "divided") Division division)
        implements Making {
    /** What is done with the cut before it is shaped. */
    public enum Division {
        @Words(label = "whole", means = "Left whole.")
        WHOLE,
        @Words(label = "petals split", means = "Each petal of the cutter is split in two along its length.")
        SPLIT,
        @Words(label = "in sections", means = "Quartered, so that it is easier to handle.")
        SECTIONS,
        @Words(label = "in single petals", means = "Taken apart into single petals.")
        SINGLES
    }

    private static final int SECTIONS = 4;

    public OnePiece {
        Limits.check(OnePiece.class, thinning, middleMm, division);
    }

    @Override
    public Optional<Thinning> thinned() {
        return Optional.of(thinning);
    }

    @Override
    public Making withThinning(Thinning other) {
        return new OnePiece(other, middleMm, division);
    }

    @Override
    public Optional<Cut> cutOf(Outline outline, int count) {
        return Optional.of(new Cut(outline, count, middleMm));
    }

    @Override
    public double finishedMiddleMm() {
        return thinning.growth() * middleMm;
    }

    @Override
    public Hands begin(Outline outline, int count) {
        int snips =
                switch (division) {
                    case WHOLE -> 0;
                    case SPLIT -> cutterPetals(count);
                    case SECTIONS, SINGLES -> joints(count);
                };
        boolean thins = thinning.thins();
        return Hands.of(Operation.CUT, 1)
                .and(Operation.CUP, snips > 0 ? 1 : 0, snips)
                .and(Operation.THIN, thins ? joints(count) : 0, thins ? count : 0);
    }

    @Override
    public boolean edible() {
        return true;
    }

    @Override
    public Optional<Making> singly() {
        return Optional.of(new Sheet(thinning));
    }

    @Override
    public Optional<Making> thickened(Outline outline, double meanMm, Paste paste) {
        return Optional.of(withThinning(thinning.to(meanMm)));
    }

    @Override
    public void figures(Figures figures, Outline outline, int count, Paste paste) {
        figures.in(Figure.Group.SIZE)
                .add(
                        "across",
                        "cutter, tip to tip",
                        acrossMm(outline),
                        Unit.MM,
                        Why.of(
                                "Middle + two petals",
                                "Your design",
                                Why.in("middle", middleMm, Unit.MM),
                                Why.in("petal", outline.lengthMm(), Unit.MM)));
    }

    @Override
    public Making scaled(double factor) {
        return new OnePiece(thinning, Limits.within(OnePiece.class, "middleMm", middleMm * factor), division);
    }

    @Override
    public int piecesPerUnit(int count) {
        return count;
    }

    @Override
    public int joints(int count) {
        return switch (division) {
            case WHOLE, SPLIT -> 1;
            case SECTIONS -> Math.min(SECTIONS, count);
            case SINGLES -> count;
        };
    }

    @Override
    public Outline finished(Outline outline) {
        return thinning.petalFrom(outline);
    }

    @Override
    public double volumeMm3(Outline outline, int count, Paste paste) {
        int lobes = Math.max(1, cutterPetals(count));
        double cuts = (double) count / lobes;
        return cuts * new Cut(outline, lobes, middleMm).areaMm2() * thinning.rolledMm() / count;
    }

    @Override
    public double finishedMm(Outline outline, Paste paste) {
        return thinning.finishedMm();
    }

    @Override
    public double rolledMm() {
        return thinning.rolledMm();
    }

    /** Width of the cutter from tip to tip, mm. */
    public double acrossMm(Outline outline) {
        return middleMm + 2 * outline.lengthMm();
    }

    /** Petals that the cutter itself has. */
    public int cutterPetals(int count) {
        return division == Division.SPLIT ? (count + 1) / 2 : count;
    }

    @Override
    public String startsFrom(Outline outline, int count, Paste paste) {
        return "one-piece cutter of " + cutterPetals(count) + ", " + Unit.MM.write(acrossMm(outline)) + " across";
    }
}
