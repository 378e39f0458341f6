package org.crispwhorl.server.plate;

import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.assessment.Plan;
import org.crispwhorl.core.colour.Worn;
import org.crispwhorl.core.drawing.Drawing;
import org.crispwhorl.core.drying.DryingCourse;
import org.crispwhorl.core.drying.Room;
import org.crispwhorl.core.finding.Finding;
import org.crispwhorl.core.finding.Fix;
import org.crispwhorl.core.finding.Severity;
import org.crispwhorl.core.measure.Figure;
import org.crispwhorl.core.measure.MayBeInfinite;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.reckoning.Reckoning;
import org.crispwhorl.core.safety.Caution;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.species.Techniques;
import org.crispwhorl.files.document.DocumentDiff;
import org.crispwhorl.files.document.SpeciesDocument;
import tools.jackson.databind.node.ObjectNode;

/** The whole reckoning as it goes out: a mend as what it sets in the document. */
public record ReckoningView(
        List<FigureView> figures,
        List<PartView> parts,
        List<Reckoning.ShadeReckoning> shades,
        Plan plan,
        List<FindingView> findings,
        List<Caution> cautions,
        Techniques techniques,
        Drawing drawing) {

    /**
     * A figure as it goes out.
     *
     * @param why its reason, where reasons were asked for
     */
    public record FigureView(
            String key,
            Figure.Group group,
            String label,
            @MayBeInfinite double value,
            Unit unit,
            Optional<Why> why) {
        static FigureView of(Figure f, boolean reasons) {
            return new FigureView(
                    f.key(),
                    f.group(),
                    f.label(),
                    f.value(),
                    f.unit(),
                    reasons ? Optional.of(f.why()) : Optional.empty());
        }
    }

    /**
     * A part as it goes out.
     *
     * @param inShort what it is, in a few words
     * @param idle paths of what of its design changes nothing as it is
     * @param pieces how many separate pieces it has as it is made
     * @param pasteG paste in it
     * @param course of its drying, where it dries
     * @param madeH hours from the first touch at which it is made, in the plan
     * @param joinedH hours at which it is joined, where it is joined to anything
     * @param gauges what each gauge at hand would do, where it is wired
     */
    public record PartView(
            String id,
            String name,
            String inShort,
            List<String> idle,
            int pieces,
            double pasteG,
            List<FigureView> figures,
            Optional<DryingCourse> course,
            Optional<Double> madeH,
            Optional<Double> joinedH,
            List<Reckoning.GaugeRow> gauges,
            Optional<Worn> worn) {
        static PartView of(Reckoning.PartReckoning p, boolean reasons) {
            return new PartView(
                    p.id(),
                    p.name(),
                    p.inShort(),
                    p.idle(),
                    p.pieces(),
                    p.pasteG(),
                    p.figures().stream().map(f -> FigureView.of(f, reasons)).toList(),
                    p.course(),
                    p.madeH(),
                    p.joinedH(),
                    p.gauges(),
                    p.worn());
        }
    }

    /** A finding with its mends. */
    public record FindingView(
            String kind, Severity severity, Optional<String> partId, String title, Why why, List<FixView> fixes) {}

    /**
     * @param changes what it sets in the species document
     * @param room the room that it needs, where it changes the room
     */
    public record FixView(String label, List<DocumentDiff.Change> changes, Optional<Room> room) {}

    static ReckoningView of(Species species, Room room, Reckoning reckoning, boolean reasons) {
        boolean fixes = reckoning.findings().stream().anyMatch(f -> !f.fixes().isEmpty());
        ObjectNode before = fixes ? SpeciesDocument.write(species) : null;
        return new ReckoningView(
                reckoning.figures().stream().map(f -> FigureView.of(f, reasons)).toList(),
                reckoning.parts().stream().map(p -> PartView.of(p, reasons)).toList(),
                reckoning.shades(),
                reckoning.plan(),
                reckoning.findings().stream().map(f -> finding(f, before, room)).toList(),
                reckoning.cautions(),
                reckoning.techniques(),
                reckoning.drawing());
    }

    private static FindingView finding(Finding f, ObjectNode before, Room room) {
        return new FindingView(
                f.kind(),
                f.severity(),
                f.partId(),
                f.title(),
                f.why(),
                f.fixes().stream().map(m -> fix(m, before, room)).toList());
    }

    private static FixView fix(Fix fix, ObjectNode before, Room room) {
        return new FixView(
                fix.label(),
                DocumentDiff.between(before, SpeciesDocument.write(fix.species())),
                fix.room().equals(room) ? Optional.empty() : Optional.of(fix.room()));
    }
}
