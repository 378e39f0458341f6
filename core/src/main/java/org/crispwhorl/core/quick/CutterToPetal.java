package org.crispwhorl.core.quick;

import static org.crispwhorl.core.measure.Why.in;

import org.crispwhorl.core.drawer.Drawer;
import org.crispwhorl.core.measure.Figure.Group;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.thinning.Thinning;

/** The petal that a cutter gives after thinning, or the cutter that a petal asks for. */
@Text(
        label = "cutter to petal",
        means = "The petal that a cutter gives after thinning, or the cutter that a petal asks for.")
public record CutterToPetal(
        @Text(label = "known") Which known,

        @Quantity(label = "length", unit = Unit.MM, min = 2, max = 300, usual = 40, means = "Its length.")
        double lengthMm,

        @Quantity(label = "width", unit = Unit.MM, min = 1, max = 300, usual = 22, means = "Its width.")
        double widthMm,

        @Quantity(
                label = "rolled",
                unit = Unit.FINE_MM,
                min = 0.2,
                max = 12,
                step = 0.05,
                usual = 1.1,
                means = "Thickness of the sheet when it is cut.")
        double rolledMm,

        @Quantity(
                label = "finished",
                unit = Unit.FINE_MM,
                min = 0.15,
                max = 12,
                step = 0.05,
                usual = 0.7,
                means = "Mean thickness once it is thinned.")
        double finishedMm)
        implements QuickQuestion {
    public CutterToPetal {
        Limits.check(CutterToPetal.class, known, lengthMm, widthMm, rolledMm, finishedMm);
    }

    /** Which of the two is known. */
    public enum Which {
        @Text(label = "the cutter")
        CUTTER,
        @Text(label = "the petal")
        PETAL
    }

    @Override
    public QuickAnswer answer(Drawer drawer) {
        double growth = new Thinning(rolledMm, finishedMm).growth();
        double by = known == Which.CUTTER ? growth : 1 / growth;
        String of = known == Which.CUTTER ? "petal" : "cutter";
        Why why = Why.of(
                "Lengths grow by √(rolled ÷ finished)",
                "Conservation of volume",
                in("rolled", rolledMm, Unit.FINE_MM),
                in("finished", finishedMm, Unit.FINE_MM));
        QuickAnswer.Draft draft = new QuickAnswer.Draft()
                .add(Group.SIZE, "length", of + " length", lengthMm * by, Unit.MM, why)
                .add(Group.SIZE, "width", of + " width", widthMm * by, Unit.MM, why)
                .add(Group.SIZE, "growth", "grows by", growth, Unit.FACTOR, why);
        drawer.roller()
                .ifPresent(roller -> draft.add(
                        Group.SIZE,
                        "setting",
                        "roll at setting",
                        roller.settingFor(rolledMm),
                        Unit.COUNT,
                        Why.of(
                                "The setting that comes nearest, interpolated between those that were measured",
                                roller.name(),
                                in("rolls", roller.thickMm(roller.settingFor(rolledMm)), Unit.FINE_MM))));
        if (growth < 1) {
            draft.note("Finished thicker than rolled: it does not grow, it shrinks. That is folding, not thinning.");
        }
        return draft.answer();
    }
}
