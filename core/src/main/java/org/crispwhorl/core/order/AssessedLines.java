package org.crispwhorl.core.order;

import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.studio.Conditions;

/** The lines of an order with their species assessed; lines of the same species share one assessment, so that nothing is reckoned twice. */
final class AssessedLines {
    private final List<OrderSheet.Line> lines;
    private final List<Assessment> assessments = new ArrayList<>();

    AssessedLines(List<OrderSheet.Line> lines, Conditions conditions) {
        this.lines = lines;
        Map<Species, Assessment> known = new IdentityHashMap<>();
        for (OrderSheet.Line line : lines) {
            assessments.add(known.computeIfAbsent(line.species(), s -> new Assessment(s, conditions)));
        }
    }

    int size() {
        return lines.size();
    }

    OrderSheet.Line line(int at) {
        return lines.get(at);
    }

    Assessment assessment(int at) {
        return assessments.get(at);
    }
}
