package org.crispwhorl.core.reckoning;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.crispwhorl.core.drying.Body;
import org.crispwhorl.core.drying.DryingCourse;
import org.crispwhorl.core.drying.Spread;
import org.crispwhorl.core.flower.Coverage;
import org.crispwhorl.core.flower.FlowerForm;
import org.crispwhorl.core.paste.Paste;
import org.crispwhorl.core.species.Attachment;
import org.crispwhorl.core.species.Bead;
import org.crispwhorl.core.species.FineStamens;
import org.crispwhorl.core.species.Heads;
import org.crispwhorl.core.species.Heart;
import org.crispwhorl.core.species.Lump;
import org.crispwhorl.core.species.Making;
import org.crispwhorl.core.species.OpenedHead;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.species.Pieces;
import org.crispwhorl.core.species.Roll;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.species.Stage;
import org.crispwhorl.core.species.StemWrap;
import org.crispwhorl.core.species.Ways;
import org.crispwhorl.core.wire.LoadedWire;
import org.crispwhorl.core.wire.WireTable;

/**
 * A species under its conditions, as the studio's ways make it, with what is derived from both worked out when it is first
 * asked for.
 */
public final class Assessment {
    private final Species designed;
    private final Species species;
    private final Conditions conditions;
    private final Ways ways;
    private final Map<String, DryingCourse> courses = new LinkedHashMap<>();
    private FlowerForm form;
    private Coverage coverage;
    private List<OpenedHeads> opened;

    public Assessment(Species designed, Conditions conditions) {
        this.designed = designed;
        this.conditions = conditions;
        this.ways = conditions.ways().with(designed.ways());
        this.species = AsMade.of(designed, conditions.ways(), conditions.kit());
    }

    /** The species as it is made. */
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
    public Ways ways() {
        return ways;
    }

    /** The ways of a part: its own choices go before those of the species. */
    public Ways ways(Part part) {
        return part instanceof Petaled petaled
                ? petaled.pieces().ways().map(ways::with).orElse(ways)
                : ways;
    }

    /** The paste that it is made of, as the studio has it. */
    public Paste paste() {
        return conditions.kit().paste(species.medium());
    }

    /** How thick the studio's wires are. */
    public WireTable wireTable() {
        return conditions.kit().wireTable();
    }

    public FlowerForm form() {
        if (form == null) {
            form = FlowerForm.of(species, paste(), conditions.kit().wireTable());
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
    public record OpenedHeads(Heads.Opening opening, Assessment head) {}

    /** The further heads on the stem, stage by stage; empty where there are none. */
    public List<OpenedHeads> opened() {
        if (opened == null) {
            List<OpenedHeads> all = new ArrayList<>();
            species.heads().ifPresent(heads -> {
                for (Heads.Opening opening : heads.openings()) {
                    all.add(new OpenedHeads(opening, new Assessment(OpenedHead.of(species, opening), conditions)));
                }
            });
            opened = List.copyOf(all);
        }
        return opened;
    }

    /** The course of a part's drying; none where it has nothing to dry. */
    public Optional<DryingCourse> drying(Part part) {
        return dries(part) ? Optional.of(course(part)) : Optional.empty();
    }

    /** The course of the drying of a part that dries. */
    public DryingCourse course(Part part) {
        return courses.computeIfAbsent(
                part.id(),
                id -> DryingCourse.of(paste(), body(part).orElseThrow(), conditions.room(), Spread.UNRECORDED));
    }

    /** Whether a part is made of paste that has to dry. */
    public boolean dries(Part part) {
        return body(part).isPresent();
    }

    /** What of a part dries, and how far the water has to go; none where it has no paste. */
    public Optional<Body> body(Part part) {
        if (part instanceof Heads) {
            return slowest();
        }
        if (lumps(part).isEmpty()) {
            return Optional.empty();
        }
        if (part instanceof Petaled petaled) {
            Pieces pieces = petaled.pieces();
            double thickest = pieces.making().thicknessAt(0, pieces.outline(), paste());
            return Optional.of(Body.sheet(thickest, pieces.drying()));
        }
        if (part instanceof Heart heart) {
            return Optional.of(Body.solid(heart.form().volumeMm3(), heart.form().surfaceMm2()));
        }
        if (part instanceof FineStamens fine) {
            return Optional.of(Body.of(fine.thickMm() * SPINDLE));
        }
        if (part instanceof Bead bead) {
            return Optional.of(Body.solid(volumeMm3(part), bead.surfaceMm2()));
        }
        if (part instanceof Roll roll) {
            return Optional.of(Body.solid(volumeMm3(part), roll.surfaceMm2()));
        }
        StemWrap wrap = (StemWrap) part;
        return Optional.of(Body.solid(volumeMm3(part), Math.PI * wrap.toMm() * wrap.overMm()));
    }

    /** Volume ÷ surface of a long spindle in its thickness: (πld²/6) ÷ (π²ld/4). */
    private static final double SPINDLE = 2 / (3 * Math.PI);

    /** Further heads are dry when the slowest part of any of them is. */
    private Optional<Body> slowest() {
        Body slowest = null;
        for (OpenedHeads heads : opened()) {
            for (Part part : heads.head().species().parts()) {
                Optional<Body> body = heads.head().body(part);
                if (body.isPresent() && (slowest == null || body.get().firstMm() > slowest.firstMm())) {
                    slowest = body.get();
                }
            }
        }
        return Optional.ofNullable(slowest);
    }

    /** The paste of a part, lump by lump. */
    public List<Lump> lumps(Part part) {
        if (part instanceof Heads) {
            List<Lump> all = new ArrayList<>();
            for (OpenedHeads heads : opened()) {
                for (Part own : heads.head().species().parts()) {
                    for (Lump lump : heads.head().lumps(own)) {
                        all.add(new Lump(
                                lump.shade(),
                                lump.volumeMm3(),
                                lump.count() * heads.opening().count()));
                    }
                }
            }
            return all;
        }
        if (part instanceof StemWrap wrap) {
            double paste = wrap.pasteMm3(form().bareStemMm());
            return paste > 0 ? List.of(new Lump(wrap.shade(), paste, 1)) : List.of();
        }
        return part.lumps(paste());
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
            for (Lump lump : lumps(part)) {
                volume += lump.shade().equals(shade) ? lump.volumeMm3() * lump.count() : 0;
            }
        }
        return paste().grams(volume);
    }

    /** Mass of one whole head with its paste, leaves and what else stands on the stem left out, g. */
    public double headG() {
        return species.parts().stream()
                .filter(p -> !(p instanceof Heads))
                .mapToDouble(this::pasteG)
                .sum();
    }

    /** The load that a wired piece puts on its wire; it ends at the base, so the centre of mass lies beyond. */
    public LoadedWire load(Petaled part, Attachment.Wired wired) {
        return new LoadedWire(pieceG(part), part.pieces().finished().centroidMm(), wired.freeMm());
    }

    /** Whether a part is made in one with others of its ring, so that one breaks with all. */
    public static boolean madeInOne(Petaled part) {
        return !(part.pieces().making() instanceof Making.Sheet)
                && part.pieces().units() == 1;
    }

    /** Whether a part is joined to the flower while it still bends. */
    public static boolean joinedWhileItBends(Part part) {
        return part instanceof Petaled p && p.pieces().joinAt().compareTo(Stage.FIRM) < 0;
    }
}
