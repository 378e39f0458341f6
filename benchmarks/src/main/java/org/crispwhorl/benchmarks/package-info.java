/** Benchmarks: what they measure is written into docs/benchmarks.md by themselves. */
package org.crispwhorl.benchmarks;
