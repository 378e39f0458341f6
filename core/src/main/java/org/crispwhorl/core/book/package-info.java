/** The book: what happened at the bench, and what a studio learns from it. */
package org.crispwhorl.core.book;
