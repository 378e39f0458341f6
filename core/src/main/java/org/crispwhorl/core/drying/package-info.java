/** How paste dries: media, rooms, stages, safe-by times. */
package org.crispwhorl.core.drying;
