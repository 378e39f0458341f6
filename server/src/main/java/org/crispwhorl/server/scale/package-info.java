/** The scale on the bench: a line to it, and its readings as they come. */
package org.crispwhorl.server.scale;
