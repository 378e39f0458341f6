package org.crispwhorl.core.colour;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.paste.Stage;
import org.crispwhorl.core.work.Operation;
import org.crispwhorl.core.work.Use;

/** One going over with colour: what, how, on which side, where, how strong, and when. */
@RecordBuilder
@Text(label = "pass", means = "One going over with colour.")
public record Pass(
        @Text(label = "how") How how,

        @Text(
                label = "colours",
                longest = 6,
                means =
                        "What is mixed for it; none where the colour is still to be chosen: it takes its minutes and is not drawn.")
        List<Dip> colours,

        @Text(label = "let down with") Carrier carrier,

        @Quantity(
                label = "of that",
                unit = Unit.NONE,
                min = 0,
                max = 20,
                step = 0.5,
                usual = 1,
                means = "Parts of it to one part of colour.")
        double letDown,

        @Text(label = "side") PieceSide side,
        @Text(label = "zone") Zone zone,

        @Quantity(
                label = "reach",
                unit = Unit.MM,
                min = 0,
                max = 200,
                step = 0.5,
                usual = 6,
                means = "How far from there it is as strong as it gets.")
        double reachMm,

        @Quantity(
                label = "fade",
                unit = Unit.MM,
                min = 0,
                max = 200,
                step = 0.5,
                usual = 6,
                means = "Over how much more it fades to nothing.")
        double fadeMm,

        @Quantity(
                label = "strength",
                unit = Unit.NONE,
                min = 0,
                max = 1,
                step = 0.05,
                usual = 0.5,
                means = "Of the colour where it is strongest; the rest is what lies under it.")
        double strength,

        @Text(label = "when") GoesOn when,

        @Text(label = "on paste that is", means = "The stage at which a piece is coloured.")
        Stage at,

        @Text(label = "brushed off", means = "What lies loose is brushed off before anything else comes near.")
        boolean brushedOff)
        implements PassBuilder.With {
    /** Which side of a piece. */
    @Text(label = "side", means = "Which side of a piece.")
    public enum PieceSide {
        @Text(label = "face")
        FACE,
        @Text(label = "back")
        BACK,
        @Text(label = "face and back")
        BOTH
    }

    /** On what it goes on. */
    @Text(label = "when", means = "On what it goes on.")
    public enum GoesOn {
        @Text(label = "on each piece", means = "Before it is joined, where it is not joined soft.")
        PIECE,
        @Text(label = "on the ring", means = "Once it is joined, before the next part covers it.")
        RING,
        @Text(label = "on the flower", means = "Once the flower stands.")
        FLOWER
    }

    public Pass {
        colours = List.copyOf(colours);
        Limits.check(
                Pass.class,
                how,
                colours,
                carrier,
                letDown,
                side,
                zone,
                reachMm,
                fadeMm,
                strength,
                when,
                at,
                brushedOff);
    }

    /** Glue and crumb hold after a quarter of an hour. */
    private static final double CRUMB_MIN = 15;

    /** Until the next may come after it, min. */
    public double waitMin() {
        return how == How.CRUMB ? CRUMB_MIN : Math.max(carrier.waitMin(), liquid() ? Carrier.WATER.waitMin() : 0);
    }

    /** What hands do on one piece of a part. */
    public Operation by() {
        return how.by();
    }

    /**
     * It as it is told at the bench.
     *
     * @param flat whether it goes on flat pieces, which have a face and a back
     */
    public String told(boolean flat) {
        return PassWords.of(this, flat);
    }

    /** Whether it wets the paste. */
    public boolean wet() {
        return carrier.wet() || how == How.CRUMB || liquid();
    }

    private boolean liquid() {
        return colours.stream().anyMatch(c -> c.form() == ColourForm.LIQUID);
    }

    public boolean on(PieceSide looked) {
        return side == PieceSide.BOTH || side == looked;
    }

    /** Spirit, where it is let down with it. */
    public Optional<Use> uses() {
        return carrier == Carrier.SPIRIT
                ? Optional.of(Use.usedUp(Use.Sort.SPIRIT, Text.Labels.of(carrier)))
                : Optional.empty();
    }

    /** Share of the colour that is laid at a place, 0 to 1. */
    double shareAt(Spot at) {
        double left = leftAt(zone.offMm(at));
        return left == 0 ? 0 : fullShare() * left * how.grain(at);
    }

    /** The same on a body that is no flat piece, by how far the place is above its foot and below its top: even, in no pattern. */
    double shareOnBody(double fromFootMm, double toTipMm) {
        return fullShare() * leftAt(zone.offOnBodyMm(fromFootMm, toTipMm));
    }

    /** What is left of its strength so far from where it is strongest. */
    private double leftAt(double offMm) {
        double off = offMm - reachMm;
        return off <= 0 ? 1 : off >= fadeMm ? 0 : smooth(1 - off / fadeMm);
    }

    /** By how much steam deepens what lies loose: it melts the face of the paste round the dust. An estimate of the craft. */
    private static final double STEAM_DEEPENS = 1.15;

    /** Share of the colour that is seen where such a share was laid: as much, but steam deepens what is dry. */
    double seen(double laid, boolean steamed) {
        return steamed && !wet() ? Math.min(1, STEAM_DEEPENS * laid) : laid;
    }

    /** Share of the colour where it is strongest, 0 to 1. */
    double fullShare() {
        return strength * thinned();
    }

    /** What a liquid leaves of the strength: as much as there is of colour in it. */
    private double thinned() {
        return carrier.wet() ? 1 / (1 + letDown) : 1;
    }

    private static double smooth(double x) {
        return x * x * (3 - 2 * x);
    }

    /** The same, so much stronger or weaker; no stronger than in full. */
    public Pass strengthened(double newStrength) {
        return withStrength(Limits.within(Pass.class, "strength", newStrength));
    }

    /** The same, so wide, and fading over so much. */
    public Pass reaching(double newReachMm, double newFadeMm) {
        return withReachMm(Limits.within(Pass.class, "reachMm", newReachMm))
                .withFadeMm(Limits.within(Pass.class, "fadeMm", newFadeMm));
    }

    /**
     * Names of what of it changes nothing as it is: nothing lets down by any amount, all over has no reach, and nothing that is wet
     * lies loose. What is no flat piece has no sides.
     */
    List<String> idle(boolean flat) {
        List<String> idle = new ArrayList<>();
        if (carrier == Carrier.NOTHING) {
            idle.add("letDown");
        }
        if (!flat) {
            idle.add("side");
        }
        if (flat ? zone.everywhere() : zone.everywhereOnBody()) {
            idle.add("reachMm");
            idle.add("fadeMm");
        }
        if (wet()) {
            idle.add("brushedOff");
        }
        return idle;
    }

    /** The way from this pass to another of the same kind, by a share: reach, fade and strength between theirs. */
    public Pass towards(Pass other, double share) {
        return reaching(reachMm + share * (other.reachMm - reachMm), fadeMm + share * (other.fadeMm - fadeMm))
                .strengthened(strength + share * (other.strength - strength));
    }

    /** Whether it is the same pass but for how far it reaches and how strong it is. */
    public boolean alike(Pass other) {
        return reaching(0, 0).withStrength(0).equals(other.reaching(0, 0).withStrength(0));
    }
}
