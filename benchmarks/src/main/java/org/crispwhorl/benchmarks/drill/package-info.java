/** Drills: the real application is treated as badly as life does, and what came of it is printed. */
package org.crispwhorl.benchmarks.drill;
