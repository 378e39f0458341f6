package org.crispwhorl.core.drawing;

import static org.crispwhorl.core.drawing.Draughting.round;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.crispwhorl.core.form.FlowerForm;
import org.crispwhorl.core.solid.Scatter;
import org.crispwhorl.core.species.Heads;
import org.crispwhorl.core.species.OpenedHead;
import org.crispwhorl.core.species.Opening;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Species;

/** Draws a stem of many heads from the side, each head in the size and at the angle that was computed for it. */
final class HabitDraughting {
    private HabitDraughting() {}

    static Optional<Drawing.Habit> of(FlowerForm flower) {
        return flower.species().heads().map(heads -> habit(flower, heads));
    }

    private static Drawing.Habit habit(FlowerForm flower, Heads heads) {
        Species species = flower.species();
        List<String> names = new ArrayList<>();
        List<FlowerForm> forms = new ArrayList<>();
        for (Opening opening : heads.openings()) {
            names.add(opening.name());
            forms.add(flower.another(OpenedHead.of(species, opening)));
        }
        names.add(species.name());
        forms.add(flower.another(OpenedHead.full(species)));
        List<Drawing.HabitHead> drawn = new ArrayList<>();
        double tip = 0;
        for (int head = 0; head <= heads.pieceCount(); head++) {
            int opening = head == 0 ? names.size() - 1 : heads.openings().indexOf(heads.opening(head));
            Drawing.HabitHead one = head(heads, head, opening, forms.get(opening));
            drawn.add(one);
            tip = Math.max(tip, one.jointMm());
        }
        return new Drawing.Habit(
                round(tip),
                round(heads.stemMm()),
                names,
                forms.stream().map(SideView::ofHead).toList(),
                drawn,
                joints(flower, heads));
    }

    /** What stands at the joints of heads, on the side away from the head. */
    private static List<Drawing.Stroke> joints(FlowerForm flower, Heads heads) {
        List<Drawing.Stroke> strokes = new ArrayList<>();
        for (Part part : flower.species().parts()) {
            part.atJoints(flower.wireTable()).ifPresent(stands -> IntStream.rangeClosed(1, heads.pieceCount())
                    .filter(stands::at)
                    .mapToObj(head -> stroke(part, stands, heads, head))
                    .forEach(strokes::add));
        }
        return strokes;
    }

    private static Drawing.Stroke stroke(Part part, Part.AtJoints stands, Heads heads, int head) {
        List<double[]> path = stands.body().path();
        double side = side(heads, head) < 0 ? 1 : -1;
        double[] points = new double[2 * path.size()];
        for (int i = 0; i < path.size(); i++) {
            points[2 * i] = round(side * path.get(i)[0]);
            points[2 * i + 1] = round(heads.stemMm() + heads.heightMm(head) + path.get(i)[2]);
        }
        return new Drawing.Stroke(part.id(), round(stands.body().thickMm()), points);
    }

    private static Drawing.HabitHead head(Heads heads, int head, int opening, FlowerForm form) {
        double springs = heads.stemMm() + heads.heightMm(head);
        double joint = heads.wireCuts().isEmpty() ? 0 : springs;
        double side = side(heads, head);
        double out = side * Math.sin(Math.toRadians(heads.angleDeg(head)));
        double up = Math.cos(Math.toRadians(heads.angleDeg(head)));
        return new Drawing.HabitHead(
                opening,
                round(joint),
                round(heads.stalkMm(head) * out),
                round(springs + heads.stalkMm(head) * up),
                round(Math.toDegrees(Math.atan2(out, up))),
                round(form.faceMm()),
                round(form.heightMm()));
    }

    /**
     * How far to the right (1) or left (−1) of the stem a head is seen: a spray stands in two ranks; a spike and a cluster
     * go round by the golden angle, of which the side view keeps the sine.
     */
    private static double side(Heads heads, int head) {
        return heads.arrangement() == Heads.Arrangement.SPRAY
                ? (head % 2 == 0 ? 1 : -1)
                : Math.cos(Math.toRadians(Scatter.GOLDEN_DEG) * head);
    }
}
