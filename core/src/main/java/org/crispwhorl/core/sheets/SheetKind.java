package org.crispwhorl.core.sheets;

import java.util.Arrays;
import java.util.List;
import java.util.function.Function;
import org.crispwhorl.core.order.Materials;

/** Which sheets an order has, in the order in which they are wanted. */
public enum SheetKind {
    CUTS("Cut", "Cut sheet", CutSheet::of),
    WIRES("Wires", "Wires", WireSheet::of),
    PASTES("Paste and shades", "Paste and shades", PasteSheet::of),
    COLOURS("Colour", "Colour, in order of work", PassSheet::of),
    STEMS("Stems, tape, picks", "Stems, tape and picks", StemSheet::of),
    SHOPPING("Shopping", "Shopping, against the drawer", ShoppingSheet::of),
    SERVICE("Service card", "Before it is served", ServiceSheet::of);

    private final String label;
    private final String title;
    private final Function<Materials, List<Block>> blocks;

    SheetKind(String label, String title, Function<Materials, List<Block>> blocks) {
        this.label = label;
        this.title = title;
        this.blocks = blocks;
    }

    /** This sheet of an order that takes so much. */
    public PrintedSheet of(Materials materials) {
        return new PrintedSheet(this, label, title, blocks.apply(materials));
    }

    /** All sheets of an order. */
    public static List<PrintedSheet> all(Materials materials) {
        return Arrays.stream(values()).map(kind -> kind.of(materials)).toList();
    }
}
