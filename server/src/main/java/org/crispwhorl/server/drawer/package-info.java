/** The drawer: what the studio owns, kept thing by thing; what fits a species, and what to buy. */
package org.crispwhorl.server.drawer;
