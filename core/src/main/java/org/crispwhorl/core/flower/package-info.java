/** The flower in section and face: midribs, placed petals, coverage. */
package org.crispwhorl.core.flower;
