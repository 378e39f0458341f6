/** What the studio owns: its tools and stocks, which of them fit a piece, and the fewest that are missing. */
package org.crispwhorl.core.drawer;
