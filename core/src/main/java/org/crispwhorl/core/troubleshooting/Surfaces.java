package org.crispwhorl.core.troubleshooting;

import java.util.Optional;
import org.crispwhorl.core.drying.DryingLaw;
import org.crispwhorl.core.drying.MoistAir;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.paste.Medium;
import org.crispwhorl.core.paste.Stage;

/** What goes wrong with the face of what was made: damp, dust, sweat. */
final class Surfaces {
    /** Within so many points of humidity of where a paste takes up water it stays sticky. */
    private static final double NEAR_PCT = 12;

    /** A store is so cold, °C. */
    private static final double COLD_C = 6;

    /** Within so many degrees of where it softens chocolate sweats in the hand, °C. */
    private static final double NEAR_C = 3;

    private final Signs s;

    Surfaces(Signs signs) {
        this.s = signs;
    }

    /** Whether the air is so damp that what dries in it stays sticky for long. */
    static boolean nearlyTooDamp(Signs signs) {
        return new Surfaces(signs).damp() < NEAR_PCT;
    }

    /** How many points the air is below where the paste takes up water. */
    private double damp() {
        return s.a.paste().drying() ? s.a.paste().driesUpToPct() - s.room().dryingPct() : NEAR_PCT * 2;
    }

    void sticky() {
        double drive = DryingLaw.of(s.a.paste()).drive(s.room());
        double drier = DryingLaw.of(s.a.paste())
                .drive(s.room().temperatureC(), s.room().humidityPct() - NEAR_PCT);
        s.may(
                "The air is too damp.",
                s.a.paste().drying()
                        ? Text.Labels.of(s.a.paste().medium()) + " takes up water from "
                                + Unit.PERCENT.write(s.a.paste().driesUpToPct()) + " on; the room has "
                                + Unit.PERCENT.write(s.room().dryingPct()) + "."
                        : "It sets by cooling; damp settles on it when it is colder than the room.",
                drive > 0
                        ? "Take it to drier air: " + Unit.PERCENT.write(NEAR_PCT) + " drier it dries "
                                + Unit.NONE.write(Math.rint(10 * drier / drive) / 10) + " times as fast."
                        : "Take it to drier air, or into a cabinet: here it never dries.",
                "Watch the humidity on the plate, and choose the day.",
                Signs.MAY_BE + s.answered(1) + s.answered(2) + Signs.where(damp() < NEAR_PCT));
        s.may(
                "It is thicker than it looks, and not yet dry.",
                s.part.isPresent()
                        ? "Its thickest place is dry after "
                                + s.medianH(Stage.DRY).map(Signs::minutes).orElse("a time that never comes")
                                + s.byTheBook() + "."
                        : "Feet, ridges and centres dry last.",
                "Leave it, turned over, in moving air.",
                "Thin the foot, or make thick centres days ahead.",
                Signs.MAY_BE + 2 * s.answered(1));
        s.may(
                "It came from the cold.",
                "What is colder than " + Unit.CELSIUS.write(Math.rint(dewPointC())) + " is wetted by this room's air.",
                "Leave it alone: do not touch or dust it until it has dried off.",
                "Keep sugar out of the fridge; where a cold store cannot be helped, let it warm up closed in its box.",
                Signs.MAY_BE + 2 * s.answered(2));
        s.may(
                "There is too much fat or water in it.",
                "Colour pastes and liquids bring water; a strong shade brings most.",
                "Knead in a little gum powder or dry sugar, and rest it wrapped.",
                "Colour strong shades a day before, and let them rest.",
                Signs.MAY_BE + 2 * s.answered(0));
    }

    private double dewPointC() {
        return MoistAir.dewPointC(s.room().temperatureC(), s.room().humidityPct());
    }

    void blotchy() {
        s.may(
                "It was dusted before it was dry to the touch.",
                "It is firm after " + s.medianH(Stage.FIRM).map(Signs::minutes).orElse("a time of its own") + " at "
                        + s.air() + s.byTheBook() + ".",
                "Let it dry, then even it out with the same dust let down with cornflour.",
                "Dust it firm and leathery for depth, dry for bloom, and never while it is cold.",
                Signs.MAY_BE + 2 * s.answered(1) + s.found("paint-not-dry"));
        s.may(
                "The dust was never set.",
                "Finishing: " + Text.Labels.of(s.a.species().finishing()) + ".",
                "Pass the dry flower through steam for a moment, far from the spout, for steam scalds, and let it dry: it deepens and holds.",
                "Steam when all colour is on; not over a coat of crumb or gelatine.",
                Signs.MAY_BE + 2 * s.answered(0));
        s.may(
                "Dark dust fell on pale pieces.",
                s.finding("loose-dust")
                        .map(f -> f.title() + ".")
                        .orElse("No loose dark dust before a pale piece is planned."),
                "Blow or brush it off dry; never with a wet brush.",
                "Brush each piece off over paper before the next is joined, and dust from pale to dark.",
                s.answered(2) * 2 + s.found("loose-dust"));
    }

    void sweats() {
        s.may(
                "It came from the cold into moist air.",
                "At " + s.air() + " what is colder than " + Unit.CELSIUS.write(Math.rint(dewPointC()))
                        + " is wetted; a cold store has about " + Unit.CELSIUS.write(COLD_C) + ".",
                "Do not touch it: let it dry off in moving air. Its gloss may stay dull.",
                "Keep it in a cool room instead, or bring it into the warm closed in its box and open that when it is warm.",
                Signs.MAY_BE + 2 * s.answered(0) + Signs.where(dewPointC() > COLD_C));
        Optional<Medium.Setting.Cooling> cools = s.a.paste().setting().either(law -> Optional.empty(), Optional::of);
        s.may(
                "The room is too warm for it.",
                cools.map(law -> "It softens from " + Unit.CELSIUS.write(law.softensAboveC()) + " on; the room has "
                                + Unit.CELSIUS.write(s.room().temperatureC()) + ".")
                        .orElse("This flower is of "
                                + Text.Labels.of(s.a.species().medium()) + ", which does not sweat by itself."),
                "Cool the room, and your hands, and leave it for a while.",
                "Choose another medium for warm venues: the order compares them.",
                s.answered(1)
                        + Signs.where(cools.filter(law -> s.room().temperatureC() > law.softensAboveC() - NEAR_C)
                                .isPresent()));
    }
}
