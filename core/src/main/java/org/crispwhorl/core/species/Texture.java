package org.crispwhorl.core.species;

import java.util.Locale;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.work.Operation;
import org.crispwhorl.core.work.Steps;

/** What is done to the surface of a centre. */
@Text(label = "texture", means = "What is done to its surface.")
public enum Texture {
    @Text(label = "smooth")
    SMOOTH(false, false, ""),
    @Text(label = "snipped", means = "Snipped all over with fine scissors.")
    SNIPPED(true, true, "snip it all over with fine points"),
    @Text(label = "tweezed", means = "Pinched all over with tweezers.")
    TWEEZED(true, true, "pinch ridges with tweezers, from the middle to the rim"),
    @Text(label = "pricked", means = "Pricked all over with a pointed tool.")
    PRICKED(true, true, "prick it all over"),
    @Text(label = "pressed into a mesh", means = "Pressed into a mesh or a rough mat, all of it at a stroke.")
    MESH(true, false, "press it into a mesh");

    /** Width of one snip, pinch or prick, mm. */
    private static final double MARK_MM = 2.5;

    private static final int MARKS_AT_A_STROKE = 4;

    private final boolean seen;
    private final boolean markByMark;
    private final String told;

    Texture(boolean seen, boolean markByMark, String told) {
        this.seen = seen;
        this.markByMark = markByMark;
        this.told = told;
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

    /**
     * What hands do to put it on.
     *
     * @param where what of a centre it is put on, in words that its own go on from; empty for all of it
     */
    Steps making(String where) {
        String words = where.isEmpty()
                ? told.substring(0, seen ? 1 : 0).toUpperCase(Locale.ROOT) + told.substring(seen ? 1 : 0)
                : where + told;
        return Steps.of(markByMark ? Operation.TEXTURE : Operation.LAY, seen ? 1 : 0, words + ".");
    }
}
