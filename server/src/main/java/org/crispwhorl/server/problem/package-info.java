/** Errors as RFC 9457 problems: what, where, and how to mend it. */
package org.crispwhorl.server.problem;
