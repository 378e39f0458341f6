package org.crispwhorl.files;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.crispwhorl.core.order.ServiceCard;

/** The card that goes with an order to whoever serves it: what comes out, with boxes to tick, and how it is kept. */
final class ServicePdf {
    private static final double BOX_MM = 5;
    private static final double ROW_MM = 8;
    private static final double OUT_AT_MM = 130;
    private static final double IN_AT_MM = 105;
    private static final String EMPTY_BOX = "#ffffff";

    private final SheetFlow flow;
    private final PdfCanvas canvas;

    ServicePdf(SheetFlow flow) {
        this.flow = flow;
        this.canvas = flow.canvas;
    }

    void write(ServiceCard card) throws IOException {
        flow.heading("Before it is served");
        List<List<String>> flowers = new ArrayList<>();
        card.flowers()
                .forEach(f -> flowers.add(List.of(
                        f.count() + " × " + f.species(),
                        f.medium(),
                        f.edible() ? "sugar may be eaten" : "never food")));
        flow.table(
                List.of(
                        new SheetFlow.Column("flowers", 80, false),
                        new SheetFlow.Column("of", 60, false),
                        new SheetFlow.Column("", 46, false)),
                flowers);
        if (card.takenOut().isEmpty()) {
            flow.note("Nothing in these flowers has to be taken out.");
        } else {
            takenOut(card);
        }
        flow.heading("Allergens");
        flow.note(
                card.allergens().isEmpty()
                        ? "None that the studio knows of in what was used."
                        : "Contains " + String.join(", ", card.allergens()) + ".");
        if (!card.notEaten().isEmpty()) {
            flow.heading("Not to be eaten");
            for (String one : card.notEaten()) {
                flow.note(one);
            }
        }
        flow.heading("Keeping it");
        for (String one : card.keeping()) {
            flow.note(one);
        }
        flow.note("Small hard pieces: keep them from small children.");
        flow.note(card.ask());
    }

    private void takenOut(ServiceCard card) throws IOException {
        flow.heading("Take out, and count");
        double left = OutlinePages.MARGIN_MM;
        canvas.text(canvas.regular, SheetFlow.SMALL_PT, left + IN_AT_MM - 4, flow.y, "put in");
        canvas.text(canvas.regular, SheetFlow.SMALL_PT, left + OUT_AT_MM - 8, flow.y, "counted out");
        flow.y += 6;
        for (ServiceCard.TakenOut piece : card.takenOut()) {
            flow.room(ROW_MM);
            canvas.text(canvas.strong, SheetFlow.SMALL_PT + 1, left, flow.y, piece.count() + " " + piece.what());
            canvas.box(left + IN_AT_MM, flow.y - BOX_MM + 1, BOX_MM, BOX_MM, EMPTY_BOX);
            canvas.box(left + OUT_AT_MM, flow.y - BOX_MM + 1, BOX_MM, BOX_MM, EMPTY_BOX);
            flow.y += ROW_MM - SheetFlow.LINE_MM;
            canvas.text(canvas.regular, SheetFlow.SMALL_PT - 1, left, flow.y, "in " + String.join(", ", piece.in()));
            flow.y += ROW_MM;
        }
    }
}
