package org.crispwhorl.core.finding;

import static org.crispwhorl.core.measure.Why.in;

import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.species.Centre;
import org.crispwhorl.core.species.CentreBuilder;

/** A heavy centre on a wire that goes straight into it: it slides off, or turns. */
final class HookMissing implements Rule {
    /** Heavier than this a centre of paste is hooked, g. */
    private static final double HEAVY_G = 5;

    private static final double HOOK_MM = 5;

    @Override
    public List<Finding> look(Assessment a) {
        Optional<Centre> heavy = a.species()
                .centre()
                .filter(c -> c.wires() == 1 && c.hookMm() == 0 && !c.form().core())
                .filter(c -> a.pasteG(c) > HEAVY_G
                        && HOOK_MM < Centre.HOOK_FITS * c.form().heightMm());
        return heavy.map(centre -> List.of(new Finding(
                        "hook-missing",
                        Severity.CHECK,
                        Optional.of(centre.id()),
                        "A heavy centre on a straight wire turns and slides",
                        Why.of(
                                "A centre above 5 g is hooked",
                                "Rule of the craft",
                                in("paste of the centre", a.pasteG(centre), Unit.G),
                                in("hook", centre.hookMm(), Unit.MM)),
                        List.of(Fix.part(a, "bend back " + Unit.MM.write(HOOK_MM), centre, c -> CentreBuilder.builder(c)
                                .hookMm(HOOK_MM)
                                .build())))))
                .orElse(List.of());
    }
}
