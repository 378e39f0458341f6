package org.crispwhorl.core.species;

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
import org.crispwhorl.core.wire.StemBundle;
import org.crispwhorl.core.wire.TapeRun;
import org.crispwhorl.core.wire.WireTable;
import org.crispwhorl.core.work.Operation;
import org.crispwhorl.core.work.Said;
import org.crispwhorl.core.work.Steps;
import org.crispwhorl.core.work.Use;

/** A stem made thicker with paper, tape or paste below the flower. */
@Text(label = "thickened stem", means = "The stem is made thicker below the flower.")
public record StemWrap(
        @Text(label = "id", pattern = ID, means = "Unique within the species.")
        String id,

        @Text(label = "name", shortest = 1, longest = 60) String name,

        @Text(label = "shade", pattern = ID, means = "Id of the shade of what covers it.")
        String shade,

        @Quantity(
                label = "to",
                unit = Unit.MM,
                min = 1,
                max = 40,
                step = 0.5,
                usual = 5,
                means = "Diameter that it is brought to.")
        double toMm,

        @Quantity(
                label = "from",
                unit = Unit.MM,
                min = 0,
                max = 400,
                step = 5,
                usual = 0,
                means = "Below the neck, where it begins: a stem may be thickened in sections, between leaves.")
        double fromMm,

        @Quantity(
                label = "over",
                unit = Unit.MM,
                min = 5,
                max = 400,
                step = 5,
                usual = 80,
                means = "Length that is thickened, from there down.")
        double overMm,

        @Text(label = "with") With with,

        @Text(label = "colour") Colouring colour)
        implements ShadedPart, BringsNothing {
    /** What it is thickened with. */
    public enum With {
        @Text(label = "tape")
        TAPE,
        @Text(label = "paper and tape")
        PAPER,
        @Text(label = "paste")
        PASTE
    }

    public StemWrap {
        Limits.check(StemWrap.class, id, name, shade, toMm, fromMm, overMm, with, colour);
    }

    /** One that begins at the neck. */
    public StemWrap(String id, String name, String shade, double toMm, double overMm, With with, Colouring colour) {
        this(id, name, shade, toMm, 0, overMm, with, colour);
    }

    @Override
    public StemWrap with(Colouring newColour) {
        return new StemWrap(id, name, shade, toMm, fromMm, overMm, with, newColour);
    }

    @Override
    public String inShort() {
        return "to " + Unit.MM.write(toMm) + " over " + Unit.MM.write(overMm);
    }

    @Override
    public int pieceCount() {
        return 1;
    }

    /** Paste round a stem of a diameter, mm³; 0 where it is thickened with paper or tape. */
    public double pasteMm3(double stemMm) {
        return with != With.PASTE || stemMm >= toMm ? 0 : Math.PI / 4 * (toMm * toMm - stemMm * stemMm) * overMm;
    }

    @Override
    public List<WireCut> wireCuts() {
        return List.of();
    }

    @Override
    public boolean inHead() {
        return false;
    }

    @Override
    public double thickensToMm() {
        return toMm;
    }

    @Override
    public Strand strand(WireTable table) {
        return Strand.NONE;
    }

    @Override
    public List<Solid> solids(WireTable table) {
        return List.of(new Solid.Turned(-fromMm - overMm, overMm, z -> toMm / 2));
    }

    /** Its paste depends on the stem inside it. */
    @Override
    public List<Portion> lumps(BuildContext made) {
        double paste = pasteMm3(made.bareStemMm());
        return paste > 0 ? List.of(new Portion(shade, paste, 1)) : List.of();
    }

    @Override
    public Optional<Body> drying(BuildContext made) {
        double paste = pasteMm3(made.bareStemMm());
        return paste > 0 ? Optional.of(Body.solid(paste, Math.PI * toMm * overMm)) : Optional.empty();
    }

    /** Soft paper that is pulled tight is so thick, mm. */
    private static final double PAPER_MM = 0.1;

    /** How wide a strip of paper is that brings a stem to its thickness, mm: the area between both over that of the paper. */
    private double paperMm(double stemMm) {
        return Math.max(0, Math.PI / 4 * (toMm * toMm - stemMm * stemMm) / PAPER_MM);
    }

    @Override
    public List<Bought> bought() {
        return with == With.PAPER ? List.of(new Bought(Bought.BoughtSort.STRIPS, 0, 0, 1)) : List.of();
    }

    private String thickened() {
        return "from " + Said.mm(fromMm) + " below the neck over " + Said.mm(overMm) + ", until it is " + Said.mm(toMm)
                + " thick";
    }

    @Override
    public Steps making(BuildContext made) {
        return switch (with) {
            case PASTE ->
                Steps.of(Operation.SHAPE, 1, "Roll a strip of paste.")
                        .and(Operation.SET, 1, "Glue it round the stem, " + thickened() + "; smooth the seam.")
                        .using(Use.GLUE);
            case PAPER ->
                Steps.of(
                                Operation.CUT,
                                1,
                                "Cut a strip of soft paper, " + Said.size(paperMm(made.bareStemMm()), overMm) + ".")
                        .and(Operation.WRAP, 1, "Roll it tightly round the stem, " + thickened() + ".")
                        .and(Operation.TAPE, 1, "Tape over it once, pulling the tape.");
            case TAPE ->
                Steps.of(
                        Operation.TAPE,
                        tape(made.bareStemMm(), TapeRun.USUAL_WIDTH_MM).layers(),
                        "Tape down, up and down again, " + thickened() + ".");
        };
    }

    /** It is made where it stays. */
    @Override
    public Steps joining(BuildContext made) {
        return Steps.NONE;
    }

    /** Tape that it takes, of a roll of a width, mm; 0 where it is of paste. */
    public double tapeMm(double stemMm, double widthMm) {
        return with == With.PASTE ? 0 : tape(stemMm, widthMm).lengthMm();
    }

    /** Tape round a stem that it thickens: one layer over paper, or as many as the thickness takes. */
    private TapeRun tape(double stemMm, double widthMm) {
        boolean paper = with == With.PAPER;
        double layers = paper ? 1 : Math.ceil(Math.max(0, toMm - stemMm) / 2 / StemBundle.TAPE_MM);
        return new TapeRun(overMm, paper ? toMm : (stemMm + toMm) / 2, layers, widthMm);
    }

    @Override
    public Optional<StartsFrom> startsFrom(BuildContext made) {
        return Optional.empty();
    }

    @Override
    public List<NotFood> notFood() {
        return switch (with) {
            case PASTE -> List.of();
            case TAPE -> List.of(new NotFood("pieces of tape", 1));
            case PAPER -> List.of(new NotFood("pieces of tape", 1), new NotFood("strips of paper round a stem", 1));
        };
    }

    @Override
    public void figures(Figures figures, BuildContext made) {
        double stem = made.bareStemMm();
        Why why = Why.of(
                "From the stem as it is to the thickness wanted",
                "Packing of round wires",
                Why.in("stem", stem, Unit.MM),
                Why.in("wanted", toMm, Unit.MM),
                Why.in("over", overMm, Unit.MM));
        figures.in(Figure.Group.SIZE).add("thicker", "thicker by", Math.max(0, toMm - stem), Unit.MM, why);
        if (with != With.PASTE) {
            TapeRun run = tape(stem, TapeRun.USUAL_WIDTH_MM);
            figures.in(Figure.Group.WIRE)
                    .add(
                            "layers",
                            "layers of tape",
                            run.layers(),
                            Unit.COUNT,
                            with == With.PAPER
                                    ? Why.of(
                                            "One over the paper",
                                            "Rule of the craft",
                                            Why.in("over paper", 1, Unit.COUNT))
                                    : Why.of(
                                            "Half of what it is thicker ÷ a layer of tape, rounded up",
                                            "Packing of round wires",
                                            Why.in("stem", stem, Unit.MM),
                                            Why.in("wanted", toMm, Unit.MM),
                                            Why.in("a layer of tape", StemBundle.TAPE_MM, Unit.FINE_MM)))
                    .add(
                            "tape",
                            "tape used",
                            run.lengthMm(),
                            Unit.MM,
                            Why.of(
                                    "Covered length × √((πD)² + pitch²) ÷ pitch ÷ stretch, for each layer",
                                    "Helix on a cylinder",
                                    Why.in("over", overMm, Unit.MM),
                                    Why.in("layers", run.layers(), Unit.COUNT),
                                    Why.in("mean thickness", run.thickMm(), Unit.MM),
                                    Why.in("pitch", run.pitchMm(), Unit.MM),
                                    Why.in("stretch", TapeRun.STRETCH, Unit.FACTOR)));
        }
    }

    /** The main stem is thickened, not a head's stalk. */
    @Override
    public Optional<Part> opened(Opening opening, int ring, double stalkMm) {
        return Optional.empty();
    }
}
