package org.crispwhorl.core.price;

import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;

/** What the studio asks for its work, and the words in which it writes a quote. */
@Text(label = "tariff", means = "What the studio asks for its work.")
public record Tariff(
        @Text(label = "money", longest = 6, means = "The sign or word written behind an amount.")
        String money,

        @Quantity(
                label = "an hour of working time",
                unit = Unit.MONEY,
                min = 0,
                max = 10000,
                usual = 20,
                means = "What the studio asks for it.")
        double hour,

        @Quantity(
                label = "evenings",
                unit = Unit.PERCENT,
                min = 0,
                max = 300,
                step = 5,
                usual = 50,
                means = "More for an hour of working time that the days of an order put into an evening.")
        double eveningPct,

        @Quantity(
                label = "overhead",
                unit = Unit.PERCENT,
                min = 0,
                max = 300,
                step = 5,
                usual = 15,
                means = "Of materials and hours: rent, power, tools that wear out.")
        double overheadPct,

        @Quantity(
                label = "profit",
                unit = Unit.PERCENT,
                min = 0,
                max = 300,
                step = 5,
                usual = 20,
                means = "Of all before it: what the studio lives on beyond its hours.")
        double profitPct,

        @Quantity(
                label = "rush",
                unit = Unit.PERCENT,
                min = 0,
                max = 300,
                step = 5,
                usual = 25,
                means = "More for an order that leaves within so many days.")
        double rushPct,

        @Quantity(label = "within", unit = Unit.DAY, min = 0, max = 60, usual = 7, means = "Days that are a rush.")
        int rushDays,

        @Quantity(
                label = "deposit",
                unit = Unit.PERCENT,
                min = 0,
                max = 100,
                step = 5,
                usual = 30,
                means = "Of the whole, paid when the order is accepted.")
        double depositPct,

        @Text(label = "begins with", longest = 1000, lines = true, means = "What stands above the amounts of a quote.")
        String opening,

        @Text(label = "ends with", longest = 1000, lines = true, means = "What stands below the amounts of a quote.")
        String closing) {
    /** What holds until a studio says otherwise. */
    public static final Tariff USUAL = new Tariff(
            "",
            20,
            50,
            15,
            20,
            25,
            7,
            30,
            "Thank you for asking. These flowers would be made by hand for your day.",
            "The date is kept for you once the deposit is paid.");

    public Tariff {
        Limits.check(
                Tariff.class,
                money,
                hour,
                eveningPct,
                overheadPct,
                profitPct,
                rushPct,
                rushDays,
                depositPct,
                opening,
                closing);
    }

    /** An amount as it is written. */
    public String write(double amount) {
        String number = Unit.MONEY.write(amount);
        return money.isBlank() ? number : number + "\u00a0" + money;
    }

    /** What so many minutes of working time in evenings cost more. */
    public double evenings(double minutes) {
        return minutes / MIN_PER_H * hour * eveningPct / PERCENT;
    }

    private static final double MIN_PER_H = 60;
    private static final double PERCENT = 100;
}
