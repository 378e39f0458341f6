package org.crispwhorl.files.document;

import java.time.LocalDateTime;
import java.util.Arrays;
import java.util.Collection;
import java.util.UUID;
import org.crispwhorl.core.measure.InvalidValue;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DatabindException;
import tools.jackson.databind.exc.InvalidTypeIdException;
import tools.jackson.databind.exc.MismatchedInputException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;

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
        return DocumentFault.at(pointer.toString(), "a value that does not fit", expected(bound));
    }

    /** What does fit, in a maker's words: the reader's own speak of types of the program. */
    private static String expected(DatabindException e) {
        if (e instanceof UnrecognizedPropertyException) {
            return "no field of that name";
        }
        if (e instanceof InvalidTypeIdException kind && kind.getBaseType() != null) {
            return "one of the kinds "
                    + CraftJson.kinds(kind.getBaseType().getRawClass()).stream()
                            .map(k -> CraftJson.name(k.getSimpleName()))
                            .toList();
        }
        return e instanceof MismatchedInputException mismatch && mismatch.getTargetType() != null
                ? sort(mismatch.getTargetType())
                : "another kind of value";
    }

    private static String sort(Class<?> wanted) {
        if (wanted.isEnum()) {
            return "one of "
                    + Arrays.stream(wanted.getEnumConstants())
                            .map(c -> CraftJson.name(((Enum<?>) c).name()))
                            .toList();
        }
        if (wanted == int.class || wanted == Integer.class || wanted == long.class || wanted == Long.class) {
            return "a whole number";
        }
        if (wanted.isPrimitive() && wanted != boolean.class || Number.class.isAssignableFrom(wanted)) {
            return "a number";
        }
        if (wanted == boolean.class || wanted == Boolean.class) {
            return "true or false";
        }
        if (wanted == LocalDateTime.class) {
            return "a day and time of this century like 2026-05-30T10:00, without a zone";
        }
        if (wanted == UUID.class) {
            return "an id";
        }
        if (wanted == String.class) {
            return "text";
        }
        return Collection.class.isAssignableFrom(wanted) || wanted.isArray() ? "a list" : "an object";
    }
}
