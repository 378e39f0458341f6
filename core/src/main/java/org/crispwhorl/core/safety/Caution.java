package org.crispwhorl.core.safety;

/**
 * A caution that applies to a flower as it is designed.
 *
 * @param kind stable name
 * @param text one plain sentence
 */
public record Caution(String kind, String text) {}
