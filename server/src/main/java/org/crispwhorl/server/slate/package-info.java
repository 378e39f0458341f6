/** The slate: quick answers for the bench; nothing of it is kept. */
package org.crispwhorl.server.slate;
