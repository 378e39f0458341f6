/** What hands do at the bench: acts, each with its operation, how often it is done, and the words in which it is told. */
package org.crispwhorl.core.work;
