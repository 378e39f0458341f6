/** Bodies that are not flat pieces: turned, tubes, grains, coils. Drawings are projections of them. */
package org.crispwhorl.core.solid;
