package org.crispwhorl.core.finding;

import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.measure.Why;

/**
 * Something wrong or worth a look.
 *
 * @param kind stable name of what was found
 * @param partId the part concerned, empty for the whole flower
 * @param title what is wrong, in a few words
 * @param why the figures behind it
 * @param fixes changes that put it right, each tried out
 */
public record Finding(String kind, Severity severity, Optional<String> partId, String title, Why why, List<Fix> fixes) {
    public Finding {
        fixes = List.copyOf(fixes);
    }

    /** The same finding with the mends that were tried and hold. */
    public Finding withFixes(List<Fix> tried) {
        return new Finding(kind, severity, partId, title, why, tried);
    }

    /** Whether another finding is about the same thing. */
    public boolean sameMatter(Finding other) {
        return kind.equals(other.kind) && partId.equals(other.partId);
    }
}
