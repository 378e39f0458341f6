/** Hearts and stamens. */
package org.crispwhorl.core.centre;
