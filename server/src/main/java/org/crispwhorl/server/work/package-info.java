/** Big work: done in turn, so that it neither fills the memory nor keeps small requests waiting. */
package org.crispwhorl.server.work;
