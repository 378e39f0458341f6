/** Long work: how far it has come, and whether it is still wanted. */
package org.crispwhorl.core.progress;
