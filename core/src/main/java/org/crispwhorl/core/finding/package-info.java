/** What is wrong or worth a look, and the mends that put it right. */
package org.crispwhorl.core.finding;
