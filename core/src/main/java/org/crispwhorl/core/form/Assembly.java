package org.crispwhorl.core.form;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.paste.Paste;
import org.crispwhorl.core.solid.Scatter;
import org.crispwhorl.core.solid.Solid;
import org.crispwhorl.core.species.Attachment;
import org.crispwhorl.core.species.Former;
import org.crispwhorl.core.species.Lobe;
import org.crispwhorl.core.species.Overlap;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.species.Pieces;
import org.crispwhorl.core.species.Place;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.species.Strand;
import org.crispwhorl.core.species.Techniques;
import org.crispwhorl.core.wire.StemBundle;
import org.crispwhorl.core.wire.WireTable;

/** A flower while it is being put together. */
final class Assembly {
    /** Steps in which the best azimuth is sought where counts differ. */
    private static final int AZIMUTH_STEPS = 24;

    private final Species species;
    private final Paste paste;
    private final WireTable wireTable;
    private final List<PlacedRing> rings = new ArrayList<>();
    private final List<FlowerForm.Taping> tapings = new ArrayList<>();
    private final List<Double> wires = new ArrayList<>();
    private final List<Double> steel = new ArrayList<>();
    private final boolean onePass;
    private boolean passTaped;
    private int layers;
    private Skin skin;
    private double topMm;

    /** Whether the last ring leaves no room for the next one to stand between its pieces. */
    private boolean shut;

    private int spiralled;

    /** Rings that are stacked in a cup, and how high they lie in it so far. */
    private final List<Petaled> stack;

    private double inCupMm;
    private double thickenedMm;

    Assembly(Species species, Paste paste, WireTable wireTable) {
        this.species = species;
        this.paste = paste;
        this.wireTable = wireTable;
        this.stack = species.stack();
        this.onePass =
                species.techniques().assembly().orElse(Techniques.USUAL.assembly()) == Techniques.Assembly.ONE_PASS;
        List<Solid.Turned> centres = species.parts().stream()
                .flatMap(p -> p.core().outsides().stream())
                .toList();
        this.skin = Skin.of(centres, BARE_WIRE_MM);
        this.topMm = skin.topMm();
    }

    FlowerForm form() {
        for (Part part : species.parts()) {
            add(part);
        }
        species.heads()
                .ifPresent(heads -> heads.stemWires(species).forEach(gauge -> wires.add(wireTable.diameterMm(gauge))));
        double bundle = StemBundle.diameterMm(wires);
        double stem = StemBundle.taped(bundle, layers);
        return new FlowerForm(
                species, paste, wireTable, rings, tapings, steel, bundle, layers, stem, Math.max(stem, thickenedMm));
    }

    private void add(Part part) {
        thickenedMm = Math.max(thickenedMm, part.thickensToMm());
        double bundle = bundleMm();
        Strand strand = part.strand(wireTable);
        wires.addAll(strand.wiresMm());
        wires.addAll(strand.threadsMm());
        steel.addAll(strand.wiresMm());
        if (strand.taped()) {
            boolean inThePass = onePass && part.ring();
            if (!inThePass || !passTaped) {
                layers++;
                tapings.add(new FlowerForm.Taping(part.id(), strand.downMm(), 2 * bundleMm()));
            }
            passTaped |= inThePass;
        }
        part.flat().ifPresent(petaled -> place(petaled, bundle));
    }

    private double bundleMm() {
        return StemBundle.taped(StemBundle.diameterMm(wires), layers) / 2;
    }

    /** The lobes of one cut all lie on what is inside it, turned with its first petal; what comes after lies on its petals. */
    private void place(Petaled petaled, double bundle) {
        List<Lobe> unlike = petaled.pieces().making().unlike();
        if (unlike.isEmpty()) {
            placeRing(petaled, bundle, Optional.empty());
            return;
        }
        Skin inside = skin;
        double insideMm = topMm;
        boolean wasShut = shut;
        Pieces pieces = petaled.pieces();
        double first = placeRing(
                        petaled.with(pieces.withMaking(pieces.making().besideLobes(pieces.all()))),
                        bundle,
                        Optional.empty())
                .azimuthsRad()[0];
        Skin outside = skin;
        double highest = topMm;
        boolean nowShut = shut;
        for (Lobe lobe : unlike) {
            skin = inside;
            topMm = insideMm;
            shut = wasShut;
            double[] turned = lobe.azimuthsRad();
            Arrays.setAll(turned, i -> first + turned[i]);
            placeRing(petaled.with(pieces.lobes(lobe)), bundle, Optional.of(turned));
            highest = Math.max(highest, topMm);
        }
        skin = outside;
        topMm = highest;
        shut = nowShut;
    }

    /** @param stated azimuths of its pieces, radians, where they do not follow its place */
    private PlacedRing placeRing(Petaled petaled, double bundle, Optional<double[]> stated) {
        Laid laid = stack.contains(petaled)
                ? inTheCup(petaled)
                : petaled.inHead() && petaled.pieces().hugs() ? onSkin(petaled) : standing(petaled, bundle);
        PetalSurface surface = laid.by().apply(petaled);
        Place place = petaled.pieces().place();
        double[] azimuths = stated.orElseGet(() -> azimuths(petaled, surface, inner(rings), spiralled));
        spiralled += stated.isEmpty() && place.rule() == Place.Rule.SPIRAL ? azimuths.length : 0;
        boolean steamed = species.finishing().steams(petaled);
        PlacedRing ring = new PlacedRing(petaled, azimuths, laid.neckMm(), steamed, laid.by());
        rings.add(ring);
        if (petaled.inHead()) {
            skin = surface instanceof HuggingPetal hugging
                    ? hugging.outside()
                    : standingSkin(surface, petaled.pieces(), laid.neckMm());
            topMm = Math.max(topMm, skin.topMm());
            shut = petaled.pieces().overlap() != Overlap.APART;
        }
        return ring;
    }

    /**
     * How a ring's pieces come to their place.
     *
     * @param neckMm radius at which they leave the middle of the flower
     */
    private record Laid(double neckMm, Function<Petaled, PetalSurface> by) {}

    /** Soft pieces: threaded under what is inside them, or glued at their seat, or so that their tips stand right. */
    private Laid onSkin(Petaled petaled) {
        Pieces pieces = petaled.pieces();
        Skin inside = rings.stream().noneMatch(ring -> ring.part().inHead()) ? underADot(pieces) : skin;
        double thick = pieces.finishedMm(paste);
        Optional<Attachment.Glued.Reach> reach = pieces.attachment().reach();
        if (reach.isPresent()) {
            double top = topMm + reach.get().aboveMm();
            double way = TipHeight.wayReaching(inside, pieces, thick, top);
            return new Laid(inside.at(way).radiusMm(), p -> {
                double t = p.pieces().finishedMm(paste);
                double at = p == petaled ? way : TipHeight.wayReaching(inside, p.pieces(), t, top);
                return HuggingPetal.on(inside, p.pieces(), t, at);
            });
        }
        double way = baseMm(petaled);
        return new Laid(
                inside.at(way).radiusMm(),
                p -> HuggingPetal.on(inside, p.pieces(), p.pieces().finishedMm(paste), way));
    }

    /** What the first cut is laid on: a middle that is much wider than its centre lies flat under it, unless its petals are laid up. */
    private Skin underADot(Pieces pieces) {
        double middle = pieces.making().finishedMiddleMm() / 2;
        double laid =
                Math.max(pieces.attachment().gluedShare(), pieces.attachment().opensFrom());
        double wider = HuggingPetal.smooth((middle / skin.widestMm() - LIFTED) / (FLAT - LIFTED));
        double open = 1 - HuggingPetal.smooth((laid - OPEN) / (LAID_UP - OPEN));
        return skin.spread(wider * open, middle + laid * pieces.finished().lengthMm());
    }

    /** A middle so many times as wide as its centre is still lifted by it; one so many times as wide lies flat. */
    private static final double LIFTED = 1.3;

    private static final double FLAT = 2;

    /** Petals glued to so much of their length lie open; those glued to so much are laid up their centre, however small. */
    private static final double OPEN = 0.25;

    private static final double LAID_UP = 0.5;

    /**
     * Where along the skin a ring's pieces begin: what is threaded at the edge of its middle, what is fitted singly to the back of
     * the flower where its feet stand side by side, petals at their seat.
     */
    private double baseMm(Petaled petaled) {
        Pieces pieces = petaled.pieces();
        if (!pieces.attachment().glued() || pieces.making().finishedMiddleMm() > 0) {
            return pieces.making().finishedMiddleMm() / 2;
        }
        return petaled.ring()
                ? skin.wayAt(pieces.place().onStemMm())
                : pieces.count() * 2 * pieces.finished().halfWidthAt(0) / Arcs.TURN;
    }

    /** Pieces that lie in a cup: level where they leave its middle, and up its side, each ring on the one before. */
    private Laid inTheCup(Petaled petaled) {
        Pieces pieces = petaled.pieces();
        double neck = Math.max(BARE_WIRE_MM, pieces.making().finishedMiddleMm() / 2);
        double thick = pieces.finishedMm(paste);
        double seat = inCupMm + thick / 2;
        inCupMm += thick;
        return new Laid(neck, p -> {
            Former cup = p.pieces().former().orElseThrow();
            double round = Math.max(neck, cup.sphereRadiusMm() - seat);
            double lean =
                    FLAT_DEG - Math.toDegrees((neck + p.pieces().finished().lengthMm() / 2) / round);
            return StandingPetal.of(
                    p.pieces().with(d -> {
                        d.attachment = new Attachment.Threaded();
                        d.former = Optional.of(cup.scaled(round / cup.sphereRadiusMm()));
                        d.opensDeg = Limits.within(Pieces.class, "opensDeg", lean);
                    }),
                    neck,
                    seat);
        });
    }

    private static final double FLAT_DEG = 90;

    /** Pieces that keep their shape: they leave the bundle of wires, or what they are glued to. */
    private Laid standing(Petaled petaled, double bundle) {
        Pieces pieces = petaled.pieces();
        double seat = pieces.place().onStemMm();
        double neck = bundle;
        if (petaled.inHead() && pieces.wired().isEmpty()) {
            neck = pieces.attachment().glued()
                    ? skin.at(skin.wayAt(seat) + GLUED_MM).radiusMm() + pieces.finishedMm(paste) / 2
                    : Math.max(bundle, pieces.making().finishedMiddleMm() / 2);
        }
        double from = neck;
        Settled settled = petaled.inHead() && shut ? Settled.below(skin, pieces, paste, from, seat) : Settled.AS_STATED;
        return new Laid(from, p -> settled.petal(p.pieces(), from, seat));
    }

    /** The back of a ring that stands, from the neck on. */
    private Skin standingSkin(PetalSurface surface, Pieces pieces, double neck) {
        double seat = pieces.place().onStemMm();
        double out = pieces.finishedMm(paste) / 2;
        List<double[]> points = new ArrayList<>();
        points.add(new double[] {0, seat});
        points.add(new double[] {neck, seat});
        for (int i = 0; i <= BACK_STEPS; i++) {
            points.add(surface.back(surface.outline().lengthMm() * i / BACK_STEPS, out, 1));
        }
        return Skin.through(points);
    }

    private static final int BACK_STEPS = 24;

    /** How far along what is inside from their seat firm pieces touch it when they are glued on, mm. */
    private static final double GLUED_MM = 2;

    /** Radius of a wire on which petals are laid where there is no centre, mm. */
    private static final double BARE_WIRE_MM = 0.5;

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
            return Place.sidesAlikeRad(count, place.turnDeg());
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
}
