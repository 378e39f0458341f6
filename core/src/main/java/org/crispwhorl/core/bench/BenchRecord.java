package org.crispwhorl.core.bench;

import java.util.UUID;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;

/** Something that was measured or noted while a piece of work was on the bench. */
@Text(label = "written down", means = "What was measured or noted at the bench.")
public sealed interface BenchRecord {
    /** A petal as it was thinned. */
    @Text(label = "petal, as measured", means = "A petal as it was thinned.")
    record PetalMeasured(
            @Quantity(label = "long", unit = Unit.MM, min = 1, max = 500, usual = 40, means = "From base to tip.")
            double lengthMm,

            @Quantity(label = "wide", unit = Unit.MM, min = 1, max = 500, usual = 25, means = "Where it is widest.")
            double widthMm)
            implements BenchRecord {
        public PetalMeasured {
            Limits.check(PetalMeasured.class, lengthMm, widthMm);
        }
    }

    /** What a setting of the roller rolled. */
    @Text(label = "sheet, as measured", means = "What a setting of the roller rolled.")
    record SheetMeasured(
            @Quantity(label = "setting", unit = Unit.NONE, min = 0, max = 100, usual = 4, means = "As on its dial.")
            double setting,

            @Quantity(
                    label = "thick",
                    unit = Unit.FINE_MM,
                    min = 0.1,
                    max = 20,
                    step = 0.05,
                    usual = 1,
                    means = "Of the sheet as it comes out.")
            double thickMm)
            implements BenchRecord {
        public SheetMeasured {
            Limits.check(SheetMeasured.class, setting, thickMm);
        }
    }

    /** A few words. */
    @Text(label = "note", means = "A few words.")
    record BenchNote(
            @Text(label = "text", shortest = 1, longest = 1000, lines = true)
            String text) implements BenchRecord {
        public BenchNote {
            Limits.check(BenchNote.class, text);
        }
    }

    /** A picture that was taken. */
    @Text(label = "picture", means = "A picture that was taken.")
    record BenchPhoto(
            @Text(label = "picture", means = "By its id.") UUID picture) implements BenchRecord {}
}
