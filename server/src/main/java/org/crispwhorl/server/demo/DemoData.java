package org.crispwhorl.server.demo;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZonedDateTime;
import java.time.temporal.TemporalAdjusters;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.crispwhorl.core.drying.Room;
import org.crispwhorl.core.order.Order;
import org.crispwhorl.core.order.Venue;
import org.crispwhorl.core.progress.Progress;
import org.crispwhorl.files.csv.DrawerCsv;
import org.crispwhorl.files.document.SpeciesDocument;
import org.crispwhorl.server.days.Days;
import org.crispwhorl.server.drawer.StudioDrawer;
import org.crispwhorl.server.journal.BenchJournal;
import org.crispwhorl.server.order.Orders;
import org.crispwhorl.server.room.StudioRoom;
import org.crispwhorl.server.shelf.Shelf;
import org.crispwhorl.server.shelf.SpeciesCard;
import org.crispwhorl.server.studio.StudioOpening;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.env.Environment;
import org.springframework.core.env.Profiles;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.stereotype.Component;

/**
 * Fills an empty studio with the demo species, a drawer and orders at different moments, their dates moving with today, in the profile {@code demo}. The
 * profile is asked at the start and not by a condition, since conditions are settled when the application is built.
 */
@Component
class DemoData implements ApplicationRunner {
    private static final int DAYS_AHEAD = 7;

    /** So many works of the order on the bench are done, and the next was begun so many minutes ago. */
    private static final int DONE = 3;

    private static final int BEGUN_MIN = 6;

    private final Environment environment;
    private final Shelf shelf;
    private final StudioRoom room;
    private final Orders orders;
    private final StudioDrawer drawer;
    private final BenchJournal journal;
    private final Days days;
    private final Clock clock;
    private final WholeAnswers whole;

    DemoData(
            Environment environment,
            Shelf shelf,
            StudioRoom room,
            Orders orders,
            StudioDrawer drawer,
            BenchJournal journal,
            Days days,
            Clock clock,
            WholeAnswers whole) {
        this.days = days;
        this.whole = whole;
        this.clock = clock;
        this.journal = journal;
        this.environment = environment;
        this.shelf = shelf;
        this.room = room;
        this.orders = orders;
        this.drawer = drawer;
    }

    @Override
    public void run(ApplicationArguments args) throws IOException {
        try {
            if (environment.acceptsProfiles(Profiles.of(StudioOpening.DEMO)) && shelf.isEmpty()) {
                fill();
            }
        } finally {
            whole.begin();
        }
    }

    private void fill() throws IOException {
        room.set(new Room(20, 52, new Room.Air.Still()));
        drawer.takeIn(
                DrawerCsv.read(new ClassPathResource("demo-drawer/drawer.csv")
                                .getContentAsString(StandardCharsets.UTF_8))
                        .good(),
                true,
                Progress.UNWATCHED);
        Map<String, UUID> species = new HashMap<>();
        Resource[] documents = new PathMatchingResourcePatternResolver().getResources("classpath:demo/*.json");
        Arrays.sort(documents, Comparator.comparing(Resource::getFilename));
        for (Resource document : documents) {
            SpeciesCard kept = shelf.add(SpeciesDocument.readText(document.getContentAsString(StandardCharsets.UTF_8)));
            species.put(document.getFilename().replace(".json", ""), kept.id());
        }
        LocalDate saturday =
                LocalDate.now(clock).plusDays(DAYS_AHEAD).with(TemporalAdjusters.nextOrSame(DayOfWeek.SATURDAY));
        orders.add(new Order(
                "Supper on the lock island",
                "Two tiers, ivory; the flowers go over the side like the garden over the wall.",
                saturday.atTime(10, 0),
                12,
                110,
                Optional.of(new Venue(26, 64, 5, true, false)),
                List.of(
                        new Order.OrderLine("stephanotis", species.get("lock-wedding-stephanotis"), 2),
                        new Order.OrderLine("hellebore", species.get("lockside-hellebore"), 5),
                        new Order.OrderLine("camellia", species.get("towpath-camellia"), 3))));
        others(saturday, species);
    }

    /** One that is on the bench, one that is promised, and one that was delivered with its pages in the book. */
    private void others(LocalDate saturday, Map<String, UUID> species) {
        ZonedDateTime now = ZonedDateTime.now(clock).withNano(0);
        UUID bench = accepted(new Order(
                "Regatta tea",
                "A ring of small buds for the cup; they may be made early, they keep.",
                saturday.plusDays(1).atTime(14, 0),
                12,
                60,
                List.of(new Order.OrderLine("rosebud", species.get("cottage-rosebud"), 6))));
        Orders.Work begun = orders.work(bench);
        journal.lay(bench, DemoBench.upTo(begun.lines(), begun.conditions(), now, DONE, BEGUN_MIN));
        planned(bench, now.toLocalDateTime());
        accepted(new Order(
                "Christening at the towpath",
                "Violas only, in both colours.",
                saturday.plusDays(7).atTime(11, 0),
                12,
                80,
                List.of(new Order.OrderLine("viola", species.get("step-viola"), 8))));
        UUID gone = accepted(new Order(
                "Lock-house anniversary",
                "Hellebores and daffodils on one tier.",
                now.toLocalDate().minusDays(3).atTime(10, 0),
                12,
                100,
                List.of(
                        new Order.OrderLine("hellebore", species.get("lockside-hellebore"), 4),
                        new Order.OrderLine("daffodil", species.get("towpath-daffodil"), 3))));
        Orders.Work done = orders.work(gone);
        LocalDateTime began = now.toLocalDate().minusDays(14).atTime(9, 0);
        planned(gone, began.minusHours(1));
        journal.lay(gone, DemoBench.all(done.lines(), done.conditions(), began, now.getZone()));
        orders.deliver(gone, now.minusDays(3).with(LocalTime.of(9, 30)).toInstant());
    }

    /** Keeps the plain plan of an order as it would have been made at a moment. */
    private void planned(UUID order, LocalDateTime moment) {
        Days.Asked asked = days.asked(order);
        days.keep(List.of(asked), List.of(days.quickAt(asked, moment)));
    }

    private UUID accepted(Order order) {
        UUID id = orders.add(order).id();
        orders.accept(id);
        return id;
    }
}
