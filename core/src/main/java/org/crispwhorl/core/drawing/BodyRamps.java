package org.crispwhorl.core.drawing;

import java.util.List;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.IntStream;
import org.crispwhorl.core.colour.TintedBody;
import org.crispwhorl.core.form.FlowerForm;
import org.crispwhorl.core.paste.MixingLaw;
import org.crispwhorl.core.solid.Solid;
import org.crispwhorl.core.species.Part;

/** How the colours of bodies that are coloured by zones change over them. */
final class BodyRamps {
    private static final int STEPS = 16;

    private BodyRamps() {}

    /** Upwards, as a section shows it. */
    static List<Drawing.Ramp> upwards(FlowerForm form) {
        return form.species().parts().stream()
                .flatMap(part -> graded(form, part).stream()
                        .map(body -> ramp(form, part, body, body.lowMm(), body.topMm(), z -> z)))
                .toList();
    }

    /** Outwards, as it is seen from above: at each radius the colour of the highest place that reaches so far. */
    static List<Drawing.Ramp> outwards(FlowerForm form) {
        return form.species().parts().stream()
                .filter(Part::inHead)
                .flatMap(part -> graded(form, part).stream().map(body -> {
                    List<Solid> solids = form.solids(part);
                    double reach =
                            solids.stream().mapToDouble(Solid::reachMm).max().orElse(0);
                    return ramp(form, part, body, 0, reach, r -> solids.stream()
                            .mapToDouble(s -> s.topAt(r))
                            .max()
                            .orElse(0));
                }))
                .toList();
    }

    private static Optional<TintedBody> graded(FlowerForm form, Part part) {
        return form.body(part).filter(TintedBody::graded);
    }

    /** @param heightAt the height that is seen so far along */
    private static Drawing.Ramp ramp(
            FlowerForm form, Part part, TintedBody body, double from, double to, DoubleUnaryOperator heightAt) {
        double[] paste = MixingLaw.linear(form.species().shade(part.shadeId().orElseThrow()));
        List<String> colours = IntStream.rangeClosed(0, STEPS)
                .mapToObj(i -> heightAt.applyAsDouble(from + (to - from) * i / STEPS))
                .map(z -> MixingLaw.hex(body.at(paste, z)))
                .toList();
        return new Drawing.Ramp(part.id(), Draughting.round(from), Draughting.round(to), colours);
    }
}
