package org.crispwhorl.core.form;

import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.species.Former;
import org.crispwhorl.core.species.Pieces;

/** The midrib of a piece as it is laid on a skin, step by step; each step is as long on it as on the flat piece. */
final class LaidRib {
    /** Share of the room that paste takes on soft paste: it is pressed. */
    private static final double PRESSED = 0.6;

    /** A meridian flatter than this does not spread a layer any more. */
    private static final double LEAST_RISE = 0.3;

    /** How far a turned tip goes round its stick. */
    private static final double TURN_BACK_RAD = Math.toRadians(120);

    private final Skin skin;
    final Outline outline;
    final int count;
    private final double middleMm;
    private final boolean inOne;
    private final int besides;
    final double thickMm;
    final double stepMm;
    final double[] r = new double[HuggingPetal.STEPS + 1];
    final double[] z = new double[HuggingPetal.STEPS + 1];
    final double[] theta = new double[HuggingPetal.STEPS + 1];
    final double[] layer = new double[HuggingPetal.STEPS + 1];
    final double formerBend;
    final double quillRad;
    double hugsToMm;
    double shortMm;
    double reachedRad;

    LaidRib(Skin skin, Pieces pieces, Outline finished, double thickMm, double way, double startMm) {
        this.skin = skin;
        this.outline = finished;
        this.count = pieces.count();
        this.middleMm = pieces.making().finishedMiddleMm() / 2;
        this.inOne = middleMm > 0;
        this.besides = pieces.making().besides(count);
        this.thickMm = thickMm;
        this.formerBend = pieces.former()
                .map(f -> f.side() == Former.Side.CUPS_IN ? 1 / f.sphereRadiusMm() : -1 / f.sphereRadiusMm())
                .orElse(0.0);
        this.quillRad = Math.toRadians(pieces.quillDeg());
        double length = outline.lengthMm();
        this.stepMm = (length - startMm) / HuggingPetal.STEPS;
        double hugs =
                Math.max(pieces.attachment().gluedShare(), pieces.attachment().opensFrom()) * length;
        double glued = inOne ? hugs : Math.max(Math.min(FOOT_MM, length / 2), hugs);
        double turned = Math.min(pieces.edge().turnedMm(), length - glued);
        lay(way, startMm, Math.max(startMm, glued), turned, Math.toRadians(pieces.opensDeg()));
    }

    /** Full width of the paste at a station; a cut in one is one piece where its petals would be wider than their share. */
    double width(double s) {
        double w = 2 * outline.halfWidthAt(s);
        return inOne ? Math.min(w, 2 * Math.PI * (middleMm + s) / besides) : w;
    }

    /** Room that a layer takes on the skin, mm. */
    private double room(Skin.At at, double s) {
        double rise = Math.max(LEAST_RISE, Math.abs(at.upwards()));
        double a = at.radiusMm() + thickMm * rise / 2;
        double paste = PRESSED * count * thickMm;
        double spread = (Math.sqrt(a * a + paste * width(s) * rise / Math.PI) - a) / rise;
        if (count > 1 && spread > 0) {
            double much = spread * spread / (paste * paste);
            spread /= Math.sqrt(Math.sqrt(1 + much * much));
        }
        return thickMm + spread;
    }

    /** Radius of the midrib of a piece on the skin: half a layer out of it, no nearer to the axis than that. */
    private static double radius(Skin.At at, double layer) {
        return Math.max(layer / 2, at.radiusMm() + at.upwards() * layer / 2);
    }

    private static double height(Skin.At at, double layer) {
        return at.heightMm() - at.outwards() * layer / 2;
    }

    private void lay(double from, double startMm, double opensMm, double turnedMm, double lean) {
        double way = from;
        double length = outline.lengthMm();
        Skin.At at = skin.at(way);
        // At the very axis there is no room for paste side by side: it is pressed out to where there is.
        layer[0] = Math.min(room(at, startMm), room(skin.at(way + PRESSED_OUT_MM), startMm + PRESSED_OUT_MM));
        r[0] = radius(at, layer[0]);
        z[0] = height(at, layer[0]);
        theta[0] = at.directionRad();
        int i = 1;
        for (; i <= HuggingPetal.STEPS && startMm + i * stepMm <= opensMm + ONE_MM; i++) {
            way = hug(i, startMm + i * stepMm, way);
        }
        hugsToMm = startMm + (i - 1) * stepMm;
        shortMm = skin.lengthMm() - way - (length - hugsToMm);
        double tipFrom = length - turnedMm;
        double free = Math.max(ONE_MM, tipFrom - hugsToMm);
        double leaves = theta[i - 1];
        double most = free / HuggingPetal.MM_PER_RADIAN;
        double turn = Math.max(-most, Math.min(most, lean - leaves));
        reachedRad = leaves + turn;
        for (; i <= HuggingPetal.STEPS; i++) {
            double s = startMm + i * stepMm;
            double body = Math.min(1, (Math.min(s, tipFrom) - stepMm / 2 - hugsToMm) / free);
            double want = leaves + turn * Math.max(0, body);
            if (turnedMm > 0 && s > tipFrom) {
                want += TURN_BACK_RAD * Math.min(1, (s - tipFrom) / turnedMm);
            }
            layer[i] = layer[i - 1] + (thickMm - layer[i - 1]) * Math.min(1, stepMm / SETTLES_MM);
            theta[i] = want;
            r[i] = r[i - 1] + stepMm * Math.sin(want);
            z[i] = z[i - 1] + stepMm * Math.cos(want);
            way = nearest(i, way);
            // What would go into what is inside it lies on it.
            if (way < skin.lengthMm() && skin.at(way).off(r[i], z[i]) < layer[i] / 2) {
                way = hug(i, s, way - stepMm);
            } else if (r[i] < layer[i] / 2) {
                upAxis(i);
            }
        }
    }

    /** The place of the skin that a step lies off, sought onwards from the one that the step before lay off. */
    private double nearest(int i, double from) {
        double way = from;
        double best = distance(i, way);
        for (int k = 0; k < LOOK_ON; k++) {
            double next = distance(i, way + stepMm / 2);
            if (next > best) {
                break;
            }
            best = next;
            way += stepMm / 2;
        }
        return way;
    }

    private double distance(int i, double way) {
        return skin.at(way).distance(r[i], z[i]);
    }

    private static final int LOOK_ON = 6;

    /** What comes to the axis runs up along it. */
    private void upAxis(int i) {
        r[i] = layer[i] / 2;
        double in = r[i - 1] - r[i];
        z[i] = z[i - 1] + Math.sqrt(Math.max(0, stepMm * stepMm - in * in));
        theta[i] = Math.atan2(r[i] - r[i - 1], z[i] - z[i - 1]);
    }

    /** One step on the skin, as long on the midrib as the piece is; returns how far along the skin it has come. */
    private double hug(int i, double s, double way) {
        double guess = stepMm;
        double low = 0;
        double high = MOST_STRETCH * stepMm;
        for (int k = 0; k < NEWTON; k++) {
            Skin.At at = skin.at(way + guess);
            layer[i] =
                    Math.max(layer[i - 1] - STEEPEST * stepMm, Math.min(layer[i - 1] + STEEPEST * stepMm, room(at, s)));
            r[i] = radius(at, layer[i]);
            z[i] = height(at, layer[i]);
            double across = r[i] - r[i - 1];
            double up = z[i] - z[i - 1];
            double done = Math.sqrt(across * across + up * up);
            if (Math.abs(done - stepMm) < EXACT_MM) {
                break;
            }
            if (done < stepMm) {
                low = guess;
            } else {
                high = guess;
            }
            double next = done > 0 ? guess * stepMm / done : high;
            guess = next > low && next < high ? next : (low + high) / 2;
        }
        theta[i] = Math.atan2(r[i] - r[i - 1], z[i] - z[i - 1]);
        return way + guess;
    }

    /** The foot of a soft piece that has no middle is pressed on at least so far, mm. */
    private static final double FOOT_MM = 4;

    private static final double PRESSED_OUT_MM = 3;

    /** A layer grows or shrinks by no more than this for a step along it. */
    private static final double STEEPEST = 0.3;

    private static final int NEWTON = 14;
    private static final double MOST_STRETCH = 6;
    private static final double ONE_MM = 1e-6;
    private static final double EXACT_MM = 1e-4;

    /** Within so much of its free length a piece is one layer thick again, mm. */
    private static final double SETTLES_MM = 6;
}
