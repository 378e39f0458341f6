/** Quick figures: answers for the bench; nothing of it is kept. */
package org.crispwhorl.server.quick;
