package org.crispwhorl.core.species;

import java.util.Optional;
import org.crispwhorl.core.hands.Hands;
import org.crispwhorl.core.hands.Operation;
import org.crispwhorl.core.measure.Figures;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Words;
import org.crispwhorl.core.outline.Cut;
import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.paste.Paste;
import org.crispwhorl.core.thinning.Thinning;

/** Each piece cut from a sheet without a cutter: with a knife, round a template, or freehand. */
@Words(label = "cut by hand", means = "Each piece is cut from a sheet with a knife, then thinned; no cutter is needed.")
public record ByHand(
        @Words(label = "thickness") Thinning thinning,
        @Words(label = "with") Guide guide) implements Making {
    /** What the knife goes by. */
    @Words(label = "with", means = "What the knife goes by.")
    public enum Guide {
        @Words(label = "a template", means = "Round a template of card, which is printed at its true size.")
        TEMPLATE(1.5),
        @Words(label = "knife and ruler", means = "Straight cuts that are measured.")
        KNIFE(1.5),
        @Words(label = "freehand", means = "With scissors or a wheel, by eye.")
        FREEHAND(1);

        private final double presses;

        Guide(double presses) {
            this.presses = presses;
        }

        /** How many presses of a cutter one piece is worth. */
        double presses() {
            return presses;
        }
    }

    public ByHand {
        Limits.check(ByHand.class, thinning, guide);
    }

    @Override
    public String inShort() {
        return "by hand ";
    }

    @Override
    public Optional<Thinning> thinned() {
        return Optional.of(thinning);
    }

    @Override
    public Making withThinning(Thinning other) {
        return new ByHand(other, guide);
    }

    /** No cutter is looked for. */
    @Override
    public Optional<Cut> cutOf(Outline outline, int count) {
        return Optional.empty();
    }

    @Override
    public double finishedMiddleMm() {
        return 0;
    }

    @Override
    public Hands begin(Outline outline, int count) {
        return Hands.of(Operation.CUT, count * guide.presses())
                .and(Operation.THIN, thinning.thins() ? count : 0, thinning.thins() ? count : 0);
    }

    @Override
    public boolean edible() {
        return true;
    }

    @Override
    public Optional<Making> thickened(Outline outline, double meanMm, Paste paste) {
        return Optional.of(withThinning(thinning.to(meanMm)));
    }

    @Override
    public void figures(Figures figures, Outline outline, int count, Paste paste) {
        // What it is cut from is told with its sizes.
    }

    @Override
    public Outline finished(Outline outline) {
        return thinning.petalFrom(outline);
    }

    @Override
    public double volumeMm3(Outline outline, int count, Paste paste) {
        return thinning.volumeMm3(outline);
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
    public String startsFrom(Outline outline, int count, Paste paste) {
        return switch (guide) {
            case TEMPLATE -> "template " + size(outline);
            case KNIFE -> "knife and ruler, " + size(outline);
            case FREEHAND -> "freehand, " + size(outline);
        };
    }

    private static String size(Outline outline) {
        return Unit.MM.write(outline.lengthMm()) + " × " + Unit.MM.write(outline.widthMm());
    }
}
