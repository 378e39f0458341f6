/** A flower taken apart: measured petals become a first draft of a species. */
package org.crispwhorl.core.study;
