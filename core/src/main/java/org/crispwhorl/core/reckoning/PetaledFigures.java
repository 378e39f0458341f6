package org.crispwhorl.core.reckoning;

import static org.crispwhorl.core.measure.Why.in;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.assessment.Work;
import org.crispwhorl.core.form.PlacedRing;
import org.crispwhorl.core.measure.Figure.Group;
import org.crispwhorl.core.measure.Figures;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.outline.OutlineMesh;
import org.crispwhorl.core.species.Attachment;
import org.crispwhorl.core.species.Edge;
import org.crispwhorl.core.species.Former;
import org.crispwhorl.core.species.Overlap;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.species.Pieces;
import org.crispwhorl.core.species.Place;
import org.crispwhorl.core.studio.BatchLimits;
import org.crispwhorl.core.studio.Kit;
import org.crispwhorl.core.studio.Spares;
import org.crispwhorl.core.thinning.EdgeRuffle;
import org.crispwhorl.core.thinning.Thinning;
import org.crispwhorl.core.wire.LoadedWire;

/** The figures of a ring, calyx or pair of leaves. */
final class PetaledFigures {
    private static final String PLAN = "Plan of the placed petals";

    private final Assessment a;
    private final Petaled part;
    private final Pieces pieces;
    private final PlacedRing ring;
    private final Figures figures;

    private PetaledFigures(Figures figures, Assessment a, Petaled part) {
        this.figures = figures;
        this.a = a;
        this.part = part;
        this.pieces = part.pieces();
        this.ring = a.form().ring(part.id()).orElseThrow();
    }

    /** Adds the figures that depend on where the pieces stand and on the studio. */
    static void add(Figures figures, Assessment a, Petaled part) {
        PetaledFigures made = new PetaledFigures(figures, a, part);
        made.sizes();
        made.fit();
        made.pieces();
        made.pinchedOff();
        made.paste();
        part.pieces().wired().ifPresent(made::wire);
        made.batches();
    }

    private void sizes() {
        Outline outline = pieces.outline();
        Outline finished = pieces.finished();
        Optional<Thinning> thinning = pieces.thinning();
        Why grown = thinning.map(t -> Why.of(
                        "Thinning keeps the volume: lengths grow by √(rolled ÷ finished)",
                        "Conservation of volume",
                        in("rolled", t.rolledMm(), Unit.NONE),
                        in("finished", t.finishedMm(), Unit.NONE),
                        in("growth", t.growth(), Unit.FACTOR),
                        in("length", outline.lengthMm(), Unit.MM),
                        in("width", outline.widthMm(), Unit.MM)))
                .orElse(Why.of(
                        "As the piece is shaped, without a cutter",
                        "Your design",
                        in("length", outline.lengthMm(), Unit.MM),
                        in("width", outline.widthMm(), Unit.MM)));
        double made = pieces.making().finished(outline).widthMm();
        double pinched = made - finished.widthMm();
        double parts =
                Math.rint(outline.widthMm() * thinning.map(Thinning::growth).orElse(1.0) / made);
        Why narrowed = pinched == 0 && parts <= 1
                ? grown
                : Why.of(
                        parts > 1
                                ? "Thinning makes it wider by √(rolled ÷ finished); each petal of the cut is split along its length; less what is pinched up"
                                : "Thinning makes it wider by √(rolled ÷ finished); less what is pinched up",
                        "Conservation of volume",
                        in("rolled", thinning.map(Thinning::rolledMm).orElse(1.0), Unit.NONE),
                        in("finished", thinning.map(Thinning::finishedMm).orElse(1.0), Unit.NONE),
                        in("width", outline.widthMm(), Unit.MM),
                        in("split in", Math.max(1, parts), Unit.COUNT),
                        in("pinched up", pinched, Unit.MM));
        Why cutter = Why.of(
                "The cutter chosen",
                "Your design",
                in("length", outline.lengthMm(), Unit.MM),
                in("width", outline.widthMm(), Unit.MM));
        figures.in(Group.SIZE);
        if (thinning.isPresent()) {
            figures.add("cutLength", "cutter, long", outline.lengthMm(), Unit.MM, cutter)
                    .add("cutWidth", "cutter, wide", outline.widthMm(), Unit.MM, cutter);
        }
        figures.add("finishedLength", "finished, long", finished.lengthMm(), Unit.MM, grown)
                .add("finishedWidth", "finished, wide", finished.widthMm(), Unit.MM, narrowed)
                .add(
                        thinning.isPresent() ? "cutArea" : "finishedArea",
                        thinning.isPresent() ? "cut area" : "area",
                        outline.areaMm2(),
                        Unit.SQUARE_MM,
                        areaWhy(outline));
        edge();
        pieces.former().ifPresent(this::bend);
    }

    private static Why areaWhy(Outline outline) {
        return outline.own()
                .map(own -> Why.of(
                        "Area inside your own outline",
                        "The shoelace rule",
                        in("length", outline.lengthMm(), Unit.MM),
                        in("width", outline.widthMm(), Unit.MM),
                        in("corners", own.corners().size() / 2.0, Unit.COUNT)))
                .orElse(Why.of(
                        "Area inside the outline",
                        "Quarter sine to the widest place, superellipse to the tip",
                        in("length", outline.lengthMm(), Unit.MM),
                        in("width", outline.widthMm(), Unit.MM),
                        in("widest at", outline.widest(), Unit.NONE),
                        in("base", outline.base(), Unit.NONE),
                        in("tip", outline.tip(), Unit.NONE),
                        in("lobes", outline.lobes(), Unit.COUNT),
                        in("notch", outline.notch(), Unit.NONE)));
    }

    private void edge() {
        Edge edge = pieces.edge();
        EdgeRuffle ruffle = edge.ruffle(pieces.finishedMm(a.paste()));
        if (ruffle.amplitudeMm() > 0) {
            figures.add(
                    "frill",
                    "frill, half its height",
                    ruffle.amplitudeMm(),
                    Unit.MM,
                    Why.of(
                            "A band r times thinner than the body grows along the edge by ε = (r − 1) ÷ (r + 1): a = λ·√ε ÷ π, no more than the band",
                            "First-order arc length of a sine",
                            in("body", pieces.finishedMm(a.paste()), Unit.FINE_MM),
                            in("edge", edge.toMm(), Unit.FINE_MM),
                            in("surplus", ruffle.surplus(), Unit.NONE),
                            in("crest to crest", edge.crestMm(), Unit.MM),
                            in("band", edge.bandMm(), Unit.MM)));
        }
    }

    private void bend(Former former) {
        double radius = former.sphereRadiusMm();
        double bend = Math.toDegrees(pieces.finished().lengthMm() / radius);
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
                "Arc between the edges of neighbours at the worst place below their widest: the step from one to the next less what a"
                        + " petal takes up; as many close as go round",
                PLAN,
                in("petals", pieces.count(), Unit.COUNT),
                in("radius there", ring.gapRadiusMm(), Unit.MM),
                in("widest step", Math.toDegrees(ring.widestStepRad()), Unit.DEGREE),
                in("a petal takes up", Math.toDegrees(2 * ring.halfAngle()), Unit.DEGREE));
        Why overlap = Why.of(
                "What a petal takes up less the mean step from one to the next, as an arc at the worst place below their widest",
                PLAN,
                in("petals", pieces.count(), Unit.COUNT),
                in("radius there", ring.gapRadiusMm(), Unit.MM),
                in("mean step", Math.toDegrees(ring.meanStepRad()), Unit.DEGREE),
                in("a petal takes up", Math.toDegrees(2 * ring.halfAngle()), Unit.DEGREE));
        figures.in(Group.FIT);
        if (pieces.overlap() != Overlap.APART) {
            figures.add("gap", "largest gap", ring.gapMm(), Unit.MM, gap)
                    .add("overlap", "overlap", ring.overlapMm(), Unit.MM, overlap)
                    .add("leastCount", "least count that closes", ring.leastCount(), Unit.COUNT, leastCount());
        }
        if (!part.inHead()) {
            return;
        }
        double above = a.coverage().seenFromAbove(part.id());
        double below = a.coverage().seenFromBelow(part.id());
        figures.add("seenAbove", "seen from above", 100 * above, Unit.PERCENT, seen(above))
                .add("seenBelow", "seen from below", 100 * below, Unit.PERCENT, seen(below));
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
                ring.neckMm(),
                Unit.MM,
                Why.of(
                        pieces.attachment().neckRule(),
                        "Packing of round wires; build order",
                        in("neck radius", ring.neckMm(), Unit.MM)));
    }

    private Why leastCount() {
        return Why.of(
                pieces.place().rule() == Place.Rule.SPIRAL
                        ? "The fewest of which none stands farther from the next than a petal takes up, each 137.5° on from the one before"
                        : "A whole turn ÷ what a petal takes up, rounded up",
                PLAN,
                in("a petal takes up", Math.toDegrees(2 * ring.halfAngle()), Unit.DEGREE));
    }

    private Why seen(double share) {
        double plan = a.coverage().planMm2(part.id());
        return Why.of(
                "Share of the ring's plan that nothing else covers, looking along the axis",
                PLAN,
                in("area that is seen", share * plan, Unit.SQUARE_MM),
                in("area in plan", plan, Unit.SQUARE_MM));
    }

    /** What of the pieces is pinched off once they are laid: the flat piece below where it begins, as thick as it is. */
    private void pinchedOff() {
        double start = ring.surface().startMm();
        if (start <= 0) {
            return;
        }
        double whole = pieces.finished().areaMm2();
        double kept = OutlineMesh.of(pieces.finished(), start, STATIONS, 1).areaMm2();
        double grams = a.pasteG(part) * (1 - kept / whole);
        figures.in(Group.PASTE)
                .add(
                        "pinchedOff",
                        "pinched off, of all pieces",
                        grams,
                        Unit.G,
                        Why.of(
                                "Paste × the share of a piece that hangs below what it is laid on",
                                "Area of the outline below where it begins",
                                in("paste in the pieces", a.pasteG(part), Unit.G),
                                in("begins at, from the base", start, Unit.MM),
                                in("area of a piece", whole, Unit.SQUARE_MM),
                                in("area that stays", kept, Unit.SQUARE_MM)));
    }

    private static final int STATIONS = 60;

    private void pieces() {
        int units = pieces.units();
        Spares odds = a.conditions().kit().spares(part.breaksAs());
        int spares = odds.forPieces(units);
        figures.in(Group.PIECES)
                .add(
                        "pieces",
                        "pieces",
                        pieces.all(),
                        Unit.COUNT,
                        Why.of(
                                "Petals in one flower",
                                "Your design",
                                in("alike", pieces.count(), Unit.COUNT),
                                in("unlike lobes of their cut", pieces.all() - pieces.count(), Unit.COUNT)));
        if (units != pieces.count()) {
            figures.add(
                    "units",
                    pieces.making().cut() ? "cuts" : "cones",
                    units,
                    Unit.COUNT,
                    Why.of(
                            "Petals of the ring ÷ those from one, rounded up",
                            "Your design",
                            in("petals", pieces.count(), Unit.COUNT),
                            in("from one", pieces.making().piecesPerUnit(pieces.count()), Unit.COUNT)));
        }
        figures.add(
                "spares",
                "spares",
                spares,
                Unit.COUNT,
                Why.of(
                        "Fewest spares with which enough are whole at odds of 95 %",
                        "Beta-binomial; 5 % breakage before any record",
                        in("needed", units, Unit.COUNT),
                        in("broken so far", odds.broken(), Unit.NONE),
                        in("whole so far", odds.whole(), Unit.NONE)));
    }

    private void paste() {
        double piece = a.pieceG(part);
        if (piece == 0) {
            return;
        }
        figures.in(Group.PASTE)
                .add(
                        "pieceMass",
                        "one piece",
                        1000 * piece,
                        Unit.MILLIGRAM,
                        Why.of(
                                "Area × thickness × density × its share of the cut, with what it carries",
                                "Density of the medium",
                                in("area", pieces.outline().areaMm2(), Unit.SQUARE_MM),
                                in(
                                        "mean thickness there",
                                        pieces.making().volumeMm3(pieces.outline(), pieces.count(), a.paste())
                                                / pieces.outline().areaMm2(),
                                        Unit.FINE_MM),
                                in("density", a.paste().densityGPerCm3(), Unit.G_PER_CM3),
                                in("share of the cut", (double) pieces.count() / pieces.all(), Unit.NONE),
                                in(
                                        "carries",
                                        pieces.carries()
                                                .map(c -> 1000 * a.paste().grams(c.volumeMm3()))
                                                .orElse(0.0),
                                        Unit.MILLIGRAM)))
                .add(
                        "ringMass",
                        "all of them",
                        a.pasteG(part),
                        Unit.G,
                        Why.of(
                                "Mass of a piece × count",
                                "Your design",
                                in("one piece", 1000 * piece, Unit.MILLIGRAM),
                                in("count", pieces.all(), Unit.COUNT)));
    }

    private void wire(Attachment.Wired wired) {
        LoadedWire load = a.load(part, wired);
        double d = a.wireTable().diameterMm(wired.gauge());
        Why why = Why.of(
                "Droop θ = sin α·W(l²/2 + c·l)/EI at rest; stress σ = 2·32·W(l + c)/πd³ in a jolt of 2 g",
                "Euler-Bernoulli cantilever, steel 200 GPa, g 9.80665 m/s²",
                in("one piece", 1000 * load.massG(), Unit.MILLIGRAM),
                in("centre of mass beyond the base", load.centreMm(), Unit.MM),
                in("free wire", wired.freeMm(), Unit.MM),
                in("opening angle α", pieces.opensDeg(), Unit.DEGREE),
                diameter(wired.gauge()));
        OptionalInt best = load.recommended(a.conditions().kit().gauges(), a.wireTable());
        figures.in(Group.WIRE);
        best.ifPresent(gauge -> figures.add(
                "recommendedGauge",
                "thinnest of yours that carries it",
                gauge,
                Unit.GAUGE,
                Why.of(
                        "Thinnest gauge of the kit with droop up to 1.5° at rest and up to 250 MPa at 2 g",
                        "Euler-Bernoulli cantilever, steel 200 GPa, g 9.80665 m/s²",
                        diameter(gauge),
                        in("droop", load.droopDeg(a.wireTable().diameterMm(gauge)), Unit.FINE_DEGREE),
                        in("stress at 2 g", load.joltMpa(a.wireTable().diameterMm(gauge)), Unit.MPA))));
        figures.add("droop", "droop", load.droopDeg(d), Unit.FINE_DEGREE, why)
                .add("stress", "stress in a jolt", load.joltMpa(d), Unit.MPA, why)
                .add(
                        "ridgeNeeded",
                        "ridge needed",
                        LoadedWire.RIDGE_DIAMETERS * d,
                        Unit.MM,
                        Why.of(
                                "1.6 wire diameters, or the wire shows",
                                "Rule of the craft",
                                in("ridge it has", wired.ridgeMm(), Unit.MM),
                                diameter(wired.gauge())))
                .add(
                        "wireLength",
                        "wire for one",
                        wired.cutLengthMm(),
                        Unit.MM,
                        Why.of(
                                "Wire inside + hook + free wire + tail",
                                "Your design",
                                in("wire inside", wired.wireInsideMm(), Unit.MM),
                                in("hook", wired.hookMm(), Unit.MM),
                                in("free", wired.freeMm(), Unit.MM),
                                in("tail", wired.tailMm(), Unit.MM)));
    }

    /** Of the standard table, or as the studio measured it. */
    private Why.Input diameter(int gauge) {
        return in(
                a.wireTable().isMeasured(gauge) ? "diameter, as measured" : "diameter",
                a.wireTable().diameterMm(gauge),
                Unit.NONE);
    }

    private void batches() {
        Kit kit = a.conditions().kit();
        BatchLimits batches = Work.batches(a, part);
        List<Why.Input> inputs = new ArrayList<>();
        inputs.add(in("open time", batches.openTimeMin(), Unit.MIN));
        inputs.add(in("hands a piece", batches.perPieceMin(), Unit.MIN));
        batches.formers().ifPresent(n -> inputs.add(in("formers", n, Unit.COUNT)));
        batches.grooves().ifPresent(n -> inputs.add(in("on the board at once", n, Unit.COUNT)));
        batches.window().ifPresent(n -> inputs.add(in("set while they bend", n, Unit.COUNT)));
        figures.in(Group.TIME)
                .add(
                        "batch",
                        "most in a batch",
                        batches.largest(),
                        Unit.COUNT,
                        new Why(
                                "Open time ÷ minutes a piece, and no more than there are formers, than lie on the board, or than are"
                                        + " set while they bend; at least one",
                                inputs,
                                kit.covered() ? "Time to skinned, ×12 under a cover" : "Time to skinned, uncovered"));
    }
}
