/** The plate: a species reckoned as it is being designed. */
package org.crispwhorl.server.plate;
