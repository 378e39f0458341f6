/** Masses and shades. */
package org.crispwhorl.core.paste;
