package org.crispwhorl.core.measure;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * What a number of the design means, in which unit and within which range. The one home of that knowledge: constructors
 * check against it, the published JSON Schema and the input fields are made from it.
 */
@Retention(RetentionPolicy.RUNTIME)
@Target(ElementType.RECORD_COMPONENT)
public @interface Quantity {
    /** The maker's word for it. */
    String label();

    Unit unit();

    /** Least value allowed, inclusive. */
    double min();

    /** Greatest value allowed, inclusive. */
    double max();

    /** The value to begin from where a choice brings this number up anew. */
    double usual();

    /** The step by which one touch changes it. */
    double step() default 1;

    /**
     * Whether the number also comes out of reckoning, where the range of what a maker states does not bind it: a petal grows
     * larger than any cutter when it is thinned. Making the record then asks only for a positive number; whoever holds a stated
     * one asks for its range by {@link Limits#stated}.
     */
    boolean derivable() default false;

    /** One plain sentence: what is measured, from where to where. */
    String means();
}
