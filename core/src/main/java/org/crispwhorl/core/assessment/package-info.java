/** A species under its conditions: what is derived from both, and the plan of its work. */
package org.crispwhorl.core.assessment;
