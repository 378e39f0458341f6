/** Stages of opening: bud, half open and full, by rule or as the studio changed them. */
package org.crispwhorl.server.stages;
