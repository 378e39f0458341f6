package org.crispwhorl.core.species;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotEquals;

import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.Garden;
import org.crispwhorl.core.colour.Colouring;
import org.crispwhorl.core.form.FlowerForm;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What is said to change nothing changes nothing, and what is not said to does. */
public class IdleFieldsTest {
    private static final String SEAT = "pieces/place/onStemMm";
    private static final String LEAN = "pieces/opensDeg";

    private static Pieces laid(Attachment attachment) {
        return Garden.petals(5, 30, 24, 40).with(d -> {
            d.attachment = attachment;
            d.former = Optional.empty();
            d.joining = Joining.of(Joining.As.SOFT, Joining.Onto.SOFT);
        });
    }

    @DataProvider
    public Object[][] attachments() {
        return new Object[][] {
            {new Attachment.Glued(0.4, 0.6, Optional.empty())},
            {new Attachment.Glued(0.4, 0.6, Optional.of(new Attachment.Glued.Reach(2)))},
            {new Attachment.Glued(0.4, 1, Optional.empty())},
            {new Attachment.Threaded(0.2, 0.4)},
            {Garden.WIRED},
        };
    }

    private static double[] form(Pieces pieces) {
        FlowerForm form = Garden.form(
                Garden.species(60, Garden.ball(12), new Ring("r", "r", Garden.PINK.id(), pieces, Colouring.NONE)));
        return new double[] {form.faceMm(), form.heightsMm()[0], form.heightsMm()[1]};
    }

    @Test(dataProvider = "attachments")
    public void aFieldIsIdleJustWhereItChangesNothing(Attachment attachment) {
        Pieces pieces = laid(attachment);
        List<String> idle = new Ring("r", "r", Garden.PINK.id(), pieces, Colouring.NONE).idle();
        double[] before = form(pieces);
        double[] seated = form(pieces.with(d -> d.place = new Place(d.place.rule(), d.place.turnDeg(), 2)));
        double[] leaning = form(pieces.withOpensDeg(pieces.opensDeg() + 20));
        same(idle.contains(SEAT), before, seated);
        same(idle.contains(LEAN), before, leaning);
    }

    private static void same(boolean idle, double[] before, double[] after) {
        if (idle) {
            assertEquals(after, before, 1e-9);
        } else {
            assertNotEquals(after, before);
        }
    }
}
