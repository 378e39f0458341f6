/** Tables in and out: things of the drawer, petals of a study, sheets, days. */
package org.crispwhorl.files.csv;
