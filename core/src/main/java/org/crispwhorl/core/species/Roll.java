package org.crispwhorl.core.species;

import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.drying.Body;
import org.crispwhorl.core.hands.Hands;
import org.crispwhorl.core.hands.Operation;
import org.crispwhorl.core.measure.Figure;
import org.crispwhorl.core.measure.Figures;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.measure.Words;
import org.crispwhorl.core.solid.Solid;
import org.crispwhorl.core.wire.WireTable;

/** A strip or a fan of petals rolled up round the axis into a flower. */
@Words(label = "rolled flower", means = "A strip or a fan of petals rolled up.")
public record Roll(
        @Words(label = "id", pattern = ID, means = "Unique within the species.")
        String id,

        @Words(label = "name", shortest = 1, longest = 60) String name,

        @Words(label = "shade", pattern = ID, means = "Id of its shade of paste.")
        String shade,

        @Words(label = "rolled from") RollForm from,

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

        @Words(label = "colour") Colouring colour)
        implements ShadedPart {
    public Roll {
        Limits.check(Roll.class, id, name, shade, from, thickMm, airMm, hollowMm, colour);
    }

    /** The same roll of something larger or smaller. */
    public Roll with(RollForm newForm) {
        return new Roll(id, name, shade, newForm, thickMm, airMm, hollowMm, colour);
    }

    @Override
    public Roll with(Colouring newColour) {
        return new Roll(id, name, shade, from, thickMm, airMm, hollowMm, newColour);
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
     * Radius of the roll, mm: along an Archimedean spiral the length is the area between its circles over the pitch,
     * l = π(R² − r²)/p.
     */
    public double radiusMm() {
        double r = hollowMm / 2;
        return Math.sqrt(from.alongMm() * pitchMm() / Math.PI + r * r);
    }

    /** Turns from the middle to the outside. */
    public double turns() {
        return (radiusMm() - hollowMm / 2) / pitchMm();
    }

    /** Drying length: a roll dries from its upper edges and its outside, so the paste inside each turn counts half. */
    public double surfaceMm2() {
        return 2 * Math.PI * radiusMm() * from.heightMm() + from.areaMm2() / 2;
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
        return new Core(radiusMm(), List.of(new Solid.Turned(0, from.heightMm(), z -> radiusMm())));
    }

    @Override
    public Strand strand(WireTable table) {
        return Strand.NONE;
    }

    @Override
    public List<Solid> solids(WireTable table) {
        return List.of(
                new Solid.Coil(hollowMm / 2, radiusMm(), pitchMm(), from.layers() * thickMm, 0, from.heightMm()));
    }

    @Override
    public List<Lump> lumps(Made made) {
        return List.of(new Lump(shade, from.areaMm2() * thickMm / from.pieces(), from.pieces()));
    }

    @Override
    public Optional<Body> drying(Made made) {
        return Optional.of(Body.solid(from.areaMm2() * thickMm, surfaceMm2()));
    }

    @Override
    public Hands making(Made made) {
        return from.making().and(Operation.ROLL_UP, 1);
    }

    @Override
    public Joining joins(Made made) {
        return Joining.of(Joining.As.SOFT, Joining.Onto.SOFT);
    }

    @Override
    public Hands joining(Made made) {
        return Hands.of(Operation.SET, 1);
    }

    @Override
    public Optional<StartsFrom> startsFrom(Made made) {
        return Optional.of(
                new StartsFrom(from.startsFrom(), from.alongMm(), from.heightMm(), thickMm, thickMm, Optional.empty()));
    }

    @Override
    public List<NotFood> notFood() {
        return List.of();
    }

    @Override
    public void figures(Figures figures, Made made) {
        figures.in(Figure.Group.SIZE)
                .add(
                        "across",
                        "rolled up, across",
                        2 * radiusMm(),
                        Unit.MM,
                        Why.of(
                                "R = √(length × pitch ÷ π + r²)",
                                "Area of an Archimedean spiral",
                                Why.in("length rolled", from.alongMm(), Unit.MM),
                                Why.in("from turn to turn", pitchMm(), Unit.FINE_MM),
                                Why.in("hollow", hollowMm, Unit.MM)))
                .add(
                        "turns",
                        "turns",
                        turns(),
                        Unit.NONE,
                        Why.of(
                                "(R − r) ÷ pitch",
                                "Archimedean spiral",
                                Why.in("across", 2 * radiusMm(), Unit.MM),
                                Why.in("hollow", hollowMm, Unit.MM),
                                Why.in("pitch", pitchMm(), Unit.FINE_MM)))
                .add(
                        "height",
                        "height",
                        from.heightMm(),
                        Unit.MM,
                        Why.of("Of the strip as it is folded, or of the petals", "Your design"))
                .in(Figure.Group.PIECES)
                .add("pieces", "pieces", pieceCount(), Unit.COUNT, Why.of("As designed", "Your design"));
    }

    /** Share of a strip or fan that even a shut flower is rolled from. */
    private static final double ROLLED_SHUT = 0.5;

    @Override
    public Optional<Part> opened(Heads.Opening opening, int ring, double stalkMm) {
        double rolled = ROLLED_SHUT + (1 - ROLLED_SHUT) * opening.open();
        return Optional.of(with(from.scaled(opening.size()).shortened(rolled)));
    }
}
