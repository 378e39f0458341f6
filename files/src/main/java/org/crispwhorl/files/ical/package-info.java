/** Calendars: the days of an order out, hours that are taken in. */
package org.crispwhorl.files.ical;
