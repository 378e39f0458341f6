/** The design itself: a species as parts in build order, centre outwards. */
package org.crispwhorl.core.species;
