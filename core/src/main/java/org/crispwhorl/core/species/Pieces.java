package org.crispwhorl.core.species;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import org.crispwhorl.core.drying.Lying;
import org.crispwhorl.core.measure.Advanced;
import org.crispwhorl.core.measure.Figures;
import org.crispwhorl.core.measure.InvalidValue;
import org.crispwhorl.core.measure.LengthText;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.outline.Cut;
import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.paste.Paste;
import org.crispwhorl.core.thinning.Thinning;

/**
 * Equal flat pieces set round the axis; in the order in which they are made.
 *
 * @param outline as the cutter cuts it; where there is no cutter, as the finished piece is
 */
@Text(label = "pieces", means = "Equal flat pieces set round the axis.")
public record Pieces(
        @Quantity(
                label = "count",
                unit = Unit.COUNT,
                min = 1,
                max = 120,
                usual = 5,
                means = "Pieces in the ring, as the plant has them.")
        int count,

        @Advanced
        @Quantity(
                label = "quick count",
                unit = Unit.COUNT,
                min = 0,
                max = 120,
                usual = 0,
                means = "Pieces that read right from a metre away; 0 is the same as the count.")
        int fewerCount,

        @Text(label = "outline", means = "As the cutter cuts it; without a cutter, as the finished piece is.")
        Outline outline,

        @Text(label = "made") Making making,

        @Advanced @Text(label = "ridges") Optional<Ridges> ridges,

        @Text(label = "edge") Edge edge,

        @Advanced @Text(label = "laminated back") Optional<Lining> lining,

        @Advanced @Text(label = "small petal on it") Optional<Carried> carries,

        @Advanced
        @Quantity(
                label = "quilled",
                unit = Unit.DEGREE,
                min = 0,
                max = 330,
                step = 5,
                usual = 0,
                means = "Rolled along its length: how far it turns across, 0 is open, 330 a tube.")
        double quillDeg,

        @Advanced
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
                label = "opening angle",
                unit = Unit.DEGREE,
                min = -90,
                max = 170,
                step = 2,
                usual = 70,
                means =
                        "Angle from the axis: 0 upright, 90 flat, above 90 turned back, below 0 closed over. A piece that stands by itself has it half-way up, one that is laid on soft at its tip.")
        double opensDeg,

        @Text(label = "veiner") Optional<Veiner> veiner,

        @Text(label = "former", means = "What a piece dries in or over; without one it dries flat.")
        Optional<Former> former,

        @Text(label = "drying") Lying drying,

        @Text(label = "joined") Attachment attachment,

        @Text(label = "joined when") Joining joining,

        @Text(label = "place") Place place,

        @Text(label = "overlap") Overlap overlap,

        @Advanced @Text(label = "techniques of this part") Optional<Choices> techniques) {
    public Pieces {
        Limits.check(
                Pieces.class,
                count,
                fewerCount,
                outline,
                making,
                ridges,
                edge,
                lining,
                carries,
                quillDeg,
                foldDeg,
                opensDeg,
                veiner,
                former,
                drying,
                attachment,
                joining,
                place,
                overlap,
                techniques);
        Limits.stated("outline", outline);
        making.thinned().ifPresent(thinning -> {
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
            double opensDeg,
            Optional<Former> former,
            Place place,
            Overlap overlap,
            Attachment attachment,
            Lying drying,
            Joining joining) {
        return new Pieces(
                count,
                0,
                outline,
                new Making.Sheet(thinning),
                Optional.empty(),
                Edge.PLAIN,
                Optional.empty(),
                Optional.empty(),
                0,
                0,
                opensDeg,
                Optional.empty(),
                former,
                drying,
                attachment,
                joining,
                place,
                overlap,
                Optional.empty());
    }

    /** The thinning of pieces that are cut from a sheet. */
    public Optional<Thinning> thinning() {
        return making.thinned();
    }

    /** The wire on which each piece stands; none where they are glued or threaded. */
    public Optional<Attachment.Wired> wired() {
        return attachment.wire();
    }

    /** Whether its pieces are laid on what is inside them while they give way; firm ones stand as they dried. */
    public boolean hugs() {
        return wired().isEmpty() && joining.whileItBends() && making.lies();
    }

    /** The finished outline, after thinning and pinching. */
    public Outline finished() {
        Outline thinned = making.finished(outline);
        return ridges.map(r -> r.left(thinned)).orElse(thinned);
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
        return making.cutOf(outline, count);
    }

    /** What is printed at its true size to be cut round; none where there is a cutter, or nothing to go by. */
    public Optional<Cut> template() {
        return making.templateOf(outline);
    }

    /** How many cuts, balls or cones the ring is made from. */
    public int units() {
        int each = making.piecesPerUnit(count);
        return (count + each - 1) / each;
    }

    /** The paste of all pieces, by shade. */
    public List<Portion> lumps(String shade, Paste paste) {
        List<Portion> lumps = new ArrayList<>();
        double own = making.volumeMm3(outline, count, paste);
        if (own > 0) {
            double back = lining.map(Lining::share).orElse(0.0);
            lumps.add(new Portion(shade, own * (1 - back), count));
            lining.ifPresent(l -> lumps.add(new Portion(l.shade(), own * l.share(), count)));
        }
        carries.ifPresent(c -> lumps.add(new Portion(c.shade(), c.volumeMm3(), count)));
        return lumps;
    }

    /** The wires of all pieces, where each has its own. */
    public List<WireCut> wires() {
        return wired().map(w -> List.of(new WireCut(w.gauge(), w.cutLengthMm(), count)))
                .orElse(List.of());
    }

    /** The same pieces with some of what they are changed. */
    public Pieces with(Consumer<PiecesDraft> change) {
        PiecesDraft draft = new PiecesDraft(this);
        change.accept(draft);
        return draft.made();
    }

    public Pieces withCount(int newCount) {
        return with(d -> d.count = newCount);
    }

    public Pieces withOutline(Outline newOutline) {
        return with(d -> d.outline = newOutline);
    }

    /** The same pieces with their outline changed. */
    public Pieces outlined(UnaryOperator<Outline> edit) {
        return withOutline(edit.apply(outline));
    }

    /** The same pieces with the wire of each changed; those without a wire stay as they are. */
    public Pieces withWire(UnaryOperator<Attachment.Wired> edit) {
        return wired().map(w -> withAttachment(edit.apply(w))).orElse(this);
    }

    public Pieces withOpensDeg(double newOpensDeg) {
        return with(d -> d.opensDeg = newOpensDeg);
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

    public Pieces withJoining(Joining newJoining) {
        return with(d -> d.joining = newJoining);
    }

    public Pieces withOverlap(Overlap newOverlap) {
        return with(d -> d.overlap = newOverlap);
    }

    /** The same pieces thinned otherwise; those that are not cut from a sheet stay as they are. */
    public Pieces withThinning(Thinning thinning) {
        return withMaking(making.withThinning(thinning));
    }

    /** All pieces, the unlike lobes of their cut with them. */
    public int all() {
        return count + making.unlike().stream().mapToInt(Lobe::count).sum();
    }

    /** The pieces that are of one kind of lobe of their cut. */
    public Pieces lobes(Lobe lobe) {
        return with(d -> {
            d.count = lobe.count();
            d.fewerCount = 0;
            d.outline = lobe.outline();
            d.opensDeg = lobe.opensDeg();
            d.former = lobe.former();
            d.making = making.besideLobes(all());
        });
    }

    /** Whether petals are pressed on to what is inside them; what is threaded by its middle alone stands away from it. */
    boolean wraps() {
        return attachment.glued() || attachment.gluedShare() > 0 || hugs() && attachment.opensFrom() > 0;
    }

    /** How many, how made, how large and how joined. */
    String inShort() {
        String size = LengthText.size(outline.lengthMm(), outline.widthMm());
        return count + " × " + making.inShort() + size + " · " + attachment.inShort();
    }

    /** The figures of how the pieces are made. */
    void figures(Figures figures, BuildContext made) {
        making.figures(figures, outline, count, made.paste());
        ridges.ifPresent(r -> r.figures(figures, making.finished(outline), finishedMm(made.paste())));
    }
}
