/** The shelf: the species that the studio keeps. */
package org.crispwhorl.server.shelf;
