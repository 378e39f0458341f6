/** What an order costs, and its quote. */
package org.crispwhorl.server.price;
