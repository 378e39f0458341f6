/** A tablet at the bench: the studio on the home network, behind a passphrase and TLS. */
package org.crispwhorl.server.security;
