/** The studio's folder and its database: opened by one program at a time, checked, copied, and forced to the disk. */
package org.crispwhorl.server.studio;
