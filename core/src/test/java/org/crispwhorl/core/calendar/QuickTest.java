package org.crispwhorl.core.calendar;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import org.testng.annotations.Test;

/** The plan that an order shows at once: by the same rules as one that was searched for. */
public class QuickTest {
    @Test
    public void aQuickPlanKeepsWhatAPlanKeeps() {
        Ask ask = Ask.of(4, 3);
        Calendar quick = ask.quick();
        Kept.everything(ask, quick);
        assertEquals(quick.tasks().size(), ask.calendar().tasks().size(), "the same work");
        assertTrue(quick.inSittings());
        assertTrue(quick.odds().isPresent());
    }

    @Test
    public void whereThereIsNoTimeItSaysSoAndClaimsNoMore() {
        Calendar late = Ask.of(4, 3).from(Ask.SATURDAY.minusHours(5)).quick();
        assertTrue(
                late.limit().orElseThrow().contains("before now"), late.limit().orElseThrow());
        Calendar tight = Ask.of(9, 9).from(Ask.SATURDAY.minusHours(34)).quick();
        assertTrue(tight.tasks().isEmpty());
        assertTrue(tight.helps().isEmpty(), "what would help is searched for when the days are planned");
    }

    @Test
    public void whatBettersAPlanIsLikelierThanItIs() {
        Ask ask = Ask.of(7, 4).from(Ask.SATURDAY.minusHours(60));
        Bettering.WhatBetters found = ask.better();
        int now = found.inHundred().orElseThrow();
        assertTrue(now < 95, "it is tight: " + now);
        assertFalse(found.better().isEmpty());
        found.better().forEach(b -> assertTrue(b.inHundred() > now, b.toString()));
        assertTrue(found.better().get(0).inHundred()
                >= found.better().get(found.better().size() - 1).inHundred());
        assertTrue(
                found.better().stream().anyMatch(b -> b.change().handOver().isPresent()),
                "a day more is always likelier: " + found);
    }

    @Test
    public void aDayThatIsLostMakesItLessLikely() {
        Odds odds = Ask.of(4, 3).calendar().odds().orElseThrow();
        assertFalse(odds.lost().isEmpty());
        odds.lost().forEach(l -> assertTrue(l.inHundred() <= odds.inHundred() + 2, l + " of " + odds.inHundred()));
        assertTrue(odds.lost().stream().anyMatch(l -> l.inHundred() < odds.inHundred()), odds.toString());
    }
}
