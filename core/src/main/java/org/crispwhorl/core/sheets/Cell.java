package org.crispwhorl.core.sheets;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Optional;
import org.crispwhorl.core.measure.Unit;

/**
 * One cell of a table.
 *
 * @param text as it is read; a length in it is written by {@link Unit#write}
 * @param number what the text says, for whoever reckons on with it, lengths in mm; none of a text
 * @param colour of a patch before the text, sRGB
 * @param mark weight of the text
 */
public record Cell(String text, Optional<Double> number, Optional<String> colour, Mark mark) {
    /** Nothing, or a box to tick. */
    public static final Cell EMPTY = text("");

    /** A text alone. */
    public static Cell text(String text) {
        return marked(Mark.NONE, text);
    }

    static Cell marked(Mark mark, String text) {
        return new Cell(text, Optional.empty(), Optional.empty(), mark);
    }

    static Cell patch(String colour, String text) {
        return new Cell(text, Optional.empty(), Optional.of(colour), Mark.NONE);
    }

    static Cell count(int count) {
        return number(count, 0);
    }

    /** A number to so many digits, without noughts at its end. */
    static Cell number(double value, int digits) {
        return new Cell(plain(value, digits), Optional.of(value), Optional.empty(), Mark.NONE);
    }

    static Cell length(double mm) {
        return new Cell(Unit.MM.write(mm), Optional.of(mm), Optional.empty(), Mark.NONE);
    }

    static Cell thickness(double mm) {
        return new Cell(Unit.FINE_MM.write(mm), Optional.of(mm), Optional.empty(), Mark.NONE);
    }

    Cell marked(Mark weight) {
        return new Cell(text, number, colour, weight);
    }

    static String plain(double value, int digits) {
        BigDecimal rounded = BigDecimal.valueOf(value).setScale(digits, RoundingMode.HALF_UP);
        return rounded.signum() == 0 ? "0" : rounded.stripTrailingZeros().toPlainString();
    }
}
