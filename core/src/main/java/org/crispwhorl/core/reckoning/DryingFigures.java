package org.crispwhorl.core.reckoning;

import static org.crispwhorl.core.measure.Why.in;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.drying.Body;
import org.crispwhorl.core.drying.DryingCourse;
import org.crispwhorl.core.drying.DryingLaw;
import org.crispwhorl.core.drying.Rind;
import org.crispwhorl.core.drying.Room;
import org.crispwhorl.core.measure.Figures;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.paste.Medium;
import org.crispwhorl.core.paste.Stage;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.studio.Watched;

/** The drying figures of any part of paste. */
final class DryingFigures {
    private DryingFigures() {}

    static void add(Figures figures, Assessment a, Part part) {
        if (!a.dries(part)) {
            return;
        }
        DryingCourse course = a.course(part);
        Laws laws = new Laws(a, a.body(part).orElseThrow(), a.room(part));
        for (DryingCourse.Reached reached : course.stages()) {
            if (reached.stage() == Stage.SKINNED) {
                figures.add("skinned", "skins over in", 60 * reached.medianH(), Unit.MIN, laws.skins());
            } else if (reached.stage() == Stage.FIRM) {
                figures.add("firm", "firm, safe by", reached.safeByH(), Unit.H, laws.safe(Stage.FIRM));
            } else if (reached.stage() == Stage.DRY) {
                figures.add("dryMedian", "dry, usually", reached.medianH(), Unit.H, laws.usual(Stage.DRY));
                figures.add("dry", "dry, safe by", reached.safeByH(), Unit.H, laws.safe(Stage.DRY));
                figures.add("dryThrough", "dry through, usually", laws.throughH(), Unit.H, laws.through());
            }
        }
        course.window().ifPresent(w -> {
            figures.add("bendsFrom", "bends from", 60 * w.likelyFromH(), Unit.MIN, laws.bendsFrom());
            figures.add("bendsTo", "bends until", 60 * w.likelyToH(), Unit.MIN, laws.bendsTo());
            figures.add(
                    "bendsBest",
                    "best moment to bend",
                    60 * w.bestH(),
                    Unit.MIN,
                    Why.of(
                            w.sure()
                                    ? "The geometric middle of the window, of which a moment is sure"
                                    : "The geometric middle of the window, of which no moment is sure before there is a record: try one by touch",
                            "Lognormal spread of both ends of the window",
                            in("bends from", 60 * w.likelyFromH(), Unit.MIN),
                            in("bends until", 60 * w.likelyToH(), Unit.MIN),
                            in("chance that it bends then", 100 * w.bestChance(), Unit.PERCENT)));
        });
    }

    /** The laws by which one body dries, each with all that goes into it. */
    private record Laws(Assessment a, Body body, Room room) {
        private static final String SOURCE =
                "Falling rate of a drying slab; Magnus-Tetens vapour pressure; lognormal spread";

        Why skins() {
            if (!DryingLaw.of(a.paste()).skins()) {
                return Why.of("What sets by cooling has no skin", SOURCE);
            }
            List<Why.Input> inputs = new ArrayList<>();
            inputs.add(in("thickness ℓ as it lies", body.freeMm(), Unit.FINE_MM));
            inputs.add(in("air", room.benchRate(), Unit.FACTOR));
            inputs.add(in(
                    "drive F of that air",
                    DryingLaw.of(a.paste()).drive(room.temperatureC(), room.humidityPct()),
                    Unit.FACTOR));
            Optional<Watched> book = a.conditions().kit().watched(a.paste().medium(), Watched.DryingClock.SKIN);
            book.ifPresent(w -> {
                inputs.add(in("by the book, faster by", w.factor(), Unit.FACTOR));
                inputs.add(in("looks it rests on", w.looks(), Unit.COUNT));
            });
            return new Why(
                    "12 min × (ℓ ÷ 0.7 mm)^0.3 ÷ (air × F), in the air of the bench"
                            + (book.isPresent() ? ", ÷ how much faster it was seen to skin" : ""),
                    inputs,
                    SOURCE);
        }

        /** Skinned it is by a law of its own, so all that goes into that stands there too. */
        Why bendsFrom() {
            Why free = course(
                    "Skinned, and its free part down to the share of moisture", Rind.HOLDS, body.freeMm(), false);
            List<Why.Input> inputs = new ArrayList<>(free.inputs());
            skins().inputs().forEach(skin -> inputs.add(in("skin: " + skin.label(), skin.value(), skin.unit())));
            return new Why(free.rule(), inputs, free.source());
        }

        /** What it stops bending by: its free part, or that it is firm before. */
        Why bendsTo() {
            DryingLaw law = DryingLaw.of(a.paste());
            boolean firm = law.hoursTo(Rind.FIRM, body, room) < law.hoursTo(Rind.STOPS_BENDING, body.freePart(), room);
            return firm
                    ? usual(Stage.FIRM)
                    : course("Its free part down to the share of moisture", Rind.STOPS_BENDING, body.freeMm(), false);
        }

        double throughH() {
            return DryingLaw.of(a.paste()).hoursTo(Rind.DRY_THROUGH, body, room);
        }

        Why through() {
            return course("Its middle too, by its thickest place", Rind.DRY_THROUGH, body.thickestMm(), false);
        }

        Why usual(Stage stage) {
            return course("Its thickest place down to the share of moisture", Rind.of(stage), body.thickestMm(), false);
        }

        Why safe(Stage stage) {
            return course(
                    "Its thickest place down to the share of moisture, for nine of ten: × e^(1.2816·σ)",
                    Rind.of(stage),
                    body.thickestMm(),
                    true);
        }

        private String evaporating(Medium.Setting.Drying drying, List<Why.Input> inputs) {
            inputs.add(in("t_ref", drying.referenceDryH(), Unit.H));
            a.conditions().kit().watched(a.paste().medium()).ifPresent(book -> {
                inputs.add(in("by the book, faster by", book.factor(), Unit.FACTOR));
                inputs.add(in("looks it rests on", book.looks(), Unit.COUNT));
            });
            inputs.add(in("drive F", DryingLaw.of(a.paste()).drive(room), Unit.FACTOR));
            inputs.add(in("water activity", drying.waterActivity(), Unit.NONE));
            return ": t = t_ref × (0.6·ℓ_c ÷ (air × F) + 0.4·ℓ_c² ÷ F) × ln M ÷ ln 0.15, of the rind ℓ_c = (ℓ⁻⁴ + c⁻⁴)^(−1/4)";
        }

        private static String cooling(Medium.Setting.Cooling cooling, List<Why.Input> inputs) {
            inputs.add(in("worked at", cooling.workedAtC(), Unit.CELSIUS));
            inputs.add(in("minutes a mm", cooling.minutesPerMm(), Unit.MIN));
            return ": Newton's law of cooling, set 3 °C below the heat at which it is worked";
        }

        private Why course(String what, Rind rind, double thickMm, boolean safe) {
            List<Why.Input> inputs = new ArrayList<>();
            String law = a.paste()
                    .setting()
                    .either(drying -> evaporating(drying, inputs), cooling -> cooling(cooling, inputs));
            inputs.add(in("where it dries", room.dryingC(), Unit.CELSIUS));
            inputs.add(in("humidity there", room.dryingPct(), Unit.PERCENT));
            inputs.add(in("air", room.air().rate(), Unit.FACTOR));
            inputs.add(in("share M", rind.moistureRatio(), Unit.NONE));
            if (a.paste().drying() && !Double.isInfinite(rind.depthMm())) {
                inputs.add(in("rind c", rind.depthMm(), Unit.FINE_MM));
            }
            inputs.add(in("ℓ at first", body.firstShare() * thickMm, Unit.FINE_MM));
            if (!Double.isInfinite(body.changesAfterH())) {
                inputs.add(in("turned out after", body.changesAfterH(), Unit.H));
                inputs.add(in("ℓ from then on", body.thenShare() * thickMm, Unit.FINE_MM));
            }
            if (safe) {
                inputs.add(in("spread σ", a.spread().sigma(), Unit.NONE));
            }
            return new Why(what + law, inputs, SOURCE);
        }
    }
}
