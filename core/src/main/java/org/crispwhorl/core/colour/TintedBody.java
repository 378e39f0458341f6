package org.crispwhorl.core.colour;

import java.util.List;
import org.crispwhorl.core.paste.MixingLaw;

/**
 * A body that is no flat piece as its passes leave it: the colour at each height. It has a foot and a tip, from which zones are
 * reckoned along its height; it has no sides, so that what goes from an edge or down a midrib goes all over it.
 */
public final class TintedBody {
    private final List<Pass> passes;
    private final double lowMm;
    private final double topMm;
    private final boolean steamed;

    /**
     * @param lowMm height of its foot
     * @param topMm height of its tip
     * @param steamed whether it is passed through steam at last
     */
    public TintedBody(Colouring colouring, double lowMm, double topMm, boolean steamed) {
        this.passes =
                colouring.passes().stream().filter(p -> !p.colours().isEmpty()).toList();
        this.lowMm = lowMm;
        this.topMm = topMm;
        this.steamed = steamed;
    }

    /** Whether its colour differs by height. */
    public boolean graded() {
        return topMm > lowMm && passes.stream().anyMatch(p -> !p.zone().everywhereOnBody());
    }

    public double lowMm() {
        return lowMm;
    }

    public double topMm() {
        return topMm;
    }

    /**
     * Its colour at a height.
     *
     * @param base the paste, reflectances in linear light
     * @return reflectances in linear light
     */
    public double[] at(double[] base, double heightMm) {
        double[] under = base;
        for (Pass pass : passes) {
            double share = pass.seen(shareAt(pass, heightMm), steamed);
            under = MixingLaw.over(under, Mixture.linear(pass), share);
        }
        return under;
    }

    private double shareAt(Pass pass, double heightMm) {
        return pass.shareOnBody(Math.max(0, heightMm - lowMm), Math.max(0, topMm - heightMm));
    }

    /** What it looks like at a few places. */
    public Worn worn(double[] base) {
        return new Worn(
                MixingLaw.hex(base),
                look(base, Worn.FOOT),
                look(base, Worn.MIDDLE),
                look(base, Worn.EDGE),
                look(base, 0));
    }

    private String look(double[] base, double share) {
        return MixingLaw.hex(at(base, lowMm + share * (topMm - lowMm)));
    }

    /**
     * The colours that lie on it.
     *
     * @param surface stretches of its surface
     */
    public List<ColourUse> uses(List<Stretch> surface) {
        return passes.stream()
                .flatMap(pass -> Mixture.uses(
                        pass,
                        surface.stream()
                                .mapToDouble(s -> s.areaMm2() * shareAt(pass, s.heightMm()))
                                .sum())
                        .stream())
                .toList();
    }

    /** A stretch of a body's surface, and the height of its middle. */
    public record Stretch(double heightMm, double areaMm2) {}
}
