/** Cautions: what is not food, what is an allergen, where qualified advice is due. */
package org.crispwhorl.core.safety;
