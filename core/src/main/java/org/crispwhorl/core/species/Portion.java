package org.crispwhorl.core.species;

/**
 * Equal lumps of paste of one shade that go into a part.
 *
 * @param shade id of the shade
 * @param volumeMm3 of one lump
 * @param count how many
 */
public record Portion(String shade, double volumeMm3, int count) {}
