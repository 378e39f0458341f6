package org.crispwhorl.core.species;

import java.util.List;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Words;
import org.crispwhorl.core.paste.Paste;

/** A pistil twisted from florist's tape with curled stigmas. Tape is not food. */
@Words(label = "pistil", means = "Twisted from tape, with curled stigmas.")
public record Pistil(
        @Words(label = "id", pattern = ID, means = "Unique within the species.")
        String id,

        @Words(label = "name", shortest = 1, longest = 60) String name,

        @Words(label = "shade", pattern = ID, means = "Id of the shade it is tinted to.")
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

        @Words(label = "colour") Colouring colour)
        implements ShadedPart {
    public Pistil {
        Limits.check(Pistil.class, id, name, shade, stigmas, styleMm, stigmaMm, curlDeg, tapeMm, tailMm, colour);
    }

    @Override
    public Pistil with(Colouring newColour) {
        return new Pistil(id, name, shade, stigmas, styleMm, stigmaMm, curlDeg, tapeMm, tailMm, newColour);
    }

    /** Width of tape that twists to a thread of 1 mm across, mm. */
    private static final double WIDTH_TO_ONE_MM = 6;

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
    public List<Lump> lumps(Paste paste) {
        return List.of();
    }

    @Override
    public List<WireCut> wireCuts() {
        return List.of();
    }
}
