package org.crispwhorl.core.sheets;

import java.util.List;

/** Something to print, block by block. */
public sealed interface OfBlocks permits PrintedSheet, PrintedMethod {
    /** What stands at its head. */
    String title();

    List<Block> blocks();
}
