package org.crispwhorl.files;

import org.crispwhorl.core.measure.InvalidValue;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DatabindException;

/** Turns what a JSON reader complains of into a fault with its place. */
public final class BindingFault {
    private BindingFault() {}

    public static DocumentFault of(JacksonException e) {
        if (!(e instanceof DatabindException bound)) {
            var place = e.getLocation();
            String where = place == null ? "" : " at line " + place.getLineNr() + ", column " + place.getColumnNr();
            return DocumentFault.at("", "text that is not JSON" + where, "JSON");
        }
        StringBuilder pointer = new StringBuilder();
        bound.getPath().forEach(step -> pointer.append('/')
                .append(step.getPropertyName() == null ? step.getIndex() : step.getPropertyName()));
        for (Throwable cause = e; cause != null; cause = cause.getCause()) {
            if (cause instanceof InvalidValue invalid) {
                return DocumentFault.at(pointer + "/" + invalid.field(), invalid.came(), invalid.expected());
            }
        }
        return DocumentFault.at(pointer.toString(), "a value that does not fit", firstLine(bound.getOriginalMessage()));
    }

    private static String firstLine(String message) {
        return message == null
                ? "another kind of value"
                : message.lines().findFirst().orElse("");
    }
}
