/** Work at the bench: pace, lots, spares. */
package org.crispwhorl.core.bench;
