/** Pages that are drawn on, whatever they are written as. */
package org.crispwhorl.files.page;
