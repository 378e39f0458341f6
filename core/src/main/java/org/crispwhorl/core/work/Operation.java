package org.crispwhorl.core.work;

import org.crispwhorl.core.measure.Text;

/**
 * What hands do, with the minutes that a practised hand takes: so much for each thing taken up, and so much for each petal on it,
 * for a cut of many petals is cut, thinned and threaded as one thing, and what is rolled or kneaded is shared over all flowers. Starting points, which a studio's pace changes.
 */
public enum Operation {
    @Text(label = "knead", means = "One lump of a shade: a sitting, each 150 g begun.")
    KNEAD(0.5, 0),
    @Text(label = "roll out", means = "One sheet: a shade at a thickness, each 150 cm² begun.")
    ROLL(0.6, 0),
    @Text(label = "cut", means = "One piece, or a whole one-piece cut.")
    CUT(0.1, 0),
    @Text(label = "cut a strip")
    STRIP(0.3, 0),
    @Text(label = "shape a solid", means = "A cone, ball, bead or the like.")
    SHAPE(0.4, 0),
    @Text(label = "texture", means = "Snip or pinch a centre all over, or roll it in its coat.")
    TEXTURE(0.6, 0),
    @Text(label = "hook", means = "Hook a wire and set a centre on it.")
    HOOK(0.25, 0),
    @Text(label = "cover a core")
    COVER(1.0, 0),
    @Text(label = "hollow", means = "Hollow a cone.")
    HOLLOW(0.25, 0),
    @Text(label = "roll a ball")
    BALL(0.15, 0),
    @Text(label = "press a ball", means = "Roll a ball and press it to a piece.")
    PRESS(0.35, 0),
    @Text(label = "roll a sliver", means = "Roll one sliver and glue it on.")
    SLIVER(0.25, 0),
    @Text(label = "wire", means = "Put one piece on its wire.")
    WIRE(0.35, 0),
    @Text(label = "thin")
    THIN(0.15, 0.03),
    @Text(label = "vein", means = "One press.")
    VEIN(0.2, 0),
    @Text(label = "cup", means = "Cup, quill or split.")
    CUP(0.1, 0.03),
    @Text(label = "frill", means = "Frill or thin an edge.")
    FRILL(0.1, 0.05),
    @Text(label = "turn an edge", means = "Turn one edge or tip back over a stick.")
    TURN_EDGE(0.15, 0),
    @Text(label = "snip")
    SNIP(0.1, 0.02),
    @Text(label = "fold")
    FOLD(0.2, 0),
    @Text(label = "lay", means = "Lay into a former or on the board.")
    LAY(0.2, 0),
    @Text(label = "set", means = "Glue one piece on.")
    SET(0.2, 0),
    @Text(label = "wrap", means = "Thread a cut, or lay it in, and wrap its petals round.")
    WRAP(0.3, 0.1),
    @Text(label = "fit a calyx")
    FIT(0.35, 0.03),
    @Text(label = "push in", means = "A bunch, and each strand of it.")
    PUSH(0.15, 0.05),
    @Text(label = "pinch off, turn or hang")
    PINCH(0.15, 0),
    @Text(label = "roll up a strip")
    ROLL_UP(0.8, 0),
    @Text(label = "tape", means = "Tape one piece on.")
    TAPE(0.3, 0),
    @Text(label = "bunch stamens", means = "For each bunch.")
    BUNCH(0.85, 0),
    @Text(label = "tint stamens", means = "For each bunch.")
    TINT(0.4, 0),
    @Text(label = "put a head on its wire")
    HEAD(0.35, 0),
    @Text(label = "dust a piece", means = "One pass over one piece.")
    COLOUR(0.2, 0),
    @Text(label = "paint a piece", means = "Streaks, spots or a wash on one piece.")
    PAINT(0.4, 0),
    @Text(label = "colour round the flower", means = "One pass over all pieces of a part on the flower.")
    COLOUR_ROUND(0.4, 0),
    @Text(label = "steam", means = "Hold one flower in the steam, moving.")
    STEAM(0.5, 0),
    @Text(label = "glaze", means = "Brush glaze on one flower or its stem.")
    GLAZE(0.5, 0),
    @Text(label = "lacquer", means = "Spray one flower, in the open air.")
    LACQUER(0.5, 0),
    @Text(label = "box", means = "Put one flower into its box.")
    BOX(0.25, 0),
    @Text(label = "finish a stem", means = "Bend it, tape it once to the foot, cut it.")
    FINISH(0.5, 0),
    @Text(label = "mix a shade", means = "Take up the colour; what the kneading of each gram takes is reckoned on top.")
    MIX(3.0, 0),
    @Text(label = "knead in colour", means = "For each gram of a shade.")
    KNEAD_GRAM(0.02, 0);

    private final double eachMin;
    private final double petalMin;

    Operation(double eachMin, double petalMin) {
        this.eachMin = eachMin;
        this.petalMin = petalMin;
    }

    /** Minutes of a practised hand for each thing taken up. */
    public double eachMin() {
        return eachMin;
    }

    /** Minutes of a practised hand for each petal on it. */
    public double petalMin() {
        return petalMin;
    }
}
