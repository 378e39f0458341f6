/** The studio's room: its air as it is now. */
package org.crispwhorl.server.room;
