/** What the studio has chosen once for all its work: its ways where makers disagree, its pace. */
package org.crispwhorl.server.choices;
