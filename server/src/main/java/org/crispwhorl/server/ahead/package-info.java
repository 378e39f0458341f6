/** The room as it was, is and will be. */
package org.crispwhorl.server.ahead;
