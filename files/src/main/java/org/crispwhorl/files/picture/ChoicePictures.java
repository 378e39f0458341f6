package org.crispwhorl.files.picture;

import static org.crispwhorl.files.picture.PicturedFlowers.BROAD;
import static org.crispwhorl.files.picture.PicturedFlowers.GREEN;
import static org.crispwhorl.files.picture.PicturedFlowers.PETAL;
import static org.crispwhorl.files.picture.PicturedFlowers.centre;
import static org.crispwhorl.files.picture.PicturedFlowers.flat;
import static org.crispwhorl.files.picture.PicturedFlowers.leaves;
import static org.crispwhorl.files.picture.PicturedFlowers.ring;
import static org.crispwhorl.files.picture.PicturedFlowers.species;
import static org.crispwhorl.files.picture.PicturedFlowers.stamens;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.colour.ColourForm;
import org.crispwhorl.core.colour.Colouring;
import org.crispwhorl.core.colour.Dip;
import org.crispwhorl.core.colour.Pass;
import org.crispwhorl.core.colour.Zone;
import org.crispwhorl.core.drawing.Draughting;
import org.crispwhorl.core.drawing.Drawing;
import org.crispwhorl.core.drawing.SideView;
import org.crispwhorl.core.measure.LengthText;
import org.crispwhorl.core.measure.Usual;
import org.crispwhorl.core.outline.Cut;
import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.species.Attachment;
import org.crispwhorl.core.species.Beginning;
import org.crispwhorl.core.species.BoughtCore;
import org.crispwhorl.core.species.Centre;
import org.crispwhorl.core.species.CentreForm;
import org.crispwhorl.core.species.Edge;
import org.crispwhorl.core.species.Former;
import org.crispwhorl.core.species.Heads;
import org.crispwhorl.core.species.Leaf;
import org.crispwhorl.core.species.Making;
import org.crispwhorl.core.species.OnePiece;
import org.crispwhorl.core.species.Opening;
import org.crispwhorl.core.species.Overlap;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Pieces;
import org.crispwhorl.core.species.Place;
import org.crispwhorl.core.species.Ring;
import org.crispwhorl.core.species.Roll;
import org.crispwhorl.core.species.RollForm;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.species.Stamens;
import org.crispwhorl.core.species.Texture;
import org.crispwhorl.core.species.TexturedHead;
import org.crispwhorl.core.species.Veiner;
import org.crispwhorl.core.studio.Conditions;
import org.crispwhorl.files.document.CraftJson;
import org.crispwhorl.files.page.FlowerOnPage;
import org.crispwhorl.files.page.SheetPage;
import org.crispwhorl.files.svg.SvgPage;

/**
 * A small picture of each of the choices that have a shape: a flower of usual values is made with it, and drawn as every flower is.
 */
public final class ChoicePictures {
    /** Side of a picture, mm, and what is left free round what is drawn. */
    private static final double SIDE = 40;

    private static final double FREE = 2;
    private static final double LINE = 0.35;

    /** A picture of a choice, drawn on a page of that side. */
    private interface Picture {
        void on(SheetPage page) throws IOException;
    }

    /** The choices that are pictured, each by the name of its type. */
    private static final Map<String, Pictured<?>> TYPES = new LinkedHashMap<>();

    /**
     * @param found the choice of a name: a kind of usual values, or a constant
     * @param drawn its picture
     */
    private record Pictured<T>(Function<String, Optional<T>> found, Function<T, Optional<Picture>> drawn) {
        Optional<Picture> named(String value) {
            return found.apply(value).flatMap(drawn);
        }
    }

    private static <T> void picture(Class<T> type, Function<T, Picture> drawn) {
        TYPES.put(
                type.getSimpleName(),
                new Pictured<>(
                        type.isEnum() ? value -> constant(type, value) : value -> kind(type, value),
                        drawn.andThen(Optional::of)));
    }

    private static <T> Optional<T> constant(Class<T> type, String value) {
        return Arrays.stream(type.getEnumConstants())
                .filter(c -> CraftJson.name(((Enum<?>) c).name()).equals(value))
                .findFirst();
    }

    private static <T> Optional<T> kind(Class<T> type, String value) {
        return CraftJson.kinds(type).stream()
                .filter(k -> CraftJson.name(k.getSimpleName()).equals(value))
                .findFirst()
                .map(k -> type.cast(Usual.of(k.asSubclass(Record.class))));
    }

    static {
        TYPES.put(Part.class.getSimpleName(), new Pictured<>(ChoicePictures::begun, ChoicePictures::part));
        picture(CentreForm.class, ChoicePictures::form);
        picture(BoughtCore.CoreShape.class, shape -> side(species(centre(new BoughtCore(shape, 18, 26, 1)))));
        picture(RollForm.class, ChoicePictures::rolled);
        picture(Making.class, ChoicePictures::cut);
        picture(Overlap.class, overlap -> face(species(centre(), ring(6, p -> p.withOverlap(overlap)))));
        picture(Place.Rule.class, ChoicePictures::placed);
        picture(Former.Side.class, ChoicePictures::formed);
        picture(
                Edge.Finish.class,
                finish -> face(species(centre(), ring(5, p -> p.with(d -> d.edge = new Edge(0, 0.4, 0, 0, finish))))));
        picture(Veiner.Laid.class, ChoicePictures::veined);
        picture(Zone.class, zone -> coloured(zone));
        picture(
                Stamens.StamenArrangement.class,
                arrangement -> face(species(centre(new CentreForm.Ball(6)), stamens(arrangement))));
        picture(Leaf.Along.class, along -> all(species(centre(new CentreForm.Ball(9)), leaves(along))));
        picture(Heads.Arrangement.class, arrangement -> habit(arrangement, Heads.StageOrder.GRADED));
        picture(Heads.StageOrder.class, order -> habit(Heads.Arrangement.SPIKE, order));
    }

    private ChoicePictures() {}

    private static final Map<List<String>, Optional<String>> DRAWN = new ConcurrentHashMap<>();

    /**
     * The picture of a choice as SVG.
     *
     * @param type simple name of its type, as in the published schema
     * @param value its kind or constant, as in a document
     * @return none where there is no such choice
     */
    public static Optional<String> svg(String type, String value) {
        Pictured<?> pictured = TYPES.get(type);
        return pictured == null
                ? Optional.empty()
                : DRAWN.computeIfAbsent(
                        List.of(type, value), k -> pictured.named(value).map(p -> written(value, p)));
    }

    private static String written(String title, Picture picture) {
        try {
            return SvgPage.written(SIDE, SIDE, title, LengthText.Lengths.MM, picture::on);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Assessment assessed(Species species) {
        return new Assessment(species, Conditions.USUAL);
    }

    private static Picture face(Species species) {
        Assessment a = assessed(species);
        Drawing drawing = Draughting.of(a.form());
        double scale = (SIDE / 2 - FREE) / drawing.face().radiusMm();
        return page ->
                page.placed(SIDE / 2, SIDE / 2, scale, 0, p -> new FlowerOnPage(a, drawing).face(p, LINE / scale));
    }

    private static Picture side(Species species) {
        return framed(SideView.ofHead(assessed(species).form()));
    }

    private static Picture all(Species species) {
        return framed(SideView.ofAll(assessed(species).form()));
    }

    private static Picture framed(Drawing.Picture seen) {
        double wide = seen.columns() * seen.cellMm();
        double high = seen.rows() * seen.cellMm();
        double scale = (SIDE - 2 * FREE) / Math.max(wide, high);
        double x = SIDE / 2 - scale * (seen.leftMm() + wide / 2);
        double y = SIDE / 2 - scale * (seen.topMm() + high / 2);
        return page -> page.placed(x, y, scale, 0, p -> p.side(seen));
    }

    /** A part as it is begun on the plate. */
    private static Optional<Part> begun(String kind) {
        return Beginning.parts(GREEN.id()).stream()
                .filter(p -> CraftJson.name(p.getClass().getSimpleName()).equals(kind))
                .findFirst();
    }

    /** A part on a small centre; what is on the stem from the side, with the stem. Supports are gone from what is finished. */
    private static Optional<Picture> part(Part part) {
        if (part.severalHeads()) {
            return Optional.of(habit(Heads.Arrangement.SPIKE, Heads.StageOrder.GRADED));
        }
        if (part.shadeId().isEmpty()) {
            return Optional.empty();
        }
        boolean fillsTheMiddle = part.core().fillsMm() > 0;
        boolean underneath = part.petals() > 0 && !part.ring() || !part.inHead() || part.boughtStrands() > 0;
        Species flower = fillsTheMiddle ? species(part) : species(centre(), part);
        return Optional.of(!part.inHead() ? all(flower) : underneath || fillsTheMiddle ? side(flower) : face(flower));
    }

    /** A centre from the side; a textured one from above, where its texture is seen. */
    private static Picture form(CentreForm form) {
        return form instanceof TexturedHead head
                ? face(species(centre(new TexturedHead(
                        head.diameterMm(), head.heightMm(), Texture.TWEEZED, Texture.SMOOTH, head.crownShare()))))
                : side(species(centre(form)));
    }

    /** Veins on one piece; where a veiner is round, on a whole cut. */
    private static Picture veined(Veiner.Laid laid) {
        Optional<Veiner> veiner = Optional.of(new Veiner("veiner", 60, Veiner.Sides.ONE, laid, 0.3));
        return laid == Veiner.Laid.ON_MIDDLE
                ? face(species(ring(5, p -> flat(p).with(d -> {
                    d.making = Usual.of(OnePiece.class);
                    d.attachment = Usual.of(Attachment.Threaded.class);
                    d.veiner = veiner;
                }))))
                : piece(ring(1, p -> flat(p).with(d -> d.veiner = veiner)));
    }

    private static Picture coloured(Zone zone) {
        Dip dip = new Dip("dust", "#7d2c4c", ColourForm.DUST, 1);
        Pass pass = Usual.of(Pass.class, Map.of("zone", zone, "colours", List.of(dip), "reachMm", 5.0, "fadeMm", 4.0));
        return piece(ring(1, PicturedFlowers::flat).with(new Colouring(List.of(pass))));
    }

    /** One piece seen from its face, its base down. */
    private static Picture piece(Ring ring) {
        Assessment a = assessed(species(ring));
        Drawing drawing = Draughting.of(a.form());
        double reach = a.form().ring(ring.id()).orElseThrow().outerMm();
        double scale = (SIDE - 2 * FREE) / reach;
        return page ->
                page.placed(SIDE / 2, SIDE - FREE, scale, 0, p -> new FlowerOnPage(a, drawing).face(p, LINE / scale));
    }

    private static Picture rolled(RollForm from) {
        return face(species(new Roll("roll", "roll", PETAL.id(), from, 0.8, 0.6, 0, Colouring.NONE)));
    }

    /** Two rings, the outer one placed so. */
    private static Picture placed(Place.Rule rule) {
        double turn =
                switch (rule) {
                    case SIDES_ALIKE -> 110;
                    case FREE -> 18;
                    default -> 0;
                };
        Ring inner = ring(5, p -> p.with(d -> d.outline = BROAD.scaled(0.6)));
        Pieces outer = ring(
                        5,
                        p -> p.with(d -> {
                            d.place = new Place(rule, turn, 0);
                            d.overlap = Overlap.APART;
                            d.outline = BROAD.withWidth(12);
                        }))
                .pieces();
        return face(species(centre(), inner, new Ring("outer", "outer", PETAL.id(), outer, Colouring.NONE)));
    }

    private static Picture formed(Former.Side side) {
        return side(species(
                centre(),
                ring(
                        5,
                        p -> p.with(d -> {
                            d.opensDeg = 45;
                            d.former = Optional.of(new Former("former", 22, 9, side));
                        }))));
    }

    /** What its cutter cuts, the ball that it is pressed from, or else what becomes of it. */
    private static Picture cut(Making making) {
        Outline petal = Outline.of(26, 20, 0.6, 0.25, 2);
        Optional<Cut> cut = making.cutOf(petal, 5);
        if (cut.isPresent()) {
            boolean foot = making.pushedInMm() > 0;
            return foot ? grown(making, petal) : page -> ThingShape.cut(page, SIDE, cut.get(), 2 * LINE);
        }
        if (making.pressed()) {
            return side(species(
                    new Centre("ball", "ball", PETAL.id(), new CentreForm.Ball(10), 22, 0, 0, 0, 50, Colouring.NONE)));
        }
        return making.rolledMm() > 0
                ? page -> ThingShape.cut(page, SIDE, Cut.of(petal), LINE / 2)
                : grown(making, petal);
    }

    /** A blossom made so, from the side; what is no food in green. */
    private static Picture grown(Making making, Outline petal) {
        Pieces pieces = ring(
                        5,
                        p -> p.with(d -> {
                            d.making = making;
                            d.outline = petal;
                            d.opensDeg = 40;
                            d.attachment = Usual.of(Attachment.Threaded.class);
                        }))
                .pieces();
        String shade = making.edible() ? PETAL.id() : GREEN.id();
        return side(species(new Ring("ring", "ring", shade, pieces, Colouring.NONE)));
    }

    /** A stem of heads: its lines, and every head as it stands on it. */
    private static Picture habit(Heads.Arrangement arrangement, Heads.StageOrder order) {
        Heads heads = new Heads(
                "heads",
                "heads",
                arrangement,
                List.of(new Opening("buds", 4, 0.7, 0, 0.2), new Opening("open", 2, 0.9, 1, 0.9)),
                order,
                16,
                11,
                60,
                20,
                12,
                12,
                20,
                15,
                15,
                400);
        Ring small = ring(5, p -> p.withOutline(BROAD.scaled(0.6)).withOpensDeg(60));
        Drawing.Habit habit = Draughting.of(assessed(species(centre(new CentreForm.Teardrop(6, 9)), small, heads))
                        .form())
                .habit()
                .orElseThrow();
        return page -> habit(page, habit);
    }

    private static void habit(SheetPage page, Drawing.Habit habit) throws IOException {
        double high = habit.heads().stream()
                .mapToDouble(h -> h.neckMm() + h.deepMm())
                .max()
                .orElse(1);
        double wide = 2
                * habit.heads().stream()
                        .mapToDouble(h -> Math.abs(h.sideMm()) + h.widthMm() / 2)
                        .max()
                        .orElse(1);
        double scale = (SIDE - 2 * FREE) / Math.max(high, wide);
        page.placed(SIDE / 2, SIDE - FREE, scale, 0, p -> {
            p.path(new double[] {0, 0, 0, -habit.stemMm()}, false, null, SheetPage.INK, 2 * LINE / scale);
            for (Drawing.HabitHead head : habit.heads()) {
                p.path(
                        new double[] {0, -head.jointMm(), head.sideMm(), -head.neckMm()},
                        false,
                        null,
                        SheetPage.INK,
                        LINE / scale);
                p.placed(
                        head.sideMm(),
                        -head.neckMm(),
                        1,
                        head.angleDeg(),
                        q -> q.side(habit.pictures().get(head.opening())));
            }
        });
    }
}
