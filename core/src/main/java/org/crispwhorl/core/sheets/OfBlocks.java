package org.crispwhorl.core.sheets;

import java.util.List;

/** Something to print, block by block. */
public interface OfBlocks {
    /** What stands at its head. */
    String title();

    List<Block> blocks();
}
