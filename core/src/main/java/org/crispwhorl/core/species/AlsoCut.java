package org.crispwhorl.core.species;

/**
 * Pieces that are cut beside those that a part starts from.
 *
 * @param name which they are, in the maker's words
 * @param shade id of their shade
 * @param perPiece for each piece of the part
 * @param from what each is cut from
 */
public record AlsoCut(String name, String shade, int perPiece, StartsFrom from) {}
