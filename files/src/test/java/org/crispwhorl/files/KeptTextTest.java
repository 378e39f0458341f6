package org.crispwhorl.files;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import org.crispwhorl.core.colour.ColourForm;
import org.crispwhorl.core.drawer.ColourPot;
import org.crispwhorl.core.drawer.DrawerItem;
import org.crispwhorl.core.drawer.OwnFormer;
import org.crispwhorl.core.drawer.OwnPaste;
import org.crispwhorl.core.drawer.StamenBunch;
import org.crispwhorl.core.paste.Medium;
import org.crispwhorl.core.paste.Paste;
import org.crispwhorl.core.species.Ways;
import org.testng.annotations.Test;

public class KeptTextTest {
    @Test
    public void whatIsKeptSaysWhatItIsAndOfWhichVersion() {
        String kept = KeptText.WAYS.write(Ways.USUAL);
        assertTrue(kept.startsWith("{\"format\":\"crisp-whorl/ways\",\"version\":1,"), kept);
        assertEquals(KeptText.WAYS.read(kept), Ways.USUAL);
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

    /** A thing as version 1 kept it, without what it did not know. */
    private static String first(DrawerItem item, String unknown) {
        String now = KeptText.DRAWER_ITEM.write(item);
        assertTrue(now.contains(unknown), now);
        return now.replace(unknown, "").replace(",\"price\":0.0", "").replace("\"version\":2", "\"version\":1");
    }

    @Test
    public void anotherThingOrANewerVersionIsRefusedByItsPlace() {
        String kept = KeptText.WAYS.write(Ways.USUAL);
        assertEquals(fault(kept.replace("\"version\":1", "\"version\":9")).pointer(), "/version");
        assertEquals(fault(kept.replace("/ways", "/taken")).pointer(), "/format");
        assertEquals(fault("{").pointer(), "");
        assertTrue(fault(kept.replace("\"board\"", "\"bord\"")).pointer().startsWith("/bo"));
    }

    private static DocumentFault.Fault fault(String text) {
        return expectThrows(DocumentFault.class, () -> KeptText.WAYS.read(text))
                .faults()
                .get(0);
    }
}
