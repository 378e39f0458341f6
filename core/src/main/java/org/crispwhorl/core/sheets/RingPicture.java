package org.crispwhorl.core.sheets;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.assessment.Coloured;
import org.crispwhorl.core.drawing.Draughting;
import org.crispwhorl.core.drawing.Drawing;
import org.crispwhorl.core.species.Part;

/** The flower from above as it stands once a part has gone on: that part in its colour, what was there before in pale lines. */
final class RingPicture {
    private static final int CORNERS = 32;
    private static final double TENTHS = 10;

    private final Assessment a;
    private final Part part;
    private final Set<String> there = new HashSet<>();
    private final List<Block.Turned> shapes = new ArrayList<>();
    private double radiusMm = 1;

    private RingPicture(Assessment a, Part part) {
        this.a = a;
        this.part = part;
        for (Part one : a.species().parts()) {
            there.add(one.id());
            if (one.id().equals(part.id())) {
                break;
            }
        }
    }

    /** None where the part is not seen from above. */
    static Optional<Block> of(Assessment a, Part part) {
        Drawing.Face face = Draughting.of(a.form()).face();
        boolean seen = face.rings().stream().anyMatch(ring -> ring.partId().equals(part.id()));
        return seen ? Optional.of(new RingPicture(a, part).drawn(face)) : Optional.empty();
    }

    private Block drawn(Drawing.Face face) {
        face.rings().forEach(this::ring);
        for (Drawing.CentreDisc disc : face.discs()) {
            if (there.contains(disc.partId())) {
                add(disc.partId(), round(disc.radiusMm()), new double[] {0});
            }
        }
        return new Block.FlowerDrawn(part.name() + ", once it is on, from above", radiusMm, shapes);
    }

    private void ring(Drawing.DrawnRing ring) {
        if (there.contains(ring.partId())) {
            double[] shape = new double[ring.outline().length];
            for (int i = 0; i + 1 < shape.length; i += 2) {
                shape[i] = tenths(ring.outline()[i + 1]);
                shape[i + 1] = tenths(-ring.outline()[i]);
            }
            add(ring.partId(), shape, ring.azimuths());
        }
    }

    private void add(String partId, double[] shape, double[] turns) {
        for (int i = 0; i + 1 < shape.length; i += 2) {
            radiusMm = Math.max(radiusMm, Math.hypot(shape[i], shape[i + 1]));
        }
        shapes.add(new Block.Turned(shape, turns, partId.equals(part.id()) ? colour() : Optional.empty()));
    }

    private Optional<String> colour() {
        return Coloured.worn(a, part).map(worn -> part.ring() ? worn.middle() : worn.paste());
    }

    private static double[] round(double radiusMm) {
        double[] shape = new double[2 * CORNERS];
        for (int i = 0; i < CORNERS; i++) {
            shape[2 * i] = tenths(radiusMm * Math.cos(2 * Math.PI * i / CORNERS));
            shape[2 * i + 1] = tenths(radiusMm * Math.sin(2 * Math.PI * i / CORNERS));
        }
        return shape;
    }

    private static double tenths(double mm) {
        return Math.round(TENTHS * mm) / TENTHS;
    }
}
