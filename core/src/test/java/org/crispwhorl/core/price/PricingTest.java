package org.crispwhorl.core.price;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDateTime;
import java.util.List;
import org.crispwhorl.core.Close;
import org.crispwhorl.core.Garden;
import org.crispwhorl.core.drawer.Drawer;
import org.crispwhorl.core.drawer.OwnPaste;
import org.crispwhorl.core.drawer.OwnWire;
import org.crispwhorl.core.order.OrderSheet;
import org.crispwhorl.core.paste.Medium;
import org.crispwhorl.core.paste.Paste;
import org.crispwhorl.core.progress.Progress;
import org.crispwhorl.core.studio.Conditions;
import org.testng.annotations.Test;

public class PricingTest {
    private static final LocalDateTime NOW = LocalDateTime.of(2030, 6, 1, 9, 0);
    private static final Drawer DRAWER = new Drawer(List.of(
            new OwnPaste("tub", 900, Paste.usual(Medium.GUM_PASTE), 14),
            new OwnWire("26", 40, 26, 360, List.of(), 0.2)));
    private static final Tariff TARIFF = new Tariff("crowns", 24, 50, 10, 25, 20, 7, 40, "Dear you,", "Until then.");

    /** A sum of money is asked in whole hundredths, so that what is reckoned exactly is off by half a one at most, and a line more. */
    private static final double CENT = 0.01;

    private static PriceSheet price(int roses, Tariff tariff, int days) {
        return price(roses, tariff, days, 0);
    }

    private static PriceSheet price(int roses, Tariff tariff, int days, double eveningMin) {
        return Pricing.of(
                List.of(OrderSheet.Line.of(Garden.rose(), roses)),
                Conditions.USUAL.withKit(DRAWER.kit()),
                DRAWER,
                100,
                tariff,
                NOW,
                NOW.plusDays(days),
                eveningMin,
                Progress.UNWATCHED);
    }

    @Test
    public void hoursThatFallIntoEveningsCostMore() {
        PriceSheet day = price(3, TARIFF, 30);
        PriceSheet evenings = price(3, TARIFF, 30, 150);
        double more = 2.5 * 24 * 0.5;
        Close.within(CENT, sum(evenings, PriceSheet.PriceSort.HOURS) - sum(day, PriceSheet.PriceSort.HOURS), more);
        Close.within(3 * CENT, evenings.total() - day.total(), more * 1.10 * 1.25);
        assertEquals(evenings.hours(), day.hours(), "as many hours, dearer ones");
    }

    private static double sum(PriceSheet price, PriceSheet.PriceSort sort) {
        return price.lines().stream()
                .filter(l -> l.sort() == sort)
                .mapToDouble(PriceSheet.PriceLine::amount)
                .sum();
    }

    /** A client adds up what stands on the paper: the hundredths of each line are those of the sum. */
    @Test
    public void whatIsWrittenAddsUpToTheHundredth() {
        for (int roses = 1; roses <= 12; roses++) {
            PriceSheet price = price(roses, TARIFF, roses % 2 == 0 ? 30 : 3);
            long lines = price.lines().stream()
                    .mapToLong(l -> hundredths(l.amount()))
                    .sum();
            assertEquals(lines, hundredths(price.total()), roses + " roses");
            assertEquals(hundredths(price.deposit()) + hundredths(price.balance()), lines);
            assertEquals(hundredths(price.asHours()) + hundredths(price.asMaterials()), lines);
            assertTrue(price.asHours() > 0 && price.asMaterials() > 0);
        }
    }

    /** As it is written: rounded to the hundredth. */
    private static long hundredths(double amount) {
        return new BigDecimal(amount)
                .setScale(2, RoundingMode.HALF_UP)
                .unscaledValue()
                .longValueExact();
    }

    @Test
    public void thePriceAddsUpLineByLine() {
        PriceSheet price = price(4, TARIFF, 30);
        OrderSheet sheet =
                OrderSheet.of(List.of(OrderSheet.Line.of(Garden.rose(), 4)), Conditions.USUAL.withKit(DRAWER.kit()));
        double hours = sheet.labourMin() / 60;
        assertEquals(price.hours(), hours, 1e-9);
        long lines = price.lines().size();
        assertEquals(sum(price, PriceSheet.PriceSort.HOURS), 24 * hours, lines * CENT);
        double bare = 24 * hours + sum(price, PriceSheet.PriceSort.MATERIAL);
        assertTrue(sum(price, PriceSheet.PriceSort.MATERIAL) > 0);
        assertEquals(price.total(), bare * 1.1 * 1.25, lines * CENT);
        assertEquals(price.deposit() + price.balance(), price.total(), 1e-9);
        assertEquals(price.deposit(), 0.4 * price.total(), CENT);
        assertEquals(price.each(), price.total() / 4, 1e-9);
        assertEquals(sum(price, PriceSheet.PriceSort.RUSH), 0, 0);
        assertTrue(price.told().contains("of working time") && price.told().contains("crowns"), price.told());
    }

    @Test
    public void whatHasNoPriceIsSaidAndNotGuessed() {
        PriceSheet price = price(4, TARIFF, 30);
        assertTrue(
                price.unpriced().stream().anyMatch(u -> u.startsWith("tape")),
                price.unpriced().toString());
        assertFalse(
                price.unpriced().stream().anyMatch(u -> u.equals("wire 26 ga")),
                price.unpriced().toString());
    }

    @Test
    public void aRushIsPutOnEverything() {
        assertEquals(price(4, TARIFF, 3).total(), 1.2 * price(4, TARIFF, 30).total(), CENT);
    }

    /** Twice the flowers beside it cost what twice the flowers cost, but for what is mixed once. */
    @Test
    public void whatStandsBesideIsWhatItWouldCost() {
        PriceSheet price = price(4, TARIFF, 30);
        PriceSheet.Beside twice = price.beside().stream()
                .filter(b -> b.what().equals("8 flowers"))
                .findFirst()
                .orElseThrow();
        assertEquals(twice.total(), price(8, TARIFF, 30).total(), 0.02 * twice.total());
        assertTrue(twice.hours() < 2 * price.hours(), "shades are mixed once");
        assertTrue(price.beside().stream().anyMatch(b -> b.what().contains(Medium.GUM_FONDANT.label())));
        assertTrue(price.beside().stream().anyMatch(b -> b.what().equals("fewer pieces")));
    }
}
