package org.crispwhorl.files.document;

import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import org.crispwhorl.core.bench.BenchRecord;
import org.crispwhorl.core.book.LeftOut;
import org.crispwhorl.core.calendar.Planned;
import org.crispwhorl.core.calendar.StudioTime;
import org.crispwhorl.core.drawer.DrawerItem;
import org.crispwhorl.core.drawer.Stock;
import org.crispwhorl.core.drying.RoomAhead;
import org.crispwhorl.core.order.Venue;
import org.crispwhorl.core.price.Agreed;
import org.crispwhorl.core.price.Tariff;
import org.crispwhorl.core.species.Techniques;
import org.crispwhorl.core.studio.Pace;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * How the things of a studio that are no documents of their own are kept: in an envelope that says what they are and of which
 * version. Today's is read strictly; older ones are lifted first, a step for each version.
 *
 * @param <T> what is kept
 */
public final class KeptText<T> {
    /** The studio's techniques. */
    public static final KeptText<Techniques> TECHNIQUES = new KeptText<>(
            "techniques",
            Techniques.class,
            List.of(KeptText::cleaned, KeptText::inTheCabinet, OldNames::lift, KeptText::tapeAsBought));

    /** The studio's pace. */
    public static final KeptText<Pace> PACE =
            new KeptText<>("pace", Pace.class, List.of(UnaryOperator.identity(), WorkLift::pace));

    /** The studio's time. */
    public static final KeptText<StudioTime> TIME = new KeptText<>(
            "time", StudioTime.class, List.of(UnaryOperator.identity(), KeptText::handsAlike, WorkLift::time));

    /** What the studio asks for its work. */
    public static final KeptText<Tariff> TARIFF = new KeptText<>(
            "tariff", Tariff.class, List.of(UnaryOperator.identity(), KeptText::eveningsAlike, OldNames::lift));

    /** What of the book was left out. */
    public static final KeptText<LeftOut> LEFT_OUT =
            new KeptText<>("left-out", LeftOut.class, List.of(UnaryOperator.identity()));

    /** The calendar that was last made of an order. */
    public static final KeptText<Planned> PLANNED = new KeptText<>(
            "planned",
            Planned.class,
            List.of(
                    UnaryOperator.identity(),
                    KeptText::nothingDone,
                    KeptText::steadyRoom,
                    KeptText::byItself,
                    KeptText::inThisZone,
                    OldNames::lift,
                    KeptText::namedLines,
                    KeptText::withoutSittings,
                    KeptText::uncounted,
                    KeptText::promisedAsTold));

    /** What was measured or noted at the bench. */
    public static final KeptText<BenchRecord> SAID =
            new KeptText<>("said", BenchRecord.class, List.of(UnaryOperator.identity()));

    /** The price with which an order was accepted. */
    public static final KeptText<Agreed> AGREED =
            new KeptText<>("agreed", Agreed.class, List.of(UnaryOperator.identity()));

    /** Where an order goes. */
    public static final KeptText<Venue> VENUE = new KeptText<>("venue", Venue.class, List.of(UnaryOperator.identity()));

    /** By what the coming air is known. */
    public static final KeptText<RoomAhead> AHEAD =
            new KeptText<>("ahead", RoomAhead.class, List.of(UnaryOperator.identity()));

    /** What an order was accepted with. */
    static final KeptText<AcceptanceText.Kept> ACCEPTANCE = new KeptText<>(
            "acceptance",
            AcceptanceText.Kept.class,
            List.of(
                    UnaryOperator.identity(),
                    DrawerLift::frozen,
                    DrawerLift::unwatched,
                    KeptText::frozenPlaces,
                    KeptText::inThisZone,
                    KeptText::namedConditions,
                    WorkLift::accepted,
                    KeptText::frozenTape));

    /** A thing in the drawer. */
    public static final KeptText<DrawerItem> DRAWER_ITEM = new KeptText<>(
            "drawer-item", DrawerItem.class, List.of(KeptText::cleaned, DrawerLift::item, DrawerLift::sorted));

    /** What an order took from a thing. */
    public static final KeptText<Stock.Taken> TAKEN =
            new KeptText<>("taken", Stock.Taken.class, List.of(KeptText::cleaned));

    private static final String BODY = "body";

    /** What older versions called a format, and what it is called now. */
    private static final Map<String, String> FORMERLY =
            Map.of(Envelope.PREFIX + "ways", Envelope.PREFIX + "techniques");

    private static final JsonMapper MAPPER = CraftJson.mapper();

    private final Envelope envelope;
    private final Class<T> type;
    private final ReadOnce<T> known = new ReadOnce<>();

    /**
     * @param lifts from each version to the next; version 0 stood without an envelope
     */
    private KeptText(String name, Class<T> type, List<UnaryOperator<JsonNode>> lifts) {
        this.envelope = new Envelope(Envelope.PREFIX + name, 0, lifts);
        this.type = type;
    }

    /** The first version let any character stand in a text. */
    private static JsonNode cleaned(JsonNode body) {
        return DocumentLift.cleaned(body);
    }

    /** The first version of a plan knew of nothing that was done. */
    private static JsonNode nothingDone(JsonNode body) {
        body.path("calendar").path("stints").forEach(stint -> {
            if (stint instanceof ObjectNode one) {
                one.put("done", false);
            }
        });
        return body;
    }

    /** The first version of a tariff asked no more for evenings. */
    private static JsonNode eveningsAlike(JsonNode body) {
        return ((ObjectNode) body).put("eveningPct", 0);
    }

    /** The second version of a plan took the room as it was set for every day. */
    private static JsonNode steadyRoom(JsonNode body) {
        ObjectNode ahead = ((ObjectNode) body).putObject("ahead").put("source", "steady");
        ahead.putArray("day");
        ahead.putArray("spells");
        return body;
    }

    /** The first version of a studio's techniques had everything dry where the room says. */
    private static JsonNode inTheCabinet(JsonNode body) {
        return ((ObjectNode) body).put("driesIn", "cabinet");
    }

    /** Techniques once said nothing of the width of tape. */
    private static JsonNode tapeAsBought(JsonNode body) {
        return ((ObjectNode) body).put("tape", "as-bought");
    }

    private static JsonNode frozenTape(JsonNode body) {
        tapeAsBought(body.path("conditions").path("techniques"));
        return body;
    }

    /** The first version of a studio's time knew of no quiet hours, and let the fan run on. */
    private static JsonNode handsAlike(JsonNode body) {
        ObjectNode time = (ObjectNode) body;
        time.putArray("quiet");
        return time.put("runsOn", true);
    }

    /** The third version of a plan was of one order, and told of nothing that it takes. */
    private static JsonNode byItself(JsonNode body) {
        handsAlike(body.path("time"));
        body.path("calendar").path("stints").forEach(stint -> ((ObjectNode) stint).putArray("takes"));
        ((ObjectNode) body).putArray("together");
        return body;
    }

    /** Lines of an order were numbers, from 0, and nobody knew what other calendars had taken in. */
    private static JsonNode namedLines(JsonNode body) {
        int id = 0;
        for (JsonNode line : body.path("order").path("lines")) {
            ((ObjectNode) line).put("id", Integer.toString(id++));
        }
        body.path("calendar").path("tasks").forEach(task -> ((ObjectNode) task)
                .put("line", task.path("line").asString()));
        ((ObjectNode) body).putObject("published").put("revision", 0).putArray("withdrawn");
        return body;
    }

    /** Work once was placed piece by piece, to begin as late as can be, and it was told whether that was proved. */
    private static JsonNode withoutSittings(JsonNode body) {
        if (body.path("calendar") instanceof ObjectNode calendar) {
            calendar.put("freeHalfDays", 0);
            calendar.remove(List.of("proved", "atLatest"));
            calendar.path("tasks").forEach(task -> ((ObjectNode) task).put("sitting", 0));
        }
        return body;
    }

    /** Of work it was not kept how many pieces of how many flowers it is, nor of a plan what becomes of it where a day is lost. */
    private static JsonNode uncounted(JsonNode body) {
        body.path("calendar")
                .path("tasks")
                .forEach(task -> ((ObjectNode) task).put("flowers", 0).put("pieces", 0));
        if (body.path("calendar").path("odds") instanceof ObjectNode odds) {
            odds.putArray("lost");
        }
        return body;
    }

    /** Of a plan it was not kept what the first one of its order had told: its own odds stand for that. Nor of work, which flowers it is on. */
    private static JsonNode promisedAsTold(JsonNode body) {
        body.path("calendar")
                .path("tasks")
                .forEach(task -> ((ObjectNode) task).put("firstFlower", 0).put("lastFlower", 0));
        JsonNode told = body.path("calendar").path("odds").path("inHundred");
        if (told.isNumber()) {
            ((ObjectNode) body).set("promised", told);
        }
        return body;
    }

    /** Orders were accepted when everything dried where the room says, and nothing was counted but formers. */
    private static JsonNode frozenPlaces(JsonNode body) {
        inTheCabinet(body.path("conditions").path("ways"));
        ObjectNode kit = (ObjectNode) body.path("conditions").path("kit");
        kit.putObject("places");
        kit.putArray("breakages");
        kit.path("watched").forEach(DrawerLift::ofTheBody);
        return body;
    }

    /** Moments once were kept without a zone, as the clock of this studio told them. */
    private static JsonNode inThisZone(JsonNode body) {
        LocalDateTime at = LocalDateTime.parse(body.path("at").asString());
        return ((ObjectNode) body)
                .put("at", at.atZone(ZoneId.systemDefault()).toInstant().toString());
    }

    /** The species that an order was accepted with are documents, and lifted by themselves. */
    private static JsonNode namedConditions(JsonNode body) {
        ((ObjectNode) body).set("conditions", OldNames.lift(body.path("conditions")));
        return body;
    }

    /** The version that is written. */
    public int version() {
        return envelope.version();
    }

    public String write(T kept) {
        ObjectNode text =
                MAPPER.createObjectNode().put("format", envelope.format()).put("version", version());
        text.set(BODY, MAPPER.readTree(MAPPER.writerFor(type).writeValueAsString(kept)));
        return text.toString();
    }

    /**
     * Reads what was kept, by whichever version.
     *
     * @throws DocumentFault saying what is wrong with it
     */
    public T read(String text) {
        return known.of(text, this::fresh);
    }

    private T fresh(String text) {
        try {
            JsonNode kept = MAPPER.readTree(text);
            JsonNode body = kept.has("format")
                    ? envelope.lifted(envelope.versionOf(kept, named(kept)), kept.path(BODY))
                    : envelope.lifted(0, kept);
            return MAPPER.treeToValue(body, type);
        } catch (JacksonException e) {
            throw BindingFault.of(e);
        }
    }

    private static String named(JsonNode kept) {
        String named = kept.get("format").asString("");
        return FORMERLY.getOrDefault(named, named);
    }
}
