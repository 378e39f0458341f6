package org.crispwhorl.core.species;

import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.colour.Colouring;
import org.crispwhorl.core.drying.Body;
import org.crispwhorl.core.measure.Figure;
import org.crispwhorl.core.measure.Figures;
import org.crispwhorl.core.measure.LengthText;
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

/** A bead or hip behind the flower, an ellipsoid threaded on the stem. */
@Text(label = "bead or hip", means = "A bead behind the flower, threaded on the stem.")
public record Bead(
        @Text(label = "id", pattern = ID, means = "Unique within the species.")
        String id,

        @Text(label = "name", shortest = 1, longest = 60) String name,

        @Text(label = "shade", pattern = ID, means = "Id of its shade of paste.")
        String shade,

        @Quantity(label = "thick", unit = Unit.MM, min = 2, max = 60, usual = 8, means = "Greatest diameter.")
        double thickMm,

        @Quantity(label = "long", unit = Unit.MM, min = 2, max = 80, usual = 9, means = "Along the stem.")
        double longMm,

        @Quantity(
                label = "height on the stem",
                unit = Unit.MM,
                min = -100,
                max = 0,
                usual = -1,
                means = "Height of its top above the neck; below it is negative.")
        double onStemMm,

        @Text(label = "colour") Colouring colour)
        implements ShadedPart, BringsNothing {
    public Bead {
        Limits.check(Bead.class, id, name, shade, thickMm, longMm, onStemMm, colour);
    }

    @Override
    public Bead with(Colouring newColour) {
        return new Bead(id, name, shade, thickMm, longMm, onStemMm, newColour);
    }

    @Override
    public String inShort() {
        return LengthText.size(thickMm, longMm);
    }

    @Override
    public int pieceCount() {
        return 1;
    }

    /** Radius at a height above the neck, mm; 0 outside of it. */
    public double radiusAt(double z) {
        double u = (z - (onStemMm - longMm / 2)) / (longMm / 2);
        return Math.abs(u) > 1 ? 0 : thickMm / 2 * Math.sqrt(1 - u * u);
    }

    /** Surface by Knud Thomsen's approximation, true to 1.1 %, mm². */
    public double surfaceMm2() {
        double p = 1.6075;
        double a = Math.pow(thickMm / 2, p);
        double c = Math.pow(longMm / 2, p);
        return 4 * Math.PI * Math.pow((a * a + 2 * a * c) / 3, 1 / p);
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
    public Strand strand(WireTable table) {
        return Strand.NONE;
    }

    @Override
    public List<Solid> solids(WireTable table) {
        double foot = onStemMm - longMm;
        return List.of(new Solid.Turned(foot, longMm, z -> radiusAt(z + foot)));
    }

    private double volumeMm3() {
        return Math.PI * thickMm * thickMm * longMm / 6;
    }

    @Override
    public List<Portion> lumps(BuildContext made) {
        return List.of(new Portion(shade, volumeMm3(), 1));
    }

    @Override
    public Optional<Body> drying(BuildContext made) {
        return Optional.of(Body.solid(volumeMm3(), surfaceMm2()));
    }

    @Override
    public Steps making(BuildContext made) {
        double ball = Math.cbrt(thickMm * thickMm * longMm);
        return Steps.of(Operation.SHAPE, 1, "Roll a ball of " + Said.mm(ball) + ".");
    }

    @Override
    public Joining joins(BuildContext made) {
        return Joining.of(Joining.As.SOFT, Joining.Onto.HOLDS);
    }

    @Override
    public Steps joining(BuildContext made) {
        return Steps.of(
                        Operation.SET,
                        1,
                        "Thread it up with glue; shape it " + Said.mm(thickMm) + " thick, " + Said.mm(longMm) + " long"
                                + (onStemMm == 0 ? "." : ", its top " + Said.mm(-onStemMm) + " below the neck."))
                .using(Use.GLUE);
    }

    @Override
    public Optional<StartsFrom> startsFrom(BuildContext made) {
        return Optional.empty();
    }

    @Override
    public List<NotFood> notFood() {
        return List.of();
    }

    @Override
    public void figures(Figures figures, BuildContext made) {
        figures.in(Figure.Group.SIZE)
                .add(
                        "ball",
                        "ball to start from",
                        Math.cbrt(thickMm * thickMm * longMm),
                        Unit.MM,
                        Why.of(
                                "D³ = thick² × long",
                                "Conservation of volume",
                                Why.in("thick", thickMm, Unit.MM),
                                Why.in("long", longMm, Unit.MM)));
    }

    @Override
    public Optional<Part> opened(Opening opening, int ring, double stalkMm) {
        return Optional.of(this);
    }
}
