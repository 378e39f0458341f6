/** The calendar of an order: made as a piece of long work, kept with what it was made for, given out as iCalendar and CSV. */
package org.crispwhorl.server.days;
