/** Drawings in and out. */
package org.crispwhorl.files.svg;
