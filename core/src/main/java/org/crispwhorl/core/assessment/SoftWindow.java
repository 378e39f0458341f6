package org.crispwhorl.core.assessment;

import java.util.Optional;
import org.crispwhorl.core.drying.DryingCourse;
import org.crispwhorl.core.drying.DryingLaw;
import org.crispwhorl.core.paste.Stage;
import org.crispwhorl.core.species.Joining;
import org.crispwhorl.core.species.Part;

/**
 * How long what is soft may wait for what is joined to it next: what is pushed into it and what is laid on it soft until it skins, a
 * soft ring onto what holds until that no longer bends; each half a deviation sooner than its median.
 */
public final class SoftWindow {
    /** Hands that go straight on take no longer to the next piece, h. */
    private static final double AT_ONCE_H = 2.0 / 60;

    private static final double MIN_PER_H = 60;

    private SoftWindow() {}

    /**
     * Hours from the end of what was done before by which a part has to be set; none where nothing closes: it needs nothing
     * soft, or what it is laid on was not soft any more.
     *
     * @param before what it is laid on: the ring before it, or the centre under the first
     * @param fresh whether that was made or set just before, and nothing is waited for in between
     */
    public static Optional<Double> mostH(Assessment a, Part before, Part part, boolean fresh) {
        Joining joining = part.joins(a);
        boolean ontoSoft = joining.onto() == Joining.Onto.SOFT;
        boolean soft = joining.as() == Joining.As.SOFT;
        if (!fresh || !a.dries(before) || !soft && !ontoSoft) {
            return Optional.empty();
        }
        Optional<Double> closes =
                ontoSoft ? skinH(a, before).map(skin -> soft ? skin - leadH(a, part) : skin) : bendsH(a, before);
        return closes.map(h -> Math.max(AT_ONCE_H, h));
    }

    private static Optional<Double> skinH(Assessment a, Part before) {
        Stage closes = DryingLaw.of(a.paste()).skins() ? Stage.SKINNED : Stage.FIRM;
        return a.course(before).at(closes).map(DryingCourse.Reached::medianH).map(a.spread()::likelyUntil);
    }

    private static Optional<Double> bendsH(Assessment a, Part before) {
        return a.course(before).window().map(DryingCourse.Window::likelyToH);
    }

    /** Until the first piece of a part touches: one of its pieces, or all where they are one, is made. */
    private static double leadH(Assessment a, Part part) {
        int pieces = Math.max(1, part.units());
        return a.conditions().pace().minutes(Work.making(a, part)) / pieces / MIN_PER_H;
    }
}
