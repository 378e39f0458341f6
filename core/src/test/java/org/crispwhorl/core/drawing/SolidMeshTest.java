package org.crispwhorl.core.drawing;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import org.crispwhorl.core.solid.Solid;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The mesh of a body lies within what the body says of itself, and fills it. */
public class SolidMeshTest {
    /** A body, and by how much the corners of its mesh may stay inside what it is, mm. */
    @DataProvider
    public Object[][] bodies() {
        return new Object[][] {
            {new Solid.Turned(-2, 10, z -> 4 * Math.sqrt(Math.max(0, 1 - Math.pow(z / 5 - 1, 2)))), 0.1},
            {new Solid.Turned(1, 20, z -> 6 * (1 - z / 20)), 0.1},
            {new Solid.Tube(List.of(new double[] {0, 0, 0}, new double[] {3, 4, 10}), 0.4), 0.3},
            {new Solid.Grains(List.of(new double[] {5, 0, 3}, new double[] {-5, 0, 4}), 1.5, 2), 0.2},
            {new Solid.Coil(2, 18, 2, 0.8, 0, 15, Solid.Coil.Rim.STRAIGHT), 0.1}
        };
    }

    @Test(dataProvider = "bodies")
    public void itFillsTheBodyAndLeavesItNowhere(Solid body, double slackMm) {
        MeshDraft draft = new MeshDraft();
        SolidMesh.add(draft, List.of(body));
        double low = Double.POSITIVE_INFINITY;
        double top = Double.NEGATIVE_INFINITY;
        double reach = 0;
        double[] points = draft.made("part", "#ffffff").points();
        assertTrue(points.length > 0);
        for (int i = 0; i < points.length; i += 3) {
            reach = Math.max(reach, Math.hypot(points[i], points[i + 1]));
            low = Math.min(low, points[i + 2]);
            top = Math.max(top, points[i + 2]);
        }
        assertEquals(low, body.lowMm(), slackMm);
        assertEquals(top, body.topMm(), slackMm);
        assertEquals(reach, body.reachMm(), slackMm);
    }

    @Test
    public void marksAreSeenOnTheFaceAlone() {
        Solid marks = new Solid.Marks(List.of(new double[] {1, 1}, new double[] {-3, 4}), 0.9, 7);
        assertEquals(marks.lowMm(), 7);
        assertEquals(marks.topMm(), 7);
        assertEquals(marks.reachMm(), 5.45, 1e-9);
        MeshDraft draft = new MeshDraft();
        SolidMesh.add(draft, List.of(marks));
        assertEquals(draft.made("part", "#ffffff").points().length, 0);
    }
}
