package org.crispwhorl.core.finding;

import static org.crispwhorl.core.measure.Why.in;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.species.Attachment;
import org.crispwhorl.core.species.Petaled;

/** The wire goes in so little, or so far, that it turns and pulls out, or comes out at the tip. */
final class HoldTooShort implements Rule {
    /** Least share of the finished length. */
    private static final double LEAST_SHARE = 0.1;

    /** Least wire inside, whatever the length, mm. */
    private static final double LEAST_MM = 5;

    /** A hook holds by itself, mm. */
    private static final double HOOKED_MM = 3;

    /** Paste that must be left beyond the wire's end, as a share of the finished length. */
    private static final double BEYOND_SHARE = 0.1;

    @Override
    public List<Finding> look(Assessment a) {
        List<Finding> found = new ArrayList<>();
        for (Petaled part : a.species().petaled()) {
            Optional<Attachment.Wired> wire = part.pieces().wired();
            if (wire.isPresent()) {
                Attachment.Wired wired = wire.get();
                double length = part.pieces().finished().lengthMm();
                double least = wired.hookMm() > 0 ? HOOKED_MM : Math.max(LEAST_MM, LEAST_SHARE * length);
                double most = (1 - BEYOND_SHARE) * length;
                if (wired.wireInsideMm() < least - 1e-9) {
                    found.add(finding(
                            a,
                            part,
                            wired,
                            Severity.CHECK,
                            "hold-too-short",
                            "The wire pulls out: too short a hold",
                            Math.ceil(least)));
                } else if (wired.wireInsideMm() > most + 1e-9) {
                    found.add(finding(
                            a,
                            part,
                            wired,
                            Severity.STOP,
                            "wire-past-tip",
                            "The wire comes out at the tip",
                            Math.floor(most)));
                }
            }
        }
        return found;
    }

    private static Finding finding(
            Assessment a,
            Petaled part,
            Attachment.Wired wired,
            Severity severity,
            String kind,
            String title,
            double wireInside) {
        double within = Math.max(2, wireInside);
        return new Finding(
                kind,
                severity,
                Optional.of(part.id()),
                title,
                Why.of(
                        "A straight wire goes in at least a tenth of the length and " + Unit.MM.write(LEAST_MM)
                                + ", a hooked one " + Unit.MM.write(HOOKED_MM) + "; a tenth is left beyond its end",
                        "Rule of the craft",
                        in("wire inside", wired.wireInsideMm(), Unit.MM),
                        in("hook", wired.hookMm(), Unit.MM),
                        in("finished length", part.pieces().finished().lengthMm(), Unit.MM)),
                List.of(Fix.pieces(
                        a,
                        "insert it by " + Unit.MM.write(within),
                        part,
                        p -> p.withWire(w -> w.withWireInside(within)))));
    }
}
