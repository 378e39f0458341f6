package org.crispwhorl.server.drawer;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.UnaryOperator;
import org.crispwhorl.core.drawer.Cutter;
import org.crispwhorl.core.drawer.Drawer;
import org.crispwhorl.core.drawer.DrawerItem;
import org.crispwhorl.core.progress.Progress;
import org.crispwhorl.core.studio.Kit;
import org.crispwhorl.files.document.DocumentFault;
import org.crispwhorl.files.document.KeptText;
import org.crispwhorl.server.problem.NotThere;
import org.crispwhorl.server.problem.TwoVersions;
import org.crispwhorl.server.problem.Unreadables;
import org.crispwhorl.server.studio.Archive;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import tools.jackson.databind.json.JsonMapper;

/** The drawer of the studio as it is now. */
@Service
public class StudioDrawer implements Unreadables {
    private final DrawerRows rows;
    private final DrawerTurns turns;
    private final JsonMapper json;
    private final AtomicLong changes = new AtomicLong();
    private volatile Known known;

    StudioDrawer(DrawerRows rows, DrawerTurns turns, JsonMapper json) {
        this.rows = rows;
        this.turns = turns;
        this.json = json;
    }

    /**
     * A thing as it is kept.
     *
     * @param told what is said of it beside its name
     */
    public record KeptItem(UUID id, long version, DrawerItem item, ThingTold told) {
        KeptItem(UUID id, long version, DrawerItem item) {
            this(id, version, item, new ThingTold(item.inShort(), item.howMuch(), item.sizesMm()));
        }
    }

    /**
     * A thing in words.
     *
     * @param inShort what it is
     * @param howMuch there is of it
     * @param sizesMm by which a maker asks for it
     */
    public record ThingTold(String inShort, String howMuch, List<Double> sizesMm) {}

    @Transactional(readOnly = true)
    public List<KeptItem> all() {
        return rows.findAllByOrderByPlaceAsc().stream()
                .flatMap(row -> readable(row).stream())
                .toList();
    }

    private Optional<KeptItem> readable(DrawerRow row) {
        try {
            return Optional.of(kept(row));
        } catch (DocumentFault e) {
            return Optional.empty();
        }
    }

    @Override
    @Transactional(readOnly = true)
    public List<Unreadable> unreadable() {
        return rows.findAllByOrderByPlaceAsc().stream()
                .filter(row -> readable(row).isEmpty())
                .map(row ->
                        new Unreadable("a thing in the drawer", "it is passed over and kept as it is", row.document()))
                .toList();
    }

    /** All that is in it. */
    public Drawer now() {
        return known().drawer();
    }

    /** What the reckoning has to know of it. */
    public Kit kit() {
        return known().kit();
    }

    /** The drawer, and what the reckoning has to know of it. */
    private record Known(Drawer drawer, Kit kit) {
        static Known of(List<KeptItem> all) {
            Drawer drawer = new Drawer(all.stream().map(KeptItem::item).toList());
            return new Known(drawer, drawer.kit());
        }
    }

    /** It is asked for at every stroke on the plate, so it is kept at hand until the drawer changes. */
    private Known known() {
        Known now = known;
        if (now == null) {
            long before = changes.get();
            now = Known.of(all());
            known = changes.get() == before ? now : null;
        }
        return now;
    }

    /**
     * Changes to the drawer wait for each other. Whatever is known of it is forgotten once a change is kept, or given up.
     */
    private void changing() {
        turns.held().count();
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCompletion(int status) {
                changes.incrementAndGet();
                known = null;
            }
        });
    }

    /** Another studio was put in this one's place. */
    @EventListener(Archive.Restored.class)
    public void forget() {
        changes.incrementAndGet();
        known = null;
    }

    @Transactional
    public KeptItem add(DrawerItem item) {
        changing();
        KeptItem kept = kept(rows.saveAndFlush(fresh(item, rows.lastPlace() + 1)));
        checkTogether();
        return kept;
    }

    /** The thing of that id. */
    @Transactional(readOnly = true)
    public KeptItem get(UUID id) {
        return kept(row(id));
    }

    /**
     * Puts a cutter in in further sizes.
     *
     * @throws NotThere where there is no cutter of that id
     */
    @Transactional
    public List<KeptItem> addSizes(UUID id, List<Double> sizesMm) {
        changing();
        if (!(kept(row(id)).item() instanceof Cutter cutter)) {
            throw new NotThere("cutter", id);
        }
        List<KeptItem> added = new ArrayList<>();
        for (Cutter other : cutter.inSizes(sizesMm)) {
            added.add(kept(rows.saveAndFlush(fresh(other, rows.lastPlace() + 1))));
        }
        return added;
    }

    private DrawerRow fresh(DrawerItem item, long place) {
        return new DrawerRow(UUID.randomUUID(), place, written(item));
    }

    /**
     * Takes things in, all or none.
     *
     * @param inPlaceOfAll whether all that is in the drawer goes
     * @throws Progress.Stopped where they are no longer wanted; then nothing has changed
     */
    @Transactional
    public void takeIn(List<? extends DrawerItem> items, boolean inPlaceOfAll, Progress progress) {
        changing();
        if (inPlaceOfAll) {
            rows.deleteAllInBatch();
        }
        long place = rows.lastPlace();
        for (int from = 0; from < items.size(); from += BATCH) {
            List<? extends DrawerItem> some = items.subList(from, Math.min(items.size(), from + BATCH));
            List<DrawerRow> fresh = new ArrayList<>();
            for (DrawerItem item : some) {
                fresh.add(fresh(item, ++place));
            }
            rows.saveAllAndFlush(fresh);
            progress.reached((from + some.size()) / (double) items.size(), "taking it in");
        }
        checkTogether();
    }

    /** So many rows are kept at a time. */
    private static final int BATCH = 500;

    /** Things that cannot be together, such as a gauge measured thicker than a thicker one, are refused. */
    private void checkTogether() {
        Known.of(all());
    }

    /**
     * Keeps a changed thing.
     *
     * @throws TwoVersions where another version than {@code version} is kept by now, unless it is this very thing: then the
     *     answer had been lost
     */
    @Transactional
    public KeptItem change(UUID id, long version, DrawerItem item) {
        changing();
        DrawerRow row = row(id);
        if (row.version() != version) {
            if (kept(row).item().equals(item)) {
                return kept(row);
            }
            throw new TwoVersions(
                    version, row.version(), json.valueToTree(kept(row).item()));
        }
        row.keep(written(item));
        KeptItem kept = kept(rows.saveAndFlush(row));
        checkTogether();
        return kept;
    }

    /** Changes things by what is kept of them; those that are no longer there are passed over. */
    @Transactional
    public void change(Map<UUID, UnaryOperator<DrawerItem>> thoseThatChange) {
        changing();
        thoseThatChange.forEach((id, change) -> rows.findById(id)
                .ifPresent(row -> row.keep(written(change.apply(kept(row).item())))));
        rows.flush();
    }

    @Transactional
    public void remove(UUID id) {
        changing();
        rows.delete(row(id));
    }

    private DrawerRow row(UUID id) {
        return rows.findById(id).orElseThrow(() -> new NotThere("thing", id));
    }

    private KeptItem kept(DrawerRow row) {
        return new KeptItem(row.id(), row.version(), KeptText.DRAWER_ITEM.read(row.document()));
    }

    private String written(DrawerItem item) {
        return KeptText.DRAWER_ITEM.write(item);
    }
}
