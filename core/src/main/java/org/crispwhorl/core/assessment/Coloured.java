package org.crispwhorl.core.assessment;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.crispwhorl.core.colour.ColourUse;
import org.crispwhorl.core.colour.Colouring;
import org.crispwhorl.core.colour.Tinted;
import org.crispwhorl.core.colour.TintedBody;
import org.crispwhorl.core.colour.Worn;
import org.crispwhorl.core.drawing.FlowerSurfaces;
import org.crispwhorl.core.paste.MixingLaw;
import org.crispwhorl.core.paste.Shade;
import org.crispwhorl.core.species.Lining;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Petaled;

/** What passes of colour leave on the parts of a flower, and how much of each colour they take. */
public final class Coloured {
    private Coloured() {}

    /** The shade on the back of a part's pieces: that of their lining, else their own. */
    public static Shade backShade(Assessment a, Petaled part) {
        return a.species().shade(part.pieces().lining().map(Lining::shade).orElse(part.shade()));
    }

    /** How a part looks once its passes are on; none where it has no shade of its own. */
    public static Optional<Worn> worn(Assessment a, Part part) {
        return part.flat()
                .map(p -> tinted(a, p)
                        .worn(MixingLaw.linear(a.species().shade(p.shade())), MixingLaw.linear(backShade(a, p))))
                .or(() -> body(a, part)
                        .map(body -> body.worn(MixingLaw.linear(
                                a.species().shade(part.shadeId().orElseThrow())))));
    }

    /** What has a shade but no bodies that are drawn is a body of no height. */
    private static Optional<TintedBody> body(Assessment a, Part part) {
        return a.form().body(part).or(() -> part.shadeId()
                .map(shade -> new TintedBody(part.colouring().orElse(Colouring.NONE), 0, 0, false)));
    }

    /** What of each colour lies on all pieces of a part, mg. */
    public static List<ColourUse> uses(Assessment a, Part part) {
        Map<ColourUse, Double> sums = new LinkedHashMap<>();
        laid(a, part)
                .forEach(use -> sums.merge(
                        new ColourUse(use.name(), use.swatch(), use.form(), 0), use.milligrams(), Double::sum));
        return sums.entrySet().stream()
                .map(sum -> sum.getKey().of(sum.getValue()))
                .toList();
    }

    private static List<ColourUse> laid(Assessment a, Part part) {
        return part.flat()
                .map(p -> tinted(a, p).uses().stream()
                        .map(use -> use.of(use.milligrams() * p.pieces().all()))
                        .toList())
                .or(() -> body(a, part).map(body -> body.uses(FlowerSurfaces.bodies(a.form(), part))))
                .orElse(List.of());
    }

    private static Tinted tinted(Assessment a, Petaled part) {
        return a.form().ring(part.id()).orElseThrow().tinted();
    }
}
