/** The studio's ways: where makers disagree, how this studio does it. */
package org.crispwhorl.server.ways;
