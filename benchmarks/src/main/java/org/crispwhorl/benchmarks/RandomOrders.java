package org.crispwhorl.benchmarks;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;
import org.crispwhorl.core.calendar.Calendars;
import org.crispwhorl.core.calendar.StudioTime;
import org.crispwhorl.core.drawer.Drawer;
import org.crispwhorl.core.drying.Room;
import org.crispwhorl.core.drying.RoomCourse;
import org.crispwhorl.core.order.OrderSheet;
import org.crispwhorl.core.paste.Paste;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.studio.Conditions;
import org.crispwhorl.demo.DemoDocuments;
import org.crispwhorl.files.csv.DrawerCsv;
import org.crispwhorl.files.document.SpeciesDocument;

/** Orders of the demo's species by chance, as they are planned. */
public final class RandomOrders {
    /** The Monday from which they are planned. */
    public static final LocalDateTime NOW = LocalDateTime.of(2030, 6, 3, 8, 0);

    private static final ZoneId PLACE = ZoneId.of("Europe/Berlin");
    private static final double MARGIN_H = 12;
    private static final String DRAWER = "/demo-drawer/drawer.csv";
    private static final List<Species> SHELF =
            DemoDocuments.texts().stream().map(SpeciesDocument::readText).toList();

    private RandomOrders() {}

    /** A studio of usual air that works at such times. */
    public static Calendars.Studio studio(StudioTime time) {
        return new Calendars.Studio(RoomCourse.steady(Room.REFERENCE), time, List.of(), NOW, PLACE);
    }

    /** So many flowers of so many species. */
    static List<OrderSheet.Line> lines(Random random, int flowers, int species) {
        List<Species> all = new ArrayList<>(SHELF);
        List<OrderSheet.Line> lines = new ArrayList<>();
        for (int i = 0; i < species; i++) {
            lines.add(OrderSheet.Line.of(all.remove(random.nextInt(all.size())), flowers / species));
        }
        return lines;
    }

    /** So many flowers of so many species, handed over at ten in so many days. */
    public static Calendars.Asked asked(Random random, int flowers, int species, int days, Conditions conditions) {
        List<OrderSheet.Line> lines = lines(random, flowers, species);
        return new Calendars.Asked(
                OrderSheet.of(lines, conditions),
                lines.stream()
                        .collect(Collectors.toMap(
                                OrderSheet.Line::id,
                                line -> Paste.usual(line.species().medium()))),
                Room.REFERENCE,
                NOW.plusDays(days).withHour(10),
                MARGIN_H,
                Calendars.Standing.NOTHING);
    }

    /** With the formers, racks and hooks of the demo's drawer. */
    public static Conditions demoTools() {
        try (InputStream csv = RandomOrders.class.getResourceAsStream(DRAWER)) {
            String text = new String(csv.readAllBytes(), StandardCharsets.UTF_8);
            return Conditions.USUAL.withKit(new Drawer(DrawerCsv.read(text).good()).kit());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
