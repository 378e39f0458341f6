package org.crispwhorl.server.book;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import org.crispwhorl.core.book.Book;
import org.crispwhorl.core.book.LeftOut;
import org.crispwhorl.core.book.PaceLearnt;
import org.crispwhorl.core.book.RollerLearnt;
import org.crispwhorl.core.drawer.BreakageRecord;
import org.crispwhorl.core.drawer.DrawerItem;
import org.crispwhorl.core.drawer.DryingRecord;
import org.crispwhorl.core.drawer.RollerMachine;
import org.crispwhorl.core.drying.RoomCourse;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.paste.Medium;
import org.crispwhorl.core.progress.Progress;
import org.crispwhorl.core.studio.Pace;
import org.crispwhorl.core.studio.Watched;
import org.crispwhorl.core.work.Operation;
import org.crispwhorl.server.ahead.StudioAir;
import org.crispwhorl.server.choices.Choice;
import org.crispwhorl.server.choices.StudioChoices;
import org.crispwhorl.server.drawer.StudioDrawer;
import org.crispwhorl.server.journal.BenchJournal;
import org.crispwhorl.server.order.Orders;
import org.crispwhorl.server.problem.NotThere;
import org.crispwhorl.server.work.MadeOnce;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The studio's book: written by the bench, read here; lessons that are taken go into the drawer and the pace. */
@Service
public class StudioBook {
    /** What the book's records in the drawer are called. */
    private static final String NAME = "from the book";

    private final BenchJournal journal;
    private final Orders orders;
    private final StudioChoices choices;
    private final StudioDrawer drawer;

    private final StudioAir air;

    private final MadeOnce made;

    StudioBook(
            BenchJournal journal,
            Orders orders,
            StudioChoices choices,
            StudioDrawer drawer,
            StudioAir air,
            MadeOnce made) {
        this.made = made;
        this.air = air;
        this.journal = journal;
        this.orders = orders;
        this.choices = choices;
        this.drawer = drawer;
    }

    /**
     * All that the book is written of.
     *
     * @param frozen orders that are accepted, by their versions: what they are worked with is frozen with them
     * @param open what the others are, as the shelf and the studio are now
     */
    private record BookOf(
            List<Long> journal,
            List<UUID> begun,
            Map<UUID, Long> frozen,
            Map<UUID, Orders.Work> open,
            RoomCourse course,
            Pace.Hand hand,
            List<String> leftOut,
            Optional<RollerMachine> roller) {}

    /** The book as it stands, written once for as long as what it is written of is the same. */
    public Book now() {
        List<UUID> begun =
                journal.begun().stream().map(BenchJournal.OnTheBench::orderId).toList();
        Map<UUID, Long> frozen = orders.frozen(begun);
        BookOf of = new BookOf(
                journal.state(),
                begun,
                frozen,
                begun.stream().filter(id -> !frozen.containsKey(id)).collect(Collectors.toMap(id -> id, orders::work)),
                air.course(),
                choices.now(Choice.PACE).hand(),
                leftOut().works(),
                drawer.now().roller());
        return made.of("book", of, Progress.UNWATCHED, () -> written(of));
    }

    private Book written(BookOf of) {
        List<Book.Worked> worked = new ArrayList<>();
        for (UUID id : of.begun()) {
            Orders.Work all =
                    of.frozen().containsKey(id) ? orders.work(id) : of.open().get(id);
            worked.add(new Book.Worked(
                    id.toString(),
                    all.order().name(),
                    all.lines(),
                    all.conditions(),
                    journal.of(id),
                    journal.zone(),
                    at -> of.course().measured(at) ? Optional.of(of.course().at(at)) : Optional.empty()));
        }
        return Book.of(worked, of.hand(), of.leftOut(), of.roller());
    }

    /** What of it teaches nothing. */
    public LeftOut leftOut() {
        return choices.now(Choice.LEFT_OUT);
    }

    /** Whether the book's count of what broke is gone by. */
    public boolean breakageTaken() {
        return drawer.all().stream().anyMatch(kept -> breakage().test(kept.item()));
    }

    /** Leaves a record out, or takes it back in. */
    @Transactional
    public void leaveOut(String work, boolean out) {
        List<String> works = new ArrayList<>(leftOut().works());
        works.remove(work);
        if (out) {
            works.add(work);
        }
        choices.choose(Choice.LEFT_OUT, new LeftOut(works), Optional.empty());
    }

    /**
     * Goes by what was learnt of the drying of a medium from now on.
     *
     * @throws NotThere where nothing was
     */
    @Transactional
    public void takeDrying(Medium medium, Watched.DryingClock clock) {
        Book.DryingLesson lesson = now().drying().stream()
                .filter(d -> d.medium() == medium && d.clock() == clock)
                .findFirst()
                .orElseThrow(() -> new NotThere("record of drying of", Text.Labels.of(medium)));
        put(
                drying(medium, clock),
                new DryingRecord(
                        NAME + ": " + Text.Labels.of(medium)
                                + (clock == Watched.DryingClock.SKIN ? ", " + Text.Labels.of(clock) : ""),
                        lesson.watched()));
    }

    /** Goes by what is reckoned of a medium without any record. */
    @Transactional
    public void forgetDrying(Medium medium, Watched.DryingClock clock) {
        kept(drying(medium, clock)).forEach(drawer::remove);
    }

    /**
     * Goes by what was learnt of an operation from now on.
     *
     * @throws NotThere where nothing was
     */
    @Transactional
    public void takePace(Operation operation) {
        PaceLearnt learnt = now().pace().stream()
                .filter(p -> p.operation() == operation)
                .findFirst()
                .orElseThrow(() -> new NotThere("record of", Text.Labels.of(operation)));
        Pace pace = choices.now(Choice.PACE);
        choices.choose(Choice.PACE, learnt.into(pace), Optional.empty());
    }

    /** Goes by the studio's hand for an operation. */
    @Transactional
    public void forgetPace(Operation operation) {
        choices.choose(Choice.PACE, PaceLearnt.without(choices.now(Choice.PACE), operation), Optional.empty());
    }

    /** Goes by what broke from now on. */
    @Transactional
    public void takeBreakage() {
        Book.BreakageLesson lesson = now().breakage();
        forgetBreakage();
        lesson.sorts().forEach(s -> drawer.add(new BreakageRecord(NAME, s.sort(), s.broken(), s.whole())));
    }

    /** Goes by the odds of breakage without the book. */
    @Transactional
    public void forgetBreakage() {
        kept(breakage()).forEach(drawer::remove);
    }

    /**
     * Goes by how much thicker the roller was seen to roll.
     *
     * @throws NotThere where no sheet was measured
     */
    @Transactional
    public void takeRoller() {
        RollerLearnt learnt = now().roller().orElseThrow(() -> new NotThere("record of", "a sheet"));
        rollers(machine -> machine.drifted(Math.round(100 * learnt.factor()) / 100.0));
    }

    /** Goes by what was measured of the roller's settings alone. */
    @Transactional
    public void forgetRoller() {
        rollers(machine -> machine.drifted(1));
    }

    /** Changes the roller that is gone by. */
    private void rollers(UnaryOperator<RollerMachine> change) {
        drawer.now().roller().ifPresent(used -> drawer.all().stream()
                .filter(kept -> kept.item().equals(used))
                .findFirst()
                .ifPresent(kept -> drawer.change(kept.id(), kept.version(), change.apply(used))));
    }

    private static Predicate<DrawerItem> drying(Medium medium, Watched.DryingClock clock) {
        return item -> item instanceof DryingRecord record
                && record.watched().medium() == medium
                && record.watched().clock() == clock;
    }

    private static Predicate<DrawerItem> breakage() {
        return item -> item instanceof BreakageRecord && item.name().equals(NAME);
    }

    private List<UUID> kept(Predicate<DrawerItem> those) {
        return drawer.all().stream()
                .filter(kept -> those.test(kept.item()))
                .map(StudioDrawer.KeptItem::id)
                .toList();
    }

    /** Puts a record in the place of those like it. */
    private void put(Predicate<DrawerItem> like, DrawerItem record) {
        kept(like).forEach(drawer::remove);
        drawer.add(record);
    }
}
