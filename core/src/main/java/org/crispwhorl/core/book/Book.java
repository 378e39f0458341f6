package org.crispwhorl.core.book;

import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import org.crispwhorl.core.bench.BenchEvent;
import org.crispwhorl.core.bench.BenchRecord;
import org.crispwhorl.core.drawer.RollerMachine;
import org.crispwhorl.core.drying.Room;
import org.crispwhorl.core.order.OrderSheet;
import org.crispwhorl.core.paste.Medium;
import org.crispwhorl.core.paste.Stage;
import org.crispwhorl.core.species.PieceSort;
import org.crispwhorl.core.studio.Conditions;
import org.crispwhorl.core.studio.Pace;
import org.crispwhorl.core.studio.Spares;
import org.crispwhorl.core.studio.Watched;

/**
 * What happened at the bench, work by work, and what it teaches. Everything is held against what is reckoned without any lesson, so
 * that a lesson that was taken is not learnt twice.
 *
 * @param entries the latest first
 * @param remarks what was written down of no work in particular, the latest first
 * @param drying of each clock of each medium that was looked at
 * @param pace of each operation that was timed
 * @param breakage of all that was counted
 * @param roller of the studio's roller; none where no sheet was measured
 */
public record Book(
        List<Entry> entries,
        List<Remark> remarks,
        List<DryingLesson> drying,
        List<PaceLearnt> pace,
        BreakageLesson breakage,
        Optional<RollerLearnt> roller) {
    public Book {
        entries = List.copyOf(entries);
        remarks = List.copyOf(remarks);
        drying = List.copyOf(drying);
        pace = List.copyOf(pace);
    }

    /**
     * An order that was on the bench.
     *
     * @param id unique among orders
     * @param conditions under which it was planned
     * @param zone of the studio, by whose clock its times are told
     * @param room as it was at a moment, where that was measured
     */
    public record Worked(
            String id,
            String name,
            List<OrderSheet.Line> lines,
            Conditions conditions,
            Collection<BenchEvent> events,
            ZoneId zone,
            Function<LocalDateTime, Optional<Room>> room) {
        public Worked {
            events = BenchEvent.standing(events);
        }

        /** A moment by the studio's clock. */
        LocalDateTime local(Instant moment) {
            return LocalDateTime.ofInstant(moment, zone);
        }
    }

    /**
     * Something that was written down.
     *
     * @param told in the maker's words: what it comes to, where it was measured
     */
    public record Written(LocalDateTime at, BenchRecord said, String told) {}

    /** Something that was written down of no work in particular. */
    public record Remark(String order, Written written) {}

    /**
     * One sitting as it was.
     *
     * @param id unique in the book
     * @param medium of what was worked
     * @param at when it was done; when it was touched last where it is not
     * @param minutes from its first touch to done; none where it was not timed
     * @param reckonedMin by the studio's hand, without the book
     * @param timed whether its minutes teach anything: it was not left lying
     * @param looks while it dried
     * @param skin looks while it lay open
     * @param written what was measured and noted of it
     * @param room as it was then, where that was measured
     * @param leftOut whether the maker left it out
     */
    public record Entry(
            String id,
            String order,
            String species,
            String task,
            Medium medium,
            LocalDateTime at,
            Optional<Double> minutes,
            double reckonedMin,
            boolean timed,
            int good,
            int broke,
            List<Looked> looks,
            List<Looked> skin,
            List<Written> written,
            Optional<Room> room,
            boolean leftOut) {
        public Entry {
            looks = List.copyOf(looks);
            skin = List.copyOf(skin);
            written = List.copyOf(written);
        }
    }

    /**
     * What was seen of a stage of drying.
     *
     * @param reckonedH median hours without the book
     * @param notYetH when it was last found not to be there
     * @param readyH when it was found to be there
     */
    public record Looked(Stage stage, double reckonedH, Optional<Double> notYetH, Optional<Double> readyH) {
        RateLearnt.Seen seen() {
            return new RateLearnt.Seen(
                    notYetH.orElse(0.0) / reckonedH,
                    readyH.map(h -> h / reckonedH).orElse(Double.POSITIVE_INFINITY));
        }
    }

    /** What looks say of one of the clocks of a medium. */
    public record DryingLesson(Medium medium, Watched.DryingClock clock, int looks, RateLearnt rate) {
        /**
         * As the studio goes by it. However long a medium was watched, pieces and eyes differ by what a single look is out: safe times
         * do not shrink below that.
         */
        public Watched watched() {
            return new Watched(
                    medium,
                    clock,
                    Math.round(100 * rate.factor()) / 100.0,
                    Math.max(RateLearnt.NOISE, rate.sigma()),
                    looks);
        }
    }

    /**
     * What was counted.
     *
     * @param broken pieces
     * @param whole pieces
     * @param beforeShare that was reckoned to break before any record
     * @param share that breaks with it
     * @param sorts by sort of pieces
     * @param parts where it broke, the most first
     */
    public record BreakageLesson(
            int broken, int whole, double beforeShare, double share, List<SortBroke> sorts, List<Broke> parts) {
        public BreakageLesson {
            sorts = List.copyOf(sorts);
            parts = List.copyOf(parts);
        }
    }

    /**
     * Pieces of a sort.
     *
     * @param share that breaks with them
     * @param low below which that lies with a chance of 10 %
     * @param high above which it lies with a chance of 10 %
     */
    public record SortBroke(PieceSort sort, int broken, int whole, double share, double low, double high) {
        static SortBroke of(PieceSort sort, int broken, int whole) {
            Spares spares = Spares.UNRECORDED.after(broken, whole);
            return new SortBroke(
                    sort, broken, whole, spares.meanShare(), spares.shareBelow(0.1), spares.shareBelow(0.9));
        }
    }

    /** Pieces of a part. */
    public record Broke(String species, String part, PieceSort sort, int broken, int whole) {}

    /**
     * @param hand of the studio, which pace is held against
     * @param leftOut ids of entries that teach nothing
     * @param roller of the studio, which sheets are held against
     */
    public static Book of(
            Collection<Worked> orders, Pace.Hand hand, Collection<String> leftOut, Optional<RollerMachine> roller) {
        Pages pages = new Pages(hand, leftOut, roller);
        orders.forEach(pages::take);
        return pages.book();
    }
}
