package org.crispwhorl.core.species;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Text;

/**
 * Stages at which one species is made: derived from the full flower by the rule of {@link OpenedHead}, leaves and stem kept. Each
 * is a species of its own, with its own pieces and hours, and may be changed like any other.
 */
public enum OpeningStage {
    /** Closed: the inner rings alone, small and upright. */
    @Text(label = "bud")
    BUD(0.6, 1.0 / 3, 0.25),

    /** Half open. */
    @Text(label = "half open")
    HALF(0.85, 2.0 / 3, 0.6),

    /** As designed. */
    @Text(label = "full")
    FULL(1, 1, 1);

    private final double size;
    private final double rings;
    private final double open;

    OpeningStage(double size, double rings, double open) {
        this.size = size;
        this.rings = rings;
        this.open = open;
    }

    /**
     * The species at this stage; the full flower is the species itself.
     *
     * @param faceMm how wide a species comes out, as it is made
     */
    public Species of(Species full, ToDoubleFunction<Species> faceMm) {
        if (this == FULL) {
            return full;
        }
        int there = (int) full.petaled().stream().filter(Petaled::ring).count();
        int kept = Math.max(1, (int) Math.ceil(rings * there - 1e-9));
        Species head =
                OpenedHead.of(full.withParts(full.ownParts()), new Opening(Text.Labels.of(this), 1, size, kept, open));
        List<Part> parts = new ArrayList<>();
        for (Part part : full.parts()) {
            Optional<Part> opened = head.part(part.id());
            if (opened.isPresent()) {
                parts.add(opened.get());
            } else if (!part.inHead()) {
                parts.add(part);
            }
        }
        Species stage = full.withParts(parts);
        double face = faceMm.applyAsDouble(stage);
        return stage.withName(full.name() + ", " + Text.Labels.of(this))
                .withFaceMm(Limits.within(Species.class, "faceMm", face));
    }
}
