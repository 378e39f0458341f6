package org.crispwhorl.core.measure;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** What a part of the design that is not a number means: a text, a choice, a list or a record of its own. */
@Retention(RetentionPolicy.RUNTIME)
@Target({ElementType.RECORD_COMPONENT, ElementType.TYPE, ElementType.FIELD})
public @interface Text {
    /** The maker's word for it. */
    String label();

    /** One plain sentence about it. */
    String means() default "";

    /** For a text: the pattern that it must match as a whole; empty for any. */
    String pattern() default "";

    /** For a text: whether it may run over several lines. */
    boolean lines() default false;

    /** For a text or a list: the greatest length. */
    int longest() default 80;

    /** For a text or a list: the least length. */
    int shortest() default 0;

    /** For a list of numbers: the unit of each. */
    Unit unit() default Unit.NONE;

    /** The words of constants. */
    final class Labels {
        private Labels() {}

        /** The maker's word for a kind of thing. */
        public static String of(Class<?> kind) {
            Text words = kind.getAnnotation(Text.class);
            return words == null ? kind.getSimpleName().toLowerCase(java.util.Locale.ROOT) : words.label();
        }

        /** The maker's word for a constant; its name in lower case where none is stated. */
        public static String of(Enum<?> constant) {
            try {
                Text words =
                        constant.getDeclaringClass().getField(constant.name()).getAnnotation(Text.class);
                return words == null ? constant.name().toLowerCase(java.util.Locale.ROOT) : words.label();
            } catch (NoSuchFieldException e) {
                throw new IllegalStateException(e);
            }
        }
    }
}
