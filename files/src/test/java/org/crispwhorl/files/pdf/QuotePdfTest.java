package org.crispwhorl.files.pdf;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.crispwhorl.core.drawer.Drawer;
import org.crispwhorl.core.order.Order;
import org.crispwhorl.core.order.OrderSheet;
import org.crispwhorl.core.price.PriceSheet;
import org.crispwhorl.core.price.Pricing;
import org.crispwhorl.core.price.Tariff;
import org.crispwhorl.core.progress.Progress;
import org.crispwhorl.core.studio.Conditions;
import org.crispwhorl.demo.DemoDocuments;
import org.crispwhorl.files.document.SpeciesDocument;
import org.crispwhorl.files.page.Paper;
import org.testng.annotations.Test;

public class QuotePdfTest {
    private static final LocalDateTime SATURDAY = LocalDateTime.of(2030, 6, 15, 10, 0);
    private static final List<OrderSheet.Line> LINES = List.of(
            OrderSheet.Line.of(SpeciesDocument.readText(DemoDocuments.texts().get(0)), 3),
            OrderSheet.Line.of(SpeciesDocument.readText(DemoDocuments.texts().get(10)), 2));

    private static String text(byte[] pdf, int pages) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertEquals(document.getNumberOfPages(), pages);
            return new PDFTextStripper().getText(document);
        }
    }

    @Test
    public void aQuoteHasTheMakersWordsItsFlowersAndItsAmounts() throws IOException {
        Tariff tariff = new Tariff("crowns", 24, 50, 10, 25, 20, 7, 40, "Dear lock-keeper,", "Until the gates open.");
        PriceSheet price = Pricing.of(
                LINES,
                Conditions.USUAL,
                Drawer.EMPTY,
                100,
                tariff,
                SATURDAY.minusDays(30),
                SATURDAY,
                0,
                Progress.UNWATCHED);
        Order order = new Order("Supper", "", SATURDAY, 12, 100, List.of());
        String told = text(
                QuotePdf.write(order, LINES, Conditions.USUAL, price, tariff, LocalDate.of(2030, 5, 16), Paper.A4), 1);
        assertTrue(told.contains("Dear lock-keeper,") && told.contains("Until the gates open."), told);
        assertTrue(told.contains("3 × " + LINES.get(0).species().name()), told);
        assertTrue(told.contains(tariff.write(price.total())), told);
        assertTrue(told.contains(tariff.write(price.deposit())), told);
        assertTrue(told.contains("15 June 2030"), told);
        assertTrue(told.contains("working time " + tariff.write(price.asHours())), told);
        assertTrue(told.contains("materials " + tariff.write(price.asMaterials())), told);
    }
}
