package org.crispwhorl.core.finding;

import static org.crispwhorl.core.measure.Why.in;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.assessment.Work;
import org.crispwhorl.core.drying.DryingCourse;
import org.crispwhorl.core.drying.DryingLaw;
import org.crispwhorl.core.drying.Room;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.paste.Stage;
import org.crispwhorl.core.species.Joining;
import org.crispwhorl.core.species.Petaled;

/**
 * The least that can be made at once skins before it is set, or a part that is set part-dry never bends and holds for long enough to
 * be set. Lots of several pieces are made smaller by the plan itself.
 */
final class WindowMissed implements Rule {
    /** A corner so much damper keeps paste soft for longer, points of humidity. */
    private static final double DAMPER_PCT = 12;

    @Override
    public List<Finding> look(Assessment a) {
        List<Finding> found = new ArrayList<>();
        for (Petaled part : a.species().petaled()) {
            if (!a.dries(part) || part.pieces().wired().isPresent()) {
                continue;
            }
            Joining.As as = part.joins(a).as();
            // What sets by cooling keeps the warmth of the hand for as long as it is in it.
            boolean skins = DryingLaw.of(a.paste()).skins();
            if (as == Joining.As.SOFT && skins) {
                soft(a, part).ifPresent(found::add);
            } else if (as == Joining.As.PART_DRY) {
                partDry(a, part).ifPresent(found::add);
            }
        }
        return found;
    }

    private static Optional<Finding> soft(Assessment a, Petaled part) {
        // What is in the hand lies under no cover.
        double open = a.drying(part)
                .flatMap(c -> c.at(Stage.SKINNED))
                .map(r -> 60 * r.medianH())
                .orElse(Double.POSITIVE_INFINITY);
        int count = part.pieces().count();
        int together = count / Math.max(1, part.pieces().making().joints(count));
        double minutes = Math.max(1, together) * Work.batches(a, part).perPieceMin();
        if (minutes <= open) {
            return Optional.empty();
        }
        List<Fix> fixes = new ArrayList<>();
        part.pieces()
                .making()
                .inSections()
                .ifPresent(quartered -> fixes.add(Fix.pieces(
                        a, "cut it into quarters and set them one by one", part, p -> p.withMaking(quartered))));
        fixes.add(damper(a));
        return Optional.of(new Finding(
                "window-missed",
                Severity.CHECK,
                Optional.of(part.id()),
                "Skins before it is set",
                Why.of(
                        "What is rolled at once is thinned, shaped and set before its face skins",
                        "Open time in the bench's air; working time by operation",
                        in("open time, uncovered", open, Unit.MIN),
                        in("minutes for what is set at once", minutes, Unit.MIN),
                        in("pieces set at once", together, Unit.COUNT)),
                fixes));
    }

    private static Optional<Finding> partDry(Assessment a, Petaled part) {
        Optional<DryingCourse.Window> window = a.drying(part).flatMap(DryingCourse::window);
        double set = Work.joinMin(a, part)
                / Math.max(1, part.pieces().making().joints(part.pieces().count()));
        double open = window.filter(DryingCourse.Window::sure)
                .map(w -> 60 * (w.closesH() - w.opensH()))
                .orElse(0.0);
        if (open >= set) {
            return Optional.empty();
        }
        return Optional.of(new Finding(
                "window-missed",
                Severity.CHECK,
                Optional.of(part.id()),
                "Bends and holds too briefly to be set",
                Why.of(
                        "A piece set part-dry is set between the later start and the earlier end of its window",
                        "Two clocks of drying, half a deviation either way",
                        in("window", open, Unit.MIN),
                        in("minutes to set one", set, Unit.MIN)),
                List.of(
                        Fix.pieces(
                                a,
                                "set " + part.name() + " soft",
                                part,
                                p -> p.withJoining(new Joining(
                                        Joining.As.SOFT,
                                        p.joining().onto(),
                                        p.joining().rest()))),
                        damper(a))));
    }

    private static Fix damper(Assessment a) {
        Room room = a.conditions().room();
        double pct =
                Math.round(Math.min(room.humidityPct() + DAMPER_PCT, a.paste().driesUpToPct() - DAMPER_PCT));
        return Fix.room(
                a, "work in a corner at " + Math.round(pct) + " %", new Room(room.temperatureC(), pct, room.air()));
    }
}
