package org.crispwhorl.core.finding;

import static org.crispwhorl.core.measure.Why.in;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.colour.Colouring;
import org.crispwhorl.core.colour.How;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.species.Centre;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Species;

/** Steam or a liquid glaze on a centre that does not bear it. */
final class SteamOnCoat implements Rule {
    @Override
    public List<Finding> look(Assessment a) {
        List<Finding> found = new ArrayList<>();
        for (Centre centre : a.species().centres()) {
            if (a.species().finishing().wets(centre) && !centre.form().bearsSteam()) {
                boolean steam = a.species().finishing().steams(centre);
                found.add(new Finding(
                        "steam-on-coat",
                        Severity.CHECK,
                        Optional.of(centre.id()),
                        steam ? "Steam runs on this centre" : "A liquid coat ruins this centre",
                        Why.of(
                                "Crumb and pollen dissolve or stain where they get wet",
                                "Rule of the craft",
                                in("coated, across", centre.form().diameterMm(), Unit.MM)),
                        List.of(
                                Fix.species(
                                        a,
                                        steam ? "steam the petals only" : "leave the flower uncoated",
                                        s -> s.withFinishing(
                                                steam ? Species.Finishing.STEAM_PETALS : Species.Finishing.NONE)),
                                Fix.part(
                                        a,
                                        "leave the centre without its coat",
                                        centre,
                                        h -> h.withForm(h.form().uncoated())))));
            }
        }
        for (Part part : a.species().parts()) {
            boolean crumb =
                    part.colouring().orElse(Colouring.NONE).passes().stream().anyMatch(pass -> pass.how() == How.CRUMB);
            boolean wetted = a.species().finishing().wets(part);
            if (crumb && wetted) {
                found.add(crumb(a, part));
            }
        }
        return found;
    }

    private static Finding crumb(Assessment a, Part part) {
        return new Finding(
                "steam-on-coat",
                Severity.CHECK,
                Optional.of(part.id()),
                "What is dipped in crumb runs when it is wetted",
                Why.of(
                        "Crumb and pollen dissolve or stain where they get wet",
                        "Rule of the craft",
                        in(
                                "passes of colour on it",
                                part.colouring().orElse(Colouring.NONE).passes().size(),
                                Unit.COUNT)),
                List.of(
                        Fix.species(a, "finish the flower with nothing", s -> s.withFinishing(Species.Finishing.NONE)),
                        Fix.part(
                                a,
                                "leave its crumb out",
                                part,
                                p -> p.coloured(c -> new Colouring(c.passes().stream()
                                        .filter(pass -> pass.how() != How.CRUMB)
                                        .toList())))));
    }
}
