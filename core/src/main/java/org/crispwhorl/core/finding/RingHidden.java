package org.crispwhorl.core.finding;

import static org.crispwhorl.core.measure.Why.in;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.species.Attachment;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.species.Species;

/** A ring of petals that is hardly seen from above: work that nobody sees. */
final class RingHidden implements Rule {
    /** A ring that shows less than this share of itself from above is as good as hidden. */
    private static final double HARDLY_SEEN = 0.03;

    /** Nobody cuts petals more than half as large again for this. */
    private static final double[] GROWTHS = {1.1, 1.25, 1.5};

    /** A soft ring is let open so much sooner at a time, as a share of its length. */
    private static final double SOONER = 0.15;

    /** By so much a ring that hides another is opened at a time, and this often at most. */
    private static final double OPENED_DEG = 12;

    private static final int OPENINGS = 5;

    @Override
    public List<Finding> look(Assessment a) {
        List<Finding> found = new ArrayList<>();
        for (Petaled part : a.species().petaled()) {
            double seen = a.coverage().seenFromAbove(part.id());
            if (part.ring() && seen < HARDLY_SEEN) {
                found.add(finding(a, part, seen));
            }
        }
        return found;
    }

    private static Finding finding(Assessment a, Petaled part, double seen) {
        Optional<Petaled> hiding = hiding(a, part);
        List<Fix> fixes = new ArrayList<>(sooner(a, part));
        if (fixes.isEmpty()) {
            fixes.addAll(longer(a, part));
        }
        hiding.ifPresent(outer -> fixes.addAll(opened(a, part, outer)));
        return new Finding(
                "ring-hidden",
                Severity.CHECK,
                Optional.of(part.id()),
                hiding.map(h -> "Hidden by " + h.name()).orElse("Hardly seen from above"),
                Why.of(
                        "Share of the ring's plan that nothing covers from above",
                        "Plan of the placed petals",
                        in("seen from above", 100 * seen, Unit.PERCENT),
                        in("worth making from", 100 * HARDLY_SEEN, Unit.PERCENT),
                        in("petals in it", part.pieces().count(), Unit.COUNT)),
                fixes);
    }

    /** The ring without which most of it would be seen. */
    private static Optional<Petaled> hiding(Assessment a, Petaled part) {
        Petaled most = null;
        double shows = HARDLY_SEEN;
        for (Petaled other : a.species().petaled()) {
            if (other.ring() && !other.id().equals(part.id())) {
                double without = seen(a, part, a.species().without(other.id()));
                if (without > shows) {
                    shows = without;
                    most = other;
                }
            }
        }
        return Optional.ofNullable(most);
    }

    private static double seen(Assessment a, Petaled part, Species species) {
        return new Assessment(species, a.conditions()).coverage().seenFromAbove(part.id());
    }

    /** A ring that is laid on soft shows where it leaves what is inside it sooner. */
    private static List<Fix> sooner(Assessment a, Petaled part) {
        Attachment attachment = part.pieces().attachment();
        double from = Math.max(attachment.gluedShare(), attachment.opensFrom());
        for (double share = from - SOONER; part.pieces().hugs() && share > 0; share -= SOONER) {
            double rounded = Math.round(100 * share) / 100.0;
            Petaled opened = part.with(part.pieces().withAttachment(attachment.opening(rounded)));
            if (seen(a, part, a.species().with(opened)) >= HARDLY_SEEN) {
                return List.of(Fix.pieces(
                        a,
                        "let it open from " + Math.round(100 * rounded) + " % of its length on",
                        part,
                        p -> p.withAttachment(p.attachment().opening(rounded))));
            }
        }
        return List.of();
    }

    private static List<Fix> longer(Assessment a, Petaled part) {
        for (double growth : GROWTHS) {
            double length = Limits.within(
                    Outline.class, "lengthMm", Math.ceil(part.pieces().outline().lengthMm() * growth));
            Petaled longer =
                    part.with(part.pieces().withOutline(part.pieces().outline().withLength(length)));
            if (seen(a, part, a.species().with(longer)) >= HARDLY_SEEN) {
                return List.of(Fix.pieces(
                        a,
                        "cut them " + Unit.MM.write(length) + " long",
                        part,
                        p -> p.outlined(o -> o.withLength(length))));
            }
        }
        return List.of();
    }

    private static List<Fix> opened(Assessment a, Petaled part, Petaled hiding) {
        for (int i = 1; i <= OPENINGS; i++) {
            double lean = hiding.pieces().opensDeg() + i * OPENED_DEG;
            if (lean <= MOST_LEAN_DEG) {
                Petaled open = hiding.with(hiding.pieces().withOpensDeg(lean));
                if (seen(a, part, a.species().with(open)) >= HARDLY_SEEN) {
                    return List.of(Fix.pieces(
                            a,
                            "open " + hiding.name() + " to " + Unit.DEGREE.write(lean),
                            hiding,
                            p -> p.withOpensDeg(lean)));
                }
            }
        }
        return List.of();
    }

    private static final double MOST_LEAN_DEG = 110;
}
