package org.crispwhorl.files.document;

import java.util.List;

/** A document that cannot be read as it is: every fault found, each with its place, what came and what was expected. */
public final class DocumentFault extends RuntimeException {
    private static final long serialVersionUID = 1;

    private final transient List<Fault> faults;

    public DocumentFault(List<Fault> faults) {
        super(faults.isEmpty() ? "not a document" : faults.get(0).toString());
        this.faults = List.copyOf(faults);
    }

    public static DocumentFault at(String pointer, String came, String expected) {
        return new DocumentFault(List.of(new Fault(pointer, came, expected)));
    }

    public List<Fault> faults() {
        return faults;
    }

    /**
     * One fault.
     *
     * @param pointer JSON pointer (RFC 6901) to the place, empty for the whole document
     * @param came what stands there
     * @param expected what should
     */
    public record Fault(String pointer, String came, String expected) {
        @Override
        public String toString() {
            return (pointer.isEmpty() ? "the document" : pointer) + ": came " + came + ", expected " + expected;
        }
    }
}
