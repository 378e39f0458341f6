/** The bench: the cards of an order's tasks, what is touched at it, and what a measured petal tells. */
package org.crispwhorl.server.bench;
