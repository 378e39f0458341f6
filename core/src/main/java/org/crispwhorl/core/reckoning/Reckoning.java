package org.crispwhorl.core.reckoning;

import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.assessment.Plan;
import org.crispwhorl.core.colour.Worn;
import org.crispwhorl.core.drawing.Drawing;
import org.crispwhorl.core.drying.DryingCourse;
import org.crispwhorl.core.finding.Finding;
import org.crispwhorl.core.measure.Figure;
import org.crispwhorl.core.safety.Caution;
import org.crispwhorl.core.species.Techniques;

/**
 * The whole reckoning of one species in one room with one kit.
 *
 * @param figures of the whole flower
 * @param parts in build order
 * @param shades in the species' order
 * @param cautions that apply to this flower
 * @param techniques by which it was made, the studio's with what the species chooses otherwise
 */
public record Reckoning(
        List<Figure> figures,
        List<PartReckoning> parts,
        List<ShadeReckoning> shades,
        Plan plan,
        List<Finding> findings,
        List<Caution> cautions,
        Techniques techniques,
        Drawing drawing) {

    /**
     * @param inShort what it is, in a few words
     * @param idle paths of what of its design changes nothing as it is
     * @param pieces how many separate pieces it has as it is made
     * @param pasteG paste in it
     * @param course of its drying, where it dries
     * @param madeH hours from the first touch at which it is made, in the plan
     * @param joinedH hours at which it is joined, where it is joined to anything
     * @param gauges what each gauge at hand would do, where it is wired
     * @param worn how it looks once its passes are on
     */
    public record PartReckoning(
            String id,
            String name,
            String inShort,
            List<String> idle,
            int pieces,
            double pasteG,
            List<Figure> figures,
            Optional<DryingCourse> course,
            Optional<Double> madeH,
            Optional<Double> joinedH,
            List<GaugeRow> gauges,
            Optional<Worn> worn) {}

    /** What one gauge would do under a piece. */
    public record GaugeRow(int gauge, double diameterMm, double droopDeg, double stressMpa, boolean carries) {}

    /**
     * @param colour of the mix, sRGB
     * @param pieceG paste in the pieces themselves
     * @param strongG strong colour in it
     * @param whiteG white in it
     */
    public record ShadeReckoning(String id, String name, String colour, double pieceG, double strongG, double whiteG) {}
}
