package org.crispwhorl.core.species;

import java.util.Optional;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.outline.Cut;
import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.paste.Paste;
import org.crispwhorl.core.thinning.Thinning;
import org.crispwhorl.core.work.Operation;
import org.crispwhorl.core.work.Said;
import org.crispwhorl.core.work.Steps;

/** Each piece cut from a sheet without a cutter: with a knife, round a template, or freehand. */
@Text(label = "cut by hand", means = "Each piece is cut from a sheet with a knife, then thinned; no cutter is needed.")
public record ByHand(
        @Text(label = "thickness") Thinning thinning,
        @Text(label = "with") Guide guide) implements FromSheet {
    /** What the knife goes by. */
    @Text(label = "with", means = "What the knife goes by.")
    public enum Guide {
        @Text(label = "a template", means = "Round a template of card, which is printed at its true size.")
        TEMPLATE(1.5, "round the template"),
        @Text(label = "knife and ruler", means = "Straight cuts that are measured.")
        KNIFE(1.5, "with knife and ruler"),
        @Text(label = "freehand", means = "With scissors or a wheel, by eye.")
        FREEHAND(1, "freehand");

        private final double presses;
        private final String told;

        Guide(double presses, String told) {
            this.presses = presses;
            this.told = told;
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
    public Making withThinning(Thinning other) {
        return new ByHand(other, guide);
    }

    /** No cutter is looked for. */
    @Override
    public Optional<Cut> cutOf(Outline outline, int count) {
        return Optional.empty();
    }

    @Override
    public Optional<Cut> templateOf(Outline outline) {
        return guide == Guide.TEMPLATE ? Optional.of(Cut.of(outline)) : Optional.empty();
    }

    @Override
    public Steps begin(Outline outline, int count, Paste paste) {
        return Steps.NONE.andCounted(
                Operation.CUT,
                count * guide.presses(),
                count,
                "Cut {n} " + guide.told + ", " + Said.size(outline.lengthMm(), outline.widthMm()) + ". Cover them.");
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
