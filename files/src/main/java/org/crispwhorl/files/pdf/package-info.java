/** Paper: sheets, days, quotes, outlines. */
package org.crispwhorl.files.pdf;
