/** Mending: from what is seen at the bench to its likely cause in this flower, this room and this studio's book. */
package org.crispwhorl.core.troubleshooting;
