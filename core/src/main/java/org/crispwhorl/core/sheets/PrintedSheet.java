package org.crispwhorl.core.sheets;

import java.util.List;

/**
 * One sheet of an order.
 *
 * @param kind which it is
 * @param label its name among the sheets
 * @param title what stands at its head
 */
public record PrintedSheet(SheetKind kind, String label, String title, List<Block> blocks) implements OfBlocks {
    public PrintedSheet {
        blocks = List.copyOf(blocks);
    }
}
