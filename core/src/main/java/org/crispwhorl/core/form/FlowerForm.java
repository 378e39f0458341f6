package org.crispwhorl.core.form;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
import org.crispwhorl.core.colour.Colouring;
import org.crispwhorl.core.colour.TintedBody;
import org.crispwhorl.core.colour.Zone;
import org.crispwhorl.core.paste.Paste;
import org.crispwhorl.core.solid.Solid;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.wire.WireTable;

/**
 * The whole flower put together: every part's pieces at the neck radius that the parts before it leave, and at the
 * azimuths that its rule gives.
 */
public final class FlowerForm {
    private final Species species;
    private final Paste paste;
    private final WireTable wireTable;
    private final List<PlacedRing> rings;
    private final List<Taping> tapings;
    private final List<Double> stemWiresMm;
    private final double bundleMm;
    private final int layersOfTape;
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

    FlowerForm(
            Species species,
            Paste paste,
            WireTable wireTable,
            List<PlacedRing> rings,
            List<Taping> tapings,
            List<Double> stemWiresMm,
            double bundleMm,
            int layersOfTape,
            double bareStemMm,
            double stemMm) {
        this.species = species;
        this.paste = paste;
        this.wireTable = wireTable;
        this.rings = List.copyOf(rings);
        this.tapings = List.copyOf(tapings);
        this.stemWiresMm = List.copyOf(stemWiresMm);
        this.bundleMm = bundleMm;
        this.layersOfTape = layersOfTape;
        this.bareStemMm = bareStemMm;
        this.stemMm = stemMm;
    }

    /** Puts a species together, centre outwards, of the studio's own paste and wires. */
    public static FlowerForm of(Species species, Paste paste, WireTable wireTable) {
        return new Assembly(species, paste, wireTable).form();
    }

    /** Another flower of the same paste and wires. */
    public FlowerForm another(Species other) {
        return of(other, paste, wireTable);
    }

    public Species species() {
        return species;
    }

    /** The paste that it is made of. */
    public Paste paste() {
        return paste;
    }

    /** The layers of tape on its stem, from the centre outwards. */
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

    /** The wires and threads of its stem bundled, without tape, mm across. */
    public double bundleMm() {
        return bundleMm;
    }

    /** Layers of tape round that bundle. */
    public int layersOfTape() {
        return layersOfTape;
    }

    /** Diameter of the stem with everything taped in, before it is thickened, mm. */
    public double bareStemMm() {
        return bareStemMm;
    }

    /** Diameter of the stem below the flower with everything taped in and thickened, mm. */
    public double stemMm() {
        return stemMm;
    }

    /** Radius of what fills the middle: the thickest centre or roll, mm. */
    public double centreMm() {
        return species.parts().stream()
                .mapToDouble(p -> p.core().fillsMm())
                .max()
                .orElse(0);
    }

    /** The bodies of a part that are not flat pieces, at the flower itself: what stands at the joints of further heads is none of them. */
    public List<Solid> solids(Part part) {
        return solids.computeIfAbsent(
                part.id(),
                id -> species.heads().isPresent() && part.atJoints(wireTable).isPresent()
                        ? List.of()
                        : part.solids(wireTable));
    }

    /** The bodies of a part as its passes of colour leave them; none where it has none, or no shade. */
    public Optional<TintedBody> body(Part part) {
        List<Solid> bodies = solids(part);
        return bodies.isEmpty() || part.shadeId().isEmpty()
                ? Optional.empty()
                : Optional.of(new TintedBody(
                        colouring(part),
                        bodies.stream().mapToDouble(Solid::lowMm).min().orElse(0),
                        bodies.stream().mapToDouble(Solid::topMm).max().orElse(0),
                        species.finishing().steams(part)));
    }

    /** What is of one piece with flat ones, such as the foot of a trumpet, is coloured all over: zones are those of the flat pieces. */
    private static Colouring colouring(Part part) {
        Colouring passes = part.colouring().orElse(Colouring.NONE);
        return part.zoned() ? passes.each(pass -> pass.withZone(Zone.ALL)) : passes;
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
        double[] z = heightsMm();
        return z[1] - z[0];
    }

    /** Its lowest and its highest point, mm above the neck. */
    public double[] heightsMm() {
        double low = Math.min(0, headSolids().mapToDouble(Solid::lowMm).min().orElse(0));
        double high = Math.max(0, headSolids().mapToDouble(Solid::topMm).max().orElse(0));
        for (PlacedRing ring : faceRings()) {
            double[] z = ring.heightsMm();
            low = Math.min(low, z[0]);
            high = Math.max(high, z[1]);
        }
        return new double[] {low, high};
    }

    /** Highest point of a part of the centre above the neck, mm; 0 for parts that are not in the centre. */
    public double topMm(Part part) {
        return !part.inHead()
                ? 0
                : solids(part).stream().mapToDouble(Solid::topMm).max().orElse(0);
    }
}
