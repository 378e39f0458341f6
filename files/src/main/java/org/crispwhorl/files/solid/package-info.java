/** Bodies for printers and for the picture in the round. */
package org.crispwhorl.files.solid;
