/** Mending: what is seen to be wrong with a flower of the shelf, and its likely causes here. */
package org.crispwhorl.server.troubleshooting;
