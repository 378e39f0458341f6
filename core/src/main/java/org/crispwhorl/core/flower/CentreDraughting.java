package org.crispwhorl.core.flower;

import static org.crispwhorl.core.flower.Draughting.round;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
import org.crispwhorl.core.centre.StamenRing;
import org.crispwhorl.core.species.Bead;
import org.crispwhorl.core.species.Cluster;
import org.crispwhorl.core.species.FineStamens;
import org.crispwhorl.core.species.Heart;
import org.crispwhorl.core.species.HeartForm;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Pistil;
import org.crispwhorl.core.species.Roll;
import org.crispwhorl.core.species.SliverCone;
import org.crispwhorl.core.species.Stamens;
import org.crispwhorl.core.species.StemWrap;
import org.crispwhorl.core.species.Tendril;
import org.crispwhorl.core.species.WoundFringe;

/** Draws hearts, stamens, pistils, rolls, and what stands on the stem that is not flat. */
final class CentreDraughting {
    private static final int PROFILE_POINTS = 16;
    private static final int CURL_POINTS = 10;
    private static final int POINTS_PER_TURN = 24;

    /** Width at which marks of texture, crumbs and cut edges are drawn, mm. */
    private static final double MARK_MM = 0.9;

    /** A mark for so much of a surface seen from above, mm². */
    private static final double MARK_AREA_MM2 = 6;

    /** At most so many marks are drawn. */
    private static final int MOST_MARKS = 120;

    private final FlowerForm form;
    private final List<Part> parts;

    CentreDraughting(FlowerForm form) {
        this.form = form;
        this.parts = form.species().parts();
    }

    /** Hearts and rolls from above, the lowest first. */
    List<Drawing.HeartDisc> discs() {
        List<Drawing.HeartDisc> discs = new ArrayList<>();
        parts.stream()
                .filter(p -> p instanceof Heart || p instanceof Roll)
                .sorted(Comparator.comparingDouble(FlowerForm::topMm))
                .forEach(p -> discs.add(
                        p instanceof Roll roll
                                ? new Drawing.HeartDisc(roll.id(), round(roll.radiusMm()), round(roll.hollowMm() / 2))
                                : new Drawing.HeartDisc(
                                        p.id(), round(((Heart) p).form().diameterMm() / 2), 0)));
        return discs;
    }

    /** Heads of stamens, balls of a cluster, and the marks that show how a heart is textured or coated. */
    List<Drawing.Rounds> heads() {
        List<Drawing.Rounds> all = new ArrayList<>();
        for (Part part : parts) {
            if (part instanceof Stamens stamens) {
                all.add(heads(stamens.id(), stamens.headMm(), new StamenRing(stamens).places()));
            } else if (part instanceof FineStamens fine) {
                all.add(heads(fine.id(), fine.thickMm(), onRing(fine.count(), fine.ringMm())));
            } else if (part instanceof Heart heart) {
                marks(heart, all);
            }
        }
        return all;
    }

    private static void marks(Heart heart, List<Drawing.Rounds> all) {
        double radius = heart.form().diameterMm() / 2;
        if (heart.form() instanceof Cluster cluster) {
            all.add(heads(heart.id(), cluster.ballMm(), spread(cluster.count(), radius - cluster.ballMm() / 2)));
        } else if (heart.form() instanceof HeartForm.Dome dome && dome.texture() != HeartForm.Dome.Texture.SMOOTH
                || heart.form() instanceof HeartForm.Disc disc && disc.coat() != HeartForm.Disc.Coat.NONE) {
            int marks = (int) Math.min(MOST_MARKS, Math.PI * radius * radius / MARK_AREA_MM2);
            all.add(heads(heart.id(), MARK_MM, spread(marks, radius - MARK_MM / 2)));
        }
    }

    private static Drawing.Rounds heads(String partId, double headMm, double[] places) {
        for (int i = 0; i < places.length; i++) {
            places[i] = round(places[i]);
        }
        return new Drawing.Rounds(partId, headMm, places);
    }

    private static double[] onRing(int count, double radius) {
        double[] places = new double[2 * count];
        for (int i = 0; i < count; i++) {
            places[2 * i] = radius * Math.cos(Arcs.TURN * i / count);
            places[2 * i + 1] = radius * Math.sin(Arcs.TURN * i / count);
        }
        return places;
    }

    private static double[] spread(int count, double radius) {
        double[] places = new double[2 * count];
        for (int i = 0; i < count; i++) {
            double r = radius * Math.sqrt((i + 0.5) / count);
            double turn = Math.toRadians(FlowerForm.GOLDEN_DEG) * i;
            places[2 * i] = r * Math.cos(turn);
            places[2 * i + 1] = r * Math.sin(turn);
        }
        return places;
    }

    /** Lines seen from above: turns of a roll, slivers, the cut ends of a fringe, curled stigmas. */
    List<Drawing.Stroke> faceStrokes() {
        List<Drawing.Stroke> strokes = new ArrayList<>();
        for (Part part : parts) {
            if (part instanceof Roll roll) {
                strokes.add(spiral(roll.id(), roll.hollowMm() / 2, roll.radiusMm(), roll.pitchMm(), roll.airMm()));
            } else if (part instanceof Pistil pistil) {
                for (int i = 0; i < pistil.stigmas(); i++) {
                    strokes.add(stigmaFromAbove(pistil, Arcs.TURN * i / pistil.stigmas()));
                }
            } else if (part instanceof Heart heart) {
                if (heart.form() instanceof SliverCone cone) {
                    slivers(heart.id(), cone, strokes);
                } else if (heart.form() instanceof WoundFringe fringe) {
                    strokes.add(spiral(heart.id(), 0, fringe.diameterMm() / 2, 2 * fringe.thickMm(), fringe.thickMm()));
                }
            }
        }
        return strokes;
    }

    /** An Archimedean spiral, drawn by the space between its turns. */
    private Drawing.Stroke spiral(String id, double from, double to, double pitch, double widthMm) {
        double turns = (to - from) / pitch;
        int steps = (int) Math.max(2, Math.ceil(turns * POINTS_PER_TURN));
        double[] points = new double[2 * (steps + 1)];
        for (int i = 0; i <= steps; i++) {
            double r = from + (to - from) * i / steps;
            double turn = Arcs.TURN * turns * i / steps;
            points[2 * i] = round(r * Math.cos(turn));
            points[2 * i + 1] = round(r * Math.sin(turn));
        }
        return new Drawing.Stroke(id, round(widthMm), points);
    }

    private static void slivers(String id, SliverCone cone, List<Drawing.Stroke> strokes) {
        for (int row = 0; row < cone.rows(); row++) {
            double outer = cone.diameterMm() / 2 * (row + 1) / cone.rows();
            double inner = Math.max(0, outer - cone.sliverMm() * cone.coneMm() / 2 / cone.heightMm());
            for (int i = 0; i < cone.inARow(); i++) {
                double turn = Arcs.TURN * (i + 0.5 * (row % 2)) / cone.inARow();
                strokes.add(new Drawing.Stroke(id, cone.thickMm(), new double[] {
                    round(inner * Math.cos(turn)),
                    round(inner * Math.sin(turn)),
                    round(outer * Math.cos(turn)),
                    round(outer * Math.sin(turn))
                }));
            }
        }
    }

    /** A stigma leaves the style upright and curls outwards at a constant rate, as a midrib does. */
    private static Midrib stigma(Pistil pistil) {
        return new Midrib(0, pistil.styleMm(), 0, -Math.toRadians(pistil.curlDeg()), pistil.stigmaMm());
    }

    private Drawing.Stroke stigmaFromAbove(Pistil pistil, double turn) {
        Midrib stigma = stigma(pistil);
        double[] points = new double[2 * (CURL_POINTS + 1)];
        for (int i = 0; i <= CURL_POINTS; i++) {
            double r = stigma.radius(pistil.stigmaMm() * i / CURL_POINTS);
            points[2 * i] = round(r * Math.cos(turn));
            points[2 * i + 1] = round(r * Math.sin(turn));
        }
        return new Drawing.Stroke(pistil.id(), round(pistil.strandMm()), points);
    }

    List<Drawing.Solid> solids() {
        List<Drawing.Solid> solids = new ArrayList<>();
        for (Part part : parts) {
            if (part instanceof Heart heart) {
                solids.add(solid(heart.id(), heart.seatMm(), heart.form().heightMm(), heart.form()::radiusAt));
            } else if (part instanceof Bead bead) {
                double foot = bead.seatMm() - bead.longMm();
                solids.add(solid(bead.id(), foot, bead.longMm(), z -> bead.radiusAt(z + foot)));
            } else if (part instanceof StemWrap wrap) {
                solids.add(solid(wrap.id(), -wrap.overMm(), wrap.overMm(), z -> wrap.toMm() / 2));
            }
        }
        return solids;
    }

    private static Drawing.Solid solid(String id, double footMm, double heightMm, DoubleUnaryOperator radiusAt) {
        double[] points = new double[2 * (PROFILE_POINTS + 1)];
        for (int i = 0; i <= PROFILE_POINTS; i++) {
            double z = heightMm * (1 - Math.cos(Math.PI * i / PROFILE_POINTS)) / 2;
            points[2 * i] = round(radiusAt.applyAsDouble(z));
            points[2 * i + 1] = round(footMm + z);
        }
        return new Drawing.Solid(id, points);
    }

    List<Drawing.Threads> threads() {
        List<Drawing.Threads> threads = new ArrayList<>();
        for (Part part : parts) {
            if (part instanceof Stamens stamens) {
                threads.add(new Drawing.Threads(stamens.id(), stamens.threadMm(), stamens.headMm(), lines(stamens)));
            } else if (part instanceof FineStamens fine) {
                double wire = form.wireTable().diameterMm(fine.gauge());
                double reach = fine.standMm() + fine.longerMm();
                double[] lines = fine.longerMm() == 0
                        ? new double[] {0, 0, fine.ringMm(), fine.standMm()}
                        : new double[] {0, 0, fine.ringMm(), fine.standMm(), 0, 0, fine.ringMm() / 2, reach};
                threads.add(new Drawing.Threads(fine.id(), wire, fine.thickMm(), lines));
            }
        }
        return threads;
    }

    private static double[] lines(Stamens stamens) {
        StamenRing ring = new StamenRing(stamens);
        double neck = ring.bundleMm() / 2;
        double[] lines = new double[4 * stamens.rows()];
        for (int row = 0; row < stamens.rows(); row++) {
            lines[4 * row] = round(neck);
            lines[4 * row + 2] = round(
                    stamens.stand() == Stamens.Stand.TUFT
                            ? stamens.ringMm() * (stamens.rows() - row) / stamens.rows()
                            : ring.rowRadiusMm(row));
            lines[4 * row + 3] = stamens.standMm();
        }
        return lines;
    }

    /** Lines of the section: turns of a roll, a pistil with one stigma, a tendril. */
    List<Drawing.Stroke> sectionStrokes() {
        List<Drawing.Stroke> strokes = new ArrayList<>();
        for (Part part : parts) {
            if (part instanceof Roll roll) {
                for (double r = roll.radiusMm(); r > roll.hollowMm() / 2; r -= roll.pitchMm()) {
                    double x = round(r - roll.pitchMm() / 2);
                    strokes.add(
                            new Drawing.Stroke(roll.id(), round(roll.from().layers() * roll.thickMm()), new double[] {
                                x, 0, x, round(roll.from().heightMm())
                            }));
                }
            } else if (part instanceof Pistil pistil) {
                strokes.add(pistilInSection(pistil));
            } else if (part instanceof Tendril tendril) {
                strokes.add(tendrilInSection(tendril));
            }
        }
        return strokes;
    }

    private Drawing.Stroke pistilInSection(Pistil pistil) {
        Midrib stigma = stigma(pistil);
        double[] points = new double[2 * (CURL_POINTS + 2)];
        for (int i = 0; i <= CURL_POINTS; i++) {
            double s = pistil.stigmaMm() * i / CURL_POINTS;
            points[2 * i + 2] = round(stigma.radius(s));
            points[2 * i + 3] = round(stigma.height(s));
        }
        return new Drawing.Stroke(pistil.id(), round(pistil.strandMm()), points);
    }

    /** Straight out and upwards a little, then coiled, seen from the side. */
    private Drawing.Stroke tendrilInSection(Tendril tendril) {
        List<Double> points = new ArrayList<>(List.of(0.0, tendril.seatMm()));
        double reach = tendril.straightMm() * Math.cos(TENDRIL_RISE_RAD);
        double rise = tendril.straightMm() * Math.sin(TENDRIL_RISE_RAD);
        int steps = tendril.turns() * POINTS_PER_TURN;
        for (int i = 0; i <= steps; i++) {
            double turn = Arcs.TURN * i / POINTS_PER_TURN;
            points.add(round(reach + tendril.coilMm() * (turn / Arcs.TURN * COIL_STRETCH + Math.sin(turn) / 2)));
            points.add(round(tendril.seatMm() + rise + tendril.coilMm() * (1 - Math.cos(turn)) / 2));
        }
        return new Drawing.Stroke(
                tendril.id(),
                form.wireTable().diameterMm(tendril.gauge()),
                points.stream().mapToDouble(d -> d).toArray());
    }

    /** A tendril is drawn leaving the stem at this rise. */
    private static final double TENDRIL_RISE_RAD = Math.toRadians(25);

    /** A coil taken off its stick opens to this share of its width from turn to turn. */
    private static final double COIL_STRETCH = 0.5;
}
