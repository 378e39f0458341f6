package org.crispwhorl.core.drawer;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import org.crispwhorl.core.measure.Unit;

/**
 * Whether a pick takes a stem and stays inside a tier.
 *
 * @param reason why it does not, or how it fits
 */
public record PickFit(CakePick pick, boolean fits, String reason) {
    /** A stem wants this much more bore than it is thick, mm. */
    public static final double PLAY_MM = 0.5;

    /** A pick ends at least this far above the board, mm. */
    public static final double CLEAR_MM = 10;

    /** All picks for a stem and a tier, the narrowest and shortest that fits first. */
    public static List<PickFit> of(double stemMm, double tierMm, Drawer drawer) {
        return drawer.all(CakePick.class).stream()
                .map(p -> of(stemMm, tierMm, p))
                .sorted(Comparator.comparing(PickFit::fits)
                        .reversed()
                        .thenComparing(f -> f.pick().count() == 0)
                        .thenComparingDouble(f -> f.pick().boreMm())
                        .thenComparingDouble(f -> f.pick().lengthMm()))
                .toList();
    }

    /** One pick for a stem and a tier. */
    public static PickFit of(double stemMm, double tierMm, CakePick pick) {
        if (pick.boreMm() < stemMm + PLAY_MM - 1e-9) {
            return new PickFit(
                    pick,
                    false,
                    String.format(
                            Locale.ROOT,
                            "too narrow: the stem is %s and wants a bore of %s",
                            Unit.MM.write(stemMm),
                            Unit.MM.write(stemMm + PLAY_MM)));
        }
        if (pick.lengthMm() > tierMm - CLEAR_MM + 1e-9) {
            return new PickFit(
                    pick,
                    false,
                    String.format(
                            Locale.ROOT,
                            "too long: the tier is %s tall and takes %s",
                            Unit.MM.write(tierMm),
                            Unit.MM.write(Math.max(0, tierMm - CLEAR_MM))));
        }
        return new PickFit(pick, true, Unit.MM.write(pick.boreMm() - stemMm) + " of play round the stem");
    }
}
