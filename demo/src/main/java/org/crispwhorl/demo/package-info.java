/** The demo documents, as resources, and species documents made at random, for tests, drills and benchmarks. */
package org.crispwhorl.demo;
