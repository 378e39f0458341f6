package org.crispwhorl.core.finding;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.crispwhorl.core.Garden;
import org.crispwhorl.core.colour.Carrier;
import org.crispwhorl.core.colour.Colouring;
import org.crispwhorl.core.colour.Dip;
import org.crispwhorl.core.colour.How;
import org.crispwhorl.core.colour.Pass;
import org.crispwhorl.core.colour.Zone;
import org.crispwhorl.core.drying.Lying;
import org.crispwhorl.core.drying.Room;
import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.paste.Grooves;
import org.crispwhorl.core.paste.Medium;
import org.crispwhorl.core.paste.Shade;
import org.crispwhorl.core.paste.Stage;
import org.crispwhorl.core.species.Attachment;
import org.crispwhorl.core.species.Centre;
import org.crispwhorl.core.species.CentreBuilder;
import org.crispwhorl.core.species.CentreForm;
import org.crispwhorl.core.species.Choices;
import org.crispwhorl.core.species.CoveredBall;
import org.crispwhorl.core.species.Edge;
import org.crispwhorl.core.species.Former;
import org.crispwhorl.core.species.FromBall;
import org.crispwhorl.core.species.Joining;
import org.crispwhorl.core.species.Making;
import org.crispwhorl.core.species.OnePiece;
import org.crispwhorl.core.species.Overlap;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.species.Pieces;
import org.crispwhorl.core.species.Place;
import org.crispwhorl.core.species.Ridges;
import org.crispwhorl.core.species.Ring;
import org.crispwhorl.core.species.ShadedPart;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.species.Stamens;
import org.crispwhorl.core.species.Techniques;
import org.crispwhorl.core.species.Veiner;
import org.crispwhorl.core.studio.Conditions;
import org.crispwhorl.core.thinning.Thinning;

/** Designs that are sound but for one fault each. */
final class Faults {
    static final Species ROSE = Garden.rose();
    static final Species BUD = Garden.bud();
    static final Conditions USUAL = Conditions.USUAL;
    static final Conditions DAMP = USUAL.withRoom(new Room(20, 80, new Room.Air.Still()));

    private Faults() {}

    /** A studio whose ridged board has grooves of such a length. */
    private static Conditions grooved(double longMm) {
        return USUAL.withKit(USUAL.kit().withLaid(Optional.of(new Grooves(longMm, 25))));
    }

    private static Species onTheBoard(Species species) {
        return species.withTechniques(species.techniques().withRidge(Optional.of(Techniques.Ridge.BOARD)));
    }

    private static Species heavyOnAStraightWire() {
        Species bare = ROSE.withParts(
                ROSE.parts().stream().filter(p -> p.boughtStrands() == 0).toList());
        return wanted(bare.with(CentreBuilder.builder(ROSE.centre().orElseThrow())
                .form(new CentreForm.Ball(20))
                .hookMm(0)
                .build()));
    }

    static Species wired(Attachment.Wired wired) {
        return wanted(Garden.changed(ROSE, "petals", p -> p.withAttachment(wired)));
    }

    /** The same wanted as wide as it comes out. */
    private static Species wanted(Species species) {
        return species.withFaceMm(Math.round(Garden.form(species).faceMm()));
    }

    static Species centre(CentreForm form) {
        Centre centre = BUD.centre().orElseThrow();
        return wanted(BUD.with(centre.withForm(form)));
    }

    static Species leavesIn(Former former) {
        return Garden.changed(ROSE, "leaves", p -> p.withFormer(Optional.of(former)));
    }

    static Species fatCone() {
        Species bud = Garden.without(
                BUD.with(BUD.centre()
                        .orElseThrow()
                        .withForm(new CentreForm.Ball(34))
                        .withStem(16, 1, 60)),
                "second");
        return wanted(Garden.changed(
                bud, "first", p -> p.withPlace(Place.of(Place.Rule.FREE)).outlined(o -> o.withLength(48))));
    }

    static Species hiddenRing() {
        return Garden.species(
                61,
                Garden.ball(8),
                Garden.ring("large", Garden.petals(6, 30, 30, 75)),
                Garden.ring("small", Garden.petals(6, 20, 22, 76).withPlace(new Place(Place.Rule.BEHIND, 0, -2))));
    }

    /** kind, a design that is sound but for this one thing, its conditions, the part it is about, how it weighs. */
    static Object[][] all() {
        Shade alike = new Shade("pale", "pale pink", Garden.PINK.strong(), 0.295);
        return new Object[][] {
            {"never-dries", ROSE, DAMP, "", Severity.STOP},
            {
                "never-dries",
                Garden.in(ROSE, Medium.MODELLING_CHOCOLATE),
                USUAL.withRoom(new Room(29, 50, new Room.Air.Still())),
                "",
                Severity.STOP
            },
            {"centre-too-tall", centre(new CentreForm.Cone(12, 34)), USUAL, "centre", Severity.CHECK},
            {"centre-too-fat", fatCone(), USUAL, "first", Severity.CHECK},
            {
                "ring-gap",
                Garden.changed(ROSE, "petals", p -> p.withOutline(p.outline().withWidth(18))),
                USUAL,
                "petals",
                Severity.CHECK
            },
            {"ring-hidden", hiddenRing(), USUAL, "small", Severity.CHECK},
            {"stamens-crowded", ROSE.with(Garden.stamens(60, 5, 2)), USUAL, "stamens", Severity.CHECK},
            {"stamens-sparse", ROSE.with(Garden.stamens(4, 12, 1)), USUAL, "stamens", Severity.CHECK},
            {"wire-too-thin", wired(new Attachment.Wired(30, 12, 0, 25, 80, 0.9)), USUAL, "petals", Severity.CHECK},
            {"ridge-too-thin", wired(new Attachment.Wired(24, 12, 0, 0, 80, 0.6)), USUAL, "petals", Severity.CHECK},
            {
                "petal-too-thick",
                wanted(Garden.changed(ROSE, "petals", p -> p.withThinning(new Thinning(1.4, 1.15))
                        .with(d -> d.edge = new Edge(3, 0.5, 6, 0, Edge.Finish.SMOOTH)))),
                USUAL,
                "petals",
                Severity.CHECK
            },
            {
                "wired-onto-soft",
                Garden.changed(ROSE, "petals", p -> p.withJoining(Joining.of(Joining.As.FIRM, Joining.Onto.SOFT))),
                USUAL,
                "petals",
                Severity.CHECK
            },
            {
                "set-before-wrapped",
                laid(Joining.of(Joining.As.FIRM, Joining.Onto.HOLDS), 10, true),
                USUAL,
                "petals",
                Severity.CHECK
            },
            {
                "never-hung",
                laid(Joining.of(Joining.As.SOFT, Joining.Onto.HOLDS), 70, false),
                USUAL,
                "petals",
                Severity.CHECK
            },
            {
                "back-never-dried",
                Garden.changed(ROSE, "leaves", p -> p.withThinning(new Thinning(2, 1.9))
                        .with(d -> d.drying = new Lying.OneSided())),
                USUAL,
                "leaves",
                Severity.CHECK
            },
            {
                "ridge-too-high",
                Garden.changed(
                        ROSE,
                        "leaves",
                        p -> p.with(d -> d.ridges = Optional.of(new Ridges(Ridges.RidgeMade.PINCHED, 1, 4, 2)))),
                USUAL,
                "leaves",
                Severity.CHECK
            },
            {"hook-missing", heavyOnAStraightWire(), USUAL, "centre", Severity.CHECK},
            {"hold-too-short", wired(new Attachment.Wired(28, 4, 0, 0, 80, 0.9)), USUAL, "petals", Severity.CHECK},
            {"wire-past-tip", wired(new Attachment.Wired(28, 32, 0, 0, 80, 0.9)), USUAL, "petals", Severity.STOP},
            {
                "former-too-small",
                leavesIn(new Former("thimble", 8, 7, Former.Side.CUPS_IN)),
                USUAL,
                "leaves",
                Severity.CHECK
            },
            {
                "former-too-large",
                leavesIn(new Former("platter", 200, 10, Former.Side.CUPS_IN)),
                USUAL,
                "leaves",
                Severity.CHECK
            },
            {
                "thickness",
                Garden.changed(ROSE, "leaves", p -> p.withThinning(new Thinning(1.2, 0.3))),
                USUAL,
                "leaves",
                Severity.CHECK
            },
            {
                "thickness",
                Garden.changed(ROSE, "leaves", p -> p.withThinning(new Thinning(3.2, 2.5))),
                USUAL,
                "leaves",
                Severity.CHECK
            },
            {"face-off-width", ROSE.withFaceMm(90), USUAL, "", Severity.CHECK},
            {"face-off-width", ROSE.withFaceMm(45), USUAL, "", Severity.CHECK},
            {"shades-alike", Garden.shaded(ROSE, Garden.PINK, alike, Garden.GREEN), USUAL, "", Severity.CHECK},
            {
                "ball-cannot-make-it",
                wanted(Garden.changed(ROSE, "petals", p -> pressed(p, new FromBall.Pressed(15)))),
                USUAL,
                "petals",
                Severity.STOP
            },
            {
                "ball-cannot-make-it",
                wanted(Garden.changed(ROSE, "petals", p -> pressed(p, new FromBall.Weighed(0.15)))),
                USUAL,
                "petals",
                Severity.STOP
            },
            {
                "wire-ends-in-bend",
                leavesIn(new Former("ladle", 24, 12, Former.Side.TURNS_BACK)),
                USUAL,
                "leaves",
                Severity.CHECK
            },
            {"petals-too-short-to-meet", onABall(30), USUAL, "first", Severity.CHECK},
            {
                "order-cannot-close",
                Garden.changed(ROSE, "petals", p -> p.withOverlap(Overlap.ALTERNATE)),
                USUAL,
                "petals",
                Severity.CHECK
            },
            {
                "order-cannot-close",
                Garden.changed(ROSE, "petals", p -> p.withOverlap(Overlap.PAIRS)),
                USUAL,
                "petals",
                Severity.CHECK
            },
            {"opens-too-far", gluedTo(0.95), USUAL, "second", Severity.CHECK},
            {"air-damp", ROSE, USUAL.withRoom(new Room(20, 70, new Room.Air.Still())), "", Severity.CHECK},
            {"air-hot", ROSE, USUAL.withRoom(new Room(34, 50, new Room.Air.Still())), "", Severity.CHECK},
            {"neck-shows", bareNeck(), USUAL, "petals", Severity.CHECK},
            {"stamens-hidden", ROSE.with(Garden.stamens(3, 2, 1).withAboveCentre(5)), USUAL, "stamens", Severity.CHECK},
            {
                "veiner-cuts-through",
                veined("petals", new Veiner("rose", 36, Veiner.Sides.BOTH, Veiner.Laid.TOWARDS_BASE, 1.4)),
                USUAL,
                "petals",
                Severity.STOP
            },
            {
                "groove-too-short",
                onTheBoard(Garden.changed(ROSE, "leaves", p -> p.outlined(o -> o.withLength(30)))),
                grooved(28),
                "leaves",
                Severity.CHECK
            },
            {
                "veiner-cuts-through",
                veined(
                        "petals",
                        new Veiner("rose", 36, Veiner.Sides.BOTH, Veiner.Laid.TOWARDS_BASE, 0.9, Veiner.When.THINNED)),
                USUAL,
                "petals",
                Severity.STOP
            },
            {
                "veiner-too-short",
                veined("petals", new Veiner("rose", 24, Veiner.Sides.ONE, Veiner.Laid.TOWARDS_BASE, 0.4)),
                USUAL,
                "petals",
                Severity.CHECK
            },
            {
                "veiner-wrong-end",
                veined("petals", new Veiner("rose", 60, Veiner.Sides.ONE, Veiner.Laid.TOWARDS_TIP, 0.4)),
                USUAL,
                "petals",
                Severity.CHECK
            },
            {
                "veiner-wrong-end",
                veined("leaves", new Veiner("leaf", 60, Veiner.Sides.ONE, Veiner.Laid.TOWARDS_BASE, 0.4)),
                USUAL,
                "leaves",
                Severity.CHECK
            },
            {
                "veins-too-deep",
                veined(
                        "petals",
                        new Veiner("rose", 36, Veiner.Sides.ONE, Veiner.Laid.TOWARDS_BASE, 0.4).withDepth(1.2)),
                USUAL,
                "petals",
                Severity.CHECK
            },
            {
                "leaf-hidden",
                Garden.changed(ROSE, "leaves", p -> p.withPlace(p.place().withOnStem(-4))
                        .outlined(o -> o.withLength(14).withWidth(8))),
                USUAL,
                "leaves",
                Severity.CHECK
            },
            {
                "rolled-too-thin",
                Garden.changed(ROSE, "leaves", p -> p.withThinning(new Thinning(0.5, 0.5))
                        .with(d -> d.techniques =
                                Optional.of(Choices.NONE.withBoard(Optional.of(Techniques.Board.CORNFLOUR))))),
                USUAL,
                "leaves",
                Severity.CHECK
            },
            {"dust-out-of-reach", enclosed(), USUAL, "inner", Severity.CHECK},
            {
                "paint-not-dry",
                ROSE.with(((ShadedPart) ROSE.part("leaves").orElseThrow()).with(Garden.passes(1, 2, Stage.FIRM))),
                USUAL,
                "leaves",
                Severity.CHECK
            },
            {"steam-on-coat", coated(Species.Finishing.STEAM), USUAL, "centre", Severity.CHECK},
            {"steam-on-coat", coated(Species.Finishing.GLAZE), USUAL, "centre", Severity.CHECK},
            {
                "steam-on-coat",
                dusted(How.CRUMB, "#d8a32c", true).withFinishing(Species.Finishing.STEAM_PETALS),
                USUAL,
                "petals",
                Severity.CHECK
            },
            {
                "colour-bleeds",
                ROSE.with(((Petaled) ROSE.part("petals").orElseThrow())
                        .with(new Colouring(List.of(edge(How.WASHED, "#401028", 0.5, true)
                                .withCarrier(Carrier.WATER)
                                .withLetDown(6))))),
                USUAL,
                "petals",
                Severity.CHECK
            },
            {"loose-dust", dusted(How.DUSTED, "#401028", false), USUAL, "petals", Severity.CHECK},
            {"colour-jump", graded(0.9, 0.6, 0.4, 0), USUAL, "d", Severity.CHECK},
            {"main-stem-too-thin", Garden.and(ROSE, Garden.spike(4, 28).withTail(10)), USUAL, "spike", Severity.STOP}
        };
    }

    /** A cone with one cut of petals laid round it. */
    private static Species laid(Joining joining, double lean, boolean hung) {
        Pieces pieces = Garden.petals(5, 34, 30, lean).with(d -> {
            d.making = new OnePiece(new Thinning(1, 0.7), 6, OnePiece.Division.WHOLE);
            d.attachment = new Attachment.Threaded(0.6, 0.6);
            d.former = Optional.empty();
            d.drying = hung ? new Lying.Hung() : new Lying.OneSided();
            d.joining = joining;
        });
        Species species = Garden.species(
                60,
                new Centre(
                        "centre",
                        "cone",
                        Garden.PINK.id(),
                        new CentreForm.Cone(15, 24),
                        20,
                        0,
                        1,
                        6,
                        80,
                        Colouring.NONE),
                Garden.ring("petals", pieces));
        return species.withFaceMm(Math.round(Garden.form(species).faceMm()));
    }

    /** A rose whose petals are gone over from the edge, with a white ring outside them. */
    private static Species dusted(How how, String swatch, boolean brushedOff) {
        Petaled petals = (Petaled) ROSE.part("petals").orElseThrow();
        Shade white = new Shade("white", "white", "#ffffff", 0.5);
        Ring outer = new Ring("outer", "outer", "white", petals.pieces(), Colouring.NONE);
        return Garden.and(
                ROSE.withShades(Stream.concat(ROSE.shades().stream(), Stream.of(white))
                                .toList())
                        .with(petals.with(new Colouring(List.of(edge(how, swatch, 0.8, brushedOff))))),
                outer);
    }

    /** Four rings dusted dark from the edge, each so strong. */
    private static Species graded(double... strengths) {
        Part[] rings = IntStream.range(0, strengths.length)
                .mapToObj(i -> Garden.ring(
                                String.valueOf((char) ('a' + i)), Garden.petals(6, 24 + 4 * i, 22 + 3 * i, 20 + 18 * i))
                        .with(new Colouring(List.of(edge(How.DUSTED, "#401028", strengths[i], true)))))
                .toArray(Part[]::new);
        Species species = Garden.species(60, rings);
        return species.withFaceMm(Math.round(Garden.form(species).faceMm()));
    }

    private static Pass edge(How how, String swatch, double strength, boolean brushedOff) {
        return Garden.pass(Zone.EDGE, 4, 6, strength, Dip.dust("dark", swatch))
                .withHow(how)
                .withAt(Stage.DRY)
                .withBrushedOff(brushedOff);
    }

    /** Petals of the rose's finished size, pressed from a ball. */
    static Pieces pressed(Pieces p, Making making) {
        return p.withOutline(p.finished()).withMaking(making);
    }

    /** A polystyrene ball closed by four petals that are glued round it. */
    static Species onABall(double lengthMm) {
        Centre ball = BUD.centre().orElseThrow().withForm(new CoveredBall(20, 0.5));
        Former half = new Former("half-ball", 11, 10.5, Former.Side.CUPS_IN);
        Species one = Garden.changed(Garden.without(BUD.with(ball), "second"), "first", p -> p.withOutline(
                        Outline.of(lengthMm * 0.7, 24, 0.62, 0.3, 2))
                .withOpensDeg(0)
                .withAttachment(new Attachment.Glued(0.6, 1, Optional.empty()))
                .withFormer(Optional.of(half))
                .withPlace(Place.of(Place.Rule.FREE)));
        return wanted(one);
    }

    static Species gluedTo(double share) {
        Species high = Garden.changed(BUD, "second", p -> p.withAttachment(new Attachment.Glued(share)));
        return wanted(high);
    }

    /** Petals on narrow stalks round a thick bundle of threads on which nothing stands. */
    static Species bareNeck() {
        Species narrow = Garden.changed(
                ROSE.with(Garden.ball(2)), "petals", p -> p.withOutline(Outline.of(26, 25, 0.75, 0.02, 2.4)));
        Stamens tuft = new Stamens(
                "stamens",
                "stamens",
                Garden.PALE.id(),
                120,
                Stamens.Use.FOLDED,
                0.4,
                0.4,
                12,
                3,
                4,
                Stamens.StamenArrangement.TUFT,
                1,
                2,
                Colouring.NONE);
        Species bare = narrow.with(tuft);
        return bare.withFaceMm(Math.round(Garden.form(bare).faceMm()));
    }

    static Species veined(String part, Veiner veiner) {
        return Garden.changed(ROSE, part, p -> p.with(d -> d.veiner = Optional.of(veiner)));
    }

    /** A short ring between a broad flat centre and a longer ring behind it, dusted once the flower stands. */
    static Species enclosed() {
        Species rings = Garden.species(
                64,
                Garden.ring("outer", Garden.petals(6, 32, 30, 78)),
                Garden.ring("inner", Garden.petals(6, 33, 32, 77).withPlace(new Place(Place.Rule.BEHIND, 0, -1))),
                Garden.ring("back", Garden.petals(6, 36, 36, 80).withPlace(new Place(Place.Rule.BEHIND, 0, -3))));
        Species whole = rings.withTechniques(Choices.NONE.withDusting(Optional.of(Techniques.Dusting.WHOLE)));
        return whole.withFaceMm(Math.round(Garden.form(whole).faceMm()));
    }

    static Species coated(Species.Finishing finishing) {
        Centre disc = ROSE.centre().orElseThrow().withForm(new CentreForm.Disc(8, 3, CentreForm.Disc.Coat.POLLEN));
        return ROSE.with(disc).withFinishing(finishing);
    }
}
