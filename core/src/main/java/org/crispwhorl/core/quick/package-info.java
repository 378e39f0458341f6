/** Quick reckoners for the bench, without a species: what is asked, what is answered, and why. */
package org.crispwhorl.core.quick;
