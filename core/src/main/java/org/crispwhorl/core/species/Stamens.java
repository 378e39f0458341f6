package org.crispwhorl.core.species;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.colour.Colouring;
import org.crispwhorl.core.drying.Body;
import org.crispwhorl.core.measure.Advanced;
import org.crispwhorl.core.measure.CountsPieces;
import org.crispwhorl.core.measure.Figures;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.ShownAsPicture;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.solid.Solid;
import org.crispwhorl.core.wire.WireTable;
import org.crispwhorl.core.work.Said;
import org.crispwhorl.core.work.Steps;

/** Bought stamens, a head at one or at both ends of each strand, in bunches round the centre. */
@Text(label = "stamens", means = "Bought strands with one or two heads, in bunches round the centre.")
@RecordBuilder
public record Stamens(
        @Text(label = "id", pattern = ID, means = "Unique within the species.")
        String id,

        @Text(label = "name", shortest = 1, longest = 60) String name,

        @Text(label = "shade", pattern = ID, means = "Id of the shade that tips the heads.")
        String shade,

        @Quantity(
                label = "strands",
                unit = Unit.COUNT,
                min = 1,
                max = 300,
                usual = 20,
                means = "Strands, each with a head at both ends.")
        @CountsPieces
        int strands,

        @Text(label = "use") Use use,

        @Quantity(
                label = "thread",
                unit = Unit.MM,
                min = 0.1,
                max = 2,
                step = 0.05,
                usual = 0.3,
                means = "Diameter of the thread.")
        double threadMm,

        @Quantity(
                label = "head",
                unit = Unit.MM,
                min = 0.3,
                max = 8,
                step = 0.1,
                usual = 1.2,
                means = "Width of one head.")
        double headMm,

        @Quantity(
                label = "height above the centre",
                unit = Unit.MM,
                min = 2,
                max = 100,
                usual = 12,
                means = "Height of the heads above the neck of the flower.")
        double aboveCentreMm,

        @Quantity(
                label = "ring",
                unit = Unit.MM,
                min = 0,
                max = 60,
                step = 0.5,
                usual = 6,
                means = "Radius of the ring on which the outermost heads stand.")
        double ringMm,

        @Quantity(
                label = "rows",
                unit = Unit.COUNT,
                min = 1,
                max = 8,
                usual = 2,
                means = "Rings of heads, one inside the other, over which they are spread.")
        int rows,

        @Text(label = "arrangement") StamenArrangement arrangement,

        @Quantity(
                label = "bunches",
                unit = Unit.COUNT,
                min = 1,
                max = 24,
                usual = 1,
                means = "Bunches in which they are tied.")
        int bunches,

        @Text(label = "held") Hold held,

        @Advanced
        @Quantity(
                label = "tint",
                unit = Unit.MM,
                min = 0,
                max = 60,
                usual = 2,
                means = "Length of each strand's end that is tinted.")
        double tintMm,

        @Text(label = "colour") Colouring colour)
        implements ShadedPart, BringsNothing {
    /** What a strand is and what is done with it. */
    public enum Use {
        @Text(label = "folded", means = "Bunched, folded in the middle and tied: two heads and two threads a strand.")
        FOLDED,
        @Text(label = "cut", means = "Cut in half: two single stamens a strand.")
        CUT,
        @Text(label = "single", means = "Bought with one head: one head and one thread a strand.")
        SINGLE
    }

    /** Whether the heads stand in rings or fill the whole middle. */
    @ShownAsPicture
    public enum StamenArrangement {
        @Text(label = "in a ring", means = "On rows round the centre.")
        RING,
        @Text(label = "as a tuft", means = "Filling the middle evenly.")
        TUFT,
        @Text(label = "to one side", means = "All bent over together to one side.")
        ONE_SIDE
    }

    public Stamens {
        Limits.check(
                Stamens.class,
                id,
                name,
                shade,
                strands,
                use,
                threadMm,
                headMm,
                aboveCentreMm,
                ringMm,
                rows,
                arrangement,
                bunches,
                held,
                tintMm,
                colour);
    }

    /** Stamens whose threads run down the stem. */
    public Stamens(
            String id,
            String name,
            String shade,
            int strands,
            Use use,
            double threadMm,
            double headMm,
            double aboveCentreMm,
            double ringMm,
            int rows,
            StamenArrangement arrangement,
            int bunches,
            double tintMm,
            Colouring colour) {
        this(
                id,
                name,
                shade,
                strands,
                use,
                threadMm,
                headMm,
                aboveCentreMm,
                ringMm,
                rows,
                arrangement,
                bunches,
                new Hold.TapedIn(),
                tintMm,
                colour);
    }

    public Stamens withStrands(int newStrands) {
        return StamensBuilder.builder(this).strands(newStrands).build();
    }

    public Stamens withRing(double newRingMm, int newRows) {
        return StamensBuilder.builder(this).ringMm(newRingMm).rows(newRows).build();
    }

    public Stamens withAboveCentre(double newAboveCentreMm) {
        return StamensBuilder.builder(this).aboveCentreMm(newAboveCentreMm).build();
    }

    @Override
    public Stamens with(Colouring newColour) {
        return StamensBuilder.builder(this).colour(newColour).build();
    }

    @Override
    public String inShort() {
        return strands + " strands, " + Text.Labels.of(use) + (bunches > 1 ? ", " + bunches + " bunches" : "");
    }

    /** Heads: two a strand, folded or cut; one where it is bought single. */
    @Override
    public int pieceCount() {
        return use == Use.SINGLE ? strands : 2 * strands;
    }

    @Override
    public List<WireCut> wireCuts() {
        return held.wires()
                .map(wires -> List.of(new WireCut(wires.gauge(), aboveCentreMm / 2 + wires.tailMm(), bunches)))
                .orElse(List.of());
    }

    /** Rows of what stands in none, the spread of what is tied as one. */
    @Override
    public List<String> idle() {
        return arrangement == StamenArrangement.RING ? List.of() : List.of("rows");
    }

    @Override
    public boolean inHead() {
        return true;
    }

    @Override
    public Strand strand(WireTable table) {
        if (held.whileSoft()) {
            return Strand.NONE;
        }
        return held.wires()
                .map(wires -> new Strand(
                        Collections.nCopies(bunches, table.diameterMm(wires.gauge())), List.of(), true, wires.tailMm()))
                .orElseGet(() -> new Strand(
                        List.of(),
                        Collections.nCopies(new StamenRing(this).threads(), threadMm),
                        true,
                        Strand.BINDING_MM));
    }

    @Override
    public List<Solid> solids(WireTable table) {
        StamenRing ring = new StamenRing(this);
        double neck = ring.bundleMm() / 2;
        List<Solid> solids = new ArrayList<>();
        List<double[]> heads = new ArrayList<>();
        for (double[] place : ring.places()) {
            double out = Math.hypot(place[0], place[1]);
            double share = out == 0 ? 0 : Math.min(1, neck / out);
            double[] head = {place[0], place[1], aboveCentreMm};
            heads.add(head);
            solids.add(new Solid.Tube(List.of(new double[] {place[0] * share, place[1] * share, 0}, head), threadMm));
        }
        solids.add(new Solid.Grains(heads, headMm, headMm));
        return solids;
    }

    @Override
    public List<Portion> lumps(BuildContext made) {
        return List.of();
    }

    @Override
    public Optional<Body> drying(BuildContext made) {
        return Optional.empty();
    }

    /** How strands become heads, as it is told. */
    String ready() {
        return switch (use) {
            case FOLDED -> "Lay " + Said.many(strands, "strand") + " level, fold once: " + pieceCount() + " heads";
            case CUT -> "Cut " + Said.many(strands, "strand") + " in half: " + pieceCount() + " heads";
            case SINGLE -> "Take " + Said.many(strands, "strand") + " with one head each";
        };
    }

    /** How the heads stand, as it is told. */
    String standing() {
        String high = "heads " + Said.mm(aboveCentreMm) + " above the neck";
        return ringMm == 0
                ? high
                : high + ", " + Text.Labels.of(arrangement)
                        + (rows > 1 && !idle().contains("rows") ? ", in " + rows + " circles" : "") + ", the widest "
                        + Said.mm(2 * ringMm) + " across";
    }

    @Override
    public Steps making(BuildContext made) {
        return held.making(this);
    }

    @Override
    public double reachesDownMm() {
        return held.wires().map(Hold.OnWires::tailMm).orElse(0.0);
    }

    /** What is pushed or glued in goes into the flower while its middle is soft. */
    @Override
    public Joining joins(BuildContext made) {
        return held.whileSoft() ? Joining.of(Joining.As.FIRM, Joining.Onto.SOFT) : ShadedPart.super.joins(made);
    }

    @Override
    public Steps joining(BuildContext made) {
        return held.joining(this);
    }

    @Override
    public Optional<StartsFrom> startsFrom(BuildContext made) {
        return Optional.empty();
    }

    @Override
    public int boughtStrands() {
        return strands;
    }

    @Override
    public List<NotFood> notFood() {
        return List.of(new NotFood("stamen heads on their strands", pieceCount()));
    }

    @Override
    public void figures(Figures figures, BuildContext made) {
        StamenFigures.add(figures, this);
    }

    @Override
    public Optional<Part> opened(Opening opening, int ring, double stalkMm) {
        return opening.showsStamens() ? Optional.of(this) : Optional.empty();
    }
}
