/** The demo data: a studio in a lock-keeper's cottage. */
package org.crispwhorl.server.demo;
