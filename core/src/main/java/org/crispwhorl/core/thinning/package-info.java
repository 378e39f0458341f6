/** What thinning does to a piece: volume is conserved. */
package org.crispwhorl.core.thinning;
