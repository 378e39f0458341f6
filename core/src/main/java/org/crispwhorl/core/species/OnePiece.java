package org.crispwhorl.core.species;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.measure.Cache;
import org.crispwhorl.core.measure.Figure;
import org.crispwhorl.core.measure.Figures;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.outline.Cut;
import org.crispwhorl.core.outline.CutShape;
import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.paste.Paste;
import org.crispwhorl.core.thinning.Thinning;
import org.crispwhorl.core.work.Operation;
import org.crispwhorl.core.work.Said;
import org.crispwhorl.core.work.Steps;

/** All petals of the ring in one cut, round a middle that is threaded on the wire or glued. */
@Text(label = "one-piece cut", means = "All petals of the ring in one cut round a middle.")
public record OnePiece(
        @Text(label = "thickness") Thinning thinning,

        @Quantity(
                label = "middle",
                unit = Unit.MM,
                min = 0.5,
                max = 60,
                step = 0.5,
                usual = 4,
                means = "Diameter of the middle from which the petals spring, as cut.")
        double middleMm,

        @Text(label = "divided") Division division,

        @Quantity(
                label = "petals of a cut",
                unit = Unit.COUNT,
                min = 0,
                max = 120,
                usual = 0,
                means =
                        "Petals that the cutter has: 0 as many as the ring. A ring of more takes several cuts, one of fewer leaves some of a cut unused. A cut of unlike lobes has as many as the ring.")
        int petalsInCut,

        @Text(
                label = "unlike lobes",
                longest = 6,
                means =
                        "Lobes of the same cut that are not like the ring's own petals; none for a cut of equal petals.")
        List<Lobe> lobes)
        implements Making {
    /** What is done with the cut before it is shaped. */
    public enum Division {
        @Text(label = "whole", means = "Left whole.")
        WHOLE,
        @Text(label = "petals split", means = "Each petal of the cutter is split in two along its length.")
        SPLIT,
        @Text(label = "in sections", means = "Quartered, so that it is easier to handle.")
        SECTIONS,
        @Text(label = "in single petals", means = "Taken apart into single petals.")
        SINGLES
    }

    private static final int SECTIONS = 4;

    /** A petal that is split along its length gives two. */
    private static final int HALVES = 2;

    public OnePiece {
        lobes = List.copyOf(lobes);
        Limits.check(OnePiece.class, thinning, middleMm, division, petalsInCut, lobes);
    }

    /** A cut of equal petals. */
    public OnePiece(Thinning thinning, double middleMm, Division division, int petalsInCut) {
        this(thinning, middleMm, division, petalsInCut, List.of());
    }

    @Override
    public String inShort() {
        return "one cut ";
    }

    /** A cut that has as many petals as the ring. */
    public OnePiece(Thinning thinning, double middleMm, Division division) {
        this(thinning, middleMm, division, 0);
    }

    /** The same cut by a cutter of so many petals. */
    public OnePiece withPetalsInCut(int petals) {
        return new OnePiece(thinning, middleMm, division, petals, lobes);
    }

    @Override
    public Optional<Thinning> thinned() {
        return Optional.of(thinning);
    }

    @Override
    public Making withThinning(Thinning other) {
        return new OnePiece(other, middleMm, division, petalsInCut, lobes);
    }

    @Override
    public Optional<Cut> cutOf(Outline outline, int count) {
        return Optional.of(
                lobes.isEmpty()
                        ? new Cut(outline, cutterPetals(count), middleMm)
                        : UNIONS.of(
                                List.of(outline, cutterPetals(count), middleMm, lobes),
                                () -> Cut.of(union(outline, count).traced())));
    }

    private static final Cache<List<Object>, Cut> UNIONS = new Cache<>(64);

    /** The cut of unlike lobes as it lies. */
    private CutShape union(Outline outline, int count) {
        List<CutShape.Sprung> sprung = new ArrayList<>();
        int petals = cutterPetals(count);
        for (int k = 0; k < petals; k++) {
            sprung.add(new CutShape.Sprung(outline, 2 * Math.PI * k / petals));
        }
        for (Lobe lobe : lobes) {
            for (double azimuth : lobe.azimuthsRad()) {
                sprung.add(new CutShape.Sprung(lobe.outline(), azimuth));
            }
        }
        return CutShape.sprung(sprung, middleMm);
    }

    @Override
    public List<Lobe> unlike() {
        return lobes;
    }

    @Override
    public Making besideLobes(int all) {
        return new OnePiece(
                thinning, middleMm, Division.WHOLE, (int) Limits.within(OnePiece.class, "petalsInCut", all));
    }

    @Override
    public Making leaning(double open) {
        return new OnePiece(
                thinning,
                middleMm,
                division,
                petalsInCut,
                lobes.stream().map(l -> l.opened(open)).toList());
    }

    /** Petals of the ring and unlike lobes together. */
    private int all(int count) {
        return count + lobes.stream().mapToInt(Lobe::count).sum();
    }

    @Override
    public double finishedMiddleMm() {
        return thinning.growth() * middleMm;
    }

    @Override
    public Steps begin(Outline outline, int count, Paste paste) {
        int snips =
                switch (division) {
                    case WHOLE -> piecesUnused(count) > 0 ? 1 : 0;
                    case SPLIT -> (count + 1) / 2;
                    case SECTIONS, SINGLES -> joints(count);
                };
        String star = lobes.isEmpty()
                ? "of " + cutterPetals(count) + ", " + Said.mm(acrossMm(outline)) + " across, middle "
                        + Said.mm(middleMm)
                : "of " + all(count) + " unlike lobes";
        return Steps.of(Operation.CUT, cuts(count), "Cut {n} in one piece{tool}, " + star + ". Cover them.")
                .and(Operation.SNIP, snips > 0 ? 1 : 0, snips, divided(count));
    }

    private String divided(int count) {
        return switch (division) {
            case WHOLE -> "Cut " + Said.many(piecesUnused(count), "petal") + " away.";
            case SPLIT -> "Split each petal along its length, to the middle.";
            case SECTIONS -> "Cut each in " + SECTIONS + " sections.";
            case SINGLES -> "Cut each into single petals.";
        };
    }

    @Override
    public boolean edible() {
        return true;
    }

    @Override
    public Optional<Making> singly() {
        return lobes.isEmpty() ? Optional.of(new Sheet(thinning)) : Optional.empty();
    }

    @Override
    public Optional<Making> inSections() {
        return division == Division.WHOLE && lobes.isEmpty()
                ? Optional.of(new OnePiece(thinning, middleMm, Division.SECTIONS, petalsInCut))
                : Optional.empty();
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
                                Why.in("petal", (acrossMm(outline) - middleMm) / 2, Unit.MM)));
    }

    @Override
    public Making scaled(double factor) {
        return new OnePiece(
                thinning,
                Limits.within(OnePiece.class, "middleMm", middleMm * factor),
                division,
                petalsInCut,
                lobes.stream().map(l -> l.scaled(factor)).toList());
    }

    /** Pieces of the ring that one cut gives when all of it is used. */
    private int ofOneCut(int count) {
        return petalsInCut == 0 || !lobes.isEmpty() ? count : petalsInCut * (division == Division.SPLIT ? HALVES : 1);
    }

    /** How many times the cutter is pressed for a ring. */
    private int cuts(int count) {
        int each = ofOneCut(count);
        return (count + each - 1) / each;
    }

    /** Pieces of its cuts that are cut away. */
    private int piecesUnused(int count) {
        return cuts(count) * ofOneCut(count) - count;
    }

    @Override
    public int piecesPerUnit(int count) {
        return Math.min(count, ofOneCut(count));
    }

    @Override
    public int joints(int count) {
        return switch (division) {
            case WHOLE, SPLIT -> cuts(count);
            case SECTIONS -> Math.min(SECTIONS * cuts(count), count);
            case SINGLES -> count;
        };
    }

    @Override
    public Making ofCutter(int count) {
        return withPetalsInCut(cutterPetals(count));
    }

    @Override
    public int besides(int count) {
        return ofOneCut(count) + all(count) - count;
    }

    /** What is split along its length is half as wide. */
    @Override
    public Outline finished(Outline outline) {
        Outline petal = thinning.petalFrom(outline);
        return division == Division.SPLIT
                ? petal.withWidth(Limits.within(Outline.class, "widthMm", petal.widthMm() / HALVES))
                : petal;
    }

    @Override
    public double volumeMm3(Outline outline, int count, Paste paste) {
        int petals = cutterPetals(count);
        double alike = new Cut(outline, petals, middleMm).areaMm2();
        double unlike =
                lobes.isEmpty() ? 0 : cutOf(outline, count).orElseThrow().areaMm2() - alike;
        double each = division == Division.SPLIT ? HALVES * petals : petals;
        return (alike / each + unlike / count) * thinning.rolledMm();
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
        double longest = lobes.stream().mapToDouble(l -> l.outline().lengthMm()).reduce(outline.lengthMm(), Math::max);
        return middleMm + 2 * longest;
    }

    /** Petals that the cutter itself has. */
    public int cutterPetals(int count) {
        int all =
                petalsInCut > 0 && lobes.isEmpty() ? petalsInCut : division == Division.SPLIT ? (count + 1) / 2 : count;
        return Math.max(1, all);
    }

    @Override
    public String startsFrom(Outline outline, int count, Paste paste) {
        return lobes.isEmpty()
                ? "one-piece cutter of " + cutterPetals(count) + ", " + Unit.MM.write(acrossMm(outline)) + " across"
                : "one-piece cutter of " + all(count) + " unlike lobes, "
                        + Unit.MM.write(cutOf(outline, count).orElseThrow().sizeMm()) + " long";
    }
}
