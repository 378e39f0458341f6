package org.crispwhorl.core.measure;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** What is published of a kind beside its components, so that nobody who shows it needs to know which kind it is. */
@Retention(RetentionPolicy.RUNTIME)
@Target(ElementType.TYPE)
public @interface Marked {
    /** At most one of it is in a flower. */
    String ONCE = "once";

    /** It stands inside everything else, in the order in which it was added. */
    String INNERMOST = "innermost";

    /** It is a ring of petals of the flower itself. */
    String RING = "ring";

    String[] value();
}
