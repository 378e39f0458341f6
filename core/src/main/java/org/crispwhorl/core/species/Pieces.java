package org.crispwhorl.core.species;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.crispwhorl.core.measure.InvalidValue;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Words;
import org.crispwhorl.core.outline.Cut;
import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.paste.Paste;
import org.crispwhorl.core.thinning.Thinning;

/**
 * Equal flat pieces set round the axis.
 *
 * @param outline as the cutter cuts it; where there is no cutter, as the finished piece is
 */
@Words(label = "pieces", means = "Equal flat pieces set round the axis.")
public record Pieces(
        @Quantity(
                label = "count",
                unit = Unit.COUNT,
                min = 1,
                max = 120,
                usual = 5,
                means = "Pieces in the ring, as the plant has them.")
        int count,

        @Quantity(
                label = "quick count",
                unit = Unit.COUNT,
                min = 0,
                max = 120,
                usual = 0,
                means = "Pieces that read right from a metre away; 0 is the same as the count.")
        int quickCount,

        @Words(label = "outline", means = "As the cutter cuts it; without a cutter, as the finished piece is.")
        Outline outline,

        @Words(label = "made") Making making,
        @Words(label = "edge") Edge edge,

        @Quantity(
                label = "quilled",
                unit = Unit.DEGREE,
                min = 0,
                max = 330,
                step = 5,
                usual = 0,
                means = "Rolled along its length: how far it turns across, 0 is open, 330 a tube.")
        double quillDeg,

        @Quantity(
                label = "folded",
                unit = Unit.DEGREE,
                min = 0,
                max = 170,
                step = 5,
                usual = 0,
                means = "Folded along its midrib, 0 is open.")
        double foldDeg,

        @Quantity(
                label = "lean",
                unit = Unit.DEGREE,
                min = -30,
                max = 170,
                step = 2,
                usual = 70,
                means = "Angle at which it leaves the axis: 0 upright, 90 flat, above 90 turned back.")
        double leanDeg,

        @Words(label = "former", means = "What a piece dries in or over; without one it dries flat.")
        Optional<Former> former,

        @Words(label = "veiner") Optional<Veiner> veiner,
        @Words(label = "place") Place place,
        @Words(label = "overlap") Overlap overlap,
        @Words(label = "joined") Attachment attachment,
        @Words(label = "drying") Lying drying,

        @Words(label = "joined when", means = "The stage at which it is joined to what is inside it.")
        Stage joinAt,

        @Words(label = "small petal on it") Optional<Carried> carries,
        @Words(label = "laminated back") Optional<Lining> lining,
        @Words(label = "ways of this part") Optional<Choices> ways) {
    public Pieces {
        Limits.check(
                Pieces.class,
                count,
                quickCount,
                outline,
                making,
                edge,
                quillDeg,
                foldDeg,
                leanDeg,
                former,
                veiner,
                place,
                overlap,
                attachment,
                drying,
                joinAt,
                carries,
                lining,
                ways);
        Limits.stated("outline", outline);
        thinned(making).ifPresent(thinning -> {
            if (thinning.finishedMm() > thinning.rolledMm()) {
                throw new InvalidValue(
                        "making/thinning/finishedMm",
                        thinning.finishedMm(),
                        "at most the rolled thickness, " + thinning.rolledMm() + " mm");
            }
        });
    }

    /** Single pieces cut from a sheet and left otherwise as they are. */
    public static Pieces cut(
            int count,
            Outline outline,
            Thinning thinning,
            double leanDeg,
            Optional<Former> former,
            Place place,
            Overlap overlap,
            Attachment attachment,
            Lying drying,
            Stage joinAt) {
        return new Pieces(
                count,
                0,
                outline,
                new Making.Sheet(thinning),
                Edge.PLAIN,
                0,
                0,
                leanDeg,
                former,
                Optional.empty(),
                place,
                overlap,
                attachment,
                drying,
                joinAt,
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    private static Optional<Thinning> thinned(Making making) {
        if (making instanceof Making.Sheet sheet) {
            return Optional.of(sheet.thinning());
        }
        return making instanceof Making.OnePiece one ? Optional.of(one.thinning()) : Optional.empty();
    }

    /** The thinning of pieces that are cut from a sheet. */
    public Optional<Thinning> thinning() {
        return thinned(making);
    }

    /** The finished outline, after thinning. */
    public Outline finished() {
        return making.finished(outline);
    }

    /** Factor by which lengths grow from the cutter to the finished piece; 1 without a cutter. */
    public double growth() {
        return thinning().map(Thinning::growth).orElse(1.0);
    }

    /** Mean thickness of the finished piece, mm. */
    public double finishedMm(Paste paste) {
        return making.finishedMm(outline, paste);
    }

    /** Paste in one piece, the small petal on it included, mm³. */
    public double volumeMm3(Paste paste) {
        return making.volumeMm3(outline, count, paste)
                + carries.map(Carried::volumeMm3).orElse(0.0);
    }

    /** What its cutter cuts; none where it is made without one. */
    public Optional<Cut> cut() {
        if (making instanceof Making.OnePiece one) {
            return Optional.of(new Cut(outline, count, one.middleMm()));
        }
        return making instanceof Making.Sheet ? Optional.of(Cut.of(outline)) : Optional.empty();
    }

    /** How many cuts, balls or cones the ring is made from. */
    public int units() {
        int each = making.piecesPerUnit(count);
        return (count + each - 1) / each;
    }

    /** The paste of all pieces, by shade. */
    public List<Lump> lumps(String shade, Paste paste) {
        List<Lump> lumps = new ArrayList<>();
        double own = making.volumeMm3(outline, count, paste);
        if (own > 0) {
            double back = lining.map(Lining::share).orElse(0.0);
            lumps.add(new Lump(shade, own * (1 - back), count));
            lining.ifPresent(l -> lumps.add(new Lump(l.shade(), own * l.share(), count)));
        }
        carries.ifPresent(c -> lumps.add(new Lump(c.shade(), c.volumeMm3(), count)));
        return lumps;
    }

    /** The wires of all pieces, where each has its own. */
    public List<WireCut> wires() {
        return attachment instanceof Attachment.Wired wired
                ? List.of(new WireCut(wired.gauge(), wired.cutLengthMm(), count))
                : List.of();
    }

    /** The same pieces with some of what they are changed. */
    public Pieces with(Consumer<Draft> change) {
        Draft draft = new Draft(this);
        change.accept(draft);
        return draft.made();
    }

    public Pieces withCount(int newCount) {
        return with(d -> d.count = newCount);
    }

    public Pieces withOutline(Outline newOutline) {
        return with(d -> d.outline = newOutline);
    }

    public Pieces withLean(double newLeanDeg) {
        return with(d -> d.leanDeg = newLeanDeg);
    }

    public Pieces withFormer(Optional<Former> newFormer) {
        return with(d -> d.former = newFormer);
    }

    public Pieces withPlace(Place newPlace) {
        return with(d -> d.place = newPlace);
    }

    public Pieces withAttachment(Attachment newAttachment) {
        return with(d -> d.attachment = newAttachment);
    }

    public Pieces withMaking(Making newMaking) {
        return with(d -> d.making = newMaking);
    }

    public Pieces withJoinAt(Stage newJoinAt) {
        return with(d -> d.joinAt = newJoinAt);
    }

    public Pieces withOverlap(Overlap newOverlap) {
        return with(d -> d.overlap = newOverlap);
    }

    /** The same pieces thinned otherwise; those that are not cut from a sheet stay as they are. */
    public Pieces withThinning(Thinning thinning) {
        if (making instanceof Making.OnePiece one) {
            return withMaking(new Making.OnePiece(thinning, one.middleMm(), one.division()));
        }
        return making instanceof Making.Sheet ? withMaking(new Making.Sheet(thinning)) : this;
    }

    /** Pieces while they are being changed. */
    public static final class Draft {
        public int count;
        public int quickCount;
        public Outline outline;
        public Making making;
        public Edge edge;
        public double quillDeg;
        public double foldDeg;
        public double leanDeg;
        public Optional<Former> former;
        public Optional<Veiner> veiner;
        public Place place;
        public Overlap overlap;
        public Attachment attachment;
        public Lying drying;
        public Stage joinAt;
        public Optional<Carried> carries;
        public Optional<Lining> lining;
        public Optional<Choices> ways;

        private Draft(Pieces p) {
            count = p.count;
            quickCount = p.quickCount;
            outline = p.outline;
            making = p.making;
            edge = p.edge;
            quillDeg = p.quillDeg;
            foldDeg = p.foldDeg;
            leanDeg = p.leanDeg;
            former = p.former;
            veiner = p.veiner;
            place = p.place;
            overlap = p.overlap;
            attachment = p.attachment;
            drying = p.drying;
            joinAt = p.joinAt;
            carries = p.carries;
            lining = p.lining;
            ways = p.ways;
        }

        private Pieces made() {
            return new Pieces(
                    count,
                    quickCount,
                    outline,
                    making,
                    edge,
                    quillDeg,
                    foldDeg,
                    leanDeg,
                    former,
                    veiner,
                    place,
                    overlap,
                    attachment,
                    drying,
                    joinAt,
                    carries,
                    lining,
                    ways);
        }
    }
}
