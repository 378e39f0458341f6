package org.crispwhorl.core.species;

import java.util.List;
import org.crispwhorl.core.solid.Scatter;
import org.crispwhorl.core.solid.Solid;

/** What is asked of a centre as a body: its measures, and what is drawn of it. */
public interface CentreBody {
    /** Width at which marks of texture and crumbs are drawn, mm. */
    double MARK_MM = 0.9;

    /** A mark for so much of a crown seen from above, mm². */
    double MARK_AREA_MM2 = 6;

    /** At most so many marks are drawn. */
    int MOST_MARKS = 120;

    /** Greatest diameter, mm. */
    double diameterMm();

    /** Height above the foot, mm. */
    double heightMm();

    /** Volume in mm³, by the solid's own formula. */
    double volumeMm3();

    /** Surface that is open to the air, mm². */
    double surfaceMm2();

    /**
     * Radius at a height above the foot.
     *
     * @param heightMm 0 to the form's height; 0 outside of it
     * @return mm
     */
    double radiusAt(double heightMm);

    /** Its bodies, standing with its foot at a height above the neck: turned as its radius says, where it is nothing more. */
    default List<Solid> solids(double onStemMm) {
        return List.of(new Solid.Turned(onStemMm, heightMm(), this::radiusAt));
    }

    /** The marks that show how its crown is textured or coated. */
    default Solid marks(double onStemMm) {
        double radius = diameterMm() / 2;
        int marks = (int) Math.min(MOST_MARKS, Math.PI * radius * radius / MARK_AREA_MM2);
        double top = onStemMm + heightMm();
        return new Solid.Marks(Scatter.overDisc(marks, radius - MARK_MM / 2, top), MARK_MM, top);
    }
}
