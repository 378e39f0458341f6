/** The outline of a petal or leaf, cut from a sheet. */
package org.crispwhorl.core.outline;
