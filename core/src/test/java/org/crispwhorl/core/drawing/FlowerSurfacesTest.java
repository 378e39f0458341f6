package org.crispwhorl.core.drawing;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import org.crispwhorl.core.Garden;
import org.crispwhorl.core.form.FlowerForm;
import org.crispwhorl.core.species.OpenedHead;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.species.Species;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class FlowerSurfacesTest {
    private static final Species ROSE = Garden.rose();

    private static Mesh mesh(Species species, String partId, FlowerSurfaces.Detail detail) {
        return FlowerSurfaces.of(Garden.form(species), detail).stream()
                .filter(m -> m.partId().equals(partId))
                .findFirst()
                .orElseThrow();
    }

    @Test
    public void everyPartOfPasteIsSeenAndSoIsTheStem() {
        List<Mesh> meshes = FlowerSurfaces.of(Garden.form(ROSE), FlowerSurfaces.Detail.FINE);
        assertEquals(
                meshes.stream().map(Mesh::partId).sorted().toList(),
                List.of("calyx", "centre", "leaves", "petals", "stamens", "stem"));
        meshes.forEach(m -> {
            for (int corner : m.triangles()) {
                assertTrue(corner >= 0 && 3 * corner < m.points().length);
            }
        });
    }

    @DataProvider
    Object[][] flats() {
        return new Object[][] {{"petals"}, {"calyx"}, {"leaves"}};
    }

    /** Without a former a piece is only bent along its midrib, and paper can be bent so: its area stays. */
    @Test(dataProvider = "flats")
    public void theSurfaceOfPiecesHasTheirThinnedArea(String partId) {
        Petaled part = (Petaled) ROSE.part(partId).orElseThrow();
        Species flat = ROSE.with(part.with(part.pieces().withFormer(java.util.Optional.empty())));
        double finished = part.pieces().count() * part.pieces().finished().areaMm2();
        assertEquals(mesh(flat, partId, FlowerSurfaces.Detail.FINE).areaMm2() / finished, 1, 0.01);
    }

    @Test
    public void aFlowerReachesAsFarAsItsFaceIsWide() {
        FlowerForm form = Garden.form(ROSE);
        double reach = 0;
        Mesh petals = mesh(ROSE, "petals", FlowerSurfaces.Detail.FINE);
        for (int i = 0; i < petals.points().length; i += 3) {
            reach = Math.max(reach, Math.hypot(petals.points()[i], petals.points()[i + 1]));
        }
        assertEquals(2 * reach, form.faceMm(), 1);
    }

    @Test
    public void aBudIsNarrowerThanItsFlower() {
        double before = Double.MAX_VALUE;
        for (double open : new double[] {1, 0.85, 0.7}) {
            double face = Garden.form(OpenedHead.leaning(ROSE, open)).faceMm();
            assertTrue(face < before, open + " is " + face + " mm wide");
            before = face;
        }
    }

    @Test
    public void normalsHaveLengthOne() {
        double[] normals = mesh(ROSE, "petals", FlowerSurfaces.Detail.SCREEN).normals();
        for (int i = 0; i < normals.length; i += 3) {
            assertEquals(Math.hypot(Math.hypot(normals[i], normals[i + 1]), normals[i + 2]), 1, 1e-9);
        }
    }
}
