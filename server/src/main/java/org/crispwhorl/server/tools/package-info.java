/** Tools: what of the drawer fits a species, how it nests, what to buy, how a paste behaves. */
package org.crispwhorl.server.tools;
