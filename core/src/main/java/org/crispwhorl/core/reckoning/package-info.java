/** The whole reckoning of one species, and the plan derived from it. */
package org.crispwhorl.core.reckoning;
