package org.crispwhorl.core.drawing;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.crispwhorl.core.colour.Pass;
import org.crispwhorl.core.colour.Tinted;
import org.crispwhorl.core.colour.TintedBody;
import org.crispwhorl.core.form.FlowerForm;
import org.crispwhorl.core.form.PlacedRing;
import org.crispwhorl.core.form.StemBend;
import org.crispwhorl.core.paste.MixingLaw;
import org.crispwhorl.core.species.Centre;
import org.crispwhorl.core.species.Lining;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Species;

/**
 * The surfaces of a flower in the round. Petals are the very surfaces from which section, face and coverage are taken; an edge
 * that is thinned and frilled is ruffled as its thinning asks.
 */
public final class FlowerSurfaces {
    /** Colour of wire wound with tape. */
    private static final String STEM_COLOUR = "#4f6140";

    /** The stem is as round as this. */
    private static final int ROUND = 10;

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

    /** The surface of the bodies of a part, stretch by stretch; none where it has none. */
    public static List<TintedBody.Stretch> bodies(FlowerForm form, Part part) {
        MeshDraft draft = new MeshDraft();
        SolidMesh.add(draft, form.solids(part));
        return draft.isEmpty() ? List.of() : draft.made(part.id(), STEM_COLOUR).stretches();
    }

    /** The meshes of all parts, those on a stem that is bent where it takes them. */
    private List<Mesh> meshes() {
        StemBend bend = StemBend.of(form);
        List<Mesh> straight = straight();
        if (bend.straight()) {
            return straight;
        }
        return straight.stream()
                .map(mesh ->
                        form.species().part(mesh.partId()).filter(Part::inHead).isPresent()
                                ? mesh
                                : mesh.moved(bend::bent))
                .toList();
    }

    private List<Mesh> straight() {
        List<Mesh> meshes = new ArrayList<>();
        Species species = form.species();
        for (PlacedRing ring : form.rings()) {
            MeshDraft draft = new MeshDraft();
            pieces(draft, ring);
            add(meshes, draft, ring.part().id(), colour(ring.part().shade()));
            carried(meshes, ring);
        }
        for (Part part : species.parts()) {
            MeshDraft draft = new MeshDraft();
            SolidMesh.add(draft, form.solids(part));
            form.body(part)
                    .filter(body -> !draft.isEmpty())
                    .ifPresent(body -> meshes.add(coloured(
                            draft,
                            part.id(),
                            body,
                            MixingLaw.linear(species.shade(part.shadeId().orElseThrow())))));
        }
        MeshDraft stem = new MeshDraft();
        double longMm = species.centre().map(Centre::stemMm).orElse(0.0);
        if (longMm > 0) {
            int lengths = StemBend.of(form).straight() ? 1 : STEM_LENGTHS;
            for (int i = 0; i < lengths; i++) {
                stem.bar(
                        new double[] {0, 0, -longMm * (i + 1) / lengths},
                        new double[] {0, 0, -longMm * i / lengths},
                        form.stemMm() / 2,
                        ROUND);
            }
        }
        add(meshes, stem, "stem", STEM_COLOUR);
        return meshes;
    }

    /** A stem that is bent is drawn in so many straight lengths. */
    private static final int STEM_LENGTHS = 40;

    private static void add(List<Mesh> meshes, MeshDraft draft, String partId, String colour) {
        if (!draft.isEmpty()) {
            meshes.add(draft.made(partId, colour));
        }
    }

    private String colour(String shade) {
        return MixingLaw.colour(form.species().shade(shade));
    }

    /** Bodies of one colour, or of the colour of its height at each point. */
    private static Mesh coloured(MeshDraft draft, String partId, TintedBody body, double[] paste) {
        Mesh mesh = draft.made(partId, MixingLaw.hex(body.at(paste, body.topMm())));
        return body.graded() ? mesh.colouredByHeight(z -> body.at(paste, z)) : mesh;
    }

    private void pieces(MeshDraft draft, PlacedRing ring) {
        PlacedRing.Piece piece = ring.piece(detail.stations(), detail.across(), form.paste());
        double[] azimuths = ring.azimuthsRad();
        Tinted tinted = ring.tinted();
        if (!tinted.coloured()) {
            for (int k = 0; k < azimuths.length; k++) {
                draft.placed(piece.points(), piece.triangles(), azimuths[k], -ring.belowMm(k));
            }
            return;
        }
        String back = ring.part()
                .pieces()
                .lining()
                .map(Lining::shade)
                .orElse(ring.part().shade());
        double[][] face = tints(piece, tinted, ring.part().shade(), Pass.PieceSide.FACE);
        double[][] behind = tints(piece, tinted, back, Pass.PieceSide.BACK);
        for (int k = 0; k < azimuths.length; k++) {
            draft.placed(piece, 1, face, azimuths[k], -ring.belowMm(k));
            draft.placed(piece, -1, behind, azimuths[k], -ring.belowMm(k));
        }
    }

    /** The small petals that a ring's pieces carry. */
    private void carried(List<Mesh> meshes, PlacedRing ring) {
        ring.carried(detail.stations(), detail.across(), form.paste()).ifPresent(piece -> {
            MeshDraft draft = new MeshDraft();
            double[] azimuths = ring.azimuthsRad();
            for (int k = 0; k < azimuths.length; k++) {
                draft.placed(piece.points(), piece.triangles(), azimuths[k], -ring.belowMm(k));
            }
            ring.part()
                    .pieces()
                    .carries()
                    .ifPresent(small -> add(meshes, draft, ring.part().id(), colour(small.shade())));
        });
    }

    private double[][] tints(PlacedRing.Piece piece, Tinted tinted, String shade, Pass.PieceSide side) {
        double[] base = MixingLaw.linear(form.species().shade(shade));
        return Arrays.stream(piece.flat())
                .map(at -> tinted.at(base, at[1], at[0], side))
                .toArray(double[][]::new);
    }
}
