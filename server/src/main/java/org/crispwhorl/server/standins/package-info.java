/** Stand-ins for the devices of a bench, so that everything can be tried without them. */
package org.crispwhorl.server.standins;
