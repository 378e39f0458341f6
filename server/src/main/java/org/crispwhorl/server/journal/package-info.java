/** The journal of the bench: every touch, kept once, and what of an order is done by it. */
package org.crispwhorl.server.journal;
