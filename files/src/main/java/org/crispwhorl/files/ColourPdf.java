package org.crispwhorl.files;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.order.ColourSheet;

/** The colour sheet of an order: what is needed, then part by part what goes on, with its swatches. */
final class ColourPdf {
    private static final double SWATCH_WIDE_MM = 8;
    private static final double SWATCH_HIGH_MM = 6;

    /** From one swatch to the next, mm. */
    private static final double SWATCH_STEP_MM = 9;

    private final SheetFlow flow;
    private final PdfCanvas canvas;

    ColourPdf(SheetFlow flow) {
        this.flow = flow;
        this.canvas = flow.canvas;
    }

    void write(ColourSheet colours) throws IOException {
        flow.heading("Colour, in order of work");
        for (ColourSheet.ColourJob job : colours.colours()) {
            flow.room(10);
            canvas.box(OutlinePages.MARGIN_MM, flow.y - 4, SWATCH_WIDE_MM, SWATCH_HIGH_MM, job.swatch());
            canvas.text(
                    canvas.regular,
                    SheetFlow.SMALL_PT,
                    OutlinePages.MARGIN_MM + 11,
                    flow.y,
                    job.name() + " (" + Text.Labels.of(job.form()) + "): about "
                            + Unit.MILLIGRAM.write(job.milligrams())
                            + job.owned().filter(n -> n > 0).map(n -> "").orElse("   not in the drawer"));
            flow.y += 7;
        }
        flow.y += 3;
        List<SheetFlow.Column> columns = List.of(
                new SheetFlow.Column("", 8, false),
                new SheetFlow.Column("colour", 48, false),
                new SheetFlow.Column("how and where", 68, false),
                new SheetFlow.Column("strong", 16, true),
                new SheetFlow.Column("when, and after it", 46, false));
        for (ColourSheet.PartJob part : colours.parts()) {
            flow.room(14 + 12 * part.passes().size());
            canvas.text(
                    canvas.strong,
                    SheetFlow.SMALL_PT + 1,
                    OutlinePages.MARGIN_MM,
                    flow.y,
                    part.part() + ", " + part.species() + ": " + part.pieces());
            double x = flow.right() - 5 * SWATCH_STEP_MM;
            for (String colour : List.of(
                    part.worn().paste(),
                    part.worn().foot(),
                    part.worn().middle(),
                    part.worn().edge(),
                    part.worn().back())) {
                canvas.box(x, flow.y - 4, SWATCH_WIDE_MM, SWATCH_HIGH_MM, colour);
                x += SWATCH_STEP_MM;
            }
            flow.y += 5;
            List<List<String>> rows = new ArrayList<>();
            for (int i = 0; i < part.passes().size(); i++) {
                ColourSheet.PassJob pass = part.passes().get(i);
                rows.add(List.of(
                        Integer.toString(i + 1),
                        pass.what(),
                        pass.how() + ", " + pass.where(),
                        Unit.PERCENT.write(100 * pass.strength()),
                        pass.when() + (pass.after().isEmpty() ? "" : "; " + pass.after())));
            }
            flow.table(columns, rows);
        }
        flow.note("Swatches of a part: its paste, then foot, middle and edge of the face, and the back.");
        flow.note(
                "A dust called non-toxic is not therefore food: where it may be eaten, use what is sold as edible, and follow your local food rules.");
    }
}
