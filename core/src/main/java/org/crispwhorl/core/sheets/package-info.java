/** What is printed for an order, as blocks: page, PDF and CSV are renderers of them, and tell the same. */
package org.crispwhorl.core.sheets;
