/** What the studio reckons by, put together in one place from its room, its drawer and its ways. */
package org.crispwhorl.server.conditions;
