/** The bench: one task at a time as a maker does it, what was done at it, and what a measured petal tells. */
package org.crispwhorl.core.bench;
