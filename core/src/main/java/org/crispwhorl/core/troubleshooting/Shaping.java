package org.crispwhorl.core.troubleshooting;

import java.util.Optional;
import org.crispwhorl.core.assessment.Work;
import org.crispwhorl.core.drying.DryingCourse;
import org.crispwhorl.core.drying.SkinClock;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.paste.Stage;
import org.crispwhorl.core.species.Attachment;
import org.crispwhorl.core.species.Centre;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Pieces;
import org.crispwhorl.core.studio.BatchLimits;

/** What goes wrong while pieces are shaped, wired and held. */
final class Shaping {
    /** Thinner than this most pastes tear at the edge, mm. */
    private static final double THIN_MM = 0.45;

    /** A wire holds when it goes in for this share of a piece. */
    private static final double HELD_SHARE = 1.0 / 3;

    /** A piece that leans out by more than this lies rather than stands, degrees. */
    private static final double LIES_DEG = 55;

    /** What is glued for more than this share of its length cannot open. */
    private static final double FAR_UP = 0.7;

    private final Signs s;

    Shaping(Signs signs) {
        this.s = signs;
    }

    void cracked() {
        double openH = s.medianH(Stage.SKINNED).orElse(Double.POSITIVE_INFINITY);
        Optional<BatchLimits> batches = s.part.flatMap(Part::flat).map(p -> Work.batches(s.a, p));
        double shapedH = batches.map(l -> l.largest() * l.perPieceMin() / 60).orElse(0.0);
        boolean covered = s.a.conditions().kit().covered();
        s.may(
                "It had skinned before it was shaped.",
                Double.isInfinite(openH)
                        ? "What sets by cooling stiffens in the hand instead."
                        : "At " + s.air() + " a face skins in " + Signs.minutes(openH) + " uncovered, "
                                + Signs.minutes(SkinClock.COVER * openH) + " under a cover; a batch of this part is "
                                + Signs.minutes(shapedH) + " in the hands.",
                "Smooth a hair of a crack with a damp fingertip; knead what is not coloured in again with a little white fat.",
                covered
                        ? "Take out from under the cover only what is in the hands, and close it each time."
                        : "Keep cut pieces under a cover, and roll smaller batches.",
                Signs.MAY_BE + s.answered(0) + s.answered(1) + Signs.where(shapedH > openH));
        double thin = s.pieces()
                .map(p -> p.edge().bandMm() > 0
                        ? Math.min(p.edge().toMm(), p.finishedMm(s.a.paste()))
                        : p.finishedMm(s.a.paste()))
                .orElse(1.0);
        s.may(
                "Its edge was thinned further than the paste bears.",
                s.pieces().isPresent()
                        ? "Its edge is wanted " + Unit.FINE_MM.write(thin) + " thick."
                        : "Most pastes tear when they are thinned below " + Unit.FINE_MM.write(THIN_MM) + ".",
                "Trim the edge back behind the crack, or tear the whole edge so that it looks meant.",
                "Leave the edge at " + Unit.FINE_MM.write(Math.max(thin, THIN_MM))
                        + ", and work it on a firm pad with a little fat on the tool.",
                Signs.MAY_BE + s.answered(0) + Signs.where(thin < THIN_MM));
        s.course()
                .flatMap(DryingCourse::window)
                .ifPresent(window -> s.may(
                        "It was bent after its window had closed.",
                        "It bends from " + Signs.minutes(window.opensH()) + " to " + Signs.minutes(window.closesH())
                                + " after it was made at " + s.air() + s.byTheBook() + ".",
                        "Leave it as flat as it is and set it where it need not bend.",
                        "Set a timer when it is laid down, and make no more than can be set in that time.",
                        Signs.MAY_BE + 2 * s.answered(1) + s.found("window-missed")));
        s.may(
                "It dried faster outside than inside.",
                "Air " + Text.Labels.of(s.room().air().getClass()) + " at " + s.air()
                        + "; its thickest place is dry after "
                        + s.medianH(Stage.DRY).map(Signs::minutes).orElse("a time that never comes") + ".",
                "A crack that has dried can be filled with paste let down with water, and coloured over.",
                "Dry it slower: still air, out of the sun, turned over once.",
                Signs.MAY_BE + 2 * s.answered(2) + Signs.where(s.room().air().rate() > 1));
    }

    void fellBack() {
        String as = s.pieces().map(p -> Text.Labels.of(p.joining().as())).orElse("soft");
        s.may(
                "It was joined before it could hold itself.",
                "It is joined " + as + "; it bends until "
                        + s.course()
                                .flatMap(DryingCourse::window)
                                .map(w -> Signs.minutes(w.closesH()))
                                .orElse("it is firm")
                        + " and is firm after "
                        + s.medianH(Stage.FIRM).map(Signs::minutes).orElse("a time that never comes") + " at " + s.air()
                        + s.byTheBook() + ".",
                "Prop it from below with a twist of tissue until it holds; count the tissue in and out.",
                "Wait until a piece held by its foot keeps its shape, or lay it in a former until then.",
                Signs.MAY_BE + 2 * s.answered(0) + s.answered(1));
        s.may(
                "Its wire is too thin for it.",
                s.finding("wire-too-thin").map(f -> f.title() + ".").orElse("Its wire bears it by what is reckoned."),
                "Lay a second wire along the first and tape both.",
                s.finding("wire-too-thin").isPresent()
                        ? "Take the gauge that the plate names."
                        : "Keep the gauge; look for another cause.",
                s.answered(0) + s.answered(1) + s.found("wire-too-thin"));
        s.may(
                "It was not firm right through.",
                "Nine of ten are firm after "
                        + s.course()
                                .flatMap(c -> c.at(Stage.FIRM))
                                .map(r -> Signs.minutes(r.safeByH()))
                                .orElse("a time that never comes")
                        + " at " + s.air() + s.byTheBook() + ".",
                "Hang it head down where air moves, and leave it until it rings when it is tapped.",
                "Wait for the safe time of the plate and not for the usual one.",
                Signs.MAY_BE + 2 * s.answered(2) + Signs.where(Surfaces.nearlyTooDamp(s)));
        double lean = s.pieces().map(Pieces::opensDeg).orElse(0.0);
        s.may(
                "Nothing held it while it dried.",
                "It opens by " + Unit.DEGREE.write(lean) + " and lies "
                        + s.pieces()
                                .map(p -> Text.Labels.of(p.drying().getClass()))
                                .orElse("free") + ".",
                "Hang the flower head down: the weight then closes it.",
                "Hang it, or stand it in a cup, until it is firm.",
                Signs.MAY_BE + s.answered(1) + Signs.where(lean > LIES_DEG));
    }

    void slumped() {
        s.may(
                "It was taken out before it could hold.",
                "It is firm after " + s.medianH(Stage.FIRM).map(Signs::minutes).orElse("a time that never comes")
                        + " at " + s.air() + s.byTheBook() + ".",
                "Damp its back a little, lay it back in its former and leave it twice as long.",
                "Leave it until the safe time; turn it out when its rim holds, so that its back dries too.",
                Signs.MAY_BE + 2 * s.answered(1));
        s.may(
                "Its former is not its shape.",
                s.finding("former-too-small")
                        .or(() -> s.finding("former-misfit"))
                        .map(f -> f.title() + ".")
                        .orElse("By what is reckoned its former fits."),
                "Fill the hollow under it with a twist of tissue.",
                "Choose a former whose rim is as wide as the piece.",
                s.answered(0) + s.found("former-too-small") + s.found("former-misfit"));
        s.may(
                "It is too heavy for how thin it is, or was too soft to be laid.",
                s.pieces()
                        .map(p -> "It is " + Unit.FINE_MM.write(p.finishedMm(s.a.paste())) + " thick, and skins in "
                                + s.medianH(Stage.SKINNED).map(Signs::minutes).orElse("a moment") + ".")
                        .orElse("Large thin pieces slump most."),
                "Prop its rim until it holds.",
                "Let it skin for a few minutes before it is laid.",
                Signs.MAY_BE + 2 * s.answered(0));
    }

    void closed() {
        double glued = s.pieces().map(p -> p.attachment().gluedShare()).orElse(0.0);
        s.may(
                "It hung before its petals had been opened and held.",
                "Hung head down, soft petals fall towards the centre; they bend until "
                        + s.course()
                                .flatMap(DryingCourse::window)
                                .map(w -> Signs.minutes(w.closesH()))
                                .orElse("they are firm")
                        + ".",
                "While they bend: stand it up and open them over a twist of tissue. Once firm they stay.",
                "Hang only the inner rings; stand the outer ones in a cup.",
                Signs.MAY_BE + 2 * s.answered(0));
        s.may(
                "It is glued further up than it opens.",
                glued > 0
                        ? "As designed it is glued up to " + Unit.PERCENT.write(100 * glued) + " of its length."
                        : "As designed it is free from its base.",
                "Loosen it with the tip of a knife down to where it should open, while the glue is soft.",
                "Glue the foot alone, and turn the tip over a stick before it is set.",
                Signs.MAY_BE + s.answered(1) + Signs.where(glued > FAR_UP));
    }

    void turned() {
        Optional<Attachment.Wired> wired = s.pieces().flatMap(Pieces::wired);
        double length = s.pieces().map(p -> p.finished().lengthMm()).orElse(0.0);
        wired.ifPresentOrElse(
                w -> {
                    s.may(
                            "The wire goes in too short a way.",
                            "It goes in for " + Unit.MM.write(w.wireInsideMm()) + " of " + Unit.MM.write(length) + ".",
                            "Draw it out, dip its end in glue and push it in further while the foot is soft; of a dry piece glue the foot to its wire with paste let down with water.",
                            "Let it go in for a third to a half of the piece.",
                            Signs.MAY_BE + s.answered(0) + Signs.where(w.wireInsideMm() < HELD_SHARE * length));
                    s.may(
                            "It went in dry, or after the ridge had skinned.",
                            "The face skins in "
                                    + s.medianH(Stage.SKINNED)
                                            .map(Signs::minutes)
                                            .orElse("a moment") + " at " + s.air() + ".",
                            "Glue the foot round the wire and pinch it, then leave it to dry.",
                            "Moisten the wire with glue and wire each piece before it is thinned.",
                            Signs.MAY_BE + s.answered(0));
                },
                () -> s.may(
                        "It has no wire of its own.",
                        s.part.map(p -> "The " + p.name() + " are held by what they are set on.")
                                .orElse("Choose the s.part."),
                        "Set it anew with fresh glue on a dry foot.",
                        "Wire it where it has to bear its own weight.",
                        s.answered(0)));
        Optional<Centre> centre = s.a.species().centre();
        double hook = centre.map(Centre::hookMm).orElse(0.0);
        s.may(
                hook > 0 ? "The hook of the centre is too small, or went in dry." : "The centre's wire has no hook.",
                centre.map(h -> "Its hook is " + Unit.MM.write(hook) + " in a centre "
                                + Unit.MM.write(h.form().heightMm()) + " high.")
                        .orElse("It has no centre."),
                "Draw the wire down, glue the hook and pull it back in; warm it a little first if the centre is dry.",
                "Bend a closed hook of a third of the centre's height, wet it with glue, and pull it in until it is gone.",
                Signs.MAY_BE
                        + s.answered(1)
                        + Signs.where(s.answered(1) > 0
                                && centre.map(h -> hook < h.form().heightMm() / 3)
                                        .orElse(false)));
    }
}
