package org.crispwhorl.core.drawer;

import java.util.Locale;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.studio.Watched;

/** How fast a medium was seen to dry: what drying is reckoned by from then on. */
@Text(label = "drying, as watched", means = "How fast a medium was seen to dry here: what drying is reckoned by.")
public record DryingRecord(
        @Text(label = "name", shortest = 1, longest = 60, means = "As written on it.")
        String name,

        @Text(label = "watched") Watched watched)
        implements DrawerItem {
    public DryingRecord {
        Limits.check(DryingRecord.class, name, watched);
    }

    @Override
    public String inShort() {
        return (watched.clock() == Watched.DryingClock.SKIN ? "skins " : "")
                + String.format(Locale.ROOT, "%.2f times as fast, %d looks", watched.factor(), watched.looks());
    }

    @Override
    public String howMuch() {
        return "";
    }
}
