/** What hands do at the bench: operations, and how often a piece of work asks for each. */
package org.crispwhorl.core.labour;
