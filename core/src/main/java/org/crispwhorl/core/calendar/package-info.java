/** Days: when the studio works, and what is done when, so that every part is dry when it is needed and none too dry to bend. */
package org.crispwhorl.core.calendar;
