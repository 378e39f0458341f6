package org.crispwhorl.core.flower;

import java.util.ArrayList;
import java.util.List;
import org.crispwhorl.core.centre.StamenRing;
import org.crispwhorl.core.paste.MixingLaw;
import org.crispwhorl.core.species.Bead;
import org.crispwhorl.core.species.FineStamens;
import org.crispwhorl.core.species.Heart;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Pistil;
import org.crispwhorl.core.species.Roll;
import org.crispwhorl.core.species.ShadedPart;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.species.Stamens;

/**
 * The surfaces of a flower in the round. Petals are the very surfaces from which section, face and coverage are taken; an edge
 * that is thinned and frilled is ruffled as its thinning asks.
 */
public final class FlowerSurfaces {
    /** Colour of wire wound with tape. */
    private static final String STEM_COLOUR = "#4f6140";

    /** Bars and small bodies are as round as this. */
    private static final int ROUND = 10;

    private static final int SOLID_ROUND = 28;
    private static final int SOLID_ROWS = 14;

    private final FlowerForm form;
    private final Detail detail;

    private FlowerSurfaces(FlowerForm form, Detail detail) {
        this.form = form;
        this.detail = detail;
    }

    /**
     * How finely petals are meshed.
     *
     * @param stations rows from base to tip
     * @param across columns on each side of the midrib
     */
    public record Detail(int stations, int across) {
        /** As fine as areas and the view from above are compared. */
        public static final Detail FINE = new Detail(32, 10);

        /** As fine as the eye asks on a screen, and no finer, so that it turns smoothly. */
        public static final Detail SCREEN = new Detail(12, 4);
    }

    /** The meshes of a flower, one for each part that can be seen. */
    public static List<Mesh> of(FlowerForm form, Detail detail) {
        return new FlowerSurfaces(form, detail).meshes();
    }

    private List<Mesh> meshes() {
        List<Mesh> meshes = new ArrayList<>();
        Species species = form.species();
        for (PlacedRing ring : form.rings()) {
            MeshDraft draft = new MeshDraft();
            pieces(draft, ring);
            add(meshes, draft, ring.part().id(), colour(ring.part()));
        }
        for (Part part : species.parts()) {
            MeshDraft draft = new MeshDraft();
            if (part instanceof Heart heart) {
                draft.turned(
                        0, 0, heart.seatMm(), heart.form().heightMm(), heart.form()::radiusAt, SOLID_ROWS, SOLID_ROUND);
            } else if (part instanceof Roll roll) {
                draft.turned(0, 0, 0, roll.from().heightMm(), z -> roll.radiusMm(), 1, SOLID_ROUND);
            } else if (part instanceof Bead bead) {
                double foot = bead.seatMm() - bead.longMm();
                draft.turned(0, 0, foot, bead.longMm(), z -> bead.radiusAt(z + foot), SOLID_ROWS, SOLID_ROUND);
            } else if (part instanceof Stamens stamens) {
                stamens(draft, stamens);
            } else if (part instanceof FineStamens fine) {
                fineStamens(draft, fine);
            } else if (part instanceof Pistil pistil) {
                pistil(draft, pistil);
            }
            if (part instanceof ShadedPart shaded) {
                add(meshes, draft, part.id(), colour(shaded));
            }
        }
        MeshDraft stem = new MeshDraft();
        double longMm = species.heart().map(Heart::stemMm).orElse(0.0);
        if (longMm > 0) {
            stem.bar(new double[] {0, 0, -longMm}, new double[] {0, 0, 0}, form.stemMm() / 2, ROUND);
        }
        add(meshes, stem, "stem", STEM_COLOUR);
        return meshes;
    }

    private static void add(List<Mesh> meshes, MeshDraft draft, String partId, String colour) {
        if (!draft.isEmpty()) {
            meshes.add(draft.made(partId, colour));
        }
    }

    private String colour(ShadedPart part) {
        return MixingLaw.colour(form.species().shade(part.shade()));
    }

    private void pieces(MeshDraft draft, PlacedRing ring) {
        PlacedRing.Piece piece = ring.piece(detail.stations(), detail.across(), form.paste());
        double[] azimuths = ring.azimuthsRad();
        for (int k = 0; k < azimuths.length; k++) {
            draft.placed(piece.points(), piece.triangles(), azimuths[k], -ring.belowMm(k));
        }
    }

    private static void stamens(MeshDraft draft, Stamens stamens) {
        double[] places = new StamenRing(stamens).places();
        for (int i = 0; i < places.length; i += 2) {
            double[] head = {places[i], places[i + 1], stamens.standMm()};
            draft.bar(new double[] {0, 0, 0}, head, stamens.threadMm() / 2, 4);
            ball(draft, head, stamens.headMm(), stamens.headMm());
        }
    }

    private void fineStamens(MeshDraft draft, FineStamens fine) {
        double wire = form.wireTable().diameterMm(fine.gauge());
        for (int i = 0; i < fine.count(); i++) {
            boolean longer = i == 0 && fine.longerMm() > 0;
            double turn = 2 * Math.PI * i / fine.count();
            double out = longer ? fine.ringMm() / 2 : fine.ringMm();
            double[] tip = {out * Math.cos(turn), out * Math.sin(turn), fine.standMm() + (longer ? fine.longerMm() : 0)
            };
            draft.bar(new double[] {0, 0, 0}, tip, wire / 2, 5);
            ball(draft, tip, fine.thickMm(), fine.antherMm());
        }
    }

    private static void pistil(MeshDraft draft, Pistil pistil) {
        double[] top = {0, 0, pistil.styleMm()};
        draft.bar(new double[] {0, 0, 0}, top, pistil.strandMm() / 2, ROUND);
        double curl = Math.toRadians(pistil.curlDeg());
        for (int i = 0; i < pistil.stigmas(); i++) {
            double turn = 2 * Math.PI * i / pistil.stigmas();
            double[] from = top;
            for (int k = 1; k <= CURL_STEPS; k++) {
                double angle = curl * (k - 0.5) / CURL_STEPS;
                double step = pistil.stigmaMm() / CURL_STEPS;
                double out = step * Math.sin(angle);
                double[] to = {
                    from[0] + out * Math.cos(turn), from[1] + out * Math.sin(turn), from[2] + step * Math.cos(angle)
                };
                draft.bar(from, to, pistil.strandMm() / 2, 6);
                from = to;
            }
        }
    }

    private static final int CURL_STEPS = 8;

    private static void ball(MeshDraft draft, double[] middle, double thickMm, double longMm) {
        draft.turned(
                middle[0],
                middle[1],
                middle[2] - longMm / 2,
                longMm,
                z -> thickMm / 2 * Math.sqrt(Math.max(0, 1 - Math.pow(2 * z / longMm - 1, 2))),
                4,
                6);
    }
}
