package org.crispwhorl.core.species;

import java.util.List;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.ShownAsPicture;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.thinning.EdgeRuffle;

/** What is done to the edge of a piece once it is cut. */
@Text(label = "edge", means = "What is done to the edge of each piece.")
public record Edge(
        @Quantity(
                label = "thinned band",
                unit = Unit.MM,
                min = 0,
                max = 30,
                step = 0.5,
                usual = 0,
                means = "How far in from the edge it is thinned further; 0 leaves it.")
        double bandMm,

        @Quantity(
                label = "thinned to",
                unit = Unit.MM,
                min = 0.1,
                max = 5,
                step = 0.05,
                usual = 0.4,
                means = "Thickness of that band.")
        double toMm,

        @Quantity(
                label = "frill",
                unit = Unit.MM,
                min = 0,
                max = 60,
                step = 0.5,
                usual = 0,
                means = "From crest to crest of the frill; 0 is not frilled.")
        double crestMm,

        @Quantity(
                label = "turned back",
                unit = Unit.MM,
                min = 0,
                max = 60,
                step = 0.5,
                usual = 0,
                means = "How much of the tip is turned back over a stick.")
        double turnedMm,

        @Text(label = "finish") Finish finish) {
    /** How the very edge looks. */
    @ShownAsPicture
    public enum Finish {
        @Text(label = "smooth")
        SMOOTH,
        @Text(label = "torn", means = "Torn or nicked at random.")
        TORN
    }

    /** As the cutter leaves it. */
    public static final Edge PLAIN = new Edge(0, 0.4, 0, 0, Finish.SMOOTH);

    public Edge {
        Limits.check(Edge.class, bandMm, toMm, crestMm, turnedMm, finish);
    }

    /** What of it changes nothing: nothing is thinned to a thickness where no band is thinned. */
    List<String> idle() {
        return bandMm == 0 ? List.of("toMm") : List.of();
    }

    /**
     * The ruffle that the thinned band buckles into; flat where the band is not thinned or not frilled.
     *
     * @param bodyMm thickness of the body
     */
    public EdgeRuffle ruffle(double bodyMm) {
        return bandMm == 0 || crestMm == 0
                ? new EdgeRuffle(0, 0)
                : EdgeRuffle.of(bodyMm, Math.min(toMm, bodyMm), bandMm, crestMm);
    }
}
