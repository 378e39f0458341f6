package org.crispwhorl.core.calendar;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.drying.RoomAhead;
import org.crispwhorl.core.order.Order;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

/** What a maker finds in the morning, read off the plans and off what was touched. */
public class TodayTest {
    private Calendar calendar;
    private List<InOneGo> sittings;

    @BeforeClass
    public void plan() {
        calendar = Ask.of(3, 2).calendar();
        sittings = InOneGo.of(calendar);
    }

    private Today.Going going(List<Done> done) {
        return going(done, List.of());
    }

    private Today.Going going(List<Done> done, List<String> inHand) {
        Order order = new Order("supper", "", Ask.SATURDAY, 12, 100, List.of());
        Planned planned = new Planned(
                Ask.MONDAY.toInstant(ZoneOffset.UTC),
                order,
                StudioTime.USUAL,
                Optional.empty(),
                RoomAhead.STEADY,
                Optional.empty(),
                List.of(),
                List.of(),
                calendar,
                Published.FIRST,
                Optional.empty());
        return new Today.Going("1", "supper", Ask.SATURDAY, Optional.of(planned), done, inHand);
    }

    /** What hands have begun on is said to be begun, though nothing of it is done. */
    @Test
    public void whatIsInHandIsBegun() {
        LocalDateTime morning = sittings.get(0).from();
        String first = sittings.get(0).uids().get(0);
        Today today = Today.of(List.of(going(List.of(), List.of(first))), morning);
        assertTrue(today.next().get(0).begun() && today.promises().get(0).begun());
        assertEquals(today.next().get(0).begin(), first);
        assertTrue(today.next().stream().skip(1).noneMatch(Today.NextSitting::begun));
    }

    private static List<Done> asPlanned(Calendar calendar, LocalDateTime until) {
        return calendar.tasks().stream()
                .filter(s -> !s.to().isAfter(until))
                .map(s -> new Done(s.uid(), s.from(), s.to()))
                .toList();
    }

    @Test
    public void inTheMorningTheFirstDayIsThere() {
        LocalDateTime morning = sittings.get(0).from().toLocalDate().atTime(7, 0);
        Today today = Today.of(List.of(going(List.of())), morning);
        assertEquals(today.next().get(0).sitting(), sittings.get(0));
        assertTrue(today.next().stream().noneMatch(n -> n.late() || n.begun()));
        long days = today.next().stream()
                .map(n -> n.sitting().from().toLocalDate())
                .distinct()
                .count();
        assertEquals(
                days,
                Math.min(
                        2,
                        calendar.tasks().stream()
                                .map(s -> s.from().toLocalDate())
                                .distinct()
                                .count()));
        assertTrue(today.drying().isEmpty(), "nothing was done");
        assertEquals(today.promises().get(0).odds(), calendar.odds());
    }

    @Test
    public void whatWasNotDoneIsLateAndStandsFirst() {
        LocalDateTime noon = sittings.get(1).to().plusMinutes(1);
        Today today = Today.of(List.of(going(List.of())), noon);
        assertTrue(today.next().get(0).late());
        assertEquals(today.next().get(0).sitting(), sittings.get(0));
    }

    @Test
    public void whatIsDoneDriesAndIsReadyAsMuchLaterAsItWasDone() {
        Calendar.PlacedTask dries = calendar.tasks().stream()
                .filter(s -> s.meanwhile().isPresent())
                .findFirst()
                .orElseThrow();
        LocalDateTime end = dries.to();
        Today asPlanned = Today.of(List.of(going(asPlanned(calendar, end))), end);
        assertEquals(
                of(asPlanned, dries.uid()).enough(),
                dries.meanwhile().orElseThrow().enough());
        List<Done> late = new ArrayList<>(asPlanned(calendar, end));
        late.removeIf(d -> d.uid().equals(dries.uid()));
        late.add(new Done(dries.uid(), dries.from(), end.plusMinutes(40)));
        Today later = Today.of(List.of(going(late)), end.plusMinutes(40));
        assertEquals(
                of(later, dries.uid()).enough(),
                dries.meanwhile().orElseThrow().enough().plusMinutes(40));
        assertFalse(later.next().stream().anyMatch(n -> n.begin().equals(dries.uid())), "it is done");
    }

    private static Today.StillDrying of(Today today, String uid) {
        return today.drying().stream()
                .filter(d -> d.uid().equals(uid))
                .findFirst()
                .orElseThrow();
    }

    @Test
    public void whatIsBegunIsGoneOnWithWhereItWasLeft() {
        InOneGo woven =
                sittings.stream().filter(s -> s.uids().size() > 1).findFirst().orElseThrow();
        List<Done> some = new ArrayList<>(asPlanned(calendar, woven.from()));
        some.add(new Done(woven.uids().get(0), woven.from(), woven.from().plusMinutes(1)));
        Today.NextSitting next = Today.of(List.of(going(some)), woven.from().plusMinutes(2))
                .next()
                .get(0);
        assertTrue(next.begun());
        assertEquals(next.begin(), woven.uids().get(1));
    }

    @Test
    public void anOrderWithoutDaysIsPromisedAllTheSame() {
        Today today = Today.of(
                List.of(new Today.Going("2", "later", Ask.SATURDAY, Optional.empty(), List.of(), List.of())),
                Ask.MONDAY);
        assertFalse(today.promises().get(0).planned());
        assertTrue(today.next().isEmpty());
    }
}
