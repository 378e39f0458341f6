/** What the studio has and how it works: kit, pace, ways; made into the conditions of a reckoning. */
package org.crispwhorl.core.studio;
