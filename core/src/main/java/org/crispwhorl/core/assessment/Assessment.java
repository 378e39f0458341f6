package org.crispwhorl.core.assessment;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.crispwhorl.core.drying.Body;
import org.crispwhorl.core.drying.DryingCourse;
import org.crispwhorl.core.drying.Room;
import org.crispwhorl.core.drying.Spread;
import org.crispwhorl.core.form.Coverage;
import org.crispwhorl.core.form.FlowerForm;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.paste.Paste;
import org.crispwhorl.core.species.Attachment;
import org.crispwhorl.core.species.BuildContext;
import org.crispwhorl.core.species.OpenedHead;
import org.crispwhorl.core.species.Opening;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.species.Portion;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.species.Techniques;
import org.crispwhorl.core.studio.AppliedTechniques;
import org.crispwhorl.core.studio.Conditions;
import org.crispwhorl.core.studio.Watched;
import org.crispwhorl.core.wire.LoadedWire;
import org.crispwhorl.core.wire.WireTable;
import org.crispwhorl.core.work.Steps;

/**
 * A species under its conditions, as the studio's ways make it, with what is derived from both worked out when it is first
 * asked for.
 */
public final class Assessment implements BuildContext {
    private final Species designed;
    private final Species species;
    private final Conditions conditions;
    private final Techniques techniques;
    private final Map<String, DryingCourse> courses = new LinkedHashMap<>();
    private final Map<String, Steps> makings = new HashMap<>();
    private final Map<String, Steps> joinings = new HashMap<>();
    private Map<String, String> kneadedFor;
    private FlowerForm form;
    private Coverage coverage;
    private final Paste paste;
    private List<OpenedHeads> opened;
    private Optional<HeadsTasks> headsTasks;

    public Assessment(Species designed, Conditions conditions) {
        this.designed = designed;
        this.conditions = conditions;
        this.techniques = conditions.techniques().with(designed.techniques());
        this.species = AppliedTechniques.of(designed, conditions.techniques(), conditions.kit());
        this.paste = conditions.kit().paste(species.medium());
    }

    @Override
    public Species species() {
        return species;
    }

    /** The species as it is designed, before the studio's ways. */
    public Species designed() {
        return designed;
    }

    public Conditions conditions() {
        return conditions;
    }

    /** The ways of the species: its own choices where it makes any, else the studio's. */
    public Techniques techniques() {
        return techniques;
    }

    @Override
    public Techniques techniques(Part part) {
        return part.choices().map(techniques::with).orElse(techniques);
    }

    @Override
    public Paste paste() {
        return paste;
    }

    @Override
    public WireTable wireTable() {
        return conditions.kit().wireTable();
    }

    @Override
    public double bareStemMm() {
        return form().bareStemMm();
    }

    public FlowerForm form() {
        if (form == null) {
            form = FlowerForm.of(species, paste, conditions.kit().wireTable());
        }
        return form;
    }

    public Coverage coverage() {
        if (coverage == null) {
            coverage = Coverage.of(form());
        }
        return coverage;
    }

    /**
     * Heads at one stage of opening, reckoned as a species of their own.
     *
     * @param opening the stage and how many heads are at it
     * @param head one of them
     */
    public record OpenedHeads(Opening opening, Assessment head) implements OpenHeads {}

    @Override
    public List<OpenedHeads> opened() {
        if (opened == null) {
            List<OpenedHeads> all = new ArrayList<>();
            species.heads().ifPresent(heads -> {
                for (Opening opening : heads.openings()) {
                    all.add(new OpenedHeads(opening, new Assessment(OpenedHead.of(species, opening), conditions)));
                }
            });
            opened = List.copyOf(all);
        }
        return opened;
    }

    @Override
    public Steps makingHeads() {
        return headsTasks().map(HeadsTasks::steps).orElse(Steps.NONE);
    }

    /** The work on the further heads; none where there are none. */
    Optional<HeadsTasks> headsTasks() {
        if (headsTasks == null) {
            headsTasks = HeadsTasks.of(this);
        }
        return headsTasks;
    }

    /** How sure its drying is. */
    public Spread spread() {
        return conditions.kit().spread(species.medium());
    }

    /** Rate of skinning over what is reckoned, as far as it was watched. */
    private double skinsFaster() {
        return conditions
                .kit()
                .watched(species.medium(), Watched.DryingClock.SKIN)
                .map(Watched::factor)
                .orElse(1.0);
    }

    /** The course of a part's drying; none where it has nothing to dry. */
    public Optional<DryingCourse> drying(Part part) {
        return dries(part) ? Optional.of(course(part)) : Optional.empty();
    }

    /** The course of the drying of a part that dries. */
    public DryingCourse course(Part part) {
        return courses.computeIfAbsent(part.id(), id -> course(part, body(part).orElseThrow()));
    }

    /** The course of the drying of something else where a part dries. */
    DryingCourse course(Part part, Body body) {
        return DryingCourse.of(paste(), body, room(part), spread(), skinsFaster());
    }

    /** What hands do to make a part, its paste kneaded already. */
    Steps making(Part part) {
        return makings.computeIfAbsent(part.id(), id -> part.making(this).glued(glue(part)));
    }

    /** What hands do to join a part. */
    Steps joining(Part part) {
        return joinings.computeIfAbsent(part.id(), id -> part.joining(this).glued(glue(part)));
    }

    private String glue(Part part) {
        return Text.Labels.of(techniques(part).glue());
    }

    /** For which part each shade is kneaded: the first that is made of it, by its id. */
    Map<String, String> kneadedFor() {
        if (kneadedFor == null) {
            Map<String, String> first = new LinkedHashMap<>();
            Work.inOrder(this).forEach(part -> lumps(part).forEach(lump -> first.putIfAbsent(lump.shade(), part.id())));
            kneadedFor = first;
        }
        return kneadedFor;
    }

    /** The air in which a part dries. */
    public Room room(Part part) {
        return in(techniques(part).driesIn());
    }

    /** The air in which the flower dries once it is put together. */
    public Room roomOfFlower() {
        return in(techniques.driesIn());
    }

    private Room in(Techniques.DriesIn where) {
        return where == Techniques.DriesIn.OPEN ? conditions.room().open() : conditions.room();
    }

    /** Whether a part is made of paste that has to dry. */
    public boolean dries(Part part) {
        return body(part).isPresent();
    }

    /** What of a part dries, and how far the water has to go; none where it has no paste. */
    public Optional<Body> body(Part part) {
        return part.drying(this);
    }

    /** The paste of a part, lump by lump. */
    public List<Portion> lumps(Part part) {
        return part.lumps(this);
    }

    private double volumeMm3(Part part) {
        return lumps(part).stream().mapToDouble(l -> l.volumeMm3() * l.count()).sum();
    }

    /** Mass of paste in a part of one flower, g. */
    public double pasteG(Part part) {
        return paste().grams(volumeMm3(part));
    }

    /** Mass of paste in one piece of a part on the mean, g. */
    public double pieceG(Part part) {
        return pasteG(part) / part.pieceCount();
    }

    /** Paste of one shade in one flower, g. */
    public double shadeG(String shade) {
        double volume = 0;
        for (Part part : species.parts()) {
            for (Portion lump : lumps(part)) {
                volume += lump.shade().equals(shade) ? lump.volumeMm3() * lump.count() : 0;
            }
        }
        return paste().grams(volume);
    }

    /** Mass of one whole head with its paste, leaves and what else stands on the stem left out, g. */
    public double headG() {
        return species.ownParts().stream().mapToDouble(this::pasteG).sum();
    }

    /** The load that a wired piece puts on its wire; it ends at the base, so the centre of mass lies beyond. */
    public LoadedWire load(Petaled part, Attachment.Wired wired) {
        return new LoadedWire(
                pieceG(part),
                part.pieces().finished().centroidMm(),
                wired.freeMm(),
                part.pieces().opensDeg());
    }

    /** Whether a part is joined to the flower while it is soft or still bends. */
    public boolean joinedWhileItBends(Part part) {
        return part.joins(this).whileItBends();
    }
}
