package org.crispwhorl.core.species;

import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.measure.Figure;
import org.crispwhorl.core.measure.Figures;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.outline.Cut;
import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.paste.Paste;
import org.crispwhorl.core.solid.Solid;
import org.crispwhorl.core.thinning.PressedBall;
import org.crispwhorl.core.thinning.Thinning;
import org.crispwhorl.core.work.Operation;
import org.crispwhorl.core.work.Said;
import org.crispwhorl.core.work.Steps;

/** A cone whose broad end is rolled out to a brim; a cutter pushed over the cone cuts the brim into petals or sepals. */
@Text(
        label = "cone with a brim, cut",
        means = "The broad end of a cone is rolled out to a brim, and a cutter is pushed over the cone to cut it.")
public record BrimmedCone(
        @Text(label = "thickness of the brim") Thinning thinning,

        @Quantity(
                label = "cone wide",
                unit = Unit.MM,
                min = 1,
                max = 40,
                step = 0.5,
                usual = 5,
                means = "Where it goes over into the brim; the cutter goes over it.")
        double coneMm,

        @Quantity(
                label = "cone long",
                unit = Unit.MM,
                min = 1,
                max = 60,
                usual = 12,
                means = "From the brim to its point.")
        double longMm,

        @Text(label = "hollowed", means = "Opened with a pointed tool once it is cut.")
        boolean hollowed)
        implements Making {
    public BrimmedCone {
        Limits.check(BrimmedCone.class, thinning, coneMm, longMm, hollowed);
    }

    @Override
    public String inShort() {
        return "brimmed cone ";
    }

    @Override
    public int piecesPerUnit(int count) {
        return count;
    }

    @Override
    public int besides(int count) {
        return count;
    }

    @Override
    public int joints(int count) {
        return 1;
    }

    /** It keeps its own shape. */
    @Override
    public boolean lies() {
        return false;
    }

    @Override
    public Optional<Thinning> thinned() {
        return Optional.of(thinning);
    }

    @Override
    public Making withThinning(Thinning other) {
        return new BrimmedCone(other, coneMm, longMm, hollowed);
    }

    @Override
    public Optional<Cut> cutOf(Outline outline, int count) {
        return Optional.of(new Cut(outline, count, coneMm));
    }

    @Override
    public double finishedMiddleMm() {
        return coneMm;
    }

    @Override
    public double pushedInMm() {
        return longMm;
    }

    @Override
    public List<Solid> foot(double onStemMm) {
        return List.of(new Solid.Turned(onStemMm - longMm, longMm, z -> coneMm / 2 * z / longMm));
    }

    @Override
    public Steps begin(Outline outline, int count, Paste paste) {
        return Steps.of(
                        Operation.SHAPE,
                        1,
                        "Roll a ball of " + Said.mm(ballMm(outline)) + " to a cone " + Said.mm(coneMm) + " wide, "
                                + Said.mm(longMm) + " long.")
                .and(Operation.HOLLOW, 1, "Roll its broad end out to a brim, " + Said.thick(thinning.rolledMm()) + ".")
                .and(
                        Operation.CUT,
                        1,
                        "Push the cutter over the cone, " + Said.mm(coneMm + 2 * outline.lengthMm()) + " across; cut.")
                .and(Operation.HOLLOW, hollowed ? 1 : 0, "Open the middle with a pointed tool.");
    }

    @Override
    public boolean edible() {
        return true;
    }

    @Override
    public Outline finished(Outline outline) {
        return thinning.petalFrom(outline);
    }

    /** A petal, its share of the middle of the brim, and its share of the cone. */
    @Override
    public double volumeMm3(Outline outline, int count, Paste paste) {
        double brim = new Cut(outline, count, coneMm).areaMm2() * thinning.rolledMm();
        return (brim + Math.PI * coneMm * coneMm * longMm / 12) / count;
    }

    @Override
    public double finishedMm(Outline outline, Paste paste) {
        return thinning.finishedMm();
    }

    @Override
    public double rolledMm() {
        return thinning.rolledMm();
    }

    @Override
    public Optional<Making> thickened(Outline outline, double meanMm, Paste paste) {
        return Optional.of(withThinning(thinning.to(meanMm)));
    }

    @Override
    public Making scaled(double factor) {
        return new BrimmedCone(
                thinning,
                Limits.within(BrimmedCone.class, "coneMm", coneMm * factor),
                Limits.within(BrimmedCone.class, "longMm", longMm * factor),
                hollowed);
    }

    /** The ball that holds the cone and a brim as wide as the cutter; what is cut off round it goes back. */
    private double ballMm(Outline outline) {
        double across = coneMm + 2 * outline.lengthMm();
        double brim = Math.PI / 4 * across * across * thinning.rolledMm();
        return PressedBall.diameterMm(brim + Math.PI * coneMm * coneMm * longMm / 12);
    }

    @Override
    public void figures(Figures figures, Outline outline, int count, Paste paste) {
        double ball = ballMm(outline);
        figures.in(Figure.Group.SIZE)
                .add(
                        "ball",
                        "ball to start from",
                        ball,
                        Unit.MM,
                        Why.of(
                                "πD³/6 is a brim as wide as the cutter × its thickness + the cone; what is cut off round it goes back",
                                "Conservation of volume",
                                Why.in("cutter, tip to tip", coneMm + 2 * outline.lengthMm(), Unit.MM),
                                Why.in("brim, as it is rolled", thinning.rolledMm(), Unit.FINE_MM),
                                Why.in("cone wide", coneMm, Unit.MM),
                                Why.in("cone long", longMm, Unit.MM)));
        Portioned.slice(figures, ball);
    }

    @Override
    public String startsFrom(Outline outline, int count, Paste paste) {
        return "ball " + Unit.MM.write(ballMm(outline)) + ", made a cone with a brim; cutter of " + count + ", "
                + Unit.MM.write(coneMm + 2 * outline.lengthMm()) + " across";
    }
}
