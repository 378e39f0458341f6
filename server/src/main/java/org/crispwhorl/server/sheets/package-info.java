/** Sheets: what an order takes, to look at, to print and to take out in open formats; outlines and cutters to print. */
package org.crispwhorl.server.sheets;
