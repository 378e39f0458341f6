package org.crispwhorl.core.colour;

import java.math.BigDecimal;
import java.util.stream.Collectors;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.work.Said;

/** How a pass of colour is told. */
public final class PassWords {
    private static final double FAINT = 0.35;
    private static final double LIGHT = 0.5;
    private static final double CLEAR = 0.7;

    private PassWords() {}

    /** A sentence, or two. */
    static String of(Pass pass, boolean flat) {
        String after = after(pass);
        return pass.how().told() + " " + what(pass) + ": " + where(pass, flat) + ", " + strength(pass.strength())
                + (after.isEmpty() ? "" : "; " + after);
    }

    /** Its colours, and what they are let down with. */
    public static String what(Pass pass) {
        if (pass.colours().isEmpty()) {
            return "a colour still to be chosen";
        }
        String mixed = pass.colours().stream()
                .map(c -> pass.colours().size() > 1 ? parts(c.parts()) + " " + c.name() : c.name())
                .collect(Collectors.joining(" + "));
        return pass.carrier() == Carrier.NOTHING
                ? mixed
                : mixed + ", let down 1 : " + parts(pass.letDown()) + " with " + Text.Labels.of(pass.carrier());
    }

    private static String parts(double parts) {
        return BigDecimal.valueOf(parts).stripTrailingZeros().toPlainString();
    }

    /**
     * Its zone and its side, with how far it reaches and fades.
     *
     * @param flat whether it goes on flat pieces, which have a face and a back
     */
    public static String where(Pass pass, boolean flat) {
        String zone = Text.Labels.of(pass.zone()) + (flat ? ", " + Text.Labels.of(pass.side()) : "");
        return pass.idle(flat).contains("reachMm")
                ? zone
                : zone + ": " + Said.mm(pass.reachMm()) + ", fading over " + Said.mm(pass.fadeMm());
    }

    /** What is done, or waited for, after it; empty where nothing is. */
    public static String after(Pass pass) {
        String wait = pass.waitMin() > 0 ? "wait " + Unit.MIN.write(pass.waitMin()) : "";
        return pass.brushedOff() && !pass.wet() ? "brush off what is loose" : wait;
    }

    private static String strength(double strength) {
        String word =
                strength <= FAINT ? "faint" : strength <= LIGHT ? "light" : strength <= CLEAR ? "clear" : "strong";
        return word + " (" + parts(Math.round(10 * strength)) + " tenths)";
    }
}
