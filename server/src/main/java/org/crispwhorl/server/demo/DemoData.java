package org.crispwhorl.server.demo;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import org.crispwhorl.core.drying.Room;
import org.crispwhorl.core.order.Order;
import org.crispwhorl.core.progress.Progress;
import org.crispwhorl.files.DrawerCsv;
import org.crispwhorl.files.SpeciesDocument;
import org.crispwhorl.server.drawer.StudioDrawer;
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
 * Fills an empty studio with the demo species, a drawer and an order for a Saturday at the lock, in the profile {@code demo}. The
 * profile is asked at the start and not by a condition, since conditions are settled when the application is built.
 */
@Component
class DemoData implements ApplicationRunner {
    /** How many of which are ordered for the supper. */
    private static final Map<String, Integer> ORDERED =
            Map.of("lockside-hellebore.json", 5, "towpath-camellia.json", 3, "lock-wedding-stephanotis.json", 2);

    private static final int DAYS_AHEAD = 7;

    private final Environment environment;
    private final Shelf shelf;
    private final StudioRoom room;
    private final Orders orders;
    private final StudioDrawer drawer;

    DemoData(Environment environment, Shelf shelf, StudioRoom room, Orders orders, StudioDrawer drawer) {
        this.environment = environment;
        this.shelf = shelf;
        this.room = room;
        this.orders = orders;
        this.drawer = drawer;
    }

    @Override
    public void run(ApplicationArguments args) throws IOException {
        if (!environment.acceptsProfiles(Profiles.of(StudioOpening.DEMO)) || !shelf.isEmpty()) {
            return;
        }
        room.set(new Room(20, 52, new Room.Air.Still()));
        drawer.takeIn(
                DrawerCsv.read(new ClassPathResource("demo-drawer/drawer.csv")
                                .getContentAsString(StandardCharsets.UTF_8))
                        .good(),
                true,
                Progress.UNWATCHED);
        List<Order.OrderLine> lines = new ArrayList<>();
        Resource[] documents = new PathMatchingResourcePatternResolver().getResources("classpath:demo/*.json");
        Arrays.sort(documents, Comparator.comparing(Resource::getFilename));
        for (Resource document : documents) {
            SpeciesCard kept = shelf.add(SpeciesDocument.readText(document.getContentAsString(StandardCharsets.UTF_8)));
            Integer wanted = ORDERED.get(document.getFilename());
            if (wanted != null) {
                lines.add(new Order.OrderLine(kept.id(), wanted));
            }
        }
        LocalDate saturday =
                LocalDate.now().plusDays(DAYS_AHEAD).with(TemporalAdjusters.nextOrSame(DayOfWeek.SATURDAY));
        orders.add(new Order(
                "Supper on the lock island",
                "Two tiers, ivory; the flowers go over the side like the garden over the wall.",
                saturday.atTime(10, 0),
                12,
                110,
                lines));
    }
}
