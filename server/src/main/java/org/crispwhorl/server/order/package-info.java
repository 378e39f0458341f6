/** Orders: how many flowers of which species, for when. */
package org.crispwhorl.server.order;
