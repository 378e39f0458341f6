/** Long work as jobs: off the request, outside any transaction, with progress, a stop, and a result that is kept. */
package org.crispwhorl.server.jobs;
