package org.crispwhorl.core.species;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.colour.Colouring;
import org.crispwhorl.core.drying.Body;
import org.crispwhorl.core.measure.Advanced;
import org.crispwhorl.core.measure.Figure;
import org.crispwhorl.core.measure.Figures;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Marked;
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

/** A centre of paste on a hooked wire; its wire is the stem. */
@Text(label = "centre", means = "A piece of paste on a hooked wire, round which the flower is built.")
@Marked(Marked.INNERMOST)
@RecordBuilder
public record Centre(
        @Text(label = "id", pattern = ID, means = "Unique within the species.")
        String id,

        @Text(label = "name", shortest = 1, longest = 60) String name,

        @Text(label = "shade", pattern = ID, means = "Id of its shade of paste.")
        String shade,

        @Text(label = "form") CentreForm form,

        @Quantity(
                label = "stem gauge",
                unit = Unit.GAUGE,
                min = 16,
                max = 33,
                step = 2,
                usual = 26,
                means = "Gauge of the stem wire.")
        int gauge,

        @Advanced
        @Quantity(
                label = "height on the stem",
                unit = Unit.MM,
                min = -60,
                max = 120,
                usual = 0,
                means = "Height of its foot above the neck of the flower.")
        double onStemMm,

        @Advanced
        @Quantity(
                label = "stem wires",
                unit = Unit.COUNT,
                min = 0,
                max = 7,
                usual = 1,
                means = "Equal wires that are bundled to one stem; 0 for one glued on another.")
        int wires,

        @Quantity(
                label = "hook",
                unit = Unit.MM,
                min = 0,
                max = 30,
                usual = 0,
                means = "Wire bent back into a hook inside the centre.")
        double hookMm,

        @Quantity(
                label = "stem length",
                unit = Unit.MM,
                min = 10,
                max = 400,
                step = 5,
                usual = 100,
                means = "Stem below the flower, as it is cut.")
        double stemMm,

        @Advanced
        @Quantity(
                label = "stands free",
                unit = Unit.MM,
                min = 5,
                max = 400,
                step = 5,
                usual = USUAL_FREE_MM,
                means = "Stem between the flower and the pick, cake or hand that holds it.")
        double freeMm,

        @Advanced
        @Quantity(
                label = "nods by",
                unit = Unit.DEGREE,
                min = 0,
                max = 180,
                step = 5,
                usual = 0,
                means = "How far the stem is bent just below the flower: 0 looks up, 90 aside, 180 hangs.")
        double nodDeg,

        @Text(label = "colour") Colouring colour)
        implements ShadedPart {
    public Centre {
        Limits.check(
                Centre.class, id, name, shade, form, gauge, onStemMm, wires, hookMm, stemMm, freeMm, nodDeg, colour);
    }

    /** Of a stem so much usually stands free, mm. */
    static final double USUAL_FREE_MM = 50;

    /** A centre on a straight stem. */
    public Centre(
            String id,
            String name,
            String shade,
            CentreForm form,
            int gauge,
            double onStemMm,
            int wires,
            double hookMm,
            double stemMm,
            Colouring colour) {
        this(id, name, shade, form, gauge, onStemMm, wires, hookMm, stemMm, Math.min(stemMm, USUAL_FREE_MM), 0, colour);
    }

    /** The same on a stem that is bent below the flower. */
    public Centre nodding(double newNodDeg) {
        return CentreBuilder.builder(this).nodDeg(newNodDeg).build();
    }

    @Override
    public List<String> idle() {
        return wires == 0 ? List.of("gauge", "hookMm", "stemMm", "freeMm", "nodDeg") : List.of();
    }

    /** Where there are further heads, the stem that stands free is theirs. */
    @Override
    public List<String> idleAmong(Optional<Heads> heads) {
        return heads.isPresent() ? List.of("freeMm") : List.of();
    }

    /** Length of each stem wire: the stem, the hook, and half the centre that it stands in, mm. */
    public double wireMm() {
        return stemMm + hookMm + form.heightMm() / 2;
    }

    @Override
    public String inShort() {
        String stem = wires == 0 ? "glued on" : Unit.GAUGE.write(gauge) + (wires == 1 ? "" : " × " + wires);
        return Text.Labels.of(form.getClass()) + " · " + stem;
    }

    @Override
    public int pieceCount() {
        return 1;
    }

    @Override
    public List<WireCut> wireCuts() {
        return wires == 0 ? List.of() : List.of(new WireCut(gauge, wireMm(), wires));
    }

    /** Height of its top above the neck, mm. */
    public double topMm() {
        return onStemMm + form.heightMm();
    }

    public Centre withForm(CentreForm newForm) {
        return CentreBuilder.builder(this).form(newForm).build();
    }

    /** The same with so much of its stem free. */
    public Centre withFree(double newFreeMm) {
        return CentreBuilder.builder(this).freeMm(newFreeMm).build();
    }

    /** Stem that stands free of what holds it, mm: none of it is longer than it is. */
    public double standsFreeMm() {
        return Math.min(freeMm, stemMm);
    }

    public Centre withStem(int newGauge, int newWires, double newStemMm) {
        return CentreBuilder.builder(this)
                .gauge(newGauge)
                .wires(newWires)
                .stemMm(newStemMm)
                .build();
    }

    @Override
    public Centre with(Colouring newColour) {
        return CentreBuilder.builder(this).colour(newColour).build();
    }

    @Override
    public boolean inHead() {
        return true;
    }

    @Override
    public Core core() {
        return new Core(form.diameterMm() / 2, List.of(new Solid.Turned(onStemMm, form.heightMm(), form::radiusAt)));
    }

    @Override
    public Strand strand(WireTable table) {
        return new Strand(Collections.nCopies(wires, table.diameterMm(gauge)), List.of(), false, 0);
    }

    @Override
    public List<Solid> solids(WireTable table) {
        return form.solids(onStemMm);
    }

    @Override
    public List<Portion> lumps(BuildContext made) {
        return form.volumeMm3() == 0
                ? List.of()
                : List.of(new Portion(shade, form.volumeMm3() / form.pieces(), form.pieces()));
    }

    @Override
    public Optional<Body> drying(BuildContext made) {
        return form.volumeMm3() == 0 ? Optional.empty() : Optional.of(Body.solid(form.volumeMm3(), form.surfaceMm2()));
    }

    /** Its wires are the stem. */
    @Override
    public double reachesDownMm() {
        return -1;
    }

    /** The first centre's wire is the stem. */
    @Override
    public String wireName() {
        return "stem";
    }

    /** A hook longer than this share of a centre does not go into it: its wire is pushed in straight. */
    public static final double HOOK_FITS = 0.8;

    @Override
    public Steps making(BuildContext made) {
        Steps steps =
                form.making().and(Operation.TAPE, wires > 1 ? 1 : 0, "Tape " + wires + " wires to one stem first.");
        return wires > 0
                ? steps.and(form.onWire(gauge, wireMm(), hookMm < HOOK_FITS * form.heightMm() ? hookMm : 0))
                : steps;
    }

    /** A further centre is glued on soft; the first stands by itself. */
    @Override
    public Joining joins(BuildContext made) {
        return made.species().bearer().filter(this::equals).isPresent()
                ? Joining.of(Joining.As.FIRM, Joining.Onto.DRY)
                : Joining.of(Joining.As.SOFT, Joining.Onto.HOLDS);
    }

    /** A bought core bears through its cap. */
    @Override
    public boolean holdsAtOnce() {
        return form.holdsAtOnce();
    }

    /** The first centre is what others are joined to. */
    @Override
    public Steps joining(BuildContext made) {
        boolean first = made.species().bearer().filter(this::equals).isPresent();
        return Steps.of(
                        Operation.SET,
                        first ? 0 : 1,
                        "Glue it on" + (onStemMm == 0 ? "." : ", its foot " + Said.height(onStemMm) + "."))
                .using(Use.GLUE);
    }

    @Override
    public Optional<StartsFrom> startsFrom(BuildContext made) {
        return Optional.empty();
    }

    @Override
    public List<Bought> bought() {
        return form.bought();
    }

    @Override
    public List<NotFood> notFood() {
        return form.notFood();
    }

    @Override
    public List<String> allergens(BuildContext made) {
        return form.allergens();
    }

    @Override
    public void figures(Figures figures, BuildContext made) {
        if (form.volumeMm3() > 0) {
            Portioned.ball(figures, form.volumeMm3() / form.pieces(), form.pieces());
        }
        if (form.touches() > 0) {
            figures.in(Figure.Group.PIECES)
                    .add(
                            "touches",
                            "small pieces, snips or rows",
                            form.touches(),
                            Unit.COUNT,
                            Why.of(
                                    "What is added or cut one by one after the first",
                                    "Your design",
                                    Why.in("of them", form.touches(), Unit.COUNT)));
        }
        if (wires > 0) {
            figures.in(Figure.Group.WIRE)
                    .add(
                            "wireLength",
                            "wire for the stem",
                            wireMm(),
                            Unit.MM,
                            Why.of(
                                    "Stem + hook + half the centre",
                                    "Your design",
                                    Why.in("stem", stemMm, Unit.MM),
                                    Why.in("hook", hookMm, Unit.MM),
                                    Why.in("centre, high", form.heightMm(), Unit.MM)));
            Portioned.wire(figures, made, gauge);
        }
    }

    /** Smaller, and on its own stalk where it has one. */
    @Override
    public Optional<Part> opened(Opening opening, int ring, double stalkMm) {
        CentreForm smaller = opening.core().isPresent()
                ? opening.core().get().form()
                : opening.size() == 1
                        ? form
                        : form.resized(
                                Math.max(2, form.diameterMm() * opening.size()),
                                Math.max(2, form.heightMm() * opening.size()));
        double stem = stalkMm > 0 ? Limits.within(Centre.class, "stemMm", stalkMm) : stemMm;
        CentreBuilder own = CentreBuilder.builder(withForm(smaller)).stemMm(stem);
        opening.core().ifPresent(core -> own.gauge(core.gauge())
                .hookMm(core.hookMm())
                .shade(core.shade().orElse(shade)));
        return Optional.of(own.build());
    }
}
