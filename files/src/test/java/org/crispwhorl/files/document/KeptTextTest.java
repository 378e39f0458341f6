package org.crispwhorl.files.document;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.assessment.TaskKind;
import org.crispwhorl.core.calendar.StudioTime;
import org.crispwhorl.core.calendar.StudioTimeBuilder;
import org.crispwhorl.core.colour.ColourForm;
import org.crispwhorl.core.drawer.BreakageRecord;
import org.crispwhorl.core.drawer.ColourPot;
import org.crispwhorl.core.drawer.DrawerItem;
import org.crispwhorl.core.drawer.DryingRecord;
import org.crispwhorl.core.drawer.OwnFormer;
import org.crispwhorl.core.drawer.OwnPaste;
import org.crispwhorl.core.drawer.RollerMachine;
import org.crispwhorl.core.drawer.StamenBunch;
import org.crispwhorl.core.paste.Medium;
import org.crispwhorl.core.paste.Paste;
import org.crispwhorl.core.species.PieceSort;
import org.crispwhorl.core.species.Techniques;
import org.crispwhorl.core.studio.Pace;
import org.crispwhorl.core.studio.Watched;
import org.crispwhorl.core.work.Operation;
import org.testng.annotations.Test;

public class KeptTextTest {
    @Test
    public void whatIsKeptSaysWhatItIsAndOfWhichVersion() {
        String kept = KeptText.TECHNIQUES.write(Techniques.USUAL);
        assertTrue(kept.startsWith("{\"format\":\"crisp-whorl/techniques\",\"version\":4,"), kept);
        assertEquals(KeptText.TECHNIQUES.read(kept), Techniques.USUAL);
    }

    @Test
    public void whatAnOlderVersionKeptWithoutAnEnvelopeIsLifted() {
        DrawerItem bunch = new StamenBunch("pearl heads", 40, 2.5, 0.4);
        String bare = CraftJson.mapper().writerFor(DrawerItem.class).writeValueAsString(bunch);
        assertEquals(KeptText.DRAWER_ITEM.read(bare.replace("pearl", "pe\\u0007arl")), bunch);
    }

    @Test
    public void thingsOfTheFirstVersionAreHereAndFitAndWereNeverWeighed() {
        OwnFormer former = new OwnFormer("spoon", 6, 1, 2, 30, 9);
        assertEquals(
                KeptText.DRAWER_ITEM.read(first(former, ",\"lent\":1,\"worn\":2")), new OwnFormer("spoon", 6, 30, 9));
        ColourPot pot = new ColourPot("moss", 2, 4, "#35562c", ColourForm.DUST, ColourPot.Eaten.EDIBLE);
        assertEquals(((ColourPot) KeptText.DRAWER_ITEM.read(first(pot, ",\"grams\":4.0"))).grams(), 0, 0);
        OwnPaste paste = new OwnPaste("mine", 500, new Paste(Medium.GUM_FONDANT, 1.4, 72, 15, 4, 0.6));
        assertEquals(
                ((OwnPaste) KeptText.DRAWER_ITEM.read(first(paste, ",\"gumPct\":4.0"))).paste(),
                new Paste(Medium.GUM_FONDANT, 1.4, 72, 15, 2, 0.6));
    }

    /** The second version of a drawer knew of no sorts, of one clock, and of no drift. */
    @Test
    public void thingsOfTheSecondVersionWereCountedTogether() {
        assertEquals(
                KeptText.DRAWER_ITEM.read(
                        second(new BreakageRecord("petals", PieceSort.ANY, 3, 97), "\"sort\":\"any\",")),
                new BreakageRecord("petals", PieceSort.ANY, 3, 97));
        DryingRecord watched =
                new DryingRecord("book", new Watched(Medium.GUM_PASTE, Watched.DryingClock.BODY, 0.8, 0.3, 4));
        assertEquals(KeptText.DRAWER_ITEM.read(second(watched, "\"clock\":\"body\",")), watched);
        RollerMachine roller = new RollerMachine(
                "roller",
                1,
                140,
                List.of(new RollerMachine.RollerReading(1, 2.4), new RollerMachine.RollerReading(7, 0.6)));
        assertEquals(KeptText.DRAWER_ITEM.read(second(roller, "\"drift\":1.0,")), roller);
    }

    private static String second(DrawerItem item, String unknown) {
        String now = KeptText.DRAWER_ITEM.write(item);
        assertTrue(now.contains(unknown), now);
        return now.replace(unknown, "").replace("\"version\":3", "\"version\":2");
    }

    /** What the first versions of techniques and of a studio's time did not know changes nothing of what they said. */
    @Test
    public void techniquesAndTimeOfTheFirstVersionsSayWhatTheySaid() {
        String techniques = KeptText.TECHNIQUES.write(Techniques.USUAL.withGlue(Techniques.Glue.WATER));
        assertEquals(
                KeptText.TECHNIQUES.read(techniques
                        .replace(",\"driesIn\":\"cabinet\"", "")
                        .replace(",\"tape\":\"as-bought\"", "")
                        .replace("\"version\":4", "\"version\":1")
                        .replace("\"wireInside\"", "\"insertion\"")
                        .replace("\"as-in-nature\"", "\"faithful\"")
                        .replace("/techniques\"", "/ways\"")),
                Techniques.USUAL.withGlue(Techniques.Glue.WATER));
        String time = KeptText.TIME.write(StudioTime.USUAL.withMakers(2));
        assertEquals(
                KeptText.TIME.read(
                        time.replace(",\"quiet\":[],\"runsOn\":true", "").replace("\"version\":3", "\"version\":1")),
                StudioTime.USUAL.withMakers(2));
    }

    /** Minutes went by other units, and a maker who did everything still does. */
    @Test
    public void whatWasSetOfWorkIsLifted() {
        Pace pace = KeptText.PACE.read(
                "{\"format\":\"crisp-whorl/pace\",\"version\":1,\"body\":{\"hand\":\"fast\",\"own\":[{\"operation\":\"tape\",\"eachMin\":0.9}]}}");
        assertEquals(pace, new Pace(Pace.Hand.FAST, List.of(new Pace.Own(Operation.TAPE, 0.45))));
        List<TaskKind> all = List.of(TaskKind.values());
        StudioTime now = StudioTimeBuilder.builder(StudioTime.USUAL)
                .makers(2)
                .second(Optional.of(new StudioTime.SecondMaker(StudioTime.USUAL.week(), all)))
                .build();
        String before = KeptText.TIME.write(now).replace("\"version\":3", "\"version\":2");
        for (String later : List.of("colour", "see-to", "finish")) {
            before = before.replace(",\"" + later + "\"", "");
        }
        assertEquals(
                EnumSet.copyOf(KeptText.TIME.read(before).second().orElseThrow().can()), EnumSet.allOf(TaskKind.class));
    }

    /** A thing as version 1 kept it, without what it did not know. */
    private static String first(DrawerItem item, String unknown) {
        String now = KeptText.DRAWER_ITEM.write(item);
        assertTrue(now.contains(unknown), now);
        return now.replace(unknown, "").replace(",\"price\":0.0", "").replace("\"version\":3", "\"version\":1");
    }

    @Test
    public void anotherThingOrANewerVersionIsRefusedByItsPlace() {
        String kept = KeptText.TECHNIQUES.write(Techniques.USUAL);
        assertEquals(fault(kept.replace("\"version\":4", "\"version\":9")).pointer(), "/version");
        assertEquals(fault(kept.replace("/techniques", "/taken")).pointer(), "/format");
        assertEquals(fault("{").pointer(), "");
        assertTrue(fault(kept.replace("\"board\"", "\"bord\"")).pointer().startsWith("/bo"));
    }

    private static DocumentFault.Fault fault(String text) {
        return expectThrows(DocumentFault.class, () -> KeptText.TECHNIQUES.read(text))
                .faults()
                .get(0);
    }
}
