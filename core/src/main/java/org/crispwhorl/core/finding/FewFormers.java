package org.crispwhorl.core.finding;

import static org.crispwhorl.core.measure.Why.in;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.species.Petaled;

/** The drawer holds fewer formers than the ring has petals, so that it dries in turns. */
final class FewFormers implements Rule {
    @Override
    public List<Finding> look(Assessment a) {
        List<Finding> found = new ArrayList<>();
        for (Petaled part : a.species().petaled()) {
            if (part.pieces().former().isEmpty()) {
                continue;
            }
            String name = part.pieces().former().get().name();
            OptionalInt owned = a.conditions().kit().formersNamed(name);
            if (owned.isPresent() && owned.getAsInt() < part.pieces().count()) {
                int turns =
                        owned.getAsInt() == 0 ? 0 : (part.pieces().count() + owned.getAsInt() - 1) / owned.getAsInt();
                found.add(new Finding(
                        "few-formers",
                        owned.getAsInt() == 0 ? Severity.STOP : Severity.CHECK,
                        Optional.of(part.id()),
                        owned.getAsInt() == 0 ? "No former of that kind" : "Dries in " + turns + " turns",
                        Why.of(
                                "A piece keeps its former until it is firm",
                                "Count of the kit",
                                in("pieces", part.pieces().count(), Unit.COUNT),
                                in("of " + name, owned.getAsInt(), Unit.COUNT)),
                        List.of()));
            }
        }
        return found;
    }
}
