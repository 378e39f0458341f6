/** The copies of the studio, from its own pages: made, kept elsewhere, brought in and put back. */
package org.crispwhorl.server.archive;
