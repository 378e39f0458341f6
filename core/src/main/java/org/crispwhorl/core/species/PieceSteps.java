package org.crispwhorl.core.species;

import java.util.Optional;
import org.crispwhorl.core.drying.Lying;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.thinning.PressedBall;
import org.crispwhorl.core.work.Operation;
import org.crispwhorl.core.work.Said;
import org.crispwhorl.core.work.Steps;
import org.crispwhorl.core.work.Use;

/** What hands do with equal flat pieces, act by act, as a teacher shows it. */
final class PieceSteps {
    private final Petaled part;
    private final Pieces pieces;
    private final Making making;
    private final BuildContext made;

    private PieceSteps(Petaled part, BuildContext made) {
        this.part = part;
        this.pieces = part.pieces();
        this.making = pieces.making();
        this.made = made;
    }

    /** To make all of a part up to laying them down; kneading left out, which is done for a sitting. */
    static Steps making(Petaled part, BuildContext made) {
        PieceSteps steps = new PieceSteps(part, made);
        return steps.rolled()
                .and(steps.making.begin(steps.pieces.outline(), steps.pieces.count(), made.paste()))
                .and(steps.veined(Veiner.When.ROLLED))
                .and(steps.wired())
                .and(steps.thinned())
                .and(steps.veined(Veiner.When.THINNED))
                .and(steps.veined(Veiner.When.HAND))
                .and(steps.edged())
                .and(steps.bent())
                .and(steps.carrying())
                .and(steps.laid());
    }

    private Techniques techniques() {
        return made.techniques(part);
    }

    private String shade(String id) {
        return made.species().shade(id).name();
    }

    private Steps rolled() {
        double rolled = making.rolledMm();
        if (rolled == 0) {
            return Steps.NONE;
        }
        double area = making.volumeMm3(pieces.outline(), pieces.count(), made.paste()) * pieces.count() / rolled;
        String board = techniques().board() == Techniques.Board.FAT
                ? "Grease board and pin thinly. "
                : "Dust the board with cornflour; brush it off the paste. ";
        Optional<Lining> lining = pieces.lining();
        if (lining.isEmpty()) {
            return Steps.NONE
                    .andSheet(area, board + "Roll to " + Said.thick(rolled) + "{tool}" + ridge() + ".")
                    .using(ridged());
        }
        double back = lining.get().share();
        return Steps.NONE
                .andSheet(area, board + "Roll " + shade(part.shade()) + " to " + Said.thick(rolled * (1 - back)) + ".")
                .andSheet(area, "Roll " + shade(lining.get().shade()) + " to " + Said.thick(rolled * back) + ".")
                .andSheet(
                        area,
                        "Lay them together, " + shade(lining.get().shade()) + " below; roll once to "
                                + Said.thick(rolled) + ridge() + ".")
                .using(ridged());
    }

    private Optional<Use> ridged() {
        return grooved(pieces, techniques()) ? Optional.of(Use.BOARD) : Optional.empty();
    }

    /** Whether pieces are cut on the ridged board, their midribs in its grooves. */
    static boolean grooved(Pieces pieces, Techniques techniques) {
        return pieces.wired().isPresent()
                && pieces.cut().filter(cut -> !cut.onePiece()).isPresent()
                && techniques.ridge() == Techniques.Ridge.BOARD;
    }

    private String ridge() {
        return pieces.wired()
                .map(w -> switch (techniques().ridge()) {
                    case PINNED -> ", leaving a ridge " + Said.thick(w.ridgeMm()) + " thick where each foot will be";
                    case BOARD -> " on the ridged board, each midrib in a groove";
                    case BALL -> ", the feet left " + Said.thick(w.ridgeMm()) + " thick";
                    case SANDWICH -> ", two sheets, the wire to go between them";
                })
                .orElse("");
    }

    private Steps veined(Veiner.When when) {
        Optional<Veiner> veiner = pieces.veiner().filter(v -> v.when() == when);
        if (veiner.isEmpty()) {
            return Steps.NONE;
        }
        Veiner v = veiner.get();
        return Steps.of(Operation.VEIN, v.presses() * making.joints(pieces.count()), v.told())
                .using(v.use());
    }

    private Steps wired() {
        return pieces.wired()
                .map(w -> Steps.of(
                                Operation.WIRE,
                                pieces.count(),
                                "Dip " + w.inShort() + " wire, " + Said.mm(w.cutLengthMm()) + " long"
                                        + (w.hookMm() > 0 ? ", its end bent back by " + Said.mm(w.hookMm()) : "")
                                        + ", in glue; push it " + Said.mm(w.wireInsideMm()) + " in; pinch the foot.")
                        .using(Use.GLUE))
                .orElse(Steps.NONE);
    }

    private Steps thinned() {
        Steps thin = making.thinning(pieces.outline(), pieces.count());
        return pieces.ridges()
                .map(r -> thin.and(
                        Operation.PINCH,
                        pieces.count() * (double) r.count(),
                        r.made() == Ridges.RidgeMade.LEFT
                                ? "Leave " + Said.many(r.count(), "ridge") + " " + Said.thick(r.highMm()) + " thick, "
                                        + Said.mm(r.wideMm()) + " wide at the foot; thin beside them."
                                : "Pinch up " + Said.many(r.count(), "ridge") + ", " + Said.mm(r.highMm()) + " high."))
                .orElse(thin);
    }

    private Steps edged() {
        Edge edge = pieces.edge();
        boolean torn = edge.finish() == Edge.Finish.TORN;
        boolean frilled = edge.crestMm() > 0;
        String words = edge.bandMm() > 0
                ? "Thin the outer " + Said.mm(edge.bandMm()) + " to " + Said.thick(edge.toMm())
                        + (frilled ? "; frill it, crest to crest " + Said.mm(edge.crestMm()) + "." : ".")
                : "Frill the edge, crest to crest " + Said.mm(edge.crestMm()) + ".";
        int units = making.joints(pieces.count());
        return Steps.of(
                        Operation.FRILL,
                        edge.bandMm() > 0 || frilled ? units : 0,
                        edge.bandMm() > 0 || frilled ? pieces.all() : 0,
                        words)
                .and(Operation.FRILL, torn ? units : 0, torn ? pieces.all() : 0, "Tear the edge with a blunt tool.")
                .and(
                        Operation.TURN_EDGE,
                        edge.turnedMm() > 0 ? pieces.all() : 0,
                        "Turn " + Said.mm(edge.turnedMm()) + " of each tip back over a stick.");
    }

    private Steps bent() {
        return Steps.of(
                        Operation.FOLD,
                        pieces.quillDeg() > 0 ? pieces.count() : 0,
                        "Roll each lengthways, by " + Said.deg(pieces.quillDeg()) + ".")
                .and(
                        Operation.FOLD,
                        pieces.foldDeg() > 0 ? pieces.count() : 0,
                        "Fold each along its midrib, by " + Said.deg(pieces.foldDeg()) + ".");
    }

    private Steps carrying() {
        return pieces.carries()
                .map(c -> Steps.of(
                                Operation.PRESS,
                                pieces.count(),
                                "Roll {n} balls of " + Said.mm(PressedBall.diameterMm(c.volumeMm3())) + " of "
                                        + shade(c.shade()) + "; press each to " + Said.size(c.lengthMm(), c.widthMm())
                                        + ", " + Said.thick(c.thicknessMm()) + " thick.")
                        .and(Operation.SET, pieces.count(), "Glue one on the foot of each piece, on its face.")
                        .using(Use.GLUE))
                .orElse(Steps.NONE);
    }

    /** What is joined soft is shaped in its former and taken out again; the rest dries in it. */
    private Steps laid() {
        int units = making.joints(pieces.count());
        boolean soft = pieces.joining().as() == Joining.As.SOFT;
        Optional<Former> former = pieces.former();
        if (made.species().stack().contains(part)) {
            return Steps.NONE;
        }
        if (former.isPresent()) {
            String put = former.get().told();
            return soft
                    ? Steps.of(Operation.CUP, units, pieces.all(), "Cup each " + put + "; take it out at once.")
                            .using(former.get().use())
                    : Steps.of(Operation.LAY, units, "Lay each " + put + dries())
                            .using(former.get().use(units))
                            .and(Operation.CUP, units, pieces.all(), "Smooth it down there with a fingertip.");
        }
        if (soft) {
            return Steps.NONE;
        }
        Steps put = pieces.drying() instanceof Lying.Hung
                ? Steps.of(
                        Operation.PINCH,
                        units,
                        pieces.wired().isPresent() ? "Hang each by its wire, tip down." : "Hang them up.")
                : Steps.of(Operation.LAY, units, "Lay each flat on the board" + dries());
        return put.using(pieces.wired().map(wire -> Use.place(Use.Sort.RACK, "racks", "rack", units)));
    }

    private String dries() {
        return pieces.drying() instanceof Lying.TurnedOut turned
                ? "; turn it out after " + Unit.H.write(turned.afterH()) + "."
                : "; it dries so, not turned.";
    }

    /** To turn pieces out of what they dried in at first. */
    static Steps turning(Pieces pieces) {
        boolean turned = pieces.drying() instanceof Lying.TurnedOut;
        return Steps.of(
                Operation.PINCH,
                turned ? pieces.making().joints(pieces.count()) : 0,
                "Turn {n} out of the former, back up: a flicked edge must not bend.");
    }

    /** To tape in all pieces, each on its wire. */
    static Steps taping(Petaled part, double share) {
        Pieces pieces = part.pieces();
        double length = pieces.finished().lengthMm();
        String lean =
                "Bend each wire where the piece ends; half-way up the piece is " + Said.lean(pieces.opensDeg()) + ".";
        return Steps.NONE
                .andCounted(
                        Operation.TAPE,
                        pieces.count() * share,
                        pieces.count(),
                        "Tape in {n}, " + part.standing() + ", with "
                                + pieces.attachment().told(length, false) + ".")
                .andCounted(Operation.TAPE, 0, pieces.count(), lean)
                .andCounted(Operation.TAPE, 0, pieces.count(), around(pieces));
    }

    /** To fit a calyx from below. */
    static Steps fitting(Pieces pieces) {
        return Steps.of(
                        Operation.FIT,
                        pieces.making().joints(pieces.count()),
                        pieces.count(),
                        "Fit it from below: "
                                + pieces.attachment().told(pieces.finished().lengthMm(), pieces.hugs()) + lean(pieces)
                                + ".")
                .using(Use.GLUE);
    }

    /**
     * To join pieces that are glued or threaded: a cut of many is wrapped round as one; what is threaded by its middle alone has no
     * petals to wrap.
     */
    static Steps setting(Pieces pieces) {
        int joints = pieces.making().joints(pieces.count());
        int wrapped = pieces.wraps() ? pieces.all() : 0;
        boolean whole = pieces.making().piecesPerUnit(pieces.count()) > 1 && joints < pieces.count();
        String how = pieces.attachment().told(pieces.finished().lengthMm(), pieces.hugs()) + lean(pieces) + ".";
        if (whole) {
            return Steps.of(Operation.WRAP, joints, wrapped, "Thread it up from below: " + how)
                    .using(Use.GLUE)
                    .andCounted(Operation.WRAP, 0, joints, around(pieces));
        }
        boolean dried = pieces.former().isPresent() && pieces.joining().as() != Joining.As.SOFT;
        return Steps.of(Operation.PINCH, dried ? joints : 0, "Take {n} out of the formers.")
                .and(Operation.SET, joints, "Set {n}: " + how)
                .using(Use.GLUE)
                .andCounted(Operation.WRAP, 0, wrapped, pieces.count(), around(pieces));
    }

    /** To lay a ring into the cup that its flower is stacked in: the first takes the cup, until it lets go. */
    static Steps stacking(Petaled part, BuildContext made) {
        Pieces pieces = part.pieces();
        boolean first = made.species().stack().get(0).equals(part);
        Former cup = pieces.former().orElseThrow();
        int joints = pieces.making().joints(pieces.count());
        Steps laid = first
                ? Steps.of(Operation.LAY, joints, "Lay {n} into one cup: " + cup.told() + ".")
                        .using(Use.place(Use.Sort.FORMER, cup.name(), cup.sized(), 1))
                : Steps.of(
                                Operation.SET,
                                joints,
                                "Lay {n} into the same cup, on the last; a dot of glue in the middle.")
                        .using(Use.GLUE);
        Steps pressed = laid.and(
                Operation.CUP,
                joints,
                pieces.all(),
                "Press the middle down with a ball tool; ease the petals up the side.");
        return first ? pressed : pressed.andCounted(Operation.WRAP, 0, pieces.count(), around(pieces));
    }

    private static String lean(Pieces pieces) {
        return pieces.hugs()
                        && Math.max(
                                        pieces.attachment().gluedShare(),
                                        pieces.attachment().opensFrom())
                                >= 1
                ? ""
                : "; at the tip " + Said.lean(pieces.opensDeg());
    }

    private static String around(Pieces pieces) {
        return pieces.place().told(pieces.count()) + "; " + pieces.overlap().told() + ".";
    }
}
