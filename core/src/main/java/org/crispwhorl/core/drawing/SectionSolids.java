package org.crispwhorl.core.drawing;

import static org.crispwhorl.core.drawing.Draughting.round;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.DoubleUnaryOperator;
import org.crispwhorl.core.form.FlowerForm;
import org.crispwhorl.core.solid.Solid;
import org.crispwhorl.core.species.Part;

/**
 * The bodies of a flower in its section: radius and height of each. Those that differ by a turn round the axis alone lie on each
 * other there, and are drawn once.
 */
final class SectionSolids implements Solid.Projection {
    private static final int PROFILE_POINTS = 16;

    /** Bodies whose radii and heights agree as closely as this are drawn once, mm. */
    private static final double ALIKE_MM = 0.75;

    private final List<Drawing.Solid> solids = new ArrayList<>();
    private final List<Drawing.Stroke> strokes = new ArrayList<>();
    private final List<Drawing.Rounds> rounds = new ArrayList<>();
    private final Set<List<Long>> drawn = new HashSet<>();
    private String partId;

    private SectionSolids() {}

    static SectionSolids of(FlowerForm form) {
        SectionSolids section = new SectionSolids();
        for (Part part : form.species().parts()) {
            section.partId = part.id();
            section.drawn.clear();
            form.solids(part).forEach(solid -> solid.show(section));
        }
        return section;
    }

    List<Drawing.Solid> solids() {
        return solids;
    }

    List<Drawing.Stroke> strokes() {
        return strokes;
    }

    List<Drawing.Rounds> rounds() {
        return rounds;
    }

    private boolean first(double... at) {
        List<Long> key = new ArrayList<>();
        for (double mm : at) {
            key.add(Math.round(mm / ALIKE_MM));
        }
        return drawn.add(key);
    }

    @Override
    public void turned(Solid.Turned body) {
        solids.add(profile(body.footMm(), body.highMm(), body.radiusAt()));
    }

    private Drawing.Solid profile(double footMm, double highMm, DoubleUnaryOperator radiusAt) {
        double[] points = new double[2 * (PROFILE_POINTS + 1)];
        for (int i = 0; i <= PROFILE_POINTS; i++) {
            double z = highMm * (1 - Math.cos(Math.PI * i / PROFILE_POINTS)) / 2;
            points[2 * i] = round(radiusAt.applyAsDouble(z));
            points[2 * i + 1] = round(footMm + z);
        }
        return new Drawing.Solid(partId, points);
    }

    @Override
    public void tube(Solid.Tube body) {
        List<double[]> path = body.path();
        double[] a = path.get(0);
        double[] z = path.get(path.size() - 1);
        if (!first(Math.hypot(a[0], a[1]), a[2], Math.hypot(z[0], z[1]), z[2])) {
            return;
        }
        double[] points = new double[2 * path.size()];
        for (int i = 0; i < path.size(); i++) {
            double[] p = path.get(i);
            points[2 * i] = round(Math.hypot(p[0], p[1]));
            points[2 * i + 1] = round(p[2]);
        }
        strokes.add(new Drawing.Stroke(partId, round(body.thickMm()), points));
    }

    @Override
    public void grains(Solid.Grains body) {
        List<double[]> kept = body.places().stream()
                .filter(p -> first(Math.hypot(p[0], p[1]), p[2], body.thickMm()))
                .toList();
        double[] places = new double[2 * kept.size()];
        for (int i = 0; i < kept.size(); i++) {
            double[] p = kept.get(i);
            places[2 * i] = round(Math.hypot(p[0], p[1]));
            places[2 * i + 1] = round(p[2]);
        }
        rounds.add(new Drawing.Rounds(partId, round(body.thickMm()), round(body.longMm()), places));
    }

    /** Each turn that is cut stands as an upright line. */
    @Override
    public void coil(Solid.Coil body) {
        for (double r = body.toMm() - body.pitchMm() / 2; r > body.fromMm(); r -= body.pitchMm()) {
            double rim = r * (1 + body.rim().openedMm() / body.toMm());
            strokes.add(new Drawing.Stroke(partId, round(body.thickMm()), new double[] {
                round(r), round(body.footMm()), round(rim), round(body.topMm())
            }));
        }
    }

    /** What lies on a top has no height. */
    @Override
    public void marks(Solid.Marks body) {}
}
