package org.crispwhorl.core.species;

import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.paste.Paste;
import org.crispwhorl.core.solid.Solid;
import org.crispwhorl.core.thinning.PressedBall;
import org.crispwhorl.core.work.Operation;
import org.crispwhorl.core.work.Said;
import org.crispwhorl.core.work.Steps;

/** A cone hollowed with a pointed tool and snipped into the ring's petals. */
@Text(label = "hollowed cone, snipped", means = "A cone is hollowed and its wall snipped into petals.")
public record HollowedCone(
        @Quantity(
                label = "wall",
                unit = Unit.MM,
                min = 0.2,
                max = 8,
                step = 0.1,
                usual = 0.8,
                means = "Thickness of the petals.")
        double wallMm,

        @Quantity(
                label = "foot",
                unit = Unit.MM,
                min = 0,
                max = 60,
                usual = 6,
                means = "Length of the solid point that is left below.")
        double footMm,

        @Quantity(
                label = "foot width",
                unit = Unit.MM,
                min = 0.5,
                max = 40,
                step = 0.5,
                usual = 4,
                means = "Diameter of the solid point at its top.")
        double footWidthMm)
        implements FromBall {
    public HollowedCone {
        Limits.check(HollowedCone.class, wallMm, footMm, footWidthMm);
    }

    @Override
    public String inShort() {
        return "cone ";
    }

    @Override
    public boolean lies() {
        return false;
    }

    @Override
    public double pushedInMm() {
        return footMm;
    }

    /** Its point down. */
    @Override
    public List<Solid> foot(double onStemMm) {
        return footMm == 0
                ? List.of()
                : List.of(new Solid.Turned(onStemMm - footMm, footMm, z -> footWidthMm / 2 * z / footMm));
    }

    @Override
    public double finishedMiddleMm() {
        return footWidthMm;
    }

    @Override
    public Steps begin(Outline outline, int count, Paste paste) {
        double ball = PressedBall.diameterMm(count * volumeMm3(outline, count, paste));
        return Steps.of(
                        Operation.SHAPE,
                        1,
                        "Roll a ball of " + Said.mm(ball) + " to a cone"
                                + (footMm > 0
                                        ? " with a point " + Said.mm(footMm) + " long, " + Said.mm(footWidthMm)
                                                + " wide."
                                        : "."))
                .and(Operation.HOLLOW, 1, "Hollow its broad end to a wall of " + Said.thick(wallMm) + ".")
                .and(
                        Operation.SNIP,
                        1,
                        count,
                        "Snip it into " + count + "; shape each " + Said.size(outline.lengthMm(), outline.widthMm())
                                + ".");
    }

    @Override
    public Optional<Making> thickened(Outline outline, double meanMm, Paste paste) {
        return Optional.of(new HollowedCone(Limits.within(HollowedCone.class, "wallMm", meanMm), footMm, footWidthMm));
    }

    @Override
    public Making scaled(double factor) {
        return new HollowedCone(
                wallMm,
                Limits.within(HollowedCone.class, "footMm", footMm * factor),
                Limits.within(HollowedCone.class, "footWidthMm", footWidthMm * factor));
    }

    @Override
    public int piecesPerUnit(int count) {
        return count;
    }

    @Override
    public int joints(int count) {
        return 1;
    }

    @Override
    public double volumeMm3(Outline outline, int count, Paste paste) {
        return outline.areaMm2() * wallMm + Math.PI * footWidthMm * footWidthMm * footMm / 12 / count;
    }

    @Override
    public double finishedMm(Outline outline, Paste paste) {
        return wallMm;
    }

    @Override
    public String startsFrom(Outline outline, int count, Paste paste) {
        return "ball " + Unit.MM.write(PressedBall.diameterMm(count * volumeMm3(outline, count, paste)))
                + ", made a cone";
    }
}
