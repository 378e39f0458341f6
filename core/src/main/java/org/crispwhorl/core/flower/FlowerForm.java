package org.crispwhorl.core.flower;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.centre.StamenRing;
import org.crispwhorl.core.paste.Paste;
import org.crispwhorl.core.species.Attachment;
import org.crispwhorl.core.species.Bead;
import org.crispwhorl.core.species.FineStamens;
import org.crispwhorl.core.species.Heart;
import org.crispwhorl.core.species.HollowedCone;
import org.crispwhorl.core.species.Leaf;
import org.crispwhorl.core.species.Making;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.species.Pieces;
import org.crispwhorl.core.species.Pistil;
import org.crispwhorl.core.species.Place;
import org.crispwhorl.core.species.Roll;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.species.Stamens;
import org.crispwhorl.core.species.StemWrap;
import org.crispwhorl.core.species.Tendril;
import org.crispwhorl.core.species.Ways;
import org.crispwhorl.core.species.Whorl;
import org.crispwhorl.core.species.WireCut;
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

    /** Radius of a wire on which petals are glued where there is no heart, mm. */
    private static final double BARE_WIRE_MM = 0.5;

    /** Steps in which the best azimuth is sought where counts differ. */
    private static final int AZIMUTH_STEPS = 24;

    private final Species species;
    private final Paste paste;
    private final WireTable wireTable;
    private final List<PlacedRing> rings;
    private final List<Taping> tapings;
    private final List<Double> stemWiresMm;
    private final double bareStemMm;
    private final double stemMm;

    /**
     * A layer of tape on the stem.
     *
     * @param partId what is taped in with it
     * @param thickMm the stem under the flower once it is on
     */
    public record Taping(String partId, double thickMm) {}

    private FlowerForm(
            Species species,
            Paste paste,
            WireTable wireTable,
            List<PlacedRing> rings,
            List<Taping> tapings,
            List<Double> stemWiresMm,
            double bareStemMm,
            double stemMm) {
        this.species = species;
        this.paste = paste;
        this.wireTable = wireTable;
        this.rings = List.copyOf(rings);
        this.tapings = List.copyOf(tapings);
        this.stemWiresMm = List.copyOf(stemWiresMm);
        this.bareStemMm = bareStemMm;
        this.stemMm = stemMm;
    }

    /** Puts a species together, heart outwards, of the studio's own paste and wires. */
    public static FlowerForm of(Species species, Paste paste, WireTable wireTable) {
        return new Assembly(species, paste, wireTable).form();
    }

    /** Another flower of the same paste and wires. */
    FlowerForm another(Species other) {
        return of(other, paste, wireTable);
    }

    /** A flower while it is being put together. */
    private static final class Assembly {
        private final Species species;
        private final Paste paste;
        private final WireTable wireTable;
        private final List<PlacedRing> rings = new ArrayList<>();
        private final List<Taping> tapings = new ArrayList<>();
        private final List<Double> wires = new ArrayList<>();
        private final List<Double> steel = new ArrayList<>();
        private final boolean onePass;
        private boolean passTaped;
        private int layers;
        private double gluedMm;
        private int spiralled;
        private double thickenedMm;

        Assembly(Species species, Paste paste, WireTable wireTable) {
            this.species = species;
            this.paste = paste;
            this.wireTable = wireTable;
            this.onePass = species.ways().assembly().orElse(Ways.USUAL.assembly()) == Ways.Assembly.ONE_PASS;
            this.gluedMm = species.hearts().stream()
                    .mapToDouble(h -> h.form().radiusAt(GLUE_LEVEL * h.form().heightMm()))
                    .max()
                    .orElse(BARE_WIRE_MM);
        }

        FlowerForm form() {
            for (Part part : species.parts()) {
                add(part);
            }
            double stem = StemBundle.taped(StemBundle.diameterMm(wires), layers);
            return new FlowerForm(species, paste, wireTable, rings, tapings, steel, stem, Math.max(stem, thickenedMm));
        }

        private void add(Part part) {
            if (part instanceof Petaled petaled) {
                place(petaled);
            } else if (part instanceof Stamens stamens) {
                tapeIn(part, new StamenRing(stamens).threads(), stamens.threadMm());
            } else if (part instanceof Pistil pistil) {
                tapeIn(part, pistil.stigmas(), pistil.strandMm());
            } else if (part instanceof Roll roll) {
                gluedMm = Math.max(gluedMm, roll.radiusMm());
            } else if (part instanceof StemWrap wrap) {
                thickenedMm = wrap.toMm();
            } else if (part instanceof Heart heart) {
                bundle(heart);
            } else if (part instanceof FineStamens || part instanceof Tendril) {
                bundle(part);
                tape(part);
            }
        }

        private void tapeIn(Part part, int threads, double threadMm) {
            wires.addAll(Collections.nCopies(threads, threadMm));
            tape(part);
        }

        private void tape(Part part) {
            layers++;
            tapings.add(new Taping(part.id(), 2 * bundleMm()));
        }

        private void bundle(Part part) {
            for (WireCut cut : part.wireCuts()) {
                List<Double> all = Collections.nCopies(cut.count(), wireTable.diameterMm(cut.gauge()));
                wires.addAll(all);
                steel.addAll(all);
            }
        }

        private double bundleMm() {
            return StemBundle.taped(StemBundle.diameterMm(wires), layers) / 2;
        }

        private void place(Petaled petaled) {
            Pieces pieces = petaled.pieces();
            double neck = neckMm(petaled);
            if (pieces.attachment() instanceof Attachment.Wired) {
                bundle(petaled);
                boolean inThePass = onePass && petaled instanceof Whorl;
                if (!inThePass || !passTaped) {
                    tape(petaled);
                }
                passTaped |= inThePass;
            }
            PetalSurface surface = PetalSurface.of(pieces, neck, pieces.place().seatMm());
            double[] azimuths = azimuths(petaled, surface, inner(rings), spiralled);
            spiralled += pieces.place().rule() == Place.Rule.SPIRAL ? pieces.count() : 0;
            rings.add(new PlacedRing(petaled, surface, azimuths));
        }

        /** Radius at which pieces leave the axis: the bundle inside them, the heart they are glued to, or their middle. */
        private double neckMm(Petaled petaled) {
            Pieces pieces = petaled.pieces();
            if (petaled instanceof Leaf || pieces.attachment() instanceof Attachment.Wired) {
                return bundleMm();
            }
            if (pieces.attachment() instanceof Attachment.Threaded) {
                return Math.max(bundleMm(), middleMm(pieces) / 2);
            }
            gluedMm += pieces.finishedMm(paste);
            return gluedMm;
        }

        private static double middleMm(Pieces pieces) {
            if (pieces.making() instanceof Making.OnePiece one) {
                return one.middleMm() * pieces.growth();
            }
            return pieces.making() instanceof HollowedCone cone ? cone.footWidthMm() : 0;
        }
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
        if (part instanceof Leaf leaf && leaf.along() != Leaf.Along.COLLAR) {
            for (int i = 0; i < count; i++) {
                azimuths[i] = turn
                        + (leaf.along() == Leaf.Along.STAGGERED
                                ? Math.toRadians(GOLDEN_DEG) * i
                                : Math.PI * (i % 2) + Math.PI / 2 * (i / 2 % 2));
            }
            return azimuths;
        }
        if (place.rule() == Place.Rule.SIDES_ALIKE) {
            for (int i = 0; i < count; i++) {
                azimuths[i] = count == 1 ? turn : turn * (1 - 2.0 * i / (count - 1));
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

    /** The paste that it is made of. */
    public Paste paste() {
        return paste;
    }

    /** The layers of tape on its stem, from the heart outwards. */
    public List<Taping> tapings() {
        return tapings;
    }

    /** The wires that run down its stem, mm across. */
    public List<Double> stemWiresMm() {
        return stemWiresMm;
    }

    /** The wires that it is put on. */
    public WireTable wireTable() {
        return wireTable;
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

    /** Diameter of the stem with everything taped in, before it is thickened, mm. */
    public double bareStemMm() {
        return bareStemMm;
    }

    /** Diameter of the stem below the flower with everything taped in and thickened, mm. */
    public double stemMm() {
        return stemMm;
    }

    /** Radius of what fills the middle: the thickest heart or roll, mm. */
    public double centreMm() {
        double most = 0;
        for (Part part : species.parts()) {
            if (part instanceof Heart heart) {
                most = Math.max(most, heart.form().diameterMm() / 2);
            } else if (part instanceof Roll roll) {
                most = Math.max(most, roll.radiusMm());
            }
        }
        return most;
    }

    /** Width across the face, leaves left out, mm. */
    public double faceMm() {
        double most = centreMm();
        for (PlacedRing ring : faceRings()) {
            most = Math.max(most, ring.outerMm());
        }
        for (Part part : species.parts()) {
            if (part instanceof Stamens stamens) {
                most = Math.max(most, stamens.ringMm() + stamens.headMm() / 2);
            } else if (part instanceof FineStamens fine) {
                most = Math.max(most, fine.ringMm() + fine.thickMm() / 2);
            }
        }
        return 2 * most;
    }

    /** Height of the head from its lowest to its highest point, leaves left out, mm. */
    public double heightMm() {
        double low = 0;
        double high = 0;
        for (PlacedRing ring : faceRings()) {
            double[] z = ring.heightsMm();
            low = Math.min(low, z[0]);
            high = Math.max(high, z[1]);
        }
        for (Part part : species.parts()) {
            high = Math.max(high, topMm(part));
            low = part instanceof Bead bead ? Math.min(low, bead.seatMm() - bead.longMm()) : low;
        }
        return high - low;
    }

    /** Highest point of a part of the centre above the neck, mm; 0 for parts that are not in the centre. */
    public static double topMm(Part part) {
        if (part instanceof Heart heart) {
            return heart.topMm();
        }
        if (part instanceof Stamens stamens) {
            return stamens.standMm() + stamens.headMm() / 2;
        }
        if (part instanceof FineStamens fine) {
            return fine.standMm() + fine.longerMm() + fine.antherMm() / 2;
        }
        if (part instanceof Pistil pistil) {
            return pistil.styleMm() + pistil.stigmaMm();
        }
        return part instanceof Roll roll ? roll.from().heightMm() : 0;
    }
}
