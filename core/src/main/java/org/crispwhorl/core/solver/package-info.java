/** The exact solver: whether it is there on this machine, and for how long it may think. */
package org.crispwhorl.core.solver;
