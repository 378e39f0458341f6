package org.crispwhorl.core.drawing;

import java.util.List;
import org.crispwhorl.core.solid.Solid;

/** Bodies as triangles. */
final class SolidMesh implements Solid.Projection {
    private static final int SOLID_ROUND = 28;
    private static final int SOLID_ROWS = 14;
    private static final int GRAIN_ROUND = 6;
    private static final int GRAIN_ROWS = 4;
    private static final int COIL_STEPS = 24;
    private static final int SCALLOP_STEPS = 8;

    /** Bars thinner than this are as round as a thread need be, mm. */
    private static final double THREAD_MM = 0.6;

    private final MeshDraft draft;

    private SolidMesh(MeshDraft draft) {
        this.draft = draft;
    }

    static void add(MeshDraft draft, List<Solid> solids) {
        SolidMesh mesh = new SolidMesh(draft);
        solids.forEach(solid -> solid.show(mesh));
    }

    @Override
    public void turned(Solid.Turned body) {
        draft.turned(0, 0, body.footMm(), body.highMm(), body.radiusAt(), SOLID_ROWS, SOLID_ROUND);
    }

    @Override
    public void tube(Solid.Tube body) {
        int round = body.thickMm() < THREAD_MM ? 4 : 8;
        for (int i = 1; i < body.path().size(); i++) {
            draft.bar(body.path().get(i - 1), body.path().get(i), body.thickMm() / 2, round);
        }
    }

    @Override
    public void grains(Solid.Grains body) {
        for (double[] middle : body.places()) {
            draft.turned(
                    middle[0],
                    middle[1],
                    middle[2] - body.longMm() / 2,
                    body.longMm(),
                    z -> body.thickMm() / 2 * Math.sqrt(Math.max(0, 1 - Math.pow(2 * z / body.longMm() - 1, 2))),
                    GRAIN_ROWS,
                    GRAIN_ROUND);
        }
    }

    /** A wall as thick as one turn, with its rim. */
    @Override
    public void coil(Solid.Coil body) {
        int steps = (int) Math.max(
                2, Math.max(Math.ceil(body.turns() * COIL_STEPS), body.rim().scallops() * SCALLOP_STEPS));
        int firstPoint = -1;
        for (int i = 0; i <= steps; i++) {
            double share = (double) i / steps;
            double turn = body.turnAfter(share);
            double outer = body.fromMm()
                    + body.thickMm()
                    + (body.radiusAfter(share) - body.fromMm())
                            * (body.toMm() - body.fromMm() - body.thickMm())
                            / (body.toMm() - body.fromMm());
            double inner = outer - body.thickMm();
            double top = body.footMm() + body.rimAfter(share);
            double out = body.rimRadiusAfter(share) - body.radiusAfter(share);
            double[][] rim = {{outer, body.footMm()}, {outer + out, top}, {inner + out, top}, {inner, body.footMm()}};
            for (double[] p : rim) {
                int at = draft.point(p[0] * Math.cos(turn), p[0] * Math.sin(turn), p[1]);
                firstPoint = firstPoint < 0 ? at : firstPoint;
            }
        }
        draft.grid(firstPoint, steps + 1, 4);
    }

    @Override
    public void marks(Solid.Marks body) {
        // Texture is not modelled in the round.
    }
}
