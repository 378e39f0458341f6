/** Face, section, habit and mesh: projections of the form, blind to what kind of part they draw. */
package org.crispwhorl.core.drawing;
