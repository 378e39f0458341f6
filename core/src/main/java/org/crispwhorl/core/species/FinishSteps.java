package org.crispwhorl.core.species;

import org.crispwhorl.core.work.Operation;
import org.crispwhorl.core.work.Said;
import org.crispwhorl.core.work.Steps;

/** What hands do with a flower once it is put together and coloured. */
public final class FinishSteps {
    /** Steam has dried off so long afterwards, min. */
    private static final double STEAM_MIN = 15;

    /** A glaze no longer sticks so long afterwards, min. */
    private static final double GLAZE_MIN = 60;

    private FinishSteps() {}

    /** Steam, glaze, the bend of the stem, its tape, its length; nothing for a flower without a stem that is left as it is. */
    public static Steps of(Species species) {
        return steamed(species.finishing()).and(glazed(species.finishing())).and(stem(species));
    }

    /** Minutes until what was put on last is dry; 0 where nothing was. */
    public static double driesMin(Species.Finishing finishing) {
        return switch (finishing) {
            case NONE -> 0;
            case STEAM, STEAM_PETALS -> STEAM_MIN;
            case GLAZE, GLAZE_STEM, STEAM_PETALS_GLAZE_STEM -> GLAZE_MIN;
        };
    }

    private static Steps steamed(Species.Finishing finishing) {
        return switch (finishing) {
            case NONE, GLAZE, GLAZE_STEM -> Steps.NONE;
            case STEAM ->
                Steps.of(Operation.STEAM, 1, "Hold the flower in the steam for a few seconds, moving it; let it dry.");
            case STEAM_PETALS, STEAM_PETALS_GLAZE_STEM ->
                Steps.of(
                        Operation.STEAM,
                        1,
                        "Hold the petals alone in the steam for a few seconds, the centre shielded; let them dry.");
        };
    }

    private static Steps glazed(Species.Finishing finishing) {
        return switch (finishing) {
            case NONE, STEAM, STEAM_PETALS -> Steps.NONE;
            case GLAZE -> Steps.of(Operation.GLAZE, 1, "Brush glaze on all of it; hang it until it no longer sticks.");
            case GLAZE_STEM, STEAM_PETALS_GLAZE_STEM ->
                Steps.of(Operation.GLAZE, 1, "Brush glaze on stem and leaves; hang it until it no longer sticks.");
        };
    }

    private static Steps stem(Species species) {
        return species.centre()
                .filter(centre -> centre.wires() > 0)
                .map(centre -> Steps.of(
                                Operation.PINCH,
                                centre.nodDeg() > 0 ? 1 : 0,
                                "Bend the stem just under the flower, by " + Said.deg(centre.nodDeg()) + ".")
                        .and(
                                Operation.TAPE,
                                taped(species) ? 1 : 0,
                                "Tape the stem once to its foot, pulling the tape.")
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
