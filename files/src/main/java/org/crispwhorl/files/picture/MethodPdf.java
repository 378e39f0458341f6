package org.crispwhorl.files.picture;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import org.apache.pdfbox.io.MemoryUsageSetting;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.apache.pdfbox.multipdf.PDFMergerUtility;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.measure.LengthText;
import org.crispwhorl.core.sheets.PrintedMethod;
import org.crispwhorl.files.page.Paper;
import org.crispwhorl.files.pdf.SheetPdf;

/** A method on paper: every act, and at its end the flower drawn on one page. */
public final class MethodPdf {
    private MethodPdf() {}

    /**
     * @param a the species as the studio makes it
     * @param lengths what the maker reads lengths in
     */
    public static byte[] write(PrintedMethod method, Assessment a, Paper paper, LengthText.Lengths lengths) {
        PDFMergerUtility merger = new PDFMergerUtility();
        ByteArrayOutputStream whole = new ByteArrayOutputStream();
        merger.addSource(new RandomAccessReadBuffer(SheetPdf.write(method.title(), List.of(method), paper, lengths)));
        merger.addSource(new RandomAccessReadBuffer(SpeciesSheet.pdf(a, paper, lengths)));
        merger.setDestinationStream(whole);
        try {
            merger.mergeDocuments(MemoryUsageSetting.setupMainMemoryOnly().streamCache);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return whole.toByteArray();
    }
}
