package org.crispwhorl.core.finding;

import static org.crispwhorl.core.measure.Why.in;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.colour.Carrier;
import org.crispwhorl.core.colour.Colouring;
import org.crispwhorl.core.colour.Pass;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.species.Part;

/** So much water in a colour that has an edge: it runs on past where it was put. */
final class ColourBleeds implements Rule {
    /** Parts of water to one of colour that still stay where they are put. */
    private static final double STAYS = 3;

    @Override
    public List<Finding> look(Assessment a) {
        List<Finding> found = new ArrayList<>();
        for (Part part : a.species().parts()) {
            part.colouring().orElse(Colouring.NONE).passes().stream()
                    .filter(ColourBleeds::bleeds)
                    .findFirst()
                    .ifPresent(pass -> found.add(new Finding(
                            "colour-bleeds",
                            Severity.CHECK,
                            Optional.of(part.id()),
                            "Its wash runs past its edge",
                            Why.of(
                                    "Parts of water to one of colour > 3, in a zone that has an edge",
                                    "More water than the paste takes up at once spreads, and dissolves sugar as it goes",
                                    in("parts of water", pass.letDown(), Unit.NONE),
                                    in("stays where it is put up to", STAYS, Unit.NONE)),
                            List.of(
                                    fix(a, part, "let it down with spirit", p -> p.withCarrier(Carrier.SPIRIT)),
                                    fix(a, part, "let it down less", p -> p.withLetDown(STAYS))))));
        }
        return found;
    }

    private static Fix fix(Assessment a, Part part, String words, UnaryOperator<Pass> change) {
        return Fix.part(a, words, part, p -> p.coloured(c -> c.each(pass -> bleeds(pass) ? change.apply(pass) : pass)));
    }

    private static boolean bleeds(Pass pass) {
        return pass.carrier() == Carrier.WATER
                && pass.letDown() > STAYS
                && !pass.zone().everywhere()
                && !pass.colours().isEmpty()
                && pass.strength() > 0;
    }
}
