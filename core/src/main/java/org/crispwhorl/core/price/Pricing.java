package org.crispwhorl.core.price;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.crispwhorl.core.drawer.Drawer;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.order.Gathering;
import org.crispwhorl.core.order.Materials;
import org.crispwhorl.core.order.OrderSheet;
import org.crispwhorl.core.paste.Medium;
import org.crispwhorl.core.price.PriceSheet.Beside;
import org.crispwhorl.core.price.PriceSheet.PriceLine;
import org.crispwhorl.core.price.PriceSheet.PriceSort;
import org.crispwhorl.core.progress.Progress;
import org.crispwhorl.core.species.Choices;
import org.crispwhorl.core.species.Techniques;
import org.crispwhorl.core.studio.Conditions;

/** Reckons the price of an order: materials, then hours, then what is put on both. */
public final class Pricing {
    private static final double MIN_PER_H = 60;
    private static final double PERCENT = 100;
    private static final double[] COUNTS = {0.5, 1.5, 2};

    private final Conditions conditions;
    private final Drawer drawer;
    private final Tariff tariff;
    private final boolean rush;
    private final double eveningMin;

    private Pricing(Conditions conditions, Drawer drawer, Tariff tariff, boolean rush, double eveningMin) {
        this.eveningMin = eveningMin;
        this.conditions = conditions;
        this.drawer = drawer;
        this.tariff = tariff;
        this.rush = rush;
    }

    /**
     * @param lines of the order
     * @param tierMm height of the lowest tier that picks go into
     * @param asked when it is asked for
     * @param handOver when it leaves
     * @param eveningMin minutes of its work that its days put into evenings
     */
    public static PriceSheet of(
            List<OrderSheet.Line> lines,
            Conditions conditions,
            Drawer drawer,
            double tierMm,
            Tariff tariff,
            LocalDateTime asked,
            LocalDateTime handOver,
            double eveningMin,
            Progress progress) {
        boolean rush = Duration.between(asked, handOver).toDays() < tariff.rushDays();
        return new Pricing(conditions, drawer, tariff, rush, eveningMin).priced(lines, tierMm, progress);
    }

    /** A sum of money as it can be paid: in whole hundredths, so that what is added up on paper comes to what is asked. */
    static double payable(double amount) {
        return Math.rint(amount * PERCENT) / PERCENT;
    }

    private PriceSheet priced(List<OrderSheet.Line> lines, double tierMm, Progress progress) {
        OrderSheet sheet = OrderSheet.of(lines, conditions, progress.part(0, 0.2));
        Materials materials =
                Gathering.of(lines, sheet, conditions, drawer, tierMm, Optional.empty(), progress.part(0.2, 0.5));
        List<PriceLine> all = new ArrayList<>();
        List<String> unpriced = new ArrayList<>();
        for (Materials.ShoppingLine bought : materials.shopping()) {
            if (bought.cost() > 0) {
                all.add(new PriceLine(
                        PriceSort.MATERIAL,
                        bought.what(),
                        bought.cost(),
                        amount(bought.needed()) + (bought.sign().isEmpty() ? "" : " " + bought.sign())));
            } else if (!bought.lasts()) {
                unpriced.add(bought.what());
            }
        }
        all.addAll(hours(sheet));
        if (eveningMin > 0 && tariff.eveningPct() > 0) {
            all.add(evenings());
        }
        double bare = sum(all);
        double hours = sheet.labourMin() / MIN_PER_H;
        all.addAll(putOn(bare));
        all.replaceAll(l -> new PriceLine(l.sort(), l.what(), payable(l.amount()), l.how()));
        double total = payable(sum(all));
        double flowers =
                Math.max(1, lines.stream().mapToInt(OrderSheet.Line::count).sum());
        double deposit = payable(total * tariff.depositPct() / PERCENT);
        double material =
                sum(all.stream().filter(l -> l.sort() == PriceSort.MATERIAL).toList());
        return new PriceSheet(
                all,
                total,
                total / flowers,
                deposit,
                payable(total - deposit),
                hours,
                told(total, sheet),
                unpriced,
                beside(lines, sheet, material, progress.part(0.5, 1)));
    }

    private static double sum(List<PriceLine> lines) {
        return lines.stream().mapToDouble(PriceLine::amount).sum();
    }

    private static String amount(double value) {
        return String.format(Locale.ROOT, value == Math.rint(value) ? "%.0f" : "%.1f", value);
    }

    private List<PriceLine> hours(OrderSheet sheet) {
        Map<String, Double> minutes = new LinkedHashMap<>();
        sheet.tasks()
                .forEach(
                        t -> minutes.merge(t.species() + ": " + t.task().doing().priced(), t.labourMin(), Double::sum));
        return minutes.entrySet().stream()
                .map(e -> new PriceLine(
                        PriceSort.HOURS,
                        e.getKey(),
                        e.getValue() / MIN_PER_H * tariff.hour(),
                        Unit.H.write(e.getValue() / MIN_PER_H) + " at " + tariff.write(tariff.hour())))
                .toList();
    }

    private PriceLine evenings() {
        return new PriceLine(
                PriceSort.HOURS,
                "evenings",
                tariff.evenings(eveningMin),
                Unit.H.write(eveningMin / MIN_PER_H) + " of it, " + Unit.PERCENT.write(tariff.eveningPct()) + " more");
    }

    /** Overhead on materials and hours, profit on all of these, and what a rush puts on everything. */
    private List<PriceLine> putOn(double bare) {
        List<PriceLine> on = new ArrayList<>();
        double overhead = bare * tariff.overheadPct() / PERCENT;
        double profit = (bare + overhead) * tariff.profitPct() / PERCENT;
        on.add(new PriceLine(PriceSort.OVERHEAD, "overhead", overhead, share(tariff.overheadPct(), bare)));
        on.add(new PriceLine(PriceSort.PROFIT, "profit", profit, share(tariff.profitPct(), bare + overhead)));
        if (rush) {
            double before = bare + overhead + profit;
            on.add(new PriceLine(
                    PriceSort.RUSH,
                    "rush, within " + tariff.rushDays() + " days",
                    before * tariff.rushPct() / PERCENT,
                    share(tariff.rushPct(), before)));
        }
        return on;
    }

    private String share(double pct, double of) {
        return Unit.PERCENT.write(pct) + " of " + tariff.write(of);
    }

    private double whole(double bare) {
        return bare + sum(putOn(bare));
    }

    /** Where the hours go, the most first. */
    private String told(double total, OrderSheet sheet) {
        Map<String, Double> minutes = new LinkedHashMap<>();
        sheet.tasks().forEach(t -> minutes.merge(t.task().doing().priced(), t.labourMin(), Double::sum));
        double cost = sheet.labourMin() / MIN_PER_H * tariff.hour();
        String each = minutes.entrySet().stream()
                .sorted(Map.Entry.<String, Double>comparingByValue(Comparator.reverseOrder()))
                .map(e -> Unit.H.write(e.getValue() / MIN_PER_H) + " " + e.getKey())
                .collect(Collectors.joining(", "));
        return "Of " + tariff.write(total) + " in all, " + tariff.write(cost) + " are "
                + Unit.H.write(sheet.labourMin() / MIN_PER_H) + " of working time: " + each + ".";
    }

    /** Other choices: fewer or more flowers, quick counts, another medium. Their materials go by the mass of paste. */
    private List<Beside> beside(List<OrderSheet.Line> lines, OrderSheet now, double materials, Progress progress) {
        List<Beside> all = new ArrayList<>();
        double grams = grams(now);
        for (double times : COUNTS) {
            List<OrderSheet.Line> changed = lines.stream()
                    .map(l ->
                            new OrderSheet.Line(l.id(), l.species(), Math.max(1, (int) Math.round(times * l.count()))))
                    .toList();
            int flowers = changed.stream().mapToInt(OrderSheet.Line::count).sum();
            beside(flowers + " flowers", changed, conditions, materials / grams, progress)
                    .ifPresent(all::add);
        }
        boolean fewer = conditions.techniques().counts() == Techniques.Counts.FEWER;
        Techniques otherTechniques = conditions
                .techniques()
                .with(Choices.NONE.withCounts(
                        Optional.of(fewer ? Techniques.Counts.AS_IN_NATURE : Techniques.Counts.FEWER)));
        beside(
                        fewer ? "as in nature" : "fewer pieces",
                        lines,
                        conditions.withTechniques(otherTechniques),
                        materials / grams,
                        progress)
                .ifPresent(all::add);
        for (Medium medium : Medium.QUICKER) {
            if (lines.stream().anyMatch(l -> l.species().medium() != medium)) {
                List<OrderSheet.Line> changed = lines.stream()
                        .map(l -> new OrderSheet.Line(l.id(), l.species().withMedium(medium), l.count()))
                        .toList();
                beside("in " + medium.label(), changed, conditions, materials / grams, progress)
                        .ifPresent(all::add);
            }
        }
        return all;
    }

    private Optional<Beside> beside(
            String what, List<OrderSheet.Line> lines, Conditions then, double perGram, Progress progress) {
        if (!progress.goesOn(0.5, "what " + what + " would cost")) {
            return Optional.empty();
        }
        OrderSheet sheet = OrderSheet.of(lines, then);
        double bare = perGram * grams(sheet) + sheet.labourMin() / MIN_PER_H * tariff.hour();
        return Optional.of(new Beside(what, whole(bare), sheet.labourMin() / MIN_PER_H));
    }

    private static double grams(OrderSheet sheet) {
        return Math.max(
                1,
                sheet.shades().stream().mapToDouble(OrderSheet.ShadeLine::mixG).sum());
    }
}
