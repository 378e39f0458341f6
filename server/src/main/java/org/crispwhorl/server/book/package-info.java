/** The book: what happened at the bench, what it teaches, and what of that the studio goes by. */
package org.crispwhorl.server.book;
