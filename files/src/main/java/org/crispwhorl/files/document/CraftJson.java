package org.crispwhorl.files.document;

import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.annotation.Nulls;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import java.time.format.DateTimeParseException;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import org.crispwhorl.core.measure.NotWritten;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.core.StreamWriteFeature;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.MapperFeature;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.cfg.CoercionAction;
import tools.jackson.databind.cfg.CoercionInputShape;
import tools.jackson.databind.cfg.EnumFeature;
import tools.jackson.databind.cfg.MapperConfig;
import tools.jackson.databind.deser.std.StdDeserializer;
import tools.jackson.databind.introspect.Annotated;
import tools.jackson.databind.introspect.AnnotatedClass;
import tools.jackson.databind.introspect.JacksonAnnotationIntrospector;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.jsontype.NamedType;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.ser.std.StdSerializer;
import tools.jackson.databind.type.LogicalType;

/**
 * How the core's records are written as JSON, without a word about it in the core: a sealed interface is told apart by
 * {@code kind}, names are in kebab case, what is empty is left out, what is unknown is refused.
 */
public final class CraftJson {
    /** The property by which the records of a sealed interface are told apart. */
    public static final String KIND = "kind";

    private CraftJson() {}

    /** A mapper for documents and for the interface. */
    public static JsonMapper mapper() {
        return configure(JsonMapper.builder()).build();
    }

    /** The same settings for a mapper that somebody else builds. */
    public static JsonMapper.Builder configure(JsonMapper.Builder builder) {
        SimpleModule never = new SimpleModule("never").addSerializer(double.class, new Finite());
        never.addSerializer(Double.class, new Finite());
        return builder.annotationIntrospector(new Introspector())
                .addModule(never)
                .addModule(new SimpleModule("moments")
                        .addDeserializer(LocalDateTime.class, new Moment())
                        .addDeserializer(Instant.class, new PointInTime()))
                .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
                .enable(StreamWriteFeature.USE_FAST_DOUBLE_WRITER)
                .disable(DeserializationFeature.ACCEPT_FLOAT_AS_INT)
                .enable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
                .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
                .enable(EnumFeature.FAIL_ON_NUMBERS_FOR_ENUMS)
                .disable(MapperFeature.ALLOW_COERCION_OF_SCALARS)
                .withCoercionConfigDefaults(c -> c.setCoercion(CoercionInputShape.EmptyString, CoercionAction.Fail))
                .withCoercionConfig(
                        LogicalType.Textual, c -> c.setCoercion(CoercionInputShape.Integer, CoercionAction.Fail)
                                .setCoercion(CoercionInputShape.Float, CoercionAction.Fail)
                                .setCoercion(CoercionInputShape.Boolean, CoercionAction.Fail))
                .changeDefaultNullHandling(n -> n.withContentNulls(Nulls.FAIL))
                .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
                .changeDefaultPropertyInclusion(
                        i -> i.withValueInclusion(com.fasterxml.jackson.annotation.JsonInclude.Include.NON_ABSENT));
    }

    /** The name of a record, an interface or an enum constant in JSON. */
    public static String name(String javaName) {
        boolean constant = javaName.equals(javaName.toUpperCase(Locale.ROOT));
        return constant
                ? javaName.toLowerCase(Locale.ROOT).replace('_', '-')
                : javaName.replaceAll("(?<=[a-z0-9])(?=[A-Z])", "-").toLowerCase(Locale.ROOT);
    }

    /** All records that a sealed interface comes to, those of interfaces within it included. */
    public static List<Class<?>> kinds(Class<?> sealed) {
        return Arrays.stream(sealed.getPermittedSubclasses())
                .flatMap(c -> c.isSealed() ? kinds(c).stream() : java.util.stream.Stream.of(c))
                .toList();
    }

    /** What never happens is written as null: JSON knows no infinity. */
    private static final class Finite extends StdSerializer<Double> {
        Finite() {
            super(Double.class);
        }

        @Override
        public void serialize(Double value, JsonGenerator out, SerializationContext context) {
            if (Double.isFinite(value)) {
                out.writeNumber(value);
            } else {
                out.writeNull();
            }
        }
    }

    /** A moment on the maker's own clock: no zone that would be dropped, no year that no calendar reaches. */
    private static final class Moment extends StdDeserializer<LocalDateTime> {
        private static final Pattern FORM =
                Pattern.compile("20\\d\\d-\\d\\d-\\d\\dT\\d\\d:\\d\\d(:\\d\\d(\\.\\d{1,9})?)?");

        Moment() {
            super(LocalDateTime.class);
        }

        @Override
        public LocalDateTime deserialize(JsonParser in, DeserializationContext context) {
            String text = in.getString();
            try {
                if (in.currentToken() == JsonToken.VALUE_STRING
                        && FORM.matcher(text).matches()) {
                    return LocalDateTime.parse(text);
                }
            } catch (DateTimeParseException e) {
                // Told below, with what does fit.
            }
            return (LocalDateTime) context.handleWeirdStringValue(
                    LocalDateTime.class, text, "a day and time of this century like 2026-05-30T10:00, without a zone");
        }
    }

    /** A moment that is the same everywhere: with its zone, of a year that a calendar reaches. */
    private static final class PointInTime extends StdDeserializer<Instant> {
        private static final Pattern FORM =
                Pattern.compile("20\\d\\d-\\d\\d-\\d\\dT\\d\\d:\\d\\d:\\d\\d(\\.\\d{1,9})?(Z|[+-]\\d\\d:\\d\\d)");

        PointInTime() {
            super(Instant.class);
        }

        @Override
        public Instant deserialize(JsonParser in, DeserializationContext context) {
            String text = in.getString();
            try {
                if (in.currentToken() == JsonToken.VALUE_STRING
                        && FORM.matcher(text).matches()) {
                    return OffsetDateTime.parse(text).toInstant();
                }
            } catch (DateTimeParseException e) {
                // Told below, with what does fit.
            }
            return (Instant) context.handleWeirdStringValue(
                    Instant.class, text, "a moment of this century with its zone, like 2026-05-30T10:00:00Z");
        }
    }

    private static final class Introspector extends JacksonAnnotationIntrospector {
        private static final long serialVersionUID = 1;

        @Override
        public JsonTypeInfo.Value findPolymorphicTypeInfo(MapperConfig<?> config, Annotated annotated) {
            Class<?> raw = annotated.getRawType();
            if (raw.isSealed() || isKind(raw)) {
                return JsonTypeInfo.Value.construct(
                        JsonTypeInfo.Id.NAME, JsonTypeInfo.As.PROPERTY, KIND, null, false, true);
            }
            return super.findPolymorphicTypeInfo(config, annotated);
        }

        @Override
        public Boolean isIgnorableType(MapperConfig<?> config, AnnotatedClass annotated) {
            return annotated.getRawType().isAnnotationPresent(NotWritten.class)
                    ? Boolean.TRUE
                    : super.isIgnorableType(config, annotated);
        }

        private static boolean isKind(Class<?> raw) {
            return raw.isRecord() && Arrays.stream(raw.getInterfaces()).anyMatch(Class::isSealed);
        }

        @Override
        public List<NamedType> findSubtypes(MapperConfig<?> config, Annotated annotated) {
            if (annotated.getRawType().isSealed()) {
                return kinds(annotated.getRawType()).stream()
                        .map(c -> new NamedType(c, name(c.getSimpleName())))
                        .toList();
            }
            return super.findSubtypes(config, annotated);
        }

        @Override
        public String findTypeName(MapperConfig<?> config, AnnotatedClass annotated) {
            return isKind(annotated.getRawType())
                    ? name(annotated.getRawType().getSimpleName())
                    : super.findTypeName(config, annotated);
        }

        @Override
        public String[] findEnumValues(
                MapperConfig<?> config, AnnotatedClass annotated, Enum<?>[] values, String[] names) {
            for (int i = 0; i < values.length; i++) {
                names[i] = name(values[i].name());
            }
            return names;
        }
    }
}
