/** What all of the interface shares: JSON, its description, who may call it. */
package org.crispwhorl.server.api;
