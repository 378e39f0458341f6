package org.crispwhorl.core.species;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.Collections;
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

/** A pistil twisted from florist's tape with curled stigmas. Tape is not food. */
@Text(label = "pistil", means = "Twisted from tape, with curled stigmas.")
@RecordBuilder
public record Pistil(
        @Text(label = "id", pattern = ID, means = "Unique within the species.")
        String id,

        @Text(label = "name", shortest = 1, longest = 60) String name,

        @Text(label = "shade", pattern = ID, means = "Id of the shade it is tinted to.")
        String shade,

        @Quantity(label = "stigmas", unit = Unit.COUNT, min = 1, max = 12, usual = 3, means = "Curled ends at the top.")
        int stigmas,

        @Quantity(
                label = "style",
                unit = Unit.MM,
                min = 2,
                max = 120,
                usual = 14,
                means = "Height at which the stigmas part.")
        double styleMm,

        @Quantity(label = "stigma long", unit = Unit.MM, min = 1, max = 60, usual = 6, means = "Length of one stigma.")
        double stigmaMm,

        @Quantity(
                label = "curl",
                unit = Unit.DEGREE,
                min = 0,
                max = 360,
                step = 10,
                usual = 120,
                means = "How far a stigma curls over its length.")
        double curlDeg,

        @Quantity(
                label = "tape width",
                unit = Unit.MM,
                min = 3,
                max = 50,
                usual = 6,
                means = "Width of the tape, halved lengthwise where it is fine.")
        double tapeMm,

        @Quantity(
                label = "tail",
                unit = Unit.MM,
                min = 5,
                max = 200,
                step = 5,
                usual = 40,
                means = "Twisted tape below the neck.")
        double tailMm,

        @Text(label = "colour") Colouring colour)
        implements ShadedPart, BringsNothing {
    public Pistil {
        Limits.check(Pistil.class, id, name, shade, stigmas, styleMm, stigmaMm, curlDeg, tapeMm, tailMm, colour);
    }

    @Override
    public Pistil with(Colouring newColour) {
        return PistilBuilder.builder(this).colour(newColour).build();
    }

    /** Width of tape that twists to a thread of 1 mm across, mm. */
    private static final double WIDTH_TO_ONE_MM = 6;

    @Override
    public String inShort() {
        return stigmas + " stigmas of tape";
    }

    @Override
    public int pieceCount() {
        return 1;
    }

    /** Thickness of one twisted strand, mm: the section of the folded tape rolled round. */
    public double strandMm() {
        return Math.sqrt(tapeMm / WIDTH_TO_ONE_MM);
    }

    /** Tape used, mm: one strand a stigma down to the tail's end. */
    public double tapeUsedMm() {
        return stigmas * (stigmaMm + styleMm + tailMm);
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
        return new Strand(List.of(), Collections.nCopies(stigmas, strandMm()), true, tailMm);
    }

    private static final int CURL_STEPS = 10;

    /** A stigma leaves the style upright and curls outwards at a constant rate. */
    @Override
    public List<Solid> solids(WireTable table) {
        List<Solid> solids = new ArrayList<>();
        double[] top = {0, 0, styleMm};
        solids.add(new Solid.Tube(List.of(new double[3], top), strandMm()));
        double rate = Math.toRadians(curlDeg) / stigmaMm;
        for (int i = 0; i < stigmas; i++) {
            double turn = 2 * Math.PI * i / stigmas;
            List<double[]> path = new ArrayList<>();
            for (int k = 0; k <= CURL_STEPS; k++) {
                double s = stigmaMm * k / CURL_STEPS;
                double out = rate == 0 ? 0 : (1 - Math.cos(rate * s)) / rate;
                double up = rate == 0 ? s : Math.sin(rate * s) / rate;
                path.add(new double[] {out * Math.cos(turn), out * Math.sin(turn), styleMm + up});
            }
            solids.add(new Solid.Tube(path, strandMm()));
        }
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

    /** Each strand is twisted out of tape. */
    @Override
    public Steps making(BuildContext made) {
        return Steps.of(
                Operation.TAPE,
                stigmas,
                "Twist tape " + Said.mm(tapeMm) + " wide; part it at " + Said.mm(styleMm) + " into "
                        + Said.many(stigmas, "end") + " of " + Said.mm(stigmaMm) + "; curl each "
                        + Said.deg(curlDeg) + " over a pin.");
    }

    @Override
    public Steps joining(BuildContext made) {
        return Steps.of(Operation.TAPE, 1, "Tape it in, " + Said.mm(tailMm) + " of it to tape down.");
    }

    @Override
    public Optional<StartsFrom> startsFrom(BuildContext made) {
        return Optional.empty();
    }

    @Override
    public List<NotFood> notFood() {
        return List.of(new NotFood("pieces of tape", 1));
    }

    @Override
    public void figures(Figures figures, BuildContext made) {
        figures.in(Figure.Group.SIZE)
                .add(
                        "height",
                        "style",
                        styleMm,
                        Unit.MM,
                        Why.of("As designed", "Your design", Why.in("style", styleMm, Unit.MM)))
                .add(
                        "strand",
                        "one twisted strand, thick",
                        strandMm(),
                        Unit.FINE_MM,
                        Why.of(
                                "√(width ÷ 6 mm): 6 mm of tape twists to 1 mm",
                                "Rule of the craft",
                                Why.in("tape", tapeMm, Unit.MM)))
                .in(Figure.Group.WIRE)
                .add(
                        "tape",
                        "tape used",
                        tapeUsedMm(),
                        Unit.MM,
                        Why.of(
                                "Stigmas × (stigma + style + tail)",
                                "Your design",
                                Why.in("stigmas", stigmas, Unit.COUNT),
                                Why.in("stigma", stigmaMm, Unit.MM),
                                Why.in("style", styleMm, Unit.MM),
                                Why.in("tail", tailMm, Unit.MM)));
    }

    @Override
    public Optional<Part> opened(Opening opening, int ring, double stalkMm) {
        return opening.showsStamens() ? Optional.of(this) : Optional.empty();
    }
}
