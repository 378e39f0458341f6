package org.crispwhorl.core.assessment;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import org.crispwhorl.core.drying.Body;
import org.crispwhorl.core.drying.DryingCourse;
import org.crispwhorl.core.paste.Stage;
import org.crispwhorl.core.species.Part;

/**
 * What a flower waits for before it leaves: what is seen of every sheet is dry, every solid that stands free is firm, and what is glued
 * together is firm as the one body that it is: its inside bears nothing and is touched no more. Media that never get so far hold.
 */
final class HandOver {
    private HandOver() {}

    /**
     * @param wet what was put on the flower last, and its last rest
     * @param last the task after which nothing more is done to it
     * @param made the task in which a part is made
     * @param aloneH hours from when a part was made until that task is over
     */
    static List<Plan.Gate> of(
            Assessment a,
            List<Plan.Gate> wet,
            String last,
            Function<Part, String> made,
            ToDoubleFunction<Part> aloneH) {
        List<Plan.Gate> gates =
                new ArrayList<>(wet.stream().filter(gate -> gate.waitH() > 0).toList());
        Optional<GluedBody> fused = GluedBody.of(a);
        List<Part> enclosed = fused.isPresent() ? GluedBody.parts(a) : List.of();
        for (Part part : a.species().parts()) {
            Optional<Body> body = a.body(part);
            if (body.filter(Body::sheet).isPresent()) {
                DryingCourse free = a.course(part, body.get().freePart());
                gates.add(gate(a, made.apply(part), a.paste().furthest(Stage.DRY), free));
            } else if (body.isPresent() && !enclosed.contains(part)) {
                gates.add(gate(a, made.apply(part), a.paste().furthest(Stage.FIRM), a.course(part)));
            }
        }
        if (a.paste().furthest().compareTo(Stage.FIRM) >= 0) {
            fused.ifPresent(body -> gates.add(new Plan.Gate(
                    last, Optional.of(Stage.FIRM), body.hoursTo(Stage.FIRM, a, aloneH), Optional.empty())));
        }
        return gates;
    }

    private static Plan.Gate gate(Assessment a, String after, Stage stage, DryingCourse course) {
        double wait = course.at(stage)
                .map(r -> stage == Stage.PART_DRY ? a.spread().likelyBy(r.medianH()) : r.safeByH())
                .orElse(Double.POSITIVE_INFINITY);
        return new Plan.Gate(after, Optional.of(stage), wait, Optional.empty());
    }
}
