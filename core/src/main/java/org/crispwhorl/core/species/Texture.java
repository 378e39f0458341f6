package org.crispwhorl.core.species;

import org.crispwhorl.core.labour.Labour;
import org.crispwhorl.core.labour.Operation;
import org.crispwhorl.core.measure.Text;

/** What is done to the surface of a centre. */
@Text(label = "texture", means = "What is done to its surface.")
public enum Texture {
    @Text(label = "smooth")
    SMOOTH(false, false),
    @Text(label = "snipped", means = "Snipped all over with fine scissors.")
    SNIPPED(true, true),
    @Text(label = "tweezed", means = "Pinched all over with tweezers.")
    TWEEZED(true, true),
    @Text(label = "pricked", means = "Pricked all over with a pointed tool.")
    PRICKED(true, true),
    @Text(label = "pressed into a mesh", means = "Pressed into a mesh or a rough mat, all of it at a stroke.")
    MESH(true, false);

    /** Width of one snip, pinch or prick, mm. */
    private static final double MARK_MM = 2.5;

    private static final int MARKS_AT_A_STROKE = 4;

    private final boolean seen;
    private final boolean markByMark;

    Texture(boolean seen, boolean markByMark) {
        this.seen = seen;
        this.markByMark = markByMark;
    }

    /** Whether it leaves marks that are seen. */
    public boolean seen() {
        return seen;
    }

    /** A touch for each mark on so much of a surface, several marks at a stroke; one for what is textured at once. */
    public int touches(double areaMm2) {
        int marks = (int) Math.ceil(areaMm2 / (MARK_MM * MARK_MM) / MARKS_AT_A_STROKE);
        return markByMark ? marks : seen ? 1 : 0;
    }

    /** What hands do to put it on. */
    Labour making() {
        return markByMark ? Labour.of(Operation.TEXTURE, 1) : Labour.of(Operation.LAY, seen ? 1 : 0);
    }
}
