package org.crispwhorl.core.quick;

import java.util.ArrayList;
import java.util.List;
import org.crispwhorl.core.measure.Figure;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.reckoning.Reckoning;

/**
 * What a quick figure comes to.
 *
 * @param figures with their reasons, the one that was asked for first
 * @param gauges every gauge of wire, where wires were asked about
 * @param swatches where shades were asked about
 * @param notes what to look out for, in the maker's words
 */
public record QuickAnswer(
        List<Figure> figures, List<Reckoning.GaugeRow> gauges, List<Swatch> swatches, List<String> notes) {
    public QuickAnswer {
        figures = List.copyOf(figures);
        gauges = List.copyOf(gauges);
        swatches = List.copyOf(swatches);
        notes = List.copyOf(notes);
    }

    /**
     * A shade of a ladder.
     *
     * @param ladder by which rule
     * @param colour by the mixing law, sRGB
     * @param strongG grams of strong colour in the wanted mass
     * @param whiteG grams of white
     * @param alike whether it cannot be told from the one before it
     */
    public record Swatch(String ladder, double share, String colour, double strongG, double whiteG, boolean alike) {}

    /** An answer while it is being written. */
    static final class Draft {
        private final List<Figure> figures = new ArrayList<>();
        final List<Reckoning.GaugeRow> gauges = new ArrayList<>();
        final List<Swatch> swatches = new ArrayList<>();
        final List<String> notes = new ArrayList<>();

        Draft add(Figure.Group group, String key, String label, double value, Unit unit, Why why) {
            figures.add(new Figure(key, group, label, value, unit, why));
            return this;
        }

        Draft note(String note) {
            notes.add(note);
            return this;
        }

        QuickAnswer answer() {
            return new QuickAnswer(figures, gauges, swatches, notes);
        }
    }
}
