/** Florist's wire: gauges, droop, stress, recommendation. */
package org.crispwhorl.core.wire;
