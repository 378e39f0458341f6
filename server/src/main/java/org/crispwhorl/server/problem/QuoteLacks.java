package org.crispwhorl.server.problem;

import java.util.List;
import org.crispwhorl.files.document.DocumentFault;

/** A quote would go out without the price of something, or without a currency. */
public final class QuoteLacks extends RuntimeException {
    private static final long serialVersionUID = 1;

    private final transient List<DocumentFault.Fault> lacking;

    public QuoteLacks(List<DocumentFault.Fault> lacking) {
        super(lacking.toString());
        this.lacking = List.copyOf(lacking);
    }

    List<DocumentFault.Fault> lacking() {
        return lacking;
    }
}
