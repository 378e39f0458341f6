package org.crispwhorl.core.labour;

import org.crispwhorl.core.measure.Text;

/**
 * What hands do, with the minutes that a practised hand takes: so much for each thing taken up, and so much for each petal on it,
 * for a cut of many petals is rolled, thinned and threaded as one thing. Starting points, which a studio's pace changes.
 */
public enum Operation {
    @Text(label = "knead and roll out", means = "For each batch.")
    ROLL(1.0, 0),
    @Text(label = "cut", means = "Cut one piece.")
    CUT(0.15, 0),
    @Text(label = "cut a strip")
    STRIP(0.3, 0),
    @Text(label = "shape a solid", means = "A cone, ball, bead or the like.")
    SHAPE(0.5, 0),
    @Text(label = "texture", means = "Snip or pinch a centre all over, or roll it in its coat.")
    TEXTURE(1.0, 0),
    @Text(label = "hook", means = "Hook a wire and set a centre on it.")
    HOOK(0.4, 0),
    @Text(label = "cover a core")
    COVER(1.5, 0),
    @Text(label = "hollow", means = "Hollow a cone.")
    HOLLOW(0.4, 0),
    @Text(label = "roll a ball")
    BALL(0.35, 0),
    @Text(label = "wire", means = "Put one piece on its wire.")
    WIRE(0.5, 0),
    @Text(label = "thin")
    THIN(0.2, 0.12),
    @Text(label = "vein")
    VEIN(0.1, 0.04),
    @Text(label = "cup", means = "Cup, quill or split.")
    CUP(0.1, 0.10),
    @Text(label = "frill", means = "Frill, thin or turn back an edge.")
    FRILL(0.2, 0.18),
    @Text(label = "snip")
    SNIP(0.2, 0.12),
    @Text(label = "fold")
    FOLD(0.3, 0),
    @Text(label = "lay", means = "Lay into a former or on the board.")
    LAY(0.1, 0),
    @Text(label = "set", means = "Glue one piece on.")
    SET(0.3, 0),
    @Text(label = "wrap", means = "Thread a cut and wrap its petals round.")
    WRAP(0.6, 0.22),
    @Text(label = "fit a calyx")
    FIT(0.5, 0.08),
    @Text(label = "push in")
    PUSH(0.15, 0),
    @Text(label = "pinch off, turn or hang")
    PINCH(0.2, 0),
    @Text(label = "roll up a strip")
    ROLL_UP(0.8, 0),
    @Text(label = "tape", means = "Tape one piece on.")
    TAPE(0.6, 0),
    @Text(label = "bunch stamens", means = "For each bunch.")
    BUNCH(1.2, 0),
    @Text(label = "tint stamens", means = "For each bunch.")
    TINT(0.5, 0),
    @Text(label = "colour a piece", means = "One pass over one piece.")
    COLOUR(0.3, 0),
    @Text(label = "colour round the flower", means = "One pass over all pieces of a part on the flower.")
    COLOUR_ROUND(1.0, 0),
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
