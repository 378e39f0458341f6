package org.crispwhorl.core.drawing;

import static org.crispwhorl.core.drawing.Draughting.round;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.crispwhorl.core.form.FlowerForm;
import org.crispwhorl.core.solid.Solid;
import org.crispwhorl.core.species.Part;

/** The bodies of a head seen from above. */
final class FaceSolids implements Solid.Projection {
    private static final int POINTS_PER_TURN = 24;

    private final List<Drawing.CentreDisc> discs = new ArrayList<>();
    private final List<Drawing.Stroke> strokes = new ArrayList<>();
    private final List<Drawing.Rounds> rounds = new ArrayList<>();
    private String partId;

    private FaceSolids() {}

    /** The bodies of a flower's head, the lowest first. */
    static FaceSolids of(FlowerForm form) {
        FaceSolids face = new FaceSolids();
        form.species().parts().stream()
                .filter(Part::inHead)
                .sorted(Comparator.comparingDouble(form::topMm))
                .forEach(part -> {
                    face.partId = part.id();
                    form.solids(part).forEach(solid -> solid.show(face));
                });
        return face;
    }

    List<Drawing.CentreDisc> discs() {
        return discs;
    }

    List<Drawing.Stroke> strokes() {
        return strokes;
    }

    List<Drawing.Rounds> rounds() {
        return rounds;
    }

    /** What ends below the neck lies behind the flower and is not seen. */
    @Override
    public void turned(Solid.Turned body) {
        if (body.topMm() >= 0) {
            discs.add(new Drawing.CentreDisc(partId, round(body.reachMm()), 0, new double[0]));
        }
    }

    /** A bar that points straight up is seen as its end alone, under what stands on it. */
    @Override
    public void tube(Solid.Tube body) {
        double[] first = body.path().get(0);
        double seen = 0;
        double[] points = new double[2 * body.path().size()];
        for (int i = 0; i < body.path().size(); i++) {
            double[] p = body.path().get(i);
            seen = Math.max(seen, Math.hypot(p[0] - first[0], p[1] - first[1]));
            points[2 * i] = round(p[0]);
            points[2 * i + 1] = round(p[1]);
        }
        if (seen > body.thickMm()) {
            strokes.add(new Drawing.Stroke(partId, round(body.thickMm()), points));
        }
    }

    @Override
    public void grains(Solid.Grains body) {
        rounds.add(new Drawing.Rounds(partId, round(body.thickMm()), round(body.thickMm()), places(body.places())));
    }

    /** The line drawn is its rim: a spiral, scalloped where the strip is, wider apart where it is opened. */
    @Override
    public void coil(Solid.Coil body) {
        discs.add(new Drawing.CentreDisc(partId, round(body.reachMm()), round(body.fromMm()), outside(body)));
        int steps = (int) Math.max(
                2,
                Math.max(Math.ceil(body.turns() * POINTS_PER_TURN), body.rim().scallops() * POINTS_PER_SCALLOP));
        double[] points = new double[2 * (steps + 1)];
        for (int i = 0; i <= steps; i++) {
            double share = (double) i / steps;
            double r = body.rimRadiusAfter(share);
            double turn = body.turnAfter(share);
            points[2 * i] = round(r * Math.cos(turn));
            points[2 * i + 1] = round(r * Math.sin(turn));
        }
        double air = body.rim().openedMm() > 0 ? RIM_MM : body.pitchMm() - body.thickMm();
        strokes.add(new Drawing.Stroke(partId, round(air), points));
    }

    /** The rim of its last turn, closed; none where that is straight. */
    private static double[] outside(Solid.Coil body) {
        if (body.rim().scallops() == 0) {
            return new double[0];
        }
        double whole = body.turnAfter(1);
        double from = 0;
        while (whole - body.turnAfter(from) > 2 * Math.PI) {
            from += 1 / (POINTS_PER_TURN * Math.max(1, body.turns()));
        }
        int steps =
                (int) Math.max(POINTS_PER_TURN, POINTS_PER_SCALLOP * body.rim().scallops());
        double[] points = new double[2 * steps];
        for (int i = 0; i < steps; i++) {
            double share = from + (1 - from) * i / steps;
            double r = body.rimRadiusAfter(share);
            points[2 * i] = round(r * Math.cos(body.turnAfter(share)));
            points[2 * i + 1] = round(r * Math.sin(body.turnAfter(share)));
        }
        return points;
    }

    private static final int POINTS_PER_SCALLOP = 8;

    /** Width of the line that shows the edge of an opened rim, mm. */
    private static final double RIM_MM = 0.5;

    @Override
    public void marks(Solid.Marks body) {
        rounds.add(new Drawing.Rounds(partId, body.acrossMm(), body.acrossMm(), places(body.places())));
    }

    private static double[] places(List<double[]> places) {
        double[] flat = new double[2 * places.size()];
        for (int i = 0; i < places.size(); i++) {
            flat[2 * i] = round(places.get(i)[0]);
            flat[2 * i + 1] = round(places.get(i)[1]);
        }
        return flat;
    }
}
