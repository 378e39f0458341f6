package org.crispwhorl.core.reckoning;

import static org.crispwhorl.core.measure.Why.in;

import java.util.List;
import java.util.OptionalInt;
import org.crispwhorl.core.bench.Kit;
import org.crispwhorl.core.bench.Lots;
import org.crispwhorl.core.flower.PlacedRing;
import org.crispwhorl.core.measure.Figure;
import org.crispwhorl.core.measure.Figure.Group;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.species.Attachment;
import org.crispwhorl.core.species.Former;
import org.crispwhorl.core.species.Leaf;
import org.crispwhorl.core.species.Overlap;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.species.Pieces;
import org.crispwhorl.core.wire.LoadedWire;
import org.crispwhorl.core.wire.WireTable;

/** The figures of a ring, calyx or pair of leaves. */
final class PetaledFigures {
    private static final String PLAN = "Plan of the placed petals";

    private final Assessment a;
    private final Petaled part;
    private final Pieces pieces;
    private final PlacedRing ring;
    private final Figures figures = new Figures();

    private PetaledFigures(Assessment a, Petaled part) {
        this.a = a;
        this.part = part;
        this.pieces = part.pieces();
        this.ring = a.form().ring(part.id()).orElseThrow();
    }

    static List<Figure> of(Assessment a, Petaled part) {
        PetaledFigures made = new PetaledFigures(a, part);
        made.sizes();
        made.fit();
        made.pieces();
        made.paste();
        if (part.pieces().attachment() instanceof Attachment.Wired wired) {
            made.wire(wired);
        }
        DryingFigures.add(made.figures.in(Group.DRYING), a, part);
        made.time();
        return made.figures.list();
    }

    private void sizes() {
        Outline cut = pieces.cut();
        Outline finished = pieces.finished();
        Why grown = Why.of(
                "Thinning keeps the volume: lengths grow by √(rolled ÷ finished)",
                "Conservation of volume",
                in("rolled", pieces.thinning().rolledMm(), Unit.NONE),
                in("finished", pieces.thinning().finishedMm(), Unit.NONE),
                in("growth", pieces.thinning().growth(), Unit.FACTOR));
        Why cutter = Why.of("The cutter chosen", "Your design", in("length", cut.lengthMm(), Unit.MM));
        figures.in(Group.SIZE)
                .add("cutLength", "cutter, long", cut.lengthMm(), Unit.MM, cutter)
                .add("cutWidth", "cutter, wide", cut.widthMm(), Unit.MM, cutter)
                .add("finishedLength", "finished, long", finished.lengthMm(), Unit.MM, grown)
                .add("finishedWidth", "finished, wide", finished.widthMm(), Unit.MM, grown)
                .add(
                        "cutArea",
                        "cut area",
                        cut.areaMm2(),
                        Unit.SQUARE_MM,
                        Why.of(
                                "Area inside the outline",
                                "Quarter sine to the widest place, superellipse to the tip",
                                in("length", cut.lengthMm(), Unit.MM),
                                in("width", cut.widthMm(), Unit.MM),
                                in("widest at", cut.widest(), Unit.NONE),
                                in("base", cut.base(), Unit.NONE),
                                in("tip", cut.tip(), Unit.NONE)));
        pieces.former().ifPresent(this::bend);
    }

    private void bend(Former former) {
        double radius = former.sphereRadiusMm();
        double bend = Math.toDegrees(ring.surface().midrib().bendRad());
        figures.add(
                "bend",
                former.side() == Former.Side.CUPS_IN ? "bends in by" : "turns back by",
                Math.abs(bend),
                Unit.DEGREE,
                Why.of(
                        "A former with rim a and depth h is part of a ball of radius (a² + h²)/2h; the petal bends by its length ÷ that radius",
                        "Chord and sagitta of a circle",
                        in("rim radius", former.rimRadiusMm(), Unit.MM),
                        in("depth", former.depthMm(), Unit.MM),
                        in("radius of the ball", radius, Unit.MM),
                        in("petal length", pieces.finished().lengthMm(), Unit.MM)));
    }

    private void fit() {
        Why gap = Why.of(
                "Arc between neighbours at 60 % of their length",
                PLAN,
                in("petals", pieces.count(), Unit.COUNT),
                in("radius there", ring.gapRadiusMm(), Unit.MM),
                in(
                        "chord there",
                        ring.surface()
                                .chordAt(PlacedRing.GAP_STATION
                                        * pieces.finished().lengthMm()),
                        Unit.MM));
        figures.in(Group.FIT);
        if (pieces.overlap() != Overlap.APART) {
            figures.add("gap", "largest gap", ring.gapMm(), Unit.MM, gap)
                    .add("overlap", "overlap", ring.overlapMm(), Unit.MM, gap)
                    .add("leastCount", "least count that closes", ring.leastCount(), Unit.COUNT, gap);
        }
        if (part instanceof Leaf) {
            return;
        }
        Why seen = Why.of(
                "Share of the ring's plan that nothing else covers, looking along the axis",
                PLAN,
                in("area in plan", a.coverage().planMm2(part.id()), Unit.SQUARE_MM));
        figures.add("seenAbove", "seen from above", 100 * a.coverage().seenFromAbove(part.id()), Unit.PERCENT, seen)
                .add("seenBelow", "seen from below", 100 * a.coverage().seenFromBelow(part.id()), Unit.PERCENT, seen);
        List<PlacedRing> rings = a.form().faceRings();
        int at = rings.indexOf(ring);
        double inside = at == 0 ? 0 : rings.get(at - 1).outerMm();
        figures.add(
                "peek",
                "reaches past the ring inside",
                ring.outerMm() - inside,
                Unit.MM,
                Why.of(
                        "Outermost radius less that of the ring inside",
                        PLAN,
                        in("this ring", ring.outerMm(), Unit.MM),
                        in("ring inside", inside, Unit.MM)));
        figures.add(
                "neck",
                "leaves the axis at",
                ring.surface().midrib().neckMm(),
                Unit.MM,
                Why.of(
                        pieces.attachment() instanceof Attachment.Wired
                                ? "Half the bundle of wires, threads and tape inside it"
                                : "Radius of the heart where petals are glued, and the petals inside",
                        "Packing of round wires; build order",
                        in("neck radius", ring.surface().midrib().neckMm(), Unit.MM)));
    }

    private void pieces() {
        int spares = org.crispwhorl.core.bench.Spares.UNRECORDED.forPieces(pieces.count());
        figures.in(Group.PIECES)
                .add(
                        "pieces",
                        "pieces",
                        pieces.count(),
                        Unit.COUNT,
                        Why.of("Petals in one flower", "Your design", in("count", pieces.count(), Unit.COUNT)))
                .add(
                        "spares",
                        "spares",
                        spares,
                        Unit.COUNT,
                        Why.of(
                                "Fewest spares with which enough are whole at odds of 95 %",
                                "Beta-binomial; 5 % breakage before any record",
                                in("needed", pieces.count(), Unit.COUNT),
                                in("breakage", 5, Unit.PERCENT)));
    }

    private void paste() {
        double piece = a.pieceG(part);
        figures.in(Group.PASTE)
                .add(
                        "pieceMass",
                        "one piece",
                        1000 * piece,
                        Unit.MILLIGRAM,
                        Why.of(
                                "Cut area × rolled thickness × density",
                                "Density of the medium",
                                in("cut area", pieces.cut().areaMm2(), Unit.SQUARE_MM),
                                in("rolled", pieces.thinning().rolledMm(), Unit.NONE),
                                in("density", a.species().medium().densityGPerCm3(), Unit.G_PER_CM3)))
                .add(
                        "ringMass",
                        "all of them",
                        piece * pieces.count(),
                        Unit.G,
                        Why.of(
                                "Mass of a piece × count",
                                "Your design",
                                in("one piece", 1000 * piece, Unit.MILLIGRAM),
                                in("count", pieces.count(), Unit.COUNT)));
    }

    private void wire(Attachment.Wired wired) {
        LoadedWire load = a.load(part, wired);
        double d = WireTable.diameterMm(wired.gauge());
        Why why = Why.of(
                "Droop θ = W(l²/2 + c·l)/EI; stress σ = 32·3·W(l + c)/πd³",
                "Euler-Bernoulli cantilever, steel 200 GPa",
                in("one piece", 1000 * load.massG(), Unit.MILLIGRAM),
                in("centre of mass beyond the base", load.centreMm(), Unit.MM),
                in("free wire", wired.freeMm(), Unit.MM),
                in("diameter", d, Unit.NONE));
        OptionalInt best = load.recommended(a.conditions().kit().gauges());
        figures.in(Group.WIRE);
        best.ifPresent(gauge -> figures.add(
                "recommendedGauge",
                "thinnest that carries it",
                gauge,
                Unit.GAUGE,
                Why.of(
                        "Thinnest gauge of the kit with droop up to 1.5° and up to 200 MPa at 3 g",
                        "Euler-Bernoulli cantilever, steel 200 GPa",
                        in("droop", load.droopDeg(WireTable.diameterMm(gauge)), Unit.FINE_DEGREE),
                        in(
                                "stress at 3 g",
                                load.stressMpa(WireTable.diameterMm(gauge), LoadedWire.BUMP_G),
                                Unit.MPA))));
        figures.add("droop", "droop", load.droopDeg(d), Unit.FINE_DEGREE, why)
                .add("stress", "stress in a bump", load.stressMpa(d, LoadedWire.BUMP_G), Unit.MPA, why)
                .add(
                        "ridgeNeeded",
                        "ridge needed",
                        LoadedWire.RIDGE_DIAMETERS * d,
                        Unit.MM,
                        Why.of(
                                "1.6 wire diameters, or the wire shows",
                                "Rule of the craft",
                                in("diameter", d, Unit.NONE)))
                .add(
                        "wireLength",
                        "wire for one",
                        wired.cutLengthMm(),
                        Unit.MM,
                        Why.of(
                                "Insertion + hook + free wire + tail",
                                "Your design",
                                in("insertion", wired.insertionMm(), Unit.MM),
                                in("hook", wired.hookMm(), Unit.MM),
                                in("free", wired.freeMm(), Unit.MM),
                                in("tail", wired.tailMm(), Unit.MM)));
    }

    private void time() {
        Kit kit = a.conditions().kit();
        Lots lots = Work.lots(a, part);
        figures.in(Group.TIME)
                .add(
                        "lot",
                        "at most in one lot",
                        lots.largest(),
                        Unit.COUNT,
                        Why.of(
                                "Open time ÷ minutes a piece, and no more than there are formers",
                                kit.covered() ? "Time to skinned, ×12 under a cover" : "Time to skinned, uncovered",
                                in("open time", lots.openTimeMin(), Unit.MIN),
                                in("hands a piece", lots.perPieceMin(), Unit.FACTOR)))
                .add(
                        "hands",
                        "hands",
                        Work.makeMin(kit.pace(), part)
                                + Work.joinMin(kit.pace(), part)
                                + Work.dustMin(kit.pace(), part),
                        Unit.MIN,
                        Why.of(
                                "Make + join + dust, by the studio's pace",
                                "Pace of the kit",
                                in("make", Work.makeMin(kit.pace(), part), Unit.MIN),
                                in("join", Work.joinMin(kit.pace(), part), Unit.MIN),
                                in("dust", Work.dustMin(kit.pace(), part), Unit.MIN)));
    }
}
