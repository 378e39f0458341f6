package org.crispwhorl.core.species;

/**
 * Wires cut to one length for a part.
 *
 * @param gauge of the wire
 * @param lengthMm of each
 * @param count how many
 */
public record WireCut(int gauge, double lengthMm, int count) {}
