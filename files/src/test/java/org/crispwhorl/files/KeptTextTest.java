package org.crispwhorl.files;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import org.crispwhorl.core.drawer.DrawerItem;
import org.crispwhorl.core.drawer.StamenBunch;
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
