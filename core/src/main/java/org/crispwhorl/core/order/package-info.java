/** Many flowers for a date: totals and the backward plan. */
package org.crispwhorl.core.order;
