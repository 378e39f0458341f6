package org.crispwhorl.core.form;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
import org.crispwhorl.core.paste.Paste;
import org.crispwhorl.core.solid.Scatter;
import org.crispwhorl.core.solid.Solid;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.species.Pieces;
import org.crispwhorl.core.species.Place;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.species.Strand;
import org.crispwhorl.core.species.Ways;
import org.crispwhorl.core.wire.StemBundle;
import org.crispwhorl.core.wire.WireTable;

/**
 * The whole flower put together: every part's pieces at the neck radius that the parts before it leave, and at the
 * azimuths that its rule gives.
 */
public final class FlowerForm {
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
    private final Map<String, List<Solid>> solids = new ConcurrentHashMap<>();

    /**
     * A layer of tape on the stem.
     *
     * @param partId what is taped in with it
     * @param downMm how far down the stem it goes
     * @param thickMm the stem under the flower once it is on
     */
    public record Taping(String partId, double downMm, double thickMm) {}

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
    public FlowerForm another(Species other) {
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
            this.gluedMm = species.parts().stream()
                    .mapToDouble(p -> p.core().girthMm())
                    .filter(girth -> girth > 0)
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
            thickenedMm = Math.max(thickenedMm, part.thickensToMm());
            Optional<Petaled> flat = part.flat();
            double neck = flat.map(p -> neckMm(p)).orElse(0.0);
            Strand strand = part.strand(wireTable);
            wires.addAll(strand.wiresMm());
            wires.addAll(strand.threadsMm());
            steel.addAll(strand.wiresMm());
            if (strand.taped()) {
                boolean inThePass = onePass && flat.filter(Petaled::ring).isPresent();
                if (!inThePass || !passTaped) {
                    layers++;
                    tapings.add(new Taping(part.id(), strand.downMm(), 2 * bundleMm()));
                }
                passTaped |= inThePass;
            }
            flat.ifPresent(petaled -> place(petaled, neck));
        }

        private double bundleMm() {
            return StemBundle.taped(StemBundle.diameterMm(wires), layers) / 2;
        }

        private void place(Petaled petaled, double neck) {
            Pieces pieces = petaled.pieces();
            PetalSurface surface = PetalSurface.of(pieces, neck, pieces.place().seatMm());
            double[] azimuths = azimuths(petaled, surface, inner(rings), spiralled);
            spiralled += pieces.place().rule() == Place.Rule.SPIRAL ? pieces.count() : 0;
            rings.add(new PlacedRing(petaled, surface, azimuths));
        }

        /** Radius at which pieces leave the axis: the bundle inside them, the heart they are glued to, or their middle. */
        private double neckMm(Petaled petaled) {
            Pieces pieces = petaled.pieces();
            if (!petaled.inHead() || pieces.wired().isPresent()) {
                return bundleMm();
            }
            if (!pieces.attachment().glued()) {
                return Math.max(bundleMm(), pieces.making().finishedMiddleMm() / 2);
            }
            gluedMm += pieces.finishedMm(paste);
            return gluedMm;
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
                azimuths[i] = turn + Math.toRadians(Scatter.GOLDEN_DEG) * (spiralled + i);
            }
            return azimuths;
        }
        if (part.ownAzimuthsRad().isPresent()) {
            return part.ownAzimuthsRad().get();
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
        return rings.stream().filter(r -> r.part().inHead()).toList();
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
        return species.parts().stream()
                .mapToDouble(p -> p.core().fillsMm())
                .max()
                .orElse(0);
    }

    /** The bodies of a part that are not flat pieces. */
    public List<Solid> solids(Part part) {
        return solids.computeIfAbsent(part.id(), id -> part.solids(wireTable));
    }

    /** The bodies of all parts that belong to the head. */
    private Stream<Solid> headSolids() {
        return species.parts().stream().filter(Part::inHead).flatMap(p -> solids(p).stream());
    }

    /** Width across the face, leaves left out, mm. */
    public double faceMm() {
        double most = headSolids().mapToDouble(Solid::reachMm).max().orElse(0);
        for (PlacedRing ring : faceRings()) {
            most = Math.max(most, ring.outerMm());
        }
        return 2 * most;
    }

    /** Height of the head from its lowest to its highest point, leaves left out, mm. */
    public double heightMm() {
        double low = Math.min(0, headSolids().mapToDouble(Solid::lowMm).min().orElse(0));
        double high = Math.max(0, headSolids().mapToDouble(Solid::topMm).max().orElse(0));
        for (PlacedRing ring : faceRings()) {
            double[] z = ring.heightsMm();
            low = Math.min(low, z[0]);
            high = Math.max(high, z[1]);
        }
        return high - low;
    }

    /** Highest point of a part of the centre above the neck, mm; 0 for parts that are not in the centre. */
    public double topMm(Part part) {
        return !part.inHead()
                ? 0
                : solids(part).stream().mapToDouble(Solid::topMm).max().orElse(0);
    }
}
