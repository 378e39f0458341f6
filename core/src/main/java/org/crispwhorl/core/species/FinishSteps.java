package org.crispwhorl.core.species;

import org.crispwhorl.core.work.Operation;
import org.crispwhorl.core.work.Said;
import org.crispwhorl.core.work.Steps;
import org.crispwhorl.core.work.Use;

/** What hands do with a flower once it is put together and coloured. */
public final class FinishSteps {
    /** Steam has dried off so long afterwards, min. */
    private static final double STEAM_MIN = 15;

    /** A glaze no longer sticks so long afterwards, min. */
    private static final double GLAZE_MIN = 60;

    /** Lacquer no longer sticks so long afterwards, min. */
    private static final double LACQUER_MIN = 30;

    private FinishSteps() {}

    /** Steam, glaze or lacquer, the bend of the stem, its tape, its length; nothing where there is no stem and it is left as it is. */
    public static Steps of(Species species, Techniques.TapeWidth tape) {
        return steamed(species.finishing()).and(coated(species.finishing())).and(stem(species, tape));
    }

    /** What is done with a flower that was stacked in a cup, once it is firm. */
    public static Steps outOfTheCup() {
        return Steps.of(Operation.PINCH, 1, "Tip the flower out of its cup: nothing bends when it is flicked.");
    }

    /** What is done with a flower that can leave. */
    public static Steps boxing() {
        return Steps.of(Operation.BOX, 1, "Stand or lay it in its box, so that the head touches nothing.");
    }

    /** Minutes until what was put on last is dry; 0 where nothing was. */
    public static double driesMin(Species.Finishing finishing) {
        return switch (finishing.coat()) {
            case NONE -> finishing.steamed() == Species.Finishing.Reach.NOTHING ? 0 : STEAM_MIN;
            case GLAZE -> GLAZE_MIN;
            case LACQUER -> LACQUER_MIN;
        };
    }

    private static Steps steamed(Species.Finishing finishing) {
        return switch (finishing.steamed()) {
            case NOTHING, STEM -> Steps.NONE;
            case ALL ->
                Steps.of(
                        Operation.STEAM,
                        1,
                        "Hold the flower in the steam for 3 seconds, 20 cm from the spout, moving it; let it dry for "
                                + DRIES_OFF + ".");
            case PETALS ->
                Steps.of(
                        Operation.STEAM,
                        1,
                        "Hold the petals alone in the steam for 3 seconds, 20 cm from the spout, the centre shielded;"
                                + " let them dry for " + DRIES_OFF + ".");
        };
    }

    private static final String DRIES_OFF = Said.atLeast(STEAM_MIN);

    private static Steps coated(Species.Finishing finishing) {
        String where = finishing.coated() == Species.Finishing.Reach.STEM ? "stem and leaves" : "all of it";
        return switch (finishing.coat()) {
            case NONE -> Steps.NONE;
            case GLAZE ->
                Steps.of(Operation.GLAZE, 1, "Brush glaze on " + where + "; hang it until it no longer sticks.")
                        .using(Use.usedUp(Use.Sort.GLAZE, "glaze"));
            case LACQUER ->
                Steps.of(
                                Operation.LACQUER,
                                1,
                                "In the open air, spray " + where
                                        + " thinly with lacquer from 30 cm; hang it until it no longer sticks.")
                        .using(Use.usedUp(Use.Sort.LACQUER, "lacquer"));
        };
    }

    private static Steps stem(Species species, Techniques.TapeWidth tape) {
        return species.centre()
                .filter(centre -> centre.wires() > 0)
                .map(centre -> Steps.of(
                                Operation.PINCH,
                                centre.nodDeg() > 0 ? 1 : 0,
                                "Bend the stem just under the flower, by " + Said.deg(centre.nodDeg()) + ".")
                        .and(
                                Operation.TAPE,
                                taped(species) ? 1 : 0,
                                "Tape the stem once to its foot with " + tape.told() + ", pulling it.")
                        .and(Operation.CUT, 1, cut(species, centre)))
                .orElse(Steps.NONE);
    }

    private static String cut(Species species, Centre centre) {
        double stem = species.heads().map(Heads::stemMm).orElse(centre.stemMm());
        double free = species.heads().map(Heads::standsFreeMm).orElse(centre.standsFreeMm());
        return "Cut the stem at " + Said.mm(stem) + " below the "
                + (species.heads().isPresent() ? "lowest head" : "neck")
                + (free < stem ? "; " + Said.mm(free) + " of it stand free of what holds it." : ".");
    }

    /** A stem of several wires is taped to its foot. */
    private static boolean taped(Species species) {
        return species.parts().stream()
                .anyMatch(p -> p.flat().flatMap(f -> f.pieces().wired()).isPresent() || p.severalHeads());
    }
}
