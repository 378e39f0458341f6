/** The design itself: a species as parts in build order, heart outwards. */
package org.crispwhorl.core.species;
