/** What an order costs: materials, hours, overhead, margin, as they add up, and what other choices would cost. */
package org.crispwhorl.core.price;
