/** Units, quantities with their ranges, figures with their reasons. */
package org.crispwhorl.core.measure;
