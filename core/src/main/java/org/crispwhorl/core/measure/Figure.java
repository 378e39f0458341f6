package org.crispwhorl.core.measure;

import java.util.List;

/**
 * A figure shown to the maker, with its reason.
 *
 * @param key a stable name, unique among the figures of one part
 * @param group the heading under which it stands
 * @param label the maker's word for it
 * @param value the value in {@code unit}
 */
public record Figure(
        String key,
        Group group,
        String label,
        @MayBeInfinite double value,
        Unit unit,
        Why why) {
    /** The headings under which figures stand. */
    public enum Group {
        SIZE,
        FIT,
        PIECES,
        PASTE,
        WIRE,
        DRYING,
        TIME
    }

    /** The figure of that key. */
    public static Figure find(List<Figure> figures, String key) {
        return figures.stream()
                .filter(f -> f.key().equals(key))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("no figure " + key));
    }
}
