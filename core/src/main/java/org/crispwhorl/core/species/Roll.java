package org.crispwhorl.core.species;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.colour.Colouring;
import org.crispwhorl.core.drying.Body;
import org.crispwhorl.core.measure.Figure;
import org.crispwhorl.core.measure.Figures;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.solid.Solid;
import org.crispwhorl.core.wire.WireTable;
import org.crispwhorl.core.work.Operation;
import org.crispwhorl.core.work.Said;
import org.crispwhorl.core.work.Steps;
import org.crispwhorl.core.work.Use;

/** A strip or a fan of petals rolled up round the axis into a flower. */
@Text(label = "rolled flower", means = "A strip or a fan of petals rolled up.")
@RecordBuilder
public record Roll(
        @Text(label = "id", pattern = ID, means = "Unique within the species.")
        String id,

        @Text(label = "name", shortest = 1, longest = 60) String name,

        @Text(label = "shade", pattern = ID, means = "Id of its shade of paste.")
        String shade,

        @Text(label = "rolled from") RollForm from,

        @Quantity(
                label = "thickness",
                unit = Unit.MM,
                min = 0.3,
                max = 5,
                step = 0.1,
                usual = 1,
                means = "Of the paste as it is rolled out.")
        double thickMm,

        @Quantity(
                label = "air",
                unit = Unit.MM,
                min = 0,
                max = 5,
                step = 0.1,
                usual = 0.6,
                means = "Space left between one turn and the next.")
        double airMm,

        @Quantity(
                label = "hollow",
                unit = Unit.MM,
                min = 0,
                max = 40,
                step = 0.5,
                usual = 2,
                means = "Diameter of what it is rolled round.")
        double hollowMm,

        @Quantity(
                label = "opened by",
                unit = Unit.MM,
                min = 0,
                max = 60,
                step = 0.5,
                usual = 0,
                means = "How much farther out than at its foot the rim is opened; inner turns in proportion.")
        double openedMm,

        @Quantity(
                label = "foot pinched off",
                unit = Unit.MM,
                min = 0,
                max = 60,
                step = 0.5,
                usual = 0,
                means = "Height of the foot that is pinched off once it is rolled: mixed, not in the flower.")
        double footMm,

        @Text(label = "edge") Edge edge,
        @Text(label = "colour") Colouring colour)
        implements ShadedPart, BringsNothing {
    public Roll {
        Limits.check(Roll.class, id, name, shade, from, thickMm, airMm, hollowMm, openedMm, footMm, edge, colour);
    }

    /** A roll that is left as it was rolled. */
    public Roll(
            String id,
            String name,
            String shade,
            RollForm from,
            double thickMm,
            double airMm,
            double hollowMm,
            Colouring colour) {
        this(id, name, shade, from, thickMm, airMm, hollowMm, 0, 0, Edge.PLAIN, colour);
    }

    /** At least a tenth of its height stays. */
    private static final double MOST_PINCHED = 0.9;

    /** The same roll of something larger or smaller. */
    public Roll with(RollForm newForm) {
        return RollBuilder.builder(this).from(newForm).build();
    }

    /** The same opened further, or less far. */
    public Roll opened(double newOpenedMm) {
        return RollBuilder.builder(this).openedMm(newOpenedMm).build();
    }

    private double pinchedMm() {
        return Math.min(footMm, MOST_PINCHED * from.heightMm());
    }

    /** Height of the flower that is left of it, mm. */
    public double heightMm() {
        return from.heightMm() - pinchedMm();
    }

    @Override
    public Roll with(Colouring newColour) {
        return RollBuilder.builder(this).colour(newColour).build();
    }

    @Override
    public String inShort() {
        return from.inShort();
    }

    @Override
    public int pieceCount() {
        return from.pieces();
    }

    /** From one turn to the next, mm. */
    public double pitchMm() {
        return from.layers() * thickMm + airMm;
    }

    /**
     * Radius of the roll at its foot, mm: along an Archimedean spiral the length is the area between its circles over the pitch,
     * l = π(R² − r²)/p; of a fan that is closed once its length round, l = 2π(R − p/2).
     */
    public double radiusMm() {
        double r = hollowMm / 2;
        if (from.once()) {
            return Math.max(r + pitchMm(), from.alongMm() / (2 * Math.PI) + pitchMm() / 2);
        }
        return Math.sqrt(from.alongMm() * pitchMm() / Math.PI + r * r);
    }

    /** Radius inside of its innermost turn, mm. */
    private double insideMm() {
        return from.once() ? radiusMm() - pitchMm() : hollowMm / 2;
    }

    /** Turns from the middle to the outside. */
    public double turns() {
        return (radiusMm() - insideMm()) / pitchMm();
    }

    /** Share of the paste that stays in the flower. */
    private double kept() {
        return heightMm() / from.heightMm();
    }

    /**
     * Surface from which it dries, mm²: its upper edges and its outside, so the paste inside each turn counts half; one that is closed
     * once dries from both sides, and so does what is opened.
     */
    public double surfaceMm2() {
        double sides = from.areaMm2() * kept();
        double shut = 2 * Math.PI * radiusMm() * heightMm() + sides / 2;
        return from.once() ? 2 * sides / from.layers() : Math.min(2 * sides, shut);
    }

    @Override
    public List<WireCut> wireCuts() {
        return List.of();
    }

    @Override
    public boolean inHead() {
        return true;
    }

    @Override
    public Core core() {
        double foot = radiusMm();
        return new Core(
                foot + openedMm,
                List.of(new Solid.Turned(0, heightMm(), z -> foot + openedMm * Math.max(0, z) / heightMm())));
    }

    @Override
    public Strand strand(WireTable table) {
        return Strand.NONE;
    }

    @Override
    public List<Solid> solids(WireTable table) {
        return List.of(new Solid.Coil(
                insideMm(),
                radiusMm(),
                pitchMm(),
                from.layers() * thickMm,
                0,
                heightMm(),
                new Solid.Coil.Rim(openedMm, from.scallops(), Math.min(from.scallopMm(), heightMm() / 2))));
    }

    @Override
    public List<Portion> lumps(BuildContext made) {
        return List.of(new Portion(shade, from.areaMm2() * thickMm / from.pieces(), from.pieces()));
    }

    @Override
    public Optional<Body> drying(BuildContext made) {
        return Optional.of(Body.solid(from.areaMm2() * thickMm * kept(), surfaceMm2()));
    }

    @Override
    public Steps making(BuildContext made) {
        boolean edged = edge.bandMm() > 0 || edge.finish() != Edge.Finish.SMOOTH;
        String hollow = hollowMm > 0 ? "round a rod of " + Said.mm(hollowMm) : "round nothing";
        String turns = airMm > 0 ? ", " + Said.mm(airMm) + " of air between the turns" : ", tight";
        return Steps.NONE
                .andSheet(from.areaMm2(), "Roll out to " + Said.thick(thickMm) + "{tool}.")
                .and(from.making())
                .and(
                        Operation.FRILL,
                        edged ? 1 : 0,
                        edged ? (int) Math.ceil(from.alongMm() / EDGED_MM) : 0,
                        edge.finish() == Edge.Finish.TORN
                                ? "Tear the upper edge with a blunt tool."
                                : "Thin the outer " + Said.mm(edge.bandMm()) + " of the upper edge.")
                .and(
                        Operation.ROLL_UP,
                        1,
                        (from.once()
                                        ? "Close it to a ring, last on first"
                                        : "Brush the foot with glue; roll it up " + hollow + turns)
                                + ".")
                .using(Use.GLUE)
                .and(Operation.TURN_EDGE, openedMm > 0 ? 1 : 0, "Open the rim by " + Said.mm(openedMm) + " all round.")
                .and(Operation.PINCH, footMm > 0 ? 1 : 0, "Pinch off the foot, " + Said.mm(footMm) + " of it.");
    }

    /** Of a strip's edge is reckoned only that it is worked. */
    @Override
    public List<String> idle() {
        return List.of("edge/toMm", "edge/crestMm", "edge/turnedMm");
    }

    /** So much of a strip's edge is thinned in one go, mm. */
    private static final double EDGED_MM = 90;

    @Override
    public Joining joins(BuildContext made) {
        return Joining.of(Joining.As.SOFT, Joining.Onto.SOFT);
    }

    @Override
    public Steps joining(BuildContext made) {
        boolean first = made.species().parts().get(0).id().equals(id);
        return Steps.of(
                        Operation.SET,
                        1,
                        first ? "Stand it on its foot." : "Set it round what is there, feet level; glue its foot.")
                .using(Use.GLUE);
    }

    @Override
    public Optional<StartsFrom> startsFrom(BuildContext made) {
        return Optional.of(
                new StartsFrom(from.startsFrom(), from.alongMm(), from.heightMm(), thickMm, thickMm, Optional.empty()));
    }

    @Override
    public List<NotFood> notFood() {
        return List.of();
    }

    @Override
    public void figures(Figures figures, BuildContext made) {
        figures.in(Figure.Group.SIZE)
                .add(
                        "across",
                        "across at the foot",
                        2 * radiusMm(),
                        Unit.MM,
                        Why.of(
                                from.once() ? "length round ÷ π + a layer" : "R = √(length × pitch ÷ π + r²)",
                                from.once() ? "Girth of a circle" : "Area of an Archimedean spiral",
                                Why.in("length rolled", from.alongMm(), Unit.MM),
                                Why.in("from turn to turn", pitchMm(), Unit.FINE_MM),
                                Why.in("hollow", hollowMm, Unit.MM)))
                .add(
                        "acrossRim",
                        "across at the rim",
                        2 * (radiusMm() + openedMm),
                        Unit.MM,
                        Why.of(
                                "Across at the foot + twice what it is opened by",
                                "Your design",
                                Why.in("across at the foot", 2 * radiusMm(), Unit.MM),
                                Why.in("opened by", openedMm, Unit.MM)))
                .add(
                        "turns",
                        "turns",
                        turns(),
                        Unit.NONE,
                        Why.of(
                                from.once() ? "Closed once" : "(R − r) ÷ pitch",
                                "Archimedean spiral",
                                Why.in("across", 2 * radiusMm(), Unit.MM),
                                Why.in("hollow", hollowMm, Unit.MM),
                                Why.in("pitch", pitchMm(), Unit.FINE_MM)))
                .add(
                        "height",
                        "height",
                        heightMm(),
                        Unit.MM,
                        Why.of(
                                "Of the strip as it is folded, or of the petals, less the foot",
                                "Your design",
                                Why.in("high", from.heightMm(), Unit.MM),
                                Why.in("foot pinched off", pinchedMm(), Unit.MM)))
                .in(Figure.Group.PIECES)
                .add(
                        "pieces",
                        "pieces",
                        pieceCount(),
                        Unit.COUNT,
                        Why.of("As designed", "Your design", Why.in("pieces", pieceCount(), Unit.COUNT)));
    }

    /** Share of a strip or fan that even a shut flower is rolled from. */
    private static final double ROLLED_SHUT = 0.5;

    @Override
    public Optional<Part> opened(Opening opening, int ring, double stalkMm) {
        double rolled = ROLLED_SHUT + (1 - ROLLED_SHUT) * opening.open();
        return Optional.of(with(from.scaled(opening.size()).shortened(rolled)).opened(openedMm * opening.open()));
    }
}
