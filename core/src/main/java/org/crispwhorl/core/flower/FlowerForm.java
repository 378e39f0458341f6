package org.crispwhorl.core.flower;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.centre.StamenRing;
import org.crispwhorl.core.species.Attachment;
import org.crispwhorl.core.species.Heart;
import org.crispwhorl.core.species.Leaf;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.species.Place;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.species.Stamens;
import org.crispwhorl.core.wire.StemBundle;
import org.crispwhorl.core.wire.WireTable;

/**
 * The whole flower put together: every part's pieces at the neck radius that the parts before it leave, and at the
 * azimuths that its rule gives.
 */
public final class FlowerForm {
    /** Divergence of a spiral: the golden angle, degrees. */
    public static final double GOLDEN_DEG = 137.50776405;

    /** Height, as a share of the heart's, at which glued petals start. */
    private static final double GLUE_LEVEL = 0.1;

    /** Steps in which the best azimuth is sought where counts differ. */
    private static final int AZIMUTH_STEPS = 24;

    private final Species species;
    private final List<PlacedRing> rings;
    private final double stemMm;

    private FlowerForm(Species species, List<PlacedRing> rings, double stemMm) {
        this.species = species;
        this.rings = List.copyOf(rings);
        this.stemMm = stemMm;
    }

    /** Puts a species together, heart outwards. */
    public static FlowerForm of(Species species) {
        List<PlacedRing> rings = new ArrayList<>();
        List<Double> wires = new ArrayList<>();
        int layers = 0;
        double gluedMm = species.heart()
                .map(h -> h.form().radiusAt(GLUE_LEVEL * h.form().heightMm()))
                .orElse(0.5);
        int spiralled = 0;
        for (Part part : species.parts()) {
            if (part instanceof Heart heart) {
                wires.addAll(Collections.nCopies(heart.wires(), WireTable.diameterMm(heart.gauge())));
            } else if (part instanceof Stamens stamens) {
                wires.addAll(Collections.nCopies(new StamenRing(stamens).threads(), stamens.threadMm()));
                layers++;
            } else if (part instanceof Petaled petaled) {
                double neck;
                if (petaled.pieces().attachment() instanceof Attachment.Wired wired) {
                    neck = StemBundle.taped(StemBundle.diameterMm(wires), layers) / 2;
                    wires.addAll(Collections.nCopies(petaled.pieces().count(), WireTable.diameterMm(wired.gauge())));
                    layers++;
                } else if (petaled instanceof Leaf) {
                    neck = StemBundle.taped(StemBundle.diameterMm(wires), layers) / 2;
                } else {
                    gluedMm += petaled.pieces().thinning().finishedMm();
                    neck = gluedMm;
                }
                PetalSurface surface = PetalSurface.of(
                        petaled.pieces(), neck, petaled.pieces().place().seatMm());
                double[] azimuths = azimuths(petaled, surface, inner(rings), spiralled);
                spiralled += petaled.pieces().place().rule() == Place.Rule.SPIRAL
                        ? petaled.pieces().count()
                        : 0;
                rings.add(new PlacedRing(petaled, surface, azimuths));
            }
        }
        return new FlowerForm(species, rings, StemBundle.taped(StemBundle.diameterMm(wires), layers));
    }

    private static Optional<PlacedRing> inner(List<PlacedRing> rings) {
        return rings.isEmpty() ? Optional.empty() : Optional.of(rings.get(rings.size() - 1));
    }

    private static double[] azimuths(Petaled part, PetalSurface surface, Optional<PlacedRing> inner, int spiralled) {
        int count = part.pieces().count();
        Place place = part.pieces().place();
        double turn = Math.toRadians(place.turnDeg());
        double[] azimuths = new double[count];
        if (place.rule() == Place.Rule.SPIRAL) {
            for (int i = 0; i < count; i++) {
                azimuths[i] = turn + Math.toRadians(GOLDEN_DEG) * (spiralled + i);
            }
            return azimuths;
        }
        double first = inner.isEmpty() || place.rule() == Place.Rule.FREE
                ? 0
                : firstAzimuth(place.rule(), count, surface, inner.get());
        for (int i = 0; i < count; i++) {
            azimuths[i] = first + turn + Arcs.TURN * i / count;
        }
        return azimuths;
    }

    /** Where counts agree the rule itself; where they differ, the azimuth that leaves the least open with the ring inside. */
    private static double firstAzimuth(Place.Rule rule, int count, PetalSurface surface, PlacedRing inner) {
        double innerFirst = inner.azimuthsRad()[0];
        if (rule == Place.Rule.BEHIND) {
            return innerFirst;
        }
        double half = innerFirst + Math.PI / inner.azimuthsRad().length;
        if (count == inner.azimuthsRad().length) {
            return half;
        }
        double[] own = halfAngles(surface);
        double[] insideArcs = Arcs.repeated(new double[] {-inner.halfAngle(), inner.halfAngle()}, inner.azimuthsRad());
        double best = half;
        double most = -1;
        for (int i = 0; i < AZIMUTH_STEPS; i++) {
            double first = half + Arcs.TURN / count * i / AZIMUTH_STEPS;
            double[] azimuths = new double[count];
            for (int k = 0; k < count; k++) {
                azimuths[k] = first + Arcs.TURN * k / count;
            }
            double covered = Arcs.measure(Arcs.union(Arcs.repeated(own, azimuths), insideArcs));
            if (covered > most + 1e-6) {
                most = covered;
                best = first;
            }
        }
        return best;
    }

    private static double[] halfAngles(PetalSurface surface) {
        double half =
                surface.halfAngleAt(PlacedRing.GAP_STATION * surface.outline().lengthMm());
        return new double[] {-half, half};
    }

    public Species species() {
        return species;
    }

    /** The placed rings, sepals and leaves, in build order. */
    public List<PlacedRing> rings() {
        return rings;
    }

    /** Those that make the face: all but the leaves. */
    public List<PlacedRing> faceRings() {
        return rings.stream().filter(r -> !(r.part() instanceof Leaf)).toList();
    }

    /** The placed ring of a part. */
    public Optional<PlacedRing> ring(String partId) {
        return rings.stream().filter(r -> r.part().id().equals(partId)).findFirst();
    }

    /** Diameter of the stem below the flower with everything taped in, mm. */
    public double stemMm() {
        return stemMm;
    }

    /** Width across the face, leaves left out, mm. */
    public double faceMm() {
        double most = species.heart().map(h -> h.form().diameterMm() / 2).orElse(0.0);
        for (PlacedRing ring : faceRings()) {
            most = Math.max(most, ring.outerMm());
        }
        for (Part part : species.parts()) {
            if (part instanceof Stamens stamens) {
                most = Math.max(most, stamens.ringMm() + stamens.headMm() / 2);
            }
        }
        return 2 * most;
    }

    /** Height of the head from its lowest to its highest point, leaves left out, mm. */
    public double heightMm() {
        double low = 0;
        double high = species.heart().map(h -> h.form().heightMm()).orElse(0.0);
        for (PlacedRing ring : faceRings()) {
            double[] z = ring.heightsMm();
            low = Math.min(low, z[0]);
            high = Math.max(high, z[1]);
        }
        for (Part part : species.parts()) {
            if (part instanceof Stamens stamens) {
                high = Math.max(high, stamens.standMm() + stamens.headMm() / 2);
            }
        }
        return high - low;
    }
}
