package org.crispwhorl.core.finding;

import java.util.List;
import org.crispwhorl.core.assessment.Assessment;

/** One thing that can be wrong with a design. */
@FunctionalInterface
public interface Rule {
    /** What it finds, each with the mends that may put it right; they are tried out by {@link Findings}. */
    List<Finding> look(Assessment assessment);
}
