package org.crispwhorl.server.jobs;

import java.util.UUID;

/**
 * A piece of long work as it is shown.
 *
 * @param label what it is for, in the maker's words
 * @param share of it that is done, 0 to 1
 * @param step what is being done
 */
public record JobView(UUID id, String label, Job.State state, double share, String step) {}
